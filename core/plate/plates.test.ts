import { describe, expect, test } from '@jest/globals';
import { presetIron } from '../testing/batters.ts';
import {
  dialMark,
  Iron,
  plateMachine,
  preheatedPlates,
  preheatTime_s,
  PRESET_IRONS,
  recoveredPlates,
  recoveryTime_s,
  restPlates,
  settingRange,
} from './index.ts';

describe('lumped plates', () => {
  // P 1000 W, UA 2.5 W/K, C 2600 J/K, 22 °C: 122.2337 °C after 300 s (closed form and odex agree to 3e-12).
  test('heat up as a lumped capacity does', () => {
    const machine = { ...plateMachine(presetIron('deep-round')), capacity_JPerK: 1300, power_W: 500, loss_WPerK: 1.25 };
    expect(preheatedPlates(machine, 300, 22, 300).lower_C).toBeCloseTo(122.2337, 0);
  });

  // models.md: 1 kW into 1.2 kg of aluminium plates reaches only about 125 °C in two minutes.
  test('a short preheat stays short', () => {
    const iron = presetIron('deep-round');
    const machine = plateMachine({ ...iron, plates: { mass_kg: 1.2, power_W: 1000, loss_WPerK: 2 } });
    const plates = preheatedPlates(machine, 190, 22, 120);
    expect(plates.lower_C).toBeGreaterThan(110);
    expect(plates.lower_C).toBeLessThan(135);
  });

  test('an open lid cools, a closed one recovers', () => {
    const machine = plateMachine(presetIron('deep-round'));
    const hot = recoveredPlates(machine, 180, 22);
    const low = { lower_C: 150, upper_C: 150, lowerSensor_C: 150, upperSensor_C: 150 };
    expect(restPlates(machine, hot, 0, 22, 30, 'open').lower_C).toBeLessThan(restPlates(machine, hot, 0, 22, 30, 'closed').lower_C);
    expect(recoveryTime_s(machine, low, 180, 22)).toBeGreaterThan(5);
    expect(recoveryTime_s(machine, hot, 180, 22)).toBe(0);
    expect(preheatTime_s(machine, 180, 22)).toBeGreaterThan(60);
  });
});

describe('irons', () => {
  test.each(PRESET_IRONS.map((iron) => [iron.id, iron] as const))('%s is sound, and its columns fill its cavity', (_, iron) => {
    expect(Iron.safeParse(iron).success).toBe(true);
    const machine = plateMachine(iron);
    const volume = machine.columns.reduce((sum, column) => sum + column.share * column.thickness_m, 0) * machine.heatedArea_m2;
    expect(volume * 1e6).toBeCloseTo(iron.geometry.cavity_mL, 6);
  });

  test.each([
    ['no area', { footprint_cm2: 0 }],
    ['no room', { cavity_mL: 0 }],
    ['less heated area than plate', { areaFactor: 0.9 }],
    ['no moulds', { moulds: 0 }],
  ])('%s is refused', (_, geometry) => {
    const iron = presetIron('mini');
    expect(Iron.safeParse({ ...iron, geometry: { ...iron.geometry, ...geometry } }).success).toBe(false);
  });

  test('dials read along a straight line; irons without one have none', () => {
    const deep = presetIron('deep-round');
    const range = settingRange(deep);
    expect(dialMark(deep, range?.min_C ?? 0)).toBe(1);
    expect(dialMark(deep, range?.max_C ?? 0)).toBe(5);
    expect(settingRange(presetIron('wafer'))).toBeNull();
    expect(dialMark(presetIron('ball-pan'), 200)).toBeNull();
  });
});
