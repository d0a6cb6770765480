import type { HandTask } from './hands.ts';

/** Pairs of hands at the irons, at the most. */
export const MOST_HANDS = 4;

/** One more pair of hands for a while: instants, epoch ms. */
export type Helper = { readonly from: number; readonly until: number };

/** Beyond any morning, s. */
const EVER_S = 1e6;

/** Whether the helper is there at an instant, epoch ms. */
export const isThere = ({ from, until }: Helper, at: number): boolean => at >= from && at < until;

/**
 * When the helper's hands are not there, as what keeps them; on the clock of a plan that is served `anchor_s` after its first pour. An `until` that isn't
 * after `from`: they never are.
 */
export const awayTasks = ({ from, until }: Helper, serveAt: number, anchor_s: number): readonly HandTask[] => {
  const [from_s, until_s] = [(from - serveAt) / 1000 + anchor_s, (until - serveAt) / 1000 + anchor_s];
  if (until_s <= from_s) return [{ from_s: -EVER_S, to_s: EVER_S }];
  return [
    { from_s: -EVER_S, to_s: from_s },
    { from_s: until_s, to_s: EVER_S },
  ];
};
