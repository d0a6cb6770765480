import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { airAfter, FOLD_S, foldKeeps_s } from '../../lift/index.ts';
import type { Busy } from '../../testing/handsBusy.ts';
import { mostBusy } from '../../testing/handsBusy.ts';
import { plannedIron } from '../../testing/plannedIron.ts';
import type { RunPlan, RunRequest } from '../index.ts';
import { jittered, planRun, tasksOf, timesToMix } from '../index.ts';
import { campaign } from '../../testing/campaign.ts';
import type { Morning } from '../../testing/morning.ts';
import { morningOf } from '../../testing/morning.ts';

test.each([
  [5722, 2900, 2],
  [5801, 2900, 2.05],
  [2900, 2900, 1],
  [100, 2900, 0.05],
])('%d g of a formula of %d g is mixed × %d: rounded up to a twentieth', (wanted_g, batch_g, times) =>
  expect(timesToMix(wanted_g, batch_g)).toBe(times),
);

const SERVE = Date.UTC(2026, 10, 30, 7, 30);
const KEEPS_S = foldKeeps_s('folded')!;
const asked = (changes: Partial<Morning> = {}): RunRequest =>
  morningOf({
    people: 24,
    piecesPerPerson: 1,
    serveAt: SERVE,
    mode: 'together',
    irons: [plannedIron('a', { piecesPerLoad: 1, cook_s: 280 }), plannedIron('b', { piecesPerLoad: 1, cook_s: 300 })],
    batter_g: null,
    keeps_s: KEEPS_S,
    ...changes,
  });

/** What hands do, in its own words, ms: two fifths of an open lid before a pour, three fifths after the lid, and the folding. */
const doneIn = (plan: RunPlan, irons: RunRequest['irons']): Busy[] => [
  ...plan.bowls.flatMap(({ foldAt }): Busy[] => (foldAt === null ? [] : [[foldAt, foldAt + 1000 * FOLD_S]])),
  ...plan.loads.flatMap(({ ironId, pourAt, openAt }): Busy[] => {
    const open_ms = 1000 * irons.find((iron) => iron.ironId === ironId)!.open_s;
    return [
      [pourAt - 0.4 * open_ms + 10, pourAt - 10],
      [openAt + 10, openAt + 0.6 * open_ms - 10],
    ];
  }),
];

describe('what is folded later', () => {
  test('a foam keeps three quarters of its air for some twenty minutes; what has none keeps for the morning', () => {
    expect(airAfter(1, KEEPS_S / 60)).toBeCloseTo(0.75, 9);
    expect(KEEPS_S / 60).toBeGreaterThan(15);
    expect(foldKeeps_s('quick')).toBeNull();
    expect(foldKeeps_s('yeasted')).toBeNull();
  });

  test('a short morning has one bowl, a long one is folded in equal parts, none of them poured for longer than it keeps', () => {
    expect(planRun(asked({ people: 6 })).bowls).toHaveLength(1);
    expect(planRun(asked({ keeps_s: null })).bowls).toHaveLength(1);
    const { bowls, batter_g, loads } = planRun(asked());
    expect(bowls.length).toBeGreaterThan(1);
    expect(bowls.reduce((sum, bowl) => sum + bowl.batter_g, 0)).toBeCloseTo(batter_g, 6);
    expect(bowls[0]!.foldAt).toBeNull();
    for (const { n, foldAt, firstPourAt, lastPourAt, batter_g: mine } of bowls) {
      expect(lastPourAt - firstPourAt).toBeLessThanOrEqual(1000 * KEEPS_S * 1.15);
      expect(mine / batter_g).toBeCloseTo(1 / bowls.length, 0);
      if (n > 1) expect(firstPourAt).toBeGreaterThanOrEqual(foldAt! + 1000 * FOLD_S);
    }
    expect(new Set(loads.map(({ portion_g }) => portion_g)).size).toBe(1);
  });

  test('folding keeps the hand: no pour and no lid falls into it', () => {
    fc.assert(
      fc.property(fc.integer({ min: 4, max: 40 }), fc.integer({ min: 90, max: 330 }), fc.integer({ min: 60, max: 330 }), (people, a, b) => {
        const irons = [plannedIron('a', { piecesPerLoad: 1, cook_s: a }), plannedIron('b', { piecesPerLoad: 2, cook_s: b })];
        for (const mode of ['together', 'as-they-come'] as const)
          expect(mostBusy(doneIn(planRun(asked({ people, irons, mode, door_s: 3600 })), irons))).toBe(1);
      }),
      { numRuns: campaign(50, 150), seed: 21 },
    );
  });

  test('it stands on the list of what hands do, and counts when the morning is played with scatter', () => {
    const request = asked();
    const plan = planRun(request);
    const folds = tasksOf(plan, [], SERVE, (id) => id).filter(({ act }) => act === 'fold');
    expect(folds.map(({ load, at }) => [load, at])).toEqual(plan.bowls.slice(1).map(({ n, foldAt }) => [n, foldAt]));
    expect(folds[0]!.portion_g).toBeCloseTo(plan.bowls[1]!.batter_g, 6);
    expect(jittered(plan, request).late_s.p90).toBeGreaterThan(0);
  });

  test('each dish for itself', () => {
    const { bowls } = planRun(
      asked({
        irons: [plannedIron('a', { piecesPerLoad: 1, cook_s: 280 }), plannedIron('w', { piecesPerLoad: 2, cook_s: 90, dishId: 'wafers' })],
        people: 12,
        others: [{ dishId: 'wafers', people: 20, piecesPerPerson: 2, batter_g: null, keeps_s: null }],
      }),
    );
    expect(bowls.filter(({ dishId }) => dishId === 'own').length).toBeGreaterThan(1);
    expect(bowls.filter(({ dishId }) => dishId === 'wafers')).toHaveLength(1);
  });
});
