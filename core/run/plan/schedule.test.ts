import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import type { PlannedIron } from '../index.ts';
import { jittered, planRun, servedBy, whatWouldHelp } from '../index.ts';
import type { Busy } from '../../testing/handsBusy.ts';
import { mostBusy } from '../../testing/handsBusy.ts';
import { leastSpan_s, scheduled, spanOf } from './schedule.ts';
import { campaign } from '../../testing/campaign.ts';
import type { Morning } from '../../testing/morning.ts';
import { morningOf, OWN_DISH } from '../../testing/morning.ts';

const iron = (changes: Partial<PlannedIron> = {}): PlannedIron => ({
  ironId: 'a',
  dishId: OWN_DISH,
  piecesPerLoad: 1,
  portion_g: 200,
  leastPortion_g: 188,
  preheat_s: 300,
  cook_s: 240,
  open_s: 25,
  recovery_s: 20,
  ...changes,
});
const LONG = 6 * 3600;

/** So many pieces of one dish, wanted at once. */
const plain = (pieces: number) => [{ dishId: OWN_DISH, pieces, due_s: () => 0 }];

const someIrons = fc
  .array(
    fc.record({
      cook_s: fc.integer({ min: 20, max: 500 }),
      recovery_s: fc.integer({ min: 0, max: 90 }),
      open_s: fc.integer({ min: 5, max: 40 }),
      piecesPerLoad: fc.integer({ min: 1, max: 4 }),
    }),
    { minLength: 1, maxLength: 4 },
  )
  .map((all) => all.map((changes, i) => iron({ ...changes, ironId: String(i) })));

/** Looks at a finished plan with nothing but the loads and the irons: what hands do, in its own words. */
const faultsOf = (
  loads: readonly { ironId: string; pour_s: number; open_s: number }[],
  irons: readonly PlannedIron[],
  hands: number,
): string[] => {
  const faults: string[] = [];
  const busy: Busy[] = [];
  for (const one of irons) {
    const mine = loads.filter(({ ironId }) => ironId === one.ironId).sort((a, b) => a.pour_s - b.pour_s);
    mine.forEach((load, i) => {
      if (Math.abs(load.open_s - load.pour_s - one.cook_s) > 1e-6) faults.push('cooked for another time');
      const before = mine[i - 1];
      if (before !== undefined && load.pour_s < before.open_s + one.open_s + one.recovery_s - 1e-6)
        faults.push('poured before it was back');
      // Two fifths of the open time pour, three fifths take out.
      busy.push([load.pour_s - 0.4 * one.open_s + 1e-6, load.pour_s - 1e-6], [load.open_s + 1e-6, load.open_s + 0.6 * one.open_s - 1e-6]);
    });
  }
  if (mostBusy(busy) > hands) faults.push('a hand too many');
  return faults;
};

describe('the schedule', () => {
  test('never needs a hand that isn’t there, and leaves every iron its time', () => {
    fc.assert(
      fc.property(someIrons, fc.integer({ min: 1, max: 40 }), fc.integer({ min: 1, max: 3 }), (irons, wanted, hands) => {
        const { slots, pieces, isCut } = scheduled(plain(wanted), irons, hands, LONG);
        expect(
          faultsOf(
            slots.map((slot) => ({ ...slot, ironId: slot.iron.ironId })),
            irons,
            hands,
          ),
        ).toEqual([]);
        if (!isCut) {
          expect(pieces).toBeGreaterThanOrEqual(wanted);
          expect(spanOf(slots)).toBeGreaterThanOrEqual(leastSpan_s(plain(wanted), irons, hands) - 1);
        }
      }),
      { numRuns: campaign(250, 2000), seed: 12 },
    );
  });

  test('small mornings: never shorter than the best of all orders, and hardly longer', () => {
    let [sum, worst, count] = [0, 1, 0];
    fc.assert(
      fc.property(someIrons, fc.integer({ min: 2, max: 6 }), (all, wanted) => {
        const irons = all.slice(0, 3).map((one) => ({ ...one, piecesPerLoad: 1 }));
        const best = bestOfAll(wanted, irons);
        const ours = spanOf(scheduled(plain(wanted), irons, 1, LONG).slots);
        sum += ours / best;
        worst = Math.max(worst, ours / best);
        count++;
        expect(ours).toBeGreaterThanOrEqual(best - 1e-6);
      }),
      { numRuns: 60, seed: 3 },
    );
    expect(sum / count).toBeLessThan(1.02);
    expect(worst).toBeLessThan(1.12);
  });

  test('two lids that would open at once are kept apart; with two pairs of hands they needn’t be', () => {
    const twins = [iron({ ironId: 'a', open_s: 40, cook_s: 100 }), iron({ ironId: 'b', open_s: 40, cook_s: 100 })];
    const one = scheduled(plain(8), twins, 1, LONG).slots;
    const two = scheduled(plain(8), twins, 2, LONG).slots;
    expect(spanOf(two)).toBeLessThan(spanOf(one));
    expect(two.filter(({ n }) => n === 1).map(({ pour_s }) => pour_s)).toEqual([0, 0]);
  });

  test('where hands are no matter it is as short as machine hours allow', () => {
    for (const irons of [[iron()], [iron(), iron({ ironId: 'b', cook_s: 330 }), iron({ ironId: 'c', cook_s: 180, piecesPerLoad: 4 })]]) {
      const span = spanOf(scheduled(plain(60), irons, 4, LONG).slots);
      expect(span / leastSpan_s(plain(60), irons, 4)).toBeLessThan(1.05);
    }
  });
});

/** Every order in which the irons can be given loads, each load at the first moment that a hand allows: the shortest of all. */
const bestOfAll = (wanted: number, irons: readonly PlannedIron[]): number => {
  let best = Infinity;
  const clash = (from: number, to: number, busy: readonly [number, number][]): number =>
    Math.max(0, ...busy.filter(([a, b]) => from < b - 1e-9 && a < to - 1e-9).map(([, b]) => b - from));
  const go = (left: number, free: readonly number[], busy: readonly [number, number][], end: number): void => {
    if (end >= best) return;
    if (left === 0) {
      best = end;
      return;
    }
    irons.forEach((one, i) => {
      let pour = free[i]!;
      for (;;) {
        const wait = Math.max(
          clash(pour - 0.4 * one.open_s, pour, busy),
          clash(pour + one.cook_s, pour + one.cook_s + 0.6 * one.open_s, busy),
        );
        if (wait <= 0) break;
        pour += wait;
      }
      const open = pour + one.cook_s;
      go(
        left - 1,
        free.map((at, k) => (k === i ? open + one.open_s + one.recovery_s : at)),
        [...busy, [pour - 0.4 * one.open_s, pour], [open, open + 0.6 * one.open_s]],
        Math.max(end, open),
      );
    });
  };
  go(
    wanted,
    irons.map(() => 0),
    [],
    0,
  );
  return best;
};

describe('what a morning is worth', () => {
  const SERVE = Date.UTC(2026, 5, 1, 7, 15);
  const said: Morning = {
    people: 12,
    piecesPerPerson: 1,
    serveAt: SERVE,
    mode: 'together',
    irons: [iron({ timeSd: 0.05 }), iron({ ironId: 'b', cook_s: 300, timeSd: 0.05 })],
    batter_g: null,
  };
  const request = morningOf(said);
  const plan = planRun(request);

  test('slack makes everything earlier, and the first pieces wait longer', () => {
    const early = planRun({ ...request, slack_s: 300 });
    expect(plan.lastPlateAt - early.lastPlateAt).toBe(300_000);
    expect(early.longestWait_s - plan.longestWait_s).toBe(300);
    expect(plan.longestWait_s).toBeGreaterThan(600);
    expect(planRun({ ...request, mode: 'as-they-come' }).longestWait_s).toBe(0);
  });

  test('played two hundred times it ends later than planned in most; wider irons, wider mornings; the same plan, the same figures', () => {
    const played = jittered(plan, request);
    expect(played).toEqual(jittered(plan, request));
    const { p10, p50, p90 } = played.late_s;
    expect(p10).toBeLessThan(p50);
    expect(p90).toBeGreaterThan(p50);
    expect(p50).toBeGreaterThan(-30);
    expect(p90).toBeLessThan(1200);
    // Who waits longest waits so much longer, too; a lost load is wasted.
    expect(played.waits_s.p90).toBeGreaterThan(played.waits_s.p50);
    expect(played.wasted.p10).toBeGreaterThanOrEqual(0);
    expect(played.wasted.p90).toBeGreaterThan(0);
    expect(played.lost).toBeGreaterThan(0.1);
    expect(played.lost).toBeLessThan(0.6);
    const wide = { ...request, irons: request.irons.map((one) => ({ ...one, timeSd: 0.25 })) };
    expect(jittered(planRun(wide), wide).late_s.p90).toBeGreaterThan(p90 + 60);
  });

  test('one more iron helps most where irons are the bottleneck, more hands where hands are', () => {
    const [first] = whatWouldHelp(request, plan);
    expect(first?.what).toBe('iron');
    expect(first?.sooner_s).toBeGreaterThan(300);
    const busy = morningOf({
      ...said,
      people: 60,
      irons: [1, 2, 3, 4].map((n) => iron({ ironId: String(n), cook_s: 25, open_s: 30, recovery_s: 0 })),
    });
    expect(whatWouldHelp(busy, planRun(busy))[0]?.what).toBe('hands');
  });

  test('as they come, what would spare whoever waits longest: begun earlier, or a door that is open longer; a pin isn’t asked of another morning', () => {
    const rush = morningOf({ ...said, people: 30, mode: 'as-they-come', door_s: 600 });
    const help = whatWouldHelp(rush, planRun(rush));
    expect(new Set(help.map(({ what }) => what))).toEqual(new Set(['iron', 'earlier', 'slower']));
    for (const { what, sooner_s } of help) if (what === 'earlier') expect(sooner_s).toBeCloseTo(600, -1);
    const slower = planRun({ ...rush, door_s: 600 + 1800 });
    const found = help.find(({ what }) => what === 'slower')!;
    expect(found.sooner_s).toBeCloseTo(
      servedBy(planRun(rush), rush).longestWait_s - servedBy(slower, { ...rush, door_s: 2400 }).longestWait_s,
      6,
    );
    const pinned = { ...rush, pins: [{ ironId: 'a', n: 1, beforeServe_s: 3000 }] };
    expect(whatWouldHelp(pinned, planRun(rush))).toEqual(help);
  });
});
