import type { LineIron, LinePlan } from '../../core/line/index.ts';
import { lineIron } from '../../core/line/index.ts';
import type { PlannedRun } from '../session/index.ts';
import type { LinePlace } from './useLine.ts';

/** The irons at the line as the conductor sees them. */
export const lineIrons = (places: readonly LinePlace[], planned: PlannedRun | null, now: number): readonly LineIron[] => {
  const plan: LinePlan | null = planned?.plan == null ? null : { ...planned.plan, isAsTheyCome: planned.run.mode === 'as-they-come' };
  return places.map(({ iron, progress, prediction, advice, turn_s, n, load }) =>
    lineIron(
      {
        ironId: iron.id,
        isTurned: iron.turned,
        progress,
        best_s: prediction?.cookTime_s.best ?? null,
        planned: advice?.planned ?? null,
        turn_s,
        n,
        isOfPlan: load !== null && load.runId === planned?.run.id,
      },
      plan,
      now,
    ),
  );
};
