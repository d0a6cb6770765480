import type { Beside, Run } from '../../core/run/index.ts';
import { besideAt } from '../../core/run/index.ts';
import { useNow } from '../clock/index.ts';
import { BESIDE_WORDS, timeOfDay } from '../look/index.ts';
import { commands, useDo } from '../store/index.ts';

const TICK_MS = 5000;
/** So long before it is due it is called for, ms. */
const AHEAD_MS = 120_000;

/** What goes with it and is due: called for until somebody has done it. */
export const BesidesDue = ({ run }: { readonly run: Run }) => {
  const carryOut = useDo();
  const now = useNow(TICK_MS);
  const due = (run.besides ?? []).filter(
    (beside) => beside.done !== true && besideAt(beside, run.serveAt) - AHEAD_MS <= now && now < run.serveAt + AHEAD_MS,
  );
  const done = (kind: Beside['kind']): void =>
    void carryOut(
      commands.changeRun(run.id, (before) => ({
        ...before,
        besides: (before.besides ?? []).map((one) => (one.kind === kind ? { ...one, done: true } : one)),
      })),
    );
  return (
    due.length > 0 && (
      <ul aria-label="Goes with it" className="flex flex-wrap gap-2">
        {due.map((beside) => (
          <li key={beside.kind} className="flex items-center gap-3 rounded-lg bg-act pl-3 text-lg font-semibold">
            {BESIDE_WORDS[beside.kind]}, {timeOfDay(besideAt(beside, run.serveAt), run.zone)}
            <button type="button" className="min-h-16 rounded-r-lg bg-white px-4 font-bold text-ink" onClick={() => done(beside.kind)}>
              Done
            </button>
          </li>
        ))}
      </ul>
    )
  );
};
