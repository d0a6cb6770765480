import { describe, expect, test } from '@jest/globals';
import { demoFile } from '../../../demo/file.ts';
import { plannedIron } from '../../testing/plannedIron.ts';
import type { MorningChange, Run } from '../index.ts';
import { changedMorning, plainDish, planRun } from '../index.ts';

const dish = (id: string, ironIds: string[]) => ({ ...plainDish({ id, formulaId: id, ironIds, batter_C: 18 }), people: 12 });
const run: Run = { ...demoFile().runs[0]!, dishes: [dish('d', ['a', 'b']), dish('w', ['c'])] };
const irons = [plannedIron('a', { dishId: 'd' }), plannedIron('b', { dishId: 'd' }), plannedIron('c', { dishId: 'w', cook_s: 90 })];
const request = {
  ...{ mode: run.mode, serveAt: run.serveAt, irons },
  dishes: run.dishes.map(({ id, people, piecesPerPerson, batter_g }) => ({ dishId: id, people, piecesPerPerson, batter_g })),
};
const NOTHING: MorningChange = { dishId: 'd', guests: 0, late_min: 0, without: null, hands: 1, off_min: 0, offIronIds: [] };
const changed = (change: Partial<MorningChange>) => changedMorning(run, request, { ...NOTHING, ...change });

describe('something changes in the middle of a morning', () => {
  test('nothing: the plan as it was', () => {
    expect(changed({}).plan).toEqual(planRun({ ...request, hands: 1 }));
    expect(changed({}).changes).toEqual({ dishes: run.dishes, serveAt: run.serveAt, hands: 1 });
  });

  test('more guests of one dish, never fewer than one; the other stays', () => {
    expect(changed({ guests: 6 }).changes.dishes.map(({ people }) => people)).toEqual([18, 12]);
    expect(changed({ guests: 6 }).plan.pieces).toBeGreaterThanOrEqual(30);
    expect(changed({ guests: -99, dishId: 'w' }).changes.dishes.map(({ people }) => people)).toEqual([12, 1]);
  });

  test('an iron that is out is out of every dish and of the plan', () => {
    const { plan, changes, goneIronIds } = changed({ without: 'a' });
    expect(goneIronIds).toEqual(['a']);
    expect(changes.dishes.map(({ ironIds }) => ironIds)).toEqual([['b'], ['c']]);
    expect(plan.loads.some(({ ironId }) => ironId === 'a')).toBe(false);
    expect(plan.lastPlateAt - plan.firstPourAt).toBeGreaterThan(changed({}).plan.lastPlateAt - changed({}).plan.firstPourAt);
  });

  test('later, or a power cut of everything: served later by just that', () => {
    expect(changed({ late_min: 20 }).changes.serveAt).toBe(run.serveAt + 20 * 60_000);
    const { cut, changes } = changed({ off_min: 5, offIronIds: ['a', 'b', 'c'] });
    expect(cut.without).toEqual([]);
    expect(changes.serveAt).toBe(run.serveAt + 1000 * cut.late_s);
    expect(cut.late_s).toBeGreaterThanOrEqual(600);
  });
});
