import { OVEN_C } from '../../core/plate/index.ts';
import type { HeldAs, Hold, RunPlan } from '../../core/run/index.ts';
import { askedDishes, heldIn, isPutAway, isSpoilt, mostHeld, platesOf, servedBy } from '../../core/run/index.ts';
import { PUBLISHED } from '../../core/safety/index.ts';
import type { PlannedRun, Session } from '../session/index.ts';
import { useCourses } from '../session/index.ts';
import { percent, temperature } from '../look/index.ts';
import { GOES_TO_WORDS } from './goesTo.ts';
import { holdWords } from './holdWords.ts';
import { minuteWords } from './minuteWords.ts';
import type { ChangeRun } from './change.ts';

/** A plan that is put into words, and what changes the run it is of. */
export type OfPlan = {
  readonly session: Session;
  readonly planned: PlannedRun;
  readonly plan: RunPlan;
  readonly onChange: ChangeRun;
};

/** Under this nobody calls it crisp any more (see `crispLost_min`). */
const CRISP = 2;
/** A plate that is so much crisper is worth another place. */
const BETTER_BY = 0.5;

const crispWords = ({ crispAtPlate, darker, dries }: HeldAs): string =>
  [
    `${crispAtPlate >= CRISP ? 'still crisp' : 'no longer crisp'} (${crispAtPlate.toFixed(1)} of 5)`,
    ...(darker >= TELLS_STEPS ? [`${darker.toFixed(1)} steps darker`] : []),
    ...(dries >= TELLS_DRY ? [`${percent(dries)} lighter`] : []),
  ].join(', ');
const TELLS_STEPS = 0.3;
const TELLS_DRY = 0.08;

const capitalised = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

/** Who waits for what, and what becomes of what waits. */
export const Served = ({ session, planned, plan, onChange }: OfPlan) => {
  const { run, request } = planned;
  const found = useCourses(session, planned);
  if (request === null) return null;
  const service = servedBy(plan, request);
  const oldest_s = Math.max(0, ...service.oldest_s.values());
  const courses = new Map(found.map(({ ironId, courses: mine }) => [ironId, mine]));
  const held = heldIn(service.oldest_s, courses);
  const wanted: Hold = run.hold ?? 'rack';
  const unit = session.kit.temperatureUnit;
  const held_n = mostHeld(plan, request);
  const here = held.find(({ place }) => place === wanted);
  const best = held[0];
  const away = askedDishes(request).filter(isPutAway);
  const isAllAway = away.length === askedDishes(request).length;
  if (isAllAway)
    return (
      <p data-figure="put away" data-exact={plan.pieces}>
        All {plan.pieces} go into {GOES_TO_WORDS[away[0]?.goesTo ?? 'freezer']}: out of the iron onto a rack in one layer, put away once
        they are cold{run.goesTo === 'tin' ? ', and dry enough to snap' : ''}. Keep asks for them when the last is out.
      </p>
    );
  return (
    <p data-figure="longest wait" data-exact={Math.round(service.longestWait_s)}>
      {run.mode === 'as-they-come' &&
        (service.longestWait_s < 60 ? (
          'Nobody waits a minute. '
        ) : (
          <>
            Nobody waits longer than <b>{minuteWords(service.longestWait_s)}</b>
            {service.impatient > 0 && ` (${service.impatient} of ${platesOf(run)} over four)`}; {minuteWords(service.meanWait_s)} in the
            mean.{' '}
          </>
        ))}
      The oldest piece is on its plate <b>{minuteWords(oldest_s)}</b> after the lid
      {here !== undefined && (
        <span data-figure="crisp at the plate" data-exact={here.crispAtPlate}>
          , having waited {holdWords(wanted, unit)}: {crispWords(here)}
        </span>
      )}
      .{' '}
      {best !== undefined &&
        here !== undefined &&
        (best.crispAtPlate > here.crispAtPlate + BETTER_BY || (isSpoilt(here) && !isSpoilt(best))) && (
          <>
            {capitalised(holdWords(best.place, unit))} it is {crispWords(best)}.{' '}
            <button
              type="button"
              className="min-h-8 font-semibold text-act underline underline-offset-2"
              onClick={() => onChange({ hold: best.place })}
            >
              Let it wait there
            </button>
          </>
        )}
      {run.holdPlaces !== undefined && held_n > run.holdPlaces && (
        <b data-figure="no room" data-exact={held_n - run.holdPlaces}>
          {' '}
          {held_n} lie there at once and there is room for {run.holdPlaces}: {held_n - run.holdPlaces} wait on a rack.
        </b>
      )}
      {OVEN_C[wanted] !== null && wanted !== 'recrisped' && (
        <span className="text-[15px] text-quiet">
          {' '}
          In one layer on a rack; what is held hot stays at {temperature(PUBLISHED.hotHoldingUs.least_C, session.kit.temperatureUnit)} or
          above ({PUBLISHED.hotHoldingUs.source}; local rules come first).
        </span>
      )}
    </p>
  );
};
