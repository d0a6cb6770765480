import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { plannedIron } from '../../testing/plannedIron.ts';
import { BESIDE_KINDS, BESIDES, planRun, tasksCsv, tasksOf } from '../index.ts';
import { PlanFile } from './planFile.ts';
import { morningOf, OWN_DISH } from '../../testing/morning.ts';

const SERVE = Date.UTC(2026, 10, 28, 7, 0);
const planned = (people: number, cook_s: number) =>
  planRun(
    morningOf({
      people,
      piecesPerPerson: 1,
      serveAt: SERVE,
      mode: 'together',
      irons: [plannedIron('a', { cook_s }), plannedIron('b', { cook_s: 200 })],
      batter_g: null,
    }),
  );
const PREP = [{ id: 'mix', code: 'mix-batter', at: SERVE - 3_600_000, duration_s: 600, soft: [0, 0], hard: [0, 0] }] as const;
const named = (id: string): string => `Iron ${id}`;

describe('what a hand does, in the order of the morning', () => {
  test('everything of the plan is in it once, and nothing before what it needs', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 40 }), fc.integer({ min: 60, max: 400 }), (people, cook_s) => {
        const plan = planned(people, cook_s);
        const tasks = tasksOf(plan, [], SERVE, named);
        expect(tasks.map(({ at }) => at)).toEqual([...tasks.map(({ at }) => at)].sort((x, y) => x - y));
        const of = (act: string) => tasks.filter((task) => task.act === act);
        expect(of('pour')).toHaveLength(plan.loads.length);
        expect(of('take-out').reduce((sum, { pieces }) => sum + (pieces ?? 0), 0)).toBe(
          plan.loads.reduce((sum, { pieces }) => sum + pieces, 0),
        );
        for (const { iron: name, load, at } of of('take-out'))
          expect(of('pour').find((task) => task.iron === name && task.load === load)?.at).toBeLessThan(at);
        for (const name of new Set(of('pour').map((task) => task.iron))) {
          const on = of('switch-on').find((task) => task.iron === name);
          const first = of('pour').find((task) => task.iron === name);
          expect(on?.at).toBeLessThan(first?.at ?? 0);
        }
      }),
      { numRuns: 60, seed: 2 },
    );
  });

  test('as a file it keeps its schema; as a table it has a row each, with signs held back', () => {
    const plan = planned(6, 240);
    const tasks = tasksOf(plan, [{ dishId: OWN_DISH, prep: PREP as never }], SERVE, () => '=Deep');
    const file: PlanFile = {
      schema: 'tawny-lattice/plan',
      version: 1,
      name: 'Sunday',
      zone: 'UTC',
      serveAt: SERVE,
      people: 6,
      piecesPerPerson: 1,
      firstPourAt: Math.round(plan.firstPourAt),
      lastPlateAt: Math.round(plan.lastPlateAt),
      batter_g: plan.batter_g,
      tasks: [...tasks],
    };
    expect(PlanFile.safeParse(JSON.parse(JSON.stringify(file))).success).toBe(true);
    const csv = tasksCsv(
      tasks,
      (at) => new Date(at).toISOString().slice(11, 16),
      ({ act, code }) => code ?? act,
    );
    expect(csv.split('\r\n')).toHaveLength(tasks.length + 2);
    expect(csv).toContain('mix-batter');
    expect(csv).toContain("'=Deep");
    expect(csv).toContain(',150,');
  });

  test('what goes with it comes at its own lead, after what is prepared and before an iron at the same instant', () => {
    const plan = planned(6, 240);
    const besides = [
      { kind: 'ice-cream', before_s: 60 },
      { kind: 'butter-out', before_s: 3600 },
    ] as const;
    const tasks = tasksOf(
      plan,
      [{ dishId: OWN_DISH, prep: PREP.map((step) => ({ ...step, soft: [0, 0], hard: [0, 0] })), besides }],
      SERVE,
      named,
    );
    const codes = tasks.flatMap(({ act, code }) => (act === 'beside' || act === 'prepare' ? [code] : []));
    expect(codes).toEqual(['mix-batter', 'butter-out', 'ice-cream']);
    expect(tasks.find(({ code }) => code === 'ice-cream')).toMatchObject({ at: SERVE - 60_000, act: 'beside', duration_s: 60 });
    for (const kind of BESIDE_KINDS) expect(BESIDES[kind].before_s).toBeGreaterThanOrEqual(BESIDES[kind].takes_s);
  });
});
