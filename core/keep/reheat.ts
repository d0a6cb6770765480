import type { Heater, Slab } from './slab.ts';
import { slabTime_s } from './slab.ts';

/** How a piece is heated again, with the heat that comes to its faces (*common practice*; contact and moving air from memory of heat-transfer handbooks). */
export const REHEATERS = {
  toaster: { air_C: 260, h_WPerM2K: 40, faces: 'both' },
  oven: { air_C: 190, h_WPerM2K: 22, faces: 'both' },
  'air-oven': { air_C: 180, h_WPerM2K: 45, faces: 'both' },
  iron: { air_C: 165, h_WPerM2K: 250, faces: 'both' },
  pan: { air_C: 160, h_WPerM2K: 200, faces: 'one' },
} as const satisfies Readonly<Record<string, Heater>>;
export type Reheater = keyof typeof REHEATERS;
export const REHEATER_IDS = Object.keys(REHEATERS) as readonly Reheater[];

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

/** How thick a slab is that has a piece's volume and surface, mm: heat goes in through every wall of the grid. */
export const slabOf_mm = (geometry: { readonly cavity_mL: number; readonly footprint_cm2: number; readonly areaFactor: number }): number =>
  (10 * geometry.cavity_mL) / (geometry.footprint_cm2 * geometry.areaFactor);

export const FREEZER_C = -18;
/** What was cooked and cooled is heated through to this (FDA Food Code 2022, 3-403.11(A): 165 °F, 74 °C; from memory). */
export const THROUGH_C = 74;

const LONGEST_S = 3600;

/** How long until the coldest of it has `target_C`, s; null: not within an hour. */
export const reheatTime_s = (slab: Slab, from_C: number, target_C: number, heater: Heater): number | null =>
  slabTime_s(slab, from_C, target_C, heater, LONGEST_S);
