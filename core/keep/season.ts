import type { Season } from '../kit/index.ts';
import { saturationPressure_Pa, waterActivity } from '../matter/index.ts';
import type { Damp } from './damp.ts';
import { waterAt } from './damp.ts';

type RoomAir = Season['winter'];

const YEAR_D = 365.25;
/** The middle of January, days into the year: the north's coldest. */
const MIDWINTER_D = 15;
const MONTH_STARTS_D = [0, 31, 59, 90, 120, 151, 181, 212, 243, 273, 304, 334] as const;

/** The middle of a month (0: January), days into the year. */
export const middleOf_d = (month: number): number => (MONTH_STARTS_D[month] ?? 0) + 15;

/** `day`: since the year began; any. */
export const airOn = ({ winter, summer, southern = false }: Season, day: number): RoomAir => {
  const warm = (1 - Math.cos((2 * Math.PI * (day - MIDWINTER_D)) / YEAR_D)) / 2;
  const share = southern ? 1 - warm : warm;
  const between = (of: (air: RoomAir) => number): number => of(winter) + (of(summer) - of(winter)) * share;
  return { temperature_C: between((air) => air.temperature_C), humidity: between((air) => air.humidity) };
};

const STEPS_A_DAY = 8;
const LONGEST_D = 730;

/**
 * Days until pieces put away on `day` of the year have taken up so much through their container that their water activity is `until`, through the months as
 * they come: dX/dt = P·p_sat·(humidity − a_w(X))/m in steps of three hours, back towards dry where the air is drier. Null: not within two years.
 */
export const daysThrough = (
  { sorption, dry_g, permeance_gPerDayPa }: Omit<Damp, 'room'>,
  season: Season,
  day: number,
  from: number,
  until: number,
): number | null => {
  if (until <= from) return 0;
  let water = waterAt(sorption, airOn(season, day).temperature_C, from);
  for (let step = 0; step < LONGEST_D * STEPS_A_DAY; step++) {
    const { temperature_C, humidity } = airOn(season, day + step / STEPS_A_DAY);
    const activity = waterActivity(sorption, temperature_C, water);
    if (activity >= until) return step / STEPS_A_DAY;
    water += ((permeance_gPerDayPa * saturationPressure_Pa(temperature_C)) / dry_g) * ((humidity - activity) / STEPS_A_DAY);
  }
  return null;
};
