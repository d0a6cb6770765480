import type { Allergen } from '../matter/index.ts';

export const TOPPING_IDS = ['nuts', 'seeds', 'berries', 'fruit', 'chips', 'pearl-sugar'] as const;
export type ToppingId = (typeof TOPPING_IDS)[number];

/** What a topping leaves on the plates. */
export type ToppingTraits = {
  readonly allergens: readonly Allergen[];
  /** Melts or burns on bare metal. */
  readonly melts: boolean;
};

export const TOPPING_TRAITS: Readonly<Record<ToppingId, ToppingTraits>> = {
  nuts: { allergens: ['nuts'], melts: false },
  seeds: { allergens: ['sesame'], melts: false },
  berries: { allergens: [], melts: false },
  fruit: { allergens: [], melts: false },
  chips: { allergens: ['milk', 'soy'], melts: true },
  'pearl-sugar': { allergens: [], melts: true },
};

/** What lies on the plate with a load, g over all moulds. */
export type OnPlate = { readonly toppingId: ToppingId; readonly grams: number };

/**
 * Loads in the order in which least is carried over to the next: plain first, then what leaves only juice, what leaves melted sugar,
 * what leaves an allergen last. Stable for alike ones.
 */
export const orderOfLoads = (loads: readonly (ToppingId | null)[]): number[] => {
  const weight = (id: ToppingId | null): number => {
    if (id === null) return 0;
    const { melts, allergens } = TOPPING_TRAITS[id];
    return (
      1 + (melts ? 1 : 0) + (allergens.some((allergen) => allergen === 'nuts' || allergen === 'sesame') ? 4 : allergens.length > 0 ? 1 : 0)
    );
  };
  return loads
    .map((id, i) => ({ i, weight: weight(id) }))
    .sort((a, b) => a.weight - b.weight || a.i - b.i)
    .map(({ i }) => i);
};
