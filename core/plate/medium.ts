import { GAS_CONSTANT, latentHeat_JPerKg, WATER_KG_PER_MOL } from '../matter/index.ts';
import { KELVIN_OFFSET } from '../basis/index.ts';
import type { BatterProperties } from './batter.ts';
import type { PlateMachine } from './iron.ts';

/**
 * Constants of the plate model. One set for all irons; what is *calibrated to common practice* says so.
 * See docs/models/plate.md for the equations and the table of predicted beside expected.
 */
export const PLATE_CONSTANTS = {
  /** Plate to wet batter, W/m²K (600–1000 in practice), and to a dry face. */
  contactWet: 780,
  contactDry: 390,
  /** Foam's conductivity falls with its gas share to this power (calibrated). */
  foamExponent: 1.1,
  /** Dry crust, W/mK: open foam, and what a crust without any gas would add. */
  crustOpen: 0.06,
  crustPressed: 0.12,
  /** Share of free-air vapour diffusion that a foam's walls let through (calibrated). */
  vapourOpenness: 0.06,
  /** Stefan's enhancement 1/(1 − p_v/p) is held below this. */
  mostStefan: 6,
  /** Boiling speed, kg per m³ and second at an overpressure of one atmosphere: keeps cells within 0.5 K. */
  boilingRate: 1500,
  /** Share of the steam that meets cold crumb on its way out and condenses (calibrated). */
  steamCaught: 0.45,
  /** Mean coldness of a column, K, at which half of that share is caught. */
  coldnessForHalf: 12,
} as const;

/** Conduction, sorption and boiling of one batter in one column: what cells have in common. */
export type Medium = {
  readonly pressure_Pa: number;
  readonly latent_JPerKg: number;
  readonly batter: BatterProperties;
  readonly wetConductivity: number;
  readonly dryConductivity: number;
  /** kg/m³ of dry mass in the filled gap. */
  readonly dryDensity_kgPerM3: number;
  /** Vapour conductance per metre, kg/(m s Pa). */
  readonly vapour: number;
  readonly contactWet: number;
  readonly contactDry: number;
};

/** What the learner or the uncertainty band may scale; 1 is the model's own. */
export type MediumScales = { readonly contact: number; readonly crust: number; readonly browning: number };

export const UNSCALED: MediumScales = { contact: 1, crust: 1, browning: 1 };

/** Diffusion of vapour in air, m²/s, at about 95 °C and sea level (2.2e-5·(T/273)^1.81; handbook, from memory). */
const VAPOUR_DIFFUSION_M2_PER_S = 3.8e-5;

/**
 * `arealMass_kgPerM2`: batter per heated area of one face; `thickness_m`: mean gap between the plates.
 */
export const medium = (batter: BatterProperties, arealMass_kgPerM2: number, thickness_m: number, scales: MediumScales): Medium => {
  const k = PLATE_CONSTANTS;
  const density = arealMass_kgPerM2 / thickness_m;
  const liquidShare = Math.min(1, density / batter.gasFreeDensity_kgPerM3);
  const dryDensity = density * batter.drySolids;
  const solidShare = Math.min(1, dryDensity / 1400);
  const T = 95 + KELVIN_OFFSET;
  return {
    pressure_Pa: batter.pressure_Pa,
    latent_JPerKg: latentHeat_JPerKg(100),
    batter,
    wetConductivity: batter.conductivity_WPerMK * liquidShare ** k.foamExponent,
    dryConductivity: (k.crustOpen + k.crustPressed * solidShare) * scales.crust,
    dryDensity_kgPerM3: dryDensity,
    vapour: (k.vapourOpenness * VAPOUR_DIFFUSION_M2_PER_S * WATER_KG_PER_MOL) / (GAS_CONSTANT * T),
    contactWet: k.contactWet * scales.contact,
    contactDry: k.contactDry * scales.contact,
  };
};

/**
 * One slab between the plates: cells from the lower face (0) to the upper (n − 1), finer at the faces. Where both
 * plates are alike only the lower half is computed.
 */
export type Column = {
  readonly n: number;
  /** Only the lower half, up to a mirror in the middle. */
  readonly mirrored: boolean;
  readonly share: number;
  readonly thickness_m: number;
  readonly size_m: Float64Array;
  /** kg of dry mass per m² in each cell. */
  readonly dry_kgPerM2: Float64Array;
  /** °C. */
  readonly T: Float64Array;
  /** kg of water per kg of dry mass. */
  readonly X: Float64Array;
};

/** Thickness of the first cell over the mean cell. */
const FACE_REFINEMENT = 0.3;

/** Cell sizes across a gap: grow geometrically from each face to the middle, symmetric, summing to `thickness_m`. */
export const cellSizes = (n: number, thickness_m: number): Float64Array => {
  const half = n / 2;
  // growth g with a first cell of 1 and half a column of (half / FACE_REFINEMENT)
  let low = 1;
  let high = 3;
  for (let i = 0; i < 60; i++) {
    const g = (low + high) / 2;
    const total = (g ** half - 1) / (g - 1);
    if (total > half / FACE_REFINEMENT) high = g;
    else low = g;
  }
  const growth = (low + high) / 2;
  const sizes = new Float64Array(n);
  let total = 0;
  for (let i = 0; i < n; i++) {
    const fromFace = Math.min(i, n - 1 - i);
    sizes[i] = growth ** fromFace;
    total += sizes[i] ?? 0;
  }
  return sizes.map((size) => (size / total) * thickness_m);
};

/** A column of raw batter in cells of these sizes. */
export const rawColumn = (m: Medium, size_m: Float64Array, thickness_m: number, share: number, mirrored: boolean): Column => ({
  n: size_m.length,
  mirrored,
  share,
  thickness_m,
  size_m,
  dry_kgPerM2: size_m.map((size) => size * m.dryDensity_kgPerM3),
  T: new Float64Array(size_m.length).fill(m.batter.temperature_C),
  X: new Float64Array(size_m.length).fill(m.batter.water),
});

/** `cells` across the whole gap (even); a mirrored column holds half of them. */
export const column = (m: Medium, thickness_m: number, share: number, cells: number, mirrored: boolean): Column =>
  rawColumn(m, cellSizes(cells, thickness_m).subarray(0, mirrored ? cells / 2 : cells), thickness_m, share, mirrored);

/** How many of a column's halves its cells stand for. */
export const halves = (c: Column): number => (c.mirrored ? 2 : 1);

/** Mean gap of an iron by heated area, m. */
export const meanThickness_m = (machine: PlateMachine): number =>
  machine.columns.reduce((total, part) => total + part.share * part.thickness_m, 0);
