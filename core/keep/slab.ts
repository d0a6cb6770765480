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

const CELLS = 24;
const TURNED_EVERY_S = 60;

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
 * How long until all of it has passed `target_C`, heated or cooled from its faces by what is at `air_C`, s; null: not within `longest_s`. The enthalpy
 * method on 24 cells, explicit, as short a step as it takes.
 */
export const slabTime_s = (
  slab: Slab,
  from_C: number,
  target_C: number,
  { air_C, h_WPerM2K, faces }: Heater,
  longest_s: number,
): number | null => {
  const isHeated = target_C > from_C;
  if (isHeated ? target_C >= air_C : target_C <= air_C) return null;
  const { density_kgPerM3: density, k_WPerMK: k, c_JPerKgK: c } = slab;
  const dx_m = slab.thickness_mm / 1000 / CELLS;
  const between = k / dx_m;
  // From the air to the middle of the first cell.
  const outer = 1 / (1 / h_WPerM2K + dx_m / 2 / k);
  const step_s = (0.4 * density * c * dx_m) / (outer + 2 * between);
  const H = new Float64Array(CELLS).fill(enthalpyAt(slab, from_C));
  const T = new Float64Array(CELLS);
  for (let t = 0; t <= longest_s; t += step_s) {
    let last = isHeated ? Infinity : -Infinity;
    for (let i = 0; i < CELLS; i++) {
      T[i] = temperatureAt(slab, H[i]!);
      last = isHeated ? Math.min(last, T[i]!) : Math.max(last, T[i]!);
    }
    if (isHeated ? last >= target_C : last <= target_C) return t;
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
