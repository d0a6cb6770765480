import type { Run, RunPlan } from '../../core/run/index.ts';
import { ironsOfRun } from '../../core/run/index.ts';
import { useNow } from '../clock/index.ts';
import { describeSentence } from '../../words/index.ts';
import type { PlannedRun, Session } from '../session/index.ts';
import { useNewestLoads } from '../session/index.ts';
import { LinkButton, timeOfDay } from '../ui/index.ts';
import type { ChangeRun } from './change.ts';
import { minuteWords } from './minuteWords.ts';

/** Whether a morning has begun changes slowly. */
const TICK_MS = 30_000;
/** A plan that should have begun longer ago is another day's. */
const STALE_MS = 12 * 3_600_000;

type Props = { readonly session: Session; readonly planned: PlannedRun; readonly onChange: ChangeRun };

/** What keeps this plan from being cooked as it stands, each with what can be done about it. */
export const Alerts = ({ session, planned, onChange }: Props) => {
  const { run, plan } = planned;
  return (
    <>
      {planned.failures.map(({ ironId, formulaName, failure }) => (
        <p key={`${ironId}/${formulaName}`} role="alert" className="border-l-3 border-ink bg-sheet p-2">
          {formulaName} on {session.everyIron.find((iron) => iron.id === ironId)?.name}: {describeSentence(failure)}.
        </p>
      ))}
      {planned.irons.length > 0 && <NotPlanned session={session} planned={planned} />}
      {plan !== null && plan.loads.length > 0 && (
        <>
          <TooEarly run={run} plan={plan} onChange={onChange} />
          <GoneBy session={session} run={run} plan={plan} onChange={onChange} />
        </>
      )}
    </>
  );
};

/** Dishes that can't be cooked as they stand: no iron is chosen for them, or their recipe is gone. */
const NotPlanned = ({ session, planned }: Omit<Props, 'onChange'>) =>
  planned.run.dishes.map(({ id, formulaId }) => {
    const dish = planned.dishes.find((one) => one.dish.id === id);
    if (dish !== undefined && dish.irons.length > 0) return null;
    const name = session.everyFormula.find((formula) => formula.id === formulaId)?.name ?? 'A dish';
    return (
      <p key={id} role="status" className="border-l-3 border-ink bg-sheet p-2" data-not-planned={id}>
        {name} isn’t planned: {dish === undefined ? 'its recipe was removed' : 'no iron is chosen for it'}.
      </p>
    );
  });

type WhenProps = { readonly run: Run; readonly plan: RunPlan; readonly onChange: ChangeRun };

/** It would have to begin before the kitchen opens: then it is later, or something has to help. */
const TooEarly = ({ run, plan, onChange }: WhenProps) => {
  const early_ms = (run.notBefore ?? -Infinity) - plan.startAt;
  if (early_ms <= 0) return null;
  const shift = Math.ceil(early_ms / 60_000) * 60_000;
  return (
    <p
      role="alert"
      className="border-l-3 border-hazard bg-sheet px-3 py-1"
      data-figure="too early"
      data-exact={Math.round(early_ms / 1000)}
    >
      This plan starts {minuteWords(early_ms / 1000)} before your kitchen opens. From {timeOfDay(run.notBefore ?? 0, run.zone)}, the last
      plate is ready at <b>{timeOfDay(plan.lastPlateAt + shift, run.zone)}</b>.{' '}
      <LinkButton onClick={() => onChange({ serveAt: run.serveAt + shift })}>Use that time</LinkButton>
    </p>
  );
};

/** The moment to switch on has gone by and nothing was poured: what is possible from now on. */
const GoneBy = ({ session, run, plan, onChange }: WhenProps & { readonly session: Session }) => {
  const now = useNow(TICK_MS);
  const newest = useNewestLoads(ironsOfRun(run));
  const late_ms = now - plan.startAt;
  const hasBegun =
    newest === undefined || [...newest.values()].some(({ load }) => load.runId === run.id && load.startedAt > plan.startAt - STALE_MS);
  if (late_ms <= 0 || late_ms > STALE_MS || hasBegun || session.irons.length === 0) return null;
  const shift = Math.ceil(late_ms / 60_000) * 60_000;
  return (
    <p role="alert" className="border-l-3 border-hazard bg-sheet px-3 py-1" data-figure="gone by" data-exact={Math.round(late_ms / 1000)}>
      The start was {minuteWords(late_ms / 1000)} ago. From now on, the last plate is ready at{' '}
      <b>{timeOfDay(plan.lastPlateAt + shift, run.zone)}</b>.{' '}
      <LinkButton onClick={() => onChange({ serveAt: run.serveAt + shift })}>Plan from now</LinkButton>
    </p>
  );
};
