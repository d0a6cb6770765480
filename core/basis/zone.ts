import * as z from 'zod';

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

/** An IANA zone such as Europe/London. */
export const Zone = z.string().min(1).max(60).refine(isZone, { error: 'no such time zone' });
