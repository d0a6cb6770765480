import * as z from 'zod';
import { isZone } from './zone.ts';

/** The last millisecond of the year 9999: later ones can't be written as a date, nor reckoned with. */
const LATEST = 253_402_300_799_999;

/** Epoch milliseconds, from 1970 to the year 9999. */
export const Instant = z.int().min(0).max(LATEST);

/** An IANA zone such as Europe/London. */
export const Zone = z.string().min(1).max(60).refine(isZone, { error: 'no such time zone' });
