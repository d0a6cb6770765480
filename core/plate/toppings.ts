import type { Composition } from '../matter/index.ts';
import { per100g } from '../matter/index.ts';
import type { OnPlate, ToppingId, ToppingTraits } from './toppingOrder.ts';
import { TOPPING_TRAITS } from './toppingOrder.ts';

/** What is scattered into an iron. `density` of the pieces themselves, g/mL; compositions of usual ones (food-composition tables; from memory). */
export type Topping = ToppingTraits & {
  readonly density_gPerML: number;
  readonly composition: Composition;
};

const MATTER: Readonly<Record<ToppingId, Omit<Topping, keyof ToppingTraits>>> = {
  nuts: {
    density_gPerML: 1.0,
    composition: per100g({ water: 4, protein: 15, fat: 65, sucrose: 3, fibre: 8, ash: 2, starch: 3 }),
  },
  seeds: {
    density_gPerML: 1.05,
    composition: per100g({ water: 5, protein: 19, fat: 50, sucrose: 1, fibre: 11, ash: 4, starch: 10 }),
  },
  berries: {
    density_gPerML: 0.98,
    composition: per100g({ water: 85, protein: 0.7, reducing: 9, sucrose: 1, fibre: 3, ash: 0.3, acid: 1, starch: 0 }),
  },
  fruit: {
    density_gPerML: 0.85,
    composition: per100g({ water: 85, protein: 0.3, reducing: 8, sucrose: 3, fibre: 2.5, ash: 0.3, acid: 0.5, starch: 0.4 }),
  },
  chips: {
    density_gPerML: 1.27,
    composition: per100g({ water: 1, protein: 5, fat: 30, sucrose: 48, lactose: 2, fibre: 6, ash: 2, starch: 6 }),
  },
  'pearl-sugar': { density_gPerML: 1.59, composition: per100g({ water: 0.5, sucrose: 99.5, starch: 0 }) },
};

export const TOPPINGS: Readonly<Record<ToppingId, Topping>> = {
  nuts: { ...MATTER.nuts, ...TOPPING_TRAITS.nuts },
  seeds: { ...MATTER.seeds, ...TOPPING_TRAITS.seeds },
  berries: { ...MATTER.berries, ...TOPPING_TRAITS.berries },
  fruit: { ...MATTER.fruit, ...TOPPING_TRAITS.fruit },
  chips: { ...MATTER.chips, ...TOPPING_TRAITS.chips },
  'pearl-sugar': { ...MATTER['pearl-sugar'], ...TOPPING_TRAITS['pearl-sugar'] },
};

/** Room that it takes from the batter, mL. */
export const displaced_mL = ({ toppingId, grams }: OnPlate): number => grams / TOPPINGS[toppingId].density_gPerML;

/** Sucrose begins to melt and burn about here, °C (sucrose melts at 186 °C and caramelises from about 160 °C: sugar handbooks, from memory). */
export const SUGAR_SCORCHES_C = 160;
