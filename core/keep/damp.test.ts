import { describe, expect, test } from '@jest/globals';
import { batterOf } from '../cook/index.ts';
import { saturationPressure_Pa, waterActivity } from '../matter/index.ts';
import { readBatter } from '../testing/batters.ts';
import type { Damp } from './index.ts';
import { CONTAINERS, daysUntil, PACKED_ACTIVITY, PERMEANCE_gPerDayPa } from './index.ts';
import { waterAt } from './damp.ts';

const bowl = batterOf(readBatter('wafer'), { batter_C: 20, altitude_m: 0 });
if (!bowl.ok) throw new Error(bowl.failure.code);
const { sorption } = bowl.value;
const kept = (changes: Partial<Damp> = {}): Damp => ({
  sorption,
  dry_g: 330,
  permeance_gPerDayPa: PERMEANCE_gPerDayPa.tin,
  room: { temperature_C: 22, humidity: 0.6 },
  ...changes,
});

describe('damp air and wafers', () => {
  // A finer integrator, in time instead of in water (Heun, a thousandth of a day).
  test.each([0.55, 0.75, 0.9])('against stepping through time, at %d of humidity (1 %)', (humidity) => {
    const damp = kept({ room: { temperature_C: 22, humidity }, permeance_gPerDayPa: 2e-3 });
    const goal = waterAt(sorption, 22, 0.45);
    const rate = (x: number): number =>
      (damp.permeance_gPerDayPa * saturationPressure_Pa(22) * (humidity - waterActivity(sorption, 22, x))) / damp.dry_g;
    let [x, days] = [waterAt(sorption, 22, PACKED_ACTIVITY), 0];
    const dt = 1e-3;
    while (x < goal) {
      const half = x + dt * rate(x);
      x += (dt / 2) * (rate(x) + rate(half));
      days += dt;
    }
    expect(Math.abs((daysUntil(damp, PACKED_ACTIVITY, 0.45) ?? NaN) / days - 1)).toBeLessThan(0.01);
  });

  // Closed form for a straight isotherm, ln((h − a₀)/(h − a₁))·k·m/(P·p): over a span so short that this one is straight.
  test('against the closed form where the isotherm is nearly straight (2 %)', () => {
    const damp = kept();
    const [from, until] = [0.3, 0.34];
    const k = (waterAt(sorption, 22, until) - waterAt(sorption, 22, from)) / (until - from);
    const closed = (Math.log((0.6 - from) / (0.6 - until)) * k * damp.dry_g) / (damp.permeance_gPerDayPa * saturationPressure_Pa(22));
    expect(Math.abs((daysUntil(damp, from, until) ?? NaN) / closed - 1)).toBeLessThan(0.02);
  });

  test('damper, warmer, leakier and fewer: sooner; in dry air never; already soft: at once', () => {
    const days = (changes: Partial<Damp>): number => daysUntil(kept(changes), PACKED_ACTIVITY, 0.45) ?? Infinity;
    expect(days({ room: { temperature_C: 22, humidity: 0.8 } })).toBeLessThan(days({}));
    expect(days({ room: { temperature_C: 30, humidity: 0.6 } })).toBeLessThan(days({}));
    expect(days({ dry_g: 100 })).toBeLessThan(days({}));
    expect(CONTAINERS.map((c) => days({ permeance_gPerDayPa: PERMEANCE_gPerDayPa[c] }))).toEqual(
      CONTAINERS.map((c) => days({ permeance_gPerDayPa: PERMEANCE_gPerDayPa[c] })).sort((a, b) => a - b),
    );
    expect(daysUntil(kept({ room: { temperature_C: 22, humidity: 0.3 } }), PACKED_ACTIVITY, 0.45)).toBeNull();
    expect(daysUntil(kept(), 0.5, 0.45)).toBe(0);
  });

  // *Common practice*: two weeks and more in a tin.
  test('a tin of sixty in an ordinary kitchen stays crisp for weeks', () => {
    const days = daysUntil(kept({ room: { temperature_C: 22, humidity: 0.55 } }), PACKED_ACTIVITY, 0.45) ?? Infinity;
    expect(days).toBeGreaterThan(14);
    expect(days).toBeLessThan(200);
  });
});
