import { expect, test } from '@jest/globals';
import { pieceAt, saidOf, surprisesOf } from './index.ts';

const HOUR = 3_600_000;
const plan = { startAt: 0, firstPourAt: HOUR / 4, lastPlateAt: 2 * HOUR };

test('two parties come within the morning, the same by the same seed', () => {
  for (let seed = 0; seed < 200; seed++) {
    const [one, two] = surprisesOf(seed, plan);
    expect(one!.at).toBeGreaterThan(plan.firstPourAt);
    expect(two!.at).toBeGreaterThan(one!.at);
    expect(two!.at).toBeLessThan(plan.lastPlateAt);
    for (const { guests } of [one!, two!]) expect(guests).toBeGreaterThanOrEqual(2);
    expect(surprisesOf(seed, plan)).toEqual([one, two]);
  }
  expect(new Set(Array.from({ length: 50 }, (_, seed) => surprisesOf(seed, plan)[0]!.at)).size).toBeGreaterThan(40);
});

test('what a cook says of a piece: whole steps of every mould, and lost only where it is', () => {
  const believed = { ironId: 'a', dishId: 'own', best_s: 200, preheat_s: 300, portion_g: 120, setting_C: 175, tawny: 4 };
  const load = { loadId: 'x', poured_g: 120, setting_C: 175, heated: 1, stood_s: 0 };
  const iron = { heats: 1, cooks: 1, room: 1, sides: 1 };
  const good = saidOf(pieceAt(iron, believed, load, 200), 2);
  expect(good.map(({ kind, mould }) => `${kind} ${mould}`)).toEqual(['fill 0', 'tawny 0', 'tawny 0', 'fill 1', 'tawny 1', 'tawny 1']);
  for (const said of good) if (said.kind === 'tawny') expect(Number.isInteger(said.value)).toBe(true);
  expect(saidOf(pieceAt(iron, believed, load, 500), 1).at(-1)).toEqual({ kind: 'lost', mould: 0, value: 'burnt' });
});
