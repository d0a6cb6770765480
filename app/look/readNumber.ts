/** What a typed number can mean. Never a guess: what isn't understood or could be two things is said. */
export type ReadNumber =
  | { readonly kind: 'empty' }
  | { readonly kind: 'number'; readonly value: number }
  /** A separator that may end the thousands or begin the decimals, as in "1,000". */
  | { readonly kind: 'ambiguous'; readonly values: readonly [number, number] }
  | { readonly kind: 'nonsense' };

const FRACTIONS: Readonly<Record<string, number>> = {
  '½': 1 / 2,
  '⅓': 1 / 3,
  '⅔': 2 / 3,
  '¼': 1 / 4,
  '¾': 3 / 4,
  '⅛': 1 / 8,
  '⅜': 3 / 8,
  '⅝': 5 / 8,
  '⅞': 7 / 8,
};
const NONSENSE: ReadNumber = { kind: 'nonsense' };
const number = (value: number): ReadNumber => (Number.isFinite(value) ? { kind: 'number', value } : NONSENSE);

/** Thousands as every country writes them: groups of three after the first. */
const isGrouped = (whole: string, separator: string): boolean => {
  const [first = '', ...rest] = whole.split(separator);
  return /^\d{1,3}$/.test(first) && rest.length > 0 && rest.every((group) => /^\d{3}$/.test(group));
};

/** "3½", "1/2", "3 1/2". */
const fraction = (text: string): ReadNumber | null => {
  const glyph = /^(\d*)\s?([½⅓⅔¼¾⅛⅜⅝⅞])$/u.exec(text);
  if (glyph !== null) return number(Number(glyph[1] ?? 0) + (FRACTIONS[glyph[2] ?? ''] ?? NaN));
  const slash = /^(?:(\d+)\s)?(\d+)\s?\/\s?(\d+)$/.exec(text);
  return slash === null ? null : number(Number(slash[1] ?? 0) + Number(slash[2]) / Number(slash[3]));
};

/** One kind of separator: decimal, thousands, or either. */
const withSeparator = (digits: string, separator: '.' | ','): ReadNumber => {
  const parts = digits.split(separator);
  const asGroups = isGrouped(digits, separator) ? Number(parts.join('')) : null;
  if (parts.length > 2) return asGroups === null ? NONSENSE : number(asGroups);
  const [whole = '', decimals = ''] = parts;
  if (whole === '' && decimals === '') return NONSENSE;
  const asDecimal = Number(`${whole === '' ? '0' : whole}.${decimals === '' ? '0' : decimals}`);
  // "0,125" can only be a decimal.
  return asGroups === null || whole.startsWith('0') ? number(asDecimal) : { kind: 'ambiguous', values: [asDecimal, asGroups] };
};

/**
 * A number as cooks of any country type it: decimal comma or point, thousands by comma, point, space or apostrophe, fractions. "1,000" is two
 * numbers, and a browser's language doesn't tell which country's hand typed it: `fits` says which values make sense, and if that leaves
 * both, the cook is asked.
 */
export const readNumber = (typed: string, fits: (value: number) => boolean = () => true): ReadNumber => {
  const text = typed.trim().replace(/^\+/, '');
  if (text === '') return { kind: 'empty' };
  const asFraction = fraction(text);
  if (asFraction !== null) return asFraction;
  const sign = /^[-−]/.test(text) ? -1 : 1;
  // Spaces and apostrophes only ever part thousands.
  const bare = text.replace(/^[-−]\s?/, '');
  const closed = bare.replace(/(?<=\d)[\s  '’](?=\d{3}(?!\d))/gu, '');
  if (!/^[\d.,]+$/.test(closed) || !/\d/.test(closed)) return NONSENSE;
  const [dots, commas] = [closed.includes('.'), closed.includes(',')];
  if (!dots && !commas) return number(sign * Number(closed));
  if (dots && commas) {
    const decimal = closed.lastIndexOf('.') > closed.lastIndexOf(',') ? '.' : ',';
    const group = decimal === '.' ? ',' : '.';
    const at = closed.lastIndexOf(decimal);
    const whole = closed.slice(0, at);
    const decimals = closed.slice(at + 1);
    if (!isGrouped(whole, group) || !/^\d*$/.test(decimals)) return NONSENSE;
    return number(sign * Number(`${whole.replaceAll(group, '')}.${decimals === '' ? '0' : decimals}`));
  }
  const read = withSeparator(closed, dots ? '.' : ',');
  if (read.kind === 'number') return number(sign * read.value);
  if (read.kind !== 'ambiguous') return read;
  const values: readonly [number, number] = [sign * read.values[0], sign * read.values[1]];
  const fitting = values.filter(fits);
  const [only] = fitting;
  return fitting.length === 1 && only !== undefined ? number(only) : { kind: 'ambiguous', values };
};

/** A number as it stands in an entry: no thousands, no more digits than mean something, the point as everywhere in this application. */
export const typedNumber = (value: number | null | undefined): string =>
  value == null || !Number.isFinite(value) ? '' : String(Number(value.toPrecision(6)));

/** A time as cooks type it, in seconds: "2:50", or minutes as a number ("2½"). */
export const readTime = (typed: string, fits: (seconds: number) => boolean = () => true): ReadNumber => {
  const parts = /^(\d{1,3}):([0-5]\d)$/.exec(typed.trim());
  if (parts !== null) return number(60 * Number(parts[1]) + Number(parts[2]));
  const read = readNumber(typed, (minutes) => fits(60 * minutes));
  if (read.kind === 'number') return number(60 * read.value);
  return read.kind === 'ambiguous' ? { kind: 'ambiguous', values: [60 * read.values[0], 60 * read.values[1]] } : read;
};

/** Seconds as they stand in an entry. */
export const typedTime = (seconds: number | null | undefined): string =>
  seconds == null || !Number.isFinite(seconds)
    ? ''
    : `${Math.floor(Math.round(seconds) / 60)}:${String(Math.round(seconds) % 60).padStart(2, '0')}`;
