import type { Prediction } from '../../../core/log/index.ts';

/** The step that the model has for a load at this second; a load of an earlier version by a straight line. */
export const stepAt = (
  { browning, tawnyStep, cookTime_s }: Pick<Prediction, 'tawnyStep' | 'browning' | 'cookTime_s'>,
  seconds: number,
): number => {
  if (browning === undefined) return 1 + (tawnyStep - 1) * Math.min(1, seconds / cookTime_s.best);
  const { every_s, steps } = browning;
  const at = seconds / every_s;
  const low = Math.min(steps.length - 1, Math.floor(at));
  const [from, to] = [steps[low] ?? 1, steps[Math.min(steps.length - 1, low + 1)] ?? 1];
  return from + (to - from) * Math.min(1, at - low);
};
