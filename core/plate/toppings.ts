import type { Allergen, Composition } from '../matter/index.ts';
import { per100g } from '../matter/index.ts';

export const TOPPING_IDS = ['nuts', 'seeds', 'berries', 'fruit', 'chips', 'pearl-sugar'] as const;
export type ToppingId = (typeof TOPPING_IDS)[number];

/** What is scattered into an iron. `density` of the pieces themselves, g/mL; compositions of usual ones (food-composition tables; from memory). */
export type Topping = {
  readonly density_gPerML: number;
  readonly composition: Composition;
  readonly allergens: readonly Allergen[];
  /** Melts or burns on bare metal. */
  readonly melts: boolean;
};

export const TOPPINGS: Readonly<Record<ToppingId, Topping>> = {
  nuts: {
    density_gPerML: 1.0,
    composition: per100g({ water: 4, protein: 15, fat: 65, sucrose: 3, fibre: 8, ash: 2, starch: 3 }),
    allergens: ['nuts'],
    melts: false,
  },
  seeds: {
    density_gPerML: 1.05,
    composition: per100g({ water: 5, protein: 19, fat: 50, sucrose: 1, fibre: 11, ash: 4, starch: 10 }),
    allergens: ['sesame'],
    melts: false,
  },
  berries: {
    density_gPerML: 0.98,
    composition: per100g({ water: 85, protein: 0.7, reducing: 9, sucrose: 1, fibre: 3, ash: 0.3, acid: 1, starch: 0 }),
    allergens: [],
    melts: false,
  },
  fruit: {
    density_gPerML: 0.85,
    composition: per100g({ water: 85, protein: 0.3, reducing: 8, sucrose: 3, fibre: 2.5, ash: 0.3, acid: 0.5, starch: 0.4 }),
    allergens: [],
    melts: false,
  },
  chips: {
    density_gPerML: 1.27,
    composition: per100g({ water: 1, protein: 5, fat: 30, sucrose: 48, lactose: 2, fibre: 6, ash: 2, starch: 6 }),
    allergens: ['milk', 'soy'],
    melts: true,
  },
  'pearl-sugar': { density_gPerML: 1.59, composition: per100g({ water: 0.5, sucrose: 99.5, starch: 0 }), allergens: [], melts: true },
};

/** What lies on the plate with a load, g over all moulds. */
export type OnPlate = { readonly toppingId: ToppingId; readonly grams: number };

/** Room that it takes from the batter, mL. */
export const displaced_mL = ({ toppingId, grams }: OnPlate): number => grams / TOPPINGS[toppingId].density_gPerML;

/** Sucrose begins to melt and burn about here, °C (sucrose melts at 186 °C and caramelises from about 160 °C: sugar handbooks, from memory). */
export const SUGAR_SCORCHES_C = 160;

/**
 * Loads in the order in which least is carried over to the next: plain first, then what leaves only juice, what leaves melted sugar,
 * what leaves an allergen last. Stable for alike ones.
 */
export const orderOfLoads = (loads: readonly (ToppingId | null)[]): number[] => {
  const weight = (id: ToppingId | null): number => {
    if (id === null) return 0;
    const { melts, allergens } = TOPPINGS[id];
    return (
      1 + (melts ? 1 : 0) + (allergens.some((allergen) => allergen === 'nuts' || allergen === 'sesame') ? 4 : allergens.length > 0 ? 1 : 0)
    );
  };
  return loads
    .map((id, i) => ({ i, weight: weight(id) }))
    .sort((a, b) => a.weight - b.weight || a.i - b.i)
    .map(({ i }) => i);
};
