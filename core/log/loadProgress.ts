import type { Did, LoadEvent, Observation, SEEN, SIGNALS } from './loadEvent.ts';

export type LoadPhase = 'ready' | 'poured' | 'cooking' | 'opened';

/** A load as its log tells it; derived, never stored. */
export type LoadProgress = {
  readonly phase: LoadPhase;
  /** On the clock as it is now: earlier instants are moved by the jumps noticed since. */
  readonly pouredAt: number | null;
  readonly closedAt: number | null;
  readonly turnedAt: number | null;
  readonly openedAt: number | null;
  readonly signals: readonly { readonly signal: (typeof SIGNALS)[number]; readonly at: number }[];
  readonly peeks: readonly { readonly at: number; readonly seen: (typeof SEEN)[number] | null }[];
  /** What was really done, as far as anybody said. */
  readonly did: Did;
  /** The last word on each thing that was observed. */
  readonly observations: readonly Observation[];
  /** The event that "undo" would take back. */
  readonly lastUndoable: LoadEvent | null;
};

const observationKey = (o: Observation): string => `${o.kind}/${o.mould}/${o.kind === 'tawny' || o.kind === 'lightness' ? o.side : ''}`;

/** Events that still stand, with their instants on the newest clock. */
const standing = (events: readonly LoadEvent[]): LoadEvent[] => {
  const undone = new Set(events.flatMap((event) => (event.kind === 'undone' ? [event.data.seq] : [])));
  let shift = 0;
  const shifted: LoadEvent[] = [];
  for (let i = events.length - 1; i >= 0; i--) {
    const event = events[i]!;
    if (undone.has(event.seq)) continue;
    if (event.kind === 'corrected') shift += event.data.jump_ms;
    else if (event.kind !== 'undone') shifted.push({ ...event, at: event.at + shift });
  }
  return shifted.reverse();
};

/** Folds the log of one load, in order of `seq`. Pure: the same log gives the same state. */
export const loadProgress = (log: readonly LoadEvent[]): LoadProgress => {
  const events = standing(log);
  const last = (kind: LoadEvent['kind']): number | null => events.findLast((event) => event.kind === kind)?.at ?? null;
  const closedAt = last('closed');
  const openedAt = last('opened');
  const pouredAt = last('poured');
  const observations = new Map<string, Observation>();
  for (const event of events) if (event.kind === 'logged') observations.set(observationKey(event.data), event.data);
  const undoable = events[events.length - 1] ?? null;
  return {
    phase: openedAt !== null ? 'opened' : closedAt !== null ? 'cooking' : pouredAt !== null ? 'poured' : 'ready',
    pouredAt,
    closedAt,
    turnedAt: last('turned'),
    openedAt,
    signals: events.flatMap((event) => (event.kind === 'signal' ? [{ signal: event.data.signal, at: event.at }] : [])),
    peeks: events.flatMap((event) => (event.kind === 'peeked' ? [{ at: event.at, seen: event.data.seen ?? null }] : [])),
    did: events.reduce<Did>((said, event) => (event.kind === 'poured' || event.kind === 'did' ? { ...said, ...event.data } : said), {}),
    observations: [...observations.values()],
    lastUndoable: undoable === null ? null : (log.find((event) => event.seq === undoable.seq) ?? null),
  };
};
