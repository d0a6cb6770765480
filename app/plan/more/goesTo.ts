import type { GoesTo } from '../../../core/run/index.ts';

/** Where a dish goes, as it is chosen. */
export const GOES_TO_WORDS: Readonly<Record<GoesTo, string>> = {
  table: 'the table',
  sale: 'the counter',
  freezer: 'the freezer',
  tin: 'the tin',
};
