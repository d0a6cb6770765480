import { clamp } from '../basis/index.ts';
import type { BatterProperties, Iron } from '../plate/index.ts';
import { cookedVolume_mL, portion } from '../plate/index.ts';

/** Lightness of a piece from 1 (airy) to 5 (dense), by what a millilitre of it weighs: 0.30 g at 1, 0.70 g at 5 (*common practice*: 0.3–0.7). */
const AT_ONE_G_PER_ML = 0.3;
const PER_STEP_G_PER_ML = 0.1;

export const densityOfLightness = (step: number): number => AT_ONE_G_PER_ML + (step - 1) * PER_STEP_G_PER_ML;
export const lightnessOfDensity = (density_gPerML: number): number =>
  clamp(1 + (density_gPerML - AT_ONE_G_PER_ML) / PER_STEP_G_PER_ML, 1, 5);

/** The most air a batter can be made to hold, share of its volume. */
const MOST_AIR = 0.75;

/**
 * How much air the batter would have to hold for pieces of this density, with the usual fill and the same share of water lost; null: no
 * whipping brings it. `batterWith`: the same batter with another share of air.
 */
export const airForDensity = (
  density_gPerML: number,
  iron: Iron,
  lost: number,
  batterWith: (airFraction: number) => BatterProperties,
): { readonly airFraction: number; readonly batter: BatterProperties } | null => {
  const densityAt = (airFraction: number): number => {
    const batter = batterWith(airFraction);
    const { portion_g, portion_mL } = portion(iron, batter);
    return (portion_g * (1 - lost)) / cookedVolume_mL(iron, batter, portion_mL);
  };
  if (densityAt(0) < density_gPerML || densityAt(MOST_AIR) > density_gPerML) return null;
  let [little, much] = [0, MOST_AIR];
  for (let i = 0; i < 20; i++) {
    const middle = (little + much) / 2;
    if (densityAt(middle) > density_gPerML) little = middle;
    else much = middle;
  }
  return { airFraction: little, batter: batterWith(little) };
};
