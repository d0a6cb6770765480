import { csvText } from '../../basis/index.ts';
import type { ReheaterId } from '../../kit/index.ts';
import type { PrepStep } from '../../lift/index.ts';
import { FOLD_S } from '../../lift/index.ts';
import { PLATING_S } from '../service/arrivals.ts';
import type { Beside } from '../besides.ts';
import { besideAt, BESIDES } from '../besides.ts';
import type { RunPlan } from '../plan/plan.ts';
import type { Task } from './planFile.ts';

const ACTS: readonly Task['act'][] = ['prepare', 'beside', 'switch-on', 'fold', 'take-out', 'pour', 'reheat', 'serve'];

/** How pieces from the freezer are made hot: with what, and how long it takes. */
export type HotAgainTask = { readonly by: ReheaterId; readonly time_s: number };
/** In an oven, where nothing else is known (*common practice*). */
const USUAL_AGAIN: HotAgainTask = { by: 'oven', time_s: 6 * 60 };

/** What is done for one dish beside its loads: what is prepared, what goes with it, and how many pieces from another day are heated again. */
export type DishWork = {
  readonly dishId: string;
  readonly prep: readonly PrepStep[];
  readonly besides?: readonly Beside[] | undefined;
  readonly kept?: number;
};

/**
 * `ironName`, `dishName`: how they are called where this is read; a dish has no name where there is but one (null). At one instant a lid comes before a
 * pour. `again`: how pieces from another day are made hot.
 */
export const tasksOf = (
  plan: RunPlan,
  dishes: readonly DishWork[],
  serveAt: number,
  ironName: (id: string) => string,
  dishName: (id: string) => string | null = () => null,
  again = USUAL_AGAIN,
): readonly Task[] => {
  const named = (dishId: string): { dish?: string } => {
    const dish = dishName(dishId);
    return dish === null ? {} : { dish };
  };
  const nothing = { ironId: null, iron: null, load: null, portion_g: null, pieces: null, code: null, duration_s: null };
  return [
    ...dishes.flatMap(({ dishId, prep }) =>
      prep.map((step): Task => ({
        ...nothing,
        ...named(dishId),
        at: step.at,
        act: 'prepare',
        code: step.code,
        duration_s: step.duration_s,
      })),
    ),
    ...dishes.flatMap(({ dishId, besides = [] }) =>
      besides.map((beside): Task => ({
        ...nothing,
        ...named(dishId),
        at: besideAt(beside, serveAt),
        act: 'beside',
        code: beside.kind,
        duration_s: BESIDES[beside.kind].takes_s,
      })),
    ),
    ...plan.preheats.map(({ ironId, from }): Task => ({
      ...nothing,
      at: Math.round(from),
      act: 'switch-on',
      ironId,
      iron: ironName(ironId),
    })),
    ...plan.bowls.flatMap(({ dishId, n, foldAt, batter_g }): Task[] =>
      foldAt === null ? [] : [{ ...nothing, ...named(dishId), at: foldAt, act: 'fold', load: n, portion_g: batter_g, duration_s: FOLD_S }],
    ),
    ...plan.loads.flatMap(({ ironId, dishId, n, pourAt, openAt, portion_g, pieces, variant, isChange, isTrial }): Task[] => {
      const mine = { ...nothing, ...named(dishId), ironId, iron: ironName(ironId), load: n };
      return [
        {
          ...mine,
          at: Math.round(pourAt),
          act: 'pour',
          portion_g,
          ...(variant === undefined ? {} : { scatter: variant.onPlate, wipe: variant.wipeBefore }),
          ...(isChange === true ? { wipe: true } : {}),
          ...(isTrial === true ? { trial: true } : {}),
        },
        { ...mine, at: Math.round(openAt), act: 'take-out', pieces },
      ];
    }),
    ...dishes.flatMap(({ dishId, kept = 0 }): Task[] =>
      kept === 0
        ? []
        : [
            {
              ...nothing,
              ...named(dishId),
              at: serveAt - 1000 * (again.time_s + PLATING_S),
              act: 'reheat',
              pieces: kept,
              code: again.by,
              duration_s: again.time_s,
            },
          ],
    ),
    { ...nothing, at: serveAt, act: 'serve' } satisfies Task,
  ].sort((a, b) => a.at - b.at || ACTS.indexOf(a.act) - ACTS.indexOf(b.act));
};

/** The tasks as a table, times in the kitchen's own clock. `clockTime`: how an instant is written; `words`: what a code says. */
export const tasksCsv = (tasks: readonly Task[], clockTime: (at: number) => string, words: (task: Task) => string): string =>
  csvText(
    ['time', 'what', 'iron', 'load', 'grams', 'pieces', 'minutes', 'scatter', 'scatter_g', 'dish'],
    tasks.map((task) => [
      clockTime(task.at),
      words(task),
      task.iron ?? '',
      task.load ?? '',
      task.portion_g === null ? '' : Math.round(task.portion_g),
      task.pieces ?? '',
      task.duration_s === null ? '' : Math.round(task.duration_s / 60),
      task.scatter?.toppingId ?? '',
      task.scatter == null ? '' : Math.round(task.scatter.grams),
      task.dish ?? '',
    ]),
  );
