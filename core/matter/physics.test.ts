import { createRequire } from 'node:module';
import { describe, expect, test } from '@jest/globals';
import { differenceCiede2000 } from 'culori';
import { readFileSync } from 'node:fs';
import type { Composition } from './index.ts';
import {
  atmosphericPressure_Pa,
  boilingPoint_C,
  browningRate_perMinute,
  isotherm,
  labOfStep,
  latentHeat_JPerKg,
  lightnessOfStep,
  partProperties,
  per100g,
  quickSaturationPressure_Pa,
  readIsotherm,
  saturationPressure_Pa,
  sorptionMatter,
  starchMoisture_percent,
  starchWaterActivity,
  surfaceBrowningRate_perSecond,
  TAWNY_STEPS,
  tawnyStepOf,
  thermalProperties,
  waterActivity,
} from './index.ts';

const require = createRequire(import.meta.url);
const psychrolib = require('psychrolib') as {
  SetUnitSystem(system: number): void;
  SI: number;
  GetStandardAtmPressure(altitude_m: number): number;
  GetSatVapPres(temperature_C: number): number;
};
const { rgb_to_lab, diff } = require('color-diff') as {
  rgb_to_lab(c: { R: number; G: number; B: number }): { L: number };
  diff(a: { L: number; a: number; b: number }, b: { L: number; a: number; b: number }): number;
};
psychrolib.SetUnitSystem(psychrolib.SI);

describe('atmosphere and boiling', () => {
  // US Standard Atmosphere 1976 / ICAO Doc 7488, and IAPWS-IF97 region 4 (numbers recomputed).
  test.each([
    [0, 101325.0, 99.974],
    [500, 95460.8, 98.312],
    [1000, 89874.6, 96.649],
    [1500, 84556.0, 94.983],
    [2000, 79495.2, 93.315],
    [3000, 70108.5, 89.972],
    [1609.344, 83427.6, 94.618],
  ])('%d m: %d Pa, water boils at %d °C', (altitude, pressure, boils) => {
    expect(atmosphericPressure_Pa(altitude)).toBeCloseTo(pressure, 0);
    expect(Math.abs(boilingPoint_C(atmosphericPressure_Pa(altitude)) - boils)).toBeLessThan(0.02);
  });

  test('psychrolib 1.1.1 agrees on pressure and saturation', () => {
    for (const altitude of [0, 1240, 3000])
      expect(Math.abs(atmosphericPressure_Pa(altitude) / psychrolib.GetStandardAtmPressure(altitude) - 1)).toBeLessThan(1e-4);
    for (const t of [5, 20, 60, 100, 150]) expect(Math.abs(saturationPressure_Pa(t) / psychrolib.GetSatVapPres(t) - 1)).toBeLessThan(1e-3);
  });

  // psychrolib, as printed in the reference sheet: an independent table.
  test.each([
    [20, 2338.8],
    [60, 19943.8],
    [100, 101418.7],
    [120, 198685.2],
  ])('saturation at %d °C is %d Pa', (t, p) => {
    expect(Math.abs(saturationPressure_Pa(t) / p - 1)).toBeLessThan(5e-4);
  });

  test('the quick table is the equation within 6e-5', () => {
    for (let t = -10; t < 300; t += 1.37) expect(Math.abs(quickSaturationPressure_Pa(t) / saturationPressure_Pa(t) - 1)).toBeLessThan(6e-5);
  });

  // Published steam tables.
  test.each([
    [20, 2453.8],
    [50, 2382.0],
    [90, 2282.7],
    [100, 2256.6],
    [120, 2202.3],
  ])('latent heat at %d °C is %d kJ/kg', (t, kJ) => {
    expect(Math.abs(latentHeat_JPerKg(t) / 1000 - kJ)).toBeLessThan(2.5);
  });
});

describe('Choi & Okos (1986)', () => {
  // ASHRAE Handbook Refrigeration, "Thermal Properties of Foods": k, density, cp evaluated at 20 and 80 °C.
  test.each([
    ['protein', 20, 0.20164, 1319.53, 2031.85],
    ['fat', 20, 0.17512, 917.24, 2011.75],
    ['carbohydrate', 20, 0.22743, 1592.89, 1585.67],
    ['fibre', 80, 0.26301, 1282.23, 1962.58],
    ['ash', 80, 0.4231, 2401.35, 1220.21],
    ['water', 20, 0.60366, 995.74, 4176.57],
    ['water', 80, 0.66919, 973.38, 4203.96],
  ] as const)('%s at %d °C', (part, t, k, rho, cp) => {
    const found = partProperties(part, t);
    expect(found.k).toBeCloseTo(k, 4);
    expect(found.rho).toBeCloseTo(rho, 1);
    expect(found.cp).toBeCloseTo(cp, 1);
  });

  test.each([
    ['whole milk', { water: 88.13, protein: 3.15, fat: 3.25, lactose: 4.8, ash: 0.67, starch: 0 }, 1023.25, 3893.9, 0.566, 0.5071],
    ['whole egg', { water: 76.15, protein: 12.56, fat: 9.51, sucrose: 0.72, ash: 1.06, starch: 0 }, 1028.25, 3650.4, 0.5158, 0.4115],
    ['model batter', { water: 55, protein: 6, fat: 8, starch: 29.5, ash: 1.5 }, 1140.98, 3064.7, 0.4589, 0.3548],
  ])('mixture: %s at 20 °C', (_, parts, rho, cp, parallel, series) => {
    const found = thermalProperties(per100g(parts), 20);
    expect(found.density_kgPerM3).toBeCloseTo(rho, 0);
    expect(Math.abs(found.heatCapacity_JPerKgK - cp)).toBeLessThan(1);
    expect(found.conductivityParallel_WPerMK).toBeCloseTo(parallel, 3);
    expect(found.conductivitySeries_WPerMK).toBeCloseTo(series, 3);
  });
});

describe('sorption', () => {
  // ASAE D245, modified Chung–Pfost for hard wheat (coefficients from memory): moisture at a_w 0.50.
  test('13.1 % at 25 °C and 9.2 % at 100 °C', () => {
    expect(starchMoisture_percent(25, 0.5)).toBeCloseTo(13.1, 1);
    expect(starchMoisture_percent(100, 0.5)).toBeCloseTo(9.2, 1);
    expect(starchWaterActivity(25, starchMoisture_percent(25, 0.73))).toBeCloseTo(0.73, 9);
  });

  const batter: Composition = per100g({ water: 50, protein: 7, fat: 9, sucrose: 12, lactose: 2, fibre: 1, ash: 1 });
  const matter = sorptionMatter(batter);

  test('more water, more activity; never above 1', () => {
    let before = 0;
    for (let x = 0.005; x < 2; x *= 1.15) {
      const here = waterActivity(matter, 60, x);
      expect(here).toBeGreaterThan(before);
      expect(here).toBeLessThanOrEqual(1);
      before = here;
    }
  });

  test('sugar binds: a sweet batter boils later than a lean one with the same water', () => {
    const lean = sorptionMatter(per100g({ water: 50, protein: 7, fat: 9, fibre: 1, ash: 1 }));
    expect(waterActivity(matter, 100, 0.6)).toBeLessThan(waterActivity(lean, 100, 0.6));
  });

  // Norrish (1966) with ln and K = 6.47: x_s 0.0732 gives 0.9268·exp(−6.47·0.0732²) = 0.895.
  test('three fifths sucrose, warm, is at 0.885–0.905', () => {
    const syrup = sorptionMatter(per100g({ water: 40, sucrose: 60, starch: 0 }));
    expect(waterActivity(syrup, 60, 40 / 60)).toBeGreaterThan(0.885);
    expect(waterActivity(syrup, 60, 40 / 60)).toBeLessThan(0.905);
  });

  // Norrish (1966): a 50 % sucrose solution has a_w of about 0.93–0.94 at room temperature.
  test('half sucrose, half water is at 0.93–0.945', () => {
    const syrup = sorptionMatter(per100g({ water: 50, sucrose: 50, starch: 0 }));
    expect(waterActivity(syrup, 25, 1)).toBeGreaterThan(0.93);
    expect(waterActivity(syrup, 25, 1)).toBeLessThan(0.945);
  });

  test('the table reads as the function, and its slopes are the differences', () => {
    const table = isotherm(matter, 100);
    const out = { activity: 0, perKelvin: 0, perWater: 0 };
    const at = (t: number, x: number): number => {
      readIsotherm(table, t, x, out);
      return out.activity;
    };
    for (const x of [0.03, 0.08, 0.2, 0.5, 0.95]) {
      readIsotherm(table, 100, x, out);
      const { activity, perKelvin, perWater } = out;
      expect(Math.abs(activity - waterActivity(matter, 100, x))).toBeLessThan(2e-3);
      expect(perKelvin).toBeCloseTo((Math.log(at(100.5, x)) - Math.log(at(99.5, x))) / 1, 4);
      const slope = (Math.log(at(100, x * 1.01)) - Math.log(at(100, x * 0.99))) / (0.02 * x);
      expect(Math.abs(perWater / slope - 1)).toBeLessThan(0.04);
    }
  });
});

describe('browning', () => {
  // Purlis & Salvadori, Food Res. Int. 42:865–870 (2009), evaluated (1/min).
  test.each([
    [120, 0.4, 0.00263],
    [150, 0.4, 0.01294],
    [180, 0.4, 0.05146],
    [200, 0.4, 0.11722],
    [180, 0.2, 0.05733],
    [200, 0.6, 0.10813],
  ])('at %d °C and a_w %d: %d per minute', (t, aw, k) => {
    expect(Math.abs(browningRate_perMinute(t, aw) / k - 1)).toBeLessThan(2e-3);
  });

  test('from L* 85 to 65 takes 5.213 min at 180 °C and 2.289 min at 200 °C (closed form)', () => {
    expect(Math.log(85 / 65) / browningRate_perMinute(180, 0.4)).toBeCloseTo(5.213, 2);
    expect(Math.log(85 / 65) / browningRate_perMinute(200, 0.4)).toBeCloseTo(2.289, 2);
  });

  test('nothing browns wet or cool', () => {
    expect(surfaceBrowningRate_perSecond(180, 0.9)).toBe(0);
    expect(surfaceBrowningRate_perSecond(95, 0.2)).toBe(0);
    expect(surfaceBrowningRate_perSecond(180, 0.3)).toBeGreaterThan(0);
  });
});

describe('tawny scale', () => {
  test('eight steps, each darker, golden (L* 66) on the boundary of honey and tawny', () => {
    expect(TAWNY_STEPS.map((step) => step.lightness)).toEqual([84, 77, 70, 62, 54, 45, 36, 25]);
    expect(tawnyStepOf(66, 86)).toBeCloseTo(3.5, 9);
  });

  test('step and lightness are each other’s inverse', () => {
    for (let step = 1; step <= 8; step += 0.25) expect(tawnyStepOf(lightnessOfStep(step), 86)).toBeCloseTo(step, 9);
  });

  test('a cocoa batter begins at 1 too', () => {
    expect(tawnyStepOf(30, 30)).toBe(1);
    expect(tawnyStepOf(20, 30)).toBeGreaterThan(3);
  });

  // Sharma, Wu & Dalal, Color Res. Appl. 30:21–30 (2005), Table 1.
  test('CIEDE2000 of the library in use, on all 34 published pairs', () => {
    const { pairs } = JSON.parse(readFileSync(new URL('testing/ciede2000.json', import.meta.url), 'utf8')) as {
      pairs: { lab1: number[]; lab2: number[]; dE00: number }[];
    };
    expect(pairs).toHaveLength(34);
    const difference = differenceCiede2000();
    for (const { lab1, lab2, dE00 } of pairs) {
      const [a, b] = [lab1, lab2].map(([l = 0, A = 0, B = 0]) => ({ mode: 'lab65' as const, l, a: A, b: B }));
      expect(difference(a as never, b as never)).toBeCloseTo(dE00, 3);
      expect(
        diff({ L: lab1[0] ?? 0, a: lab1[1] ?? 0, b: lab1[2] ?? 0 }, { L: lab2[0] ?? 0, a: lab2[1] ?? 0, b: lab2[2] ?? 0 }),
      ).toBeCloseTo(dE00, 3);
    }
  });

  test('neighbouring steps can be told apart (CIEDE2000 over 4)', () => {
    const difference = differenceCiede2000();
    for (let step = 1; step < 8; step++) {
      const [a, b] = [labOfStep(step), labOfStep(step + 1)].map(({ l, a: A, b: B }) => ({ mode: 'lab65' as const, l, a: A, b: B }));
      expect(difference(a as never, b as never)).toBeGreaterThan(4);
    }
  });

  test('color-diff reads the same lightness from a swatch', () => {
    expect(rgb_to_lab({ R: 217, G: 160, B: 102 }).L).toBeCloseTo(70.07, 1);
  });
});
