import { useMemo, useState } from 'react';
import type { Damp } from '../../core/keep/index.ts';
import { daysThrough, middleOf_d, PACKED_ACTIVITY } from '../../core/keep/index.ts';
import type { Season } from '../../core/kit/index.ts';
import { HUMIDITY } from '../../core/matter/index.ts';
import { CRISP_WATER_ACTIVITY } from '../../core/plate/index.ts';
import { NumberEntry, TemperatureEntry } from '../ui/index.ts';
import type { Session } from '../session/index.ts';
import { commands, useDo } from '../store/index.ts';

const NAMES = ['Jan', 'Feb', 'Mar', 'Apr', 'May', 'Jun', 'Jul', 'Aug', 'Sep', 'Oct', 'Nov', 'Dec'] as const;
/** Longer than this is long enough, days. */
const LONG_D = 120;
const BAR_REM = 5;
const SEASONS = ['winter', 'summer'] as const;

type Props = { readonly session: Session; readonly kept: Omit<Damp, 'room'> };

/** How long a tin keeps wafers crisp by the month they are put away in, and what the air of this kitchen is in winter and summer. */
export const Months = (props: Props) => {
  const [isOpen, setOpen] = useState(false);
  return (
    <details onToggle={(event) => setOpen(event.currentTarget.open)}>
      <summary className="min-h-11 cursor-pointer py-2 font-semibold text-act">Month by month: when to bake for the tin</summary>
      {isOpen && <Year {...props} />}
    </details>
  );
};

const Year = ({ session: { kit }, kept }: Props) => {
  const carryOut = useDo();
  const { sorption, dry_g, permeance_gPerDayPa } = kept;
  const usual = { temperature_C: kit.room_C, humidity: HUMIDITY[kit.climate] };
  const season: Season = kit.season ?? { winter: usual, summer: usual };
  const asked = JSON.stringify(season);
  const months = useMemo(() => {
    const year = JSON.parse(asked) as Season;
    const tin = { sorption, dry_g, permeance_gPerDayPa };
    return NAMES.map((_, month) => daysThrough(tin, year, middleOf_d(month), PACKED_ACTIVITY, CRISP_WATER_ACTIVITY));
  }, [sorption, dry_g, permeance_gPerDayPa, asked]);
  const set = (changes: Partial<Season>): void =>
    void carryOut(commands.changeKit((now) => ({ ...now, season: { ...season, ...changes } })));
  const days = (month: number): number => months[month] ?? Infinity;
  const best = NAMES.reduce((a, _, month) => (days(month) > days(a) ? month : a), 0);
  const isSame = months.every((found) => found === months[0]);
  return (
    <div className="flex flex-col gap-2 text-[15px]">
      <ol aria-label="Days crisp in a tin" className="flex items-end gap-1" style={{ height: `${BAR_REM + 3}rem` }}>
        {NAMES.map((name, month) => (
          <li
            key={name}
            data-month={month}
            data-exact={months[month] ?? ''}
            className="flex min-w-0 flex-1 flex-col items-center justify-end"
          >
            <span className="figure text-sm">
              {months[month] === null ? '∞' : days(month) > LONG_D ? `${LONG_D}+` : Math.round(days(month))}
            </span>
            <span
              aria-hidden
              className="w-full rounded-t bg-ink/60"
              style={{ height: `${(BAR_REM * Math.min(LONG_D, days(month))) / LONG_D}rem` }}
            />
            <span className="text-sm text-quiet">{name}</span>
          </li>
        ))}
      </ol>
      <p>
        Days until half of their crunch is gone, by the month they are put away in
        {isSame
          ? '; say what the air is in winter and summer, and the months tell themselves apart.'
          : `: longest from ${NAMES[best] ?? ''} on.`}
      </p>
      <div className="flex flex-wrap items-end gap-x-6 gap-y-2">
        {SEASONS.map((when) => (
          <fieldset key={when} className="flex items-end gap-2">
            <legend className="mb-1 font-semibold">Mid-{when}</legend>
            <TemperatureEntry
              label={`in ${when}`}
              value_C={season[when].temperature_C}
              min_C={-10}
              max_C={50}
              unit={kit.temperatureUnit}
              onChange={(temperature_C) => set({ [when]: { ...season[when], temperature_C } })}
            />
            <NumberEntry
              narrow
              label={`humidity in ${when}, %`}
              value={Math.round(100 * season[when].humidity)}
              min={2}
              max={98}
              whole
              onChange={(share) => share !== null && set({ [when]: { ...season[when], humidity: share / 100 } })}
            />
          </fieldset>
        ))}
        <label className="flex min-h-11 items-center gap-2">
          <input
            type="checkbox"
            className="size-5 accent-act"
            checked={season.southern === true}
            onChange={(event) => set({ southern: event.target.checked })}
          />
          January is summer here
        </label>
      </div>
    </div>
  );
};
