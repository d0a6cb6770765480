import type { Help, Run, RunPlan } from '../../../core/run/index.ts';
import { useMorning } from '../../workers/index.ts';
import { batterOf, TURNAROUND } from '../../../core/cook/index.ts';
import { bowlsNeeded } from '../../../core/weigh/index.ts';
import { grams, timeOfDay } from '../../ui/index.ts';
import type { PlannedRun } from '../../session/index.ts';
import { dishName, readingOf } from '../../session/index.ts';
import { minuteWords } from '../minuteWords.ts';
import type { OfPlan } from './Served.tsx';
import { Served } from './Served.tsx';

/** Slack is taken in whole steps, s. */
const SLACK_STEP_S = 60;
/** A last plate that is so much later than it is served is late. */
const LATE_MS = 30_000;

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
        Switch on at <b>{timeOfDay(plan.startAt, zone)}</b>. {plan.loads.length} {plan.loads.length === 1 ? 'load' : 'loads'} on{' '}
        {used === 1 ? '1 iron' : `${used} irons`}, one lid at a time{foldWords(planned, plan)}. Last plate at{' '}
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
          We cooked this plan 200 times on paper. In 5 of 10 mornings the last plate is at most{' '}
          {minuteWords(Math.max(0, played.late_s.p50))} later, in 9 of 10 at most <b>{minuteWords(Math.max(0, played.late_s.p90))}</b>. A
          load is lost in {Math.round(100 * played.lost)} of 100 mornings. In 9 of 10 nobody waits longer than{' '}
          {minuteWords(played.waits_s.p90)}, and {countOf(played.wasted.p90)} at most {Math.round(played.wasted.p90) === 1 ? 'is' : 'are'}{' '}
          spare.{' '}
          {slack_s > 0 ? (
            <>
              Your plan has {minuteWords(slack_s)} of slack.{' '}
              <button type="button" className={PRESS} onClick={() => onChange({ slack_s: 0 })}>
                Remove it
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
          {run.mode === 'together' ? 'What would help:' : 'What would shorten the longest wait:'}{' '}
          {help
            .slice(0, 2)
            .map(
              ({ what, ironId, sooner_s }) => `${helpWords(what, irons.find(({ id }) => id === ironId)?.name)}, ${minuteWords(sooner_s)}`,
            )
            .join('; ')}
          .
        </p>
      )}
    </div>
  );
};

const helpWords = (what: Help['what'], iron = 'iron'): string =>
  ({
    hands: 'another cook',
    iron: `another ${iron}`,
    earlier: 'starting 10 min earlier',
    slower: 'guests over 30 min more',
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
  if (helper.until <= plan.startAt || helper.from >= plan.lastPlateAt) return ' Your helper isn’t there while you cook.';
  return ` A helper from ${timeOfDay(helper.from, zone)} to ${timeOfDay(helper.until, zone)}.`;
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
      You keep the lid open for {least === most ? least : `${least}–${most}`} s between loads on {[...names].join(', ')}; usual is{' '}
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
          ? 'is more than twelve of your largest bowls hold.'
          : `goes into ${n} bowls of ${grams(batter_g / n)} g; no bowl of yours holds all of it.`}
      </p>
    );
  });

/** Irons that nothing has been cooked on yet: a trial load shows how they are. */
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
            A trial load on {name} comes first.{' '}
            <button
              type="button"
              className={PRESS}
              onClick={() => onChange((now) => ({ trialIronIds: (now.trialIronIds ?? []).filter((id) => id !== ironId) }))}
            >
              Skip the trial load
            </button>
          </>
        ) : (
          <>
            Nothing cooked on {name} yet, so its first load is a guess.{' '}
            <button
              type="button"
              className={PRESS}
              onClick={() => onChange((now) => ({ trialIronIds: [...new Set([...(now.trialIronIds ?? []), ironId])] }))}
            >
              Add a trial load
            </button>
          </>
        )}
      </p>
    );
  });
};
