import { expect, test } from '@jest/globals';
import type { KeepItem } from './index.ts';
import { piecesKept, wasteSince } from './index.ts';

test('what was thrown away, by reason, the most first; what was eaten, is still there, or long ago doesn’t count', () => {
  const items = [
    { usedAt: 100, thrown: 'stale' as const, amount: '6 pieces' },
    { usedAt: 110, thrown: 'too-many' as const, amount: '9 pieces' },
    { usedAt: 120, thrown: 'too-many' as const, amount: 'a jug' },
    { usedAt: 130, amount: '4 pieces' },
    { usedAt: null, thrown: 'stale' as const, amount: '5 pieces' },
    { usedAt: 10, thrown: 'stale' as const, amount: '50 pieces' },
  ];
  expect(wasteSince(items, 50)).toEqual([
    { reason: 'too-many', things: 2, pieces: 9 },
    { reason: 'stale', things: 1, pieces: 6 },
  ]);
  expect(wasteSince([], 0)).toEqual([]);
});

test('pieces in a place by name: counted, still there, and there', () => {
  const item = (changes: Partial<KeepItem>): KeepItem => ({
    id: 'a',
    lotId: null,
    name: 'Oat',
    form: 'pieces',
    place: 'freezer',
    from: 0,
    amount: '6 pieces',
    allergens: [],
    codeOfPractice: 'us-home',
    refrigerator_C: 4,
    usedAt: null,
    ...changes,
  });
  const kept = piecesKept(
    [item({}), item({ amount: '3' }), item({ name: 'Rye' }), item({ usedAt: 5 }), item({ place: 'tin' }), item({ amount: 'a bag' })],
    'freezer',
  );
  expect([...kept]).toEqual([
    ['Oat', 9],
    ['Rye', 6],
  ]);
});
