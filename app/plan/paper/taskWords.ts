import type { BesideKind, HotAgainTask, RunPlan, Task } from '../../../core/run/index.ts';
import { keptOf, tasksOf } from '../../../core/run/index.ts';
import { crustedSlab, FREEZER_C, heaterOf, hotAgainTime_s, slabOf_mm } from '../../../core/keep/index.ts';
import type { Kit, ReheaterId } from '../../../core/kit/index.ts';
import { USUAL_REHEATS } from '../../../core/kit/index.ts';
import type { PlannedRun } from '../../session/index.ts';
import { dishName } from '../../session/index.ts';
import { BESIDE_WORDS, grams, TOPPING_WORDS } from '../../ui/index.ts';
import { describeStored } from '../../../words/index.ts';

/** What the hands do in a morning, in order. */
export const tasksOfRun = (planned: PlannedRun, plan: RunPlan, kit: Kit): readonly Task[] => {
  const { irons, dishes, run } = planned;
  const names = new Map(irons.map(({ id, name }) => [id, name]));
  return tasksOf(
    plan,
    dishes.map(({ dish, prep }) => ({ dishId: dish.id, prep, besides: dish.besides, kept: keptOf(dish) })),
    run.serveAt,
    (id) => names.get(id) ?? id,
    (id) => dishName(planned, id),
    againOf(irons[0], kit),
  );
};

/** A piece of this iron from the freezer, by what the kitchen makes it hot with, to the whole minute: as Keep says it. */
const againOf = (iron: PlannedRun['irons'][number] | undefined, { reheats = USUAL_REHEATS }: Kit): HotAgainTask | undefined => {
  const time_s = iron === undefined ? null : hotAgainTime_s(crustedSlab(slabOf_mm(iron.geometry)), FREEZER_C, heaterOf(reheats));
  return time_s === null ? undefined : { by: reheats.by, time_s: 60 * Math.ceil(time_s / 60) };
};

const AGAIN_WORDS: Readonly<Record<ReheaterId, string>> = {
  toaster: 'in the toaster',
  oven: 'in a hot oven',
  'air-oven': 'in the air oven',
  iron: 'in the iron',
  pan: 'in a pan',
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
    pour: `${wipe === true ? 'Wipe and pour' : 'Pour'} ${at}${with_}${of}${trial === true ? ', a trial load' : ''}`,
    'take-out': `Open ${at}, onto the rack`,
    fold: `Fold ${load === 2 ? 'the second part' : `part ${load ?? ''}`}${of}`,
    reheat: `Heat ${String(pieces)} from the freezer again, ${Math.round((duration_s ?? 0) / 60)} ${Number(duration_s) > 60 ? 'minutes' : 'minute'} ${AGAIN_WORDS[(code ?? 'oven') as ReheaterId]}${of}`,
    serve: 'Serve',
  }[act];
};
