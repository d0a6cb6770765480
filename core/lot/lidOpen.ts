import { TAKES_OUT, TURNAROUND } from '../cook/index.ts';
import { loadProgress } from '../log/index.ts';
import type { ToldLoad } from './history.ts';

/** Kitchens differ by so much in how long a lid stands open, and one pour from another; in the logarithm of the time (*common practice*). */
const KITCHEN_SD = 0.35;
const POUR_SD = 0.4;
/** The median of many scatters more than their mean, by π/2 in its square. */
const MEDIAN_COSTS = Math.PI / 2;
/** Fewer say nothing. */
const LEAST_POURS = 5;
/** Quicker, both touches came after the work; longer than so many times the usual, something came between (*common practice*). */
const LEAST_S = 2;
const MOST_TIMES = 4;

const USUAL_POUR_S = (1 - TAKES_OUT) * TURNAROUND.open_s;

/**
 * How long the lid of this iron stands open between two loads, s, by how long pouring took in its loads: from the touch "poured" to the touch "closed".
 * What is usual counts as well, the less the more pours are known. Null: too few are.
 */
export const lidOpen_s = (loads: readonly Pick<ToldLoad, 'log'>[]): number | null => {
  const pours = loads.flatMap(({ log }): number[] => {
    const { pouredAt, closedAt } = loadProgress(log);
    const took_s = pouredAt === null || closedAt === null ? 0 : (closedAt - pouredAt) / 1000;
    return took_s < LEAST_S || took_s > MOST_TIMES * USUAL_POUR_S ? [] : [Math.log(took_s / USUAL_POUR_S)];
  });
  if (pours.length < LEAST_POURS) return null;
  const sorted = pours.sort((a, b) => a - b);
  const half = sorted.length / 2;
  const median = (sorted[Math.ceil(half) - 1]! + sorted[Math.floor(half)]!) / 2;
  const known = pours.length / (MEDIAN_COSTS * POUR_SD ** 2);
  const usual = 1 / KITCHEN_SD ** 2;
  return Math.round(TURNAROUND.open_s * Math.exp((median * known) / (known + usual)));
};
