import { clamp } from '../basis/index.ts';
import type { Column, Medium } from './medium.ts';
import { cellSizes, column, rawColumn } from './medium.ts';
import type { Face, Workspace } from './step.ts';
import { step, workspace } from './step.ts';

/** Starch swells and batter stops to flow (wheat starch gelatinises from about 60–65 °C: handbooks, from memory). */
export const STOPS_C = 65;
/** Turned "at once" (*common practice*), s from the closed lid. */
export const AT_ONCE_S = 8;
/** Batter that clings to a pocket which was swirled full and emptied, mm (estimated; the thicker it flows, the more). */
const FILM_MM = 1.1;
/** Neither side is ever quite bare. */
const LEAST = 0.08;

/** Heat between the batter's free face and what it looks at, W/m²K: radiation and still steam (estimated). */
const FREE_FACE_H_W_PER_M2K = 12;

/** The free face of batter in a pan: no vapour leaves through it, steam fills the pan. */
export const freeFace = (temperature_C: number): Face => ({
  kind: 'air',
  temperature_C,
  h_WPerM2K: FREE_FACE_H_W_PER_M2K,
  vapour_Pa: 0,
  vapourConductance: 0,
});

/** Share of the depth that still flows. */
export const flowingShare = (T: ArrayLike<number>, size_m: ArrayLike<number>, from = 0): number => {
  let flowing = 0;
  let whole = 0;
  for (let i = 0; i < size_m.length; i++) {
    whole += size_m[i]!;
    if (T[from + i]! < STOPS_C) flowing += size_m[i]!;
  }
  return whole > 0 ? flowing / whole : 0;
};

const STEP_S = 0.25;
/** After so long nothing flows in any pan. */
const SETS_WITHIN_S = 240;
const PROBE_CELLS = 24;

/** Share of the batter that stays on the first plate when the pan is turned: what has set there, and at least the film that clings. */
export const staysShare = (m: Medium, thickness_m: number, plate_C: number, turn_s: number, poured_mm: number): number => {
  const c = column(m, thickness_m, 1, PROBE_CELLS, false);
  const w = workspace(c.n);
  for (let t = 0; t < Math.min(turn_s, SETS_WITHIN_S); t += STEP_S)
    step(m, c, w, { kind: 'plate', temperature_C: plate_C }, freeFace(plate_C), STEP_S);
  return clamp(Math.max(1 - flowingShare(c.T, c.size_m), FILM_MM / poured_mm), LEAST, 1 - LEAST);
};

/** A pan's column: cells of what stays on the first plate, then of what falls to the second; finer at both plates. */
export const turnedColumn = (m: Medium, thickness_m: number, stays: number, share: number, n: number): Column => {
  const size_m = new Float64Array(n);
  size_m.set(cellSizes(n, 2 * stays * thickness_m).subarray(0, n / 2), 0);
  size_m.set(cellSizes(n, 2 * (1 - stays) * thickness_m).subarray(n / 2), n / 2);
  return rawColumn(m, size_m, thickness_m, share, false);
};

/** The two halves of a pan's column once it has been turned: the same cells, each with its own plate and a free face inside. */
export type Halves = { readonly first: Column; readonly second: Column; readonly firstWork: Workspace; readonly secondWork: Workspace };

export const halvesOf = (c: Column): Halves => {
  const part = (from: number, to: number): Column => {
    const size_m = c.size_m.subarray(from, to);
    return {
      ...c,
      n: to - from,
      size_m,
      thickness_m: size_m.reduce((a, b) => a + b, 0),
      dry_kgPerM2: c.dry_kgPerM2.subarray(from, to),
      T: c.T.subarray(from, to),
      X: c.X.subarray(from, to),
    };
  };
  const half = c.n / 2;
  return { first: part(0, half), second: part(half, c.n), firstWork: workspace(half), secondWork: workspace(half) };
};

/** What falls mixes as it flows. */
export const mixed = ({ T, X, dry_kgPerM2 }: Column): void => {
  let dry = 0;
  let heat = 0;
  let water = 0;
  for (let i = 0; i < T.length; i++) {
    dry += dry_kgPerM2[i]!;
    heat += dry_kgPerM2[i]! * T[i]!;
    water += dry_kgPerM2[i]! * X[i]!;
  }
  T.fill(heat / dry);
  X.fill(water / dry);
};
