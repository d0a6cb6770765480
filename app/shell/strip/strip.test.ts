import type { RunningLoad } from '../../../core/line/index.ts';
import { describe, expect, test } from '@jest/globals';
import type { PlannedRun } from '../../session/index.ts';
import { preparation } from '../../../core/lift/index.ts';
import { planRun } from '../../../core/run/index.ts';
import { morningOf, OWN_DISH } from '../../../core/testing/morning.ts';
import { presetIron } from '../../../core/testing/batters.ts';
import { withRescued } from '../../session/index.ts';
import { nextStep, stepsOf, until } from './nextStep.ts';

const MIN = 60_000;
const SERVE = Date.UTC(2026, 5, 1, 7, 15);
const iron = {
  ironId: 'deep-round',
  dishId: OWN_DISH,
  piecesPerLoad: 1,
  portion_g: 200,
  leastPortion_g: 188,
  preheat_s: 300,
  cook_s: 240,
  open_s: 25,
  recovery_s: 20,
};
const plan = planRun(morningOf({ people: 3, piecesPerPerson: 1, serveAt: SERVE, mode: 'together', irons: [iron], batter_g: null }));
const planned = {
  plan,
  dishes: [{ dish: { id: OWN_DISH }, prep: [] }],
  irons: [presetIron('deep-round')],
  run: { mode: 'together', serveAt: SERVE, dishes: [{ id: OWN_DISH, people: 3, ironIds: [] }] },
} as unknown as PlannedRun;
const cooking = (closedAt: number, best: number): RunningLoad =>
  ({
    load: { ironId: 'deep-round' },
    log: [],
    progress: { phase: 'cooking', closedAt },
    prediction: { cookTime_s: { best, to: best + 30 } },
  }) as unknown as RunningLoad;

describe('now and next', () => {
  test('what is done before the pour comes first', () => {
    const firstPour = Math.min(...plan.loads.map((load) => load.pourAt));
    const steps = stepsOf({
      ...planned,
      dishes: [{ dish: { id: OWN_DISH }, prep: preparation('quick', firstPour) }] as unknown as PlannedRun['dishes'],
    });
    expect(steps.slice(0, 3).map((step) => step.what)).toEqual(expect.arrayContaining(['Set everything out', 'Mix the batter']));
  });

  test('everything the plan asks for, in order', () => {
    const steps = stepsOf(planned);
    expect(steps.map((step) => step.what)).toEqual([
      'Switch on Deep round',
      'Pour Deep round, load 1',
      'Open Deep round, load 1',
      'Pour Deep round, load 2',
      'Open Deep round, load 2',
      'Pour Deep round, load 3',
      'Open Deep round, load 3',
      'Serve all 3',
    ]);
    expect([...steps].sort((a, b) => a.at - b.at)).toEqual(steps);
  });

  test('the next one after now; nothing when it is over', () => {
    expect(nextStep(planned, [], planned.irons, plan.startAt - MIN)?.what).toBe('Switch on Deep round');
    expect(nextStep(planned, [], planned.irons, plan.firstPourAt)?.what).toBe('Open Deep round, load 1');
    expect(nextStep(planned, [], planned.irons, SERVE + MIN)).toBeNull();
  });

  test('a load in the iron goes before anything that is only planned', () => {
    const now = SERVE - 60 * MIN;
    expect(nextStep(planned, [cooking(now - 100_000, 180)], planned.irons, now)).toEqual({
      what: 'Open Deep round',
      at: now + 80_000,
      to: '/cook',
    });
    // The line has set its time anew: the strip says the same, and nothing else of the load changes.
    const load = cooking(now - 100_000, 180);
    const rescued = withRescued([load], new Map([[load.load.id, 140]]));
    expect(nextStep(planned, rescued, planned.irons, now)).toEqual({ what: 'Open Deep round', at: now + 40_000, to: '/cook' });
    expect(withRescued([load], new Map([['another', 140]]))).toEqual([load]);
    const soonest = nextStep(planned, [cooking(now, 300), cooking(now, 200)], planned.irons, now);
    expect(soonest?.at).toBe(now + 200_000);
    // Also where no run is planned any more, or the iron isn't the plan's.
    expect(nextStep(null, [cooking(now - 100_000, 60)], planned.irons, now)).toMatchObject({ what: 'Open Deep round', at: now - 40_000 });
  });

  test('what is late counts up, and isn’t “now” for ever', () => {
    expect([until(0), until(-2000), until(-39_000)]).toEqual(['now', 'now', '−0:39']);
  });

  test.each([
    [-5, 'now'],
    [48_000, 'in 0:48'],
    [9 * MIN, 'in 9:00'],
    [25 * MIN, 'in 25 min'],
    [135 * MIN, 'in 2 h 15'],
  ])('%d ms is said as %j', (ms, text) => expect(until(ms)).toBe(text));
});
