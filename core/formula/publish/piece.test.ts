import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import {
  costOf,
  nutritionLabel,
  DEFAULT_READ_SETTINGS,
  dryMix,
  mixAsIngredient,
  listedAllergens,
  loosenessOfSpread,
  nutritionOf,
  readLine,
  scaleFactor,
  servedNutrition,
  spread_cm,
  summarise,
  swapTogether,
  THICKNESS,
  thicknessCorrection,
  thicknessWord,
  wholeLoads,
} from '../index.ts';
import { ingredientById, ingredientFromLabel } from '../../matter/index.ts';

const read = (text: string) =>
  summarise(
    text.split('\n').map((line) => readLine(line)),
    null,
  );
const QUICK = read('250 g flour\n50 g sugar\n10 g baking powder\n4 g salt\n2 eggs\n400 g milk\n100 g butter');

describe('cost', () => {
  test('by price per kilogram; what has no price is named, not guessed', () => {
    const cost = costOf(QUICK, { 'wheat-flour': 1, butter: 10, egg: 5 });
    expect(cost?.total).toBeCloseTo(0.25 + 1 + 0.5, 9);
    expect(cost?.lines[0]?.cost).toBeCloseTo(1, 9);
    expect(cost?.unpriced).toEqual(['sugar', 'baking-powder', 'salt', 'milk']);
    expect(cost?.priced).toBeCloseTo((250 + 100 + 100) / QUICK.totalMass_g, 9);
    expect(costOf(QUICK, {})).toBeNull();
  });
});

describe('as declared on a label', () => {
  const piece = {
    energy_kJ: 1046.4,
    energy_kcal: 250.1,
    fat_g: 12.34,
    carbohydrate_g: 28.6,
    sugars_g: 4.44,
    fibre_g: 0.4,
    protein_g: 7.49,
    salt_g: 0.876,
  };

  // 21 CFR 101.9(c)(1)–(7) (from memory): calories to 10 over 50; fat to 1 g from 5 g on, to 0.5 g below; sodium to 10 mg over 140.
  test('US rounding', () => {
    expect(nutritionLabel(piece, 'us')).toEqual({
      energy: '250 calories',
      fat: '12 g',
      carbohydrate: '29 g',
      sugars: '4 g',
      fibre: '0 g',
      protein: '7 g',
      salt: '350 mg sodium',
    });
    expect(nutritionLabel({ ...piece, fat_g: 4.3 }, 'us').fat).toBe('4.5 g');
    expect(nutritionLabel({ ...piece, fat_g: 0.4 }, 'us').fat).toBe('0 g');
    expect(nutritionLabel({ ...piece, protein_g: 0.7 }, 'us').protein).toBe('under 1 g');
  });

  // EU Commission guidance of December 2012, rounding table (from memory).
  test('EU rounding', () => {
    expect(nutritionLabel(piece, 'eu')).toEqual({
      energy: '1046 kJ / 250 kcal',
      fat: '12 g',
      carbohydrate: '29 g',
      sugars: '4.4 g',
      fibre: 'under 0.5 g',
      protein: '7.5 g',
      salt: '0.88 g',
    });
  });

  // FALCPA 2004 + FASTER Act 2021; Regulation (EU) 1169/2011, Annex II: rye is gluten in the EU and no US allergen; sulphites only there.
  test('the US list names wheat, the EU’s gluten and sulphites', () => {
    const all = ['gluten', 'wheat', 'egg', 'milk', 'sulphites'] as const;
    expect(listedAllergens(all, 'us')).toEqual(['milk', 'egg', 'wheat']);
    expect(listedAllergens(all, 'eu')).toEqual(['gluten', 'egg', 'milk', 'sulphites']);
  });

  test('as served: what goes on top is added', () => {
    const plain = nutritionOf(QUICK, 100);
    if (plain === null) throw new Error('no nutrition');
    const served = servedNutrition(plain, [
      { ingredientId: 'butter', grams: 10 },
      { ingredientId: 'maple-syrup', grams: 40 },
    ]);
    // Butter 81 % fat (USDA); maple syrup 67 % sugar: 10 g and 40 g bring 8.1 g of fat and 26.8 g of sugar.
    expect(served.fat_g - plain.fat_g).toBeCloseTo(8.1, 1);
    expect(served.sugars_g - plain.sugars_g).toBeCloseTo(26.8, 0);
    expect(served.energy_kcal).toBeGreaterThan(plain.energy_kcal + 160);
  });
});

describe('a keeping dry mix', () => {
  test('what keeps, what is added on the day, and which of it spoils first', () => {
    const mix = dryMix(QUICK, 1000, 150);
    if (mix === null) throw new Error('no mix');
    expect(mix.dry.reduce((total, part) => total + part.grams, 0)).toBeCloseTo(1000, 6);
    expect(mix.dry.map((part) => part.ingredientId)).toEqual(['wheat-flour', 'sugar', 'baking-powder', 'salt']);
    // 150 g of 314 g of dry goods: the wet things in the same share.
    expect(mix.wet.find((part) => part.ingredientId === 'milk')?.grams).toBeCloseTo((400 * 150) / 314, 6);
    expect(mix).toMatchObject({ keeps_days: 120, limitedBy: 'baking-powder' });
  });

  test('as an ingredient it holds what its parts do: a batter of mix and wet is the batter it was made from', () => {
    const mix = dryMix(QUICK, 1000, 150);
    const row = mix === null ? null : mixAsIngredient(mix, QUICK, { id: 'mix-a', name: 'Sunday mix' });
    if (row === null || mix === null) throw new Error('no mix');
    const label = ingredientFromLabel(row);
    if (!label.ok) throw new Error(label.failure.code);
    expect(row.allergens).toContain('wheat');
    for (const wet of ['milk', 'egg']) expect(row.allergens).not.toContain(wet);
    // Loose flour with a little sugar: between what a cup of flour and of sugar weigh (USDA: 125 and 200 g).
    expect(row.gramsPerUsCup ?? 0).toBeGreaterThan(125);
    expect(row.gramsPerUsCup ?? 0).toBeLessThan(200);
    const settings = { ...DEFAULT_READ_SETTINGS, own: [label.value.ingredient] };
    const dry_g = 250 + 50 + 10 + 4;
    const made = summarise(
      [`${dry_g} g Sunday mix`, '2 eggs', '400 g milk', '100 g butter'].map((text) => readLine(text, settings)),
      null,
    );
    expect(made.totalMass_g).toBeCloseTo(QUICK.totalMass_g, 6);
    for (const part of ['starch', 'protein', 'fat', 'sucrose', 'salt'] as const)
      expect(Math.abs((made.composition?.[part] ?? 0) - (QUICK.composition?.[part] ?? 1))).toBeLessThan(0.006);
    expect(made.leavening.gas_mmol / QUICK.leavening.gas_mmol).toBeCloseTo(1, 1);
    expect(readLine('2 cups sunday mix', settings).grams).toBeCloseTo(2 * (row.gramsPerUsCup ?? 0), 6);
  });

  test('whole grain shortens it; no flour, no mix', () => {
    expect(dryMix(read('200 g whole wheat flour\n10 g baking powder\n300 g milk'), 500, 150)).toMatchObject({
      keeps_days: 60,
      limitedBy: 'whole-wheat-flour',
    });
    expect(dryMix(read('3 eggs\n300 g milk'), 500, 150)).toBeNull();
  });
});

describe('the spread test', () => {
  test('wider the thinner, there and back, and in the middle of the words', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.8, max: 3.6, noNaN: true }), (looseness) => {
        expect(loosenessOfSpread(spread_cm(looseness))).toBeCloseTo(looseness, 6);
        expect(spread_cm(looseness * 1.05)).toBeGreaterThan(spread_cm(looseness));
      }),
      { numRuns: 100, seed: 3 },
    );
    expect(thicknessWord(THICKNESS.ribbon)).toBe('ribbon');
    expect(thicknessWord(3.4)).toBe('runny');
  });

  test('a measured spread corrects as the word in its middle does', () => {
    expect(thicknessCorrection(QUICK, loosenessOfSpread(spread_cm(THICKNESS.runny)), 'pourable')).toEqual(
      thicknessCorrection(QUICK, 'runny', 'pourable'),
    );
    expect(thicknessCorrection(QUICK, -1, 'pourable').ok).toBe(false);
    expect(thicknessCorrection(QUICK, NaN, 'pourable').ok).toBe(false);
  });
});

describe('how much to make', () => {
  test('people, a bowl, and two things that are short', () => {
    expect(scaleFactor(QUICK, { by: 'people', people: 6, piecesEach: 1.5, portion_g: 240, piecesPerLoad: 2 })).toBe(
      scaleFactor(QUICK, { by: 'pieces', pieces: 9, portion_g: 240, piecesPerLoad: 2 }),
    );
    expect(scaleFactor(QUICK, { by: 'bowl', volume_mL: 2000, density_gPerML: 1 })).toBeCloseTo(1500 / QUICK.totalMass_g, 9);
    expect(
      scaleFactor(QUICK, {
        by: 'stock',
        have: [
          { index: 5, grams: 800 },
          { index: 4, grams: 150 },
        ],
      }),
    ).toBeCloseTo(1.5, 9);
    expect(scaleFactor(QUICK, { by: 'stock', have: [] })).toBeNull();
  });

  test('whole loads: even out only where it doesn’t show, else a short plate or a little more batter', () => {
    const even = wholeLoads(1090, 245);
    expect(even.map((c) => c.choice)).toContain('one-short');
    const topUp = even.find((c) => c.choice === 'top-up');
    expect(topUp?.choice === 'top-up' ? topUp.factor * 0.98 * 1090 : 0).toBeCloseTo(topUp?.choice === 'top-up' ? topUp.loads * 245 : 1, 6);
    expect(wholeLoads(1050, 245)[0]).toMatchObject({ choice: 'even-out', loads: 4, share: expect.closeTo(1.05, 2) });
    expect(wholeLoads(740, 245).some((c) => c.choice === 'even-out' && c.loads === 3)).toBe(true);
    expect(wholeLoads(1000, 980)).toEqual([]);
  });
});

describe('several swaps at once', () => {
  test('the water that oil lacks comes from the milk that replaces dried', () => {
    const { parts, change } = swapTogether([
      { ingredientId: 'butter', grams: 100, parts: ['oil'] },
      { ingredientId: 'milk', grams: 400, parts: ['evaporated-milk', 'water'] },
      { ingredientId: 'baking-powder', grams: 10, parts: ['baking-soda', 'cream-of-tartar', 'corn-starch'] },
    ]);
    expect(Math.abs(change.water_g)).toBeLessThan(2);
    expect(Math.abs(change.fat_g)).toBeLessThan(2);
    const gas = parts.filter((p) => p.swap === 2);
    expect(gas.map((p) => p.ingredientId)).toEqual(['baking-soda', 'cream-of-tartar', 'corn-starch']);
    const water = parts.find((p) => p.ingredientId === 'water')?.grams ?? 0;
    const alone =
      swapTogether([{ ingredientId: 'milk', grams: 400, parts: ['evaporated-milk', 'water'] }]).parts.find(
        (p) => p.ingredientId === 'water',
      )?.grams ?? 0;
    // Butter is 16 % water: it must come from somewhere.
    expect(water - alone).toBeGreaterThan(9);
    expect(ingredientById('water')?.composition?.water).toBeGreaterThan(0.99);
  });

  test('nothing known, nothing changed', () => {
    expect(swapTogether([{ ingredientId: 'nothing', grams: 10, parts: ['oil'] }])).toMatchObject({ parts: [] });
  });
});
