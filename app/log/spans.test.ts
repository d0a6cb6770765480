import { expect, test } from '@jest/globals';
import { usualSpans } from './spans.ts';

const span = (today: string, words: string) => {
  const { from, to } = usualSpans(today).find((one) => one.words === words)!;
  return [from, to];
};

test('days that are asked for often', () => {
  expect(span('2026-11-29', 'last 7 days')).toEqual(['2026-11-23', '2026-11-29']);
  expect(span('2026-11-29', 'last month')).toEqual(['2026-10-01', '2026-10-31']);
  expect(span('2026-11-29', 'a year ago')).toEqual(['2025-11-22', '2025-12-06']);
  expect(span('2026-11-29', 'last December')).toEqual(['2025-12-01', '2025-12-31']);
});

test('over the turn of the year, in December, and on the 29th of February', () => {
  expect(span('2027-01-03', 'last 7 days')).toEqual(['2026-12-28', '2027-01-03']);
  expect(span('2027-01-03', 'last month')).toEqual(['2026-12-01', '2026-12-31']);
  expect(span('2026-12-24', 'last December')).toEqual(['2025-12-01', '2025-12-31']);
  expect(span('2028-02-29', 'a year ago')).toEqual(['2027-02-22', '2027-03-08']);
  expect(span('2028-03-15', 'last month')).toEqual(['2028-02-01', '2028-02-29']);
});
