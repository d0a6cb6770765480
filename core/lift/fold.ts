import { clamp } from '../basis/index.ts';
import { WHITE_DENSITY } from './foam.ts';

export type FoldSetup = {
  /** Batter without the foam: g, g/mL, and its looseness. */
  readonly batter_g: number;
  readonly batterDensity_gPerML: number;
  readonly looseness: number;
  readonly foam_g: number;
  readonly foamDensity_gPerML: number;
  /** How often foam is added: the first is spent on loosening. */
  readonly additions: 1 | 2 | 3;
};

/** Strokes that even out streaks to 1/e, and that lose 1/e of the air, in a batter as thick as the foam likes (*calibrated to common practice*: ten to fifteen strokes). */
const STREAK_STROKES = 5.2;
const AIR_STROKES = 36;

const thickness = (looseness: number): number => clamp(2.25 / looseness, 0.5, 2.5);

/** Streaks left after n strokes, 1 at first. More additions meet a looser batter each time. */
export const streaksLeft = (setup: FoldSetup, strokes: number): number => {
  const ease = { 1: 1, 2: 0.86, 3: 0.8 }[setup.additions];
  return Math.exp(-strokes / (STREAK_STROKES * thickness(setup.looseness) ** 0.35 * ease));
};

/** Share of the foam's air that is still there: the first addition gives its up, every stroke takes a little, more in a thick batter. */
export const airKept = (setup: FoldSetup, strokes: number): number => {
  const first = { 1: 0.06, 2: 0.2 * 0.5, 3: 0.2 * 0.5 }[setup.additions];
  const shock = setup.additions === 1 ? 0.1 * (thickness(setup.looseness) - 0.5) : 0;
  return Math.max(0, 1 - first - Math.max(0, shock)) * Math.exp(-(strokes * thickness(setup.looseness) ** 0.7) / AIR_STROKES);
};

/** White streaks that nobody minds (*common practice*: a few are fine). */
export const FINE_STREAKS = 0.1;

/** The stroke after which another one loses more than it evens out. */
export const bestStop = (setup: FoldSetup): number => {
  let strokes = 1;
  while (strokes < 80 && streaksLeft(setup, strokes) > FINE_STREAKS) strokes++;
  return strokes;
};

/** Density of the whole after folding, g/mL: volumes add up, with the air that was kept. */
export const foldedDensity = (setup: FoldSetup, strokes: number): number => {
  const liquid_mL = setup.foam_g / WHITE_DENSITY;
  const air_mL = Math.max(0, setup.foam_g / setup.foamDensity_gPerML - liquid_mL);
  const volume = setup.batter_g / setup.batterDensity_gPerML + liquid_mL + air_mL * airKept(setup, strokes);
  return (setup.batter_g + setup.foam_g) / volume;
};

export type CupCheck = {
  readonly density_gPerML: number;
  /** Volume share of air. */
  readonly airFraction: number;
  /** Of the foam's air, what was kept; null where nothing was folded in. */
  readonly kept: number | null;
};

/** Weighing one level cup: grams, mL of the cup, density of the same batter without any air. */
export const cupCheck = (grams: number, cup_mL: number, airlessDensity_gPerML: number, setup: FoldSetup | null): CupCheck => {
  const density = grams / cup_mL;
  const airFraction = clamp(1 - density / airlessDensity_gPerML, 0, 0.85);
  if (setup === null) return { density_gPerML: density, airFraction, kept: null };
  const total_g = setup.batter_g + setup.foam_g;
  const liquid_mL = setup.foam_g / WHITE_DENSITY;
  const air_mL = Math.max(1e-9, setup.foam_g / setup.foamDensity_gPerML - liquid_mL);
  const kept = (total_g / density - setup.batter_g / setup.batterDensity_gPerML - liquid_mL) / air_mL;
  return { density_gPerML: density, airFraction, kept: clamp(kept, 0, 1) };
};
