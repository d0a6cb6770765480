import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { plannedIron } from '../../testing/plannedIron.ts';
import type { PlannedIron, RunRequest } from '../index.ts';
import { planRun, wattsOver } from '../index.ts';
import { campaign } from '../../testing/campaign.ts';
import type { Morning } from '../../testing/morning.ts';
import { morningOf } from '../../testing/morning.ts';

const asked = (irons: readonly PlannedIron[], changes: Partial<Morning> = {}): RunRequest =>
  morningOf({
    people: 12,
    piecesPerPerson: 1,
    serveAt: Date.UTC(2026, 10, 30, 7),
    mode: 'together',
    irons,
    batter_g: null,
    ...changes,
  });
const iron = (ironId: string, power_W: number, circuitId: string | null, changes: Partial<PlannedIron> = {}): PlannedIron =>
  plannedIron(ironId, { power_W, circuitId, ...changes });
const wall = { id: 'wall', name: 'Wall', limit_W: 2300 };

describe('what the circuits carry', () => {
  test('where all fit, nothing is left off and the plan is the same', () => {
    const irons = [iron('a', 1000, 'wall'), iron('b', 1000, 'wall')];
    expect(planRun(asked(irons, { circuits: [wall] }))).toEqual(planRun(asked(irons)));
  });

  test('of three that are too much the slowest stays off, and it is said', () => {
    const irons = [
      iron('a', 1000, 'wall'),
      iron('slow', 1000, 'wall', { cook_s: 500, name: 'Slow one' }),
      iron('c', 1000, 'wall'),
      iron('d', 2000, null),
    ];
    const plan = planRun(asked(irons, { circuits: [wall], people: 20 }));
    expect(new Set(plan.loads.map(({ ironId }) => ironId))).toEqual(new Set(['a', 'c', 'd']));
    expect(plan.findings).toContainEqual({
      code: 'iron-left-off',
      level: 'warning',
      fields: { iron: 'Slow one', circuit: 'Wall', limit_W: 2300 },
    });
  });

  test('a dish that only one iron cooks keeps that iron on', () => {
    const irons = [iron('a', 1200, 'wall'), iron('b', 1200, 'wall', { dishId: 'wafers', cook_s: 600 })];
    const others = [{ dishId: 'wafers', people: 30, piecesPerPerson: 1, batter_g: null }];
    const plan = planRun(asked(irons, { circuits: [wall], people: 2, others }));
    expect(new Set(plan.loads.map(({ dishId }) => dishId))).toEqual(new Set(['wafers']));
  });

  test('a circuit that can’t carry one iron: nothing on it is planned', () => {
    const plan = planRun(asked([iron('a', 3000, 'wall')], { circuits: [wall] }));
    expect(plan.loads).toEqual([]);
    expect(plan.findings.map(({ code }) => code)).toContain('iron-left-off');
  });

  test('whatever is on two circuits, neither ever carries more, and nothing more could have been on', () => {
    fc.assert(
      fc.property(
        fc.array(
          fc.record({
            power_W: fc.integer({ min: 300, max: 2400 }),
            at: fc.constantFrom('wall', 'bar', null),
            cook_s: fc.integer({ min: 60, max: 400 }),
          }),
          {
            minLength: 1,
            maxLength: 6,
          },
        ),
        fc.integer({ min: 1500, max: 4000 }),
        fc.integer({ min: 20, max: 40 }),
        (kinds, limit_W, people) => {
          const irons = kinds.map(({ power_W, at, cook_s }, i) => iron(String(i), power_W, at, { cook_s }));
          const circuits = [wall, { id: 'bar', name: 'Bar', limit_W }];
          const plan = planRun(asked(irons, { circuits, people }));
          const off = plan.findings.filter(({ code }) => code === 'iron-left-off').map(({ fields }) => (fields as { iron: string }).iron);
          for (const { id, limit_W: most_W } of circuits) {
            const on = irons.filter(({ ironId, circuitId }) => circuitId === id && !off.includes(ironId));
            const full_W = on.reduce((sum, { power_W = 0 }) => sum + power_W, 0);
            expect(full_W).toBeLessThanOrEqual(most_W);
            for (const left of irons.filter(({ ironId, circuitId }) => circuitId === id && off.includes(ironId)))
              expect(full_W + (left.power_W ?? 0)).toBeGreaterThan(most_W);
            const steps = wattsOver(plan, irons, id);
            for (const { on_W } of steps) expect(on_W).toBeLessThanOrEqual(full_W);
            expect(steps.at(-1)?.on_W ?? 0).toBe(0);
          }
          for (const { ironId } of plan.loads) expect(off).not.toContain(ironId);
        },
      ),
      { numRuns: campaign(50, 150), seed: 23 },
    );
  });
});
