import { useEffect, useState } from 'react';
import { MORNING_LEVEL, morningProgress } from '../../../core/practice/index.ts';
import type { PracticeRecord } from '../../../core/practice/index.ts';
import type { Run } from '../../../core/run/index.ts';
import { wallNow } from '../../clock/index.ts';
import { Rehearse } from '../../rehearsal/Rehearse.tsx';
import { takePlayed } from '../../rehearsal/index.ts';
import type { Session } from '../../session/index.ts';
import { freshRun, useRunPlan } from '../../session/index.ts';
import { commands, useDo } from '../../store/index.ts';

const GUESTS = 8;
const IRONS = 2;

/** A whole morning at the line instead of one iron: two irons, one cook, eight guests; played on a copy of this kitchen, at any pace. */
export const WholeMorning = ({ session, records }: { readonly session: Session; readonly records: readonly PracticeRecord[] }) => {
  const carryOut = useDo();
  // What was played comes back with the page.
  useEffect(() => {
    const played = takePlayed();
    if (played === null) return;
    const { levelId, seed, loads, ...morning } = played;
    void carryOut(
      commands.addPractice({
        id: `${levelId}-${seed}`,
        levelId,
        seed,
        at: wallNow(),
        loads,
        isLanded: true,
        estimatorLoads: null,
        morning,
      }),
    );
  }, [carryOut]);
  const [run] = useState((): Run => {
    const fresh = freshRun(session, wallNow());
    const ironIds = session.irons.slice(0, IRONS).map(({ id }) => id);
    return {
      ...fresh,
      id: MORNING_LEVEL,
      name: 'A morning for eight',
      dishes: fresh.dishes.map((dish) => ({ ...dish, people: GUESTS, ironIds })),
    };
  });
  const planned = useRunPlan({ ...session, run });
  const { played, best_min, lately } = morningProgress(records);
  const last = lately.at(-1);
  return (
    <section aria-label="A whole morning" className="mt-2 flex flex-wrap items-center gap-x-6 gap-y-2 border-t border-line pt-3">
      <div className="min-w-60 flex-1">
        <h2 className="text-xl">A whole morning</h2>
        <p className="max-w-prose text-[15px]">
          Two irons, one cook, eight guests, at the real line on a copy of this kitchen. Its irons aren’t quite what you believe of them.
        </p>
      </div>
      <dl className="flex flex-wrap gap-x-6 [&_dt]:text-[13px] [&_dt]:text-quiet">
        <div>
          <dt>played</dt>
          <dd className="figure text-2xl">{played}</dd>
        </div>
        {best_min !== null && (
          <div>
            <dt>best, a guest waited</dt>
            <dd>
              <b className="figure text-2xl">{best_min.toFixed(1)}</b> min
            </dd>
          </div>
        )}
        {last !== undefined && (
          <div>
            <dt>last, and by the plan alone</dt>
            <dd>
              <b className="figure text-2xl">{last.waited_min.toFixed(1)}</b> and {last.planned_min.toFixed(1)} min
            </dd>
          </div>
        )}
      </dl>
      {planned?.plan == null ? (
        <p className="text-quiet">
          {session.irons.length === 0 || session.formula === null ? 'It takes an iron and a batter.' : 'Working out the morning …'}
        </p>
      ) : (
        <Rehearse session={session} planned={planned} words="Begin a morning" levelId={MORNING_LEVEL} />
      )}
    </section>
  );
};
