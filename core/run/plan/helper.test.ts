import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import type { Busy } from '../../testing/handsBusy.ts';
import { mostBusy } from '../../testing/handsBusy.ts';
import { plannedIron } from '../../testing/plannedIron.ts';
import type { RunPlan, RunRequest } from '../index.ts';
import { jittered, planRun } from '../index.ts';
import { campaign } from '../../testing/campaign.ts';
import type { Morning } from '../../testing/morning.ts';
import { morningOf } from '../../testing/morning.ts';

const SERVE = Date.UTC(2026, 10, 30, 7);
const MIN = 60_000;
/** Four quick irons and slow hands: one pair is the bottleneck. */
const asked = (changes: Partial<Morning> = {}): RunRequest =>
  morningOf({
    people: 48,
    piecesPerPerson: 1,
    serveAt: SERVE,
    mode: 'together',
    irons: ['a', 'b', 'c', 'd'].map((id) => plannedIron(id, { cook_s: 90, open_s: 40 })),
    batter_g: null,
    ...changes,
  });
const length = ({ loads }: RunPlan): number =>
  Math.max(...loads.map(({ openAt }) => openAt)) - Math.min(...loads.map(({ pourAt }) => pourAt));

/** What hands do in a plan, in the test's own words: two fifths of the open time pour, three fifths take out. */
const busyIn = (plan: RunPlan, { irons }: RunRequest): Busy[] => [
  ...plan.loads.flatMap(({ ironId, pourAt, openAt }): Busy[] => {
    const open_ms = 1000 * irons.find((iron) => iron.ironId === ironId)!.open_s;
    return [
      [pourAt - 0.4 * open_ms + 2, pourAt - 2],
      [openAt + 2, openAt + 0.6 * open_ms - 2],
    ];
  }),
  ...plan.bowls.flatMap(({ foldAt }): Busy[] => (foldAt === null ? [] : [[foldAt + 2, foldAt + 120_000 - 2]])),
];
/** What of it lies outside of the helper's time, and what within. */
const split = (busy: readonly Busy[], { helper }: RunRequest): { readonly alone: Busy[]; readonly helped: Busy[] } => {
  const { from, until } = helper!;
  const cut = (a: number, b: number): Busy[] =>
    busy.flatMap(([x, y]) => (Math.max(x, a) < Math.min(y, b) ? [[Math.max(x, a), Math.min(y, b)]] : []));
  return { alone: [...cut(-Infinity, from), ...cut(until, Infinity)], helped: cut(from, until) };
};

describe('a helper for half an hour', () => {
  test('there all the morning is another pair of hands; never there is none', () => {
    const always = planRun(asked({ helper: { from: SERVE - 600 * MIN, until: SERVE + 600 * MIN } }));
    expect(length(always)).toBe(length(planRun(asked({ hands: 2 }))));
    for (const helper of [
      { from: SERVE + 60 * MIN, until: SERVE + 90 * MIN },
      { from: SERVE, until: SERVE - 30 * MIN },
    ])
      expect(length(planRun(asked({ helper })))).toBe(length(planRun(asked())));
  });

  test('there for a while it is in between, and the last lid is in time', () => {
    const plan = planRun(asked({ helper: { from: SERVE - 20 * MIN, until: SERVE } }));
    expect(length(plan)).toBeLessThan(length(planRun(asked())) - 60_000);
    expect(length(plan)).toBeGreaterThanOrEqual(length(planRun(asked({ hands: 2 }))));
    expect(plan.lastPlateAt).toBeLessThanOrEqual(SERVE);
  });

  const mornings = campaign(50, 400);
  test(`no third hand, and a second only while the helper is there: ${mornings} mornings`, () => {
    let shorter = 0;
    fc.assert(
      fc.property(
        fc.record({
          people: fc.integer({ min: 4, max: 60 }),
          mode: fc.constantFrom('together' as const, 'as-they-come' as const),
          door_s: fc.constantFrom(0, 1800, 3600),
          hands: fc.integer({ min: 1, max: 2 }),
          keeps_s: fc.constantFrom(null, 1200),
          from: fc.integer({ min: -90, max: 60 }),
          for_min: fc.integer({ min: 1, max: 60 }),
          cooks: fc.array(fc.integer({ min: 40, max: 180 }), { minLength: 3, maxLength: 5 }),
        }),
        ({ from, for_min, cooks, ...rest }) => {
          const request = asked({
            ...rest,
            irons: cooks.map((cook_s, i) => plannedIron(String(i), { cook_s, open_s: 40, recovery_s: 5 })),
            helper: { from: SERVE + from * MIN, until: SERVE + (from + for_min) * MIN },
          });
          const plan = planRun(request);
          const plain = planRun({ ...request, helper: null });
          const { alone, helped } = split(busyIn(plan, request), request);
          expect(mostBusy(alone)).toBeLessThanOrEqual(rest.hands);
          expect(mostBusy(helped)).toBeLessThanOrEqual(rest.hands + 1);
          expect(plan.pieces).toBeGreaterThanOrEqual(Math.min(rest.people, plain.pieces));
          if (rest.mode === 'together') {
            expect(plan.lastPlateAt).toBeLessThanOrEqual(SERVE + 1);
            if (length(plan) < length(plain) - 30_000) shorter++;
          }
        },
      ),
      { numRuns: mornings, seed: 28 },
    );
    // It isn't that nobody ever counts on the helper.
    expect(shorter).toBeGreaterThan(mornings / 20);
  });

  test('played, a helper who goes early leaves the last lid later', () => {
    const request = asked({ helper: { from: SERVE - 60 * MIN, until: SERVE + 60 * MIN } });
    const plan = planRun(request);
    const stays = jittered(plan, request).late_s.p50;
    const goes = jittered(plan, { ...request, helper: { from: SERVE - 60 * MIN, until: plan.firstPourAt + 5 * MIN } }).late_s.p50;
    expect(goes).toBeGreaterThan(stays + 60);
  });
});
