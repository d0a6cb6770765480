import { expect, test } from '@jest/globals';
import { isPastOn, leftInHouse } from './index.ts';

const lot = (madeAt: number, weighed: [string, number][], mass_g = 1000) => ({
  madeAt,
  mass_g,
  formulaId: 'f',
  formulaRev: 1,
  weighed: weighed.map(([ingredientId, grams], i) => ({ lineId: String(i), ingredientId, grams })),
});
const half = ({ mass_g }: { mass_g: number }) => [{ ingredientId: 'milk', grams: mass_g / 2 }];

test('what was counted, less what every bowl since then took; what wasn’t counted isn’t in it', () => {
  const counted = [
    { id: 'milk', grams: 2000, at: 100 },
    { id: 'wheat-flour', grams: 300, at: 500 },
  ];
  const lots = [
    lot(50, [['milk', 900]]),
    lot(200, [
      ['milk', 400],
      ['egg', 100],
      ['milk', 50],
    ]),
    // Nobody weighed it: half of it is milk.
    lot(300, []),
    lot(600, [['wheat-flour', 500]]),
  ];
  expect([...leftInHouse(counted, lots, half)]).toEqual([
    ['milk', 2000 - 450 - 500],
    ['wheat-flour', 0],
  ]);
  expect(leftInHouse([], lots, half).size).toBe(0);
});

test('a bowl made at the very moment of counting was counted without it', () => {
  expect(leftInHouse([{ id: 'milk', grams: 100, at: 7 }], [lot(7, [['milk', 60]])], half).get('milk')).toBe(100);
});

test('a packet is good through its last day', () => {
  expect(['2026-12-01', '2026-12-02', '2026-12-03'].map((day) => isPastOn({ goodUntil: '2026-12-02' }, day))).toEqual([false, false, true]);
  expect(isPastOn({}, '2030-01-01')).toBe(false);
});
