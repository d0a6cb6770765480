import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { plannedIron } from '../../testing/plannedIron.ts';
import type { OutLoad, RunRequest } from '../index.ts';
import { leftOver, planRun, servedBy, standingAt, stillToPour_g } from '../index.ts';
import type { Morning } from '../../testing/morning.ts';
import { OWN_DISH, morningOf } from '../../testing/morning.ts';

const SERVE = Date.UTC(2026, 10, 28, 7, 0);
const asked = (changes: Partial<Morning> = {}): RunRequest =>
  morningOf({
    people: 12,
    piecesPerPerson: 1,
    serveAt: SERVE,
    mode: 'together',
    irons: [plannedIron('a'), plannedIron('b')],
    batter_g: null,
    ...changes,
  });
/** What is out at an instant, where everything goes as planned. */
const asPlanned = (request: RunRequest, now: number) => {
  const plan = planRun(request);
  const done: OutLoad[] = plan.loads
    .filter(({ openAt }) => openAt <= now)
    .map(({ ironId, dishId, openAt, pieces }) => ({ ironId, dishId, openedAt: openAt, pieces }));
  const cooking = plan.loads
    .filter(({ pourAt, openAt }) => pourAt <= now && now < openAt)
    .map(({ ironId, dishId, openAt, pieces }) => ({ ironId, dishId, openAt, pieces }));
  return { plan, done, cooking, standing: standingAt(now, plan, request, done, cooking) };
};

describe('how a morning stands', () => {
  test('before the first load: nothing is out, nobody waits, the last plate is where it was planned', () => {
    const { plan, standing } = asPlanned(asked(), SERVE - 3_600_000);
    expect(standing).toMatchObject({ wanted: 12, out: 0, served: 0, onRack: 0, waiting: 0, oldest: null, late_s: 0 });
    expect(standing.lastPlateAt).toBe(plan.lastPlateAt);
  });

  test('pieces are counted once: out is eaten or lies there, in whatever morning, at whatever instant', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 40 }),
        fc.constantFrom(0.5, 1, 1.5, 2),
        fc.constantFrom('together', 'as-they-come'),
        fc.integer({ min: -40, max: 90 }),
        (people, piecesPerPerson, mode, minute) => {
          const request = asked({ people, piecesPerPerson, mode: mode as RunRequest['mode'], door_s: 3600 });
          const { standing, done, cooking } = asPlanned(request, SERVE + minute * 60_000);
          expect(standing.out).toBe(done.reduce((sum, { pieces }) => sum + pieces, 0));
          expect(standing.inIrons).toBe(cooking.reduce((sum, { pieces }) => sum + pieces, 0));
          expect(standing.served + standing.onRack).toBe(standing.out);
          expect(standing.waiting).toBeGreaterThanOrEqual(0);
          expect(standing.waiting).toBeLessThanOrEqual(people);
          // All goes as planned: nothing is late.
          expect(standing.late_s).toBe(0);
          if (standing.oldest !== null) expect(standing.oldest.age_s).toBeGreaterThanOrEqual(0);
        },
      ),
      { numRuns: 200, seed: 5 },
    );
  });

  test('nothing poured twenty minutes into the plan: the last plate is as much later, and is late', () => {
    const request = asked();
    const plan = planRun(request);
    const [first] = [...plan.loads].sort((a, b) => a.openAt - b.openAt);
    if (first === undefined) throw new Error('no load');
    const standing = standingAt(first.openAt + 1_200_000, plan, request, [], []);
    expect(standing.late_s).toBe(1200);
    expect(standing.lastPlateAt).toBe(plan.lastPlateAt + 1_200_000);
  });

  test('a load that is in and due later than planned says by how much', () => {
    const request = asked();
    const plan = planRun(request);
    const [first] = [...plan.loads].sort((a, b) => a.openAt - b.openAt);
    if (first === undefined) throw new Error('no load');
    const cooking = [{ ironId: first.ironId, dishId: first.dishId, openAt: first.openAt + 90_000, pieces: first.pieces }];
    expect(standingAt(first.openAt - 60_000, plan, request, [], cooking).late_s).toBe(90);
  });

  test('who waits at the end agrees with who is served when (two ways of counting)', () => {
    const request = asked({ mode: 'as-they-come', door_s: 0 });
    const plan = planRun(request);
    const service = servedBy(plan, request);
    const half = plan.loads.filter(({ openAt }) => openAt <= SERVE + 300_000);
    const out = half.reduce((sum, { pieces }) => sum + pieces, 0);
    const { waiting } = standingAt(
      SERVE + 300_000,
      plan,
      request,
      half.map((load) => ({ ...load, openedAt: load.openAt })),
      [],
    );
    expect(waiting).toBe(12 - out);
    expect(waiting > 0).toBe(service.longestWait_s > 300);
  });

  test('left over is what came out beyond the wanted, once everybody is served, and not for ever', () => {
    const request = asked({ people: 11 });
    const plan = planRun(request);
    const done = plan.loads.map(({ ironId, dishId, openAt, pieces }) => ({ ironId, dishId, openedAt: openAt, pieces }));
    const over = done.reduce((sum, { pieces }) => sum + pieces, 0) - 11;
    expect(over).toBeGreaterThan(0);
    expect(leftOver(SERVE - 60_000, plan, request, done)).toEqual([]);
    expect(leftOver(SERVE + 3_600_000, plan, request, done)).toEqual([{ dishId: OWN_DISH, pieces: over }]);
    expect(leftOver(SERVE + 24 * 3_600_000, plan, request, done)).toEqual([]);
    expect(leftOver(SERVE + 3_600_000, plan, request, [])).toEqual([]);
    // While the door is open somebody may still come.
    expect(leftOver(SERVE + 1_800_000, plan, { ...request, mode: 'as-they-come', door_s: 3600 }, done)).toEqual([]);
  });
});

describe('what is still to be poured', () => {
  test('before the first load it is what the plan wants, after the last nothing, and each load takes its own from it', () => {
    const plan = planRun(asked());
    const of = (a: number, b: number): number =>
      stillToPour_g(
        plan,
        new Map([
          ['a', a],
          ['b', b],
        ]),
      );
    const [loads, first] = [plan.loads.filter(({ ironId }) => ironId === 'a').length, plan.loads[0]!];
    expect(of(0, 0)).toBeCloseTo(plan.batter_g, 6);
    expect(of(loads, plan.loads.length - loads)).toBe(0);
    expect(of(0, 0) - of(1, 0)).toBeCloseTo((first.portion_g * plan.batter_g) / (plan.loads.length * first.portion_g), 6);
  });

  test('pieces that nobody gets are cooked once more', () => {
    const lost = planRun(asked({ lostPieces: 2 }));
    expect(lost.loads.length).toBe(planRun(asked()).loads.length + 1);
    expect(lost.findings.some(({ code }) => code === 'pieces-over')).toBe(false);
  });
});
