import { seededRandom } from '../basis/index.ts';
import type { RunPlan } from '../run/index.ts';

/** Somebody comes in who wasn't announced, at this instant. */
export type Surprise = { readonly id: string; readonly at: number; readonly guests: number };

const LEAST = 2;
const MOST = 6;

/** Two such parties in a morning, in its second and in its third quarter. The same seed, the same guests. */
export const surprisesOf = (
  seed: number,
  { startAt, firstPourAt, lastPlateAt }: Pick<RunPlan, 'startAt' | 'firstPourAt' | 'lastPlateAt'>,
): readonly Surprise[] => {
  const random = seededRandom(seed + 1);
  const from = Math.max(startAt, firstPourAt);
  return [0.25, 0.55].map((share, i) => ({
    id: `guests-${i}`,
    at: Math.round(from + (share + 0.2 * random.next()) * (lastPlateAt - from)),
    guests: LEAST + random.below(MOST - LEAST + 1),
  }));
};
