import type { WaterActivitySlopes } from '../matter/index.ts';
import { quickSaturationPressure_Pa, readIsotherm } from '../matter/index.ts';
import { KELVIN_OFFSET } from '../basis/index.ts';
import type { Column, Medium } from './medium.ts';
import { PLATE_CONSTANTS } from './medium.ts';

/** What touches a face: a plate (heat only; its conductance falls as the face dries) or air (heat and vapour). */
export type Face =
  | { readonly kind: 'plate'; readonly temperature_C: number }
  /** The middle of a column whose two halves are alike. */
  | { readonly kind: 'mirror' }
  | {
      readonly kind: 'air';
      readonly temperature_C: number;
      readonly h_WPerM2K: number;
      /** Vapour pressure in the room, Pa. */
      readonly vapour_Pa: number;
      /** kg/(m² s Pa). */
      readonly vapourConductance: number;
    };

/** Scratch and results of a step, one per column, allocated once. */
export type Workspace = {
  /** Vapour pressure of each cell, capped at the room's pressure, and its slope per kelvin (0 when capped). */
  readonly vapour_Pa: Float64Array;
  readonly vapourSlope: Float64Array;
  /** The same per kg/kg of water. */
  readonly vapourPerWater: Float64Array;
  /** Uncapped overpressure (a_w·p_sat − p)/p with its slopes per kelvin and per kg/kg of water. */
  readonly over: Float64Array;
  readonly overPerKelvin: Float64Array;
  readonly overPerWater: Float64Array;
  readonly activity: Float64Array;
  readonly conductivity: Float64Array;
  /** Between cell i and i + 1: heat W/m²K, vapour kg/(m² s Pa). */
  readonly heat: Float64Array;
  readonly diffusion: Float64Array;
  /** Vapour that goes up through the lower face (0), from cell i − 1 into cell i, and through the upper face (n), kg/(m² s). */
  readonly flow: Float64Array;
  /** kg/(m² s) of steam set free, and of steam condensing, in each cell. */
  readonly boiling: Float64Array;
  readonly condensing: Float64Array;
  readonly lower: Float64Array;
  readonly diagonal: Float64Array;
  readonly upper: Float64Array;
  readonly right: Float64Array;
  readonly dT: Float64Array;
  readonly activeCells: Uint8Array;
  readonly slopes: WaterActivitySlopes;
  /** W/m² into the column, and vapour out of it kg/(m² s), per face. */
  heatLower: number;
  heatUpper: number;
  vapourLower: number;
  vapourUpper: number;
  /** How easily vapour gets away at each face, kg/(m² s Pa); for one step. */
  linkLower: number;
  linkUpper: number;
  /** kg/(m² s). */
  steamFreed: number;
  steamCaught: number;
  /** The worst that water or heat were off in any step so far, as a share of the raw column's water and of the heat of 100 K. */
  offBalance: number;
};

export const workspace = (n: number): Workspace => {
  const array = () => new Float64Array(n);
  return {
    vapour_Pa: array(),
    vapourSlope: array(),
    vapourPerWater: array(),
    over: array(),
    overPerKelvin: array(),
    overPerWater: array(),
    activity: array(),
    conductivity: array(),
    heat: array(),
    diffusion: array(),
    flow: new Float64Array(n + 1),
    boiling: array(),
    condensing: array(),
    lower: array(),
    diagonal: array(),
    upper: array(),
    right: array(),
    dT: array(),
    activeCells: new Uint8Array(n),
    slopes: { activity: 1, perKelvin: 0, perWater: 0 },
    heatLower: 0,
    heatUpper: 0,
    vapourLower: 0,
    vapourUpper: 0,
    linkLower: 0,
    linkUpper: 0,
    steamFreed: 0,
    steamCaught: 0,
    offBalance: 0,
  };
};

/** d ln p_sat / dT, 1/K, by Clausius–Clapeyron with the latent heat near 100 °C; within 2 % from 20 to 200 °C. */
const saturationSlope = (temperature_C: number): number => {
  const T = temperature_C + KELVIN_OFFSET;
  return (5410 - 2.4 * temperature_C) / (T * T);
};

/** Share of its raw water that a cell still holds, 0–1: sets conductivity and contact. */
const wetness = (m: Medium, X: number): number => {
  const share = X / m.batter.water;
  return share > 1 ? 1 : share;
};

/**
 * Vapour pressures, conductivities and the links between cells, from the state as it is. With a step of
 * `dt_s`, vapour links are weakened to what two cells alone could exchange in that time until they agree:
 * a dry cell a tenth of a millimetre thick fills up at once, and an explicit flux would overshoot.
 */
export const evaluate = (m: Medium, c: Column, w: Workspace, dt_s: number): void => {
  const { n } = c;
  for (let i = 0; i < n; i++) {
    const T = c.T[i]!;
    const X = c.X[i]!;
    readIsotherm(m.batter.isotherm, T, X, w.slopes);
    const { activity, perKelvin, perWater } = w.slopes;
    const p = activity * quickSaturationPressure_Pa(T);
    const perK = perKelvin + saturationSlope(T);
    w.activity[i] = activity;
    const relative = p / m.pressure_Pa;
    w.over[i] = relative - 1;
    w.overPerKelvin[i] = relative * perK;
    w.overPerWater[i] = relative * perWater;
    const capped = relative >= 1;
    w.vapour_Pa[i] = capped ? m.pressure_Pa : p;
    w.vapourSlope[i] = capped ? 0 : p * perK;
    w.vapourPerWater[i] = capped ? 0 : p * perWater;
    w.conductivity[i] = m.dryConductivity + (m.wetConductivity - m.dryConductivity) * wetness(m, X);
  }
  for (let i = 0; i + 1 < n; i++) {
    const a = c.size_m[i]!;
    const b = c.size_m[i + 1]!;
    w.heat[i] = 2 / (a / w.conductivity[i]! + b / w.conductivity[i + 1]!);
    const mean = (w.vapour_Pa[i]! + w.vapour_Pa[i + 1]!) / (2 * m.pressure_Pa);
    const room = 1 - mean;
    const stefan = room * PLATE_CONSTANTS.mostStefan > 1 ? 1 / room : PLATE_CONSTANTS.mostStefan;
    const link = (2 * m.vapour * stefan) / (a + b);
    const filling = w.vapourPerWater[i]! / c.dry_kgPerM2[i]! + w.vapourPerWater[i + 1]! / c.dry_kgPerM2[i + 1]!;
    w.diffusion[i] = link / (1 + 2 * link * dt_s * filling);
  }
};

/** Conductance from a face's surroundings to the middle of its cell, W/m²K. */
export const faceConductance = (m: Medium, c: Column, w: Workspace, face: Face, cell: number): number => {
  if (face.kind === 'mirror') return 0;
  const outside = face.kind === 'air' ? face.h_WPerM2K : m.contactDry + (m.contactWet - m.contactDry) * wetness(m, c.X[cell]!);
  return 1 / (1 / outside + c.size_m[cell]! / (2 * w.conductivity[cell]!));
};

/** Steam that meets cold crumb condenses there: fills `w.condensing` from the steam freed, returns what is caught. */
const condense = (m: Medium, c: Column, w: Workspace, steam: number): number => {
  let coldness = 0;
  for (let i = 0; i < c.n; i++) {
    const below = m.batter.boiling_C - c.T[i]!;
    if (below > 0) coldness += below * c.size_m[i]!;
  }
  const half = PLATE_CONSTANTS.coldnessForHalf * c.thickness_m;
  const caught = (PLATE_CONSTANTS.steamCaught * steam * coldness) / (coldness + half);
  for (let i = 0; i < c.n; i++) {
    const below = m.batter.boiling_C - c.T[i]!;
    w.condensing[i] = below > 0 && caught > 0 ? (caught * below * c.size_m[i]!) / coldness : 0;
  }
  return caught;
};

/** Boiling of a cell at an overpressure, kg/(m² s). */
const boilingPerOver = (c: Column, i: number): number => PLATE_CONSTANTS.boilingRate * c.size_m[i]!;

const surroundings_C = (face: Face): number => (face.kind === 'mirror' ? 0 : face.temperature_C);

/** How easily a face's vapour gets away, kg/(m² s Pa): in a step of `dt_s` never faster than its cell holds water. */
const airLink = (face: Face, c: Column, w: Workspace, i: number, dt_s: number): number => {
  if (face.kind !== 'air') return 0;
  const held = c.X[i]! * c.dry_kgPerM2[i]! + 1e-12;
  return face.vapourConductance / (1 + (face.vapourConductance * w.vapour_Pa[i]! * dt_s) / held);
};

/** Both, from the state as it is; of every face but air's it is none. */
const linkToAir = (c: Column, w: Workspace, bottom: Face, top: Face, dt_s: number): void => {
  w.linkLower = airLink(bottom, c, w, 0, dt_s);
  w.linkUpper = airLink(top, c, w, c.n - 1, dt_s);
};

const faceVapour = (face: Face, link: number, vapour_Pa: number): number => (face.kind === 'air' ? link * (vapour_Pa - face.vapour_Pa) : 0);

/**
 * The right-hand side as plain rates, for any integrator: dT (K/s) and dX (1/s) of every cell. The fast step
 * below solves the same equations implicitly; tests hold the two together.
 */
export const rates = (m: Medium, c: Column, w: Workspace, bottom: Face, top: Face, dT: Float64Array, dX: Float64Array): void => {
  evaluate(m, c, w, 0);
  const last = c.n - 1;
  let freed = 0;
  for (let i = 0; i <= last; i++) {
    const over = w.over[i]!;
    w.boiling[i] = over > 0 ? boilingPerOver(c, i) * over : 0;
    freed += w.boiling[i]!;
  }
  w.steamFreed = freed;
  w.steamCaught = condense(m, c, w, freed);
  w.heatLower = faceConductance(m, c, w, bottom, 0) * (surroundings_C(bottom) - c.T[0]!);
  w.heatUpper = faceConductance(m, c, w, top, last) * (surroundings_C(top) - c.T[last]!);
  linkToAir(c, w, bottom, top, 0);
  w.vapourLower = faceVapour(bottom, w.linkLower, w.vapour_Pa[0]!);
  w.vapourUpper = faceVapour(top, w.linkUpper, w.vapour_Pa[last]!);
  let heatIn = w.heatLower;
  let vapourIn = -w.vapourLower;
  for (let i = 0; i <= last; i++) {
    const heatOut = i < last ? w.heat[i]! * (c.T[i]! - c.T[i + 1]!) : -w.heatUpper;
    const vapourOut = i < last ? w.diffusion[i]! * (w.vapour_Pa[i]! - w.vapour_Pa[i + 1]!) : w.vapourUpper;
    const gain = vapourIn - vapourOut - w.boiling[i]! + w.condensing[i]!;
    dX[i] = gain / c.dry_kgPerM2[i]!;
    dT[i] = (heatIn - heatOut + m.latent_JPerKg * gain) / heatCapacity(m, c, i);
    heatIn = heatOut;
    vapourIn = vapourOut;
  }
};

/** J/m²K of a cell. */
export const heatCapacity = (m: Medium, c: Column, i: number): number =>
  c.dry_kgPerM2[i]! * (m.batter.dryHeatCapacity_JPerKgK + WATER_HEAT_CAPACITY * c.X[i]!);

const WATER_HEAT_CAPACITY = 4200;

/** The most often a set of boiling cells is corrected within one step. */
const MOST_PASSES = 4;

/**
 * One linearly implicit Euler step of `dt_s` seconds. Boiling, vapour and conduction are linearised in the
 * temperatures; each cell's own drying is eliminated, so one tridiagonal solve is left. Which cells boil is
 * found by repeating the solve until the set agrees with its own answer. Where a cell would give more water than it
 * holds, what leaves it is held to that, and the temperatures are solved again with those flows: water and heat balance
 * to the last digits in every step.
 */
export const step = (m: Medium, c: Column, w: Workspace, bottom: Face, top: Face, dt_s: number): void => {
  evaluate(m, c, w, dt_s);
  const { n } = c;
  // Steam caught by the cold crumb lags one step behind the steam freed.
  w.steamCaught = condense(m, c, w, w.steamFreed);
  for (let i = 0; i < n; i++) w.activeCells[i] = w.over[i]! > 0 ? 1 : 0;
  const bottomU = faceConductance(m, c, w, bottom, 0);
  const topU = faceConductance(m, c, w, top, n - 1);
  linkToAir(c, w, bottom, top, dt_s);
  let isOpen = true;
  for (let pass = 0; pass < MOST_PASSES && isOpen; pass++) {
    assemble(m, c, w, bottom, bottomU, top, topU, dt_s);
    solveTridiagonal(n, w);
    isOpen = reviewBoiling(c, w, dt_s);
  }
  vapourFlows(c, w, bottom, top);
  // A set that still changes isn't what was solved for: its boiling is taken as given, too.
  if (holdToWater(c, w, dt_s) || isOpen) {
    assembleGiven(m, c, w, bottom, bottomU, top, topU, dt_s);
    solveTridiagonal(n, w);
  }
  apply(m, c, w, bottom, bottomU, top, topU, dt_s);
};

/** Boiling at the end of the step = base + slope·dT, with the cell's own drying eliminated. */
const boilingDamping = (c: Column, w: Workspace, i: number, dt_s: number): number => {
  const perOver = boilingPerOver(c, i);
  return perOver / (1 + (perOver * w.overPerWater[i]! * dt_s) / c.dry_kgPerM2[i]!);
};

const assemble = (m: Medium, c: Column, w: Workspace, bottom: Face, bottomU: number, top: Face, topU: number, dt_s: number): void => {
  const { n } = c;
  const L = m.latent_JPerKg;
  for (let i = 0; i < n; i++) {
    let diagonal = heatCapacity(m, c, i) / dt_s;
    let right = L * w.condensing[i]!;
    w.lower[i] = 0;
    w.upper[i] = 0;
    if (i > 0) {
      const g = w.heat[i - 1]!;
      const d = L * w.diffusion[i - 1]!;
      diagonal += g + d * w.vapourSlope[i]!;
      w.lower[i] = -(g + d * w.vapourSlope[i - 1]!);
      right += g * (c.T[i - 1]! - c.T[i]!) + d * (w.vapour_Pa[i - 1]! - w.vapour_Pa[i]!);
    } else {
      diagonal += bottomU;
      right += bottomU * (surroundings_C(bottom) - c.T[i]!);
      if (bottom.kind === 'air') {
        diagonal += L * w.linkLower * w.vapourSlope[i]!;
        right -= L * faceVapour(bottom, w.linkLower, w.vapour_Pa[i]!);
      }
    }
    if (i < n - 1) {
      const g = w.heat[i]!;
      const d = L * w.diffusion[i]!;
      diagonal += g + d * w.vapourSlope[i]!;
      w.upper[i] = -(g + d * w.vapourSlope[i + 1]!);
      right += g * (c.T[i + 1]! - c.T[i]!) + d * (w.vapour_Pa[i + 1]! - w.vapour_Pa[i]!);
    } else {
      diagonal += topU;
      right += topU * (surroundings_C(top) - c.T[i]!);
      if (top.kind === 'air') {
        diagonal += L * w.linkUpper * w.vapourSlope[i]!;
        right -= L * faceVapour(top, w.linkUpper, w.vapour_Pa[i]!);
      }
    }
    if (w.activeCells[i]! !== 0) {
      const damping = boilingDamping(c, w, i, dt_s);
      diagonal += L * damping * w.overPerKelvin[i]!;
      right -= L * damping * w.over[i]!;
    }
    w.diagonal[i] = diagonal;
    w.right[i] = right;
  }
};

/** Thomas algorithm; the matrix is diagonally dominant, so no pivoting is needed. Leaves dT. */
const solveTridiagonal = (n: number, w: Workspace): void => {
  for (let i = 1; i < n; i++) {
    const factor = w.lower[i]! / w.diagonal[i - 1]!;
    w.diagonal[i] = w.diagonal[i]! - factor * w.upper[i - 1]!;
    w.right[i] = w.right[i]! - factor * w.right[i - 1]!;
  }
  w.dT[n - 1] = w.right[n - 1]! / w.diagonal[n - 1]!;
  for (let i = n - 2; i >= 0; i--) w.dT[i] = (w.right[i]! - w.upper[i]! * w.dT[i + 1]!) / w.diagonal[i]!;
};

/** Sets `boiling` from dT; true when a cell has to start or stop boiling and the step be solved again. */
const reviewBoiling = (c: Column, w: Workspace, dt_s: number): boolean => {
  let changed = false;
  for (let i = 0; i < c.n; i++) {
    const over = w.over[i]! + w.overPerKelvin[i]! * w.dT[i]!;
    const shouldBoil = over > 0;
    if (shouldBoil !== (w.activeCells[i]! !== 0)) {
      w.activeCells[i] = shouldBoil ? 1 : 0;
      changed = true;
    }
    w.boiling[i] = shouldBoil ? boilingDamping(c, w, i, dt_s) * over : 0;
  }
  return changed;
};

/** Vapour through every face and link at the end of the step, from the temperatures as solved. */
const vapourFlows = (c: Column, w: Workspace, bottom: Face, top: Face): void => {
  const last = c.n - 1;
  w.flow[0] = -(faceVapour(bottom, w.linkLower, w.vapour_Pa[0]!) + w.linkLower * w.vapourSlope[0]! * w.dT[0]!);
  for (let i = 0; i < last; i++)
    w.flow[i + 1] =
      w.diffusion[i]! * (w.vapour_Pa[i]! + w.vapourSlope[i]! * w.dT[i]! - w.vapour_Pa[i + 1]! - w.vapourSlope[i + 1]! * w.dT[i + 1]!);
  w.flow[last + 1] = faceVapour(top, w.linkUpper, w.vapour_Pa[last]!) + w.linkUpper * w.vapourSlope[last]! * w.dT[last]!;
};

/** A cell gives away no more than it holds and is given: it boils less first, then less vapour leaves it. True where it had to. */
const holdCell = (c: Column, w: Workspace, i: number, dt_s: number): boolean => {
  const [below, above] = [w.flow[i]!, w.flow[i + 1]!];
  const there = (c.X[i]! * c.dry_kgPerM2[i]!) / dt_s + w.condensing[i]! + (below > 0 ? below : 0) + (above < 0 ? -above : 0);
  const leaving = (below < 0 ? -below : 0) + (above > 0 ? above : 0);
  if (leaving + w.boiling[i]! <= there) return false;
  w.boiling[i] = there > leaving ? there - leaving : 0;
  if (leaving <= there) return true;
  const share = there / leaving;
  if (below < 0) w.flow[i] = below * share;
  if (above > 0) w.flow[i + 1] = above * share;
  return true;
};

/** Holds every cell to its water, upstream first, so that what a cell is given is known by then: upwards, then downwards, then where vapour only arrives. */
const holdToWater = (c: Column, w: Workspace, dt_s: number): boolean => {
  const { n } = c;
  let isHeld = false;
  for (let i = 0; i < n; i++) if (w.flow[i + 1]! > 0) isHeld = holdCell(c, w, i, dt_s) || isHeld;
  for (let i = n - 1; i >= 0; i--) if (w.flow[i]! < 0) isHeld = holdCell(c, w, i, dt_s) || isHeld;
  for (let i = 0; i < n; i++) if (w.flow[i]! >= 0 && w.flow[i + 1]! <= 0) isHeld = holdCell(c, w, i, dt_s) || isHeld;
  return isHeld;
};

/** Water that a cell gains, kg/(m² s). */
const gainOf = (w: Workspace, i: number): number => w.flow[i]! - w.flow[i + 1]! - w.boiling[i]! + w.condensing[i]!;

/** Conduction alone, with vapour and boiling as they are held. */
const assembleGiven = (m: Medium, c: Column, w: Workspace, bottom: Face, bottomU: number, top: Face, topU: number, dt_s: number): void => {
  const last = c.n - 1;
  for (let i = 0; i <= last; i++) {
    const below = i > 0 ? w.heat[i - 1]! : bottomU;
    const above = i < last ? w.heat[i]! : topU;
    w.lower[i] = i > 0 ? -below : 0;
    w.upper[i] = i < last ? -above : 0;
    w.diagonal[i] = heatCapacity(m, c, i) / dt_s + below + above;
    w.right[i] =
      below * ((i > 0 ? c.T[i - 1]! : surroundings_C(bottom)) - c.T[i]!) +
      above * ((i < last ? c.T[i + 1]! : surroundings_C(top)) - c.T[i]!) +
      m.latent_JPerKg * gainOf(w, i);
  }
};

/** What a column's heat is measured against: so many kelvins of it. */
const HEAT_CONTENT_K = 100;

const apply = (m: Medium, c: Column, w: Workspace, bottom: Face, bottomU: number, top: Face, topU: number, dt_s: number): void => {
  const last = c.n - 1;
  let freed = 0;
  w.heatLower = bottomU * (surroundings_C(bottom) - c.T[0]! - w.dT[0]!);
  w.heatUpper = topU * (surroundings_C(top) - c.T[last]! - w.dT[last]!);
  w.vapourLower = -w.flow[0]!;
  w.vapourUpper = w.flow[last + 1]!;
  let [water, waterBefore, raw, heat, stored] = [0, 0, 0, 0, 0];
  for (let i = 0; i <= last; i++) {
    const capacity = heatCapacity(m, c, i);
    stored += capacity * w.dT[i]!;
    heat += capacity * HEAT_CONTENT_K;
    waterBefore += c.X[i]! * c.dry_kgPerM2[i]!;
    raw += m.batter.water * c.dry_kgPerM2[i]!;
    const X = c.X[i]! + (gainOf(w, i) * dt_s) / c.dry_kgPerM2[i]!;
    // Less than nothing only by rounding.
    c.X[i] = X > 0 ? X : 0;
    c.T[i] = c.T[i]! + w.dT[i]!;
    water += c.X[i]! * c.dry_kgPerM2[i]!;
    freed += w.boiling[i]!;
  }
  w.steamFreed = freed;
  const gained = water - waterBefore;
  const waterOff = Math.abs(gained - dt_s * (w.steamCaught - freed - w.vapourLower - w.vapourUpper)) / raw;
  const heatOff = Math.abs(stored - dt_s * (w.heatLower + w.heatUpper) - m.latent_JPerKg * gained) / heat;
  // Written so that what isn't a number counts as off.
  if (!(waterOff <= w.offBalance && heatOff <= w.offBalance)) w.offBalance = waterOff >= heatOff ? waterOff : heatOff;
};
