import { FOLD_S } from '../../../core/lift/index.ts';
import { sum } from '../../../core/basis/index.ts';
import type { RunPlan } from '../../../core/run/index.ts';
import { handSpans, heldOver, wattsOver } from '../../../core/run/index.ts';
import { grams, timeOfDay } from '../../ui/index.ts';
import type { PlannedRun } from '../../session/index.ts';

/** Room for a lane's name, and the heights of the lanes, in the picture's own units. */
export const NAMES = 108;
export const HAND_LANE = 22;
/** What is poured from each bowl, and when it is folded. */
export const BOWL_LANE = 24;
export const HELD_LANE = 40;
export const WATT_LANE = 38;
export const ROOM_FOR_WORDS = 80;
/** Of a letter of 13 px. */
export const LETTER = 7;

const INK = 'var(--color-ink)';
const QUIET = 'var(--color-quiet)';
const ACT = 'var(--color-act)';
const BAND = 'var(--color-band)';
const HAZARD = '#a3261c';

export const shortened = (text: string, letters: number): string =>
  text.length <= letters ? text : `${text.slice(0, Math.max(1, letters - 1)).trimEnd()}…`;

type LaneProps = {
  /** Where an instant lies. */
  readonly x: (at: number) => number;
  readonly top: number;
  readonly planned: PlannedRun;
  readonly plan: RunPlan;
};

const LaneName = ({ top, height, children }: { readonly top: number; readonly height: number; readonly children: string }) => (
  <text x={0} y={top + height / 2 + 5} fontSize="15" fill={QUIET}>
    {shortened(children, NAMES / LETTER - 2)}
  </text>
);

/** What the hands do at irons and bowls: never more at once than there are; the ground shows while a helper is there. */
export const HandLane = ({ x, top, planned: { run, request }, plan }: LaneProps) => (
  <g data-lane="hands">
    <LaneName top={top} height={HAND_LANE}>
      {(run.hands ?? 1) === 1 && run.helper == null ? 'hand' : 'hands'}
    </LaneName>
    {run.helper != null && run.helper.until > plan.startAt && run.helper.from < plan.lastPlateAt && (
      <rect
        data-helper
        x={x(Math.max(run.helper.from, plan.startAt))}
        y={top}
        width={x(Math.min(run.helper.until, plan.lastPlateAt)) - x(Math.max(run.helper.from, plan.startAt))}
        height={HAND_LANE}
        fill={BAND}
        opacity={0.35}
      >
        <title>a helper is there</title>
      </rect>
    )}
    {handSpans(plan, request?.irons ?? []).map(({ act, from, to }, i) => (
      <rect
        key={i}
        x={x(from)}
        y={top + 4}
        width={Math.max(1.5, x(to) - x(from))}
        height={HAND_LANE - 8}
        fill={act === 'pour' ? ACT : act === 'fold' ? BAND : INK}
        opacity={0.85}
      />
    ))}
  </g>
);

/** A line that goes by steps, as a path down to the lane's floor. */
const stepsPath = (
  steps: readonly { readonly at: number; readonly y: number }[],
  x: (at: number) => number,
  floor: number,
  end: number,
): string => {
  const [first] = steps;
  if (first === undefined) return '';
  let path = `M${x(first.at).toFixed(1)} ${floor}`;
  steps.forEach(({ at, y }, i) => {
    const next = steps[i + 1]?.at ?? Math.max(end, at);
    path += `L${x(at).toFixed(1)} ${y.toFixed(1)}L${x(next).toFixed(1)} ${y.toFixed(1)}`;
  });
  return `${path}L${x(Math.max(end, steps.at(-1)!.at)).toFixed(1)} ${floor}Z`;
};

/** How many pieces wait for the table, against the room there is. */
export const HeldLane = ({ x, top, end, planned, plan }: LaneProps & { readonly end: number }) => {
  const { request, run } = planned;
  if (request === null) return null;
  const steps = heldOver(plan, request).filter(({ at }) => at <= end);
  // Where everything that waits has its room, that is the limit of all.
  const room = sum(run.dishes.map(({ holdPlaces }) => holdPlaces ?? Infinity));
  const most = Math.max(1, Number.isFinite(room) ? room : 0, ...steps.map(({ pieces }) => pieces));
  const floor = top + HELD_LANE - 4;
  const y = (pieces: number): number => floor - ((HELD_LANE - 10) * pieces) / most;
  const highest = steps.reduce((a, b) => (b.pieces > a.pieces ? b : a), { at: run.serveAt, pieces: 0 });
  return (
    <g data-lane="held" data-most={highest.pieces}>
      <LaneName top={top} height={HELD_LANE}>
        waiting
      </LaneName>
      <path
        d={stepsPath(
          steps.map(({ at, pieces }) => ({ at, y: y(pieces) })),
          x,
          floor,
          end,
        )}
        fill={BAND}
        opacity={0.7}
      />
      {Number.isFinite(room) && <Limit x1={x(plan.startAt)} x2={x(end)} y={y(room)} />}
      {highest.pieces > 0 && (
        <text x={x(highest.at) - 4} y={y(highest.pieces) + 12} fontSize="13" textAnchor="end" fill={INK}>
          {highest.pieces}
        </text>
      )}
    </g>
  );
};

const Limit = ({ x1, x2, y }: { readonly x1: number; readonly x2: number; readonly y: number }) => (
  <line x1={x1} x2={x2} y1={y} y2={y} stroke={HAZARD} strokeWidth={1.5} strokeDasharray="6 4" />
);

/** The circuits that something of the run is on. */
export const circuitsOf = ({ request }: Pick<PlannedRun, 'request'>) =>
  (request?.circuits ?? []).filter(({ id }) => request?.irons.some(({ circuitId }) => circuitId === id));

/** What is on at once on one circuit, every iron at its full power, against what it carries. */
export const WattLane = ({ x, top, end, planned, plan, circuitId }: LaneProps & { readonly end: number; readonly circuitId: string }) => {
  const circuit = circuitsOf(planned).find(({ id }) => id === circuitId);
  if (circuit === undefined) return null;
  const steps = wattsOver(plan, planned.request?.irons ?? [], circuitId);
  const most_W = Math.max(circuit.limit_W, ...steps.map(({ on_W }) => on_W));
  const floor = top + WATT_LANE - 4;
  const y = (watts: number): number => floor - ((WATT_LANE - 12) * watts) / most_W;
  const highest_W = Math.max(0, ...steps.map(({ on_W }) => on_W));
  return (
    <g data-lane="watts" data-most={highest_W}>
      <LaneName top={top} height={WATT_LANE}>
        {circuit.name}
      </LaneName>
      <path
        d={stepsPath(
          steps.map(({ at, on_W }) => ({ at, y: y(on_W) })),
          x,
          floor,
          end,
        )}
        fill={ACT}
        opacity={0.25}
      />
      <Limit x1={x(plan.startAt)} x2={x(end)} y={y(circuit.limit_W)} />
      <text x={x(end)} y={floor - 3} fontSize="13" textAnchor="end" fill={INK}>
        {highest_W.toLocaleString('en-GB')} of {circuit.limit_W.toLocaleString('en-GB')} W at most
      </text>
    </g>
  );
};

export const BowlLanes = ({ x, top, planned, plan }: LaneProps) =>
  planned.dishes.map(({ dish, formula, batter_g: mixed_g }, lane) => {
    const at = top + lane * BOWL_LANE;
    const bowls = plan.bowls.filter(({ dishId }) => dishId === dish.id);
    // What is mixed is a little more than what is poured of it.
    const share = mixed_g / Math.max(1, sum(bowls.map(({ batter_g }) => batter_g)));
    const name = planned.dishes.length === 1 ? 'bowl' : formula.name;
    return (
      <g key={dish.id}>
        <text x={0} y={at + 17} fontSize="15" fill="var(--color-quiet)">
          {shortened(name, NAMES / LETTER - 2)}
        </text>
        {bowls.map(({ n, foldAt, firstPourAt, lastPourAt, batter_g }) => (
          <g key={n}>
            {foldAt !== null && (
              <rect
                x={x(foldAt)}
                y={at + 4}
                width={Math.max(3, x(foldAt + 1000 * FOLD_S) - x(foldAt))}
                height={16}
                fill="var(--color-act)"
              />
            )}
            <line x1={x(firstPourAt)} x2={x(lastPourAt)} y1={at + 12} y2={at + 12} stroke="var(--color-ink)" strokeWidth={4} />
            {x(lastPourAt) - x(firstPourAt) > ROOM_FOR_WORDS && (
              <text x={x(firstPourAt) + 8} y={at + 8} fontSize="13" fill="var(--color-ink)">
                {grams(share * batter_g)} g{foldAt === null ? '' : `, folded at ${timeOfDay(foldAt, planned.run.zone)}`}
              </text>
            )}
          </g>
        ))}
      </g>
    );
  });
