import type { BelievedIron } from '../../core/rehearsal/index.ts';
import type { PlannedRun } from '../session/index.ts';
import type { Kitchen, Workspace } from '../store/index.ts';
import { copyForRehearsal } from '../store/rehearsed.ts';
import type { Rehearsal } from './kept.ts';
import { keepRehearsal } from './change.ts';

/** So long before the first thing is to be done it begins, ms. */
const BEFORE_MS = 60_000;

/** The irons as they are believed when it begins: what is simulated is measured by that. */
const believedIn = ({ dishes }: Pick<PlannedRun, 'dishes'>): readonly BelievedIron[] =>
  dishes.flatMap(({ dish, advices }) =>
    [...advices].map(([ironId, { prediction, planned }]) => ({
      ironId,
      dishId: dish.id,
      best_s: prediction.cookTime_s.best,
      preheat_s: planned.preheat_s,
      portion_g: prediction.portion_g,
      setting_C: prediction.setting.temperature_C,
      tawny: prediction.tawnyStep,
    })),
  );

/** Copies the kitchen, sets the clock to the beginning of the plan, and goes to the line. False: there is no room for a copy, or nothing is planned. */
export const beginRehearsal = async (
  kitchen: Kitchen,
  planned: PlannedRun,
  workspace: Workspace,
  choice: Pick<Rehearsal, 'seed' | 'hands' | 'pace' | 'hasSurprises' | 'levelId'>,
): Promise<boolean> => {
  const { plan, run } = planned;
  if (plan === null || plan.loads.length === 0) return false;
  if (!(await copyForRehearsal(kitchen, run, workspace))) return false;
  const { startAt, firstPourAt, lastPlateAt } = plan;
  keepRehearsal(
    {
      ...choice,
      believed: believedIn(planned),
      planned: { startAt, firstPourAt, lastPlateAt },
      from: window.location.pathname,
    },
    startAt - BEFORE_MS,
  );
  window.location.assign('/cook');
  return true;
};
