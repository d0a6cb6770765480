import { OVEN_C } from '../../../core/plate/index.ts';
import type { TemperatureUnit } from '../../../core/basis/index.ts';
import type { Dish, HeldAs, Hold, HoldCourse, RunPlan, RunRequest } from '../../../core/run/index.ts';
import { heldIn, isPutAway, isSpoilt, mostHeld, platesOf, servedBy } from '../../../core/run/index.ts';
import { PUBLISHED } from '../../../core/safety/index.ts';
import type { PlannedRun, Session } from '../../session/index.ts';
import { dishName, useCourses } from '../../session/index.ts';
import { percent, temperature } from '../../ui/index.ts';
import { GOES_TO_WORDS } from '../more/goesTo.ts';
import { holdWords } from '../more/holdWords.ts';
import { minuteWords } from '../minuteWords.ts';
import type { ChangeDish, ChangeRun } from '../change.ts';
import { changeDish } from '../change.ts';

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
  const { run, request, dishes } = planned;
  const courses = useCourses(session, planned);
  if (request === null) return null;
  const { longestWait_s, meanWait_s, impatient } = servedBy(plan, request);
  const [away] = request.dishes;
  if (away !== undefined && request.dishes.every(isPutAway))
    return (
      <p data-figure="put away" data-exact={plan.pieces}>
        All {plan.pieces} go into {GOES_TO_WORDS[away.goesTo ?? 'freezer']}: out of the iron onto a rack in one layer, put away once they
        are cold{away.goesTo === 'tin' ? ', and dry enough to snap' : ''}. Keep asks for them when the last is out.
      </p>
    );
  return (
    <p data-figure="longest wait" data-exact={Math.round(longestWait_s)}>
      {run.mode === 'as-they-come' &&
        (longestWait_s < 60 ? (
          'Nobody waits a minute. '
        ) : (
          <>
            Nobody waits longer than <b>{minuteWords(longestWait_s)}</b>
            {impatient > 0 && ` (${impatient} of ${platesOf(run)} over four)`}; {minuteWords(meanWait_s)} in the mean.{' '}
          </>
        ))}
      {request.dishes.map((asked) => {
        const mine = dishes.find(({ dish }) => dish.id === asked.dishId);
        return (
          mine !== undefined &&
          !isPutAway(asked) && (
            <Waiting
              key={asked.dishId}
              dish={mine.dish}
              name={dishName(planned, asked.dishId)}
              plan={plan}
              request={{ ...request, dishes: [asked] }}
              courses={new Map(courses.flatMap(({ dish, ironId, courses: of }) => (dish.id === asked.dishId ? [[ironId, of]] : [])))}
              unit={session.kit.temperatureUnit}
              onChange={changeDish(onChange, asked.dishId)}
            />
          )
        );
      })}
    </p>
  );
};

type WaitingProps = {
  readonly dish: Dish;
  /** How it is called, where there are several; null: there is one. */
  readonly name: string | null;
  readonly plan: RunPlan;
  /** Of this dish alone. */
  readonly request: RunRequest;
  readonly courses: ReadonlyMap<string, readonly HoldCourse[]>;
  readonly unit: TemperatureUnit;
  readonly onChange: ChangeDish;
};

/** How long the pieces of one dish wait, where, and how they are by then. */
const Waiting = ({ dish, name, plan, request, courses, unit, onChange }: WaitingProps) => {
  const { oldest_s } = servedBy(plan, request);
  const held = heldIn(oldest_s, courses);
  const wanted: Hold = dish.hold ?? 'rack';
  const here = held.find(({ place }) => place === wanted);
  const best = held[0];
  const over = dish.holdPlaces === undefined ? 0 : mostHeld(plan, request) - dish.holdPlaces;
  return (
    <>
      The oldest piece{name !== null && ` of ${name}`} is on its plate <b>{minuteWords(Math.max(0, ...oldest_s.values()))}</b> after the lid
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
      {over > 0 && (
        <b data-figure="no room" data-exact={over}>
          {' '}
          {mostHeld(plan, request)} lie there at once and there is room for {dish.holdPlaces}: {over} wait on a rack.
        </b>
      )}
      {OVEN_C[wanted] !== null && wanted !== 'recrisped' && (
        <span className="text-[15px] text-quiet">
          {' '}
          In one layer on a rack; what is held hot stays at {temperature(PUBLISHED.hotHoldingUs.least_C, unit)} or above (
          {PUBLISHED.hotHoldingUs.source}; local rules come first).
        </span>
      )}{' '}
    </>
  );
};
