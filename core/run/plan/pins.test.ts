import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import type { Busy } from '../../testing/handsBusy.ts';
import { mostBusy } from '../../testing/handsBusy.ts';
import { plannedIron } from '../../testing/plannedIron.ts';
import type { Pin, PlannedLoad, RunRequest } from '../index.ts';
import { jittered, planRun } from '../index.ts';
import { campaign } from '../../testing/campaign.ts';
import type { Morning } from '../../testing/morning.ts';
import { morningOf } from '../../testing/morning.ts';

const SERVE = Date.UTC(2026, 10, 30, 7);
const asked = (changes: Partial<Morning> = {}): RunRequest =>
  morningOf({
    people: 12,
    piecesPerPerson: 1,
    serveAt: SERVE,
    mode: 'together',
    irons: [plannedIron('a'), plannedIron('b', { piecesPerLoad: 3, cook_s: 200 })],
    batter_g: null,
    ...changes,
  });
const loadOf = (request: RunRequest, ironId: string, n: number): PlannedLoad =>
  planRun(request).loads.find((load) => load.ironId === ironId && load.n === n)!;
const pinAt = ({ ironId, n, pourAt }: PlannedLoad, earlier_s: number): Pin => ({
  ironId,
  n,
  beforeServe_s: (SERVE - pourAt) / 1000 + earlier_s,
});

describe('a load that somebody put where it is', () => {
  test('stays there; what comes before it is earlier, what comes after it is no sooner than its iron', () => {
    const before = planRun(asked());
    const pin = pinAt(loadOf(asked(), 'a', 2), 120);
    const plan = planRun(asked({ pins: [pin] }));
    const pinned = plan.loads.find(({ isPinned }) => isPinned)!;
    expect([pinned.ironId, pinned.n, pinned.pourAt]).toEqual(['a', 2, SERVE - 1000 * pin.beforeServe_s]);
    const first = plan.loads.find(({ ironId, n }) => ironId === 'a' && n === 1)!;
    expect(first.openAt + 1000 * 35).toBeLessThanOrEqual(pinned.pourAt);
    expect(plan.loads.length).toBe(before.loads.length);
    expect(plan.pieces).toBe(before.pieces);
    expect(plan.findings.map(({ code }) => code)).not.toContain('pin-impossible');
  });

  test('put later than there is time for, the last plate is late by as much', () => {
    const last = planRun(asked()).loads.findLast(({ ironId }) => ironId === 'a')!;
    const plan = planRun(asked({ pins: [pinAt(last, -300)] }));
    expect(plan.lastPlateAt).toBeGreaterThan(SERVE);
    expect(plan.lastPlateAt).toBeLessThanOrEqual(SERVE + 300_000);
  });

  test('two loads of one iron on one another can’t be kept: the first is, the second is said', () => {
    const [one, two] = [loadOf(asked(), 'a', 1), loadOf(asked(), 'a', 2)];
    const plan = planRun(asked({ pins: [pinAt(one, 0), { ...pinAt(two, 0), beforeServe_s: pinAt(one, 0).beforeServe_s - 10 }] }));
    expect(plan.findings).toContainEqual({ code: 'pin-impossible', level: 'warning', fields: { iron: 'a', load: 2 } });
    expect(plan.loads.filter(({ isPinned }) => isPinned).map(({ n }) => n)).toEqual([1]);
  });

  test('one that can’t be kept doesn’t take the later ones with it', () => {
    const [one, two, other] = [loadOf(asked(), 'a', 1), loadOf(asked(), 'a', 2), loadOf(asked(), 'b', 1)];
    const onTop = { ...pinAt(two, 0), beforeServe_s: pinAt(one, 0).beforeServe_s - 10 };
    const plan = planRun(asked({ pins: [pinAt(one, 0), onTop, pinAt(other, 90)] }));
    expect(plan.findings.filter(({ code }) => code === 'pin-impossible').map(({ fields }) => fields)).toEqual([{ iron: 'a', load: 2 }]);
    expect(
      plan.loads
        .filter(({ isPinned }) => isPinned)
        .map(({ ironId, n }) => `${ironId}${n}`)
        .sort(),
    ).toEqual(['a1', 'b1']);
  });

  test('a pin of a load that isn’t planned means nothing', () => {
    const { bowls: _, ...plan } = planRun(asked({ pins: [{ ironId: 'a', n: 99, beforeServe_s: 60 }] }));
    const { bowls: __, ...plain } = planRun(asked());
    expect(plan).toEqual(plain);
  });

  test('it is waited for when the morning is played, so the morning ends no sooner', () => {
    const last = planRun(asked()).loads.findLast(({ ironId }) => ironId === 'b')!;
    const request = asked({ pins: [pinAt(last, -600)] });
    expect(jittered(planRun(request), request).late_s.p10).toBeGreaterThan(-60);
  });

  const mornings = campaign(150, 1000);
  test(`${mornings} mornings with pins keep hands, plates and pieces`, () => {
    fc.assert(
      fc.property(
        fc.array(
          fc.record({
            cook_s: fc.integer({ min: 40, max: 400 }),
            open_s: fc.integer({ min: 5, max: 45 }),
            recovery_s: fc.integer({ min: 0, max: 60 }),
            piecesPerLoad: fc.integer({ min: 1, max: 4 }),
          }),
          { minLength: 1, maxLength: 4 },
        ),
        fc.integer({ min: 2, max: 24 }),
        fc.integer({ min: 1, max: 2 }),
        fc.constantFrom('together' as const, 'as-they-come' as const),
        fc.array(
          fc.record({ iron: fc.nat({ max: 3 }), n: fc.integer({ min: 1, max: 5 }), beforeServe_s: fc.integer({ min: -900, max: 3600 }) }),
          {
            maxLength: 4,
          },
        ),
        (kinds, people, hands, mode, wished) => {
          const irons = kinds.map((kind, i) => plannedIron(String(i), kind));
          const pins = wished.map(({ iron, ...rest }) => ({ ...rest, ironId: String(iron) }));
          const request = asked({ irons, people, hands, mode, door_s: 1800, ahead_s: 0, pins });
          const plan = planRun(request);
          expect(plan.pieces).toBe(planRun({ ...request, pins: [] }).pieces);
          const busy: Busy[] = [];
          for (const load of plan.loads) {
            const iron = irons.find(({ ironId }) => ironId === load.ironId)!;
            const [pour, open] = [load.pourAt / 1000, load.openAt / 1000];
            busy.push([pour - 0.4 * iron.open_s + 0.01, pour - 0.01], [open + 0.01, open + 0.6 * iron.open_s - 0.01]);
            expect(open - pour).toBeCloseTo(iron.cook_s, 1);
            const next = plan.loads.find(({ ironId, n }) => ironId === load.ironId && n === load.n + 1);
            if (next !== undefined) expect(next.pourAt / 1000 - open).toBeGreaterThanOrEqual(iron.open_s + iron.recovery_s - 0.01);
            if (load.isPinned === true) {
              const of = pins.filter(({ ironId, n }) => ironId === load.ironId && n === load.n);
              expect(of.some(({ beforeServe_s }) => Math.abs(load.pourAt - (SERVE - 1000 * beforeServe_s)) < 2)).toBe(true);
            }
          }
          expect(mostBusy(busy)).toBeLessThanOrEqual(hands);
        },
      ),
      { numRuns: mornings, seed: 31 },
    );
  });
});
