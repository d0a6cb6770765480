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
  /** A dry layer at each face, without water to melt; left out: none. */
  readonly crust?: {
    readonly thickness_mm: number;
    readonly density_kgPerM3: number;
    readonly k_WPerMK: number;
    readonly c_JPerKgK: number;
  };
};

const CELLS = 24;
const TURNED_EVERY_S = 60;

/** One layer of it. */
type Layer = Pick<Slab, 'density_kgPerM3' | 'k_WPerMK' | 'c_JPerKgK' | 'latent_JPerKg' | 'melts_C'>;

/** Temperature at an enthalpy, J/kg from the beginning of melting. */
const temperatureAt = (layer: Layer, enthalpy: number): number => {
  const { c_JPerKgK: c, latent_JPerKg: latent, melts_C } = layer;
  const [from, to] = melts_C;
  if (enthalpy <= 0) return from + enthalpy / c;
  const melting = latent + c * (to - from);
  return enthalpy < melting ? from + ((to - from) * enthalpy) / melting : to + (enthalpy - melting) / c;
};

const enthalpyAt = (layer: Layer, temperature_C: number): number => {
  const { c_JPerKgK: c, latent_JPerKg: latent, melts_C } = layer;
  const [from, to] = melts_C;
  if (temperature_C <= from) return c * (temperature_C - from);
  const melting = latent + c * (to - from);
  return temperature_C < to ? (melting * (temperature_C - from)) / (to - from) : melting + c * (temperature_C - to);
};

/** What each cell is of, from face to face. */
const layersOf = (slab: Slab): Layer[] => {
  const { crust, thickness_mm } = slab;
  const crusted = crust === undefined ? 0 : Math.min(CELLS / 2, Math.round((CELLS * crust.thickness_mm) / thickness_mm));
  return Array.from({ length: CELLS }, (_, i) =>
    crust !== undefined && (i < crusted || i >= CELLS - crusted) ? { ...slab, ...crust, latent_JPerKg: 0 } : slab,
  );
};

/** What happens at the faces in one step of the reckoning: how warm they are, and how long the step is. */
export type AtFaces = (lower_C: number, upper_C: number, step_s: number) => void;

/**
 * How long until all of it has passed `target_C`, heated or cooled from its faces by what is at `air_C`, s; null: not within `longest_s`. The enthalpy
 * method on 24 cells, explicit, as short a step as it takes. `atFaces`: hears of every step.
 */
export const slabTime_s = (
  slab: Slab,
  from_C: number,
  target_C: number,
  { air_C, h_WPerM2K, faces }: Heater,
  longest_s: number,
  atFaces?: AtFaces,
): number | null => {
  const isHeated = target_C > from_C;
  if (isHeated ? target_C >= air_C : target_C <= air_C) return null;
  const dx_m = slab.thickness_mm / 1000 / CELLS;
  const cells = layersOf(slab);
  // From the middle of a cell to its edge, W/(m² K); and to the middle of the next.
  const toEdge = cells.map(({ k_WPerMK }) => (2 * k_WPerMK) / dx_m);
  const toNext = toEdge.map((here, i) => 1 / (1 / here + 1 / (toEdge[i + 1] ?? here)));
  const heat = cells.map(({ density_kgPerM3 }) => density_kgPerM3 * dx_m);
  const face = toEdge[0]!;
  const outer = 1 / (1 / h_WPerM2K + 1 / face);
  const step_s = Math.min(
    ...cells.map(({ c_JPerKgK }, i) => (0.4 * heat[i]! * c_JPerKgK) / ((i === 0 ? outer : toNext[i - 1]!) + 2 * toNext[i]!)),
  );
  const H = Float64Array.from(cells, (cell) => enthalpyAt(cell, from_C));
  const T = new Float64Array(CELLS);
  for (let t = 0; t <= longest_s; t += step_s) {
    let last = isHeated ? Infinity : -Infinity;
    for (let i = 0; i < CELLS; i++) {
      T[i] = temperatureAt(cells[i]!, H[i]!);
      last = isHeated ? Math.min(last, T[i]!) : Math.max(last, T[i]!);
    }
    if (isHeated ? last >= target_C : last <= target_C) return t;
    const isTurned = faces === 'one' && Math.floor(t / TURNED_EVERY_S) % 2 === 1;
    const lower = faces === 'both' || !isTurned ? outer * (air_C - T[0]!) : 0;
    const upper = faces === 'both' || isTurned ? outer * (air_C - T[CELLS - 1]!) : 0;
    // What comes in has half a cell to go from the face.
    atFaces?.(T[0]! + lower / face, T[CELLS - 1]! + upper / face, step_s);
    for (let i = 0; i < CELLS; i++) {
      const fromBelow = i === 0 ? lower : toNext[i - 1]! * (T[i - 1]! - T[i]!);
      const fromAbove = i === CELLS - 1 ? upper : toNext[i]! * (T[i + 1]! - T[i]!);
      H[i] = H[i]! + ((fromBelow + fromAbove) * step_s) / heat[i]!;
    }
  }
  return null;
};
