import { HOUR_MS } from '../../../core/basis/index.ts';
import { describe, expect, test } from '@jest/globals';
import type { LotEvent } from '../../../core/log/index.ts';
import type { Night } from './fermentPath.ts';
import { firstCookAt, followed, readingsOf, spanOf, staysOf, warmPath } from './fermentPath.ts';

const NOW = Date.UTC(2026, 4, 1, 18);
const NIGHT: Night = {
  cookAt: NOW + 14 * HOUR_MS,
  elapsed_h: 14,
  toCold_min: 30,
  start_C: 28,
  fridge_C: 4,
  room_C: 19,
  vessel: 'bowl',
};
const BOWL = {
  yeast_g: 4,
  batter_g: 1560,
  density_gPerML: 1.05,
  food_g: 45,
  sugarPerWater: 0.033,
  saltPerWater: 0.011,
  pressure_Pa: 101_325,
};
const question = (night: Night) => ({ bowl: BOWL, night, duration_s: spanOf(night, null).duration_s, readings: [] });

describe('when', () => {
  test('half an hour before the run is served; without one, or when it is over, in fourteen hours', () => {
    expect(firstCookAt(NOW + 5 * HOUR_MS, NOW)).toBe(NOW + 4.5 * HOUR_MS);
    expect([firstCookAt(null, NOW), firstCookAt(NOW - HOUR_MS, NOW), firstCookAt(NOW + HOUR_MS, NOW)]).toEqual(
      Array(3).fill(NOW + 14 * HOUR_MS),
    );
  });

  test('a bowl that is mixed already has its own beginning, and never a span of nothing', () => {
    expect(spanOf(NIGHT, null)).toEqual({ startAt: NOW, duration_s: 14 * 3600 });
    expect(spanOf(NIGHT, NOW + 2 * HOUR_MS)).toEqual({ startAt: NOW + 2 * HOUR_MS, duration_s: 12 * 3600 });
    expect(spanOf(NIGHT, NIGHT.cookAt + HOUR_MS).duration_s).toBe(600);
  });

  test('the warm path is cooked in two hours or a little more, and never in the past', () => {
    const warm = warmPath(NIGHT, NOW);
    expect(warm.cookAt).toBe(NOW + 2.2 * HOUR_MS);
    expect(warmPath({ ...NIGHT, cookAt: NOW }, NOW).cookAt).toBe(NOW + 2 * HOUR_MS);
    expect(staysOf(warm, spanOf(warm, null).duration_s)).toEqual([{ at_s: 0, place: { kind: 'kitchen', air_C: 27 } }]);
  });
});

describe('where it stands', () => {
  test('into the cold after half an hour; not when it is cooked before', () => {
    expect(staysOf(NIGHT, 14 * 3600).map(({ at_s, place }) => [at_s, place.kind])).toEqual([
      [0, 'kitchen'],
      [1800, 'refrigerator'],
    ]);
    expect(staysOf(NIGHT, 1800)).toHaveLength(1);
    expect(staysOf({ ...NIGHT, toCold_min: null }, 14 * 3600)).toHaveLength(1);
  });
});

describe('the path', () => {
  test('is followed beyond the cooking, and the bowl holds the most that it rises, with room to spare', () => {
    const { path, atCook, bowlNeed_mL, ripe } = followed(question(NIGHT));
    expect(path.minutes).toBe(20 * 60);
    expect(atCook).toBe(14 * 60);
    const most = Math.max(...path.rise.slice(0, atCook + 1));
    expect(bowlNeed_mL / (BOWL.batter_g / BOWL.density_gPerML)).toBeCloseTo(most + 0.1, 9);
    expect(ripe.peak).toBeGreaterThanOrEqual(most);
  });

  test('the warm path rises more in its two hours than the cold night in the same time', () => {
    const warm = followed(question(warmPath(NIGHT, NOW)));
    const cold = followed(question(NIGHT));
    expect(warm.path.rise[120]!).toBeGreaterThan(cold.path.rise[120]! + 0.1);
  });

  test('a thermometer that says colder bends it', () => {
    const plain = followed(question(NIGHT));
    const at_s = 2 * 3600;
    const value = plain.path.T_C[120]! - 4;
    const bent = followed({ ...question(NIGHT), readings: [{ at_s, what: 'temperature_C', value }] });
    expect(bent.bent.used).toBe(1);
    expect(Math.abs(bent.path.T_C[120]! - value)).toBeLessThan(Math.abs(plain.path.T_C[120]! - value));
  });
});

test('readings count from the mixing: as the cook says, or by the clock', () => {
  const base = { seq: 0, at: NOW + HOUR_MS };
  const events: readonly LotEvent[] = [
    { ...base, kind: 'read', data: { what: 'temperature_C', value: 9, since_s: 1234 } },
    { ...base, kind: 'read', data: { what: 'rise', value: 1.4, since_s: null } },
    { ...base, kind: 'moved', data: { place: 'refrigerator' } },
  ];
  expect(readingsOf(events, NOW)).toEqual([
    { at_s: 1234, what: 'temperature_C', value: 9 },
    { at_s: 3600, what: 'rise', value: 1.4 },
  ]);
});
