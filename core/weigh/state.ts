import type { WeighEvent, Weighing } from './session.ts';

// Apart from the shapes of the rows, which the first paint does without.

/** Events that still stand: undone ones don't, nor do undos. */
const standing = (events: readonly WeighEvent[]): readonly WeighEvent[] => {
  const undone = new Set(events.flatMap((event) => (event.kind === 'undone' ? [event.data.seq] : [])));
  return events.filter((event) => event.kind !== 'undone' && !undone.has(event.seq));
};

/** What ended this weighing; undefined: it goes on. */
export const endOfWeighing = (events: readonly WeighEvent[]): WeighEvent | undefined =>
  standing(events).findLast(({ kind }) => kind === 'finished' || kind === 'abandoned');

export type WeighedStep = {
  readonly grams: number;
  readonly by: 'scale' | 'hand';
  readonly at: number;
  /** It went in before the lot was made larger: it may lack something now. */
  readonly beforeScaling: boolean;
};

export type WeighState = {
  /** Of the formula; grows when the rest is made to fit. */
  readonly factor: number;
  /** Grams by step; a step counts once it is here. */
  readonly weighed: ReadonlyMap<string, WeighedStep>;
  readonly worked: ReadonlySet<string>;
  readonly fills: ReadonlyMap<string, number>;
  readonly lotId: string | null;
  readonly isOver: boolean;
  /** The newest event that can be taken back; null when there is none. */
  readonly undoable: number | null;
};

/** A pure fold of the log; events that were undone don't count, nor do undos of undos. */
export const weighState = (weighing: Pick<Weighing, 'factor'>, events: readonly WeighEvent[]): WeighState => {
  const valid = standing(events);
  let { factor } = weighing;
  const weighed = new Map<string, WeighedStep>();
  const worked = new Set<string>();
  const fills = new Map<string, number>();
  let lotId: string | null = null;
  let isOver = false;
  for (const event of valid) {
    if (event.kind === 'weighed')
      weighed.set(event.data.stepId, { grams: event.data.grams, by: event.data.by, at: event.at, beforeScaling: false });
    else if (event.kind === 'worked') worked.add(event.data.stepId);
    else if (event.kind === 'filled') fills.set(event.data.stepId, (fills.get(event.data.stepId) ?? 0) + 1);
    else if (event.kind === 'scaled') {
      factor = event.data.factor;
      for (const [stepId, step] of weighed) weighed.set(stepId, { ...step, beforeScaling: true });
    } else if (event.kind === 'finished') {
      lotId = event.data.lotId;
      isOver = true;
    } else if (event.kind === 'abandoned') isOver = true;
  }
  return { factor, weighed, worked, fills, lotId, isOver, undoable: valid.at(-1)?.seq ?? null };
};

/** True when this step is behind the cook. */
export const isDone = (state: WeighState, step: { readonly kind: 'weigh' | 'work'; readonly id: string }): boolean =>
  step.kind === 'weigh' ? state.weighed.has(step.id) : state.worked.has(step.id);
