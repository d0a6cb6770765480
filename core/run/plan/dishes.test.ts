import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { plannedIron } from '../../testing/plannedIron.ts';
import type { Busy } from '../../testing/handsBusy.ts';
import { mostBusy } from '../../testing/handsBusy.ts';
import type { PlannedIron, RunRequest } from '../index.ts';
import { leastSpan_s } from './schedule.ts';
import { dishFor, ironsOfRun, leftOver, plainDish, planRun, Run, servedBy, standingAt, tasksOf, withDish } from '../index.ts';
import { campaign } from '../../testing/campaign.ts';
import type { Morning } from '../../testing/morning.ts';
import { OWN_DISH, morningOf } from '../../testing/morning.ts';

const SERVE = Date.UTC(2026, 10, 30, 7, 30);
const iron = ({ ironId = 'a', ...changes }: Partial<PlannedIron> = {}): PlannedIron =>
  plannedIron(ironId, { piecesPerLoad: 1, setting_C: 170, ...changes });
const asked = (changes: Partial<Morning> = {}): RunRequest =>
  morningOf({
    people: 6,
    piecesPerPerson: 1,
    serveAt: SERVE,
    mode: 'together',
    irons: [iron(), iron({ dishId: 'wafers', ironId: 'b', piecesPerLoad: 2, cook_s: 90 })],
    batter_g: null,
    others: [{ dishId: 'wafers', people: 10, piecesPerPerson: 2, batter_g: null }],
    ...changes,
  });

/** Irons that may cook either dish or both. */
const someIrons = fc
  .array(
    fc.record({
      cook_s: fc.integer({ min: 30, max: 400 }),
      other_s: fc.integer({ min: 30, max: 400 }),
      recovery_s: fc.integer({ min: 0, max: 60 }),
      open_s: fc.integer({ min: 5, max: 40 }),
      piecesPerLoad: fc.integer({ min: 1, max: 4 }),
      setting_C: fc.integer({ min: 150, max: 190 }),
      cooks: fc.constantFrom('own', 'other', 'both'),
    }),
    { minLength: 1, maxLength: 4 },
  )
  .map((all) =>
    all.flatMap(({ cooks, other_s, setting_C, ...rest }, i) => [
      ...(cooks === 'other' ? [] : [iron({ ...rest, ironId: String(i), setting_C: 170 })]),
      ...(cooks === 'own' ? [] : [iron({ ...rest, cook_s: other_s, ironId: String(i), dishId: 'other', setting_C })]),
    ]),
  );

/** Looks at a finished plan with nothing but the loads and the irons, in its own words. */
const faultsOf = ({ loads }: ReturnType<typeof planRun>, irons: readonly PlannedIron[], hands: number): string[] => {
  const faults: string[] = [];
  const busy: Busy[] = [];
  const cooked = loads.map((load) => {
    const one = irons.find((i) => i.ironId === load.ironId && i.dishId === load.dishId);
    if (one === undefined) throw new Error('a load of a dish that its iron doesn’t cook');
    return { ...load, one, pour: load.pourAt / 1000, open: load.openAt / 1000 };
  });
  for (const load of cooked) {
    if (Math.abs(load.open - load.pour - load.one.cook_s) > 0.01) faults.push('cooked for another time');
    const before = cooked.filter((other) => other.ironId === load.ironId && other.n === load.n - 1)[0];
    if (load.n > 1 && before === undefined) faults.push('a load left out');
    if (before !== undefined) {
      const isOther = before.dishId !== load.dishId;
      if (load.pour < before.open + before.one.open_s + before.one.recovery_s + (isOther ? 30 : 0) - 0.01) faults.push('poured too early');
      if ((load.isChange === true) !== isOther) faults.push('a change that isn’t said');
    }
    busy.push([load.pour - 0.4 * load.one.open_s + 0.01, load.pour - 0.01], [load.open + 0.01, load.open + 0.6 * load.one.open_s - 0.01]);
  }
  if (mostBusy(busy) > hands) faults.push('a hand too many');
  return faults;
};

describe('several dishes in one morning', () => {
  test('every plan keeps hands, plates and changes; everybody gets of the dish that was asked for', () => {
    fc.assert(
      fc.property(
        someIrons,
        fc.integer({ min: 1, max: 12 }),
        fc.integer({ min: 1, max: 12 }),
        fc.integer({ min: 1, max: 2 }),
        (irons, people, more, hands) => {
          const request = asked({ irons, people, hands, others: [{ dishId: 'other', people: more, piecesPerPerson: 1, batter_g: null }] });
          const plan = planRun(request);
          expect(faultsOf(plan, irons, hands)).toEqual([]);
          for (const [dishId, wanted] of [
            ['own', people],
            ['other', more],
          ] as const) {
            const mine = plan.loads.filter((load) => load.dishId === dishId);
            const canBe = irons.some((one) => one.dishId === dishId);
            expect(mine.reduce((sum, { pieces }) => sum + pieces, 0)).toBeGreaterThanOrEqual(canBe ? wanted : 0);
            // Of a load too many nobody eats anything.
            const most = Math.max(0, ...mine.map(({ pieces }) => pieces));
            expect(mine.reduce((sum, { pieces }) => sum + pieces, 0)).toBeLessThan(wanted + Math.max(1, most));
          }
        },
      ),
      { numRuns: campaign(120, 600), seed: 8 },
    );
  });

  test('on irons of their own two dishes take no longer than the longer one, but for the hand', () => {
    const plan = planRun(asked());
    const alone = planRun(asked({ others: [], irons: [iron()] }));
    const both_s = (plan.lastPlateAt - plan.firstPourAt) / 1000;
    expect(both_s).toBeLessThan((alone.lastPlateAt - alone.firstPourAt) / 1000 + 120);
    expect([...plan.batterOf_g.keys()]).toEqual([OWN_DISH, 'wafers']);
    const whole = [...plan.batterOf_g.values()].reduce((sum, g) => sum + g, 0);
    expect(whole).toBeCloseTo(plan.batter_g, 6);
  });

  test('one iron cooks one after the other, with a wipe and the way to another setting in between', () => {
    const shared = (setting_C: number) =>
      planRun(
        asked({
          people: 3,
          irons: [iron(), iron({ dishId: 'wafers', setting_C })],
          others: [{ dishId: 'wafers', people: 3, piecesPerPerson: 1, batter_g: null }],
        }),
      );
    const same = shared(170);
    expect(same.loads.filter(({ isChange }) => isChange === true)).toHaveLength(1);
    const gap_s = (plan: ReturnType<typeof planRun>): number => {
      const at = plan.loads.findIndex(({ isChange }) => isChange === true);
      return (plan.loads[at]!.pourAt - plan.loads[at - 1]!.openAt) / 1000;
    };
    expect(gap_s(same)).toBeCloseTo(20 + 15 + 30, 3);
    // Ten kelvins hotter or cooler take their time.
    expect(gap_s(shared(180))).toBeGreaterThan(gap_s(same) + 10);
    expect(gap_s(shared(160))).toBeGreaterThan(gap_s(same) + 10);
  });

  test('what is short, over or out is counted by dish', () => {
    const request = asked({ others: [{ dishId: 'wafers', people: 3, piecesPerPerson: 1, batter_g: 100 }] });
    const plan = planRun(request);
    expect(plan.findings.find(({ code }) => code === 'batter-short')?.fields).toMatchObject({ dishId: 'wafers' });
    expect(plan.findings.find(({ code }) => code === 'pieces-over')?.fields).toEqual({ pieces: 1, dishId: 'wafers' });
    const waffles = [{ ironId: 'a', dishId: OWN_DISH, openedAt: SERVE - 1000, pieces: 6 }];
    const standing = standingAt(SERVE, plan, request, waffles, []);
    // Six waffles don't feed whoever waits for wafers.
    expect(standing).toMatchObject({ wanted: 9, out: 6, served: 6, waiting: 3 });
    const wafers = [{ ironId: 'b', dishId: 'wafers', openedAt: SERVE, pieces: 4 }];
    expect(leftOver(SERVE + 3_600_000, plan, request, [...waffles, ...wafers])).toEqual([{ dishId: 'wafers', pieces: 1 }]);
    expect(servedBy(plan, request).oldest_s.size).toBe(2);
  });

  test('served together, an iron with little to do begins late, and is done one load before the last lid', () => {
    const plan = planRun(asked({ others: [{ dishId: 'wafers', people: 2, piecesPerPerson: 2, batter_g: null }] }));
    const opened = (dishId: string): number => Math.max(...plan.loads.filter((load) => load.dishId === dishId).map(({ openAt }) => openAt));
    const spare_s = (opened(OWN_DISH) - opened('wafers')) / 1000;
    // A load of its own is 90 s, and 35 s until the next.
    expect(spare_s).toBeGreaterThanOrEqual(125 - 1e-3);
    expect(spare_s).toBeLessThan(125 + 30);
    expect(plan.preheats.find(({ ironId }) => ironId === 'b')!.from).toBeGreaterThan(plan.startAt);
  });

  test('what was put away earlier is heated again: so many fewer are cooked, and nobody waits for them', () => {
    const said = { others: [], irons: [iron()], kept: 4 };
    const request = asked(said);
    const plan = planRun(request);
    expect(plan.loads).toHaveLength(2);
    expect(planRun(asked({ ...said, kept: 99 })).loads).toHaveLength(0);
    const out = [
      { ironId: 'a', dishId: OWN_DISH, openedAt: SERVE - 2000, pieces: 1 },
      { ironId: 'a', dishId: OWN_DISH, openedAt: SERVE - 1000, pieces: 1 },
    ];
    expect(standingAt(SERVE, plan, request, out, [])).toMatchObject({ wanted: 2, out: 2, served: 2, waiting: 0, onRack: 0 });
    expect(standingAt(SERVE, plan, request, out.slice(1), [])).toMatchObject({ waiting: 1 });
    expect(leftOver(SERVE + 3_600_000, plan, request, out)).toEqual([]);
    expect(servedBy(plan, request).longestWait_s).toBe(0);
    // As they come, the first guests eat them: the first load is for the fifth.
    const open = { ...request, mode: 'as-they-come' as const, door_s: 3000 };
    expect(servedBy(planRun(open), open).longestWait_s).toBeLessThan(300);
    const heated = tasksOf(plan, [{ dishId: OWN_DISH, prep: [], kept: 4 }], SERVE, (id) => id).find(({ act }) => act === 'reheat')!;
    expect(heated.pieces).toBe(4);
    expect(heated.at).toBeLessThan(SERVE);
  });

  test('a trial on a stranger is one load more, for nobody', () => {
    const plain = planRun(asked({ others: [], irons: [iron(), iron({ ironId: 'b' })] }));
    const tried = planRun(asked({ others: [], irons: [iron(), iron({ ironId: 'b', trials: 1 })] }));
    expect(tried.loads.length).toBe(plain.loads.length + 1);
    expect(tried.pieces).toBe(plain.pieces);
    expect(tried.loads.filter(({ isTrial }) => isTrial === true).map(({ ironId, n, pieces }) => [ironId, n, pieces])).toEqual([
      ['b', 1, 0],
    ]);
    expect(tried.batter_g).toBeGreaterThan(plain.batter_g);
    expect(faultsOf(tried, [iron(), iron({ ironId: 'b' })], 1)).toEqual([]);
    expect(tasksOf(tried, [], SERVE, (id) => id).filter(({ trial }) => trial === true)).toHaveLength(1);
  });

  test('three hundred people, six irons, three dishes, two pairs of hands: within a twentieth of what machine hours allow', () => {
    const irons = [
      iron({ piecesPerLoad: 4 }),
      iron({ ironId: 'b', piecesPerLoad: 4 }),
      iron({ ironId: 'c', dishId: 'x', piecesPerLoad: 2, cook_s: 100 }),
      iron({ ironId: 'd', dishId: 'x', piecesPerLoad: 2, cook_s: 100 }),
      iron({ ironId: 'e', cook_s: 300 }),
      iron({ ironId: 'f', dishId: 'y', piecesPerLoad: 4, cook_s: 200 }),
    ];
    const plan = planRun(
      asked({
        people: 150,
        hands: 2,
        irons,
        others: [
          { dishId: 'x', people: 100, piecesPerPerson: 1, batter_g: null },
          { dishId: 'y', people: 50, piecesPerPerson: 1, batter_g: null },
        ],
      }),
    );
    expect(faultsOf(plan, irons, 2)).toEqual([]);
    const span_s = (Math.max(...plan.loads.map(({ openAt }) => openAt)) - Math.min(...plan.loads.map(({ pourAt }) => pourAt))) / 1000;
    const wanted = [
      ['own', 150],
      ['x', 100],
      ['y', 50],
    ].map(([dishId, pieces]) => ({ dishId: String(dishId), pieces: Number(pieces), due_s: () => 0 }));
    const least_s = leastSpan_s(wanted, irons, 2);
    expect(span_s / least_s).toBeGreaterThanOrEqual(1 - 1e-3);
    expect(span_s / least_s).toBeLessThan(1.05);
  });

  test('a dish that no chosen iron cooks is left out, and the others are planned', () => {
    const plan = planRun(asked({ irons: [iron()] }));
    expect(plan.loads.every(({ dishId }) => dishId === OWN_DISH)).toBe(true);
    expect(plan.loads).toHaveLength(6);
  });
});

test('of several dishes each has its own wish, and is changed for itself', () => {
  const waffles = plainDish({ id: 'a', formulaId: 'f', ironIds: ['a'], batter_C: 20 });
  const wafers = { ...plainDish({ id: 'w', formulaId: 'g', ironIds: ['a', 'b'], batter_C: 8 }), people: 2, piecesPerPerson: 3 };
  const run = Run.parse({
    ...{ id: 'r', name: 'Sunday', zone: 'Europe/London', mode: 'together', serveAt: SERVE },
    dishes: [waffles, wafers],
  });
  expect(ironsOfRun(run)).toEqual(['a', 'b']);
  expect(dishFor(run, { formulaId: 'g', ironId: 'b' })?.id).toBe('w');
  expect(dishFor(run, { formulaId: 'f', ironId: 'b' })).toBeNull();
  expect(withDish(run, 'w', { people: 9 }).dishes.map(({ people }) => people)).toEqual([4, 9]);
  expect(withDish(run, 'a', ({ people }) => ({ people: people + 1 })).dishes.map(({ people }) => people)).toEqual([5, 2]);
  expect(withDish(run, 'nobody', { people: 9 })).toEqual(run);
});

test('guests of any dish have something in theirs, and what goes with a dish says of which it is', () => {
  const request = asked({
    others: [
      { dishId: 'wafers', people: 10, piecesPerPerson: 2, batter_g: null, variants: [{ toppingId: 'nuts', perPiece_g: 5, people: 3 }] },
    ],
  });
  const { loads } = planRun(request);
  const withNuts = loads.filter(({ variant }) => variant?.onPlate?.toppingId === 'nuts');
  expect(withNuts.length).toBeGreaterThan(0);
  expect(withNuts.every(({ dishId }) => dishId === 'wafers')).toBe(true);
  expect(withNuts.reduce((sum, { pieces }) => sum + pieces, 0)).toBeGreaterThanOrEqual(6);
  expect(loads.filter(({ dishId }) => dishId === OWN_DISH).every(({ variant }) => variant === undefined)).toBe(true);
  const work = [
    { dishId: OWN_DISH, prep: [], besides: [{ kind: 'compote', before_s: 1800 }] as const },
    { dishId: 'wafers', prep: [], kept: 3 },
  ];
  const tasks = tasksOf(
    planRun(request),
    work,
    SERVE,
    (id) => id,
    (id) => id,
  );
  expect(tasks.flatMap(({ act, dish }) => (act === 'beside' || act === 'reheat' ? [[act, dish]] : []))).toEqual([
    ['beside', OWN_DISH],
    ['reheat', 'wafers'],
  ]);
});
