import type { WeighEvent } from './session.ts';

// Apart from the shapes of the rows, which the first paint does without.

/** Events that still stand: undone ones don't, nor do undos. */
export const standing = (events: readonly WeighEvent[]): readonly WeighEvent[] => {
  const undone = new Set(events.flatMap((event) => (event.kind === 'undone' ? [event.data.seq] : [])));
  return events.filter((event) => event.kind !== 'undone' && !undone.has(event.seq));
};

/** What ended this weighing; undefined: it goes on. */
export const endOfWeighing = (events: readonly WeighEvent[]): WeighEvent | undefined =>
  standing(events).findLast(({ kind }) => kind === 'finished' || kind === 'abandoned');
