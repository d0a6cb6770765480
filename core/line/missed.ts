import type { LoadProgress } from '../log/index.ts';

/** A touch that somebody must have forgotten, or made while nobody counted: what it would be, and when it was due. */
export type MissedTouch = { readonly act: 'close' | 'open'; readonly dueAt: number };

/** A lid that was due so long ago wasn't left shut: twice its time, and this many seconds at the least. */
const LEFT_SHUT = 2;
const LEAST_S = 300;
/** Nobody leaves a lid open over batter for so long, s. */
const LEFT_OPEN_S = 300;
/** Usually a lid is closed so long after the pour, s (*common practice*). */
const CLOSES_AFTER_S = 10;

/**
 * What was missed of a load: the device slept, its battery was dead, or the touch was forgotten. Null: nothing. `best_s`: its promised moment from the
 * closed lid; null: nothing was promised. `now`: epoch ms.
 */
export const missedTouch = (
  { phase, pouredAt, closedAt }: Pick<LoadProgress, 'phase' | 'pouredAt' | 'closedAt'>,
  best_s: number | null,
  now: number,
): MissedTouch | null => {
  if (phase === 'poured' && pouredAt !== null && now - pouredAt > 1000 * LEFT_OPEN_S)
    return { act: 'close', dueAt: pouredAt + 1000 * CLOSES_AFTER_S };
  if (phase !== 'cooking' || closedAt === null || best_s === null) return null;
  const gone_s = (now - closedAt) / 1000;
  return gone_s > Math.max(LEFT_SHUT * best_s, best_s + LEAST_S) ? { act: 'open', dueAt: closedAt + 1000 * best_s } : null;
};
