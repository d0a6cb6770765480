import { describe, expect, test } from '@jest/globals';
import { plateMachine, PRIOR } from '../plate/index.ts';
import { presetIron, readBatter } from '../testing/batters.ts';
import type { AdviceRequest } from '../advise/index.ts';
import { advise, DEFAULT_CONDITIONS } from '../advise/index.ts';
import { platesAtPour } from './platesAtPour.ts';

const ask = (changes: Partial<AdviceRequest> = {}) => {
  const result = advise({
    ...DEFAULT_CONDITIONS,
    reading: readBatter('quick'),
    iron: presetIron('deep-round'),
    setting_C: 175,
    ...changes,
  });
  if (!result.ok) throw new Error(result.failure.code);
  return result.value;
};
const plate = (changes: Partial<AdviceRequest>): number => ask(changes).plates.lower_C;

describe('plates at the pour', () => {
  test('left on for long: at the setting', () => expect(plate({})).toBeCloseTo(175, 6));

  test('cold at first, hotter with every minute, never over the setting by more than its swing', () => {
    const machine = plateMachine(presetIron('deep-round'));
    const at = (preheat_s: number): number => platesAtPour({ ...DEFAULT_CONDITIONS, preheat_s }, machine, 175, () => null).lower_C;
    expect(at(0)).toBeLessThan(30);
    const minutes = [1, 2, 3, 4, 6, 10].map((minute) => at(60 * minute));
    minutes.slice(1).forEach((value, i) => expect(value).toBeGreaterThan((minutes[i] ?? 0) - 6));
    expect(Math.max(...minutes)).toBeLessThan(175 + 12);
    expect(minutes.at(-1)).toBeCloseTo(175, -1);
  });

  test('after a load they are near where they were (the sensor lags), and settle within a few loads', () => {
    const [first, second, third, fourth, ninth] = [1, 2, 3, 4, 9].map((load) => plate({ load })) as [
      number,
      number,
      number,
      number,
      number,
    ];
    expect(Math.abs(second - first)).toBeLessThan(8);
    expect(Math.abs(fourth - third)).toBeLessThan(Math.abs(second - first) + 0.5);
    expect(ninth).toBe(fourth);
  });

  test('a weak iron stays down between loads, a strong one doesn’t', () => {
    const iron = presetIron('thin-square-4');
    const with_W = (power_W: number): number => plate({ load: 3, iron: { ...iron, plates: { ...iron.plates, power_W } } });
    expect(with_W(700)).toBeLessThan(with_W(1800) - 5);
  });
});

describe('the band', () => {
  test('lies about the best moment and is wider for an iron that browns slowly', () => {
    const cool = ask({ setting_C: 150 });
    const hot = ask({ setting_C: 190 });
    for (const { band_s, cooked } of [cool, hot]) {
      expect(band_s.p10).toBeLessThan(cooked.window.best_s);
      expect(band_s.p90).toBeGreaterThan(cooked.window.best_s);
      // Symmetric in log time.
      expect(band_s.p10 * band_s.p90).toBeCloseTo(cooked.window.best_s ** 2, 3);
    }
    expect(cool.band_s.p90 / cool.band_s.p10).toBeGreaterThan(hot.band_s.p90 / hot.band_s.p10);
  });

  test('portion and plate bands follow from the prior', () => {
    const a = ask();
    expect(a.band_g.p90 / a.portion.portion_g - 1).toBeCloseTo(1.28155 * PRIOR.cavity, 4);
    expect((a.band_C?.p90 ?? 0) - a.setting.temperature_C).toBeCloseTo(1.28155 * PRIOR.plates_K, 2);
    expect(ask({ iron: presetIron('mini'), setting_C: null }).band_C).toBeNull();
  });
});
