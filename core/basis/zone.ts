import { tzOffset } from '@date-fns/tz';
import { DAY_MS, HOUR_MS, MINUTE_MS } from './time.ts';

const known = new Map<string, boolean>();

/** True where this engine knows the IANA zone. */
export const isZone = (zone: string): boolean => {
  const seen = known.get(zone);
  if (seen !== undefined) return seen;
  let isKnown = true;
  try {
    new Intl.DateTimeFormat('en', { timeZone: zone });
  } catch {
    isKnown = false;
  }
  known.set(zone, isKnown);
  return isKnown;
};

/** Clock times of a place and instants, both ways, over daylight-saving nights: offset of an IANA zone at an instant, ms east of UTC. Throws RangeError for a zone that isn't known. */
export const zoneOffset_ms = (at: number, zone: string): number => {
  const offset_min = tzOffset(zone, new Date(at));
  if (Number.isNaN(offset_min)) throw new RangeError(`no time zone ${zone}`);
  return offset_min * MINUTE_MS;
};

/** "2026-11-25T07:15", as the clock on the wall shows an instant. */
export const wallTime = (at: number, zone: string): string => new Date(at + zoneOffset_ms(at, zone)).toISOString().slice(0, 16);

/**
 * The instant at which a wall clock shows "YYYY-MM-DDTHH:mm"; null when the text isn't one. A time that the clock skips
 * in spring is taken as if it hadn't been put forward yet (so it comes out an hour later on the wall); of a time that
 * comes twice in autumn, the first counts.
 */
export const instantOf = (wall: string, zone: string): number | null => {
  if (!/^\d{4}-\d{2}-\d{2}T\d{2}:\d{2}$/.test(wall)) return null;
  const asUtc = Date.parse(`${wall}:00Z`);
  if (Number.isNaN(asUtc)) return null;
  const before = asUtc - zoneOffset_ms(asUtc - 12 * HOUR_MS, zone);
  const after = asUtc - zoneOffset_ms(asUtc + 12 * HOUR_MS, zone);
  const candidates = [before, after].filter((at) => at + zoneOffset_ms(at, zone) === asUtc);
  return candidates.length === 0 ? before : Math.min(...candidates);
};

/** The last instant before `before` at which a wall clock shows "HH:mm", also over a night in which the clocks change; null: that isn't a time. */
export const lastTimeBefore = (time: string, before: number, zone: string): number | null => {
  for (let days = 0; days <= 2; days++) {
    const day = wallTime(before - days * DAY_MS, zone).slice(0, 10);
    const at = instantOf(`${day}T${time}`, zone);
    if (at === null) return null;
    if (at < before) return at;
  }
  return null;
};
