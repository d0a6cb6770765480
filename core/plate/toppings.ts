import type { Allergen } from '../matter/index.ts';

export const TOPPING_IDS = ['nuts', 'seeds', 'berries', 'fruit', 'chips', 'pearl-sugar'] as const;
export type ToppingId = (typeof TOPPING_IDS)[number];

/** What is scattered into an iron. Shares of mass; `density` of the pieces themselves, g/mL (food-composition tables and handbooks; from memory). */
export type Topping = {
  readonly density_gPerML: number;
  readonly water: number;
  readonly sugar: number;
  readonly allergens: readonly Allergen[];
  /** Melts or burns on bare metal. */
  readonly melts: boolean;
};

export const TOPPINGS: Readonly<Record<ToppingId, Topping>> = {
  nuts: { density_gPerML: 1.0, water: 0.04, sugar: 0.05, allergens: ['nuts'], melts: false },
  seeds: { density_gPerML: 1.05, water: 0.05, sugar: 0.01, allergens: ['sesame'], melts: false },
  berries: { density_gPerML: 0.98, water: 0.85, sugar: 0.1, allergens: [], melts: false },
  fruit: { density_gPerML: 0.85, water: 0.85, sugar: 0.11, allergens: [], melts: false },
  chips: { density_gPerML: 1.27, water: 0.01, sugar: 0.5, allergens: ['milk', 'soy'], melts: true },
  'pearl-sugar': { density_gPerML: 1.59, water: 0.0, sugar: 0.99, allergens: [], melts: true },
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
