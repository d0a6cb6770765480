import { describe, expect, test } from '@jest/globals';
import type { Formula } from '../../../core/formula/index.ts';
import { emptyFormula, unswapped, withLines } from './revise.ts';

const line = (id: string, text: string) => ({ id, text, edited_g: null, chosenIngredientId: null });
const was = line('butter', '100 g butter');
const swapped = (id: string, text: string) => ({ ...line(id, text), chosenIngredientId: id, swap: { id: 's1', was } });
const FORMULA: Formula = {
  ...emptyFormula('f', 'Barn'),
  lines: [line('flour', '250 g flour'), swapped('oil', '81 g oil'), swapped('water', '16 g water'), line('milk', '400 g milk')],
};

describe('a swap taken back by itself', () => {
  test('its lines make way for what was there, at its place; other swaps stay', () => {
    const two = {
      ...FORMULA,
      lines: [...FORMULA.lines, { ...line('evaporated', '180 g evaporated milk'), swap: { id: 's2', was: line('cream', '200 g cream') } }],
    };
    const back = unswapped(two, 's1');
    expect(back.lines.map((l) => l.id)).toEqual(['flour', 'butter', 'milk', 'evaporated']);
    expect(back.lines.find((l) => l.id === 'butter')).toEqual(was);
    expect(unswapped(back, 's2').lines.map((l) => l.id)).toEqual(['flour', 'butter', 'milk', 'cream']);
  });

  test('added lines come last, in the next revision', () => {
    const next = withLines(FORMULA, [line('salt', '4 g salt')]);
    expect([next.rev, next.parentRev, next.lines.at(-1)?.id]).toEqual([2, 1, 'salt']);
  });

  test('an unknown swap changes nothing', () => expect(unswapped(FORMULA, 'nothing')).toBe(FORMULA));
});
