import { describe, expect, test } from '@jest/globals';
import { per100g } from '../matter/index.ts';
import { presetIron } from '../testing/batters.ts';
import type { BatterInput, BatterProperties } from './index.ts';
import { batterProperties, expansion, fillOf, portion } from './index.ts';

const INPUT: BatterInput = {
  composition: per100g({ water: 55, protein: 7, fat: 9, sucrose: 3, lactose: 2, fibre: 1, ash: 1, salt: 0.5 }),
  airFraction: 0.08,
  gas_molPerKg: 0.04,
  alkali_eqPerKg: 0,
  tint: 0,
  temperature_C: 20,
  altitude_m: 0,
};
const batter = (changes: Partial<BatterInput> = {}): BatterProperties => batterProperties({ ...INPUT, ...changes });

describe('a batter', () => {
  test('is lighter by its air', () => {
    expect(batter({ airFraction: 0.3 }).density_gPerML / batter({ airFraction: 0 }).density_gPerML).toBeCloseTo(0.7, 9);
  });

  test('sets at about 88 °C; much sugar delays it', () => {
    expect(batter().setTemperature_C).toBeGreaterThanOrEqual(88);
    expect(batter().setTemperature_C).toBeLessThan(90);
    const sweet = batter({ composition: per100g({ water: 25, protein: 5, fat: 10, sucrose: 40 }) });
    expect(sweet.setTemperature_C).toBeGreaterThan(95);
  });

  test('boils where its kitchen stands', () => {
    expect(batter().boiling_C).toBeCloseTo(99.97, 1);
    expect(batter({ altitude_m: 1500 }).boiling_C).toBeCloseTo(94.98, 1);
  });

  test('browns faster with milk, sugar and alkali', () => {
    const usual = batter().browningFactor;
    expect(
      batter({ composition: per100g({ water: 55, protein: 7, fat: 9, sucrose: 3, lactose: 5, fibre: 1, ash: 1, salt: 0.5 }) })
        .browningFactor,
    ).toBeGreaterThan(usual);
    expect(batter({ alkali_eqPerKg: 0.1 }).browningFactor).toBeGreaterThan(usual);
    expect(batter({ alkali_eqPerKg: -0.1 }).browningFactor).toBe(usual);
  });

  test('is dark from the start with cocoa', () => {
    expect(batter().rawLightness).toBeCloseTo(86, 6);
    expect(batter({ tint: 2 }).rawLightness).toBeLessThan(40);
  });

  test('is looser with water, fat and sugar, stiffer with starch', () => {
    const more = (parts: Parameters<typeof per100g>[0]): number => batter({ composition: per100g(parts) }).looseness;
    const usual = more({ water: 50, protein: 7, fat: 8, sucrose: 3, fibre: 1, ash: 1 });
    expect(more({ water: 60, protein: 7, fat: 8, sucrose: 3, fibre: 1, ash: 1 })).toBeGreaterThan(usual);
    expect(more({ water: 50, protein: 7, fat: 14, sucrose: 3, fibre: 1, ash: 1 })).toBeGreaterThan(usual);
    expect(more({ water: 42, protein: 7, fat: 8, sucrose: 3, fibre: 1, ash: 1 })).toBeLessThan(usual);
  });
});

describe('expansion', () => {
  // models.md: cooked over poured volume about 1.5–2.2, wider for thin irons.
  test.each([3.5e-3, 6e-3, 9e-3])('in a gap of %d m lies between 1.3 and 3', (gap) => {
    expect(expansion(batter(), gap)).toBeGreaterThan(1.3);
    expect(expansion(batter(), gap)).toBeLessThan(3);
  });

  test('grows with gas, air and altitude, and is bounded', () => {
    const at = (changes: Partial<BatterInput>): number => expansion(batter(changes), 8e-3);
    expect(at({ gas_molPerKg: 0.08 })).toBeGreaterThan(at({}));
    // Whipped air is partly lost: more of it makes more cooked volume of a gram, not of a poured mL.
    const perGram = (airFraction: number): number => at({ airFraction }) / batter({ airFraction }).density_gPerML;
    expect(perGram(0.2)).toBeGreaterThan(perGram(0.08));
    expect(at({ altitude_m: 2500 })).toBeGreaterThan(at({}));
    expect(at({ gas_molPerKg: 5, airFraction: 0.5, altitude_m: 5000 })).toBeLessThan(3.2);
  });

  test('thinner gaps: more of it boils before it sets', () => expect(expansion(batter(), 3e-3)).toBeGreaterThan(expansion(batter(), 9e-3)));
});

describe('portion', () => {
  const deep = presetIron('deep-round');

  test('fills the cavity once it has swollen', () => {
    const full = portion(deep, batter());
    expect(full.portion_mL).toBeLessThan(deep.geometry.cavity_mL);
    expect(full.portion_g).toBeCloseTo(full.portion_mL * batter().density_gPerML, 9);
    expect(full.fills_g[0]).toBeCloseTo(0.94 * full.portion_g, 9);
    expect(full.fills_g[1]).toBeCloseTo(1.1 * full.portion_g, 9);
  });

  test('an iron poured to a mark is poured to it, whatever the batter', () => {
    const pan = presetIron('ball-pan');
    expect(portion(pan, batter()).portion_mL).toBeCloseTo(0.4 * pan.geometry.cavity_mL, 9);
    expect(portion(pan, batter({ gas_molPerKg: 0.1 })).portion_mL).toBeCloseTo(0.4 * pan.geometry.cavity_mL, 9);
  });

  test('is shared among the moulds', () => {
    const four = portion(presetIron('thin-square-4'), batter());
    expect(4 * four.dose_g).toBeCloseTo(four.portion_g, 9);
  });

  test('too little misses corners, too much leaks', () => {
    const full = portion(deep, batter());
    expect(fillOf(full, full.portion_g)).toEqual({ share: 1, missing: 0, leaked_g: 0 });
    expect(fillOf(full, 0.8 * full.portion_g).missing).toBeCloseTo(0.2, 9);
    expect(fillOf(full, 1.2 * full.portion_g).leaked_g).toBeCloseTo(0.1 * full.portion_g, 6);
  });
});
