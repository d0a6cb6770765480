import { MINUTE_MS } from '../../../core/basis/index.ts';
import { useState } from 'react';
import type { Pin, PlannedLoad, RunPlan } from '../../../core/run/index.ts';
import type { ChosenLoad } from '../clock/pinned.ts';
import { LoadHandles } from './LoadHandles.tsx';
import type { PlannedRun } from '../../session/index.ts';
import { dishName, replyFor } from '../../session/index.ts';
import { tawnyCss, timeOfDay, useDrag, TOPPING_WORDS } from '../../ui/index.ts';
import {
  BOWL_LANE,
  BowlLanes,
  circuitsOf,
  HAND_LANE,
  HandLane,
  HELD_LANE,
  HeldLane,
  LETTER,
  NAMES,
  ROOM_FOR_WORDS,
  shortened,
  WATT_LANE,
  WattLane,
} from './PictureLanes.tsx';

type Props = {
  readonly planned: PlannedRun;
  /** As it is shown: while a load is dragged, another than the one that is kept. */
  readonly plan: RunPlan;
  readonly chosen: ChosenLoad | null;
  readonly onServe: (at: (serveAt: number) => number) => void;
  readonly onChoose: (load: ChosenLoad) => void;
  readonly onTry: (pins: readonly Pin[] | null) => void;
  readonly onMove: (load: PlannedLoad, at: (pourAt: number) => number) => void;
};

const LANE = 46;
const TOP = 26;
const WIDTH = 1150;
const COUNT = 34;

/** The morning drawn: a lane an iron, preheat grey, each load in the colour it will have, pieces counted up to the table. */
export const PlanPicture = ({ planned, plan, chosen, onServe, onChoose, onTry, onMove }: Props) => {
  const { irons, run } = planned;
  // The axis stays where it is while a load is dragged, as far as it can.
  const start = Math.min(plan.startAt, planned.plan?.startAt ?? plan.startAt);
  const end = Math.max(plan.lastPlateAt, planned.plan?.lastPlateAt ?? 0, run.serveAt);
  const length = Math.max(1, end - start);
  const x = (at: number): number => NAMES + ((WIDTH - NAMES - COUNT) * (at - start)) / length;
  const msPerShare = (WIDTH * length) / (WIDTH - NAMES - COUNT);
  const circuits = circuitsOf(planned);
  const handsAt = TOP + irons.length * LANE;
  const bowlsAt = handsAt + HAND_LANE;
  const heldAt = bowlsAt + planned.dishes.length * BOWL_LANE;
  const wattsAt = heldAt + HELD_LANE;
  const floor = wattsAt + circuits.length * WATT_LANE + 46;
  const height = floor + 10;
  const opened = [...plan.loads].sort((a, b) => a.openAt - b.openAt);
  let sum = 0;
  const stairs = opened.map((load) => {
    const before = sum;
    sum += load.pieces;
    return { at: load.openAt, before, after: sum };
  });
  const y = (pieces: number): number => floor - (34 * pieces) / Math.max(1, plan.pieces);
  const path = stairs
    .map(({ at, before, after }) => `L${x(at).toFixed(1)} ${y(before).toFixed(1)}L${x(at).toFixed(1)} ${y(after).toFixed(1)}`)
    .join('');
  const step_ms = length > 90 * 60_000 ? 30 * 60_000 : length > 40 * 60_000 ? 10 * 60_000 : 5 * 60_000;
  const ticks = Array.from(
    { length: Math.floor(length / step_ms) + 2 },
    (_, i) => Math.ceil(start / step_ms) * step_ms + i * step_ms,
  ).filter((at) => at <= end);
  return (
    <div className="relative">
      <svg
        viewBox={`0 0 ${WIDTH} ${height}`}
        className="w-full"
        role="img"
        aria-label={`${plan.loads.length} loads on ${irons.length} irons from ${timeOfDay(plan.firstPourAt, run.zone)} to ${timeOfDay(plan.lastPlateAt, run.zone)}; the table below lists them`}
      >
        {ticks.map((at) => (
          <g key={at}>
            <line x1={x(at)} x2={x(at)} y1={TOP - 6} y2={floor} stroke="#d5dbd7" />
            <text x={x(at)} y={14} fontSize="14" fill="var(--color-quiet)" textAnchor="middle">
              {timeOfDay(at, run.zone)}
            </text>
          </g>
        ))}
        {irons.map((iron, lane) => {
          const top = TOP + lane * LANE;
          const preheat = plan.preheats.find((p) => p.ironId === iron.id);
          return (
            <g key={iron.id}>
              <text x={0} y={top + 26} fontSize="17" fontWeight="700" className="font-display" fill="var(--color-ink)">
                {iron.name}
              </text>
              {preheat !== undefined && (
                <>
                  <rect
                    x={x(preheat.from)}
                    y={top + 6}
                    width={x(preheat.to) - x(preheat.from)}
                    height={LANE - 14}
                    rx={3}
                    fill="var(--color-band)"
                    opacity={0.6}
                  />
                  <text x={x(preheat.from) + 6} y={top + 26} fontSize="14" fill="var(--color-ink)">
                    heat
                  </text>
                </>
              )}
              {plan.loads
                .filter((load) => load.ironId === iron.id)
                .map((load) => {
                  const reply = replyFor(planned, load);
                  const fill = tawnyCss(reply?.answer.tawnyStep ?? 4, reply?.picture.rawLightness);
                  return (
                    <g key={load.n}>
                      <rect
                        x={x(load.pourAt)}
                        y={top + 6}
                        width={Math.max(2, x(load.openAt) - x(load.pourAt))}
                        height={LANE - 14}
                        rx={3}
                        fill={fill}
                        stroke="var(--color-ink)"
                      />
                      <text
                        x={(x(load.pourAt) + x(load.openAt)) / 2}
                        y={top + 27}
                        fontSize="16"
                        fontWeight="700"
                        textAnchor="middle"
                        fill="var(--color-ink)"
                      >
                        {load.isTrial === true ? 'trial' : load.n}
                        {dishName(planned, load.dishId) !== null && x(load.openAt) - x(load.pourAt) > ROOM_FOR_WORDS && (
                          <tspan fontSize="13" fontWeight="400">
                            {' '}
                            {shortened(dishName(planned, load.dishId) ?? '', (x(load.openAt) - x(load.pourAt)) / LETTER - 4)}
                          </tspan>
                        )}
                        {load.variant?.onPlate != null && x(load.openAt) - x(load.pourAt) > ROOM_FOR_WORDS && (
                          <tspan fontSize="13" fontWeight="400">
                            {' '}
                            {TOPPING_WORDS[load.variant.onPlate.toppingId]}
                          </tspan>
                        )}
                      </text>
                    </g>
                  );
                })}
            </g>
          );
        })}
        <HandLane x={x} top={handsAt} planned={planned} plan={plan} />
        <BowlLanes x={x} top={bowlsAt} planned={planned} plan={plan} />
        <HeldLane x={x} top={heldAt} end={end} planned={planned} plan={plan} />
        {circuits.map(({ id }, i) => (
          <WattLane key={id} circuitId={id} x={x} top={wattsAt + i * WATT_LANE} end={end} planned={planned} plan={plan} />
        ))}
        <text x={0} y={floor - 12} fontSize="15" fill="var(--color-quiet)">
          pieces out
        </text>
        <path
          d={`M${x(start)} ${floor}L${x(plan.firstPourAt)} ${floor}${path}L${x(end)} ${y(sum)}`}
          fill="none"
          stroke="var(--color-act)"
          strokeWidth="2.5"
        />
        {stairs.length > 0 && (
          <text x={x(end) + 4} y={y(sum) + 5} fontSize="15" fontWeight="700" fill="var(--color-act)">
            {sum}
          </text>
        )}
        <line
          x1={x(run.serveAt)}
          x2={x(run.serveAt)}
          y1={TOP - 6}
          y2={floor}
          stroke="var(--color-ink)"
          strokeWidth="2"
          strokeDasharray="2 4"
        />
      </svg>
      <LoadHandles
        planned={planned}
        plan={plan}
        chosen={chosen}
        msPerShare={msPerShare}
        placeOf={({ ironId, pourAt, openAt }) => ({
          left: (100 * x(pourAt)) / WIDTH,
          width: (100 * Math.max(2, x(openAt) - x(pourAt))) / WIDTH,
          top: (100 * (TOP + irons.findIndex(({ id }) => id === ironId) * LANE + 6)) / height,
          height: (100 * (LANE - 14)) / height,
        })}
        onChoose={onChoose}
        onTry={onTry}
        onMove={onMove}
      />
      <ServingHandle run={run} left={(100 * x(run.serveAt)) / WIDTH} msPerShare={msPerShare} onServe={onServe} />
    </div>
  );
};

type HandleProps = {
  readonly run: PlannedRun['run'];
  /** Where it stands, per cent of the picture's width. */
  readonly left: number;
  /** Of the whole picture's width. */
  readonly msPerShare: number;
  readonly onServe: (at: (serveAt: number) => number) => void;
};

/** When it is served, dragged or by the arrow keys: the whole morning moves along. */
const ServingHandle = ({ run, left, msPerShare, onServe }: HandleProps) => {
  const [dragged, setDragged] = useState<number | null>(null);
  const shown = dragged ?? run.serveAt;
  const drag = useDrag<{ readonly x: number; readonly at: number }, HTMLButtonElement>({
    start: (event) => ({ x: event.clientX, at: run.serveAt }),
    move: (event, from) => {
      const width = Math.max(1, event.currentTarget.parentElement?.clientWidth ?? 1);
      setDragged(Math.round((from.at + ((event.clientX - from.x) / width) * msPerShare) / MINUTE_MS) * MINUTE_MS);
    },
    end: (_event, _from, isDone) => {
      if (isDone && shown !== run.serveAt) onServe(() => shown);
      setDragged(null);
    },
  });
  return (
    <button
      type="button"
      className="no-print absolute inset-y-0 w-11 -translate-x-1/2 cursor-ew-resize touch-none"
      style={{ left: `${left + (100 * (shown - run.serveAt)) / msPerShare}%` }}
      aria-label={`Served at ${timeOfDay(shown, run.zone)}: move with the arrow keys`}
      data-serve={shown}
      {...drag.handlers}
      onKeyDown={(event) => {
        const by = event.key === 'ArrowLeft' ? -1 : event.key === 'ArrowRight' ? 1 : 0;
        if (by === 0) return;
        event.preventDefault();
        onServe((serveAt) => serveAt + by * (event.shiftKey ? 10 : 1) * MINUTE_MS);
      }}
    >
      {dragged !== null && (
        <span className="absolute top-1/3 right-1/2 rounded bg-act px-2 py-0.5 font-bold text-page">{timeOfDay(shown, run.zone)}</span>
      )}
      <span
        aria-hidden
        className={`absolute inset-y-5 left-1/2 w-1 -translate-x-1/2 rounded ${dragged === null ? 'bg-transparent' : 'bg-act'}`}
      />
      <span aria-hidden className="absolute bottom-0 left-1/2 size-3 -translate-x-1/2 rounded-full bg-ink" />
    </button>
  );
};
