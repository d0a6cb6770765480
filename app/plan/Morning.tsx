import { CalendarDays, Flame, Share2, ShieldCheck, SlidersHorizontal, TriangleAlert } from 'lucide-react';
import type { LucideIcon } from 'lucide-react';
import type { ReactNode } from 'react';
import { lazy, Suspense, useMemo, useState } from 'react';
import { useNavigate, useSearchParams } from 'react-router';
import type { Pin, Run, RunPlan } from '../../core/run/index.ts';
import { isPutAway, servedBy } from '../../core/run/index.ts';
import type { PlannedRun, Session } from '../session/index.ts';
import { ActButton, Findings, LinkButton } from '../ui/index.ts';
import { usePlan } from '../workers/index.ts';
import { Alerts } from './Alerts.tsx';
import type { ChangeRun } from './change.ts';
import { Pane } from './Pane.tsx';
import { noticed } from './safe/noticed.ts';
import type { ChosenLoad } from './clock/pinned.ts';
import { pinnedAt, pourOf } from './clock/pinned.ts';
import { Sentence } from './sentence/Sentence.tsx';
import { Batter, Times } from './Times.tsx';

const MorningClock = lazy(async () => ({ default: (await import('./clock/MorningClock.tsx')).MorningClock }));
const LoadPanel = lazy(async () => ({ default: (await import('./clock/LoadPanel.tsx')).LoadPanel }));
const Details = lazy(async () => ({ default: (await import('./details/Details.tsx')).Details }));
const OnPaper = lazy(async () => ({ default: (await import('./paper/OnPaper.tsx')).OnPaper }));
const MoreChoices = lazy(async () => ({ default: (await import('./more/MoreChoices.tsx')).MoreChoices }));
const HowSafe = lazy(async () => ({ default: (await import('./safe/HowSafe.tsx')).HowSafe }));
const Share = lazy(async () => ({ default: (await import('./share/Share.tsx')).Share }));

const PANES = { more: 'More choices', safe: 'How safe is this plan?', share: 'Share and export', plans: 'Plans' } as const;
type PaneName = keyof typeof PANES;

type Props = {
  readonly session: Session;
  readonly run: Run;
  readonly planned: PlannedRun | null;
  readonly onChange: ChangeRun;
  readonly plans: ReactNode;
};

/** While a load is dragged: what the plan would come to. */
const useTried = (run: Run, planned: PlannedRun | null) => {
  const [tried, setTried] = useState<readonly Pin[] | null>(null);
  const request = planned?.request ?? null;
  const asTried = useMemo(() => (tried === null || request === null ? null : { ...request, pins: tried }), [tried, request]);
  const found = usePlan(run.id, asTried).data;
  return { plan: asTried !== null && found?.ok === true ? found.value.plan : (planned?.plan ?? null), onTry: setTried };
};

/** What is open over the clock stands in the address: a reload keeps it. */
const usePane = (): readonly [PaneName | null, (pane: PaneName | null) => void] => {
  const [search, setSearch] = useSearchParams();
  const asked = search.get('show');
  const pane = asked !== null && asked in PANES ? (asked as PaneName) : null;
  return [pane, (next) => setSearch(next === null ? {} : { show: next }, { replace: true })];
};

/** One morning: its sentence, its times, its clock, and one thing to do. */
export const Morning = ({ session, run, planned, onChange, plans }: Props) => {
  const { plan, onTry } = useTried(run, planned);
  const [chosen, setChosen] = useState<ChosenLoad | null>(null);
  const [pane, setPane] = usePane();
  return (
    <div className="flex min-h-full flex-col px-8 pt-5 pb-4 max-sm:px-5 print:block print:p-0">
      <h1 className="sr-only">{run.name}</h1>
      <div className="no-print grid flex-1 grid-cols-[minmax(0,35rem)_minmax(0,1fr)] gap-x-8 gap-y-6 max-lg:grid-cols-1">
        <div className="flex flex-col gap-7 max-sm:gap-5">
          <Sentence key={run.id} session={session} run={run} onChange={onChange} />
          {planned !== null && <Alerts session={session} planned={planned} onChange={onChange} />}
          <Answer session={session} planned={planned} plan={plan} />
          <Foot canStart={plan !== null && plan.loads.length > 0} pane={pane} onPane={setPane} />
        </div>
        <div className="min-w-0">
          {pane !== null && (
            <Pane key={pane} title={PANES[pane]} onClose={() => setPane(null)}>
              <Suspense>
                {pane === 'more' && <MoreChoices session={session} run={run} plan={plan} onChange={onChange} />}
                {pane === 'safe' && planned !== null && plan !== null && (
                  <HowSafe session={session} planned={planned} plan={plan} onChange={onChange} />
                )}
                {pane === 'share' && planned !== null && plan !== null && <Share session={session} planned={planned} plan={plan} />}
              </Suspense>
              {pane === 'plans' && plans}
            </Pane>
          )}
          {pane === null && planned !== null && plan !== null && plan.loads.length > 0 && (
            <div className="flex flex-col gap-3">
              <Suspense fallback={<div className="aspect-[640/620]" />}>
                <MorningClock
                  planned={planned}
                  plan={plan}
                  chosen={chosen}
                  onChoose={setChosen}
                  onTry={onTry}
                  onMove={(load, at) => onChange((now) => ({ pins: pinnedAt(now, load, at(pourOf(now, load))) }))}
                />
              </Suspense>
              <Suspense>{chosen !== null && <LoadPanel planned={planned} plan={plan} chosen={chosen} onChange={onChange} />}</Suspense>
              <p className="flex flex-wrap items-center justify-center gap-x-6 border-t border-line pt-2 text-[17px]">
                <LongestWait planned={planned} plan={plan} />
                <LinkButton icon={<ShieldCheck aria-hidden className="size-5" />} onClick={() => setPane('safe')}>
                  How safe is this plan?
                  <Warnings count={noticed(session, planned, plan).filter(({ level }) => level === 'warning').length} />
                </LinkButton>
              </p>
            </div>
          )}
        </div>
      </div>
      {planned !== null && plan !== null && plan.loads.length > 0 && (
        <Suspense>
          <Details session={session} planned={planned} plan={plan} chosen={chosen} onChoose={setChosen} onTry={onTry} onChange={onChange} />
          <OnPaper session={session} planned={planned} plan={plan} />
        </Suspense>
      )}
    </div>
  );
};

type AnswerProps = { readonly session: Session; readonly planned: PlannedRun | null; readonly plan: RunPlan | null };

/** The three times and the batter, or why there are none. */
const Answer = ({ session, planned, plan }: AnswerProps) => {
  if (planned === null || planned.irons.length === 0)
    return (
      <p role="status" className="text-xl text-quiet">
        {planned === null ? 'The recipe of this plan was removed. Choose another one above.' : 'Choose an iron above to see the plan.'}
      </p>
    );
  if (plan === null) return <p className="min-h-56 text-xl text-quiet">Working out your plan …</p>;
  return (
    <>
      <Times planned={planned} plan={plan} />
      <Batter planned={planned} />
      <Findings findings={noticed(session, planned, plan).filter(({ level }) => level === 'hazard')} />
    </>
  );
};

const Warnings = ({ count }: { readonly count: number }) =>
  count > 0 && (
    <span className="inline-flex items-center gap-1 text-ink no-underline">
      <TriangleAlert aria-hidden className="size-5" />
      <span className="sr-only">{count === 1 ? '1 warning' : `${count} warnings`}</span>
    </span>
  );

const LongestWait = ({ planned: { request }, plan }: { readonly planned: PlannedRun; readonly plan: RunPlan }) => {
  if (request === null || request.dishes.every(isPutAway)) return null;
  return (
    <span>
      Longest wait off the iron:{' '}
      <b className="whitespace-nowrap">{Math.round(Math.max(0, ...servedBy(plan, request).oldest_s.values()) / 60)} min</b>
    </span>
  );
};

type FootProps = { readonly canStart: boolean; readonly pane: PaneName | null; readonly onPane: (pane: PaneName | null) => void };

const LINKS: readonly (readonly [PaneName, string, LucideIcon])[] = [
  ['more', 'More choices', SlidersHorizontal],
  ['share', 'Share', Share2],
  ['plans', 'Plans', CalendarDays],
];

const Foot = ({ canStart, pane, onPane }: FootProps) => {
  const navigate = useNavigate();
  return (
    <div className="no-print mt-auto flex flex-wrap items-center gap-x-3 gap-y-1">
      <ActButton
        className="px-5 text-[21px] max-sm:w-full"
        icon={<Flame aria-hidden className="size-6" />}
        disabled={!canStart}
        onClick={() => void navigate('/cook')}
      >
        Start cooking
      </ActButton>
      {LINKS.map(([name, words, Icon]) => (
        <LinkButton
          key={name}
          className="text-[17px]"
          icon={<Icon aria-hidden className="size-5" />}
          aria-expanded={pane === name}
          onClick={() => onPane(pane === name ? null : name)}
        >
          {words}
        </LinkButton>
      ))}
    </div>
  );
};
