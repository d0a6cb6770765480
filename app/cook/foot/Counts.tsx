import { crispOfOldest } from '../../../core/line/index.ts';
import type { PlacedCrisp } from '../../../core/line/index.ts';
import { isPlateLate, useStanding } from '../line/useStanding.ts';
import { duration, timeOfDay } from '../../ui/index.ts';
import type { PlannedRun, Session } from '../../session/index.ts';
import { useCourses } from '../../session/index.ts';
import type { LinePlace } from '../line/linePlace.ts';

/** How the morning stands: out of wanted, on the rack and how crisp still, who waits, when the last plate goes out. */
export const Counts = ({
  session,
  planned,
  places,
}: {
  readonly session: Session;
  readonly planned: PlannedRun | null;
  readonly places: readonly LinePlace[];
}) => {
  const courses = useCourses(session, planned);
  const standing = useStanding(session, planned, places);
  const run = planned?.run ?? null;
  if (run === null) return null;
  const serve = <ServeAt at={run.serveAt} zone={run.zone} />;
  if (standing === null)
    return (
      <dl aria-label="How it stands" className={LIST}>
        {serve}
      </dl>
    );
  const held = courses.flatMap(({ dish, ironId, courses: mine }): PlacedCrisp[] => {
    const course = mine.find(({ place }) => place === (dish.hold ?? 'rack'));
    return course === undefined ? [] : [{ ironId, crisp: course.crisp }];
  });
  const crisp = crispOfOldest(standing, held);
  const { wanted, onRack, waiting, oldest, lastPlateAt, late_s } = standing;
  return (
    <dl aria-label="How it stands" className={LIST}>
      <div>
        <dt>out</dt>
        <dd>
          <b className="figure text-3xl">{standing.out}</b> of {wanted}
        </dd>
      </div>
      {onRack > 0 && oldest !== null && (
        <div>
          <dt>waiting to be eaten</dt>
          <dd>
            <b className="figure text-3xl">{onRack}</b> the oldest {duration(oldest.age_s)}
            {crisp !== null && `, crisp ${crisp.toFixed(1)}`}
          </dd>
        </div>
      )}
      {waiting > 0 && (
        <div>
          <dt>guests waiting</dt>
          <dd>
            <b className="figure text-3xl">{waiting}</b>
          </dd>
        </div>
      )}
      {standing.out < wanted && (
        <div>
          <dt>last plate</dt>
          <dd>
            <b className="figure text-3xl">{timeOfDay(lastPlateAt, run.zone)}</b>
            {isPlateLate(standing) && ` ${duration(late_s)} late`}
          </dd>
        </div>
      )}
      {serve}
    </dl>
  );
};

const LIST = 'flex flex-wrap gap-x-8 gap-y-3 [&_dt]:text-base [&_dt]:text-quiet';

const ServeAt = ({ at, zone }: { readonly at: number; readonly zone: string }) => (
  <div>
    <dt>serve</dt>
    <dd>
      <b className="figure text-3xl">{timeOfDay(at, zone)}</b>
    </dd>
  </div>
);
