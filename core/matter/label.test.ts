import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import type { OwnIngredient } from './index.ts';
import { CLIMATES, inClimate, ingredientById, ingredientFromLabel, moistureShift_percent, PARTS } from './index.ts';

const LABEL: OwnIngredient = {
  id: 'mine',
  name: 'Mill blend',
  role: 'flour',
  standard: 'eu',
  per_g: 100,
  energy_kcal: 348,
  fat_g: 1.2,
  carbohydrate_g: 71,
  sugars_g: 0.9,
  fibre_g: 3.2,
  protein_g: 11,
  salt_g: 0,
  gramsPerUsCup: 124,
  allergens: ['wheat', 'gluten'],
};
const read = (changes: Partial<OwnIngredient>) => ingredientFromLabel({ ...LABEL, ...changes });
const made = (changes: Partial<OwnIngredient>) => {
  const result = read(changes);
  if (!result.ok) throw new Error(result.failure.code);
  return result.value;
};

describe('an ingredient from its label', () => {
  test('water is what is left of 100 g; the parts close', () => {
    const { composition } = made({}).ingredient;
    expect(PARTS.reduce((total, part) => total + (composition?.[part] ?? 0), 0)).toBeCloseTo(1, 9);
    // 100 − 1.2 − 71 − 3.2 − 11 − 0.8 of ash
    expect(composition?.water).toBeCloseTo(0.128, 3);
    expect(composition?.sucrose).toBeCloseTo(0.009, 6);
  });

  // 21 CFR 101.9(c)(6): total carbohydrate on a US label holds the fibre; Regulation (EU) 1169/2011, Annex I: it doesn't (from memory).
  test('a US label counts fibre as carbohydrate, a European one doesn’t', () => {
    const us = made({ standard: 'us', per_g: 30, carbohydrate_g: 22, fibre_g: 1, fat_g: 0, sugars_g: 0, protein_g: 3, energy_kcal: 100 });
    expect(us.ingredient.composition?.starch).toBeCloseTo((22 - 1) / 30, 3);
    expect(made({}).ingredient.composition?.starch).toBeCloseTo(0.71 - 0.009, 3);
  });

  test('a serving of 30 g with figures in whole grams leaves up to 1.7 g per 100 g open', () => {
    const us = made({ standard: 'us', per_g: 30, carbohydrate_g: 22, fibre_g: 1, fat_g: 0, sugars_g: 0, protein_g: 3, energy_kcal: 100 });
    expect(us.rounding_gPer100g.protein).toBeCloseTo((0.5 * 100) / 30, 9);
    expect(us.rounding_gPer100g.fat).toBeCloseTo((0.25 * 100) / 30, 9);
    expect(made({}).rounding_gPer100g.protein).toBe(0.5);
  });

  test('figures rounded up a little over 100 g are taken back; far over is refused', () => {
    expect(read({ carbohydrate_g: 85.5, sugars_g: 1 }).ok).toBe(true);
    expect(read({ carbohydrate_g: 95 })).toMatchObject({ ok: false, failure: { code: 'label-over-100' } });
    expect(read({ sugars_g: 90 })).toMatchObject({ ok: false, failure: { code: 'label-sugars-over-carbohydrate' } });
  });

  test('an energy that doesn’t fit its own figures is mentioned', () => {
    expect(made({}).findings).toEqual([]);
    expect(made({ energy_kcal: 34 }).findings.map((f) => f.code)).toEqual(['label-energy-off']);
  });

  test('whatever is typed, the parts close or it is refused', () => {
    const gram = fc.double({ min: 0, max: 120, noNaN: true });
    fc.assert(
      fc.property(
        gram,
        gram,
        gram,
        gram,
        fc.double({ min: 1, max: 500, noNaN: true }),
        (fat_g, carbohydrate_g, sugars_g, protein_g, per_g) => {
          const result = read({ fat_g, carbohydrate_g, sugars_g, protein_g, per_g });
          if (!result.ok) return;
          const { composition } = result.value.ingredient;
          for (const part of PARTS) expect(composition?.[part]).toBeGreaterThanOrEqual(0);
          expect(PARTS.reduce((total, part) => total + (composition?.[part] ?? 0), 0)).toBeCloseTo(1, 6);
        },
      ),
      { numRuns: 200, seed: 5 },
    );
  });
});

describe('flour in the air it lies in', () => {
  // *Common practice*: two or three points of moisture between mountain air and the usual.
  test('dry mountain air takes two to five points of water, the wet season gives some', () => {
    expect(moistureShift_percent('usual')).toBeCloseTo(0, 9);
    expect(moistureShift_percent('dry')).toBeLessThan(-2);
    expect(moistureShift_percent('dry')).toBeGreaterThan(-5);
    expect(moistureShift_percent('damp')).toBeGreaterThan(1.5);
  });

  test.each(CLIMATES)('%s: the other parts keep their proportions', (climate) => {
    const composition = ingredientById('wheat-flour')?.composition;
    if (composition == null) throw new Error('wheat-flour');
    const there = inClimate(composition, climate);
    expect(there.protein / there.starch).toBeCloseTo(composition.protein / composition.starch, 9);
    expect(PARTS.reduce((total, part) => total + there[part], 0)).toBeCloseTo(1, 9);
  });
});
