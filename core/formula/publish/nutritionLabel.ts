import type { Allergen } from '../../matter/index.ts';
import type { Nutrition } from './nutrition.ts';

/** Whose label it is for. US: 21 CFR 101.9(c); EU: Commission guidance of December 2012 on tolerances (both from memory). */
export type LabelStandard = 'us' | 'eu';

export type NutritionLabel = {
  readonly energy: string;
  readonly fat: string;
  readonly carbohydrate: string;
  readonly sugars: string;
  readonly fibre: string;
  readonly protein: string;
  readonly salt: string;
};

const to = (value: number, step: number): number => Math.round(value / step) * step;
const plain = (value: number, digits: number): string => `${value.toFixed(digits)} g`;

/** US: fat to 0.5 g under 5 g and to 1 g above, nothing under 0.5 g; the others to whole grams, nothing under 0.5 g. */
const usFat = (g: number): string => (g < 0.5 ? '0 g' : g < 5 ? plain(to(g, 0.5), 1) : plain(to(g, 1), 0));
const usGrams = (g: number): string => (g < 0.5 ? '0 g' : g < 1 ? 'under 1 g' : plain(to(g, 1), 0));
const usEnergy = (kcal: number): string => (kcal < 5 ? '0' : kcal <= 50 ? String(to(kcal, 5)) : String(to(kcal, 10)));
/** US labels declare sodium: nothing under 5 mg, to 5 mg up to 140, to 10 mg above. Salt is 2.5 times sodium. */
const usSodium = (salt_g: number): string => {
  const mg = (1000 * salt_g) / 2.5;
  return mg < 5 ? '0 mg sodium' : mg <= 140 ? `${to(mg, 5)} mg sodium` : `${to(mg, 10)} mg sodium`;
};

/** EU: to 1 g from 10 g on, to 0.1 g below, nothing to speak of under 0.5 g; salt to 0.1 g from 1 g on, to 0.01 g below. */
const euGrams = (g: number): string => (g < 0.5 ? 'under 0.5 g' : g < 10 ? plain(to(g, 0.1), 1) : plain(to(g, 1), 0));
const euSalt = (g: number): string => (g < 0.0125 ? 'under 0.01 g' : g < 1 ? plain(to(g, 0.01), 2) : plain(to(g, 0.1), 1));

/** A nutrition as it may be printed. */
export const nutritionLabel = (n: Nutrition, standard: LabelStandard): NutritionLabel =>
  standard === 'us'
    ? {
        energy: `${usEnergy(n.energy_kcal)} calories`,
        fat: usFat(n.fat_g),
        // A US label counts fibre as carbohydrate.
        carbohydrate: usGrams(n.carbohydrate_g + n.fibre_g),
        sugars: usGrams(n.sugars_g),
        fibre: usGrams(n.fibre_g),
        protein: usGrams(n.protein_g),
        salt: usSodium(n.salt_g),
      }
    : {
        energy: `${Math.round(n.energy_kJ)} kJ / ${Math.round(n.energy_kcal)} kcal`,
        fat: euGrams(n.fat_g),
        carbohydrate: euGrams(n.carbohydrate_g),
        sugars: euGrams(n.sugars_g),
        fibre: euGrams(n.fibre_g),
        protein: euGrams(n.protein_g),
        salt: euSalt(n.salt_g),
      };

/** FALCPA 2004 and the FASTER Act 2021: nine. Regulation (EU) 1169/2011, Annex II: fourteen. (From memory.) */
export const LISTED_ALLERGENS: Readonly<Record<LabelStandard, readonly Allergen[]>> = {
  us: ['milk', 'egg', 'fish', 'crustaceans', 'nuts', 'peanuts', 'wheat', 'soy', 'sesame'],
  eu: [
    'gluten',
    'crustaceans',
    'egg',
    'fish',
    'peanuts',
    'soy',
    'milk',
    'nuts',
    'celery',
    'mustard',
    'sesame',
    'sulphites',
    'lupin',
    'molluscs',
  ],
};

/** Those of the bowl that this list names, in its order. */
export const listedAllergens = (allergens: readonly Allergen[], standard: LabelStandard): Allergen[] =>
  LISTED_ALLERGENS[standard].filter((allergen) => allergens.includes(allergen));
