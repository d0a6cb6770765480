import { nearestStep } from '../../../core/matter/index.ts';
import type { Kit } from '../../../core/kit/index.ts';
import { celsiusToFahrenheit, fahrenheitToCelsius, MINUTE_MS } from '../../../core/basis/index.ts';

/** m:ss, or h:mm:ss from an hour on; negative times keep their sign. */
export const clock = (seconds: number): string => {
  const whole = Math.round(Math.abs(seconds));
  const sign = seconds < 0 && whole > 0 ? '−' : '';
  const s = String(whole % 60).padStart(2, '0');
  const m = Math.floor(whole / 60) % 60;
  const h = Math.floor(whole / 3600);
  return h > 0 ? `${sign}${h}:${String(m).padStart(2, '0')}:${s}` : `${sign}${m}:${s}`;
};

const LONGER: readonly (readonly [seconds: number, word: string])[] = [
  [604_800, 'week'],
  [86_400, 'day'],
  [3600, 'hour'],
];
const HOUR_S = 3600;

/** "2 weeks", "8 hours", "2 h 10 min", "3 days 4 h"; under an hour as a clock shows it. */
export const duration = (seconds: number): string => {
  const whole = LONGER.find(([least]) => seconds >= least && Number.isInteger(seconds / least));
  if (whole !== undefined) {
    const count = seconds / whole[0];
    return `${count} ${whole[1]}${count === 1 ? '' : 's'}`;
  }
  if (seconds < HOUR_S) return clock(seconds);
  const hours = Math.floor(seconds / HOUR_S);
  if (hours < 24) return `${hours} h ${Math.round((seconds % HOUR_S) / 60)} min`;
  const days = Math.floor(hours / 24);
  return `${days} ${days === 1 ? 'day' : 'days'}${hours % 24 === 0 ? '' : ` ${hours % 24} h`}`;
};

/** As many digits as a kitchen scale of 1 g (under 10 g: 0.1 g) shows. */
export const grams = (value: number): string =>
  value < 9.95 ? String(Number(value.toFixed(1))) : Math.round(value).toLocaleString('en-GB');

/** As a line of a formula is written: half a gram of something small still shows. */
export const gramsFine = (value: number): string => (value < 99.95 ? String(Number(value.toFixed(1))) : grams(value));

export const percent = (fraction: number, digits = 0): string => `${(100 * fraction).toFixed(digits)} %`;

/** A dial mark as cooks say it: in halves and quarters. */
export const dialMarkText = (mark: number): string => {
  const quarters = Math.round(mark * 4);
  const whole = Math.floor(quarters / 4);
  return `${whole}${['', '¼', '½', '¾'][quarters % 4] ?? ''}`;
};

/** In the kitchen's own degrees, and back. */
export const inUnit = (celsius: number, unit: Kit['temperatureUnit']): number => (unit === 'F' ? celsiusToFahrenheit(celsius) : celsius);
export const fromUnit = (degrees: number, unit: Kit['temperatureUnit']): number => (unit === 'F' ? fahrenheitToCelsius(degrees) : degrees);

export const temperature = (celsius: number, unit: Kit['temperatureUnit']): string =>
  `${String(Math.round(inUnit(celsius, unit))).replace('-', '−')}\u00a0°${unit}`;

/** How far apart two temperatures are, K: "8 °C", "14 °F". */
export const temperatureApart = (difference_K: number, unit: Kit['temperatureUnit']): string =>
  `${Math.round(unit === 'F' ? 1.8 * difference_K : difference_K)} °${unit}`;

/** The same with its sign. */
export const temperatureOver = (difference_K: number, unit: Kit['temperatureUnit']): string =>
  `${difference_K >= 0 ? '+' : '−'}${temperatureApart(Math.abs(difference_K), unit)}`;

const partsIn = (zone: string, options: Intl.DateTimeFormatOptions): Intl.DateTimeFormat => {
  try {
    return new Intl.DateTimeFormat('en-GB', { ...options, timeZone: zone });
  } catch {
    // A zone this browser doesn't know: its own clock is the next best.
    return new Intl.DateTimeFormat('en-GB', options);
  }
};

const MOST_MINUTES = 2000;
/** "7:15", not "07:15": engines write the hour of a 24-hour clock with two digits whatever is asked. */
const plainHour = (text: string): string => text.replace(/\b0(?=\d:)/, '');

/** By zone and minute: the strip says the same dozen of times at every tick, and each costs a twentieth of a millisecond. */
const minutesSaid = new Map<string, string>();

export const timeOfDay = (at: number, zone: string): string => {
  // No zone's offset has seconds since 1972, so all instants of a minute read alike.
  const minute = Math.floor(at / MINUTE_MS);
  const key = `${zone} ${minute}`;
  const before = minutesSaid.get(key);
  if (before !== undefined) return before;
  const said = plainHour(partsIn(zone, { hour: 'numeric', minute: '2-digit', hourCycle: 'h23' }).format(minute * MINUTE_MS));
  if (minutesSaid.size >= MOST_MINUTES) minutesSaid.clear();
  minutesSaid.set(key, said);
  return said;
};
export const timeWithSeconds = (at: number, zone: string): string =>
  plainHour(partsIn(zone, { hour: '2-digit', minute: '2-digit', second: '2-digit', hourCycle: 'h23' }).format(at));
export const dayAndTime = (at: number, zone: string): string =>
  plainHour(
    partsIn(zone, { weekday: 'short', day: 'numeric', month: 'short', hour: '2-digit', minute: '2-digit', hourCycle: 'h23' }).format(at),
  );
/** "Mon". */
export const weekday = (at: number, zone: string): string => partsIn(zone, { weekday: 'short' }).format(at);

export const day = (at: number, zone: string): string => partsIn(zone, { weekday: 'long', day: 'numeric', month: 'long' }).format(at);

const CALENDAR_DAY = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'short', year: 'numeric', timeZone: 'UTC' });
/** A day of the calendar, "YYYY-MM-DD", as it is said: "2 Dec 2026". */
export const calendarDay = (text: string): string => CALENDAR_DAY.format(new Date(`${text}T12:00:00Z`));

/** "4 Tawny": the named step nearest to a continuous one. */
export const nearestWord = (step: number): string => `${nearestStep(step).step} ${nearestStep(step).name}`;

/** What something costs, in the kitchen's own money. */
export const money = (value: number, currency: string): string => `${value < 10 ? value.toFixed(2) : value.toFixed(1)} ${currency}`;
