import { describe, expect, test } from '@jest/globals';
import { batterOf } from '../cook/index.ts';
import { seededRandom } from '../basis/index.ts';
import type { IronWithBatter } from '../fit/index.ts';
import { lands } from '../fit/index.ts';
import { PRESET_IRONS } from '../plate/index.ts';
import { presetIron, readBatter } from '../testing/batters.ts';
import type { PracticeRecord } from './index.ts';
import { drawHidden, inWords, levelProgress, LEVELS, MORNING_LEVEL, morningProgress, openedAt, practiceLoad, replay } from './index.ts';

const pairingOf = (id: string): IronWithBatter => {
  const bowl = batterOf(readBatter('quick'), { batter_C: 18, altitude_m: 0 });
  if (!bowl.ok) throw new Error(bowl.failure.code);
  return { iron: presetIron(id), batter: bowl.value, room_C: 22 };
};
const level = (id: string) => LEVELS.find((l) => l.id === id) ?? LEVELS[0]!;

describe('levels', () => {
  test('every kind of iron has one, from one fault to all', () => {
    expect(new Set(LEVELS.map((l) => l.presetId))).toEqual(new Set(PRESET_IRONS.map((iron) => iron.id)));
    expect(LEVELS[0]?.faults).toHaveLength(1);
    expect(Math.max(...LEVELS.map((l) => l.faults.length))).toBeGreaterThanOrEqual(7);
  });

  test('only the faults of the level are drawn, and large enough to be seen; one seed, one iron', () => {
    for (let seed = 1; seed < 40; seed++) {
      const hidden = drawHidden(level('hot-or-cool'), seededRandom(seed));
      expect(Math.abs(hidden.offset_K)).toBeGreaterThanOrEqual(8);
      expect([hidden.cavity, hidden.contact, hidden.browning, hidden.side_K, hidden.lean_K]).toEqual([1, 1, 1, 0, 0]);
      expect(drawHidden(level('hot-or-cool'), seededRandom(seed))).toEqual(hidden);
      expect(Math.abs(Math.log(drawHidden(level('how-much'), seededRandom(seed)).cavity))).toBeGreaterThanOrEqual(0.12);
    }
  });
});

describe('a practice load', () => {
  const pairing = pairingOf('deep-round');
  const none = { ...drawHidden(level('how-much'), seededRandom(3)), cavity: 1, pourScatter: 0, plateScatter_K: 0, swing_K: 0 };
  const pour = (hidden: typeof none, portion_g: number, setting_C = 170, n = 1) =>
    practiceLoad(pairing, hidden, { portion_g, setting_C }, n, seededRandom(9));

  test('a hotter plate browns sooner, a smaller room leaks, a larger one leaves corners missing', () => {
    const at = (offset_K: number) => openedAt(pour({ ...none, offset_K }, 200), 240).lower;
    expect(at(20)).toBeGreaterThan(at(0) + 0.3);
    expect(at(-20)).toBeLessThan(at(0) - 0.3);
    const full = 200 / pour(none, 200).share;
    expect(inWords(openedAt(pour({ ...none, cavity: 0.8 }, full), 240)).fill).toBe('leaked');
    expect(inWords(openedAt(pour({ ...none, cavity: 1.25 }, full), 240))).toMatchObject({ fill: 'missing', missing_share: 0.2 });
    expect(inWords(openedAt(pour(none, full), 240)).fill).toBe('full');
  });

  test('opened too early it tears; the hinge side and the upper face are darker where they are hotter', () => {
    const load = pour({ ...none, lean_K: 12, side_K: 10 }, 200);
    const early = openedAt(load, 20);
    expect([early.isTorn, early.isSet]).toEqual([true, false]);
    // Set, and still holding on to the plates: it splits.
    const set_s = Math.ceil(load.set_s ?? NaN);
    expect(load.letsGo_s ?? 0).toBeGreaterThan(set_s + 10);
    expect(openedAt(load, set_s + 2)).toMatchObject({ isTorn: true, isSet: true });
    const done = openedAt(load, 300);
    expect(done.isTorn).toBe(false);
    expect(done.hinge[0]).toBeGreaterThan(done.front[0]);
    expect(done.upper).toBeGreaterThan(done.lower);
    expect(Math.max(...load.steam)).toBeCloseTo(1, 1);
    expect(load.smells_s).not.toBeNull();
    expect(load.beeps_s).not.toBeNull();
  });

  test('a second load starts on plates that the first one has moved, within the thermostat’s swing', () => {
    const moved = Math.abs((pour(none, 200, 170, 2).plate_C[0] ?? 0) - (pour(none, 200, 170, 1).plate_C[0] ?? 0));
    expect(moved).toBeGreaterThan(0.5);
    expect(moved).toBeLessThan(8);
  });
});

test('the estimator, told the same words, lands on strangers within its loads', () => {
  let needed = 0;
  let landed = 0;
  const pairing = pairingOf('mini');
  for (const seed of [11, 12, 13]) {
    const hidden = drawHidden(level('nothing-to-set'), seededRandom(seed));
    const steps = replay(pairing, hidden, 4, seed);
    let next = steps.next();
    while (next.done !== true) next = steps.next();
    const last = next.value.at(-1);
    if (last !== undefined && lands(last.result, 4)) landed++;
    needed += next.value.length;
  }
  expect(landed).toBe(3);
  expect(needed / 3).toBeLessThanOrEqual(3);
});

test('progress: best, and the mean of the newest five that were landed', () => {
  const record = (at: number, loads: number, isLanded = true): PracticeRecord => ({
    id: String(at),
    levelId: 'a',
    seed: 1,
    at,
    loads,
    isLanded,
    estimatorLoads: 2,
  });
  const records = [record(1, 5), record(2, 4), record(3, 9, false), record(4, 2), record(5, 2), record(6, 3), record(7, 1)];
  expect(levelProgress('a', records)).toEqual({ levelId: 'a', played: 7, landed: 6, best: 1, lately: (4 + 2 + 2 + 3 + 1) / 5 });
  expect(levelProgress('b', records)).toMatchObject({ played: 0, best: null, lately: null });
});

test('whole mornings: the best, and the newest five, a guest', () => {
  const record = (at: number, waited_min: number, planned_min = 8): PracticeRecord => ({
    id: String(at),
    levelId: MORNING_LEVEL,
    seed: at,
    at,
    loads: 8,
    isLanded: true,
    estimatorLoads: null,
    morning: { guests: 8, waited_min, planned_min },
  });
  const records = [record(6, 8), record(1, 80), record(2, 40), record(3, 16), record(4, 24), record(5, 12)];
  const { played, best_min, lately } = morningProgress(records);
  expect([played, best_min, lately.length]).toEqual([6, 1, 5]);
  expect(lately[0]).toEqual({ waited_min: 5, planned_min: 1 });
  expect(lately.at(-1)).toEqual({ waited_min: 1, planned_min: 1 });
  expect(morningProgress([])).toEqual({ played: 0, best_min: null, lately: [] });
  // They are no exercises with a hidden iron.
  expect(levelProgress('hot-or-cool', records).played).toBe(0);
});
