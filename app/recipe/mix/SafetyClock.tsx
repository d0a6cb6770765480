import { Check, TriangleAlert } from 'lucide-react';
import type { Kit } from '../../../core/kit/index.ts';
import type { Vessel } from '../../../core/lift/index.ts';
import { codeLimits, nearestWays } from '../../../core/lift/index.ts';
import type { CodeId } from '../../../core/safety/index.ts';
import { describeCode, describeSentence } from '../../../words/index.ts';
import { temperature } from '../../ui/index.ts';
import { hours } from './words.ts';

type Props = {
  readonly T_C: Float64Array;
  readonly mass_kg: number;
  readonly start_C: number;
  readonly vessel: Vessel;
  readonly refrigerator_C: number;
  readonly room_C: number;
  readonly chosen: CodeId;
  readonly temperatureUnit: Kit['temperatureUnit'];
};

const LONGEST_H = 24;

/** Every selectable code beside the path of this bowl: what is exceeded, by how much, and the nearest way that passes. */
export const SafetyClock = ({ T_C, mass_kg, start_C, vessel, refrigerator_C, room_C, chosen, temperatureUnit }: Props) => {
  const limits = codeLimits(T_C, room_C);
  const own = limits.filter((limit) => limit.code === chosen);
  const worst = own[0] ?? limits[0];
  const ways =
    worst === undefined || worst.over_h <= 0
      ? []
      : nearestWays({ mass_kg, start_C, vessel, refrigerator_C, cold_C: worst.cold_C, limit_h: worst.limit_h }).filter(
          (way) => way.code !== 'as-it-is',
        );
  return (
    <section aria-label="Safety clock">
      <h2 className="text-lg">The codes’ clock</h2>
      <p className="text-[15px] text-quiet">
        Common practice lets batter stand; here is what the published codes say to this path. Your local code decides.
      </p>
      <ul className="mt-1">
        {limits.map((limit) => (
          <li
            key={`${limit.code}/${limit.what}`}
            data-over={limit.over_h > 0}
            className={`border-b border-line py-1.5 ${limit.code === chosen ? 'font-semibold' : ''}`}
          >
            <span className="flex items-center gap-2">
              {limit.over_h > 0 ? (
                <TriangleAlert aria-label="exceeded" className="size-4 shrink-0" />
              ) : (
                <Check aria-label="passes" className="size-4 shrink-0 text-act" />
              )}
              <span className="flex-1">
                {describeCode({ code: limit.code, fields: {} })}: over {temperature(limit.cold_C, temperatureUnit)} for {hours(limit.has_h)}
                , allowed {hours(limit.limit_h)}
              </span>
              {limit.over_h > 0 && <b>+{hours(limit.over_h)}</b>}
            </span>
            <span aria-hidden className="relative mt-1 block h-2 rounded bg-track">
              <span
                className="absolute inset-y-0 left-0 rounded bg-band"
                style={{ width: `${Math.min(100, (100 * limit.has_h) / LONGEST_H)}%` }}
              />
              <span className="absolute -inset-y-0.5 w-0.5 bg-ink" style={{ left: `${(100 * limit.limit_h) / LONGEST_H}%` }} />
            </span>
            <span className="block text-sm font-normal text-quiet">{limit.source}</span>
          </li>
        ))}
      </ul>
      {ways.length > 0 && (
        <>
          <h3 className="mt-3">Ways that pass, for {describeCode({ code: chosen, fields: {} })}</h3>
          <ul className="text-[15px]">
            {ways.map((way) => (
              <li key={way.code} data-passes={way.passes} className={way.passes ? '' : 'text-quiet'}>
                {way.passes ? '✓' : '·'} {describeSentence({ code: way.code, fields: {} })}
                {way.code === 'eggs-in-the-morning'
                  ? ''
                  : way.cold_after_h === null
                    ? `: never under ${temperature(worst?.cold_C ?? 5, temperatureUnit)} at ${temperature(refrigerator_C, temperatureUnit)}`
                    : `: cold after ${hours(way.cold_after_h)}`}
              </li>
            ))}
          </ul>
        </>
      )}
    </section>
  );
};
