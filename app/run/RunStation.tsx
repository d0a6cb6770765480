import { Printer } from 'lucide-react';
import type { ReactNode } from 'react';
import { useState } from 'react';
import { Link } from 'react-router';
import { circuitFindings } from '../../core/kit/index.ts';
import type { Run } from '../../core/run/index.ts';
import { freeName, instantOf, nextMorning, wallTime } from '../../core/run/index.ts';
import { describeSentence } from '../../words/index.ts';
import { Findings, useGuard } from '../look/index.ts';
import type { PlannedRun, Session } from '../session/index.ts';
import { useRunPlan, useSession } from '../session/index.ts';
import { wallNow } from '../clock/index.ts';
import { commands, newId, useDo } from '../store/index.ts';
import { PlanPicture } from './PlanPicture.tsx';
import { RunQuestions } from './RunQuestions.tsx';
import { Answers, IronSheet } from './IronSheet.tsx';
import { dishWords } from './dishWords.ts';
import { Runs } from './Runs.tsx';

/** A run nobody has planned yet: tomorrow at 07:15. */
const freshRun = (session: Session, now: number): Run => {
  const { kit, formula, irons, workspace } = session;
  const tomorrow = wallTime(now + 86_400_000, kit.zone).slice(0, 10);
  return {
    id: newId(),
    name: freeName('Breakfast', session.runs),
    zone: kit.zone,
    mode: 'together',
    serveAt: instantOf(`${tomorrow}T07:15`, kit.zone) ?? now + 43_200_000,
    people: 4,
    piecesPerPerson: 1,
    ironIds: irons.slice(0, 1).map((iron) => iron.id),
    formulaId: formula?.id ?? '',
    target: workspace.target,
    batter_C: workspace.batter_C,
    prep: [],
    batter_g: null,
  };
};

export const RunStation = () => {
  const session = useSession();
  const planned = useRunPlan(session);
  const carryOut = useDo();
  const guard = useGuard();
  const [removed, setRemoved] = useState<Run | null>(null);
  if (session === undefined) return null;
  const { run, runs, formula, workspace, setWorkspace } = session;
  const add = (made: Run): void => void carryOut(commands.addRun(made, workspace));
  const addFresh = guard(() => add(freshRun(session, wallNow())));
  const back = removed !== null && !runs.some(({ id }) => id === removed.id) && (
    <p role="status" className="no-print flex flex-wrap items-center gap-3 border-l-3 border-act bg-sheet px-3 py-1">
      “{removed.name}” is removed; its loads stay in the book.
      <button
        type="button"
        className="min-h-11 font-semibold text-act underline underline-offset-2"
        onClick={() => {
          add(removed);
          setRemoved(null);
        }}
      >
        Bring it back
      </button>
    </p>
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
        <button type="button" className="button-act mt-5" disabled={formula === null} onClick={addFresh}>
          Plan a run
        </button>
        {formula === null && (
          <p className="mt-3">
            First a batter:{' '}
            <Link to="/formula" className="font-semibold text-act underline underline-offset-2">
              write one
            </Link>
            .
          </p>
        )}
      </section>
    );
  const change = (changes: Partial<Run>): void => void carryOut(commands.changeRun(run.id, (now) => ({ ...now, ...changes })));
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
            onCopy={guard(() => add(nextMorning(run, newId(), runs, wallNow())))}
            onRename={(name) => change({ name })}
            onRemove={() => {
              setRemoved(run);
              void carryOut(commands.removeRun(run.id));
            }}
          />
          {back}
        </>
      }
    />
  );
};

type MorningProps = {
  readonly session: Session;
  readonly run: Run;
  readonly planned: PlannedRun | null;
  readonly onChange: (changes: Partial<Run>) => void;
  readonly heading: ReactNode;
};

const Morning = ({ session, run, planned, onChange, heading }: MorningProps) => {
  const plan = planned?.plan ?? null;
  const circuits = circuitFindings(planned?.irons ?? [], session.kit.circuits);
  return (
    <div className="flex flex-col gap-4 px-5 py-3">
      <div className="flex flex-wrap items-baseline justify-between gap-4">
        {heading}
        <button type="button" className="button-plain no-print" onClick={() => window.print()}>
          <Printer aria-hidden className="size-5" /> Run sheet
        </button>
      </div>
      <p className="hidden print:block">
        {session.formulas.find(({ id }) => id === run.formulaId)?.name} · {dishWords(run, session.kit.temperatureUnit)}
      </p>
      <RunQuestions session={session} run={run} onChange={onChange} />
      {planned?.failures.map(({ ironId, failure }) => (
        <p key={ironId} role="alert" className="border-l-3 border-ink bg-sheet p-2">
          {session.irons.find((iron) => iron.id === ironId)?.name}: {describeSentence(failure)}.
        </p>
      ))}
      {plan === null || planned === null ? (
        <p className="text-lg text-quiet">Reckoning the morning …</p>
      ) : (
        <>
          <Answers planned={planned} plan={plan} />
          <PlanPicture planned={planned} plan={plan} />
          <Findings findings={[...plan.findings, ...circuits]} />
          <IronSheet planned={planned} plan={plan} />
        </>
      )}
    </div>
  );
};
