import { describe, expect, test } from '@jest/globals';
import { advise, DEFAULT_CONDITIONS } from '../advise/index.ts';
import { batterOf } from '../cook/index.ts';
import { emulated, gridPositionOf, settingsOf, stepAt } from '../fit/index.ts';
import { presetIron, readBatter } from '../testing/batters.ts';
import { dialMark, Iron, plateMachine, portion, probedAt, recoveredPlates, settingNow_C, settingRange, simulate } from './index.ts';
import { advancePlates, coldPlates, flameAt } from './plates.ts';

const hob = (turnEvery_s: number): Iron =>
  Iron.parse({ ...presetIron('thin-round'), id: 'hob', control: { type: 'hob', min_C: 150, max_C: 220, turnEvery_s } });
const bowl = batterOf(readBatter('quick'), DEFAULT_CONDITIONS);
if (!bowl.ok) throw new Error(bowl.failure.code);
const batter = bowl.value;
const cooked = (iron: Iron, duration_s: number) => {
  const machine = plateMachine(iron);
  const plates = recoveredPlates(machine, 180, 22);
  const portion_kg = portion(iron, batter).portion_g / 1000;
  return simulate({ machine, batter, portion_kg, plates, setting_C: 180, room_C: 22, duration_s }).trace;
};

describe('an iron over a hob, turned by hand', () => {
  test('all of the flame goes to the plate below, by turns; others have no flame', () => {
    const machine = plateMachine(hob(30));
    expect(flameAt(machine, 0)).toEqual({ lower_W: 1000, upper_W: 0 });
    expect(flameAt(machine, 29)).toEqual({ lower_W: 1000, upper_W: 0 });
    expect(flameAt(machine, 30)).toEqual({ lower_W: 0, upper_W: 1000 });
    expect(flameAt(machine, 61)).toEqual({ lower_W: 1000, upper_W: 0 });
    expect(flameAt(plateMachine(presetIron('deep-round')), 0)).toBeNull();
  });

  // Energy: without losses or batter a flame of 1 kW puts 1 kJ/s into the plates, however hot they are.
  test('nothing regulates it', () => {
    const machine = { ...plateMachine(hob(30)), loss_WPerK: 0 };
    let plates = coldPlates(22);
    for (let t = 0; t < 400; t++) plates = advancePlates(machine, plates, 180, 22, 0, 0, 1, 1, flameAt(machine, t));
    const stored_J = machine.capacity_JPerK * (plates.lower_C + plates.upper_C - 44);
    expect(stored_J / 400_000).toBeCloseTo(1, 9);
    expect(plates.lower_C).toBeGreaterThan(200);
  });

  test('turned often both sides come out alike; left lying, the side on the flame is far ahead', () => {
    const ahead = (turnEvery_s: number): number => {
      const trace = cooked(hob(turnEvery_s), 150);
      return trace.upperLightness[150]! - trace.lowerLightness[150]!;
    };
    expect(Math.abs(ahead(10))).toBeLessThan(6);
    expect(ahead(600)).toBeGreaterThan(12);
    expect(ahead(75)).toBeGreaterThan(ahead(10));
  });

  test('its plates never sag to where a thermostat would have held them, nor stop there', () => {
    const trace = cooked(hob(15), 400);
    const mean = (s: number): number => (trace.lowerPlate_C[s]! + trace.upperPlate_C[s]!) / 2;
    expect(mean(400)).toBeGreaterThan(mean(60) + 10);
  });

  test('it has a setting (how hot to wait for), no mark, and can’t be taught by a probe', () => {
    const iron = hob(30);
    expect(settingRange(iron)).toEqual({ min_C: 150, max_C: 220 });
    expect(settingsOf(iron)).toEqual([150, 220]);
    expect(dialMark(iron, 180)).toBeNull();
    expect(probedAt(iron, 180, 190)).toBeNull();
    expect(settingNow_C(iron, { temperature_C: 190, dial: null })).toBe(190);
    for (const turnEvery_s of [0, -5, 9999, NaN])
      expect(Iron.safeParse({ ...iron, control: { ...iron.control, turnEvery_s } }).success).toBe(false);
  });

  test('it is advised like any other, with the turning said', () => {
    const a = advise({ ...DEFAULT_CONDITIONS, reading: readBatter('quick'), iron: hob(20) });
    if (!a.ok) throw new Error(a.failure.code);
    expect(a.value.setting.chosen).toBe('found');
    expect(a.value.findings.find((f) => f.code === 'on-a-hob')).toMatchObject({ fields: { every_s: 20 } });
    expect(a.value.cooked.window.best_s).toBeGreaterThan(60);
    expect(a.value.cooked.window.best_s).toBeLessThan(400);
  });

  test('the estimator knows that one side is ahead', () => {
    const e = emulated({ iron: hob(60), batter, room_C: 22 });
    const place = gridPositionOf(e, 180, 0, 1, 1);
    expect(stepAt(e, place, 'lower', 1, 100)).toBeGreaterThan(stepAt(e, place, 'upper', 1, 100) + 0.3);
  });
});
