import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { PARTS, ingredientById } from '../../matter/index.ts';
import type { FormulaLine } from '../index.ts';
import {
  DEFAULT_READ_SETTINGS,
  findRecipe,
  formulaFromRecipe,
  leavening,
  linesFromText,
  MOST_LINES,
  readFormula,
  readLine,
  summarise,
} from '../index.ts';

const read = (text: string) =>
  summarise(
    text.split('\n').map((line) => readLine(line)),
    null,
  );
const QUICK = '250 g flour\n10 g baking powder\n4 g salt\n25 g sugar\n3 large eggs\n400 g milk\n100 g butter';
let ids = 0;
const newId = (): string => `id-${++ids}`;

describe('the bowl', () => {
  test('mass, baker’s percent and composition close', () => {
    const reading = read(QUICK);
    expect(reading.totalMass_g).toBeCloseTo(939, 6);
    expect(reading.bakersPercent?.['wheat-flour']).toBeCloseTo(100, 9);
    expect(reading.bakersPercent?.['milk']).toBeCloseTo(160, 9);
    expect(PARTS.reduce((sum, part) => sum + (reading.composition?.[part] ?? 0), 0)).toBeCloseTo(1, 9);
  });

  test('flours and meals together are 100; starch and cocoa are not flour', () => {
    const reading = read('150 g flour\n50 g oat flour\n40 g corn starch\n20 g cocoa\n200 g milk');
    const percent = reading.bakersPercent ?? {};
    expect((percent['wheat-flour'] ?? 0) + (percent['oat-flour'] ?? 0)).toBeCloseTo(100, 9);
    expect(percent['corn-starch']).toBeCloseTo(20, 9);
  });

  test('no flour, no percentages, and it is said', () => {
    const reading = read('200 g corn starch\n200 g milk');
    expect(reading.bakersPercent).toBeNull();
    expect(reading.findings.map((f) => f.code)).toContain('no-flour');
  });

  test('nothing in the bowl is nothing, not NaN', () => {
    expect(read('')).toMatchObject({ totalMass_g: 0, composition: null, bakersPercent: null, hydration_percent: null });
  });

  test('the flour cup’s band goes through to the hydration', () => {
    const { hydration_percent } = read('2 cups flour\n300 g water');
    expect(hydration_percent?.low).toBeLessThan(hydration_percent?.usual ?? 0);
    expect(hydration_percent?.high).toBeGreaterThan(hydration_percent?.usual ?? 0);
  });

  test('doubling every line changes nothing but the mass', () => {
    fc.assert(
      fc.property(
        fc.array(fc.tuple(fc.constantFrom('flour', 'milk', 'butter', 'sugar', 'salt', 'oil'), fc.integer({ min: 1, max: 900 })), {
          minLength: 1,
          maxLength: 8,
        }),
        (rows) => {
          const once = read(rows.map(([name, grams]) => `${grams} g ${name}`).join('\n'));
          const twice = read(rows.map(([name, grams]) => `${2 * grams} g ${name}`).join('\n'));
          expect(twice.totalMass_g).toBeCloseTo(2 * once.totalMass_g, 6);
          for (const part of PARTS) expect(twice.composition?.[part]).toBeCloseTo(once.composition?.[part] ?? NaN, 9);
        },
      ),
      { numRuns: 60, seed: 2 },
    );
  });

  test('amounts changed in place and answers given count over the words', () => {
    const line: FormulaLine = { id: 'a', text: '1 cup gloop', edited_g: null, chosenIngredientId: null };
    const settings = DEFAULT_READ_SETTINGS;
    expect(readFormula({ lines: [line], lift: null }, settings).lines[0]?.status).toBe('unresolved');
    const chosen = readFormula({ lines: [{ ...line, chosenIngredientId: 'milk' }], lift: null }, settings).lines[0];
    expect(chosen).toMatchObject({ ingredientId: 'milk', grams: 244 });
    const edited = readFormula({ lines: [{ ...line, chosenIngredientId: 'milk', edited_g: 200 }], lift: null }, settings).lines[0];
    expect(edited).toMatchObject({ grams: 200, gramsRange: [200, 200], text: '1 cup gloop' });
  });
});

describe('lift, as the lines say it', () => {
  test.each([
    [QUICK, 'quick'],
    ['250 g flour\n3 eggs, separated', 'folded'],
    ['250 g flour\n4 egg whites, beaten to stiff peaks', 'folded'],
    ['250 g flour\n3 g dry yeast', 'yeasted'],
  ])('%#', (text, lift) => expect(read(text).lift).toBe(lift));
});

describe('gas and acid', () => {
  const items = (...pairs: [string, number][]) =>
    pairs.map(([id, grams]) => {
      const ingredient = ingredientById(id);
      if (ingredient === undefined) throw new Error(id);
      return { ingredient, grams };
    });

  // NaHCO3 84.006 g/mol (IUPAC weights 2021): 11.90 meq and as many mmol of CO2 per g; half of it by heat alone.
  test('soda with enough acid gives 11.90 mmol per gram', () => {
    const l = leavening(items(['baking-soda', 1], ['lemon-juice', 100]), 100);
    expect(l.gas_mmol).toBeCloseTo(11.9, 1);
    expect(l.leftover_meq).toBeLessThan(0);
  });

  test('soda alone gives half, and stays alkaline', () => {
    const l = leavening(items(['baking-soda', 1]), 100);
    expect(l.gas_mmol).toBeCloseTo(5.95, 1);
    expect(l.leftover_meq).toBeCloseTo(11.9, 1);
  });

  // US definition of baking powder: at least 12 % CO2 by mass; trade 12–14 %.
  test('a gram of powder gives 12–14 % of its mass as CO2', () => {
    const share = (leavening(items(['baking-powder', 1]), 100).gas_mmol * 44.009) / 1000;
    expect(share).toBeGreaterThanOrEqual(0.12);
    expect(share).toBeLessThanOrEqual(0.14);
  });

  test.each([
    ['250 g flour\n300 g milk\n5 g baking soda', 'soda-without-acid'],
    ['250 g flour\n300 g milk\n12 g salt', 'salt-spoon-size'],
    ['250 g flour\n300 g milk\n40 g baking powder', 'powder-spoon-size'],
    ['250 g flour\n300 g milk\n12 g baking soda', 'soda-for-powder'],
    ['250 g flour\n300 g milk', 'gas-far-below'],
    ['250 g flour\n300 g milk\n70 g baking powder', 'gas-far-above'],
  ])('%j is noticed', (text, code) => expect(read(text).findings.map((f) => f.code)).toContain(code));

  test('an ordinary batter gives no warning', () => expect(read(QUICK).findings).toEqual([]));
});

describe('pasted text and recipes', () => {
  test('too many lines are cut and counted', () => {
    const { lines, cut } = linesFromText(Array.from({ length: MOST_LINES + 7 }, () => '1 g salt').join('\n'), newId);
    expect([lines.length, cut]).toEqual([MOST_LINES, 7]);
  });

  test('a schema.org Recipe is found in a graph, its other properties kept', () => {
    const recipe = {
      '@context': 'https://schema.org',
      '@graph': [
        { '@type': 'WebPage' },
        {
          '@type': ['Recipe'],
          name: 'Plain',
          recipeIngredient: ['250 g flour', '300 g milk'],
          recipeYield: 8,
          cookTime: 'PT5M',
          recipeInstructions: [{ '@type': 'HowToStep', text: 'Stir.' }],
        },
      ],
    };
    const formula = formulaFromRecipe(recipe, newId);
    expect(formula).toMatchObject({
      ok: true,
      value: { name: 'Plain', yieldHint: '8', steps: ['Stir.'], foreignProps: { cookTime: 'PT5M' } },
    });
    expect(findRecipe({ '@type': 'Thing' })).toBeUndefined();
  });

  test.each([
    [{}, 'recipe-missing'],
    [{ '@type': 'Recipe', recipeIngredient: 5 }, 'recipe-broken'],
    [{ '@type': 'Recipe', recipeIngredient: [] }, 'recipe-empty'],
  ])('%j is refused with %s', (json, code) => expect(formulaFromRecipe(json, newId)).toMatchObject({ ok: false, failure: { code } }));
});
