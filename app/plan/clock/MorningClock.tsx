import { Droplet, Power } from 'lucide-react';
import { lazy, Suspense, useState } from 'react';
import { HOUR_MS, MINUTE_MS } from '../../../core/basis/index.ts';
import type { Iron } from '../../../core/plate/index.ts';
import type { PlannedLoad, RunPlan } from '../../../core/run/index.ts';
import { useNow } from '../../clock/index.ts';
import type { PlannedRun } from '../../session/index.ts';
import { replyFor } from '../../session/index.ts';
import type { PieceLook, RingArc } from '../../ui/index.ts';
import { ClockRing, Piece, pieceOf, timeOfDay, USUAL_STEP } from '../../ui/index.ts';
import { hourShown, hoursOf, spokesOf } from './clockOf.ts';
import type { ClockProps } from './clockProps.ts';

const RingLoads = lazy(async () => ({ default: (await import('./RingLoads.tsx')).RingLoads }));

const TICK_MS = 30_000;
/** How the pieces of a load will look. */
const lookOfLoad = (planned: PlannedRun, load: PlannedLoad): PieceLook | null => {
  const iron = planned.irons.find(({ id }) => id === load.ironId);
  return iron === undefined ? null : pieceOf(iron, replyFor(planned, load)?.answer.tawnyStep ?? USUAL_STEP);
};

/** Where the minute hand stands in the kitchen, as a share of its turn. */
const turnIn = (zone: string) => {
  const minutesOf = (at: number): number => Number(timeOfDay(at, zone).split(':')[1]);
  return (at: number): number => (minutesOf(at) + (at % MINUTE_MS) / MINUTE_MS) / 60;
};

const arcsOf = ({ dishes }: PlannedRun, plan: RunPlan): readonly RingArc[] => {
  const mixAt = Math.min(
    plan.startAt,
    ...dishes.flatMap(({ prep }) => prep.map(({ at }) => at)).filter((at) => at > plan.startAt - HOUR_MS),
  );
  return [
    { from: mixAt, to: plan.startAt, kind: 'mix', name: 'Mix' },
    { from: plan.startAt, to: plan.firstPourAt, kind: 'heat', name: 'Heat' },
    { from: plan.firstPourAt, to: plan.lastPlateAt, kind: 'cook' },
  ];
};

/** The morning on the kitchen's clock: each load where the minute hand will be when it comes off. */
export const MorningClock = ({ planned, plan, chosen, onChoose, onTry, onMove }: ClockProps) => {
  const { run } = planned;
  const now = useNow(TICK_MS);
  const hours = hoursOf(plan, run.serveAt);
  const [picked, setPicked] = useState<number | null>(null);
  const spokes = spokesOf(plan);
  const until = (picked === null ? undefined : hours[picked]) ?? hourShown(hours, now, spokes[0]?.at ?? run.serveAt);
  const turnOf = turnIn(run.zone);
  const first = spokes[0]?.loads[0];
  const served = first === undefined ? null : lookOfLoad(planned, first);
  if (served === null) return null;
  // In the hours before the last the plate stands at the end of the ring.
  const plateAt = until === hours.at(-1) ? Math.max(run.serveAt, until - HOUR_MS + MINUTE_MS) : until;
  return (
    <section aria-label="The morning" className="flex flex-col gap-2">
      <ClockRing
        until={until}
        serveAt={plateAt}
        arcs={arcsOf(planned, plan)}
        spokes={spokes.map(({ at, loads }) => ({ at, pieces: loads.flatMap((load) => lookOfLoad(planned, load) ?? []) }))}
        marks={[
          { at: plan.startAt, icon: <Power className="size-4" /> },
          { at: plan.firstPourAt, icon: <Droplet className="size-4" /> },
        ]}
        turnOf={turnOf}
        timeOf={(at) => timeOfDay(at, run.zone)}
        now={now}
        served={{ ...served, count: 1 }}
        label={clockWords(planned, plan)}
        centre={
          <>
            <p className="figure text-[80px] max-sm:text-5xl">{plan.pieces}</p>
            <p className="text-[17px] font-semibold max-sm:text-sm">
              {plan.pieces === 1 ? 'piece' : 'pieces'} in {plan.loads.length} {plan.loads.length === 1 ? 'load' : 'loads'}
            </p>
          </>
        }
      >
        <Suspense>
          <RingLoads
            planned={planned}
            spokes={spokes.filter(({ at }) => at > until - HOUR_MS && at <= until)}
            turnOf={turnOf}
            serveTurn={turnOf(plateAt)}
            chosen={chosen}
            onChoose={onChoose}
            onTry={onTry}
            onMove={onMove}
          />
        </Suspense>
      </ClockRing>
      {hours.length > 1 && <Hours hours={hours} until={until} zone={run.zone} onPick={setPicked} />}
      <Legend planned={planned} plan={plan} />
    </section>
  );
};

const clockWords = ({ irons, run }: PlannedRun, plan: RunPlan): string =>
  `${plan.loads.length} loads on ${irons.length} ${irons.length === 1 ? 'iron' : 'irons'}: switch on at ${timeOfDay(plan.startAt, run.zone)}, first pour at ${timeOfDay(plan.firstPourAt, run.zone)}, last plate at ${timeOfDay(plan.lastPlateAt, run.zone)}`;

type HoursProps = {
  readonly hours: readonly number[];
  readonly until: number;
  readonly zone: string;
  readonly onPick: (hour: number) => void;
};

/** Over an hour: one clock, and the hours to pick from. */
const Hours = ({ hours, until, zone, onPick }: HoursProps) => (
  <div role="group" aria-label="Hour on the clock" className="flex flex-wrap justify-center gap-2">
    {hours.map((end, i) => (
      <button
        key={end}
        type="button"
        aria-pressed={end === until}
        className={`min-h-11 rounded-full border-2 px-3 font-semibold ${end === until ? 'border-act bg-act-soft text-act' : 'border-line'}`}
        onClick={() => onPick(i)}
      >
        {timeOfDay(end - HOUR_MS, zone)}–{timeOfDay(end, zone)}
      </button>
    ))}
  </div>
);

/** Which piece comes from which iron: irons of one shape stand together. */
const Legend = ({ planned, plan }: { readonly planned: PlannedRun; readonly plan: RunPlan }) => {
  const used = planned.irons.filter(({ id }) => plan.loads.some(({ ironId }) => ironId === id));
  const byShape = new Map<string, Iron[]>();
  for (const iron of used) {
    const { lattice, moulds } = iron.geometry;
    const shape = `${lattice.outline} ${lattice.rows} ${lattice.columns} ${moulds}`;
    byShape.set(shape, [...(byShape.get(shape) ?? []), iron]);
  }
  if (used.length < 2) return null;
  return (
    <ul className="flex flex-wrap justify-center gap-x-7 gap-y-1">
      {[...byShape.entries()].map(([shape, irons]) => (
        <li key={shape} className="flex items-center gap-2.5">
          {irons[0] !== undefined && <Piece {...pieceOf(irons[0], USUAL_STEP)} size={22} />}
          from {irons.map(({ name }) => name).join(', ')}
        </li>
      ))}
    </ul>
  );
};
