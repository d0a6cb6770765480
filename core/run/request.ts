import type { IronCycle } from './plan/cycle.ts';
import type { CircuitLimit } from './plan/circuits.ts';
import { keptOf } from './dish.ts';
import type { RunRequest } from './plan/plan.ts';
import type { Run } from './run.ts';

/** A dish on one of its irons as the adviser has it: a load's cycle, its first load (null: as the others), and how long its folded batter may be poured, s (null: as long as a morning takes). */
export type CookedDish = {
  readonly dishId: string;
  readonly cycle: IronCycle;
  readonly firstCook_s: number | null;
  readonly keeps_s: number | null;
};

/**
 * What the planner is asked of a run. A dish that no iron cooks isn't asked for, unless none is cooked at all.
 *
 * @param lost Pieces that came out for nobody, by dish.
 */
export const runRequestOf = (
  run: Run,
  cooked: readonly CookedDish[],
  lost: ReadonlyMap<string, number>,
  circuits: readonly CircuitLimit[],
): RunRequest => {
  const { mode, serveAt, hands, helper, door_s, arrivals, slack_s, pins } = run;
  const planned = run.dishes.filter(({ id }) => cooked.some(({ dishId }) => dishId === id));
  return {
    ...{ mode, serveAt, hands, helper, door_s, arrivals, slack_s, pins, circuits },
    dishes: (planned.length > 0 ? planned : run.dishes).map((dish) => ({
      dishId: dish.id,
      people: dish.people,
      piecesPerPerson: dish.piecesPerPerson,
      batter_g: dish.batter_g,
      goesTo: dish.goesTo,
      variants: dish.variants,
      lostPieces: lost.get(dish.id),
      kept: keptOf(dish),
      keeps_s: cooked.find(({ dishId }) => dishId === dish.id)?.keeps_s ?? null,
    })),
    irons: cooked.map(({ dishId, cycle, firstCook_s }) => ({
      ...cycle,
      dishId,
      ...(firstCook_s === null ? {} : { firstCook_s }),
      // Of a stranger the first load is for nobody.
      ...(run.trialIronIds?.includes(cycle.ironId) === true ? { trials: 1 } : {}),
    })),
  };
};
