import { describe, expect, test } from '@jest/globals';
import { readLine, summarise, USUAL_GAS_MMOL } from '../index.ts';

const findings = (text: string) =>
  summarise(
    text.split('\n').map((line) => readLine(line)),
    null,
  ).findings;
const codes = (text: string): string[] => findings(text).map((finding) => finding.code);
const FLOUR = '250 g flour\n300 g milk';

describe('what looks wrong with the written amounts', () => {
  test('lines without grams are counted, headings are not', () => {
    expect(findings(`Dry:\n${FLOUR}\n8 g baking powder\nsalt to taste\ngloop`)).toContainEqual({
      code: 'lines-unresolved',
      level: 'warning',
      fields: { count: 2 },
    });
    expect(codes(`Dry:\n${FLOUR}\n8 g baking powder`)).toEqual([]);
  });

  test('a weight of something unknown is named with its grams', () => {
    expect(findings(`${FLOUR}\n8 g baking powder\n100 g gloop`)).toContainEqual({
      code: 'ingredient-unknown-mass',
      level: 'warning',
      fields: { count: 1, grams: 100 },
    });
  });

  // *Common practice*: 1.8–11 g of powder per 100 g flour; wide on purpose.
  test.each([
    [1, ['gas-far-below', 'powder-spoon-size']],
    [6, []],
    [12, []],
    [27, []],
    [28, ['gas-far-above']],
    [31, ['gas-far-above', 'powder-spoon-size']],
  ] as const)('%d g of powder on 250 g flour', (grams, expected) =>
    expect(codes(`${FLOUR}\n${grams} g baking powder`)).toEqual(expect.arrayContaining([...expected])),
  );

  test.each([
    [9, false],
    [10, false],
    [11, true],
  ] as const)('%d g of salt on 250 g flour: too much? %s', (grams, tooMuch) =>
    expect(codes(`${FLOUR}\n8 g baking powder\n${grams} g salt`).includes('salt-spoon-size')).toBe(tooMuch),
  );

  test('batters that get their lift elsewhere need no powder', () => {
    expect(codes('250 g flour\n300 g milk\n3 eggs, separated')).toEqual([]);
    expect(codes('250 g flour\n300 g milk\n4 g dry yeast')).toEqual([]);
    expect(codes(FLOUR)).toContain('gas-far-below');
  });

  test('soda with enough acid is no fault; a little over is soapy; none at all is said', () => {
    expect(codes('250 g flour\n300 g cultured milk\n2 g baking soda\n4 g baking powder')).toEqual([]);
    expect(codes('250 g flour\n300 g cultured milk\n4.5 g baking soda')).toContain('soda-left-over');
    expect(codes('250 g flour\n300 g milk\n4 g baking soda')).toContain('soda-without-acid');
  });

  test('soda in a powder’s amount is asked about', () =>
    expect(codes('250 g flour\n300 g cultured milk\n9 g baking soda')).toContain('soda-for-powder'));

  test('the usual band is the one that is shown', () => {
    const found = findings(`${FLOUR}\n40 g baking powder`).find((finding) => finding.code === 'gas-far-above');
    expect(found?.fields).toMatchObject({ low: USUAL_GAS_MMOL.low, high: USUAL_GAS_MMOL.high });
    expect(Number(found?.fields['gas'])).toBeGreaterThan(USUAL_GAS_MMOL.high);
  });

  test('without flour only that is said of the proportions', () =>
    expect(codes('200 g corn starch\n300 g milk\n90 g salt')).toEqual(['no-flour']));
});
