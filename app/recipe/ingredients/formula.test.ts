import { describe, expect, test } from '@jest/globals';
import type { Formula } from '../../../core/formula/index.ts';
import { gramsTyped } from './amounts.ts';
import { readFormula } from '../../../core/formula/index.ts';
import { DEFAULT_KIT } from '../../../core/kit/index.ts';
import { readSettingsOf } from '../../../core/kitchen/index.ts';
import { swapOf } from './useLedger.ts';
import { emptyFormula, revised, undone, withLine, withoutLine } from './revise.ts';

describe('grams as they are typed', () => {
  test.each([
    ['210', 210],
    [' 210 g', 210],
    ['1,5 kg', 1500],
    ['0', 0],
    ['22.5', 22.5],
    ['1 000', 1000],
  ])('%j is %d', (text, grams) => expect(gramsTyped(text)).toBe(grams));
  test.each(['1,250', '', '-3', '1e9', '12345678901', '2 cups', 'NaN', '2000 kg'])('%j is not', (text) =>
    expect(gramsTyped(text)).toBeNull(),
  );
});

describe('revisions', () => {
  const line = { id: 'a', text: '1 cup flour', edited_g: null, chosenIngredientId: null };
  const first: Formula = { ...emptyFormula('f', 'F'), lines: [line] };

  test('an edit makes the next one and leaves the last as it was', () => {
    const second = withLine(first, 'a', { edited_g: 200 });
    expect([second.rev, second.parentRev]).toEqual([2, 1]);
    expect(first.lines[0]?.edited_g).toBeNull();
    expect(withoutLine(second, 'a').lines).toEqual([]);
  });

  test('undo goes back step by step, and is itself a revision', () => {
    const second = revised(first, { name: 'G' });
    const third = revised(second, { name: 'H' });
    const back = undone(third, second);
    expect(back).toMatchObject({ rev: 4, name: 'G', parentRev: 1 });
    // What it was made from is the revision before the one that came back.
    expect(undone(back, first)).toMatchObject({ rev: 5, name: 'F', parentRev: null });
  });
});

test('a line can be swapped while it has an ingredient and a weight', () => {
  const lines = ['250 g wheat flour', 'a handful of moonlight', ''].map((text, i) => ({
    id: `l${i}`,
    text,
    edited_g: null,
    chosenIngredientId: null,
  }));
  const formula: Formula = { ...emptyFormula('f', 'F'), lines };
  const reading = readFormula(formula, readSettingsOf(DEFAULT_KIT, []));
  expect(swapOf(formula, reading, 0)).toEqual({ line: lines[0], id: 'wheat-flour', mass_g: 250 });
  expect([1, 2, 3, null].map((index) => swapOf(formula, reading, index))).toEqual([null, null, null, null]);
});
