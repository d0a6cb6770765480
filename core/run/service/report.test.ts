import { describe, expect, test } from '@jest/globals';
import type { LoadEvent, Observation, Prediction } from '../../log/index.ts';
import { loadProgress } from '../../log/index.ts';
import { plannedIron } from '../../testing/plannedIron.ts';
import type { ReportedLoad } from '../index.ts';
import { planRun, reportOf } from '../index.ts';
import { morningOf } from '../../testing/morning.ts';

const SERVE = Date.UTC(2026, 10, 28, 7, 0);
const request = morningOf({
  people: 6,
  piecesPerPerson: 1,
  serveAt: SERVE,
  mode: 'together',
  batter_g: null,
  irons: [plannedIron('a'), plannedIron('b')],
});
const plan = planRun(request);
const promised = { tawnyStep: 4, portion_g: 150, cookTime_s: { from: 220, best: 240, to: 260 } } as Prediction;
/** A load as it was planned, `late_s` later, with what was said of it. */
const told = (i: number, late_s: number, said: readonly Observation[]): ReportedLoad => {
  const load = plan.loads[i];
  if (load === undefined) throw new Error('no such load');
  const at = (instant: number): number => Math.round(instant + 1000 * late_s);
  const events: Omit<LoadEvent, 'seq'>[] = [
    { kind: 'poured', at: at(load.pourAt), data: {} },
    { kind: 'closed', at: at(load.openAt) - 240_000, data: {} },
    { kind: 'opened', at: at(load.openAt), data: {} },
    ...said.map((data): Omit<LoadEvent, 'seq'> => ({ kind: 'logged', at: at(load.openAt) + 1000, data }) as Omit<LoadEvent, 'seq'>),
  ];
  return {
    ironId: load.ironId,
    dishId: load.dishId,
    pieces: load.pieces,
    progress: loadProgress(events.map((event, seq) => ({ ...event, seq }) as LoadEvent)),
    prediction: promised,
    poured_g: 150,
  };
};
const tawny = (value: number): Observation[] => [
  { kind: 'tawny', mould: 0, side: 'upper', value },
  { kind: 'tawny', mould: 0, side: 'lower', value },
];

describe('a morning looked back upon', () => {
  test('nothing came out: there is nothing to report', () => {
    expect(reportOf(plan, request, [])).toBeNull();
    const { progress, ...load } = told(0, 0, []);
    expect(reportOf(plan, request, [{ ...load, progress: { ...progress, phase: 'cooking' } }])).toBeNull();
  });

  test('all as planned: done is planned, nobody waits longer, nothing was said', () => {
    const report = reportOf(
      plan,
      request,
      plan.loads.map((_, i) => told(i, 0, [])),
    );
    expect(report?.loads).toEqual({ planned: plan.loads.length, done: plan.loads.length });
    expect(report?.pieces).toEqual({ wanted: 6, done: plan.pieces });
    expect(Math.abs((report?.lastOutAt.done ?? 0) - (report?.lastOutAt.planned ?? 0))).toBeLessThanOrEqual(1);
    expect(report?.service.done.longestWait_s).toBeCloseTo(report?.service.planned.longestWait_s ?? NaN, 2);
    expect(report).toMatchObject({ answered: 0, darker: null, near: { loads: 0, of: 0 }, poured_g: 150 * plan.loads.length });
    expect(report?.timeRatio).toBeCloseTo(1, 9);
  });

  test('ten minutes late and as said: who waited, what leaked, how much darker', () => {
    const loads = [
      told(0, 600, [{ kind: 'fill', mould: 0, value: 'leaked' }, { kind: 'stuck', mould: 0, value: 'upper' }, ...tawny(6)]),
      told(1, 600, [{ kind: 'fill', mould: 0, value: 'full' }, { kind: 'note', mould: 0, value: 'the good one' }, ...tawny(5)]),
      told(2, 600, [
        { kind: 'fill', mould: 0, value: 'full' },
        { kind: 'fill', mould: 1, value: 'missing' },
      ]),
    ];
    const report = reportOf(plan, request, loads);
    expect(report).toMatchObject({ answered: 3, full: 1, missing: 1, leaked: 1, stuck: 1, notes: ['the good one'] });
    expect(report?.darker).toBeCloseTo(1.5, 9);
    expect(report?.near).toEqual({ loads: 1, of: 2 });
    expect(report?.service.done.longestWait_s).toBeGreaterThan((report?.service.planned.longestWait_s ?? 0) + 500);
  });
});
