import clsx from 'clsx';
import { Link } from 'react-router';
import { useNow } from '../../clock/index.ts';
import type { PlannedRun } from '../../session/index.ts';
import { useLoadsInIrons, useRescuedTimes, useRunPlan, useSession, withRescued } from '../../session/index.ts';
import { timeOfDay } from '../../ui/index.ts';
import type { NextStep } from './nextStep.ts';
import { nextStep, until } from './nextStep.ts';

/** Whether a load in an iron is still to be shown changes slowly. */
const IN_IRONS_TICK_MS = 30_000;

/** What comes next of everything, as Cook says it. */
const useNextStep = (planned: PlannedRun | null, now: number): NextStep | null => {
  const session = useSession();
  const running = useLoadsInIrons(useNow(IN_IRONS_TICK_MS)) ?? [];
  const rescued = useRescuedTimes();
  return nextStep(planned, withRescued(running, rescued), session?.everyIron ?? [], now);
};

/** The next act, its time and how long until then: one line above every door but Cook. */
export const Strip = () => {
  const now = useNow(1000);
  const session = useSession();
  const planned = useRunPlan(session);
  const next = useNextStep(planned, now);
  if (session === undefined || (planned === null && next === null)) return null;
  const zone = planned?.run.zone ?? session.kit.zone;
  return (
    <header
      aria-label="Next"
      className="no-print flex h-12 shrink-0 items-center gap-x-3 border-b border-line bg-page pr-8 pl-8 text-[17px] max-sm:px-5"
    >
      {next === null ? (
        <span className="text-quiet">{planned !== null && planned.plan === null ? 'Working out your plan …' : 'This plan is over'}</span>
      ) : (
        <>
          <span aria-hidden className="rounded-full bg-act-soft px-2.5 py-1 text-sm font-bold text-act max-sm:hidden">
            Next
          </span>
          <Link to={next.to} className="truncate font-semibold hover:underline" aria-label={`${next.what}: go there`}>
            {next.what}
          </Link>
          <span className="whitespace-nowrap text-quiet">at {timeOfDay(next.at, zone)}</span>
        </>
      )}
      <span className={clsx('ml-auto whitespace-nowrap', next !== null && next.at < now ? 'font-bold text-hazard' : 'text-quiet')}>
        {next === null ? '' : until(next.at - now)}
      </span>
      <Link to="/plan" className="flex min-h-11 items-center whitespace-nowrap text-act underline underline-offset-4 max-md:hidden">
        Open the plan
      </Link>
    </header>
  );
};
