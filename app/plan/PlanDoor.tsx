import { Printer } from 'lucide-react';
import type { ReactNode } from 'react';
import { lazy, Suspense, useMemo, useState } from 'react';
import { Link } from 'react-router';
import { circuitFindings } from '../../core/kit/index.ts';
import type { Finding } from '../../core/basis/index.ts';
import type { Pin, Run } from '../../core/run/index.ts';
import { freeName, nextMorning, toldOfRun } from '../../core/run/index.ts';
import { describeSentence } from '../../words/index.ts';
import { Findings, Removed, useGuard } from '../ui/index.ts';
import type { PlannedRun, Session } from '../session/index.ts';
import { freshRun, useRunPlan, useSession } from '../session/index.ts';
import { wallNow } from '../clock/index.ts';
import { commands, newId, useDo } from '../store/index.ts';
import { usePlan } from '../workers/index.ts';
import { RunQuestions } from './RunQuestions.tsx';
import { Answers } from './Answers.tsx';
import type { ChangeRun } from './change.ts';
import { dishWords } from './dishWords.ts';
import type { ChosenLoad } from './pinned.ts';
import { pinnedAt, pourOf } from './pinned.ts';
import { Runs } from './Runs.tsx';

const PlanPicture = lazy(async () => ({ default: (await import('./PlanPicture.tsx')).PlanPicture }));
const LoadPanel = lazy(async () => ({ default: (await import('./LoadPanel.tsx')).LoadPanel }));
const Pantry = lazy(async () => ({ default: (await import('./Pantry.tsx')).Pantry }));
const IronSheet = lazy(async () => ({ default: (await import('./IronSheet.tsx')).IronSheet }));
const OrderCard = lazy(async () => ({ default: (await import('./Orders.tsx')).OrderCard }));
const HandCard = lazy(async () => ({ default: (await import('./HandCard.tsx')).HandCard }));
const Reporting = lazy(async () => ({ default: (await import('./Reporting.tsx')).Reporting }));
const WeekSheet = lazy(async () => ({ default: (await import('./WeekSheet.tsx')).WeekSheet }));
const TakeAlong = lazy(async () => ({ default: (await import('./TakeAlong.tsx')).TakeAlong }));
const Rehearse = lazy(async () => ({ default: (await import('../rehearsal/Rehearse.tsx')).Rehearse }));
const InWords = lazy(async () => ({ default: (await import('./InWords.tsx')).InWords }));

export const PlanDoor = () => {
  const session = useSession();
  const planned = useRunPlan(session);
  const carryOut = useDo();
  const guard = useGuard();
  const [isWeek, setWeek] = useState(false);
  const [removed, setRemoved] = useState<Run | null>(null);
  if (session === undefined) return null;
  const { run, runs, formula, iron, workspace, setWorkspace } = session;
  const add = (made: Run): void => void carryOut(commands.addRun(made, workspace));
  const addFresh = guard(() => add(freshRun(session, wallNow())));
  const back = removed !== null && !runs.some(({ id }) => id === removed.id) && (
    <Removed
      name={removed.name}
      note="its loads stay in the book"
      onBack={() => {
        add(removed);
        setRemoved(null);
      }}
    />
  );
  if (run === null)
    return (
      <section className="max-w-xl p-8">
        {back}
        <h1 className="text-3xl">How many are coming?</h1>
        <p className="mt-3 text-lg">
          Four answers make a morning: how many, what, which irons and when. Out come loads, starts and the moment to switch on, here and on
          the strip above every station.
        </p>
        {formula === null || iron === null ? (
          <Link to="/begin" className="button-act mt-5">
            First {iron === null ? 'an iron' : ''}
            {iron === null && formula === null ? ' and ' : ''}
            {formula === null ? 'a batter' : ''}
          </Link>
        ) : (
          <button type="button" className="button-act mt-5" onClick={addFresh}>
            Plan a run
          </button>
        )}
      </section>
    );
  const change: ChangeRun = (changes) =>
    void carryOut(commands.changeRun(run.id, (now) => ({ ...now, ...(typeof changes === 'function' ? changes(now) : changes) })));
  return (
    <Morning
      session={session}
      run={run}
      planned={planned}
      onChange={change}
      heading={
        <>
          <Runs
            runs={runs}
            run={run}
            onChoose={(runId) => setWorkspace({ runId })}
            onNew={addFresh}
            onWeek={() => setWeek(true)}
            onCopy={guard(() => add(nextMorning(run, newId(), runs, wallNow())))}
            onRename={(name) => change({ name })}
            onRemove={() => {
              setRemoved(run);
              void carryOut(commands.removeRun(run.id));
            }}
          />
          {back}
          {isWeek && planned?.plan != null && planned.dishes[0] !== undefined && (
            <Suspense>
              <WeekSheet
                session={session}
                planned={planned}
                of={planned.dishes[0]}
                plan={planned.plan}
                onRun={(changes, day) => {
                  setWeek(false);
                  add({ ...nextMorning(run, newId(), runs, wallNow()), ...changes, name: freeName(day, runs) });
                }}
                onClose={() => setWeek(false)}
              />
            </Suspense>
          )}
        </>
      }
    />
  );
};

type MorningProps = {
  readonly session: Session;
  readonly run: Run;
  readonly planned: PlannedRun | null;
  readonly onChange: ChangeRun;
  readonly heading: ReactNode;
};

const Morning = ({ session, run, planned, onChange, heading }: MorningProps) => {
  const kept = planned?.plan ?? null;
  const request = planned?.request ?? null;
  /** While a load is dragged: what it would come to. */
  const [tried, setTried] = useState<readonly Pin[] | null>(null);
  const [chosen, setChosen] = useState<ChosenLoad | null>(null);
  const asTried = useMemo(() => (tried === null || request === null ? null : { ...request, pins: tried }), [tried, request]);
  const found = usePlan(run.id, asTried).data;
  const plan = asTried !== null && found?.ok === true ? found.value.plan : kept;
  // What the plan leaves off draws nothing.
  const isOn = (ironId: string): boolean => plan === null || plan.loads.some((load) => load.ironId === ironId);
  const circuits = circuitFindings(planned?.irons.filter(({ id }) => isOn(id)) ?? [], session.kit.circuits);
  return (
    <div className="flex flex-col gap-4 px-5 py-3">
      <div className="flex flex-wrap items-baseline justify-between gap-4">
        {heading}
        <div className="no-print flex flex-wrap gap-2">
          {planned !== null && plan !== null && plan.loads.length > 0 && (
            <Suspense>
              <Reporting planned={planned} told={toldOfRun(run, planned.irons, session)} />
              <Rehearse session={session} planned={planned} />
              <TakeAlong session={session} planned={planned} plan={plan} />
            </Suspense>
          )}
          <button type="button" className="button-plain" onClick={() => window.print()}>
            <Printer aria-hidden className="size-5" /> Run sheet
          </button>
        </div>
      </div>
      <p className="hidden print:block">
        {run.dishes
          .map(
            (dish) =>
              `${session.everyFormula.find(({ id }) => id === dish.formulaId)?.name ?? ''} · ${dishWords(dish, session.kit.temperatureUnit)}`,
          )
          .join('; ')}
      </p>
      <RunQuestions key={run.id} session={session} run={run} plan={plan} onChange={onChange} />
      {planned?.failures.map(({ ironId, formulaName, failure }) => (
        <p key={`${ironId}/${formulaName}`} role="alert" className="border-l-3 border-ink bg-sheet p-2">
          {formulaName} on {session.everyIron.find((iron) => iron.id === ironId)?.name}: {describeSentence(failure)}.
        </p>
      ))}
      {planned !== null && planned.irons.length > 0 && <NotPlanned session={session} planned={planned} />}
      {planned === null || planned.irons.length === 0 ? (
        <p role="status" className="border-l-3 border-ink bg-sheet p-3 text-lg">
          {planned === null ? 'Its formula was removed: choose another above' : 'No iron is chosen: choose one above'}, or{' '}
          <Link to="/kit" className="font-semibold text-act underline underline-offset-2">
            bring it back in the kit
          </Link>
          .
        </p>
      ) : plan === null ? (
        <p className="text-lg text-quiet">Reckoning the morning …</p>
      ) : (
        <>
          <Answers planned={planned} plan={plan} />
          {/* What the plan says comes a moment after what it shows. */}
          <Suspense fallback={<p className="min-h-24" />}>
            <InWords session={session} planned={planned} plan={plan} onChange={onChange} />
          </Suspense>
          <Suspense fallback={<div className="aspect-[5/1]" />}>
            <PlanPicture
              planned={planned}
              plan={plan}
              chosen={chosen}
              onServe={(at) => onChange((now) => ({ serveAt: at(now.serveAt) }))}
              onChoose={setChosen}
              onTry={setTried}
              onMove={(load, at) => onChange((now) => ({ pins: pinnedAt(now, load, at(pourOf(now, load))) }))}
            />
            <LoadPanel planned={planned} plan={plan} chosen={chosen} onChange={onChange} />
          </Suspense>
          <Findings findings={[...plan.findings.filter((finding) => dishOfFinding(finding) === null), ...circuits]} />
          {planned.dishes.map(({ dish, formula }) => {
            const mine = plan.findings.filter((finding) => dishOfFinding(finding) === dish.id);
            return (
              mine.length > 0 && (
                <section key={dish.id} aria-label={`About ${formula.name}`}>
                  <p className="text-[15px] font-semibold">{formula.name}</p>
                  <Findings findings={mine} />
                </section>
              )
            );
          })}
          <Suspense>
            <Pantry session={session} planned={planned} plan={plan} />
            <IronSheet planned={planned} plan={plan} />
            <HandCard planned={planned} plan={plan} />
            {request !== null && <OrderCard run={run} request={request} />}
          </Suspense>
        </>
      )}
    </div>
  );
};

/** Of which dish a finding is, where there are several; null: of the whole morning. */
const dishOfFinding = ({ fields }: Finding): string | null => {
  const { dishId } = fields as { readonly dishId?: unknown };
  return typeof dishId === 'string' ? dishId : null;
};

/** Dishes that can't be cooked as they stand: no iron is chosen for them, or their formula is gone. */
const NotPlanned = ({ session, planned }: { readonly session: Session; readonly planned: PlannedRun }) =>
  planned.run.dishes.map(({ id, formulaId }) => {
    const dish = planned.dishes.find((one) => one.dish.id === id);
    if (dish !== undefined && dish.irons.length > 0) return null;
    const name = session.everyFormula.find((formula) => formula.id === formulaId)?.name ?? 'A dish';
    return (
      <p key={id} role="status" className="border-l-3 border-ink bg-sheet p-2" data-not-planned={id}>
        {name} isn’t planned: {dish === undefined ? 'its formula was removed' : 'no iron is chosen for it'}.
      </p>
    );
  });
