/** A number as it stands in an entry: no thousands, no more digits than mean something, the point as everywhere in this application. */
export const typedNumber = (value: number | null | undefined): string =>
  value == null || !Number.isFinite(value) ? '' : String(Number(value.toPrecision(6)));

/** Seconds as they stand in an entry. */
export const typedTime = (seconds: number | null | undefined): string =>
  seconds == null || !Number.isFinite(seconds)
    ? ''
    : `${Math.floor(Math.round(seconds) / 60)}:${String(Math.round(seconds) % 60).padStart(2, '0')}`;
