/** What a written number can mean. Never a guess: what isn't understood or could be two things is said. */
export type ReadNumber =
  | { readonly kind: 'empty' }
  | { readonly kind: 'number'; readonly value: number }
  /** It could be each of these: a separator that may end the thousands or begin the decimals ("1,000"), a fraction that may be mixed ("11/2"). */
  | { readonly kind: 'ambiguous'; readonly values: readonly number[] }
  | { readonly kind: 'nonsense' };

const FRACTIONS: Readonly<Record<string, number>> = {
  '½': 1 / 2,
  '⅓': 1 / 3,
  '⅔': 2 / 3,
  '¼': 1 / 4,
  '¾': 3 / 4,
  '⅕': 1 / 5,
  '⅖': 2 / 5,
  '⅗': 3 / 5,
  '⅘': 4 / 5,
  '⅙': 1 / 6,
  '⅚': 5 / 6,
  '⅛': 1 / 8,
  '⅜': 3 / 8,
  '⅝': 5 / 8,
  '⅞': 7 / 8,
};
const GLYPHS = Object.keys(FRACTIONS).join('');
const NONSENSE: ReadNumber = { kind: 'nonsense' };
const number = (value: number): ReadNumber => (Number.isFinite(value) ? { kind: 'number', value } : NONSENSE);

/** Spaces and apostrophes that part thousands: the usual space, those that don't break, the thin ones. */
const GROUP_SPACES = ' \\u00a0\\u2007\\u2009\\u202f';
const APOSTROPHES = "'’";
const GROUPED_BY_SPACE = new RegExp(`(?<=\\d)[${GROUP_SPACES}${APOSTROPHES}](?=\\d{3}(?!\\d))`, 'gu');
/** Fractions of the kitchen end with sixteenths; "100/120 g" is none. */
const MOST_PARTS = 16;

/** Thousands as every country writes them: groups of three after the first. */
const isGrouped = (whole: string, separator: string): boolean => {
  const [first = '', ...rest] = whole.split(separator);
  return /^\d{1,3}$/.test(first) && rest.length > 0 && rest.every((group) => /^\d{3}$/.test(group));
};

/** "3½", "1/2", "3 1/2"; "11/2" is eleven halves or one and a half. */
const fraction = (text: string): ReadNumber | null => {
  const glyph = new RegExp(`^(\\d*)\\s?([${GLYPHS}])$`, 'u').exec(text);
  if (glyph !== null) return number(Number(glyph[1] ?? 0) + (FRACTIONS[glyph[2] ?? ''] ?? NaN));
  const slash = /^(?:(\d+)\s)?(\d+)\s?[/⁄]\s?(\d+)$/.exec(text);
  if (slash === null) return null;
  const [, whole, above = '', below = ''] = slash;
  if (Number(below) > MOST_PARTS || Number(below) === 0) return NONSENSE;
  const value = Number(above) / Number(below);
  if (whole !== undefined) return value < 1 ? number(Number(whole) + value) : NONSENSE;
  const [glued, part] = [above.slice(0, -1), above.slice(-1)];
  return glued !== '' && Number(part) > 0 && Number(part) < Number(below)
    ? { kind: 'ambiguous', values: [Number(glued) + Number(part) / Number(below), value] }
    : number(value);
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

/** Both separators: the last one begins the decimals. */
const withBoth = (digits: string): ReadNumber => {
  const decimal = digits.lastIndexOf('.') > digits.lastIndexOf(',') ? '.' : ',';
  const group = decimal === '.' ? ',' : '.';
  const at = digits.lastIndexOf(decimal);
  const [whole, decimals] = [digits.slice(0, at), digits.slice(at + 1)];
  if (!isGrouped(whole, group) || !/^\d*$/.test(decimals)) return NONSENSE;
  return number(Number(`${whole.replaceAll(group, '')}.${decimals === '' ? '0' : decimals}`));
};

const unsigned = (text: string): ReadNumber => {
  // Spaces and apostrophes only ever part thousands.
  const closed = text.replace(GROUPED_BY_SPACE, '');
  if (!/^[\d.,]+$/.test(closed) || !/\d/.test(closed)) return NONSENSE;
  const [dots, commas] = [closed.includes('.'), closed.includes(',')];
  if (dots && commas) return withBoth(closed);
  return dots || commas ? withSeparator(closed, dots ? '.' : ',') : number(Number(closed));
};

/** Of several readings those that make sense; one alone is taken. Nobody writes three noughts behind a decimal: "5,000" isn't 5 because 5,000 is too much. */
const fitting = (read: ReadNumber, fits: (value: number) => boolean): ReadNumber => {
  if (read.kind !== 'ambiguous') return read;
  const [only, ...others] = read.values.filter(fits);
  if (only === undefined || others.length > 0) return read;
  return Number.isInteger(only) && read.values.includes(1000 * only) ? read : number(only);
};

/**
 * A number as cooks of any country write it: decimal comma or point, thousands by comma, point, space or apostrophe, fractions. "1,000" is two
 * numbers, and a browser's language doesn't tell which country's hand wrote it: `fits` says which values make sense, and if that leaves
 * both, the cook is asked. The one reader of entries, pasted lines and the command line.
 */
export const readNumber = (typed: string, fits: (value: number) => boolean = () => true): ReadNumber => {
  const text = typed.trim().replace(/^\+/, '');
  if (text === '') return { kind: 'empty' };
  const bare = text.replace(/^[-−]\s?/, '');
  const sign = bare === text ? 1 : -1;
  const read = fraction(bare) ?? unsigned(bare);
  if (read.kind === 'number') return number(sign * read.value);
  return read.kind === 'ambiguous' ? fitting({ kind: 'ambiguous', values: read.values.map((value) => sign * value) }, fits) : read;
};

/**
 * A time as cooks write it, in seconds: "2:50", or minutes as a number ("2½"). "2.50" and "250" are asked about: two minutes fifty, or so many minutes.
 */
export const readTime = (typed: string, fits: (seconds: number) => boolean = () => true): ReadNumber => {
  const text = typed.trim();
  const parts = /^(\d{1,3}):([0-5]\d)$/.exec(text);
  if (parts !== null) return number(60 * Number(parts[1]) + Number(parts[2]));
  const asClock = /^(\d{1,2})[.,]?([0-5]\d)$/.exec(text);
  const read = readNumber(text, (minutes) => fits(60 * minutes));
  // "25" is minutes, "2.5" too: only two digits behind, or three or more without a sign between, look like a clock.
  const isClock = asClock !== null && (/[.,]/.test(text) || text.length > 2);
  if (isClock && read.kind === 'number')
    return fitting({ kind: 'ambiguous', values: [60 * Number(asClock[1]) + Number(asClock[2]), 60 * read.value] }, fits);
  if (read.kind === 'number') return number(60 * read.value);
  return read.kind === 'ambiguous' ? { kind: 'ambiguous', values: read.values.map((minutes) => 60 * minutes) } : read;
};

/** Where a number stands in a line of text: digits with all that may belong to them, and letters that were meant for digits. */
const RUN = new RegExp(
  [
    // Thousands by a space: three digits and no more behind it.
    `\\d{1,3}(?:[${GROUP_SPACES}${APOSTROPHES}]\\d{3}(?!\\d))+(?:[.,]\\d+)*`,
    // "l00", "1O0", "2e3": letters among the digits.
    '(?<![\\p{L}\\d])[lIO]\\d[\\dlIO]*(?!\\p{L})',
    '\\d+(?:O[\\dO]*|[eE][+-]?\\d+)(?!\\p{L})',
    '[.,]?\\d+(?:[.,]+\\d+)*(?:\\s?[/⁄]\\s?\\d+)?',
  ].join('|'),
  'gu',
);

/** A number in a line: where it stands, as it is written, and what it can mean. */
export type NumberInText = { readonly at: number; readonly text: string; readonly read: ReadNumber };

/** Every number of a line, the first to the last. A minus before it is the line's to judge: "2-3" is none. */
export const numbersIn = (line: string): NumberInText[] =>
  [...line.matchAll(RUN)].map(({ index, 0: text }) => {
    const asDigits = text.replace(/[lI]/g, '1').replace(/O/g, '0');
    const read = readNumber(asDigits);
    // A slip of the pen is asked about, with what it was probably meant for.
    return { at: index, text, read: asDigits === text || read.kind !== 'number' ? read : { kind: 'ambiguous', values: [read.value] } };
  });
