/** Spans of time as instants count them, ms. A day of 24 hours; what follows the calendar asks the zone. */
export const MINUTE_MS = 60_000;
export const HOUR_MS = 60 * MINUTE_MS;
export const DAY_MS = 24 * HOUR_MS;
