import { describe, expect, test } from '@jest/globals';
import { demoFile } from '../../demo/file.ts';
import { plannedIron } from '../testing/plannedIron.ts';
import type { CookedDish, Run } from './index.ts';
import { plainDish, planRun, runRequestOf } from './index.ts';

const waffles = { ...plainDish({ id: 'a', formulaId: 'f', ironIds: ['one'], batter_C: 18 }), fromKept: [{ itemId: 'k', pieces: 2 }] };
const wafers = plainDish({ id: 'w', formulaId: 'g', ironIds: ['two'], batter_C: 18 });
const run: Run = { ...demoFile().runs[0]!, dishes: [waffles, wafers], trialIronIds: ['two'], hands: 2 };
const cooked = (dishId: string, ironId: string): CookedDish => {
  const { dishId: _, ...cycle } = plannedIron(ironId);
  return { dishId, cycle, firstCook_s: 300, keeps_s: dishId === 'w' ? 1200 : null };
};

describe('what the planner is asked of a run', () => {
  test('every dish with its guests, what is lost, kept and folded, and every iron with its dish', () => {
    const request = runRequestOf(run, [cooked('a', 'one'), cooked('w', 'two')], new Map([['w', 3]]), []);
    expect(request).toMatchObject({ hands: 2, serveAt: run.serveAt, mode: run.mode });
    expect(request.dishes).toMatchObject([
      { dishId: 'a', kept: 2, lostPieces: undefined, keeps_s: null },
      { dishId: 'w', kept: 0, lostPieces: 3, keeps_s: 1200 },
    ]);
    expect(request.irons).toMatchObject([
      { ironId: 'one', dishId: 'a', firstCook_s: 300 },
      { ironId: 'two', dishId: 'w', trials: 1 },
    ]);
    expect(request.irons[0]).not.toHaveProperty('trials');
  });

  test('a dish that no iron cooks isn’t asked for, unless none is: then the plan says that there is no iron', () => {
    expect(runRequestOf(run, [cooked('w', 'two')], new Map(), []).dishes.map(({ dishId }) => dishId)).toEqual(['w']);
    const none = runRequestOf(run, [], new Map(), []);
    expect(none.dishes).toHaveLength(2);
    expect(planRun(none).findings.map(({ code }) => code)).toContain('no-irons');
  });
});
