import { wishOf } from '../../core/run/index.ts';
import { grams, temperature, TOPPING_WORDS } from '../ui/index.ts';

/** What is wished of every load, and what is done to it. */
export const dishWords = (dish: Parameters<typeof wishOf>[0], unit: 'C' | 'F'): string => {
  const { target, batter_C, onPlate, delay_s } = wishOf(dish);
  return [
    target.tawny === null ? 'browned as usual' : `step ${Number(target.tawny.toFixed(1))}`,
    ...(target.crisp === null ? [] : [`crisp ${Number(target.crisp.toFixed(1))}`]),
    `batter ${temperature(batter_C, unit)}`,
    ...(onPlate === null ? [] : [`${grams(onPlate.grams)} g of ${TOPPING_WORDS[onPlate.toppingId]} a load`]),
    ...(delay_s === 0 ? [] : [`${delay_s} s to the lid`]),
  ].join(' · ');
};
