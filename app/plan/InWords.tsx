import type { Help, Run, RunPlan } from '../../core/run/index.ts';
import { ironsOfRun } from '../../core/run/index.ts';
import { useNow } from '../clock/index.ts';
import { useMorning } from '../workers/index.ts';
import { batterOf, TURNAROUND } from '../../core/cook/index.ts';
import { bowlsNeeded } from '../../core/weigh/index.ts';
import { grams, timeOfDay } from '../ui/index.ts';
import type { PlannedRun } from '../session/index.ts';
import { dishName, readingOf, useNewestLoads } from '../session/index.ts';
import { minutes, minuteWords } from './minuteWords.ts';
import type { OfPlan } from './Served.tsx';
import { Served } from './Served.tsx';

/** Whether a morning has begun changes slowly. */
const TICK_MS = 30_000;
/** Slack is taken in whole steps, s. */
const SLACK_STEP_S = 60;
/** A last plate that is so much later than it is served is late. */
const LATE_MS = 30_000;
/** A plan that should have begun longer ago is another day's. */
const STALE_MS = 12 * 3_600_000;

/** The plan said aloud: when it begins and ends, what scatter will do to it, what would help, and what to do when its start has gone by. */
export const InWords = ({ session, planned, plan, onChange }: OfPlan) => {
  const { run, request, irons } = planned;
  const zone = run.zone;
  const found = useMorning(request === null || plan.loads.length === 0 ? null : { request, plan }).data;
  const { played, help } = found?.ok === true ? found.value : { played: null, help: [] };
  if (plan.loads.length === 0) return null;
  const used = new Set(plan.loads.map(({ ironId }) => ironId)).size;
  const more_s = played === null ? 0 : Math.ceil(Math.max(0, played.late_s.p90) / SLACK_STEP_S) * SLACK_STEP_S;
  const slack_s = run.slack_s ?? 0;
  return (
    <div className="flex flex-col gap-1 text-lg">
      <p data-figure="in words" data-exact={plan.loads.length}>
        The first iron goes on at <b>{timeOfDay(plan.startAt, zone)}</b>; {plan.loads.length} {plan.loads.length === 1 ? 'load' : 'loads'}{' '}
        on {used === 1 ? 'one iron' : `${used} irons`}, never two lids for one hand{foldWords(planned, plan)}; the last is out at{' '}
        <b>{timeOfDay(plan.lastPlateAt, zone)}</b>
        {run.mode === 'together' && plan.lastPlateAt > run.serveAt + LATE_MS && (
          <b>, {minuteWords((plan.lastPlateAt - run.serveAt) / 1000)} late</b>
        )}
        .{helperWords(run, plan)}
      </p>
      <OwnHands planned={planned} />
      <BowlRoom session={session} planned={planned} />
      <Strangers session={session} planned={planned} plan={plan} onChange={onChange} />
      <Served session={session} planned={planned} plan={plan} onChange={onChange} />
      {played !== null && (
        <p data-figure="p90" data-exact={Math.round(played.late_s.p90)}>
          Two hundred mornings played: half are out within {minuteWords(Math.max(0, played.late_s.p50))} of that, nine in ten within{' '}
          <b>{minuteWords(Math.max(0, played.late_s.p90))}</b>; a load is lost in {Math.round(100 * played.lost)} % of them; in nine of ten
          nobody waits over {minuteWords(played.waits_s.p90)}, and {countOf(played.wasted.p90)} at most{' '}
          {Math.round(played.wasted.p90) === 1 ? 'is' : 'are'} for nobody.{' '}
          {slack_s > 0 ? (
            <>
              {minuteWords(slack_s)} of slack {minutes(slack_s) === 1 ? 'is' : 'are'} in the plan.{' '}
              <button type="button" className={PRESS} onClick={() => onChange({ slack_s: 0 })}>
                None
              </button>
            </>
          ) : (
            more_s > 0 &&
            (run.door_s ?? 0) === 0 && (
              <button type="button" className={PRESS} onClick={() => onChange({ slack_s: more_s })}>
                Start {minuteWords(more_s)} earlier
              </button>
            )
          )}
        </p>
      )}
      {help[0] !== undefined && (
        <p className="text-quiet" data-figure="help" data-exact={Math.round(help[0].sooner_s)}>
          {run.mode === 'together' ? 'What would help:' : 'What would spare whoever waits longest:'}{' '}
          {help
            .slice(0, 2)
            .map(
              ({ what, ironId, sooner_s }) => `${helpWords(what, irons.find(({ id }) => id === ironId)?.name)}, ${minuteWords(sooner_s)}`,
            )
            .join('; ')}
          .
        </p>
      )}
      <TooEarly run={run} plan={plan} onChange={onChange} />
      <GoneBy session={session} run={run} plan={plan} onChange={onChange} />
    </div>
  );
};

const helpWords = (what: Help['what'], iron = 'iron'): string =>
  ({
    hands: 'another pair of hands',
    iron: `another ${iron}`,
    earlier: 'beginning ten minutes earlier',
    slower: 'the same guests over half an hour more',
  })[what];

/** ", the second part folded at 07:02". */
const foldWords = (planned: PlannedRun, plan: RunPlan): string =>
  plan.bowls
    .flatMap(({ dishId, n, foldAt }) => {
      const of = dishName(planned, dishId);
      return foldAt === null
        ? []
        : [`, ${ORDINALS[n - 2] ?? 'next'} part${of === null ? '' : ` of ${of}`} folded at ${timeOfDay(foldAt, planned.run.zone)}`];
    })
    .join('');
const ORDINALS = ['the second', 'the third', 'the fourth'] as const;

/** " A helper from 06:40 to 07:10." */
const helperWords = ({ helper, zone }: Run, plan: RunPlan): string => {
  if (helper == null) return '';
  if (helper.until <= plan.startAt || helper.from >= plan.lastPlateAt) return ' The helper isn’t there while it is cooked.';
  return ` One more pair of hands from ${timeOfDay(helper.from, zone)} to ${timeOfDay(helper.until, zone)}.`;
};

const countOf = (pieces: number): string => (Math.round(pieces) === 1 ? 'one piece' : `${Math.round(pieces)} pieces`);

const PRESS = 'min-h-8 font-semibold text-act underline underline-offset-2';

/** How long lids stand open is learned from the book: it is said where it isn't the usual. */
const OwnHands = ({ planned: { request, irons } }: { readonly planned: PlannedRun }) => {
  const own = (request?.irons ?? []).filter(({ open_s }) => open_s !== TURNAROUND.open_s);
  if (own.length === 0) return null;
  const times = own.map(({ open_s }) => open_s);
  const [least, most] = [Math.min(...times), Math.max(...times)];
  const names = new Set(own.map(({ ironId }) => irons.find(({ id }) => id === ironId)?.name ?? ironId));
  return (
    <p className="text-quiet" data-figure="own hands" data-exact={most}>
      Lid open between two loads, by the book: {least === most ? least : `${least}–${most}`} s on {[...names].join(', ')}; usual are{' '}
      {TURNAROUND.open_s} s.
    </p>
  );
};

/** A batter that no bowl of the kitchen takes is mixed in several. */
const BowlRoom = ({ session, planned }: Pick<OfPlan, 'session' | 'planned'>) =>
  planned.dishes.map(({ dish, formula, batter_g }) => {
    const reading = readingOf(session, formula);
    const batter = batterOf(reading, { batter_C: dish.batter_C, altitude_m: session.kit.altitude_m });
    if (!batter.ok || batter_g <= 0 || session.kit.bowls.length === 0) return null;
    const n = bowlsNeeded(batter_g, batter.value.density_gPerML, reading.lift, session.kit.bowls);
    if (n === 1) return null;
    return (
      <p key={dish.id} data-bowls={n ?? 'none'}>
        {formula.name}: {grams(batter_g)} g{' '}
        {n === null
          ? 'is more than twelve of your largest bowls take.'
          : `is mixed in ${n} bowls of ${grams(batter_g / n)} g: no bowl of yours takes all of it.`}
      </p>
    );
  });

/** Irons that nothing has been cooked on yet: their first load shows how they are, and is better for nobody. */
const Strangers = ({ session, planned, plan, onChange }: OfPlan) => {
  const { run, irons } = planned;
  const trials = run.trialIronIds ?? [];
  const first = irons.flatMap((iron) => plan.loads.find((load) => load.ironId === iron.id && load.n === 1) ?? []);
  const shown = first.filter((load) => trials.includes(load.ironId) || (session.ironLoads.loads.get(load.ironId)?.length ?? 0) === 0);
  return shown.map(({ ironId, isTrial }) => {
    const name = irons.find(({ id }) => id === ironId)?.name ?? '';
    return (
      <p key={ironId} data-stranger={ironId}>
        {isTrial === true ? (
          <>
            A trial load on {name} comes first, for nobody.{' '}
            <button
              type="button"
              className={PRESS}
              onClick={() => onChange((now) => ({ trialIronIds: (now.trialIronIds ?? []).filter((id) => id !== ironId) }))}
            >
              Without it
            </button>
          </>
        ) : (
          <>
            Nothing has been cooked on {name} yet: one first load in five lands, until it has been measured.{' '}
            <button
              type="button"
              className={PRESS}
              onClick={() => onChange((now) => ({ trialIronIds: [...new Set([...(now.trialIronIds ?? []), ironId])] }))}
            >
              A trial load first
            </button>
          </>
        )}
      </p>
    );
  });
};

/** It would have to begin before anybody is there: then it is later, or something has to help. */
const TooEarly = ({ run, plan, onChange }: Pick<OfPlan, 'plan' | 'onChange'> & { readonly run: Run }) => {
  const early_ms = (run.notBefore ?? -Infinity) - plan.startAt;
  if (early_ms <= 0) return null;
  const shift = Math.ceil(early_ms / 60_000) * 60_000;
  return (
    <p role="alert" className="border-l-3 border-ink bg-sheet px-3 py-1" data-figure="too early" data-exact={Math.round(early_ms / 1000)}>
      It would begin {minuteWords(early_ms / 1000)} before anybody is there. Begun at {timeOfDay(run.notBefore ?? 0, run.zone)}, the last is
      out at <b>{timeOfDay(plan.lastPlateAt + shift, run.zone)}</b>.{' '}
      <button type="button" className={PRESS} onClick={() => onChange({ serveAt: run.serveAt + shift })}>
        Plan it so
      </button>
    </p>
  );
};

/** The moment to switch on has gone by and nothing was poured: what is possible from now on. */
const GoneBy = ({ session, run, plan, onChange }: Pick<OfPlan, 'session' | 'plan' | 'onChange'> & { readonly run: Run }) => {
  const now = useNow(TICK_MS);
  const newest = useNewestLoads(ironsOfRun(run));
  const late_ms = now - plan.startAt;
  const hasBegun =
    newest === undefined || [...newest.values()].some(({ load }) => load.runId === run.id && load.startedAt > plan.startAt - STALE_MS);
  if (late_ms <= 0 || late_ms > STALE_MS || hasBegun || session.irons.length === 0) return null;
  const shift = Math.ceil(late_ms / 60_000) * 60_000;
  return (
    <p role="alert" className="border-l-3 border-ink bg-sheet px-3 py-1" data-figure="gone by" data-exact={Math.round(late_ms / 1000)}>
      Its start went by {minuteWords(late_ms / 1000)} ago. From now on the last is out at{' '}
      <b>{timeOfDay(plan.lastPlateAt + shift, run.zone)}</b>.{' '}
      <button type="button" className={PRESS} onClick={() => onChange({ serveAt: run.serveAt + shift })}>
        Plan from now
      </button>
    </p>
  );
};
