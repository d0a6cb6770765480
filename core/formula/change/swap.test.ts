import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import type { Swap } from '../index.ts';
import { swapsFor } from '../index.ts';
import { ingredientById, ingredientFromLabel, INGREDIENTS } from '../../matter/index.ts';

const part = (swap: Swap | undefined, id: string): number => swap?.parts.find((p) => p.ingredientId === id)?.grams ?? 0;
const withPart = (id: string, grams: number, ...parts: string[]): Swap => {
  const found = swapsFor(id, grams).find((swap) => parts.every((p) => part(swap, p) > 0) && swap.parts.length === parts.length);
  if (found === undefined) throw new Error(`${id} by ${parts.join(' + ')}`);
  return found;
};

describe('what stands in, solved', () => {
  // US butter holds 81.11 % fat, 16.2 % water (USDA SR Legacy 01145, from memory).
  test('butter by oil: its fat as oil, its water as water', () => {
    const swap = withPart('butter', 100, 'oil', 'water');
    expect(part(swap, 'oil')).toBeCloseTo(81.1, 0);
    expect(part(swap, 'water')).toBeCloseTo(16.2, 0);
    expect(Math.abs(swap.change.fat_g)).toBeLessThan(0.2);
  });

  test('unsalted by salted butter brings the salt along, and says so', () => {
    expect(withPart('butter', 100, 'salted-butter').change.salt_g).toBeGreaterThan(1.4);
    expect(part(withPart('salted-butter', 100, 'butter', 'salt'), 'salt')).toBeCloseTo(1.6, 1);
  });

  // Cultured milk 0.8–0.9 % as lactic (90.08 g/mol): 22–24 meq a cup. Lemon juice about 5 % citric (3 eq per 192.1 g): some 75 meq per 100 g.
  test('cultured milk by soured milk: as much acid, so two tablespoons of lemon juice rather than one', () => {
    const swap = withPart('cultured-milk', 245, 'milk', 'lemon-juice');
    expect(part(swap, 'lemon-juice')).toBeGreaterThan(22);
    expect(part(swap, 'lemon-juice')).toBeLessThan(36);
    expect(Math.abs(swap.change.acid_meq)).toBeLessThan(5);
  });

  // *Common practice*: evaporated milk and water about half and half; dried milk about 9 % of the milk's mass.
  test('milk from evaporated or dried', () => {
    const evaporated = withPart('milk', 400, 'evaporated-milk', 'water');
    expect(part(evaporated, 'evaporated-milk') / 400).toBeCloseTo(0.46, 1);
    expect(part(withPart('milk', 400, 'milk-powder', 'water', 'butter'), 'milk-powder')).toBeGreaterThan(30);
    expect(part(withPart('milk', 400, 'milk-powder', 'water', 'butter'), 'milk-powder')).toBeLessThan(42);
  });

  // Baking texts: fresh 1, active dry 0.4, instant 0.33 by mass (from memory).
  test('yeast by strength', () => {
    expect(part(swapsFor('fresh-yeast', 30)[0], 'instant-yeast') + part(swapsFor('fresh-yeast', 30)[0], 'dry-yeast')).toBeLessThan(13);
    expect(part(withPart('dry-yeast', 7, 'fresh-yeast'), 'fresh-yeast')).toBeCloseTo(17.5, 6);
    expect(part(withPart('dry-yeast', 7, 'instant-yeast'), 'instant-yeast')).toBeCloseTo(5.775, 6);
  });

  // NaHCO3 84.006, KHC4H4O6 188.176 g/mol: 2.24 g of cream of tartar meets 1 g of soda.
  test('powder by soda and cream of tartar: the same gas, nothing left over', () => {
    const swap = withPart('baking-powder', 10, 'baking-soda', 'cream-of-tartar', 'corn-starch');
    expect(part(swap, 'cream-of-tartar') / part(swap, 'baking-soda')).toBeCloseTo(188.176 / 84.006, 1);
    expect(Math.abs(swap.change.gas_mmol)).toBeLessThan(0.1);
    expect(Math.abs(swap.change.acid_meq)).toBeLessThan(0.1);
  });

  // Yolk 17 g, white 33 g of a large egg (USDA SR Legacy 01124, 01125, from memory).
  test('a whole egg by white and yolk', () => {
    const swap = withPart('egg', 50, 'egg-white', 'egg-yolk');
    expect(part(swap, 'egg-white')).toBeCloseTo(33, 0);
    expect(part(swap, 'egg-yolk')).toBeCloseTo(17, 0);
  });

  test('strong flour and starch make the protein of plain flour', () => {
    const swap = withPart('wheat-flour', 250, 'strong-flour', 'corn-starch');
    expect(Math.abs(swap.change.protein_g)).toBeLessThan(2.5);
    expect(part(swap, 'corn-starch')).toBeGreaterThan(20);
  });
});

describe('every swap', () => {
  const all = INGREDIENTS.map(({ id }) => id);

  test('is named in the library, nowhere negative, the nearest first', () => {
    for (const id of all) {
      const swaps = swapsFor(id, 100);
      for (const swap of swaps) {
        expect(swap.parts.length).toBeGreaterThan(0);
        for (const { ingredientId, grams } of swap.parts)
          expect([ingredientById(ingredientId) !== undefined, grams > 0, ingredientId !== id]).toEqual([true, true, true]);
      }
      expect([...swaps].sort((a, b) => a.distance - b.distance)).toEqual(swaps);
    }
  });

  test('twice as much by twice as much', () => {
    fc.assert(
      fc.property(fc.constantFrom(...all), fc.double({ min: 5, max: 900, noNaN: true }), (id, grams) => {
        const [once, twice] = [swapsFor(id, grams), swapsFor(id, 2 * grams)];
        once.forEach((swap, i) => swap.parts.forEach(({ grams: g }, j) => expect(twice[i]?.parts[j]?.grams).toBeCloseTo(2 * g, 4)));
      }),
      { numRuns: 80, seed: 12 },
    );
  });

  test('nothing for nothing, or for what nobody replaces', () => {
    expect(swapsFor('butter', 0)).toEqual([]);
    expect(swapsFor('butter', NaN)).toEqual([]);
    expect(swapsFor('no-such-thing', 100)).toEqual([]);
  });

  test('at least twenty things have a stand-in', () =>
    expect(all.filter((id) => swapsFor(id, 100).length > 0).length).toBeGreaterThanOrEqual(20));
});

describe('the cook’s own ingredient', () => {
  const nutButter = ingredientFromLabel({
    id: 'own-nut-butter',
    name: 'Nut butter',
    role: 'fat',
    standard: 'eu',
    per_g: 100,
    energy_kcal: 620,
    fat_g: 55,
    carbohydrate_g: 10,
    sugars_g: 5,
    fibre_g: 6,
    protein_g: 22,
    salt_g: 0,
    gramsPerUsCup: null,
    allergens: ['nuts'],
    can: { melts: false, standsInFor: ['butter'], takenFor: 'ghee' },
  });
  if (!nutButter.ok) throw new Error(nutButter.failure.code);
  const own = nutButter.value.ingredient;

  test('stands in for what it was said to, and the other way round', () => {
    expect(swapsFor('butter', 100, [own]).some((swap) => swap.parts[0]?.ingredientId === own.id)).toBe(true);
    expect(swapsFor('butter', 100).some((swap) => swap.parts[0]?.ingredientId === own.id)).toBe(false);
    expect(swapsFor(own.id, 100, [own])[0]?.parts.map((p) => p.ingredientId)).toEqual(['butter']);
  });

  test('does what was said of it, else what its kind does', () => {
    expect(own.can).toMatchObject({ melts: false, staysInBits: false, takenFor: 'ghee' });
  });
});

test('what the rows name exists', () => {
  for (const { id, can } of INGREDIENTS) {
    const named = [can.takenFor, ...(can.standIns ?? []).flat()].filter((other) => other !== undefined);
    expect([id, named.filter((other) => ingredientById(other) === undefined)]).toEqual([id, []]);
  }
});

/** Swaps with a rule of the trade beside what is solved. */
const ruleOf = (id: string, grams: number, ...parts: string[]) => {
  const found = swapsFor(id, grams).find(
    ({ rule, parts: taken }) => rule !== null && parts.every((p) => taken.some(({ ingredientId }) => ingredientId === p)),
  );
  if (found?.rule == null) throw new Error(`no rule for ${id} by ${parts.join(' + ')}`);
  return {
    solved: found,
    rule: found.rule,
    of: (p: string) => found.rule?.parts.find(({ ingredientId }) => ingredientId === p)?.grams ?? 0,
  };
};

describe('rules of the trade beside what is solved', () => {
  // A US cup is 16 tablespoons; lemon juice 244 g a cup (USDA SR Legacy 09152, from memory): 15 g a spoon.
  test('a spoon of lemon juice in a cup of milk: as much liquid, two thirds of the acid', () => {
    const { solved, rule, of } = ruleOf('cultured-milk', 245, 'milk', 'lemon-juice');
    expect(of('lemon-juice')).toBeCloseTo(15.25, 0);
    expect(of('milk') + of('lemon-juice')).toBeCloseTo(244, 0);
    expect(rule.change.acid_meq).toBeLessThan(-5);
    expect(Math.abs(rule.change.acid_meq)).toBeGreaterThan(1.5 * Math.abs(solved.change.acid_meq));
    expect(rule.distance).toBeGreaterThan(solved.distance);
  });

  // A quarter teaspoon of soda (1.15 g) needs 2.58 g of cream of tartar; half a teaspoon (1.5 g) neutralises 58 % of it.
  test('soda and cream of tartar by spoons: gas enough, soda left over', () => {
    const { rule, of } = ruleOf('baking-powder', 4.6, 'baking-soda', 'cream-of-tartar');
    expect(of('cream-of-tartar') / of('baking-soda')).toBeGreaterThan(1.2);
    expect(of('cream-of-tartar') / of('baking-soda')).toBeLessThan(1.5);
    expect(rule.change.acid_meq).toBeLessThan(-4);
  });

  test('three quarters of the butter in oil: a tenth less fat, and the water gone', () => {
    const { rule } = ruleOf('butter', 227, 'oil');
    expect(rule.change.fat_g / (0.8111 * 227)).toBeCloseTo(-0.11, 1);
    expect(rule.change.water_g).toBeLessThan(-30);
  });

  // One cup of self-rising flour: a cup of flour, 1½ teaspoons of powder, ½ of salt (US extension tables, from memory).
  test('raising flour by the spoon is next to what is solved', () => {
    const { solved, of } = ruleOf('self-raising-flour', 250, 'wheat-flour', 'baking-powder', 'salt');
    expect(of('baking-powder') / part(solved, 'baking-powder')).toBeGreaterThan(0.7);
    expect(of('baking-powder') / part(solved, 'baking-powder')).toBeLessThan(1.4);
    expect(of('wheat-flour')).toBeGreaterThan(220);
  });

  test('every rule scales with what is missing', () => {
    const ruled = INGREDIENTS.flatMap(({ id }) => swapsFor(id, 100).flatMap(({ rule }) => (rule === null ? [] : [{ id, rule }])));
    expect(ruled.length).toBeGreaterThan(12);
    for (const { id, rule } of ruled) {
      const ids = (r: typeof rule) => r.parts.map(({ ingredientId }) => ingredientId).join();
      const twice = swapsFor(id, 200).find((swap) => swap.rule !== null && ids(swap.rule) === ids(rule));
      expect(twice?.rule?.parts.map(({ grams }) => grams / 2)).toEqual(rule.parts.map(({ grams }) => expect.closeTo(grams, 9)));
    }
  });
});

// *Common practice*: of spice ground for the bowl a quarter less; a bean for a tablespoon of extract.
test('fresh for ground, ground for fresh', () => {
  expect(part(withPart('cardamom', 4, 'fresh-cardamom'), 'fresh-cardamom')).toBeCloseTo(3, 6);
  expect(part(withPart('fresh-nutmeg', 3, 'nutmeg'), 'nutmeg')).toBeCloseTo(4, 6);
  expect(part(withPart('vanilla-extract', 13, 'vanilla-bean'), 'vanilla-bean')).toBeCloseTo(3, 0);
});
