import { describe, expect, test } from '@jest/globals';
import { seededRandom } from '../basis/index.ts';
import { controlChart } from './index.ts';

describe('single values against their own scatter', () => {
  // NIST/SEMATECH e-Handbook of Statistical Methods, 6.3.2.2, "Individuals control limits for flowrate" (from memory): x̄ 50.81, MR̄ 1.8778, limits 45.8159 and 55.8041.
  test('the worked example of the handbook', () => {
    const chart = controlChart([49.6, 47.6, 49.9, 51.3, 47.8, 51.2, 52.6, 52.4, 53.6, 52.1])!;
    expect(chart.centre).toBeCloseTo(50.81, 10);
    expect(chart.lower).toBeCloseTo(45.8159, 3);
    expect(chart.upper).toBeCloseTo(55.8041, 3);
  });

  const steady = [0.1, -0.1, 0.2, -0.2, 0.1, -0.1, 0.2, -0.2];
  const alarmsOf = (more: readonly number[]) => controlChart([...steady, ...more], steady.length)!.alarms.slice(steady.length);

  test('each of the four rules is seen, and on one side only', () => {
    // The scatter of the first eight: 0.3 on the mean between two, 0.25 of a standard deviation.
    const sd = controlChart(steady)!.upper / 3;
    expect(alarmsOf([3.2 * sd])).toEqual(['beyond-3']);
    expect(alarmsOf([2.2 * sd, 0, 2.2 * sd])).toEqual([null, null, 'two-of-three-beyond-2']);
    expect(alarmsOf([2.2 * sd, 0, -2.2 * sd])).toEqual([null, null, null]);
    expect(alarmsOf([1.2 * sd, 1.2 * sd, 0, 1.2 * sd, 1.2 * sd]).at(-1)).toBe('four-of-five-beyond-1');
    expect(alarmsOf(Array.from({ length: 8 }, () => -0.4 * sd)).at(-1)).toBe('eight-on-one-side');
    expect(alarmsOf(Array.from({ length: 7 }, (_, i) => (i % 2 === 0 ? 0.4 * sd : -0.4 * sd)))).toEqual(
      Array.from({ length: 7 }, () => null),
    );
  });

  test('a steady iron alarms seldom, one that drifts by a standard deviation soon', () => {
    const random = seededRandom(3);
    const alarms = { steady: 0, drifted: 0 };
    for (let iron = 0; iron < 200; iron++) {
      const values = Array.from({ length: 40 }, () => random.normal());
      const drifted = values.map((value, i) => value + (i < 20 ? 0 : 1.5));
      const alarming = (all: readonly number[]): boolean =>
        controlChart(all, 20)!
          .alarms.slice(20)
          .some((alarm) => alarm !== null);
      if (alarming(values)) alarms.steady++;
      if (alarming(drifted)) alarms.drifted++;
    }
    expect(alarms.drifted).toBeGreaterThan(190);
    expect(alarms.steady).toBeLessThan(0.6 * alarms.drifted);
  });

  test('too few say nothing; all alike have no scatter to break', () => {
    expect(controlChart([1, 2, 3])).toBeNull();
    expect(controlChart(Array.from({ length: 9 }, () => 4))?.alarms.every((alarm) => alarm === null)).toBe(true);
  });
});
