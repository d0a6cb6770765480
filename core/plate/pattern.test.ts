import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { batterOf } from '../cook/index.ts';
import { tawnyStepOf } from '../matter/index.ts';
import { presetIron, readBatter } from '../testing/batters.ts';
import type { SimulationInput } from './index.ts';
import {
  leansOf,
  lightnessAt,
  offsetOf,
  patternAdvice,
  patternCurve,
  patternMap,
  plateMachine,
  portion,
  recoveredPlates,
  simulate,
  taughtPattern,
} from './index.ts';

const inputFor = (id: string, setting_C: number): SimulationInput => {
  const iron = presetIron(id);
  const bowl = batterOf(readBatter('quick'), { batter_C: 18, altitude_m: 0 });
  if (!bowl.ok) throw new Error(bowl.failure.code);
  const machine = plateMachine(iron);
  return {
    machine,
    batter: bowl.value,
    portion_kg: portion(iron, bowl.value).portion_g / 1000,
    plates: recoveredPlates(machine, setting_C, 22),
    setting_C,
    room_C: 22,
    duration_s: 300,
  };
};

describe('an uneven plate', () => {
  const input = inputFor('deep-round', 170);
  const SECOND = 240;
  const curve = patternCurve(input, SECOND);

  test('the interpolated map is within a tenth of a step of a direct run, wherever the pocket lies', () => {
    for (const offset of [-40, -17, -9, -3, 2, 8.5, 16, 26, 38]) {
      const { lower_C, upper_C, lowerSensor_C, upperSensor_C } = input.plates;
      const { trace } = simulate({
        ...input,
        cells: 12,
        setting_C: input.setting_C + offset,
        plates: {
          lower_C: lower_C + offset,
          upper_C: upper_C + offset,
          lowerSensor_C: lowerSensor_C + offset,
          upperSensor_C: upperSensor_C + offset,
        },
        duration_s: SECOND + 1,
      });
      const direct = tawnyStepOf(trace.lowerLightness[SECOND] ?? 0, curve.rawLightness);
      expect(Math.abs(tawnyStepOf(lightnessAt(curve, 'lower', offset), curve.rawLightness) - direct)).toBeLessThan(0.1);
    }
  });

  test('hotter is darker everywhere; there and back', () => {
    fc.assert(
      fc.property(fc.double({ min: -30, max: 30, noNaN: true }), (offset) => {
        expect(lightnessAt(curve, 'upper', offset + 3)).toBeLessThan(lightnessAt(curve, 'upper', offset));
        expect(offsetOf(curve, 'upper', lightnessAt(curve, 'upper', offset))).toBeCloseTo(offset, 1);
      }),
      { numRuns: 80, seed: 4 },
    );
  });

  test('a picture teaches the offsets it was made with, but for their mean', () => {
    const truth = Array.from({ length: 64 }, (_, i) => (i % 8) - 3.5 + (i % 3));
    const mean = truth.reduce((a, b) => a + b, 0) / 64;
    const taught = taughtPattern(curve, 'lower', patternMap(curve, 'lower', truth));
    taught.forEach((value, i) => expect(value).toBeCloseTo(truth[i]! - mean, 0));
    expect(taughtPattern(curve, 'lower', [null, 60, null, 60])).toEqual([0, 0, 0, 0]);
  });
});

test('leans by a straight line, and what to do about them', () => {
  const right = Array.from({ length: 25 }, (_, i) => ((i % 5) - 2) * 3);
  expect(leansOf(right, 5, 5).rightOverLeft).toBeCloseTo(12, 6);
  expect(leansOf(right, 5, 5).frontOverHinge).toBeCloseTo(0, 6);
  expect(patternAdvice(right, 5, 5)).toMatchObject([{ code: 'pattern-lean', fields: { hotter: 'right', kelvin: 12 } }]);
  const hinge = Array.from({ length: 25 }, (_, i) => (2 - Math.floor(i / 5)) * 2);
  expect(patternAdvice(hinge, 5, 5)).toMatchObject([{ code: 'pattern-lean', fields: { hotter: 'hinge', kelvin: 8 } }]);
  const rim = Array.from({ length: 49 }, (_, i) => (Math.hypot((i % 7) - 3, Math.floor(i / 7) - 3) > 2.3 ? -5 : 4));
  expect(patternAdvice(rim, 7, 7).map((f) => f.code)).toContain('pattern-cool-rim');
  expect(patternAdvice(new Array<number>(25).fill(0), 5, 5)).toMatchObject([{ code: 'pattern-even' }]);
});
