import { describe, expect, test } from '@jest/globals';
import { isotherm, per100g, sorptionMatter } from '../matter/index.ts';
import type { BatterProperties } from './batter.ts';
import { batterProperties } from './batter.ts';
import type { Medium } from './medium.ts';
import { column, medium, UNSCALED } from './medium.ts';
import type { Face } from './step.ts';
import { step, workspace } from './step.ts';

/** The solver apart from the food: the same equations with water, sorption or contact switched off. */
const real = batterProperties({
  composition: per100g({ water: 50, protein: 6, fat: 8, ash: 1 }),
  airFraction: 0,
  gas_molPerKg: 0,
  alkali_eqPerKg: 0,
  tint: 0,
  temperature_C: 20,
  altitude_m: 0,
});
const without = sorptionMatter(per100g({ water: 50, fat: 50, starch: 0 }));

const solid = (changes: Partial<BatterProperties> = {}): BatterProperties => ({
  ...real,
  water: 1,
  sorption: without,
  isotherm: isotherm(without, 100),
  ...changes,
});

const plate = (temperature_C: number): Face => ({ kind: 'plate', temperature_C });
const K = 0.3;
const DENSITY = 1000;
const CAPACITY = 2000;
const ALPHA = K / (DENSITY * CAPACITY);

const inert = (batter: BatterProperties, contact: number, thickness_m: number): Medium => ({
  ...medium(batter, DENSITY * thickness_m, thickness_m, UNSCALED),
  wetConductivity: K,
  dryConductivity: K,
  dryDensity_kgPerM3: DENSITY,
  vapour: 0,
  contactWet: contact,
  contactDry: contact,
  batter: { ...batter, dryHeatCapacity_JPerKgK: CAPACITY },
});

const run = (m: Medium, thickness_m: number, cells: number, seconds: number, dt_s: number, plate_C: number) => {
  const c = column(m, thickness_m, 1, cells, true);
  c.X.fill(0);
  const w = workspace(c.n);
  for (let t = 0; t < seconds - 1e-9; t += dt_s) step(m, c, w, plate(plate_C), { kind: 'mirror' }, dt_s);
  return c;
};

describe('slab with convective faces: Heisler, first term (Incropera & DeWitt Table 5.1: ζ₁ and C₁)', () => {
  test.each([
    [1, 0.860334, 1.119132],
    [2, 1.076874, 1.178456],
    [10, 1.42887, 1.261963],
  ])('Bi = %d', (Bi, zeta, C1) => {
    const half = 0.005;
    const Fo = 0.5;
    const m = inert(solid(), (Bi * K) / half, 2 * half);
    const c = run(m, 2 * half, 48, (Fo * half * half) / ALPHA, 0.05, 120);
    const middle = c.T[c.n - 1] ?? 0;
    const x = (c.size_m[c.n - 1] ?? 0) / 2;
    const theta = C1 * Math.exp(-zeta * zeta * Fo) * Math.cos((zeta * x) / half);
    expect((120 - middle) / 100).toBeCloseTo(theta, 2);
  });
});

describe('semi-infinite body (Carslaw & Jaeger): T = Ti + (Ts − Ti)·erfc(x / 2√(αt))', () => {
  // erfc(0.5) = 0.47950012, erfc(1) = 0.15729921 (tables).
  test.each([
    [0.5, 0.47950012],
    [1, 0.15729921],
  ])('erfc(%d)', (argument, erfc) => {
    const seconds = 30;
    const thick = 0.06;
    const m = inert(solid(), 1e7, thick);
    const c = run(m, thick, 200, seconds, 0.05, 180);
    const depth = 2 * argument * Math.sqrt(ALPHA * seconds);
    let edge = 0;
    let before = { x: 0, T: 180 };
    let found = NaN;
    for (let i = 0; i < c.n; i++) {
      const size = c.size_m[i] ?? 0;
      const here = { x: edge + size / 2, T: c.T[i] ?? 0 };
      if (here.x >= depth) {
        found = before.T + ((here.T - before.T) * (depth - before.x)) / (here.x - before.x);
        break;
      }
      before = here;
      edge += size;
    }
    expect((found - 20) / 160).toBeCloseTo(erfc, 2);
  });
});

describe('one-phase Stefan problem (Neumann): s = 2λ√(αt), λ·exp(λ²)·erf(λ) = Ste/√π', () => {
  // Crust on water at its boiling point. Ste = 0.0522, λ = 0.160196 (worked crust front, recomputed).
  test('the crust front after 120 s', () => {
    const L = 2256.5e3;
    const dry = 450;
    const X0 = 0.55 / 0.45;
    const c_p = 1800;
    const k = 1e-7 * dry * c_p;
    const boiling = 99.974;
    const thickness = 0.012;
    const batter = { ...solid({ water: X0, dryHeatCapacity_JPerKgK: c_p, temperature_C: boiling, boiling_C: boiling }) };
    const m: Medium = {
      ...medium(batter, (dry / 0.45) * thickness, thickness, UNSCALED),
      wetConductivity: k,
      dryConductivity: k,
      dryDensity_kgPerM3: dry,
      vapour: 0,
      contactWet: 1e7,
      contactDry: 1e7,
      latent_JPerKg: L,
      batter,
    };
    const c = column(m, thickness, 1, 160, true);
    const w = workspace(c.n);
    for (let t = 0; t < 120; t += 0.05) step(m, c, w, plate(boiling + 80), { kind: 'mirror' }, 0.05);
    let front = 0;
    for (let i = 0; i < c.n; i++) front += (c.size_m[i] ?? 0) * (1 - Math.min(1, (c.X[i] ?? 0) / X0));
    expect(front * 1000).toBeGreaterThan(1.1099 * 0.96);
    expect(front * 1000).toBeLessThan(1.1099 * 1.04);
  });
});
