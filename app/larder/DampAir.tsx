import { batterOf } from '../../core/cook/index.ts';
import type { Container, KeepItem } from '../../core/keep/index.ts';
import { CONTAINERS, daysUntil, PACKED_ACTIVITY, PERMEANCE_gPerDayPa } from '../../core/keep/index.ts';
import { HUMIDITY } from '../../core/matter/index.ts';
import { CRISP_WATER_ACTIVITY } from '../../core/plate/index.ts';
import { percent, temperature } from '../ui/index.ts';
import type { Session } from '../session/index.ts';
import { readingOf } from '../session/index.ts';
import { Months } from './Months.tsx';

const CONTAINER_WORDS: Readonly<Record<Container, string>> = {
  'paper-bag': 'a paper bag',
  tin: 'a tin',
  'zip-bag': 'a zip bag',
  'clip-jar': 'a jar with a ring',
};

/** A wafer without its water, where nobody weighed one, g; and how many there are, where nobody counted. */
const WAFER_DRY_G = 6;
const USUAL_COUNT = 30;

const daysText = (days: number): string =>
  days < 1 ? 'not a day' : days < 14 ? `${Math.round(days)} days` : days < 120 ? `${Math.round(days / 7)} weeks` : 'many months';

/** How long wafers stay crisp in what they may be kept in, by the air of this kitchen: on the scale of crispness that the iron uses. */
export const DampAir = ({ session, item }: { readonly session: Session; readonly item: KeepItem }) => {
  const { kit, formulas, workspace } = session;
  const formula = formulas.find(({ name }) => name === item.name) ?? null;
  const batter =
    formula === null ? null : batterOf(readingOf(session, formula), { batter_C: workspace.batter_C, altitude_m: kit.altitude_m });
  if (item.form !== 'wafers' || batter?.ok !== true) return null;
  const room = { temperature_C: kit.room_C, humidity: HUMIDITY[kit.climate] };
  const count = Number(/\d+/.exec(item.amount)?.[0] ?? USUAL_COUNT);
  const days = (container: Container): number | null =>
    daysUntil(
      {
        sorption: batter.value.sorption,
        dry_g: WAFER_DRY_G * Math.max(1, count),
        permeance_gPerDayPa: PERMEANCE_gPerDayPa[container],
        room,
      },
      PACKED_ACTIVITY,
      CRISP_WATER_ACTIVITY,
    );
  const inTin = days('tin');
  return (
    <>
      <p className="mt-1 text-[15px]" data-figure="crisp in a tin" data-exact={inTin ?? 0}>
        {inTin === null ? (
          <>In air as dry as here ({percent(room.humidity)} humidity) they stay crisp in anything that keeps the kitchen’s steam out.</>
        ) : (
          <>
            By the model, at {temperature(room.temperature_C, kit.temperatureUnit)} and {percent(room.humidity)}, half of their crunch is
            gone after{' '}
            {CONTAINERS.map((container, i) => {
              const found = days(container);
              return (
                <span key={container}>
                  {i > 0 && ', '}
                  <b>{found === null ? 'never' : daysText(found)}</b> in {CONTAINER_WORDS[container]}
                </span>
              );
            })}
            ; some minutes at {temperature(150, kit.temperatureUnit)} bring it back.
          </>
        )}
      </p>
      <Months
        session={session}
        kept={{ sorption: batter.value.sorption, dry_g: WAFER_DRY_G * Math.max(1, count), permeance_gPerDayPa: PERMEANCE_gPerDayPa.tin }}
      />
    </>
  );
};
