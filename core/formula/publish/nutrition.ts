import type { Allergen, Composition, Ingredient } from '../../matter/index.ts';
import { sugars } from '../../matter/index.ts';
import type { ParsedFormula } from '../parsedFormula.ts';
import { ingredientOf } from '../read/line.ts';

/** Of one piece, or of 100 g. */
export type Nutrition = {
  readonly energy_kJ: number;
  readonly energy_kcal: number;
  readonly fat_g: number;
  readonly carbohydrate_g: number;
  readonly sugars_g: number;
  readonly fibre_g: number;
  readonly protein_g: number;
  readonly salt_g: number;
};

/** kJ and kcal per g: Regulation (EU) 1169/2011, Annex XIV (from memory). Carbohydrate is available carbohydrate, without fibre. */
const ENERGY = {
  protein: [17, 4],
  carbohydrate: [17, 4],
  fat: [37, 9],
  fibre: [8, 2],
  alcohol: [29, 7],
  acid: [13, 3],
} as const;

/** Salt from sodium × 2.5 (same regulation, Annex I): leavenings bring sodium without being salt; 27.4 % of soda, about a tenth of powder. */
const SODIUM_PER_G: Readonly<Record<string, number>> = { 'baking-soda': 0.2737, 'baking-powder': 0.106 };

const of = (c: Composition, grams: number, extraSalt_g: number): Nutrition => {
  const carbohydrate = c.starch + sugars(c);
  const part = (share: number): number => share * grams;
  const energy = (unit: 0 | 1): number =>
    part(c.protein) * ENERGY.protein[unit] +
    part(carbohydrate) * ENERGY.carbohydrate[unit] +
    part(c.fat) * ENERGY.fat[unit] +
    part(c.fibre) * ENERGY.fibre[unit] +
    part(c.alcohol) * ENERGY.alcohol[unit] +
    part(c.acid) * ENERGY.acid[unit];
  return {
    energy_kJ: energy(0),
    energy_kcal: energy(1),
    fat_g: part(c.fat),
    carbohydrate_g: part(carbohydrate),
    sugars_g: part(sugars(c)),
    fibre_g: part(c.fibre),
    protein_g: part(c.protein),
    salt_g: part(c.salt) + extraSalt_g,
  };
};

const leaveningSalt_g = (reading: ParsedFormula): number =>
  reading.lines.reduce((sum, line) => sum + 2.5 * (SODIUM_PER_G[line.ingredientId ?? ''] ?? 0) * (line.grams ?? 0), 0);

/**
 * What a mass of this raw batter brings, g > 0: of a piece, the batter poured for it. Cooking takes water only (alcohol is counted
 * as if it stayed: a little too much). Null when nothing is known of the bowl.
 */
export const nutritionOf = (reading: ParsedFormula, batter_g: number): Nutrition | null => {
  const { composition, totalMass_g } = reading;
  if (composition === null || !(totalMass_g > 0)) return null;
  return of(composition, batter_g, (leaveningSalt_g(reading) * batter_g) / totalMass_g);
};

/** What `grams` of one thing bring; null when it is unknown. */
export const nutritionOfIngredient = (ingredient: Ingredient | undefined, grams: number): Nutrition | null =>
  ingredient?.composition == null ? null : of(ingredient.composition, grams, 2.5 * (SODIUM_PER_G[ingredient.id] ?? 0) * grams);

/** Allergens of everything in the bowl, in the order of the bowl; what is only "to taste" is in it too. */
export const allergensOf = (reading: ParsedFormula): Allergen[] => [
  ...new Set(reading.lines.flatMap((line) => (line.grams === null || line.grams > 0 ? (ingredientOf(line)?.allergens ?? []) : []))),
];
