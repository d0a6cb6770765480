import type { ToppingId } from '../../../core/plate/index.ts';

/** Off the middle, as it is said at the iron. */
export const TOWARDS = { hinge: 'to the hinge', front: 'to the front', left: 'to the left', right: 'to the right' } as const;

export const TOPPING_WORDS: Readonly<Record<ToppingId, string>> = {
  nuts: 'nuts',
  seeds: 'seeds',
  berries: 'berries',
  fruit: 'fruit',
  chips: 'chocolate chips',
  'pearl-sugar': 'pearl sugar',
};
