import { describe, expect, test } from '@jest/globals';
import type { Heater, Slab } from './index.ts';
import { REHEATER_IDS } from '../kit/index.ts';
import { PUBLISHED } from '../safety/index.ts';
import { crumbSlab, crustedSlab, heaterOf, hotAgain, REHEATERS, slabOf_mm, slabTime_s } from './index.ts';

const both = (air_C: number, h_WPerM2K: number): Heater => ({ air_C, h_WPerM2K, faces: 'both' });

const reheatTime_s = (slab: Slab, from_C: number, target_C: number, heater: Heater): number | null =>
  slabTime_s(slab, from_C, target_C, heater, 3600);

describe('from the freezer to the plate', () => {
  // Plank (1913), for a slab heated from both faces: t = ρL/(Ta − Tm) · (a/2h + a²/8k); it neglects every heat but that of melting.
  test.each([
    [10, 20, 20],
    [20, 30, 40],
    [15, 60, 100],
  ])('a slab of %d mm that melts at one temperature, in air of %d °C, takes as long as Plank’s equation says', (thickness_mm, air_C, h) => {
    const slab: Slab = { thickness_mm, density_kgPerM3: 900, k_WPerMK: 0.5, c_JPerKgK: 300, latent_JPerKg: 250e3, melts_C: [-0.05, 0] };
    const a = thickness_mm / 1000;
    const plank_s = ((900 * 250e3) / air_C) * (a / (2 * h) + (a * a) / (8 * 0.5));
    const found_s = reheatTime_s(slab, -0.05, 0.01, both(air_C, h))!;
    expect(found_s / plank_s).toBeGreaterThan(0.97);
    expect(found_s / plank_s).toBeLessThan(1.05);
  });

  // Without melting: the first term of the series for a slab (Carslaw & Jaeger 1959), Bi = 1: ζ₁ = 0.8603, C₁ = 1.1191.
  test('a slab that doesn’t melt, by the first term of its series', () => {
    const slab: Slab = { thickness_mm: 20, density_kgPerM3: 500, k_WPerMK: 0.2, c_JPerKgK: 2000, latent_JPerKg: 0, melts_C: [-90, -80] };
    const half = 0.01;
    const diffusivity = 0.2 / (500 * 2000);
    const share = (100 - 60) / (100 - 20);
    const series_s = ((half * half) / diffusivity) * (Math.log(1.1191 / share) / 0.8603 ** 2);
    expect(reheatTime_s(slab, 20, 60, both(100, 0.2 / half))! / series_s).toBeCloseTo(1, 1);
  });

  test('a thicker one takes longer than in proportion, a hotter oven less; in no heater forever, and none beyond its own heat', () => {
    for (const id of REHEATER_IDS) {
      const [thin, thick] = [8, 16].map((mm) => reheatTime_s(crustedSlab(mm), -18, 74, REHEATERS[id])!);
      expect(thin).toBeGreaterThan(20);
      expect(thick! / thin!).toBeGreaterThan(1.9);
      expect(thick).toBeLessThan(1800);
    }
    const [cool, hot] = [170, 220].map((air_C) => reheatTime_s(crustedSlab(12), -18, 74, { ...REHEATERS.oven, air_C })!);
    expect(hot).toBeLessThan(cool!);
    expect(reheatTime_s(crumbSlab(12), -18, 74, both(70, 30))).toBeNull();
    // As cooks do it (common practice): four to nine minutes in an oven, one to four in a toaster.
    const oven_min = reheatTime_s(crustedSlab(11), -18, 74, REHEATERS.oven)! / 60;
    const toaster_min = reheatTime_s(crustedSlab(11), -18, 74, REHEATERS.toaster)! / 60;
    expect([oven_min > 4, oven_min < 9, toaster_min > 1, toaster_min < 4]).toEqual([true, true, true, true]);
  });

  test('a grid is heated through its walls: thinner than its depth', () => {
    expect(slabOf_mm({ cavity_mL: 580, footprint_cm2: 330, areaFactor: 1.55 })).toBeCloseTo(11.3, 1);
  });

  const browned = (mm: number, by: (typeof REHEATER_IDS)[number], oven_C = 190, tawny = 3, browningFactor = 4.7): number =>
    hotAgain(crustedSlab(mm), -18, heaterOf({ by, oven_C }), { browningFactor, tawny })!.tawny - tawny;

  // *Common practice*: an oven that just makes it hot hardly browns; a toaster and an iron do, a thick piece more than a thin one.
  test('what a toaster and an iron add to its colour, an oven doesn’t; a hotter oven and a batter that browns readily do', () => {
    expect(browned(11, 'oven')).toBeLessThan(0.15);
    expect(browned(11, 'oven')).toBeGreaterThanOrEqual(0);
    for (const by of ['toaster', 'iron'] as const) {
      expect(browned(11, by)).toBeGreaterThan(0.5);
      expect(browned(11, by)).toBeLessThan(2);
      expect(browned(8, by)).toBeLessThan(browned(11, by));
      expect(browned(11, by, 190, 3, 8)).toBeGreaterThan(browned(11, by));
    }
    expect(browned(11, 'oven', 250)).toBeGreaterThan(browned(11, 'oven'));
    expect(hotAgain(crustedSlab(400), -18, REHEATERS.oven, { browningFactor: 5, tawny: 3 })).toBeNull();
  });

  // *Common practice*: a piece from the freezer is through when its middle is as hot as food that is heated again must be.
  test('as long as until its middle is hot', () => {
    const slab = crustedSlab(11);
    expect(hotAgain(slab, -18, REHEATERS.pan, { browningFactor: 5, tawny: 3 })!.time_s).toBe(
      slabTime_s(slab, -18, PUBLISHED.heatedThrough.least_C, REHEATERS.pan, 3600),
    );
  });
});
