import { describe, expect, test } from '@jest/globals';
import { batterOf } from '../cook/index.ts';
import { CRISP_WATER_ACTIVITY } from '../plate/index.ts';
import { readBatter } from '../testing/batters.ts';
import type { Season } from '../kit/index.ts';
import { airOn, daysThrough, daysUntil, middleOf_d, PACKED_ACTIVITY, PERMEANCE_gPerDayPa } from './index.ts';

const batter = batterOf(readBatter('wafer'), { batter_C: 20, altitude_m: 0 });
if (!batter.ok) throw new Error(batter.failure.code);
const kept = { sorption: batter.value.sorption, dry_g: 180, permeance_gPerDayPa: PERMEANCE_gPerDayPa.tin };
const always = (temperature_C: number, humidity: number): Season => {
  const air = { temperature_C, humidity };
  return { winter: air, summer: air };
};
const YEAR: Season = { winter: { temperature_C: 19, humidity: 0.3 }, summer: { temperature_C: 25, humidity: 0.65 } };
const from = (season: Season, month: number) => daysThrough(kept, season, middleOf_d(month), PACKED_ACTIVITY, CRISP_WATER_ACTIVITY);

describe('a tin through the year', () => {
  test('the air is winter’s in January and summer’s in July, the other way round in the south', () => {
    expect(airOn(YEAR, 15).humidity).toBeCloseTo(0.3, 3);
    expect(airOn(YEAR, 15 + 182.6).humidity).toBeCloseTo(0.65, 3);
    expect(airOn({ ...YEAR, southern: true }, 15).humidity).toBeCloseTo(0.65, 3);
    expect(airOn(YEAR, 15 + 365.25).temperature_C).toBeCloseTo(19, 6);
  });

  // The one with the same air all the year has its answer by an integral of its own (Simpson over the water taken up).
  test.each([
    [22, 0.5],
    [26, 0.7],
    [18, 0.62],
  ])('the same air all the year, %d °C and %d: within a tenth of the integral', (temperature_C, humidity) => {
    const stepped = from(always(temperature_C, humidity), 3)!;
    const integral = daysUntil({ ...kept, room: { temperature_C, humidity } }, PACKED_ACTIVITY, CRISP_WATER_ACTIVITY)!;
    expect(stepped / integral).toBeGreaterThan(0.95);
    expect(stepped / integral).toBeLessThan(1.05);
  });

  test('put away in spring they go soft sooner than put away in autumn; air that is dry all the year lets them be', () => {
    const months = Array.from({ length: 12 }, (_, month) => from(YEAR, month)!);
    expect(months[5]!).toBeLessThan(months[9]!);
    expect(Math.max(...months) / Math.min(...months)).toBeGreaterThan(1.5);
    expect(from(always(20, 0.2), 0)).toBeNull();
    expect(daysThrough(kept, YEAR, 0, 0.5, 0.4)).toBe(0);
  });
});
