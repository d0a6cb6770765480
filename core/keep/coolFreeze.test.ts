import { describe, expect, test } from '@jest/globals';
import { PUBLISHED } from '../safety/index.ts';
import { coolFreeze, crumbSlab } from './index.ts';
import { slabTime_s } from './slab.ts';

describe('cooled and frozen', () => {
  // Plank (1913) for freezing a slab from both faces: t = ρL/(Tf − Ta) · (a/2h + a²/8k).
  test.each([
    [10, -20, 15],
    [24, -30, 40],
  ])(
    'a slab of %d mm that freezes at one temperature, in air of %d °C, takes as long as Plank’s equation says',
    (thickness_mm, air_C, h) => {
      const slab = {
        thickness_mm,
        density_kgPerM3: 900,
        k_WPerMK: 1.2,
        c_JPerKgK: 300,
        latent_JPerKg: 250e3,
        melts_C: [-0.05, 0] as const,
      };
      const a = thickness_mm / 1000;
      const plank_s = ((900 * 250e3) / -air_C) * (a / (2 * h) + (a * a) / (8 * 1.2));
      const found_s = slabTime_s(slab, 0.01, -0.06, { air_C, h_WPerM2K: h, faces: 'both' }, 1e6)!;
      expect(found_s / plank_s).toBeGreaterThan(0.97);
      expect(found_s / plank_s).toBeLessThan(1.06);
    },
  );

  // Newton's law where a slab is thin: Bi = hL/k = 0.04, so T − Ta falls by e in ρcL/h.
  test('a thin slab cools by Newton’s law', () => {
    const slab = { ...crumbSlab(1), latent_JPerKg: 0, k_WPerMK: 1 };
    const tau_s = (slab.density_kgPerM3 * slab.c_JPerKgK * 0.0005) / 20;
    const found_s = slabTime_s(slab, 100, 20 + 80 / Math.E, { air_C: 20, h_WPerM2K: 20, faces: 'both' }, 1e5)!;
    expect(found_s / tau_s).toBeCloseTo(1, 1);
  });

  test('a rack before a pile, a tray before a bag; as kitchens know it', () => {
    const { rack_s, pile_s, tray_s, bag_s, hotBag_s } = coolFreeze(11, 6, 21);
    // *Common practice*: ten to thirty minutes on a rack, an hour or two on a tray, overnight in a bag.
    expect([rack_s! > 10 * 60, rack_s! < 35 * 60]).toEqual([true, true]);
    expect([tray_s! > 40 * 60, tray_s! < 150 * 60]).toEqual([true, true]);
    expect(pile_s!).toBeGreaterThan(4 * rack_s!);
    expect(bag_s!).toBeGreaterThan(6 * 3600);
    expect(hotBag_s!).toBeGreaterThan((PUBLISHED.coolingCooked.all_h * 3600) / 2);
    expect(coolFreeze(11, 1, 21).pile_s).toBe(coolFreeze(11, 1, 21).rack_s);
  });

  test('nothing cools below what is around it', () => {
    expect(slabTime_s(crumbSlab(10), 90, 18, { air_C: 20, h_WPerM2K: 10, faces: 'both' }, 1e5)).toBeNull();
    expect(slabTime_s(crumbSlab(10), 90, 20, { air_C: 20, h_WPerM2K: 10, faces: 'both' }, 1e5)).toBeNull();
  });
});
