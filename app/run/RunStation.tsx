import { Printer } from 'lucide-react';
import { circuitFindings } from '../../core/kit/index.ts';
import type { Run } from '../../core/run/index.ts';
import { instantOf, wallTime } from '../../core/run/index.ts';
import { describeSentence } from '../../words/index.ts';
import { day, Findings, useGuard } from '../look/index.ts';
import type { PlannedRun, Session } from '../session/index.ts';
import { useRunPlan, useSession } from '../session/index.ts';
import { wallNow } from '../clock/index.ts';
import { commands, newId, useDo } from '../store/index.ts';
import { PlanPicture } from './PlanPicture.tsx';
import { RunQuestions } from './RunQuestions.tsx';
import { Answers, IronSheet } from './IronSheet.tsx';

/** A run nobody has planned yet: tomorrow at 07:15. */
const freshRun = (session: Session, now: number): Run => {
  const { kit, formula, irons, workspace } = session;
  const tomorrow = wallTime(now + 86_400_000, kit.zone).slice(0, 10);
  return {
    id: newId(),
    name: 'Breakfast',
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
  if (session === undefined) return null;
  const { run, formula } = session;
  if (run === null)
    return (
      <section className="max-w-xl p-8">
        <h1 className="text-3xl">How many are coming?</h1>
        <p className="mt-3 text-lg">
          Four answers make a morning: how many, what, which irons and when. Out come loads, starts and the moment to switch on, here and on
          the strip above every station.
        </p>
        <button
          type="button"
          className="button-act mt-5"
          disabled={formula === null}
          onClick={guard(() => void carryOut(commands.addRun(freshRun(session, wallNow()))))}
        >
          Plan a run
        </button>
        {formula === null && <p className="mt-3">First a batter: write one on the Formula station.</p>}
      </section>
    );
  return (
    <Morning
      session={session}
      run={run}
      planned={planned}
      onChange={(changes) => void carryOut(commands.changeRun(run.id, (now) => ({ ...now, ...changes })))}
    />
  );
};

type MorningProps = {
  readonly session: Session;
  readonly run: Run;
  readonly planned: PlannedRun | null;
  readonly onChange: (changes: Partial<Run>) => void;
};

const Morning = ({ session, run, planned, onChange }: MorningProps) => {
  const plan = planned?.plan ?? null;
  const circuits = circuitFindings(planned?.irons ?? [], session.kit.circuits);
  return (
    <div className="flex flex-col gap-4 px-5 py-3">
      <div className="flex flex-wrap items-baseline justify-between gap-4">
        <h1 className="text-2xl">
          {run.name} <span className="font-sans text-lg font-normal text-quiet">{day(run.serveAt, run.zone)}</span>
        </h1>
        <button type="button" className="button-plain no-print" onClick={() => window.print()}>
          <Printer aria-hidden className="size-5" /> Run sheet
        </button>
      </div>
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
