import { describe, expect, test } from '@jest/globals';
import { seededRandom } from '../basis/index.ts';
import type { DueAct, LineIron } from './index.ts';
import { conduct } from './index.ts';

const NOW = 1_780_000_000_000;
const iron = (changes: Partial<LineIron> = {}): LineIron => ({
  ironId: 'a',
  state: 'hot',
  at: NOW,
  turnAt: null,
  cook_s: 200,
  open_s: 25,
  ...changes,
});

describe('what to do next', () => {
  test('an open lid is closed first; a due lid comes before a pour; nothing to do is nothing', () => {
    const irons = [iron({ ironId: 'b', state: 'cooking', at: NOW }), iron({ ironId: 'c', state: 'poured' }), iron()];
    expect(conduct(irons, NOW)).toMatchObject({
      next: { act: 'close', ironId: 'c', at: NOW },
      then: { act: 'open', ironId: 'b', at: NOW },
    });
    expect(conduct([iron({ state: 'done' })], NOW)).toMatchObject({ next: null, then: null });
    expect(conduct([], NOW)).toMatchObject({ next: null, then: null });
  });

  test('a pour waits for a lid that would be due meanwhile, and says until when', () => {
    const soon = iron({ ironId: 'b', state: 'cooking', at: NOW + 6000 });
    const { next, then } = conduct([iron(), soon], NOW);
    expect(next).toEqual({ act: 'open', ironId: 'b', at: NOW + 6000 });
    expect(then).toEqual({ act: 'pour', ironId: 'a', at: NOW + 6000 + 15_000 });
    // Far enough away, it is poured at once.
    expect(conduct([iron(), { ...soon, at: NOW + 60_000 }], NOW).next).toEqual({ act: 'pour', ironId: 'a', at: NOW });
  });

  test('a pour waits so that two lids won’t be due at once', () => {
    // Poured now it would be due at 210 s; the other is due at 205 s and takes 15 s.
    const other = iron({ ironId: 'b', state: 'cooking', at: NOW + 205_000 });
    expect(conduct([iron(), other], NOW).next).toEqual({ act: 'pour', ironId: 'a', at: NOW + 10_000 });
  });

  test('an iron is never poured before it is hot; a cold one is switched on at its time; a pan is turned', () => {
    expect(conduct([iron({ at: NOW + 40_000 })], NOW).next).toEqual({ act: 'pour', ironId: 'a', at: NOW + 40_000 });
    expect(conduct([iron({ state: 'cold', at: NOW + 9000 })], NOW).next).toEqual({ act: 'switch-on', ironId: 'a', at: NOW + 9000 });
    expect(conduct([iron({ state: 'cooking', at: NOW + 150_000, turnAt: NOW + 8000 })], NOW).next?.act).toBe('turn');
  });
});

describe('folding meanwhile', () => {
  const soon = iron({ ironId: 'b', state: 'cooking', at: NOW + 60_000 });
  const folds = [{ dishId: 'd', at: NOW - 1000 }];

  test('is done at once where no lid is due meanwhile, else after that', () => {
    const far = iron({ ironId: 'b', state: 'cooking', at: NOW + 150_000 });
    expect(conduct([far], NOW, { folds }).next).toEqual({ act: 'fold', ironId: '', dishId: 'd', at: NOW });
    const { next, then } = conduct([soon], NOW, { folds });
    expect(next?.act).toBe('open');
    expect(then).toEqual({ act: 'fold', ironId: '', dishId: 'd', at: NOW + 75_000 });
  });

  test('comes before a pour, whose lid would be in its way; a hand that doesn’t pour leaves it', () => {
    expect(conduct([iron()], NOW, { folds }).next?.act).toBe('fold');
    expect(conduct([iron()], NOW, { folds: [{ dishId: 'd', at: NOW + 600_000 }] }).next?.act).toBe('pour');
    expect(conduct([iron()], NOW, { folds, does: new Set(['pour', 'close']) }).next?.act).toBe('pour');
  });
});

/** A morning played by one cook; late: seconds that lids were opened after they were due. `choose`: what the cook does next. */
const played = (seed: number, choose: (irons: readonly LineIron[], now: number) => DueAct | null) => {
  const random = seededRandom(seed);
  const count = 2 + Math.floor(random.next() * 3);
  const loads = 4 + Math.floor(random.next() * 4);
  const state = Array.from({ length: count }, (_, i) => ({
    iron: iron({ ironId: String(i), at: NOW + 1000 * 20 * random.next(), cook_s: 60 + 240 * random.next() }),
    left: loads,
  }));
  let [now, late_s, faults] = [NOW, 0, 0];
  for (let step = 0; step < 2000 && state.some(({ iron: { state: s } }) => s !== 'done'); step++) {
    const act = choose(
      state.map((one) => one.iron),
      now,
    );
    if (act === null) break;
    now = Math.max(now, act.at);
    const one = state.find((other) => other.iron.ironId === act.ironId)!;
    const hands = Math.max(0.5, 1 + 0.2 * random.normal());
    const { open_s } = one.iron;
    if (act.act === 'pour') {
      if (one.iron.state !== 'hot' || now < one.iron.at - 1) faults++;
      now += 1000 * 0.4 * open_s * hands;
      one.iron = { ...one.iron, state: 'poured' };
    } else if (act.act === 'close') {
      one.iron = { ...one.iron, state: 'cooking', at: now + 1000 * one.iron.cook_s };
    } else if (act.act === 'open') {
      late_s += Math.max(0, now - one.iron.at) / 1000;
      now += 1000 * 0.6 * open_s * hands;
      one.left--;
      one.iron = { ...one.iron, state: one.left > 0 ? 'hot' : 'done', at: now + 1000 * (0.4 * open_s + 15) };
    }
  }
  return { late_s, faults, isOver: state.every(({ left }) => left === 0), length_s: (now - NOW) / 1000 };
};

/** Three kitchen timers: what rings is opened, and whatever iron is free and hot is poured at once, whatever will ring meanwhile. */
const byTimers = (irons: readonly LineIron[], now: number): DueAct | null => {
  const due = (one: LineIron): DueAct | null =>
    one.state === 'poured'
      ? { act: 'close', ironId: one.ironId, at: now }
      : one.state === 'cooking'
        ? { act: 'open', ironId: one.ironId, at: Math.max(now, one.at) }
        : one.state === 'hot'
          ? { act: 'pour', ironId: one.ironId, at: Math.max(now, one.at) }
          : null;
  return irons.flatMap((one) => due(one) ?? []).sort((a, b) => a.at - b.at || (a.act === 'close' ? -1 : 0))[0] ?? null;
};

test('three hundred mornings: nobody is forgotten, nothing poured before it is hot, and late at most half as much as by kitchen timers', () => {
  let [ours, timers, ourLength, theirLength] = [0, 0, 0, 0];
  for (let seed = 1; seed <= 300; seed++) {
    const conducted = played(seed, (irons, now) => conduct(irons, now).next);
    const rung = played(seed, byTimers);
    expect([conducted.isOver, conducted.faults]).toEqual([true, 0]);
    ours += conducted.late_s;
    timers += rung.late_s;
    ourLength += conducted.length_s;
    theirLength += rung.length_s;
  }
  expect(ours).toBeLessThan(0.5 * timers);
  // It isn't bought by standing about.
  expect(ourLength).toBeLessThan(1.05 * theirLength);
});

describe('three lids due at once', () => {
  const cooking = (ironId: string, at: number): LineIron => ({ ironId, state: 'cooking', at, turnAt: null, cook_s: 200, open_s: 30 });
  test('the one that has waited longest comes first, with the moment at which it was due', () => {
    const now = 1_000_000;
    const irons = [cooking('a', now - 5000), cooking('b', now - 39_000), cooking('c', now - 1000)];
    const { next, then } = conduct(irons, now);
    expect(next).toEqual({ act: 'open', ironId: 'b', at: now - 39_000 });
    expect(then).toEqual({ act: 'open', ironId: 'a', at: now - 5000 });
  });
});
