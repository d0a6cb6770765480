import { DAY_MS, csvText, instantOf, markdownTable } from '../../core/basis/index.ts';
import { settingOf } from '../../core/log/index.ts';
import type { Entry, Fault } from '../../core/book/index.ts';
import { FAULTS } from '../../core/book/index.ts';

/** What the book is asked for; null or empty: whatever. */
export type Asked = {
  /** All of these words, in the batter's name or the notes. */
  readonly words: string;
  readonly ironId: string | null;
  readonly fault: Fault | null;
  /** "YYYY-MM-DD", in the kitchen's own days; both days count. */
  readonly from: string;
  readonly to: string;
};

export const NOTHING_ASKED: Asked = { words: '', ironId: null, fault: null, from: '', to: '' };

export const isAsked = (asked: Asked): boolean =>
  Object.keys(NOTHING_ASKED).some((key) => asked[key as keyof Asked] !== NOTHING_ASKED[key as keyof Asked]);

/** As it stands in an address, so that a view can be kept as a bookmark; what makes no sense is left out. */
export const askedIn = (search: URLSearchParams): Asked => {
  const day = (name: string): string => (/^\d{4}-\d{2}-\d{2}$/.test(search.get(name) ?? '') ? (search.get(name) ?? '') : '');
  return {
    words: (search.get('words') ?? '').slice(0, 100),
    ironId: search.get('iron'),
    fault: FAULTS.find((fault) => fault === search.get('fault')) ?? null,
    from: day('from'),
    to: day('to'),
  };
};

export const addressOf = ({ words, ironId, fault, from, to }: Asked): Record<string, string> =>
  Object.fromEntries(Object.entries({ words, iron: ironId ?? '', fault: fault ?? '', from, to }).filter(([, value]) => value !== ''));

/** From the first moment of the first day to the last of the last, by the kitchen's own clock, ms; what isn't asked for is infinite. */
export const spanOf = ({ from, to }: Pick<Asked, 'from' | 'to'>, zone: string): readonly [number, number] => {
  const starts = (day: string): number | null => instantOf(`${day}T00:00`, zone);
  const noon = Date.parse(`${to}T12:00:00Z`);
  const end = Number.isNaN(noon) ? null : starts(new Date(noon + DAY_MS).toISOString().slice(0, 10));
  return [from === '' ? -Infinity : (starts(from) ?? -Infinity), end === null ? Infinity : end - 1];
};

const HEAD = [
  'when',
  'iron',
  'load',
  'batter',
  'poured_g',
  'promised_g',
  'setting',
  'cooked_s',
  'promised_s',
  'above_step',
  'below_step',
  'promised_step',
  'fill',
  'crisp',
  'piece_g',
  'notes',
] as const;

const rowsOf = (entries: readonly Entry[]): (string | number)[][] =>
  entries.map(({ load, iron, lot, progress, prediction, cooked_s, tawny, fill, crisp, mass_g, notes }) => {
    const round = (value: number | null | undefined, digits = 1): number | '' => (value == null ? '' : Number(value.toFixed(digits)));
    const set = prediction === null ? progress.did.setting : settingOf(prediction, progress);
    return [
      new Date(load.startedAt).toISOString(),
      iron?.name ?? load.ironId,
      load.n,
      lot?.name ?? '',
      round(progress.did.portion?.grams),
      round(prediction?.portion_g),
      set === undefined ? '' : set.dial === null ? `${Math.round(set.temperature_C)} °C` : `mark ${Number(set.dial.toFixed(2))}`,
      round(cooked_s, 0),
      round(prediction?.cookTime_s.best, 0),
      round(tawny.upper),
      round(tawny.lower),
      round(prediction?.tawnyStep),
      fill ?? '',
      round(crisp),
      round(mass_g),
      notes.join('; '),
    ];
  });

/** What is shown, as a file. */
export const shownAsCsv = (entries: readonly Entry[]): string => csvText(HEAD, rowsOf(entries));
export const shownAsMarkdown = (entries: readonly Entry[]): string => markdownTable(HEAD, rowsOf(entries));
export const shownAsJson = (entries: readonly Entry[]): string =>
  `${JSON.stringify(
    rowsOf(entries).map((row) => Object.fromEntries(row.map((value, i) => [HEAD[i] ?? '', value]))),
    null,
    2,
  )}\n`;
