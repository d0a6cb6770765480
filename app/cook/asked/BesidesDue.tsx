import type { Beside } from '../../../core/run/index.ts';
import { besideAt, withDish } from '../../../core/run/index.ts';
import { useNow } from '../../clock/index.ts';
import { BESIDE_WORDS, timeOfDay } from '../../ui/index.ts';
import type { PlannedRun } from '../../session/index.ts';
import { dishName } from '../../session/index.ts';
import { commands, useDo } from '../../store/index.ts';

const TICK_MS = 5000;
/** So long before it is due it is called for, ms. */
const AHEAD_MS = 120_000;

/** What goes with it and is due: called for until somebody has done it. */
export const BesidesDue = ({ planned }: { readonly planned: PlannedRun }) => {
  const { run } = planned;
  const carryOut = useDo();
  const now = useNow(TICK_MS);
  const isDue = (beside: Beside): boolean =>
    beside.done !== true && besideAt(beside, run.serveAt) - AHEAD_MS <= now && now < run.serveAt + AHEAD_MS;
  const due = run.dishes.flatMap(({ id, besides = [] }) => besides.filter(isDue).map((beside) => ({ dishId: id, beside })));
  const done = (dishId: string, kind: Beside['kind']): void =>
    void carryOut(
      commands.changeRun(run.id, (before) =>
        withDish(before, dishId, ({ besides = [] }) => ({
          besides: besides.map((one) => (one.kind === kind ? { ...one, done: true } : one)),
        })),
      ),
    );
  const of = (dishId: string): string => {
    const name = dishName(planned, dishId);
    return name === null ? '' : ` (${name})`;
  };
  return (
    due.length > 0 && (
      <ul aria-label="Goes with it" className="flex flex-wrap gap-2 bg-page px-4 py-1">
        {due.map(({ dishId, beside }) => (
          <li
            key={`${dishId}/${beside.kind}`}
            className="flex items-center gap-3 rounded-lg bg-act-soft pl-4 text-lg font-semibold text-ink"
          >
            {BESIDE_WORDS[beside.kind]}
            {of(dishId)}, {timeOfDay(besideAt(beside, run.serveAt), run.zone)}
            <button
              type="button"
              className="min-h-14 rounded-r-lg bg-act px-5 font-bold text-page"
              onClick={() => done(dishId, beside.kind)}
            >
              Done
            </button>
          </li>
        ))}
      </ul>
    )
  );
};
