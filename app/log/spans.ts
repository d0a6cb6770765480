import { DAY_MS } from '../../core/basis/index.ts';

/** Days that are asked for often, "YYYY-MM-DD". */
export type Span = { readonly words: string; readonly from: string; readonly to: string };

const noon = (day: string): Date => new Date(`${day}T12:00:00Z`);
const text = (at: Date): string => at.toISOString().slice(0, 10);
const later = (day: string, days: number): string => text(new Date(noon(day).getTime() + days * DAY_MS));
/** The first of a month, so many months after that of this day. */
const firstOf = (day: string, months: number): string => {
  const at = noon(day);
  return text(new Date(Date.UTC(at.getUTCFullYear(), at.getUTCMonth() + months, 1, 12)));
};

const YEAR_AGO_DAYS = 7;
const DECEMBER = 11;

/** `today`: by the kitchen's own clock. */
export const usualSpans = (today: string): readonly Span[] => {
  const year = noon(today).getUTCFullYear();
  const lastYear = `${year - 1}${today.slice(4)}`;
  // The 29th of February was the 1st of March.
  const yearAgo = Number.isNaN(noon(lastYear).getTime()) || text(noon(lastYear)) !== lastYear ? `${year - 1}-03-01` : lastYear;
  const december = `${year - 1}-${DECEMBER + 1}-01`;
  return [
    { words: 'last 7 days', from: later(today, -6), to: today },
    { words: 'last month', from: firstOf(today, -1), to: later(firstOf(today, 0), -1) },
    { words: 'a year ago', from: later(yearAgo, -YEAR_AGO_DAYS), to: later(yearAgo, YEAR_AGO_DAYS) },
    { words: 'last December', from: december, to: later(firstOf(december, 1), -1) },
  ];
};
