import { createRequire } from 'node:module';
import { describe, expect, test } from '@jest/globals';
import { fogLimit_perK, seenSteam } from './index.ts';

const psychrolib = createRequire(import.meta.url)('psychrolib') as {
  SI: number;
  SetUnitSystem: (system: number) => void;
  GetSatHumRatio: (temperature_C: number, pressure_Pa: number) => number;
  GetHumRatioFromRelHum: (temperature_C: number, humidity: number, pressure_Pa: number) => number;
};
psychrolib.SetUnitSystem(psychrolib.SI);

const SEA_LEVEL = 101_325;

describe('steam as it is seen', () => {
  // psychrolib 1.1.1 (ASHRAE Handbook of Fundamentals 2017, chapter 1): an independent saturation curve.
  test.each([
    [22, 0.5],
    [10, 0.8],
    [32, 0.4],
    [18, 0.65],
  ])('the steepest mixing line under the saturation curve, at %d °C and %d', (temperature_C, humidity) => {
    const w0 = psychrolib.GetHumRatioFromRelHum(temperature_C, humidity, SEA_LEVEL);
    let steepest = Infinity;
    for (let k = 0.1; k <= 60; k += 0.1) steepest = Math.min(steepest, (psychrolib.GetSatHumRatio(temperature_C + k, SEA_LEVEL) - w0) / k);
    expect(fogLimit_perK({ temperature_C, humidity }, SEA_LEVEL) / steepest).toBeCloseTo(1, 2);
  });

  test('a cold damp kitchen shows more, a hot dry one less; saturated air hides hardly any', () => {
    const limit = (temperature_C: number, humidity: number): number => fogLimit_perK({ temperature_C, humidity }, SEA_LEVEL);
    expect(limit(10, 0.8)).toBeLessThan(0.5 * limit(22, 0.5));
    expect(limit(32, 0.4)).toBeGreaterThan(1.5 * limit(22, 0.5));
    expect(limit(22, 0.99)).toBeLessThan(0.6 * limit(22, 0.5));
  });

  const seen = (steam: number, plate_C: number, loss_WPerK = 0.5): number =>
    seenSteam(
      { steam_gPerS: Float64Array.of(steam), lowerPlate_C: Float64Array.of(plate_C), upperPlate_C: Float64Array.of(plate_C) },
      { loss_WPerK },
      { temperature_C: 22, humidity: 0.5 },
      SEA_LEVEL,
    )[0]!;

  test('what the warmed air can hold isn’t seen; the rest is, gram for gram', () => {
    expect(seen(0.01, 170)).toBe(0);
    expect(seen(0.3, 170) - seen(0.2, 170)).toBeCloseTo(0.1, 12);
    // A cold iron warms no air: all of it shows.
    expect(seen(0.2, 22)).toBeCloseTo(0.2, 12);
    expect(seen(0.2, 170, 1)).toBeLessThan(seen(0.2, 170));
  });
});
