/** Shares of the time meant: an opening earlier or later than this is more likely a wrong touch (*common practice*: nobody takes a waffle out in a third of its time). */
const DOUBTFUL = { early: 0.35, late: 3 } as const;

/**
 * Whether an opening is asked about before it is believed.
 * @param cooked_s from the closed lid, s; below zero where a clock was set in between
 * @param meant_s the best moment that was promised, s from the closed lid, above 0
 */
export const isImplausibleOpening = (cooked_s: number, meant_s: number): boolean =>
  cooked_s < DOUBTFUL.early * meant_s || cooked_s > DOUBTFUL.late * meant_s;
