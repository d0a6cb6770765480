import type { BatterProperties } from './batter.ts';
import { expansion } from './batter.ts';
import { FILL_TOLERANCE } from './fillTolerance.ts';
import type { Iron } from './iron.ts';
import { plateMachine } from './iron.ts';
import { meanThickness_m } from './medium.ts';

export type Portion = {
  /** Batter for one load of the whole iron. */
  readonly portion_g: number;
  /** At its aerated density. */
  readonly portion_mL: number;
  readonly dose_g: number;
  /** Portions that neither miss a corner nor leak, g. */
  readonly fills_g: readonly [low: number, high: number];
};

/** What fills this iron: until it swells full, or as the iron's own pouring rule says. */
export const portion = (iron: Iron, batter: BatterProperties): Portion => {
  const { cavity_mL, moulds } = iron.geometry;
  const portion_mL =
    iron.pour.rule === 'share-of-cavity' ? cavity_mL * iron.pour.share : cavity_mL / expansion(batter, meanThickness_m(plateMachine(iron)));
  const portion_g = portion_mL * batter.density_gPerML;
  return {
    portion_g,
    portion_mL,
    dose_g: portion_g / moulds,
    fills_g: [portion_g * (1 - FILL_TOLERANCE.short), portion_g * (1 + FILL_TOLERANCE.over)],
  };
};

/** What a load swells to: the cavity, or less. */
export const cookedVolume_mL = (iron: Iron, batter: BatterProperties, poured_mL: number): number =>
  Math.min(iron.geometry.cavity_mL, poured_mL * expansion(batter, meanThickness_m(plateMachine(iron))));

/** How a portion of another size comes out: share of the cavity filled, and what leaks, g. */
export const fillOf = (full: Portion, poured_g: number) => {
  const share = poured_g / full.portion_g;
  return { share, missing: Math.max(0, 1 - share), leaked_g: Math.max(0, poured_g - full.fills_g[1]) };
};
