import { describe, expect, test } from '@jest/globals';
import { loadProgress } from '../log/index.ts';
import type { LoadEvent } from '../log/index.ts';
import type { IronAtLine, LinePlan } from './index.ts';
import { lineIrons } from './index.ts';

const NOW = Date.UTC(2026, 10, 29, 7);
const MIN = 60_000;
const log = (...kinds: readonly ('poured' | 'closed' | 'opened')[]) =>
  loadProgress(kinds.map((kind, seq): LoadEvent => ({ kind, seq, at: NOW - (kinds.length - seq) * MIN, data: {} })));
const iron = (ironId: string, changes: Partial<IronAtLine> = {}): IronAtLine => ({
  ironId,
  isTurned: false,
  progress: null,
  best_s: null,
  planned: { cook_s: 240, open_s: 25, recovery_s: 30 },
  turn_s: null,
  n: 1,
  notBefore: null,
  isOfPlan: false,
  ...changes,
});
const load = (ironId: string, n: number) => ({ ironId, dishId: 'own', n, pourAt: NOW + n * 5 * MIN, pieces: 2 });
const plan = (changes: Partial<LinePlan> = {}): LinePlan => ({
  loads: [load('a', 1), load('a', 2), load('b', 1)],
  preheats: [{ ironId: 'b', from: NOW + MIN, to: NOW + 6 * MIN }],
  lastPlateAt: NOW + 30 * MIN,
  isAsTheyCome: false,
  missing: null,
  ...changes,
});
const own = (pieces: number) => new Map([['own', pieces]]);
const states = (irons: readonly IronAtLine[], of: LinePlan | null) => lineIrons(irons, of, NOW).map(({ state }) => state);

describe('an iron at the line', () => {
  test('is cold until its plan says so, then heats, and is hot at the end of it', () => {
    expect(lineIrons([iron('b')], plan(), NOW)[0]).toMatchObject({ state: 'cold', at: NOW + MIN });
    expect(lineIrons([iron('b')], plan(), NOW + 2 * MIN)[0]).toMatchObject({ state: 'hot', at: NOW + 6 * MIN, waitsFor: 'heat' });
    expect(lineIrons([iron('b')], null, NOW)[0]).toMatchObject({ state: 'hot', at: NOW });
    expect(lineIrons([iron('b')], null, NOW)[0]?.waitsFor).toBeUndefined();
  });

  test('isn’t poured before whoever stands there says so; a lid that is due doesn’t wait for that', () => {
    const later = NOW + 2 * MIN;
    expect(lineIrons([iron('a', { notBefore: later })], null, NOW)[0]).toMatchObject({ state: 'hot', at: later, waitsFor: 'put-off' });
    const cooking = iron('a', { progress: log('poured', 'closed'), best_s: 60, isOfPlan: true, notBefore: later });
    expect(lineIrons([cooking], plan(), NOW)[0]).toMatchObject({ state: 'cooking', at: NOW });
  });

  test('cooks until the promised moment and is back after its recovery', () => {
    const cooking = iron('a', { progress: log('poured', 'closed'), best_s: 240, isOfPlan: true });
    expect(lineIrons([cooking], plan(), NOW)[0]).toMatchObject({ state: 'cooking', at: NOW - MIN + 240_000 });
    const opened = iron('a', { progress: log('poured', 'closed', 'opened'), n: 2, isOfPlan: true });
    expect(lineIrons([opened], plan(), NOW)[0]).toMatchObject({
      state: 'hot',
      at: NOW - MIN + 1000 * (0.4 * 25 + 30),
      waitsFor: 'recovery',
    });
    // Guests come over a time: it waits for them.
    expect(lineIrons([opened], plan({ isAsTheyCome: true }), NOW)[0]).toMatchObject({ state: 'hot', at: NOW + 10 * MIN, waitsFor: 'plan' });
  });

  test('is done when nothing is missing, whatever its own share was', () => {
    const opened = iron('a', { progress: log('poured', 'closed', 'opened'), n: 2, isOfPlan: true });
    expect(states([opened, iron('b')], plan({ missing: own(0) }))).toEqual(['done', 'done']);
    expect(states([opened, iron('b')], plan({ missing: own(2) }))).toEqual(['hot', 'cold']);
  });

  test('makes good what is missing once its share is poured, unless another will', () => {
    const over = iron('a', { progress: log('poured', 'closed', 'opened'), n: 3, isOfPlan: true });
    // Two pieces missing, and b has a load of two before it.
    expect(states([over, iron('b')], plan({ missing: own(2) }))[0]).toBe('done');
    // One was burnt: b alone isn't enough.
    expect(states([over, iron('b')], plan({ missing: own(4) }))[0]).toBe('hot');
    // Nobody has counted: each its own share.
    expect(states([over, iron('b')], plan())[0]).toBe('done');
  });
});
