import { describe, expect, test } from '@jest/globals';
import { demoFile } from '../../demo/file.ts';
import { loadProgress } from '../log/index.ts';
import { planRun } from '../run/index.ts';
import { plannedIron } from '../testing/plannedIron.ts';
import type { KitchenAtLine, PlaceAtLine, RunningLoad, UpcomingLoad } from './index.ts';
import { freshBowl_g, ironsAtLine, toppingsOn, upcomingLoads } from './index.ts';

const file = demoFile();
const run = file.runs[0]!;
const [oats] = run.dishes;
const other = file.formulas.find(({ id }) => id !== oats?.formulaId)!;
const kitchen: KitchenAtLine = {
  run,
  everyIron: file.irons,
  everyFormula: file.formulas,
  iron: file.irons[0]!,
  formula: other,
  removedIds: [],
};
const NOW = run.serveAt;
const MIN = 60_000;
const iron = file.irons.find(({ id }) => id === 'deep-a')!;
const event = (kind: 'poured' | 'closed' | 'opened', at: number, seq: number) => ({ kind, at, seq, data: {} }) as const;
/** The first load of the iron: poured so long ago, and opened so long ago (null: it cooks). */
const first = (poured_min: number, opened_min: number | null, formulaId = other.id): RunningLoad => {
  const log = [
    event('poured', NOW - poured_min * MIN, 0),
    event('closed', NOW - poured_min * MIN, 1),
    ...(opened_min === null ? [] : [event('opened', NOW - opened_min * MIN, 2)]),
  ];
  const load = { id: 'l', ironId: iron.id, n: 1, lotId: 'lot', runId: run.id, startedAt: NOW - poured_min * MIN };
  return { load, log, progress: loadProgress(log), prediction: { formulaId } } as unknown as RunningLoad;
};
const upcoming = (newest: RunningLoad | null, changes: Partial<KitchenAtLine> = {}, asked: string | null = null): UpcomingLoad[] => [
  ...upcomingLoads({ ...kitchen, ...changes }, null, [iron], asked, new Map(newest === null ? [] : [[iron.id, newest]]), NOW),
];

describe('what an iron at the line cooks next', () => {
  test('nothing yet: the first load of the run’s dish; asked for from the bench, what lies there', () => {
    expect(upcoming(null)).toMatchObject([{ n: 1, dish: { id: oats?.id }, formula: { id: oats?.formulaId } }]);
    expect(upcoming(null, {}, iron.id)).toMatchObject([{ n: 1, dish: null, formula: { id: other.id } }]);
    expect(upcoming(null, { run: null })).toMatchObject([{ n: 1, dish: null, formula: { id: other.id } }]);
  });

  test('what is in it keeps its own batter and number, whatever the run cooks by now', () => {
    expect(upcoming(first(3, null))).toMatchObject([{ n: 1, formula: { id: other.id }, current: { load: { id: 'l' } } }]);
    expect(upcoming(first(8, 3))).toMatchObject([{ n: 2, formula: { id: oats?.formulaId }, current: { load: { id: 'l' } } }]);
  });

  test('hours later it is history, but still this morning’s count; the day after it begins with one', () => {
    expect(upcoming(first(200, 190))).toMatchObject([{ n: 2, current: undefined }]);
    expect(upcoming(first(24 * 60, 23 * 60))).toMatchObject([{ n: 1, current: undefined }]);
    // The clock was set back by a month.
    expect(upcoming(first(-30 * 24 * 60, -30 * 24 * 60))).toMatchObject([{ n: 1, current: undefined }]);
  });

  test('an iron that was removed stays until its load is out and rated', () => {
    const gone = { removedIds: [iron.id] };
    expect(upcoming(null, gone)).toEqual([]);
    expect(upcoming(first(3, null), gone)).toHaveLength(1);
    const rated = first(8, 3);
    const observations = [{ kind: 'fill', mould: 0, value: 'full' }] as const;
    expect(upcoming({ ...rated, progress: { ...rated.progress, observations } }, gone)).toEqual([]);
  });

  test('irons at the line: what has a load, what the run cooks on, and what was asked for', () => {
    const ids = (asked: string | null, inIrons: string[]): string[] =>
      ironsAtLine(
        { ...kitchen, run: { ...run, dishes: [{ ...oats!, ironIds: ['deep-a'] }] } },
        asked,
        inIrons.map((ironId) => ({ ironId })),
      ).map(({ id }) => id);
    expect(ids(null, [])).toEqual(['deep-a']);
    expect(ids('thin-four', ['deep-b']).sort()).toEqual(['deep-a', 'deep-b', 'thin-four']);
    expect(ironsAtLine({ ...kitchen, run: null }, null, [])).toEqual([kitchen.iron]);
  });
});

test('a bowl nobody has weighed is what is still missing of the plan; of less than a load one batch', () => {
  const place = { dishId: oats!.id, advice: { answer: { portion_g: 200, totalMass_g: 1000 } } } as unknown as PlaceAtLine;
  const told = { runLoads: [], lots: [] };
  expect(freshBowl_g(place, 3600, run, file.irons, told)).toBe(3600);
  expect(freshBowl_g(place, 0, run, file.irons, told)).toBe(1000);
  expect(freshBowl_g(place, 3600, null, file.irons, told)).toBe(1000);
  expect(freshBowl_g(place, 150, run, file.irons, told)).toBe(1000);
});

test('what its plates have seen is what was planned up to that load', () => {
  const dish = {
    dishId: 'd',
    people: 4,
    piecesPerPerson: 1,
    batter_g: null,
    variants: [{ toppingId: 'nuts', perPiece_g: 5, people: 2 }],
  } as const;
  const plan = planRun({ dishes: [dish], mode: 'together', serveAt: NOW, irons: [plannedIron('a', { dishId: 'd' })] });
  expect(toppingsOn(plan, 'a', 1)).toEqual([]);
  expect(toppingsOn(plan, 'a', 9)).toEqual(['nuts']);
});
