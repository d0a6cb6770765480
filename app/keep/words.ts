import type { KeepForm, KeepPlace } from '../../core/keep/index.ts';

export const FORM_WORDS: Readonly<Record<KeepForm, string>> = {
  batter: 'batter',
  'yeasted-batter': 'yeasted batter',
  pieces: 'cooked pieces',
  wafers: 'dry wafers',
};
export const PLACE_WORDS: Readonly<Record<KeepPlace, string>> = {
  room: 'on the counter',
  refrigerator: 'in the refrigerator',
  freezer: 'in the freezer',
  tin: 'in an airtight tin',
};
