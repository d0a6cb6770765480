import type { Kit } from './kit.ts';

export type ScoopAdvice = {
  readonly scoopId: string;
  readonly name: string;
  readonly count: number;
  readonly volume_mL: number;
  /** Relative to what was wanted: −0.05 is 5 % short. */
  readonly off: number;
};

/** Nobody counts further while the lid stands open. */
const MOST_SCOOPS = 6;
/** One scoop more must bring it at least this much nearer. */
const WORTH_A_SCOOP = 0.015;
/** No scoop is heaped by more than that (*common practice*): of one that is too large the last part is left out instead. */
const MOST_HEAPED = 0.15;
const CANNOT_HEAP = 0.2;

/** The scoop of the kit, and how often, that comes nearest to a dose (mL > 0); null without scoops. */
export const nearestScoop = (dose_mL: number, scoops: Kit['scoops']): ScoopAdvice | null => {
  let best: ScoopAdvice | null = null;
  const cost = (advice: ScoopAdvice): number =>
    Math.abs(advice.off) + WORTH_A_SCOOP * advice.count + (advice.off < -MOST_HEAPED ? CANNOT_HEAP : 0);
  for (const scoop of scoops)
    for (let count = 1; count <= MOST_SCOOPS; count++) {
      const volume_mL = count * scoop.volume_mL;
      const tried = { scoopId: scoop.id, name: scoop.name, count, volume_mL, off: volume_mL / dose_mL - 1 };
      if (best === null || cost(tried) < cost(best)) best = tried;
    }
  return best;
};
