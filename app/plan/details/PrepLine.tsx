import type { RunPlan } from '../../../core/run/index.ts';
import type { PlannedRun } from '../../session/index.ts';
import { timeOfDay } from '../../ui/index.ts';
import { PrepBlock } from './PrepBlock.tsx';
import { place, spanOf, ticks } from './timeWindow.ts';

/** What is done before the pour, from the evening before: each step dragged, or moved by the arrow keys, within what is possible. */
export const PrepLine = ({ planned, plan }: { readonly planned: PlannedRun; readonly plan: RunPlan }) => {
  const { run, dishes } = planned;
  const starts = dishes.flatMap(({ prep }) => prep.map(({ at }) => at));
  if (starts.length === 0) return null;
  const span = spanOf(Math.min(plan.startAt, ...starts), Math.max(plan.lastPlateAt, run.serveAt));
  return (
    <section aria-label="Before the pour">
      <h3 className="text-lg">Before the pour</h3>
      <div className="relative mt-1 h-14 overflow-hidden border-b border-line">
        {ticks(span).map((at) => (
          <div
            key={at}
            className="absolute inset-y-0 border-l border-line pt-8 pl-1 text-sm text-quiet"
            style={{ left: `${place(span, at)}%` }}
          >
            {timeOfDay(at, run.zone)}
          </div>
        ))}
        {dishes.flatMap(({ dish, prep }) =>
          prep.map((step) => <PrepBlock key={`${dish.id}/${step.id}`} step={step} span={span} run={run} all={prep} dishId={dish.id} />),
        )}
      </div>
    </section>
  );
};
