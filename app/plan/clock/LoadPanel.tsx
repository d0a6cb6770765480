import { MINUTE_MS } from '../../../core/basis/index.ts';
import type { RunPlan } from '../../../core/run/index.ts';
import { timeOfDay, timeWithSeconds } from '../../ui/index.ts';
import type { PlannedRun } from '../../session/index.ts';
import type { ChangeRun } from '../change.ts';
import type { ChosenLoad } from './pinned.ts';
import { pinnedAt, pourOf, unpinned } from './pinned.ts';

const LATE_MIN = 20;

type Props = {
  readonly planned: PlannedRun;
  readonly plan: RunPlan;
  readonly chosen: ChosenLoad | null;
  readonly onChange: ChangeRun;
};

/** What can be done with the load that was touched, and with the whole morning; the same by buttons as by hand. */
export const LoadPanel = ({ planned, plan, chosen, onChange }: Props) => {
  const { run, irons } = planned;
  const load = plan.loads.find(({ ironId, n }) => ironId === chosen?.ironId && n === chosen.n);
  const pins = run.pins ?? [];
  const name = irons.find(({ id }) => id === load?.ironId)?.name ?? '';
  const without = (ids: readonly string[]): string[] => ids.filter((id) => id !== load?.ironId);
  return (
    <div className="no-print flex min-h-11 flex-wrap items-center gap-x-3 gap-y-1 text-[15px]" role="group" aria-label="Loads">
      {load === undefined ? (
        <span className="text-quiet">A load can be dragged to where you want it; the others make room.</span>
      ) : (
        <>
          <span>
            <b>
              Load {load.n} on {name}
            </b>
            , poured at {timeWithSeconds(load.pourAt, run.zone)}, out at {timeWithSeconds(load.openAt, run.zone)}
            {load.isPinned === true && ', kept there'}
          </span>
          {[-1, 1].map((by) => (
            <button
              key={by}
              type="button"
              className="button-plain"
              onClick={() => onChange((now) => ({ pins: pinnedAt(now, load, pourOf(now, load) + by * MINUTE_MS) }))}
            >
              A minute {by < 0 ? 'earlier' : 'later'}
            </button>
          ))}
          {load.isPinned === true ? (
            <button type="button" className="button-plain" onClick={() => onChange((now) => ({ pins: unpinned(now, load) }))}>
              Let it go
            </button>
          ) : (
            <button type="button" className="button-plain" onClick={() => onChange((now) => ({ pins: pinnedAt(now, load, load.pourAt) }))}>
              Keep it there
            </button>
          )}
          <button
            type="button"
            className="button-plain"
            onClick={() => onChange((now) => ({ dishes: now.dishes.map((dish) => ({ ...dish, ironIds: without(dish.ironIds) })) }))}
          >
            Without {name}
          </button>
        </>
      )}
      {pins.length > 0 && (
        <button type="button" className="button-plain" onClick={() => onChange({ pins: [] })}>
          Let all {pins.length} go
        </button>
      )}
      <button
        type="button"
        className="button-plain"
        onClick={() => onChange((now) => ({ serveAt: now.serveAt + LATE_MIN * MINUTE_MS }))}
        title={`Served at ${timeOfDay(run.serveAt + LATE_MIN * MINUTE_MS, run.zone)}`}
      >
        {LATE_MIN} minutes late
      </button>
    </div>
  );
};
