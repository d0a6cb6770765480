import { mean, seededRandom } from '../basis/index.ts';

export type Against = {
  /** Mean of the first less mean of the second. */
  readonly difference: number;
  /** How often chance alone, sharing the same values out anew, makes as large a difference either way, 0–1. */
  readonly byChance: number;
};

/** Fewer of either say nothing. */
export const LEAST_EACH = 3;
const SHUFFLES = 4000;
const SEED = 977;
/** Differences that are the same but for rounding. */
const SAME = 1e-9;

/** Two groups of values against one another by a permutation test (Fisher 1935; 4,000 seeded shuffles). Null: too few of either. */
export const against = (first: readonly number[], second: readonly number[]): Against | null => {
  if (first.length < LEAST_EACH || second.length < LEAST_EACH) return null;
  const difference = mean(first) - mean(second);
  const random = seededRandom(SEED);
  const all = [...first, ...second];
  let asLarge = 0;
  for (let shuffle = 0; shuffle < SHUFFLES; shuffle++) {
    // So many of all, drawn without putting back, stand for the first group.
    for (let i = 0; i < first.length; i++) {
      const j = i + random.below(all.length - i);
      [all[i], all[j]] = [all[j]!, all[i]!];
    }
    const drawn = mean(all.slice(0, first.length)) - mean(all.slice(first.length));
    if (Math.abs(drawn) >= Math.abs(difference) - SAME) asLarge++;
  }
  // What was seen is one of the ways: never nought.
  return { difference, byChance: (asLarge + 1) / (SHUFFLES + 1) };
};
