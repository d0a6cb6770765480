import type { ToppingId } from '../../core/plate/index.ts';

export const TOPPING_WORDS: Readonly<Record<ToppingId, string>> = {
  nuts: 'nuts',
  seeds: 'seeds',
  berries: 'berries',
  fruit: 'fruit',
  chips: 'chocolate chips',
  'pearl-sugar': 'pearl sugar',
};
