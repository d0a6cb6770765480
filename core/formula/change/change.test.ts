import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import type { ParsedFormula, Thickness } from '../index.ts';
import {
  allergensOf,
  nutritionOf,
  readLine,
  scaledLines,
  scaleFactor,
  summarise,
  THICKNESS,
  thicknessCorrection,
  wholeEggBatches,
} from '../index.ts';
import { ingredientById, sugars } from '../../matter/index.ts';

const read = (text: string): ParsedFormula =>
  summarise(
    text.split('\n').map((line) => readLine(line)),
    null,
  );
const QUICK = read('250 g flour\n10 g baking powder\n4 g salt\n25 g sugar\n3 large eggs\n400 g milk\n100 g butter');

describe('scale', () => {
  test('by a factor, by what is short, by whole loads', () => {
    expect(scaleFactor(QUICK, { by: 'factor', factor: 2 })).toBe(2);
    expect(scaleFactor(QUICK, { by: 'line', index: 5, grams: 600 })).toBeCloseTo(1.5, 9);
    const factor = scaleFactor(QUICK, { by: 'pieces', pieces: 9, portion_g: 240, piecesPerLoad: 2 }) ?? 0;
    expect(Math.floor((0.98 * factor * QUICK.totalMass_g) / 240 + 1e-9)).toBe(5);
  });

  test.each([
    { by: 'factor', factor: 0 },
    { by: 'factor', factor: NaN },
    { by: 'factor', factor: 1000 },
    { by: 'line', index: 99, grams: 10 },
    { by: 'line', index: 0, grams: -1 },
  ] as const)('%j can’t be met', (wish) => expect(scaleFactor(QUICK, wish)).toBeNull());

  test('rounds to the scale, says what that makes of small lines, and loses none', () => {
    const lines = scaledLines(QUICK, 0.1, 1);
    expect(lines).toHaveLength(7);
    expect(lines.find((line) => line.index === 2)).toMatchObject({ grams: 1, exact_g: 0.4 });
    const salt = scaledLines(QUICK, 1.31, 1).find((line) => line.index === 2);
    expect(salt?.grams).toBe(5);
    expect(salt?.error).toBeCloseTo(5 / 5.24 - 1, 9);
    expect(scaledLines(QUICK, 1.31, 0.1).find((line) => line.index === 2)?.grams).toBe(5.2);
  });

  test('scaling there and back keeps the proportions within the scale’s reading', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.3, max: 20, noNaN: true }), (factor) => {
        for (const { exact_g, grams } of scaledLines(QUICK, factor, 0.1)) expect(Math.abs(grams - exact_g)).toBeLessThanOrEqual(0.1001);
      }),
      { numRuns: 50, seed: 9 },
    );
  });

  test('whole eggs: the batches around the wish, at least one egg', () => {
    expect(wholeEggBatches(QUICK, 1.5).map((batch) => batch.eggs)).toEqual([4, 5]);
    expect(wholeEggBatches(QUICK, 1)).toEqual([{ eggs: 3, factor: 1 }]);
    expect(wholeEggBatches(QUICK, 0.1).map((batch) => batch.eggs)).toEqual([1]);
    expect(wholeEggBatches(read('250 g flour\n300 g milk'), 2)).toEqual([]);
  });
});

describe('too thick, too thin', () => {
  /** What a bowl that behaves as seen becomes with the additions: worked out from the parts, not by the corrector. */
  const looseness = (seen: Thickness, additions: readonly { ingredientId: string; grams: number }[]): number => {
    const c = QUICK.composition;
    if (c === null) throw new Error('empty');
    let liquid = QUICK.totalMass_g * (c.water + c.alcohol + 1.09 * c.fat + 0.62 * sugars(c));
    let stiff = liquid / THICKNESS[seen];
    for (const { ingredientId, grams } of additions) {
      const part = ingredientById(ingredientId)?.composition;
      if (part == null || ['salt', 'baking-powder'].includes(ingredientId)) continue;
      liquid += grams * (part.water + part.alcohol + 1.09 * part.fat + 0.62 * sugars(part));
      stiff += grams * (part.starch + part.protein + part.fibre);
    }
    return liquid / stiff;
  };

  test.each([
    ['runny', 'pourable', 'wheat-flour'],
    ['pourable', 'ribbon', 'wheat-flour'],
    ['dollop', 'ribbon', 'milk'],
    ['ribbon', 'runny', 'milk'],
  ] as const)('from %s to %s with %s', (seen, wanted, id) => {
    const result = thicknessCorrection(QUICK, seen, wanted);
    if (!result.ok) throw new Error(result.failure.code);
    expect(result.value[0]?.ingredientId).toBe(id);
    expect(looseness(seen, result.value)).toBeCloseTo(THICKNESS[seen] * (THICKNESS[wanted] / THICKNESS[seen]) ** 0.3, 6);
  });

  // *Common practice*: a splash, two to four spoons for each word.
  test('it takes splashes, not jugs', () => {
    const words = Object.keys(THICKNESS) as Thickness[];
    for (const seen of words)
      for (const wanted of words) {
        const result = thicknessCorrection(QUICK, seen, wanted);
        if (!result.ok) continue;
        const steps = Math.abs(words.indexOf(seen) - words.indexOf(wanted));
        const grams = result.value[0]?.grams ?? 0;
        expect(grams).toBeGreaterThan(20 * steps);
        expect(grams).toBeLessThan(150 * steps);
      }
  });

  test('flour brings its salt and powder along', () => {
    const result = thicknessCorrection(QUICK, 'runny', 'ribbon');
    if (!result.ok) throw new Error(result.failure.code);
    const grams = Object.fromEntries(result.value.map((addition) => [addition.ingredientId, addition.grams]));
    expect((grams['salt'] ?? 0) / (grams['wheat-flour'] ?? 1)).toBeCloseTo(4 / 250, 9);
    expect((grams['baking-powder'] ?? 0) / (grams['wheat-flour'] ?? 1)).toBeCloseTo(10 / 250, 9);
  });

  test('nothing to do, nothing in the bowl', () => {
    expect(thicknessCorrection(QUICK, 'ribbon', 'ribbon')).toMatchObject({ ok: false, failure: { code: 'correction-none' } });
    expect(thicknessCorrection(read(''), 'runny', 'ribbon')).toMatchObject({ ok: false, failure: { code: 'bowl-empty' } });
  });
});

describe('nutrition and allergens', () => {
  // Regulation (EU) 1169/2011 Annex XIV: 37 kJ/g fat, 17 protein and carbohydrate, 8 fibre; USDA SR Legacy rows (from memory).
  test('100 g of sugar, oil and water are what the factors say', () => {
    const energy = (line: string): [number, number] => {
      const n = nutritionOf(read(line), 100);
      return [Math.round(n?.energy_kJ ?? 0), Math.round(n?.energy_kcal ?? 0)];
    };
    expect(energy('100 g sugar')).toEqual([1700, 400]);
    expect(energy('100 g oil')).toEqual([3700, 900]);
    expect(energy('100 g water')).toEqual([0, 0]);
  });

  // USDA SR Legacy 20081: 364 kcal by Atwater factors with fibre counted as carbohydrate; by the EU factors about 345–355.
  test('100 g of flour', () => {
    const flour = nutritionOf(read('100 g flour'), 100);
    expect(flour?.energy_kcal).toBeGreaterThan(340);
    expect(flour?.energy_kcal).toBeLessThan(365);
    expect(flour?.protein_g).toBeCloseTo(10.33, 1);
  });

  test('salt counts the sodium of soda and powder, 2.5 times', () => {
    expect(nutritionOf(read('95 g water\n5 g salt'), 100)?.salt_g).toBeCloseTo(4.99, 1);
    expect(nutritionOf(read('95 g water\n5 g baking soda'), 100)?.salt_g).toBeCloseTo(2.5 * 0.2737 * 5, 6);
  });

  test('a piece brings what was poured for it', () => {
    const [one, two] = [120, 240].map((grams) => nutritionOf(QUICK, grams)?.energy_kcal ?? 0) as [number, number];
    expect(two).toBeCloseTo(2 * one, 9);
    expect(one).toBeGreaterThan(250);
    expect(nutritionOf(read(''), 100)).toBeNull();
  });

  test('allergens: each once, gluten of other cereals too', () => {
    expect(allergensOf(QUICK).sort()).toEqual(['egg', 'gluten', 'milk', 'wheat']);
    expect(allergensOf(read('100 g oat flour\n100 g water'))).toEqual(['gluten']);
    // To taste is still in it.
    expect(allergensOf(read('100 g rice flour\nwalnuts to taste'))).toEqual(['nuts']);
  });
});
