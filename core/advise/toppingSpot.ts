import { clamp } from '../basis/index.ts';
import { mix, tawnyStepOf } from '../matter/index.ts';
import type { BatterProperties, OnPlate } from '../plate/index.ts';
import { displaced_mL, meanThickness_m, risesTo, simulate, TOPPINGS } from '../plate/index.ts';
import type { Cooked, CookInput } from '../cook/index.ts';

/** A place where a piece of it lies, beside the plain batter around, both when the load is opened at its best. */
export type ToppingSpot = {
  /** Tawny step of the paler face. */
  readonly tawny: number;
  readonly aroundTawny: number;
  /** Water in the wettest place, share of its mass. */
  readonly water: number;
  readonly aroundWater: number;
  readonly isSet: boolean;
  /** How much later than the rest it has set, s; null: not within the load. */
  readonly later_s: number | null;
};

/** Of the gap's height, a piece takes half where it lies (estimated). */
const PIECE_SHARE = 0.5;
/** How much longer than the load the spot is followed, share. */
const AFTERWARDS = 1.6;

/**
 * The spot around a piece of topping, cooked between the same plates. `batterWith`: the load's batter with another composition. Berries
 * and fruit bring their water and sugar, nuts their fat and dryness; what melts is taken to stay where it lies.
 */
export const toppingSpotOf = (
  setup: CookInput,
  cooked: Cooked,
  onPlate: OnPlate,
  batterWith: (composition: BatterProperties['composition']) => BatterProperties | null,
): ToppingSpot | null => {
  const { machine, batter } = setup;
  const topping = TOPPINGS[onPlate.toppingId];
  const gap_m = meanThickness_m(machine);
  // kg per m² of heated face: the batter that is left of the gap, and the piece in it.
  const room_mL = setup.iron.geometry.cavity_mL - displaced_mL(onPlate);
  const plain = setup.portion_g / 1000 / machine.heatedArea_m2 / clamp(room_mL / setup.iron.geometry.cavity_mL, 0.2, 1);
  const batter_kg = plain * (1 - PIECE_SHARE);
  const piece_kg = gap_m * PIECE_SHARE * topping.density_gPerML * 1000;
  const composition = mix([
    { grams: batter_kg, composition: batter.composition },
    { grams: piece_kg, composition: topping.composition },
  ]);
  const mixed = composition === null ? null : batterWith(composition);
  if (mixed === null) return null;
  // It fills the gap whatever it swells by.
  const spot: BatterProperties = {
    ...mixed,
    swelling: Math.max(mixed.swelling, gap_m / ((batter_kg + piece_kg) / (mixed.density_gPerML * 1000))),
  };
  const { trace: around, window } = cooked;
  const { trace } = simulate({
    ...setup,
    batter: spot,
    portion_kg: (batter_kg + piece_kg) * machine.heatedArea_m2,
    duration_s: Math.min(around.seconds, Math.ceil(AFTERWARDS * window.best_s) + 5),
    follow: around,
  });
  const at = Math.min(trace.seconds, Math.round(window.best_s));
  const paler = (t: typeof trace, raw: number): number =>
    tawnyStepOf(Math.max(t.lowerLightness[at] ?? raw, t.upperLightness[at] ?? raw), raw);
  // The same starch has to set, sugar of the piece or not.
  const set_s = risesTo(trace.core_C, batter.setTemperature_C);
  return {
    tawny: paler(trace, batter.rawLightness),
    aroundTawny: paler(around, batter.rawLightness),
    water: trace.coreWater[at] ?? 0,
    aroundWater: around.coreWater[at] ?? 0,
    isSet: set_s !== null && set_s <= window.best_s,
    later_s: set_s === null || cooked.moments.coreSet_s === null ? null : set_s - cooked.moments.coreSet_s,
  };
};
