import { GAS_CONSTANT, saturationPressure_Pa, waterActivity, WATER_KG_PER_MOL } from '../matter/index.ts';
import { KELVIN_OFFSET } from '../basis/index.ts';
import type { Column, Medium } from './medium.ts';
import type { ColumnTrace } from './simulate.ts';
import type { Face } from './step.ts';
import { step, workspace } from './step.ts';

/** Heat goes by convection and by radiation; vapour only with the convection (Lewis relation, moist air near 50 °C). */
type Film = { readonly convection_WPerM2K: number; readonly radiation_WPerM2K: number };
/**
 * Still air round a piece on a rack: 5 over it and 2.5 at its sides in ISO 6946, annex C (from memory); radiation 4·0.95·σ·T³ at 60 °C.
 */
const RACK: Film = { convection_WPerM2K: 4, radiation_WPerM2K: 8 };
const AIR_HEAT_PER_VOLUME = 1110;
const LEWIS_FACTOR = 1.1;
const FILM_C = 50;

/** Room air: what a piece on a rack breathes. */
export type Room = { readonly temperature_C: number; readonly humidity: number };

export const KITCHEN: Room = { temperature_C: 22, humidity: 0.5 };
/** The usual air, in a kitchen that is so warm. */
export const kitchenAir = (temperature_C: number): Room => ({ ...KITCHEN, temperature_C });

/** A face that breathes air of this temperature. An oven's air is the room's, warmed: its vapour stays what it was. */
export const breathing = (temperature_C: number, room: Room, { convection_WPerM2K, radiation_WPerM2K }: Film): Face => ({
  kind: 'air',
  temperature_C,
  h_WPerM2K: convection_WPerM2K + radiation_WPerM2K,
  vapour_Pa: room.humidity * saturationPressure_Pa(room.temperature_C),
  vapourConductance:
    ((convection_WPerM2K * LEWIS_FACTOR) / AIR_HEAT_PER_VOLUME) * (WATER_KG_PER_MOL / (GAS_CONSTANT * (FILM_C + KELVIN_OFFSET))),
});

export const roomFace = (room: Room): Face => breathing(room.temperature_C, room, RACK);

/** A column as it was at one second of a trace that kept its profiles. */
export const columnAt = (m: Medium, trace: ColumnTrace, second: number): Column => {
  const from = second * trace.n;
  return {
    n: trace.n,
    mirrored: trace.mirrored,
    share: trace.share,
    thickness_m: trace.thickness_m,
    size_m: trace.size_m,
    dry_kgPerM2: trace.size_m.map((size) => size * m.dryDensity_kgPerM3),
    T: Float64Array.from(trace.T.subarray(from, from + trace.n)),
    X: Float64Array.from(trace.X.subarray(from, from + trace.n)),
  };
};

const STEP_S = 2;

/** Lets a piece stand on a rack, both faces breathing, for `duration_s`; changes the columns in place. */
export const standOnRack = (m: Medium, columns: readonly Column[], room: Room, duration_s: number): void => {
  const air = roomFace(room);
  for (const c of columns) {
    const work = workspace(c.n);
    const top: Face = c.mirrored ? { kind: 'mirror' } : air;
    for (let t = 0; t < duration_s; t += STEP_S) step(m, c, work, air, top, STEP_S);
  }
};

/** Half of the crunch is gone here (0.35–0.50 for dry snacks: Katz & Labuza, J. Food Sci. 46:403–409, 1981). */
export const CRISP_WATER_ACTIVITY = 0.45;
/** Steepness of that loss: Fermi's form after Peleg (1994), from memory. */
const CRISP_SPREAD = 0.05;

const crunch = (waterActivity: number): number => 1 / (1 + Math.exp((waterActivity - CRISP_WATER_ACTIVITY) / CRISP_SPREAD));

/** Points between two cell middles at which the crunch is read, so that the layer grows smoothly over the grid. */
const READINGS = 6;

/** Layer under a face that crunches, m, mean of the faces: each depth counts by its crunch. */
export const crispLayer_m = (m: Medium, c: Column): number => {
  const activity = (i: number): number => waterActivity(m.batter.sorption, c.T[i]!, c.X[i]!);
  let layer = (c.size_m[0]! / 2) * crunch(activity(0));
  for (let i = 0; i + 1 < c.n; i++) {
    const here = activity(i);
    const next = activity(i + 1);
    const gap = (c.size_m[i]! + c.size_m[i + 1]!) / 2;
    for (let k = 0; k < READINGS; k++) layer += (gap / READINGS) * crunch(here + ((next - here) * (k + 0.5)) / READINGS);
  }
  layer += (c.size_m[c.n - 1]! / 2) * crunch(activity(c.n - 1));
  return c.mirrored ? layer : layer / 2;
};

/** *Calibrated*: the layer (mm per face) in the middle of the scale, as at a medium dial and step 4; and its steepness. */
const CRISP_MIDDLE_MM = 0.15;
const CRISP_STEEPNESS = 2.2;
/** Where a pocket is dry right through, more of it is hard rather than crisp: the layer counts up to about this. */
const CRISP_LAYER_LIMIT_MM = 0.6;

/** Seconds off the iron at which crispness is judged. */
export const JUDGED_AFTER_S = 120;

/** Water of a whole piece, kg per kg of dry mass. */
const meanWater = (columns: readonly Column[]): number => {
  let [water, dry] = [0, 0];
  for (const c of columns)
    for (let i = 0; i < c.n; i++) {
      const mass = c.share * c.dry_kgPerM2[i]! * (c.mirrored ? 2 : 1);
      water += mass * c.X[i]!;
      dry += mass;
    }
  return dry > 0 ? water / dry : 0;
};

/**
 * Crispness 1–5, two minutes off the iron on a rack: from the crunching layer's thickness. A wafer is a millimetre or two thick and evens out as it
 * cools: what it is then depends on all of its water, by the water activity at which half of the crunch is gone.
 */
export const crispness = (m: Medium, columns: readonly Column[], dryThrough: boolean): number => {
  if (dryThrough) return 1 + 4 * crunch(waterActivity(m.batter.sorption, KITCHEN.temperature_C, meanWater(columns)));
  let layer_mm = 0;
  for (const c of columns) {
    const dry = crispLayer_m(m, c);
    layer_mm += c.share * CRISP_LAYER_LIMIT_MM * (1 - Math.exp((-dry * 1000) / CRISP_LAYER_LIMIT_MM));
  }
  return 1 + 4 / (1 + (CRISP_MIDDLE_MM / Math.max(1e-6, layer_mm)) ** CRISP_STEEPNESS);
};
