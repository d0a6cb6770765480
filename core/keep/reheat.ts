import { PUBLISHED } from '../safety/index.ts';
import type { ReheaterId, Reheats } from '../kit/index.ts';
import { USUAL_REHEATS } from '../kit/index.ts';
import {
  lightnessOfStep,
  PALE_RAW_LIGHTNESS,
  quickSaturationPressure_Pa,
  surfaceBrowningRate_perSecond,
  tawnyStepOf,
} from '../matter/index.ts';
import type { Heater, Slab } from './slab.ts';
import { slabTime_s } from './slab.ts';

/** How a piece is heated again, with the heat that comes to its faces (*common practice*; contact and moving air from memory of heat-transfer handbooks). */
export const REHEATERS = {
  toaster: { air_C: 260, h_WPerM2K: 40, faces: 'both' },
  oven: { air_C: USUAL_REHEATS.oven_C, h_WPerM2K: 22, faces: 'both' },
  'air-oven': { air_C: 180, h_WPerM2K: 45, faces: 'both' },
  iron: { air_C: 165, h_WPerM2K: 250, faces: 'both' },
  pan: { air_C: 160, h_WPerM2K: 200, faces: 'one' },
} as const satisfies Readonly<Record<ReheaterId, Heater>>;

/** The heat of one of them, an oven as hot as it is set. */
export const heaterOf = ({ by, oven_C }: Reheats): Heater => (by === 'oven' ? { ...REHEATERS.oven, air_C: oven_C } : REHEATERS[by]);

/** Crumb with its air as it comes from the freezer: two fifths water, sugars keep some of it liquid (*common practice*; water's heats are physics). */
const WATER = 0.4;
export const crumbSlab = (thickness_mm: number): Slab => ({
  thickness_mm,
  density_kgPerM3: 450,
  k_WPerMK: 0.14,
  c_JPerKgK: 1600 * (1 - WATER) + 3000 * WATER,
  latent_JPerKg: 334e3 * WATER * 0.85,
  melts_C: [-9, -2],
});

/** The dry shell that a piece has from the iron; its pores hold air (*common practice*; heat of dry starch and protein from memory of handbooks). */
const CRUST = { thickness_mm: 0.8, density_kgPerM3: 320, k_WPerMK: 0.08, c_JPerKgK: 1600 };
export const crustedSlab = (thickness_mm: number): Slab => ({ ...crumbSlab(thickness_mm), crust: CRUST });

/** How thick a slab is that has a piece's volume and surface, mm: heat goes in through every wall of the grid. */
export const slabOf_mm = (geometry: { readonly cavity_mL: number; readonly footprint_cm2: number; readonly areaFactor: number }): number =>
  (10 * geometry.cavity_mL) / (geometry.footprint_cm2 * geometry.areaFactor);

export const FREEZER_C = -18;

const LONGEST_S = 3600;

/** How long until the middle of a piece is hot through again, s; null: not within an hour. */
export const hotAgainTime_s = (slab: Slab, from_C: number, heater: Heater): number | null =>
  slabTime_s(slab, from_C, PUBLISHED.heatedThrough.least_C, heater, LONGEST_S);

const ATMOSPHERE_Pa = 101_325;
/** A crust that has lain in the cold has drawn some water from its crumb (*common practice*). */
const CRUST_ACTIVITY = 0.45;

/** Steam of one atmosphere stands over a face that is hotter than boiling: no wetter can it be. */
const activityAt = (face_C: number): number => Math.min(CRUST_ACTIVITY, ATMOSPHERE_Pa / quickSaturationPressure_Pa(face_C));

/** How a batter browns, and how brown its piece is before it is heated again (step 1–8). */
export type Browned = { readonly browningFactor: number; readonly tawny: number };

/**
 * Hot through again, and how brown its darker face is then: the kinetics of the iron (see docs/models) along the faces' own temperatures. Null: not within
 * an hour.
 */
export const hotAgain = (
  slab: Slab,
  from_C: number,
  heater: Heater,
  { browningFactor, tawny }: Browned,
): { readonly time_s: number; readonly tawny: number } | null => {
  const faces = [0, 0];
  const time_s = slabTime_s(slab, from_C, PUBLISHED.heatedThrough.least_C, heater, LONGEST_S, (lower_C, upper_C, step_s) => {
    [lower_C, upper_C].forEach((face_C, i) => {
      faces[i]! += browningFactor * surfaceBrowningRate_perSecond(face_C, activityAt(face_C)) * step_s;
    });
  });
  if (time_s === null) return null;
  // Steps are of a face's lightness beside its raw batter's: so are these.
  return { time_s, tawny: tawnyStepOf(lightnessOfStep(tawny) * Math.exp(-Math.max(...faces)), PALE_RAW_LIGHTNESS) };
};
