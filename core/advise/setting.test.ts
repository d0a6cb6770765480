import { runToEnd } from '../basis/index.ts';
import { describe, expect, test } from '@jest/globals';
import type { Cooked } from '../cook/cook.ts';
import { findSetting } from './setting.ts';

/** A pretend iron: cooler is crisper and, beyond a point, dry before it is brown. */
const pretend = (
  crispAt: (C: number) => number,
  tawnyAt: (C: number) => number = () => 4,
  tooDry_s: (C: number) => number | null = () => null,
) => {
  let asked = 0;
  const cookAt = (setting_C: number): Cooked | null => {
    asked++;
    return {
      window: { best_s: 300 },
      moments: { tooDry_s: tooDry_s(setting_C) },
      tawny: tawnyAt(setting_C),
      crisp: crispAt(setting_C),
    } as unknown as Cooked;
  };
  return { cookAt, count: () => asked };
};

const find = (iron: ReturnType<typeof pretend>, crisp: number): number => {
  return runToEnd(findSetting({ min_C: 135, max_C: 195 }, { tawny: 4, crisp }, iron.cookAt));
};

describe('the setting at which colour and crispness come together', () => {
  test('is found within half a kelvin where crispness falls along the range', () => {
    for (const wish of [2.2, 3, 3.7]) {
      const iron = pretend((C) => 5 - (C - 135) / 20);
      expect(Math.abs(find(iron, wish) - (135 + 20 * (5 - wish)))).toBeLessThan(0.5);
      expect(iron.count()).toBeLessThan(14);
    }
  });

  test('curved or flat, it is still found', () => {
    const iron = pretend((C) => 5 - 3 * ((C - 135) / 60) ** 3);
    const setting = find(iron, 3);
    expect(5 - 3 * ((setting - 135) / 60) ** 3).toBeCloseTo(3, 1);
  });

  test('of several places the hottest counts: it is the quickest', () => {
    const iron = pretend((C) => 3 + Math.sin(((C - 135) / 60) * 3 * Math.PI));
    const setting = find(iron, 3.2);
    expect(setting).toBeGreaterThan(180);
  });

  test('out of reach: the nearest end', () => {
    expect(
      find(
        pretend((C) => 2 - (C - 135) / 100),
        4,
      ),
    ).toBeLessThan(140);
    expect(
      find(
        pretend((C) => 5 - (C - 135) / 100),
        2,
      ),
    ).toBeGreaterThan(190);
  });

  test('colour counts more than crispness, and dryness is no way out', () => {
    const pale = pretend(
      (C) => 5 - (C - 135) / 20,
      (C) => (C < 160 ? 2.5 : 4),
    );
    expect(find(pale, 4.8)).toBeGreaterThanOrEqual(157);
    const dry = pretend(
      (C) => 5 - (C - 135) / 20,
      () => 4,
      (C) => (C < 160 ? 150 : null),
    );
    expect(find(dry, 4.8)).toBeGreaterThanOrEqual(155);
  });

  test('asks the five looks first, from cool to hot, and little more where they bracket it', () => {
    const asked: number[] = [];
    const steps = findSetting({ min_C: 135, max_C: 195 }, { tawny: 4, crisp: 3 }, (C) => {
      asked.push(C);
      return pretend((at) => 5 - (at - 135) / 20).cookAt(C);
    });
    let next = steps.next();
    let pauses = 0;
    while (next.done !== true) {
      pauses++;
      next = steps.next();
    }
    expect(asked.slice(0, 5)).toEqual([135, 150, 165, 180, 195]);
    expect(asked.slice(5).every((C) => C >= 165 && C <= 180)).toBe(true);
    // It gives way after every look but, at most, the one that hits.
    expect(pauses).toBeGreaterThanOrEqual(asked.length - 1);
  });

  test('a straight line is hit at once: the first guess lies on it', () => {
    const iron = pretend((C) => 5 - (C - 135) / 20);
    expect(find(iron, 3)).toBeCloseTo(175, 1);
    expect(iron.count()).toBeLessThanOrEqual(7);
  });

  test('out of reach, the nearest is refined to a few kelvin, inside the range', () => {
    // Best colour at 172 °C, falling off to both sides; never on colour.
    const iron = pretend(
      () => 3,
      (C) => 3.5 - Math.abs(C - 172) / 60,
    );
    const setting = find(iron, 3);
    expect(Math.abs(setting - 172)).toBeLessThan(4);
    expect(
      find(
        pretend(
          () => 3,
          (C) => C / 100,
        ),
        3,
      ),
    ).toBe(195);
    expect(
      find(
        pretend(
          () => 3,
          (C) => 8 - C / 40,
        ),
        3,
      ),
    ).toBeCloseTo(160, -1);
  });

  test('dryness weighs by how much of the cook it takes', () => {
    // Everything dries before its colour, the less so the hotter.
    const iron = pretend(
      () => 3,
      () => 4,
      (C) => 150 + (C - 135) * 2,
    );
    expect(find(iron, 3)).toBe(195);
  });

  test('a load that never sets is not chosen', () => {
    const steps = findSetting({ min_C: 135, max_C: 195 }, { tawny: 4, crisp: 3 }, (C) => (C < 165 ? null : pretend(() => 2.9).cookAt(C)));
    let next = steps.next();
    while (next.done !== true) next = steps.next();
    expect(next.value).toBeGreaterThanOrEqual(165);
  });
});
