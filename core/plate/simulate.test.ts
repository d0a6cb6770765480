import { describe, expect, test } from '@jest/globals';
import { batterOf } from '../cook/index.ts';
import { DEFAULT_CONDITIONS } from '../advise/index.ts';
import type { BATTERS } from '../testing/batters.ts';
import { presetIron, readBatter } from '../testing/batters.ts';
import type { SimulationInput, Trace } from './index.ts';
import { meanThickness_m, plateMachine, portion, recoveredPlates, simulate, UNSCALED } from './index.ts';
import { column, medium } from './medium.ts';
import { heatCapacity, step, workspace } from './step.ts';

const inputFor = (
  ironId: string,
  batter: keyof typeof BATTERS,
  setting_C: number,
  changes: Partial<SimulationInput> = {},
): SimulationInput => {
  const iron = presetIron(ironId);
  const bowl = batterOf(readBatter(batter), DEFAULT_CONDITIONS);
  if (!bowl.ok) throw new Error(bowl.failure.code);
  const machine = plateMachine(iron);
  return {
    machine,
    batter: bowl.value,
    portion_kg: portion(iron, bowl.value).portion_g / 1000,
    plates: recoveredPlates(machine, setting_C, 22),
    setting_C,
    room_C: 22,
    duration_s: 360,
    ...changes,
  };
};

const last = (values: ArrayLike<number>): number => values[values.length - 1] ?? NaN;
const timeTo = (trace: Trace, lightness: number): number => trace.lowerLightness.findIndex((value) => value <= lightness);

describe('balances', () => {
  test.each([
    ['deep-round', 'quick', 170],
    ['thin-square-4', 'folded', 185],
    ['wafer', 'wafer', 210],
    ['ball-pan', 'rested', 200],
  ] as const)('%s, %s: steam second by second adds up to the water that is gone (0.5 %)', (ironId, batter, setting) => {
    const input = inputFor(ironId, batter, setting);
    const { trace } = simulate(input);
    const left_kg = trace.steam_gPerS.reduce((sum, rate, i) => sum + (i === 0 ? 0 : rate), 0) / 1000;
    const gone_kg = last(trace.loss) * input.portion_kg;
    // Noted by whole seconds and, in long cooks, as the mean of two: that costs up to 0.4 %. The balance within a step is the next test.
    expect(Math.abs(left_kg / gone_kg - 1)).toBeLessThan(5e-3);
  });

  test.each([
    ['deep-round', 'quick', 175, 160, 240, 0],
    ['thin-round', 'folded', 200, 200, 200, 0],
    ['thin-square-4', 'quick', 190, 190, 240, 0],
    ['mini', 'quick', 200, 200, 200, 0],
    ['ball-pan', 'rested', 210, 180, 240, 0],
    ['wafer', 'wafer', 215, 215, 120, 0],
    ['wafer', 'wafer', 300, 300, 150, 0],
    ['wafer', 'wafer', 300, 280, 150, 3000],
  ] as const)('%s, %s at %d and %d °C for %d s, %d m up: water and heat close (0.1 %)', (ironId, of, low, high, seconds, altitude_m) => {
    const { portion_kg, machine } = inputFor(ironId, of, low);
    const bowl = batterOf(readBatter(of), { ...DEFAULT_CONDITIONS, altitude_m });
    if (!bowl.ok) throw new Error(bowl.failure.code);
    const thickness = meanThickness_m(machine);
    const m = medium(bowl.value, portion_kg / machine.heatedArea_m2, thickness, UNSCALED);
    const c = column(m, thickness, 1, 20, false);
    const w = workspace(c.n);
    const face = (temperature_C: number) => ({ kind: 'plate', temperature_C }) as const;
    const water = (): number => c.X.reduce((sum, X, i) => sum + X * (c.dry_kgPerM2[i] ?? 0), 0);
    const raw = water();
    const [dt, noted] = [0.25, { given: 0, stored: 0, steam: 0 }];
    for (let t = 0; t < seconds; t += dt) {
      const before = Float64Array.from(c.T);
      const capacity = Array.from(c.T, (_, i) => heatCapacity(m, c, i));
      step(m, c, w, face(low), face(high), dt);
      noted.given += dt * (w.heatLower + w.heatUpper);
      noted.steam += dt * (w.steamFreed - w.steamCaught);
      for (let i = 0; i < c.n; i++) noted.stored += (capacity[i] ?? 0) * ((c.T[i] ?? 0) - (before[i] ?? 0));
    }
    const gone = raw - water();
    expect(gone).toBeGreaterThan(0);
    expect(Math.abs(noted.steam / gone - 1)).toBeLessThan(1e-3);
    expect(Math.abs((noted.stored + gone * m.latent_JPerKg) / noted.given - 1)).toBeLessThan(1e-3);
  });

  test('water is never made, nor less than nothing', () => {
    const { trace, end } = simulate(inputFor('wafer', 'wafer', 230, { duration_s: 200 }));
    for (let i = 1; i < trace.loss.length; i++) expect(trace.loss[i] ?? 0).toBeGreaterThanOrEqual((trace.loss[i - 1] ?? 0) - 1e-6);
    for (const c of end.columns) for (const X of c.X) expect(X).toBeGreaterThanOrEqual(0);
  });
});

describe('refinement', () => {
  // Against a run four times finer: while the core still rises by a kelvin a second (60 s) within 1.2 K, then within 0.2 K; loss within 0.6
  // points; step 4 within 1.5 %.
  test.each([
    ['deep-round', 'quick', 170],
    ['thin-round', 'quick', 185],
    ['mini', 'folded', 200],
  ] as const)('%s: grid and steps are fine enough', (ironId, batter, setting) => {
    const coarse = simulate(inputFor(ironId, batter, setting)).trace;
    const fine = simulate(inputFor(ironId, batter, setting, { cells: 64, refine: 6 })).trace;
    for (const s of [60, 120, 200, 300]) {
      expect(Math.abs((coarse.core_C[s] ?? 0) - (fine.core_C[s] ?? 0))).toBeLessThan(s <= 60 ? 1.2 : 0.2);
      expect(Math.abs((coarse.loss[s] ?? 0) - (fine.loss[s] ?? 0))).toBeLessThan(0.006);
    }
    expect(Math.abs(timeTo(coarse, 62) / timeTo(fine, 62) - 1)).toBeLessThan(0.015);
  });
});

describe('what a cook knows', () => {
  test('bit-equal when asked again', () => {
    expect(simulate(inputFor('deep-round', 'quick', 170)).trace).toEqual(simulate(inputFor('deep-round', 'quick', 170)).trace);
  });

  test('the core sets before the colour comes, and never gets much over boiling', () => {
    const { trace } = simulate(inputFor('deep-round', 'quick', 170));
    const set = trace.core_C.findIndex((value) => value >= 88);
    expect(set).toBeGreaterThan(20);
    expect(set).toBeLessThan(timeTo(trace, 62));
    expect(trace.core_C[timeTo(trace, 62)] ?? 0).toBeLessThan(108);
  });

  test.each([
    ['hotter plates brown sooner', { setting_C: 190, plates: recoveredPlates(plateMachine(presetIron('deep-round')), 190, 22) }],
    ['less batter browns sooner', { portion_kg: 0.15 }],
    ['better contact browns sooner', { scales: { contact: 1.2, crust: 1, browning: 1 } }],
    ['a faster batter browns sooner', { scales: { contact: 1, crust: 1, browning: 1.3 } }],
  ] as const)('%s', (_, changes) => {
    const usual = timeTo(simulate(inputFor('deep-round', 'quick', 170)).trace, 62);
    expect(timeTo(simulate(inputFor('deep-round', 'quick', 170, changes)).trace, 62)).toBeLessThan(usual);
  });

  test('two unequal plates make two unequal faces', () => {
    const plates = { lower_C: 185, upper_C: 160, lowerSensor_C: 185, upperSensor_C: 160 };
    const { trace } = simulate(inputFor('deep-round', 'quick', 170, { plates }));
    expect(last(trace.lowerLightness)).toBeLessThan(last(trace.upperLightness));
  });

  test('plates dip under a cold load and come back', () => {
    const { trace } = simulate(inputFor('deep-round', 'quick', 170));
    const lowest = Math.min(...trace.lowerPlate_C);
    expect(170 - lowest).toBeGreaterThan(8);
    expect(last(trace.lowerPlate_C)).toBeGreaterThan(lowest + 3);
  });
});

describe('a spot that follows the plates of a load', () => {
  const input = inputFor('deep-round', 'quick', 170, { duration_s: 240 });
  const { trace } = simulate(input);
  const followed = simulate({ ...input, follow: trace }).trace;

  test('of the same batter, it is the load', () => {
    expect(Math.abs(last(followed.lowerLightness) - last(trace.lowerLightness))).toBeLessThan(0.15);
    expect(Math.abs(last(followed.core_C) - last(trace.core_C))).toBeLessThan(0.3);
    for (const s of [30, 120, 240]) expect(followed.lowerPlate_C[s]).toBeCloseTo(trace.lowerPlate_C[s]!, 9);
  });

  test('its own heat doesn’t count: half as much again cools the plates no more, and warms later', () => {
    const wet = simulate({ ...input, portion_kg: input.portion_kg * 1.5, follow: trace }).trace;
    expect(last(wet.lowerPlate_C)).toBe(last(followed.lowerPlate_C));
    expect(wet.core_C[40]).toBeLessThan(followed.core_C[40]! - 1);
  });
});
