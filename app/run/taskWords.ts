import type { BesideKind, RunPlan, Task } from '../../core/run/index.ts';
import { tasksOf } from '../../core/run/index.ts';
import { crumbSlab, FREEZER_C, REHEATERS, reheatTime_s, slabOf_mm, THROUGH_C } from '../../core/keep/index.ts';
import type { PlannedRun } from '../session/index.ts';
import { dishName } from '../session/index.ts';
import { BESIDE_WORDS, grams, TOPPING_WORDS } from '../look/index.ts';
import { describeStored } from '../../words/index.ts';

/** What the hands do in a morning, in order. */
export const tasksOfRun = (planned: PlannedRun, plan: RunPlan): readonly Task[] => {
  const { irons, dishes, run } = planned;
  const names = new Map(irons.map(({ id, name }) => [id, name]));
  return tasksOf(
    plan,
    dishes.map(({ dish, prep }) => ({ dishId: dish.id, prep })),
    run.serveAt,
    (id) => names.get(id) ?? id,
    (id) => dishName(planned, id),
    planned.request?.kept,
    run.besides,
    reheatOf_s(irons[0]),
  );
};

/** A piece of this iron from the freezer in a hot oven, to the whole minute, s: as Keep says it. */
const reheatOf_s = (iron: PlannedRun['irons'][number] | undefined): number | undefined => {
  const time_s = iron === undefined ? null : reheatTime_s(crumbSlab(slabOf_mm(iron.geometry)), FREEZER_C, THROUGH_C, REHEATERS.oven);
  return time_s === null ? undefined : 60 * Math.ceil(time_s / 60);
};

/** What a hand does, in words: "Pour Deep A, load 2". */
export const taskWords = ({ act, iron, load, code, scatter, wipe, dish, pieces, trial, duration_s }: Task): string => {
  const of = dish === undefined ? '' : ` (${dish})`;
  if (act === 'prepare') {
    const words = describeStored(code ?? '');
    return `${words.charAt(0).toUpperCase()}${words.slice(1)}${of}`;
  }
  if (act === 'beside') return BESIDE_WORDS[code as BesideKind];
  const at = `${iron ?? ''}${load === null ? '' : `, load ${load}`}`;
  const with_ = scatter == null ? '' : `, scatter ${grams(scatter.grams)} g of ${TOPPING_WORDS[scatter.toppingId]}`;
  return {
    'switch-on': `Switch on ${at}`,
    pour: `${wipe === true ? 'Wipe and pour' : 'Pour'} ${at}${with_}${of}${trial === true ? ', a trial for nobody' : ''}`,
    'take-out': `Open ${at}, onto the rack`,
    fold: `Fold ${load === 2 ? 'the second part' : `part ${load ?? ''}`}${of}`,
    reheat: `Heat ${String(pieces)} from the freezer again, ${Math.round((duration_s ?? 0) / 60)} minutes in a hot oven${of}`,
    serve: 'Serve',
  }[act];
};
