import { MINUTE_MS } from '../../../core/basis/index.ts';
import { CalendarPlus, RotateCcw } from 'lucide-react';
import { useState } from 'react';
import type { Formula, ParsedFormula } from '../../../core/formula/index.ts';
import { actsOf } from '../../../core/formula/index.ts';
import type { PrepStep } from '../../../core/lift/index.ts';
import { movedStep, preparation, stepStanding } from '../../../core/lift/index.ts';
import { withDish } from '../../../core/run/index.ts';
import { describeStored } from '../../../words/index.ts';
import { calendarOf, dayAndTime, download, fileName, timeOfDay } from '../../ui/index.ts';
import type { Session } from '../../session/index.ts';
import { useRunPlan } from '../../session/index.ts';
import { commands, useDo } from '../../store/index.ts';
import { wallNow } from '../../clock/index.ts';

type Props = { readonly session: Session; readonly formula: Formula; readonly reading: ParsedFormula };

const STANDING = { good: '', worse: 'works, but not as well', impossible: 'doesn’t work there' } as const;

/** Everything before the first pour, laid backwards from it; each step is moved within what is possible. */
export const Before = ({ session, formula, reading }: Props) => {
  const carryOut = useDo();
  const planned = useRunPlan(session);
  const [now] = useState(wallNow);
  const { run, kit } = session;
  const zone = run?.zone ?? kit.zone;
  const dish = planned?.dishes.find((one) => one.formula.id === formula.id)?.dish ?? null;
  const firstPour = planned?.plan?.loads.reduce(
    (first, load) => (dish === null || load.dishId === dish.id ? Math.min(first, load.pourAt) : first),
    Infinity,
  );
  const pourAt = firstPour === undefined || !Number.isFinite(firstPour) ? (run?.serveAt ?? now + 12 * 60 * MINUTE_MS) : firstPour;
  const isOfRun = run !== null && dish !== null;
  const usual = preparation(reading.lift, pourAt, actsOf(formula));
  const laid = dish !== null && dish.prep.length > 0 ? dish.prep : usual;
  const [local, setLocal] = useState<readonly PrepStep[] | null>(null);
  const steps = local ?? laid;
  const put = (next: readonly PrepStep[]): void => {
    setLocal(next);
    if (isOfRun) void carryOut(commands.changeRun(run.id, (now) => withDish(now, dish.id, { prep: [...next] })));
  };
  // Minutes and nights on one line: the nearer to the pour, the wider.
  const depth = (at: number): number => Math.log1p(Math.max(0, pourAt - at) / (8 * MINUTE_MS));
  const deepest = Math.max(...steps.map((step) => depth(step.hard[0])));
  const place = (at: number): number => 100 * (1 - depth(at) / deepest);
  const atPlace = (percent: number): number =>
    pourAt - Math.round((Math.expm1((1 - percent / 100) * deepest) * 8 * MINUTE_MS) / MINUTE_MS) * MINUTE_MS;
  return (
    <section aria-label="Before the pour">
      <div className="flex flex-wrap items-center gap-4">
        <p className="text-lg">
          First pour {dayAndTime(pourAt, zone)}
          {isOfRun ? ', as planned' : ''}.
        </p>
        <button
          type="button"
          className="button-plain"
          onClick={() => {
            setLocal(null);
            if (isOfRun) void carryOut(commands.changeRun(run.id, (now) => withDish(now, dish.id, { prep: [] })));
          }}
        >
          <RotateCcw aria-hidden className="size-5" /> As usual
        </button>
        <button
          type="button"
          className="button-act"
          onClick={() =>
            void calendarOf(
              formula.name,
              steps.map((step) => ({ ...step, words: describeStored(step.code) })),
              zone,
            ).then((text) => download(fileName(formula.name, 'ics'), 'text/calendar', text))
          }
        >
          <CalendarPlus aria-hidden className="size-5" /> Into the calendar
        </button>
      </div>
      <ol aria-label="Steps before the pour" className="mt-4 flex flex-col gap-3">
        {steps.map((step) => {
          const standing = stepStanding(step);
          return (
            <li
              key={step.id}
              data-prep={step.code}
              className="grid grid-cols-[210px_minmax(0,1fr)_170px] items-center gap-4 max-lg:grid-cols-1"
            >
              <span className="text-[17px] font-semibold">{describeStored(step.code)}</span>
              <span className="relative block h-11">
                <span aria-hidden className="absolute inset-x-0 top-4 h-3 rounded bg-track" />
                <span
                  aria-hidden
                  className="absolute top-4 h-3 bg-band"
                  style={{ left: `${place(step.soft[0])}%`, width: `${place(step.soft[1]) - place(step.soft[0])}%` }}
                />
                <span aria-hidden className="absolute top-2.5 h-6 w-0.5 bg-ink" style={{ left: `${place(step.hard[0])}%` }} />
                <span
                  aria-hidden
                  className="absolute top-2.5 h-6 w-0.5 bg-ink"
                  style={{ left: `${Math.min(99.8, place(step.hard[1]))}%` }}
                />
                <input
                  type="range"
                  aria-label={`${describeStored(step.code)} at`}
                  aria-valuetext={dayAndTime(step.at, zone)}
                  className="scrub absolute inset-x-0 top-2"
                  min={0}
                  max={100}
                  step={0.1}
                  value={place(step.at)}
                  onChange={(event) =>
                    put(steps.map((other) => (other.id === step.id ? movedStep(step, atPlace(Number(event.target.value))) : other)))
                  }
                />
              </span>
              <span>
                <b className="figure text-2xl">{timeOfDay(step.at, zone)}</b>{' '}
                <span className="text-[15px] text-quiet">
                  {Math.round(step.duration_s / 60)} min{STANDING[standing] === '' ? '' : `; ${STANDING[standing]}`}
                </span>
              </span>
            </li>
          );
        })}
      </ol>
      <p className="mt-4 text-[15px] text-quiet">
        Band: from when to when it may begin without harm; posts: beyond them it doesn’t work (common practice). Drag a step, or use the
        arrow keys. {isOfRun ? 'It stands on the time strip, too.' : 'Saved with your plan if it uses this recipe.'}
      </p>
    </section>
  );
};
