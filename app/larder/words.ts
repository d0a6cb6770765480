import { HOUR_MS } from '../../core/basis/index.ts';
import { dayAndTime } from '../ui/index.ts';
import type { KeepForm, KeepPlace, WasteReason } from '../../core/keep/index.ts';

export const FORM_WORDS: Readonly<Record<KeepForm, string>> = {
  batter: 'batter',
  'yeasted-batter': 'yeasted batter',
  pieces: 'cooked pieces',
  wafers: 'dry wafers',
  opened: 'an opened can or bottle',
};
export const PLACE_WORDS: Readonly<Record<KeepPlace, string>> = {
  room: 'on the counter',
  refrigerator: 'in the refrigerator',
  freezer: 'in the freezer',
  tin: 'in an airtight tin',
};

/** The place itself. */
export const STORE_WORDS: Readonly<Record<KeepPlace, string>> = {
  room: 'Counter',
  refrigerator: 'Refrigerator',
  freezer: 'Freezer',
  tin: 'Tins',
};

export const WASTE_WORDS: Readonly<Record<WasteReason, string>> = {
  'past-its-best': 'past its best',
  'over-its-limit': 'over its limit',
  stale: 'stale',
  'freezer-burn': 'freezer burn',
  'too-many': 'too many',
  dropped: 'dropped',
};

/** Within this of now the hour counts, too. */
const HOURS_COUNT_MS = 48 * HOUR_MS;

/** "Mon 28 Dec", or with its hour where that is near. */
export const untilWords = (until: number, now: number, zone: string): string => {
  const words = dayAndTime(until, zone);
  return Math.abs(until - now) < HOURS_COUNT_MS ? words : (words.split(',')[0] ?? words);
};
