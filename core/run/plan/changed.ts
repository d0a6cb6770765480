import { MINUTE_MS } from '../../basis/index.ts';
import type { RunPlan, RunRequest } from './plan.ts';
import { planRun } from './planRun.ts';
import type { AfterPowerCut } from './powerCut.ts';
import { afterPowerCut } from './powerCut.ts';
import type { Run } from '../run.ts';

/** What happens in the middle of a morning. */
export type MorningChange = {
  /** So many guests more (or fewer) of this dish. */
  readonly dishId: string;
  readonly guests: number;
  readonly late_min: number;
  /** An iron that is out; null: none. */
  readonly without: string | null;
  readonly hands: number;
  /** How long the power is off, min (0: it isn't), and of which irons. */
  readonly off_min: number;
  readonly offIronIds: readonly string[];
};

/** What it does to the run, and the plan then. `goneIronIds`: irons that nothing more is cooked on. */
export type ChangedMorning = {
  readonly cut: AfterPowerCut;
  readonly goneIronIds: readonly string[];
  readonly changes: Pick<Run, 'dishes' | 'serveAt' | 'hands'>;
  readonly plan: RunPlan;
};

/** At least one guest stays. */
export const changedMorning = (run: Run, request: RunRequest, change: MorningChange): ChangedMorning => {
  const cut = change.off_min === 0 ? { late_s: 0, without: [] } : afterPowerCut(request, change.offIronIds, 60 * change.off_min);
  const gone = [...(change.without === null ? [] : [change.without]), ...cut.without];
  const people = (dishId: string, before: number): number => (dishId === change.dishId ? Math.max(1, before + change.guests) : before);
  const serveAt = run.serveAt + MINUTE_MS * change.late_min + 1000 * cut.late_s;
  const { hands } = change;
  return {
    cut,
    goneIronIds: gone,
    changes: {
      serveAt,
      hands,
      dishes: run.dishes.map((dish) => ({
        ...dish,
        people: people(dish.id, dish.people),
        ironIds: dish.ironIds.filter((id) => !gone.includes(id)),
      })),
    },
    plan: planRun({
      ...request,
      serveAt,
      hands,
      dishes: request.dishes.map((dish) => ({ ...dish, people: people(dish.dishId, dish.people) })),
      irons: request.irons.filter(({ ironId }) => !gone.includes(ironId)),
    }),
  };
};
