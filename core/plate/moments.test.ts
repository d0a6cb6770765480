import { describe, expect, test } from '@jest/globals';
import { per100g } from '../matter/index.ts';
import type { BatterProperties, Trace } from './index.ts';
import { batterProperties, moments, palerStep, risesTo, waterShare } from './index.ts';

const batter: BatterProperties = batterProperties({
  composition: per100g({ water: 50, protein: 7, fat: 9, sucrose: 3, fibre: 1, ash: 1 }),
  airFraction: 0,
  gas_molPerKg: 0,
  alkali_eqPerKg: 0,
  tint: 0,
  temperature_C: 20,
  altitude_m: 0,
});

/** A trace drawn by hand: straight lines, so that every moment is known. */
const trace = (
  changes: Partial<Record<'core' | 'loss' | 'coreWater' | 'lower' | 'upper' | 'steam', (second: number) => number>> = {},
  seconds = 400,
): Trace => {
  const row = (f: (second: number) => number): Float64Array => Float64Array.from({ length: seconds + 1 }, (_, i) => f(i));
  const lower = row(changes.lower ?? ((s) => 86 - 0.1 * s));
  return {
    seconds,
    core_C: row(changes.core ?? ((s) => Math.min(100, 20 + s))),
    face_C: row(() => 150),
    lowerPlate_C: row(() => 180),
    upperPlate_C: row(() => 180),
    steam_gPerS: row(changes.steam ?? (() => 0.1)),
    loss: row(changes.loss ?? ((s) => 0.0005 * s)),
    coreWater: row(changes.coreWater ?? ((s) => 0.5 - 0.0004 * s)),
    lowerLightness: lower,
    upperLightness: changes.upper === undefined ? lower : row(changes.upper),
    columnLightness: [],
    columns: [],
  };
};

describe('crossing a level', () => {
  test('between two seconds by a straight line', () => {
    expect(risesTo([0, 1, 2, 3], 1.5)).toBe(1.5);
    expect(risesTo([0, 1, 2, 3], 2)).toBe(2);
    expect(risesTo([5, 6], 1)).toBe(0);
    expect(risesTo([0, 0.5], 1)).toBeNull();
    expect(risesTo([9, 0, 1, 2], 1.5, 1)).toBe(2.5);
    expect(risesTo([], 1)).toBeNull();
  });
});

describe('moments of a cook', () => {
  test('set when the coldest place is at the setting temperature; dry crumb at 95 °C, or 2 K under boiling', () => {
    const m = moments(trace(), batter, false);
    expect(m.coreSet_s).toBeCloseTo(batter.setTemperature_C - 20, 6);
    expect(m.dryCrumb_s).toBeCloseTo(75, 6);
    const high = { ...batter, boiling_C: 93 };
    expect(moments(trace(), high, false).dryCrumb_s).toBeCloseTo(71, 6);
    expect(moments(trace({ core: () => 60 }), batter, false).coreSet_s).toBeNull();
  });

  test('lets go once it has set and its paler face has taken colour, whichever is later', () => {
    const coloured_s = (batter.rawLightness - 86) / 0.1;
    const m = moments(trace(), batter, false);
    const middle = risesTo(palerStep(trace(), batter.rawLightness), 1.5) ?? NaN;
    expect(middle).toBeGreaterThan(coloured_s);
    expect(m.letsGo_s).toBeCloseTo(Math.max(m.coreSet_s ?? NaN, middle), 9);
    // A core that sets long after the colour; a face that stays white; one that never sets.
    expect(moments(trace({ core: (s) => s / 4 }), batter, false).letsGo_s).toBeCloseTo(4 * batter.setTemperature_C, 6);
    expect(moments(trace({ upper: () => 86 }), batter, false).letsGo_s).toBeNull();
    expect(moments(trace({ core: () => 60 }), batter, false).letsGo_s).toBeNull();
  });

  test('too dry by loss or by the core, whichever comes first; wafers never', () => {
    // 25 % lost after 500 s, core under 30 % after 500 s: neither within 400.
    expect(moments(trace(), batter, false).tooDry_s).toBeNull();
    expect(moments(trace({ loss: (s) => 0.001 * s }), batter, false).tooDry_s).toBeCloseTo(250, 6);
    expect(moments(trace({ coreWater: (s) => 0.5 - 0.001 * s }), batter, false).tooDry_s).toBeCloseTo(200, 6);
    expect(moments(trace({ loss: (s) => 0.001 * s, coreWater: (s) => 0.5 - 0.001 * s }), batter, false).tooDry_s).toBeCloseTo(200, 6);
    expect(moments(trace({ loss: (s) => 0.001 * s }), batter, true).tooDry_s).toBeNull();
  });

  test('steam is down at a third of its ten-second peak, for good, once the core has set', () => {
    const steam = (s: number): number => (s < 30 ? 0.4 : s < 200 ? 0.2 : 0.05);
    const m = moments(trace({ steam }), batter, false);
    // 0.4 at its peak, so 0.14; the ten-second mean falls from 0.2 at 200 s to 0.05 at 209 s.
    expect(m.steamDown_s).toBeGreaterThan(202);
    expect(m.steamDown_s).toBeLessThan(209);
    // Down already before it has set: not before that moment.
    const early = moments(trace({ steam: (s) => (s < 20 ? 0.4 : 0.01) }), batter, false);
    expect(early.steamDown_s).toBeGreaterThanOrEqual(early.coreSet_s ?? Infinity);
    expect(moments(trace({ steam: (s) => 0.1 + 0.001 * s }), batter, false).steamDown_s).toBeNull();
    expect(moments(trace({ core: () => 60 }), batter, false).steamDown_s).toBeNull();
  });

  test('the paler face counts', () => {
    const lopsided = trace({ lower: (s) => 86 - 0.2 * s, upper: (s) => 86 - 0.1 * s });
    const even = trace({ lower: (s) => 86 - 0.1 * s });
    expect(moments(lopsided, batter, false).steps_s).toEqual(moments(even, batter, false).steps_s);
    expect(Math.min(...palerStep(lopsided, batter.rawLightness))).toBe(1);
  });

  // The scale's own middles: L* 77 for step 2, 62 for step 4.
  test('steps are reached at their lightness', () => {
    const { steps_s } = moments(trace(), batter, false);
    expect(steps_s).toHaveLength(9);
    expect(steps_s[2]).toBeCloseTo(90, 6);
    expect(steps_s[4]).toBeCloseTo(240, 6);
    expect(steps_s[8]).toBeNull();
  });

  test('dried through at 5 % water left', () => {
    const m = moments(trace({ loss: (s) => Math.min(0.499, 0.002 * s) }), batter, true);
    const loss = 0.002 * (m.driedThrough_s ?? 0);
    expect(waterShare(batter, loss)).toBeCloseTo(0.05, 3);
    expect(waterShare(batter, 0)).toBeCloseTo(0.5, 6);
    expect(waterShare(batter, 0.9)).toBe(0);
  });
});
