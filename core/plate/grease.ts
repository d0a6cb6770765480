import type { BatterProperties } from './batter.ts';
import type { Iron } from './iron.ts';

export type Grease = 'every-load' | 'first-load' | 'every-pocket' | 'film' | 'none';

/** Batter with this much fat greases the plate itself from the second load on (*common practice*). */
const GREASES_ITSELF = 0.08;
/** So little fat sticks even to a coating. */
const LEAN = 0.03;
/** Sugar-rich batter glues (share of the batter). */
const GLUES = 0.2;

/**
 * Whether to grease before this load (*common practice*): every pocket of a pan that is turned; bare plates every time, or only first
 * when the batter holds butter; a coating only where the batter is lean or very sweet. Too much is as bad as none.
 */
export const greaseFor = (iron: Iron, batter: BatterProperties, load: number): Grease => {
  const { fat, sucrose, reducing } = batter.composition;
  if (iron.turned) return 'every-pocket';
  if (iron.coating === 'bare') {
    if (fat < GREASES_ITSELF) return 'every-load';
    return load <= 1 ? 'first-load' : 'none';
  }
  return (fat < LEAN || sucrose + reducing > GLUES) && load <= 1 ? 'film' : 'none';
};
