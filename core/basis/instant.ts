import * as z from 'zod';

/** The last millisecond of the year 9999: later ones can't be written as a date, nor reckoned with. */
const LATEST = 253_402_300_799_999;

/** Epoch milliseconds, from 1970 to the year 9999. */
export const Instant = z.int().min(0).max(LATEST);
