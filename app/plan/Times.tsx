import { ConciergeBell, Droplet, Power } from 'lucide-react';
import type { ReactNode } from 'react';
import { sum } from '../../core/basis/index.ts';
import type { RunPlan } from '../../core/run/index.ts';
import { platesOf } from '../../core/run/index.ts';
import type { PlannedRun } from '../session/index.ts';
import { Bowl, grams, timeOfDay } from '../ui/index.ts';
import { minuteWords } from './minuteWords.ts';

type Props = { readonly planned: PlannedRun; readonly plan: RunPlan };

/** A last plate that is so much later than it is served is late. */
const LATE_MS = 30_000;

const Time = ({
  icon,
  name,
  value,
  note,
  isLate = false,
}: {
  icon: ReactNode;
  name: string;
  value: string;
  note: string;
  isLate?: boolean;
}) => (
  <div className="min-w-0">
    <dt className="flex items-center gap-2.5 text-[17px] font-semibold">
      <span aria-hidden className="grid size-7 shrink-0 place-items-center rounded-full bg-act text-page">
        {icon}
      </span>
      {name}
    </dt>
    <dd className="figure mt-1 text-[68px] whitespace-nowrap max-xl:text-[56px] max-sm:text-[40px]">{value}</dd>
    <dd className={`mt-1 truncate text-[17px] ${isLate ? 'font-bold text-hazard' : 'text-quiet'}`}>{note}</dd>
  </div>
);

/** When to switch on, to pour first and to serve. */
export const Times = ({ planned, plan }: Props) => {
  const { run, irons } = planned;
  const time = (at: number): string => timeOfDay(at, run.zone);
  const nameOf = (ironId: string | undefined): string => irons.find(({ id }) => id === ironId)?.name ?? '';
  const firstOn = plan.preheats.find(({ from }) => from === Math.min(...plan.preheats.map((one) => one.from)));
  const firstPour = plan.loads.find(({ pourAt }) => pourAt === plan.firstPourAt);
  const late_ms = plan.lastPlateAt - run.serveAt;
  const isLate = run.mode === 'together' && late_ms > LATE_MS;
  const plates = platesOf(run);
  return (
    <dl className="flex gap-x-7 max-sm:justify-between max-sm:gap-x-3" data-figure="pieces planned" data-exact={plan.pieces}>
      <Time icon={<Power className="size-4" />} name="Switch on" value={time(plan.startAt)} note={`${nameOf(firstOn?.ironId)} first`} />
      <Time
        icon={<Droplet className="size-4" />}
        name="First pour"
        value={time(plan.firstPourAt)}
        note={`into ${nameOf(firstPour?.ironId)}`}
      />
      <Time
        icon={<ConciergeBell className="size-4" />}
        name={plates === 0 ? 'Done' : run.mode === 'together' ? 'Serve' : 'First plate'}
        value={time(run.serveAt)}
        note={
          isLate
            ? `last plate ${time(plan.lastPlateAt)}, ${minuteWords(late_ms / 1000)} late`
            : plates === 0
              ? `all ${plan.pieces}`
              : run.mode === 'together'
                ? `all ${plates}`
                : `last plate ${time(plan.lastPlateAt)}`
        }
        isLate={isLate}
      />
    </dl>
  );
};

/** "1.95", "2": what is mixed is mixed in twentieths. */
const timesWords = (times: number): string => String(Number(times.toFixed(2)));

/** How much batter to make. */
export const Batter = ({ planned: { dishes } }: { readonly planned: PlannedRun }) => {
  const total_g = sum(dishes.map(({ batter_g }) => batter_g));
  const words = dishes
    .flatMap(({ formula, batch_g, batter_g, times }) => {
      const factor = batch_g <= 0 ? null : timesWords(times ?? batter_g / batch_g);
      if (factor === null) return [];
      return [dishes.length === 1 ? `${factor} × your recipe` : `${grams(batter_g)} g ${formula.name} (${factor} ×)`];
    })
    .join(', ');
  return (
    <p className="flex items-center gap-5">
      <span className="[&>svg]:size-20">
        <Bowl share={0.7} label="Bowl of batter" />
      </span>
      <span>
        <span className="figure text-[40px]" data-figure="batter planned" data-exact={total_g}>
          {grams(total_g)}
        </span>
        <span className="font-display text-xl font-bold">{'\u00a0g batter'}</span>
        <span className="block text-[17px] text-quiet">{words}</span>
      </span>
    </p>
  );
};
