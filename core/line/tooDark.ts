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
  const [a, b] = i < 0 ? [steps.length - 2, steps.length - 1] : [Math.max(0, i - 1), i];
  const [from, to] = [steps[a] ?? limit, steps[b] ?? limit];
  // What was worked out ends soon after its good time: from there it goes on as it went last.
  if (to <= from) return i < 0 ? null : Math.max(cookTime_s.to, every_s * b);
  return Math.max(cookTime_s.to, every_s * (a + (limit - from) / (to - from)));
};
