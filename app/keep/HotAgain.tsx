import { useMemo, useState } from 'react';
import type { KeepItem, Reheater } from '../../core/keep/index.ts';
import { crumbSlab, FREEZER_C, REHEATER_IDS, REHEATERS, reheatTime_s, slabOf_mm, THROUGH_C } from '../../core/keep/index.ts';
import type { Kit } from '../../core/kit/index.ts';
import type { Iron } from '../../core/plate/index.ts';
import { clock, temperature, TemperatureEntry } from '../look/index.ts';
import type { Session } from '../session/index.ts';

const REHEATER_WORDS: Readonly<Record<Reheater, string>> = {
  toaster: 'toaster',
  oven: 'oven',
  'air-oven': 'air oven',
  iron: 'the iron itself',
  pan: 'pan, turned every minute',
};

const OVEN_C = { min_C: 100, max_C: 280 };
/** Times are said to so many seconds. */
const STEP_S = 10;

/** Which iron made these pieces: the one that poured from their bowl, else one that is there. */
const ironOf = (session: Session, item: KeepItem) => {
  const of = [...session.ironLoads.loads].find(([, loads]) => loads.some(({ load }) => load.lotId === item.lotId))?.[0];
  return session.everyIron.find(({ id }) => id === of) ?? session.iron ?? session.irons[0] ?? null;
};

/** How long a piece takes to be hot through again, by what it is heated with. */
export const HotAgain = ({ session, item }: { readonly session: Session; readonly item: KeepItem }) => {
  const [isOpen, setOpen] = useState(false);
  const iron = ironOf(session, item);
  if (iron === null || item.form !== 'pieces' || (item.place !== 'freezer' && item.place !== 'refrigerator')) return null;
  return (
    <details className="mt-1" onToggle={(event) => setOpen(event.currentTarget.open)}>
      <summary className="min-h-11 cursor-pointer py-2 font-semibold text-act">Hot again, straight from the cold</summary>
      {isOpen && (
        <Times iron={iron} from_C={item.place === 'freezer' ? FREEZER_C : item.refrigerator_C} unit={session.kit.temperatureUnit} />
      )}
    </details>
  );
};

type TimesProps = { readonly iron: Iron; readonly from_C: number; readonly unit: Kit['temperatureUnit'] };

/** Reckoned only where it is looked at. */
const Times = ({ iron, from_C, unit }: TimesProps) => {
  const [oven_C, setOven] = useState<number>(REHEATERS.oven.air_C);
  const thickness_mm = slabOf_mm(iron.geometry);
  const times = useMemo(
    () =>
      REHEATER_IDS.map((id) => {
        const heater = id === 'oven' ? { ...REHEATERS.oven, air_C: oven_C } : REHEATERS[id];
        return { id, time_s: reheatTime_s(crumbSlab(thickness_mm), from_C, THROUGH_C, heater) };
      }),
    [thickness_mm, from_C, oven_C],
  );
  return (
    <>
      <dl className="flex flex-wrap gap-x-6 gap-y-1">
        {times.map(({ id, time_s }) => (
          <div key={id} className="flex items-baseline gap-2" data-reheat={id} data-exact={time_s === null ? '' : Math.round(time_s)}>
            <dt>{REHEATER_WORDS[id]}</dt>
            <dd className="figure text-xl">{time_s === null ? '–' : clock(Math.round(time_s / STEP_S) * STEP_S)}</dd>
          </div>
        ))}
      </dl>
      <div className="mt-1 flex flex-wrap items-end gap-4">
        <TemperatureEntry label="Your oven" value_C={oven_C} {...OVEN_C} unit={unit} onChange={setOven} />
        <p className="min-w-0 flex-1 text-[15px] text-quiet">
          Reckoned for a piece of {iron.name} until its middle has {temperature(THROUGH_C, unit)} (FDA Food Code 2022, 3-403.11); never
          thawed first. Times are within a third either way: appliances differ (common practice).
        </p>
      </div>
    </>
  );
};
