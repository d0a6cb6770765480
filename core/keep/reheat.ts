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

/** `faces`: one at a time where it is turned every so often. */
export type Heater = { readonly air_C: number; readonly h_WPerM2K: number; readonly faces: 'both' | 'one' };

/** A slab, heated from its faces. Heats per kilogram of it; melting spreads over `melts_C`. */
export type Slab = {
  readonly thickness_mm: number;
  readonly density_kgPerM3: number;
  readonly k_WPerMK: number;
  readonly c_JPerKgK: number;
  readonly latent_JPerKg: number;
  readonly melts_C: readonly [from: number, to: number];
};

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

const CELLS = 24;
const TURNED_EVERY_S = 60;
const LONGEST_S = 3600;

/** Temperature at an enthalpy, J/kg from the beginning of melting. */
const temperatureAt = (slab: Slab, enthalpy: number): number => {
  const { c_JPerKgK: c, latent_JPerKg: latent, melts_C } = slab;
  const [from, to] = melts_C;
  if (enthalpy <= 0) return from + enthalpy / c;
  const melting = latent + c * (to - from);
  return enthalpy < melting ? from + ((to - from) * enthalpy) / melting : to + (enthalpy - melting) / c;
};

const enthalpyAt = (slab: Slab, temperature_C: number): number => {
  const { c_JPerKgK: c, latent_JPerKg: latent, melts_C } = slab;
  const [from, to] = melts_C;
  if (temperature_C <= from) return c * (temperature_C - from);
  const melting = latent + c * (to - from);
  return temperature_C < to ? (melting * (temperature_C - from)) / (to - from) : melting + c * (temperature_C - to);
};

/**
 * How long until the coldest of it has `target_C`, s; null: not within an hour. The enthalpy method on 24 cells, explicit, as short a step as it takes.
 */
export const reheatTime_s = (slab: Slab, from_C: number, target_C: number, { air_C, h_WPerM2K, faces }: Heater): number | null => {
  if (target_C >= air_C) return null;
  const { density_kgPerM3: density, k_WPerMK: k, c_JPerKgK: c } = slab;
  const dx_m = slab.thickness_mm / 1000 / CELLS;
  const between = k / dx_m;
  // From the air to the middle of the first cell.
  const outer = 1 / (1 / h_WPerM2K + dx_m / 2 / k);
  const step_s = (0.4 * density * c * dx_m) / (outer + 2 * between);
  const H = new Float64Array(CELLS).fill(enthalpyAt(slab, from_C));
  const T = new Float64Array(CELLS);
  for (let t = 0; t <= LONGEST_S; t += step_s) {
    let coldest = Infinity;
    for (let i = 0; i < CELLS; i++) {
      T[i] = temperatureAt(slab, H[i]!);
      coldest = Math.min(coldest, T[i]!);
    }
    if (coldest >= target_C) return t;
    const isTurned = faces === 'one' && Math.floor(t / TURNED_EVERY_S) % 2 === 1;
    const lower = faces === 'both' || !isTurned ? outer * (air_C - T[0]!) : 0;
    const upper = faces === 'both' || isTurned ? outer * (air_C - T[CELLS - 1]!) : 0;
    for (let i = 0; i < CELLS; i++) {
      const fromBelow = i === 0 ? lower : between * (T[i - 1]! - T[i]!);
      const fromAbove = i === CELLS - 1 ? upper : between * (T[i + 1]! - T[i]!);
      H[i] = H[i]! + ((fromBelow + fromAbove) * step_s) / (density * dx_m);
    }
  }
  return null;
};
