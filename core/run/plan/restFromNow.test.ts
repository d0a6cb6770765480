import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { plannedIron } from '../../testing/plannedIron.ts';
import type { IronNow } from '../index.ts';
import { planRun, restFromNow } from '../index.ts';
import { campaign } from '../../testing/campaign.ts';
import { morningOf, OWN_DISH } from '../../testing/morning.ts';

const NOW = Date.UTC(2026, 10, 30, 7);
const MIN = 60_000;
const irons = [plannedIron('a'), plannedIron('b', { piecesPerLoad: 4, cook_s: 200 })];
const missing = (pieces: number): ReadonlyMap<string, number> => new Map([[OWN_DISH, pieces]]);
const idle: readonly IronNow[] = [
  { ironId: 'a', openAt: null, freeAt: NOW },
  { ironId: 'b', openAt: null, freeAt: NOW },
];

describe('the rest of a morning, from now', () => {
  test('nothing is missing and nothing cooks: it is over; what cooks comes out when it is due', () => {
    expect(restFromNow(irons, missing(0), idle, 1, NOW)).toEqual({ loads: 0, lastPlateAt: NOW, missing: 0 });
    const cooking: readonly IronNow[] = [{ ironId: 'a', openAt: NOW + 2 * MIN, freeAt: NOW }, idle[1]!];
    expect(restFromNow(irons, missing(0), cooking, 1, NOW)).toEqual({ loads: 0, lastPlateAt: NOW + 3 * MIN, missing: 0 });
    // A lid that is late is opened now.
    expect(restFromNow(irons, missing(0), [{ ironId: 'a', openAt: NOW - 5 * MIN, freeAt: NOW }], 1, NOW).lastPlateAt).toBe(NOW + MIN);
  });

  test('one load more takes its own time, from the iron that has it out first; a cold iron has to heat', () => {
    expect(restFromNow(irons, missing(3), idle, 1, NOW)).toEqual({ loads: 1, lastPlateAt: NOW + 1000 * (200 + 60), missing: 0 });
    const cold = restFromNow([irons[0]!], missing(1), [], 1, NOW);
    expect(cold.lastPlateAt).toBe(NOW + 1000 * (300 + 240 + 60));
  });

  test('a dish that no iron cooks is said to be missing', () => {
    expect(restFromNow(irons, new Map([['other', 5]]), idle, 1, NOW)).toMatchObject({ loads: 0, missing: 5 });
  });

  test('a whole morning from hot irons is about as long as the planner makes it; more guests never take fewer loads', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 60 }),
        fc.array(fc.record({ cook_s: fc.integer({ min: 60, max: 320 }), piecesPerLoad: fc.integer({ min: 1, max: 4 }) }), {
          minLength: 1,
          maxLength: 4,
        }),
        fc.integer({ min: 1, max: 2 }),
        (people, all, hands) => {
          const some = all.map((changes, i) => plannedIron(String(i), changes));
          const hot = some.map(({ ironId }): IronNow => ({ ironId, openAt: null, freeAt: NOW }));
          const rest = restFromNow(some, missing(people), hot, hands, NOW);
          const request = morningOf({ people, piecesPerPerson: 1, serveAt: NOW, mode: 'together', irons: some, batter_g: null, hands });
          const { lastPlateAt, firstPourAt } = planRun(request);
          const planned_s = (lastPlateAt - firstPourAt) / 1000;
          const rest_s = (rest.lastPlateAt - NOW) / 1000;
          expect(rest.missing).toBe(0);
          // The planner searches, and moves what can wait; this goes on as it comes.
          expect(rest_s).toBeLessThan(1.35 * planned_s + 120);
          expect(rest_s).toBeGreaterThan(0.8 * planned_s - 60);
          const more = restFromNow(some, missing(people + 6), hot, hands, NOW);
          expect(more.loads).toBeGreaterThanOrEqual(rest.loads);
        },
      ),
      { numRuns: campaign(50, 200), seed: 7 },
    );
  });
});
