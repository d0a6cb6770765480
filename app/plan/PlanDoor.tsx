import { lazy, Suspense, useState } from 'react';
import { Link } from 'react-router';
import type { Run } from '../../core/run/index.ts';
import { freeName, nextMorning } from '../../core/run/index.ts';
import { wallNow } from '../clock/index.ts';
import type { PlannedRun, Session } from '../session/index.ts';
import { freshRun, useRunPlan, useSession } from '../session/index.ts';
import { commands, newId, useDo } from '../store/index.ts';
import { ActButton, Removed, useGuard } from '../ui/index.ts';
import type { ChangeRun } from './change.ts';
import { Morning } from './Morning.tsx';
import { Runs } from './plans/Runs.tsx';

const WeekSheet = lazy(async () => ({ default: (await import('./plans/WeekSheet.tsx')).WeekSheet }));

export const PlanDoor = () => {
  const session = useSession();
  const planned = useRunPlan(session);
  if (session === undefined) return null;
  return session.run === null ? <NoPlan session={session} /> : <PlanOf session={session} run={session.run} planned={planned} />;
};

/** Before there is a plan: what one is made of. */
const NoPlan = ({ session }: { readonly session: Session }) => {
  const { formula, iron, workspace } = session;
  const carryOut = useDo();
  const add = useGuard()(() => void carryOut(commands.addRun(freshRun(session, wallNow()), workspace)));
  const missing = [iron === null ? 'an iron' : null, formula === null ? 'a recipe' : null].filter((part) => part !== null);
  return (
    <section className="max-w-xl p-8">
      <h1 className="text-3xl">How many are coming?</h1>
      <p className="mt-3 text-lg">Say who eats, what and when. You get the times to switch on and to pour, and how much batter to make.</p>
      {missing.length > 0 ? (
        <Link to="/setup" className="button-act mt-5">
          Add {missing.join(' and ')}
        </Link>
      ) : (
        <ActButton className="mt-5" onClick={add}>
          Plan a morning
        </ActButton>
      )}
    </section>
  );
};

type PlanOfProps = { readonly session: Session; readonly run: Run; readonly planned: PlannedRun | null };

/** The plan that is on, with everything that makes, copies and removes plans. */
const PlanOf = ({ session, run, planned }: PlanOfProps) => {
  const { runs, workspace, setWorkspace } = session;
  const carryOut = useDo();
  const guard = useGuard();
  const [isWeek, setWeek] = useState(false);
  const [removed, setRemoved] = useState<Run | null>(null);
  const add = (made: Run): void => void carryOut(commands.addRun(made, workspace));
  const change: ChangeRun = (changes) =>
    void carryOut(commands.changeRun(run.id, (now) => ({ ...now, ...(typeof changes === 'function' ? changes(now) : changes) })));
  const dish = planned?.dishes[0];
  return (
    <>
      {removed !== null && !runs.some(({ id }) => id === removed.id) && (
        <Removed
          name={removed.name}
          note="its loads stay in the log"
          onBack={() => {
            add(removed);
            setRemoved(null);
          }}
        />
      )}
      <Morning
        session={session}
        run={run}
        planned={planned}
        onChange={change}
        plans={
          <Runs
            runs={runs}
            run={run}
            onChoose={(runId) => setWorkspace({ runId })}
            onNew={guard(() => add(freshRun(session, wallNow())))}
            onWeek={() => setWeek(true)}
            onCopy={guard(() => add(nextMorning(run, newId(), runs, wallNow())))}
            onRename={(name) => change({ name })}
            onRemove={() => {
              setRemoved(run);
              void carryOut(commands.removeRun(run.id));
            }}
          />
        }
      />
      {isWeek && planned?.plan != null && dish !== undefined && (
        <Suspense>
          <WeekSheet
            session={session}
            planned={planned}
            of={dish}
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
  );
};
