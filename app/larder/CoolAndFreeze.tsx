import { useMemo, useState } from 'react';
import { coolFreeze, slabOf_mm } from '../../core/keep/index.ts';
import { PUBLISHED } from '../../core/safety/index.ts';
import { temperature } from '../ui/index.ts';
import type { Session } from '../session/index.ts';

/** In a bag or a pile where nobody said how many. */
const USUAL_TOGETHER = 6;
const MOST_TOGETHER = 12;
const HOUR_S = 3600;

/** "25 min", "3½ h"; null: not within two days. */
const long = (time_s: number | null): string => {
  if (time_s === null) return 'over two days';
  if (time_s < 1.5 * HOUR_S) return `${Math.max(5, Math.round(time_s / 300) * 5)} min`;
  const halves = Math.round((2 * time_s) / HOUR_S);
  return `${Math.floor(halves / 2) || ''}${halves % 2 === 1 ? '½' : ''} h`;
};

type Props = { readonly session: Session; readonly amount: string; readonly isFrozen: boolean };

/** What it takes until pieces may be bagged, and until they are hard, by the heat model: on a rack or in a pile, on a tray or straight in the bag. */
export const CoolAndFreeze = ({ session: { iron, irons, kit }, amount, isFrozen }: Props) => {
  const [isOpen, setOpen] = useState(false);
  const of = iron ?? irons[0];
  if (of === undefined) return null;
  return (
    <details className="mt-1" onToggle={(event) => setOpen(event.currentTarget.open)}>
      <summary className="min-h-11 cursor-pointer py-2 font-semibold text-act">
        Cool it, bag it{isFrozen ? ', freeze it' : ''}: how long
      </summary>
      {isOpen && (
        <Programme
          thickness_mm={slabOf_mm(of.geometry)}
          together={Math.min(MOST_TOGETHER, Math.max(2, Number(/\d+/.exec(amount)?.[0] ?? USUAL_TOGETHER)))}
          room_C={kit.room_C}
          unit={kit.temperatureUnit}
          isFrozen={isFrozen}
          ironName={of.name}
        />
      )}
    </details>
  );
};

type ProgrammeProps = {
  readonly thickness_mm: number;
  readonly together: number;
  readonly room_C: number;
  readonly unit: Session['kit']['temperatureUnit'];
  readonly isFrozen: boolean;
  readonly ironName: string;
};

const COOLING = PUBLISHED.coolingCooked;

const Programme = ({ thickness_mm, together, room_C, unit, isFrozen, ironName }: ProgrammeProps) => {
  const found = useMemo(() => coolFreeze(thickness_mm, together, room_C), [thickness_mm, together, room_C]);
  const isTooSlow = found.hotBag_s === null || found.hotBag_s > COOLING.all_h * HOUR_S;
  return (
    <div className="flex flex-col gap-1 text-[15px]">
      <ol className="list-decimal pl-6">
        <li data-figure="on a rack" data-exact={Math.round(found.rack_s ?? 0)}>
          On a rack, one layer, <b>{long(found.rack_s)}</b> until nothing sweats in a bag; {together} in a pile <b>{long(found.pile_s)}</b>.
        </li>
        {isFrozen && (
          <li data-figure="on a tray" data-exact={Math.round(found.tray_s ?? 0)}>
            Flat on a tray in the freezer <b>{long(found.tray_s)}</b>, then bags of {together}: they don’t freeze together. Straight into
            the bag, cooled, <b>{long(found.bag_s)}</b>.
          </li>
        )}
      </ol>
      {isFrozen && isTooSlow && (
        <p className="font-semibold text-hazard">
          Bagged hot, {together} together take {long(found.hotBag_s)} to {temperature(COOLING.then_C, unit)}: longer than the{' '}
          {COOLING.all_h} hours of {COOLING.source}. Cool them on the rack first.
        </p>
      )}
      <p className="text-quiet">
        By the heat model for a piece of {ironName} in a room of {temperature(room_C, unit)}; within a third either way. {COOLING.source}:
        cooked food from {temperature(COOLING.from_C, unit)} to {temperature(COOLING.first_C, unit)} within {COOLING.first_h} hours, to{' '}
        {temperature(COOLING.then_C, unit)} within {COOLING.all_h}; your local code decides.
      </p>
    </div>
  );
};
