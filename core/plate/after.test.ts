import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { batterOf } from '../cook/index.ts';
import { presetIron, readBatter } from '../testing/batters.ts';
import type { RestingPlace } from './index.ts';
import { afterPlate, columnAt, crispLost_min, KITCHEN, plateMachine, portion, recoveredPlates, simulate, unfolded } from './index.ts';

const cooked = (second: number, unequal_K = 0) => {
  const iron = presetIron('thin-round');
  const bowl = batterOf(readBatter('quick'), { batter_C: 20, altitude_m: 0 });
  if (!bowl.ok) throw new Error(bowl.failure.code);
  const machine = plateMachine(iron);
  const plates = recoveredPlates(machine, 180, 22);
  const { trace, end } = simulate({
    machine,
    batter: bowl.value,
    portion_kg: portion(iron, bowl.value).portion_g / 1000,
    plates: { ...plates, upper_C: plates.upper_C + unequal_K },
    setting_C: 180,
    room_C: 22,
    duration_s: second,
    profiles: true,
  });
  return { medium: end.medium, columns: trace.columns.map((c) => columnAt(end.medium, c, second)), raw: bowl.value.rawLightness };
};
const piece = cooked(180);
const follow = (place: RestingPlace, minutes = 10, of = piece) =>
  afterPlate(
    of.medium,
    of.columns,
    of.columns.map(() => [66, 66] as const),
    place,
    KITCHEN,
    minutes,
    false,
  );

describe('unfolding', () => {
  test('a half column becomes a whole one with the same water, heat and thickness', () => {
    for (const half of piece.columns) {
      const whole = unfolded(half);
      expect(half.mirrored).toBe(true);
      expect([whole.mirrored, whole.n]).toEqual([false, 2 * half.n]);
      const sum = (values: Float64Array): number => values.reduce((a, b) => a + b, 0);
      expect(sum(whole.size_m)).toBeCloseTo(half.thickness_m, 9);
      expect(sum(whole.X)).toBeCloseTo(2 * sum(half.X), 9);
      expect(whole.T[0]).toBe(whole.T[whole.n - 1]);
    }
  });

  test('one that has two faces already is copied, so that following it leaves it as it was', () => {
    const two = cooked(120, 6);
    const before = two.columns.map((c) => Array.from(c.X));
    follow({ kind: 'rack' }, 5, two);
    expect(two.columns.map((c) => Array.from(c.X))).toEqual(before);
    expect(unfolded(two.columns[0]!).n).toBe(two.columns[0]!.n);
  });
});

describe('whatever the place', () => {
  const place = fc.oneof(
    fc.constantFrom<RestingPlace>({ kind: 'rack' }, { kind: 'dish' }, { kind: 'stack' }),
    fc.integer({ min: 60, max: 220 }).map((temperature_C): RestingPlace => ({ kind: 'oven', temperature_C })),
  );

  test('one value a minute, finite, crispness on its scale, colour never back', () => {
    fc.assert(
      fc.property(place, fc.integer({ min: 1, max: 6 }), (where, minutes) => {
        const { course } = follow(where, minutes);
        expect([course.crisp.length, course.mass.length, course.tawny.length]).toEqual([minutes + 1, minutes + 1, minutes + 1]);
        for (const crisp of course.crisp) expect(crisp >= 1 && crisp <= 5).toBe(true);
        course.tawny.forEach((step, i) => expect(step).toBeGreaterThanOrEqual(course.tawny[i - 1] ?? step));
        for (const mass of course.mass) expect(mass > 0.5 && mass < 1.02).toBe(true);
      }),
      { numRuns: 25, seed: 31 },
    );
  });

  test('a hotter oven dries more and browns more', () => {
    const at = (temperature_C: number) => follow({ kind: 'oven', temperature_C }).course;
    expect(at(150).mass.at(-1)!).toBeLessThan(at(93).mass.at(-1)!);
    expect(at(200).tawny.at(-1)!).toBeGreaterThan(at(150).tawny.at(-1)!);
    expect(at(93).tawny.at(-1)! - at(93).tawny[0]!).toBeLessThan(0.05);
  });

  test('damp air keeps more water in than dry air', () => {
    const mass = (humidity: number): number =>
      afterPlate(
        piece.medium,
        piece.columns,
        piece.columns.map(() => [66, 66] as const),
        { kind: 'rack' },
        { temperature_C: 22, humidity },
        20,
        false,
      ).course.mass.at(-1) ?? 0;
    expect(mass(0.9)).toBeGreaterThan(mass(0.2));
  });
});

test('crispness is lost where it falls under two after its best; what never was crisp hasn’t lost it', () => {
  const course = (crisp: number[]) => ({ crisp, mass: crisp.map(() => 1), tawny: crisp.map(() => 4) });
  expect(crispLost_min(course([3, 4, 3, 1.9, 1.2]))).toBe(3);
  expect(crispLost_min(course([1.8, 2.6, 2.4]))).toBeNull();
  expect(crispLost_min(course([1.5, 1.6, 1.2]))).toBeNull();
  // Soft for a minute on the way up is no loss.
  expect(crispLost_min(course([1.5, 3, 2.5, 1.4]))).toBe(3);
});
