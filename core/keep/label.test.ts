import { describe, expect, test } from '@jest/globals';
import type { KeepItem } from './index.ts';
import { countOf, itemOfLabel, labelCode, partUsed } from './index.ts';

const bag: KeepItem = {
  id: 'bag/ä 7',
  lotId: null,
  name: 'Oat squares',
  form: 'pieces',
  place: 'freezer',
  from: 0,
  amount: '12 pieces in a bag',
  allergens: ['gluten'],
  codeOfPractice: 'us-home',
  refrigerator_C: 4,
  usedAt: null,
};

describe('a label that is read back', () => {
  test('says which thing it is on, whatever its id looks like', () => {
    const found = itemOfLabel(labelCode(bag), [{ ...bag, id: 'other' }, bag]);
    expect(found.ok && found.value).toBe(bag);
  });
  test('of something else, of a thing that is gone, or torn: said by name', () => {
    expect(itemOfLabel('https://example.org/menu', [bag])).toMatchObject({ failure: { code: 'label-other' } });
    expect(itemOfLabel('tawny-lattice:keep/%E0%A4', [bag])).toMatchObject({ failure: { code: 'label-other' } });
    expect(itemOfLabel(labelCode({ id: 'gone' }), [bag])).toMatchObject({ failure: { code: 'label-gone' } });
  });
});

describe('some of a bag', () => {
  test('five of twelve: seven are left under the same label, five were used', () => {
    const used = partUsed(bag, 5, 'new', 99);
    if (!used.ok) throw new Error(used.failure.code);
    expect(used.value.left).toMatchObject({ id: bag.id, amount: '7 pieces in a bag', usedAt: null });
    expect(used.value.used).toMatchObject({ id: 'new', amount: '5 pieces in a bag', usedAt: 99 });
  });
  test('all of them: none are left', () => {
    const used = partUsed(bag, 12, 'new', 99);
    expect(used.ok && [used.value.left.usedAt, used.value.used]).toEqual([99, null]);
  });
  test('more than there are, none, half a one, or of what nobody counted: refused by name', () => {
    for (const wanted of [13, 0, 2.5, -1, NaN])
      expect(partUsed(bag, wanted, 'new', 0)).toMatchObject({ failure: { code: 'keep-too-many' } });
    expect(partUsed({ ...bag, amount: 'some' }, 1, 'new', 0)).toMatchObject({ failure: { code: 'keep-not-counted' } });
    expect([countOf(bag), countOf({ amount: 'a bag of 6' })]).toEqual([12, null]);
  });
});
