import { describe, expect, test } from '@jest/globals';
import { seededRandom } from '../basis/index.ts';
import type { BelievedIron, PouredLoad, TrueIron } from './index.ts';
import { drawTrueIron, pieceAt, steamAt, trueIronOf, trulyBest_s } from './index.ts';

const believed: BelievedIron = { ironId: 'a', dishId: 'own', best_s: 240, preheat_s: 420, portion_g: 180, setting_C: 175, tawny: 4 };
const asBelieved: TrueIron = { heats: 1, cooks: 1, room: 1, sides: 0 };
const load = (changes: Partial<PouredLoad> = {}): PouredLoad => ({
  loadId: 'x',
  poured_g: 180,
  setting_C: 175,
  heated: 1,
  stood_s: 0,
  ...changes,
});
const best = (iron: TrueIron, changes: Partial<PouredLoad> = {}): number => trulyBest_s(iron, believed, load(changes));

describe('a simulated iron', () => {
  test('that is as believed is at its best within a tenth of the believed time, in the believed colour', () => {
    const s = best(asBelieved);
    expect(Math.abs(s / 240 - 1)).toBeLessThan(0.1);
    expect(pieceAt(asBelieved, believed, load(), s)).toEqual({ lower: 4, upper: 4, fill: 'full', lost: null });
  });

  test('hotter and slower, more in it and a cold plate tell in the time', () => {
    const s = best(asBelieved);
    expect(best(asBelieved, { setting_C: 185 })).toBeLessThan(0.9 * s);
    expect(best(asBelieved, { poured_g: 220 })).toBeGreaterThan(1.1 * s);
    expect(best(asBelieved, { heated: 0.5 })).toBeGreaterThan(1.2 * s);
    expect(best({ ...asBelieved, cooks: 1.2 })).toBeCloseTo(1.2 * s);
  });

  test('left too long it burns, opened far too early it tears; too much runs out, too little leaves corners', () => {
    const s = best(asBelieved);
    expect(pieceAt(asBelieved, believed, load(), 1.6 * s).lost).toBe('burnt');
    expect(pieceAt(asBelieved, believed, load(), 0.4 * s).lost).toBe('torn');
    expect(pieceAt({ ...asBelieved, room: 0.9 }, believed, load(), s).fill).toBe('leaked');
    expect(pieceAt({ ...asBelieved, room: 1.12 }, believed, load(), s).fill).toBe('missing');
    // What just filled runs out of the gap two hours later.
    expect(pieceAt({ ...asBelieved, room: 0.95 }, believed, load(), s).fill).toBe('full');
    expect(pieceAt({ ...asBelieved, room: 0.95 }, believed, load({ stood_s: 7200 }), s).fill).toBe('leaked');
    const { lower, upper } = pieceAt({ ...asBelieved, sides: 1 }, believed, load(), s);
    expect(lower - upper).toBeCloseTo(1);
  });

  test('steams most soon after the lid and little when it is done', () => {
    const s = best(asBelieved);
    const at = (share: number): number => steamAt(asBelieved, believed, load(), share * s);
    expect(at(0)).toBe(0);
    expect(at(0.12)).toBeGreaterThan(0.9);
    expect(at(1)).toBeLessThan(0.35);
    expect(at(2)).toBe(0);
  });
});

test('irons are drawn by the seed and their own id; a thousand of them are as far apart as irons are', () => {
  expect(trueIronOf(4, 'deep-a')).toEqual(trueIronOf(4, 'deep-a'));
  expect(trueIronOf(4, 'deep-b')).not.toEqual(trueIronOf(4, 'deep-a'));
  const random = seededRandom(1);
  const drawn = Array.from({ length: 1000 }, () => drawTrueIron(random).cooks);
  expect(Math.min(...drawn)).toBeGreaterThan(0.8);
  expect(Math.max(...drawn)).toBeLessThan(1.25);
  expect(drawn.filter((cooks) => Math.abs(Math.log(cooks)) < 0.1).length).toBeGreaterThan(600);
});
