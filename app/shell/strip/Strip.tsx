import clsx from 'clsx';
import { Maximize2, ZoomIn, ZoomOut } from 'lucide-react';
import { useState } from 'react';
import { Link } from 'react-router';
import { platesOf } from '../../../core/run/index.ts';
import { timeOfDay, useDrag } from '../../ui/index.ts';
import { useConductedNow, useLoadsInIrons, useRescuedTimes, useRunPlan, useSession, withRescued } from '../../session/index.ts';
import type { PlannedRun } from '../../session/index.ts';
import { conductedStep, nextStep, until } from './nextStep.ts';
import { PrepBlock } from './PrepBlock.tsx';
import { useNow } from '../../clock/index.ts';
import type { Span } from './window.ts';
import { moved, place, spanOf, ticks, zoomed } from './window.ts';

/** The morning on one line, in reach of every station: what was planned, where we are, what comes next. */
export const Strip = ({ isBench }: { readonly isBench: boolean }) => {
  const session = useSession();
  const planned = useRunPlan(session);
  return (
    <header className={clsx('no-print flex min-h-[84px] shrink-0 items-stretch border-b border-line bg-sheet', isBench && 'bench-round')}>
      <Link
        to="/run"
        className="flex w-[84px] shrink-0 flex-col items-center justify-center gap-1 border-r border-line text-center font-display text-[13px] leading-none font-bold max-sm:w-14"
        aria-label="Tawny Lattice, to the run"
      >
        <img src="/icon.svg" alt="" className="size-8" />
        <span className="max-sm:hidden">
          Tawny
          <br />
          Lattice
        </span>
      </Link>
      {planned === null ? (
        <>
          <p className="flex-1 self-center px-4 text-quiet">No run planned. Say how many, what and when, and the morning appears here.</p>
          <Next planned={null} />
        </>
      ) : (
        <PlannedStrip planned={planned} />
      )}
    </header>
  );
};

/** Preparation this long before the first heat is on the strip as it opens. */
const IN_SIGHT_MS = 45 * 60_000;

/** Only this ticks: the plan itself isn't asked for every second. */
const PlannedStrip = ({ planned }: { readonly planned: PlannedRun }) => {
  const now = useNow(1000);
  const { plan, run } = planned;
  const [chosen, setChosen] = useState<Span | null>(null);
  if (plan === null)
    return (
      <>
        <p className="flex-1 self-center px-4 text-quiet">Working out your plan …</p>
        <Next planned={planned} />
      </>
    );
  // The evening before is a zoom away; what is done this morning is in sight.
  const early = planned.dishes
    .flatMap(({ prep }) => prep)
    .reduce((first, step) => (step.at > plan.startAt - IN_SIGHT_MS ? Math.min(first, step.at) : first), plan.startAt);
  const span = chosen ?? spanOf(early, Math.max(plan.lastPlateAt, run.serveAt));
  return (
    <>
      <Timeline planned={planned} plan={plan} span={span} now={now} onSpan={setChosen} />
      <div className="flex w-12 shrink-0 flex-col justify-center max-sm:hidden">
        <StripButton label="Zoom the strip in" onClick={() => setChosen(zoomed(span, 0.6, (span.from + span.to) / 2))} icon={ZoomIn} />
        <StripButton
          label="Zoom the strip out"
          onClick={() => setChosen(zoomed(span, 1 / 0.6, (span.from + span.to) / 2))}
          icon={ZoomOut}
        />
        <StripButton label="Show the whole run" onClick={() => setChosen(null)} icon={Maximize2} />
      </div>
      <Next planned={planned} />
    </>
  );
};

/** Whether a load in an iron is still to be shown changes slowly. */
const IN_IRONS_TICK_MS = 30_000;

/** What comes next, and when. On the line it is what the line says. */
const Next = ({ planned }: { readonly planned: PlannedRun | null }) => {
  const now = useNow(1000);
  const session = useSession();
  const running = useLoadsInIrons(useNow(IN_IRONS_TICK_MS)) ?? [];
  const rescued = useRescuedTimes();
  const conducted = useConductedNow();
  const zone = planned?.run.zone ?? session?.kit.zone ?? 'UTC';
  const next =
    conducted === null ? nextStep(planned, withRescued(running, rescued), session?.everyIron ?? [], now) : conductedStep(conducted);
  if (planned === null && next === null) return null;
  return (
    <div className="flex w-52 shrink-0 flex-col justify-center px-4 text-right max-sm:w-32 max-sm:px-2" aria-live="off">
      <span className="text-sm text-quiet">
        {next === null ? (planned?.plan == null ? '' : 'the run is over') : `next, ${timeOfDay(next.at, zone)}`}
      </span>
      {next !== null && (
        <>
          <Link
            to={next.to}
            className="font-display text-[17px] leading-tight font-bold hover:underline"
            aria-label={`${next.what}: go there`}
          >
            {next.what}
          </Link>
          <span className="font-display text-[17px] font-bold text-act">{until(next.at - now)}</span>
        </>
      )}
    </div>
  );
};

const StripButton = ({
  label,
  onClick,
  icon: Icon,
}: {
  readonly label: string;
  readonly onClick: () => void;
  readonly icon: typeof ZoomIn;
}) => (
  <button
    type="button"
    aria-label={label}
    title={label}
    onClick={onClick}
    className="grid h-[27px] place-items-center rounded text-quiet hover:bg-act-soft hover:text-act"
  >
    <Icon aria-hidden className="size-4" />
  </button>
);

const Timeline = ({
  planned,
  plan,
  span,
  now,
  onSpan,
}: {
  readonly planned: PlannedRun;
  readonly plan: NonNullable<PlannedRun['plan']>;
  readonly span: Span;
  readonly now: number;
  readonly onSpan: (span: Span) => void;
}) => {
  const { run, irons } = planned;
  const drag = useDrag<{ readonly x: number; readonly span: Span }, HTMLDivElement>({
    start: (event) => ({ x: event.clientX, span }),
    move: (event, from) => {
      const width = event.currentTarget.clientWidth;
      onSpan(moved(from.span, ((from.x - event.clientX) / width) * (from.span.to - from.span.from)));
    },
  });
  const lane = (ironId: string): number => irons.findIndex((iron) => iron.id === ironId);
  const height = Math.min(15, 42 / Math.max(1, irons.length));
  const away = now < span.from ? until(span.from - now) : now > span.to ? 'past' : null;
  return (
    <div
      role="group"
      aria-label="Time strip"
      className={clsx(
        'relative min-w-0 flex-1 touch-pan-y overflow-hidden select-none',
        drag.isDragging ? 'cursor-grabbing' : 'cursor-grab',
      )}
      {...drag.handlers}
    >
      {ticks(span).map((at, i) => (
        <div
          key={at}
          // On a phone every second one would run into the next.
          className={clsx('absolute inset-y-0 border-l border-line pt-0.5 pl-1 text-[13px] text-quiet', i % 2 === 1 && 'max-sm:hidden')}
          style={{ left: `${place(span, at)}%` }}
        >
          {timeOfDay(at, run.zone)}
        </div>
      ))}
      {planned.dishes.flatMap(({ dish, prep }) =>
        prep.map((step) => <PrepBlock key={`${dish.id}/${step.id}`} step={step} span={span} run={run} all={prep} dishId={dish.id} />),
      )}
      {plan.preheats.map(({ ironId, from, to }) => (
        <div
          key={ironId}
          title={`Preheat ${irons[lane(ironId)]?.name ?? ''}`}
          className="absolute rounded-sm bg-band/60"
          style={{
            left: `${place(span, from)}%`,
            width: `${place(span, to) - place(span, from)}%`,
            top: 26 + lane(ironId) * (height + 2),
            height,
          }}
        />
      ))}
      {plan.loads.map(({ ironId, n, pourAt, openAt }) => (
        <div
          key={`${ironId}/${n}`}
          title={`${irons[lane(ironId)]?.name ?? ''}, load ${n}`}
          className={clsx('absolute rounded-sm border', openAt < now ? 'border-ink/30 bg-line' : 'border-ink/70 bg-white')}
          style={{
            left: `${place(span, pourAt)}%`,
            width: `${place(span, openAt) - place(span, pourAt)}%`,
            top: 26 + lane(ironId) * (height + 2),
            height,
          }}
        />
      ))}
      <div className="absolute top-0 bottom-0 border-l-2 border-dotted border-ink" style={{ left: `${place(span, run.serveAt)}%` }}>
        <span
          className={clsx(
            'absolute bottom-0 rounded bg-sheet/90 px-1 text-[13px] font-bold whitespace-nowrap max-sm:hidden',
            place(span, run.serveAt) > 75 ? 'right-1' : 'left-1',
          )}
        >
          {platesOf(run) === 0 ? 'done' : 'serve'} {timeOfDay(run.serveAt, run.zone)}
          {platesOf(run) > 0 && ` · ${platesOf(run)}`}
        </span>
      </div>
      {away === null ? (
        <div className="absolute inset-y-0 w-0.5 bg-act" style={{ left: `${place(span, now)}%` }}>
          <span className="absolute top-0 left-1/2 -translate-x-1/2 rounded bg-act px-1.5 py-0.5 text-[13px] font-bold text-white">
            now
          </span>
        </div>
      ) : (
        <span
          className={clsx(
            'absolute bottom-0.5 rounded bg-act px-1.5 py-0.5 text-[13px] font-bold text-white',
            now < span.from ? 'left-1' : 'right-1',
          )}
        >
          {now < span.from ? `now ← starts ${away}` : 'now →'}
        </span>
      )}
    </div>
  );
};
