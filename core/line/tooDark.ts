import type { Prediction } from '../log/index.ts';

/** One step of eight is what a guest sees beside another piece (*common practice*). */
const DARKER_STEPS = 1;

/**
 * When a load is too dark to be saved: a whole step over what was expected of it, never before its good time is over.
 * @returns s from the closed lid; null: it doesn't get that dark, or nothing is known of how it browns.
 */
export const tooDark_s = ({
  browning,
  tawnyStep,
  cookTime_s,
}: Pick<Prediction, 'browning' | 'tawnyStep' | 'cookTime_s'>): number | null => {
  if (browning === undefined) return cookTime_s.to + Math.max(0, cookTime_s.to - cookTime_s.best);
  const { every_s, steps } = browning;
  const limit = tawnyStep + DARKER_STEPS;
  const i = steps.findIndex((step) => step >= limit);
  if (i < 0) return null;
  const [before, after] = [steps[i - 1] ?? limit, steps[i] ?? limit];
  const share = after === before ? 0 : (limit - before) / (after - before);
  return Math.max(cookTime_s.to, every_s * (Math.max(0, i - 1) + share));
};
