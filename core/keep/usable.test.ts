import { DAY_MS } from '../basis/index.ts';
import { expect, test } from '@jest/globals';
import type { KeepItem } from './index.ts';
import { usableOf } from './index.ts';

const FROM = Date.UTC(2026, 10, 27, 9);
const bag = (changes: Partial<KeepItem> = {}): KeepItem => ({
  id: 'bag',
  lotId: null,
  name: 'Oat and rye',
  form: 'pieces',
  place: 'freezer',
  from: FROM,
  amount: '9 pieces',
  allergens: [],
  codeOfPractice: 'us-food-code-2022',
  refrigerator_C: 4,
  usedAt: null,
  ...changes,
});
const formula = { id: 'oat-rye', name: 'Oat and rye' };
const usable = (items: readonly KeepItem[], at = FROM + 3 * DAY_MS, lots: Parameters<typeof usableOf>[2] = []) =>
  usableOf(items, formula, lots, at, 22).map(({ item, pieces }) => [item.id, pieces]);

test('what is put away of this formula, by its name or its bowl, the one to be used first in front', () => {
  const renamed = bag({ id: 'renamed', name: 'For Sunday', lotId: 'l', from: FROM - 2 * DAY_MS, amount: '4' });
  expect(usable([bag(), renamed], undefined, [{ id: 'l', formulaId: 'oat-rye' }])).toEqual([
    ['renamed', 4],
    ['bag', 9],
  ]);
  expect(usable([bag({ name: 'Cocoa' })])).toEqual([]);
});

test('nothing that was used, isn’t counted, is batter, isn’t there yet, or is over', () => {
  expect(usable([bag({ usedAt: FROM })])).toEqual([]);
  expect(usable([bag({ amount: 'a bag' })])).toEqual([]);
  expect(usable([bag({ form: 'batter', place: 'refrigerator' })])).toEqual([]);
  expect(usable([bag()], FROM - 1)).toEqual([]);
  // Seven days in the refrigerator, day of preparation counted (FDA Food Code 3-501.17).
  expect(usable([bag({ place: 'refrigerator' })], FROM + 5 * DAY_MS)).toEqual([['bag', 9]]);
  expect(usable([bag({ place: 'refrigerator' })], FROM + 8 * DAY_MS)).toEqual([]);
  // Past its best in the freezer it may still be eaten.
  expect(usable([bag()], FROM + 60 * DAY_MS)).toEqual([['bag', 9]]);
});
