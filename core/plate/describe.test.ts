import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import type { Ruler } from './index.ts';
import {
  cavityByFill,
  geometryOf,
  lossFromFootprint_WPerK,
  meanThickness_m,
  plateMachine,
  platesFromThickness_kg,
  PRESET_IRONS,
  rulerOf,
} from './index.ts';

const DEEP: Ruler = { outline: 'round', outer_mm: 180, rows: 6, columns: 6, wall_mm: 12, floor_mm: 6, depth_mm: 12 };
const got = (ruler: Ruler, moulds = 1) => {
  const result = geometryOf(ruler, moulds);
  if (!result.ok) throw new Error(result.failure.code);
  return result.value;
};

describe('an iron from a ruler', () => {
  test('plain plates are a slab: area, volume and no more heated area than plan', () => {
    const flat = got({ ...DEEP, outline: 'square', outer_mm: 100, depth_mm: 0 });
    expect(flat.footprint_cm2).toBeCloseTo(100, 9);
    expect(flat.areaFactor).toBe(1);
    expect(flat.cavity_mL).toBeCloseTo(60, 9);
  });

  // By hand: pitch 30, pockets 18 × 18 of 30 × 30 (0.36); walls 0.64 × 24 mm on a floor of 6 mm: 21.36 mm over 254.5 cm².
  test('a deep one, worked out by hand', () => {
    const deep = got(DEEP);
    expect(deep.footprint_cm2).toBeCloseTo(254.47, 2);
    expect(deep.cavity_mL).toBeCloseTo(543.5, 0);
    expect(deep.areaFactor).toBeCloseTo(1 + (4 * 18 * 12) / 900, 9);
  });

  test('more walls, more floor, deeper pockets: more room; moulds add up; sizes scale as cubes', () => {
    const size = fc.record({
      outer_mm: fc.double({ min: 60, max: 260, noNaN: true }),
      wall_mm: fc.double({ min: 2, max: 8, noNaN: true }),
      floor_mm: fc.double({ min: 1, max: 10, noNaN: true }),
      depth_mm: fc.double({ min: 0, max: 20, noNaN: true }),
    });
    fc.assert(
      fc.property(size, (sizes) => {
        const ruler: Ruler = { ...DEEP, ...sizes, rows: 5, columns: 5 };
        const base = got(ruler);
        expect(base.areaFactor).toBeGreaterThanOrEqual(1);
        expect(got({ ...ruler, floor_mm: ruler.floor_mm + 1 }).cavity_mL).toBeGreaterThan(base.cavity_mL);
        expect(got({ ...ruler, depth_mm: ruler.depth_mm + 1 }).cavity_mL).toBeGreaterThan(base.cavity_mL);
        expect(got(ruler, 4).cavity_mL).toBeCloseTo(4 * base.cavity_mL, 6);
        const twice = got({ ...ruler, ...Object.fromEntries(Object.entries(sizes).map(([k, v]) => [k, 2 * v])) });
        expect(twice.cavity_mL / base.cavity_mL).toBeCloseTo(8, 6);
      }),
      { numRuns: 60, seed: 5 },
    );
  });

  test('there and back: the ruler of an iron gives its areas again', () => {
    for (const iron of PRESET_IRONS) {
      const { geometry } = iron;
      const back = got(rulerOf(iron), geometry.moulds);
      expect(back.footprint_cm2).toBeCloseTo(geometry.footprint_cm2, 6);
      expect(back.web_mm).toBeCloseTo(geometry.web_mm, 9);
      expect(back.areaFactor).toBeCloseTo(geometry.areaFactor, 6);
      expect(back.cavity_mL / geometry.cavity_mL).toBeCloseTo(1, 2);
    }
  });

  test('an iron that can’t exist is said to be so', () => {
    expect(geometryOf({ ...DEEP, wall_mm: 31 }, 1)).toMatchObject({ ok: false, failure: { code: 'iron-wall-too-wide' } });
    for (const broken of [{ outer_mm: 0 }, { floor_mm: -1 }, { wall_mm: NaN }, { rows: 0 }, { depth_mm: Infinity }])
      expect(geometryOf({ ...DEEP, ...broken }, 1)).toMatchObject({ ok: false, failure: { code: 'iron-measure' } });
  });
});

describe('by filling and weighing', () => {
  test('water, rice and batter by their densities; what can’t be is questioned', () => {
    expect(cavityByFill({ of: 'water', grams: 400, density_gPerML: null }, 380)).toEqual({ ok: true, value: 400 });
    expect(cavityByFill({ of: 'rice', grams: 320, density_gPerML: null }, 380)).toEqual({ ok: true, value: 400 });
    expect(cavityByFill({ of: 'batter', grams: 400, density_gPerML: 0.8 }, 380)).toEqual({ ok: true, value: 500 });
    expect(cavityByFill({ of: 'water', grams: 40, density_gPerML: null }, 380)).toMatchObject({ ok: false });
    expect(cavityByFill({ of: 'water', grams: NaN, density_gPerML: null }, 380)).toMatchObject({ ok: false });
  });

  test('plates from their thickness, losses from their size: near what the presets have', () => {
    expect(platesFromThickness_kg(254, 11)).toBeCloseTo(1.5, 1);
    for (const { geometry, plates } of PRESET_IRONS) {
      const ratio = lossFromFootprint_WPerK(geometry.footprint_cm2) / plates.loss_WPerK;
      expect(ratio).toBeGreaterThan(0.75);
      expect(ratio).toBeLessThan(1.25);
    }
  });

  test('what is described can be cooked on: web and rib keep the cavity', () => {
    const deep = got(DEEP);
    const machine = plateMachine({ ...PRESET_IRONS[4]!, geometry: { ...PRESET_IRONS[4]!.geometry, ...deep } });
    expect(meanThickness_m(machine) * machine.heatedArea_m2 * 1e6).toBeCloseTo(deep.cavity_mL, 6);
  });
});
