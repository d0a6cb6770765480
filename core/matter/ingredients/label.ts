import type { Finding, Result } from '../../basis/index.ts';
import { failure, ML_PER_US_CUP, success } from '../../basis/index.ts';
import { per100g } from '../composition.ts';
import type { Abilities, Ingredient } from './row.ts';
import type { OwnIngredient } from './ownIngredient.ts';

export type ReadLabel = {
  readonly ingredient: Ingredient;
  /** Half of what the label's rounding may hide, g per 100 g, by nutrient. */
  readonly rounding_gPer100g: { readonly fat: number; readonly carbohydrate: number; readonly protein: number };
  readonly findings: readonly Finding[];
};

/** Label rounding, g per serving: half the step that a figure of this size is rounded to. US: 21 CFR 101.9(c); EU: guidance of 2012 (from memory). */
const halfStep = (standard: OwnIngredient['standard'], nutrient: 'fat' | 'other', grams: number): number => {
  if (standard === 'us' && nutrient === 'fat') return grams < 5 ? 0.25 : 0.5;
  if (standard === 'us') return 0.5;
  return grams < 10 ? 0.05 : 0.5;
};

/** Minerals other than salt that a label doesn't print, g per 100 g (typical of dry staples, from memory). */
const UNPRINTED_ASH = 0.8;
const KCAL = { fat: 9, carbohydrate: 4, fibre: 2, protein: 4 } as const;
/** A label whose energy is that far from its own figures is mistyped (US rules allow 20 %). */
const ENERGY_TOLERANCE = 0.2;

/** A fat is melted and a mix-in stays in bits, unless the cook says otherwise. */
const abilitiesOf = ({ role, can = {} }: OwnIngredient): Abilities => ({
  melts: can.melts ?? role === 'fat',
  staysInBits: can.staysInBits ?? role === 'mix-in',
  ...(can.takenFor === undefined ? {} : { takenFor: can.takenFor }),
  ...(can.standsInFor === undefined ? {} : { standsInFor: can.standsInFor }),
});

/**
 * An ingredient from its label; water is what is left of 100 g. Errors: `label-over-100` {grams}, `label-sugars-over-carbohydrate`.
 * Findings: `label-energy-off` {printed, reckoned}.
 */
export const ingredientFromLabel = (own: OwnIngredient): Result<ReadLabel> => {
  const scale = 100 / own.per_g;
  const fibre = (own.fibre_g ?? 0) * scale;
  const carbohydrate = Math.max(0, own.carbohydrate_g * scale - (own.standard === 'us' ? fibre : 0));
  const [fat, sugars, protein, salt] = [own.fat_g, own.sugars_g, own.protein_g, own.salt_g].map((g) => g * scale) as [
    number,
    number,
    number,
    number,
  ];
  const rounding = {
    fat: halfStep(own.standard, 'fat', own.fat_g) * scale,
    carbohydrate: halfStep(own.standard, 'other', own.carbohydrate_g) * scale,
    protein: halfStep(own.standard, 'other', own.protein_g) * scale,
  };
  const slack = rounding.fat + rounding.carbohydrate + rounding.protein;
  const solids = fat + carbohydrate + fibre + protein + salt;
  if (solids > 100 + slack + 1) return failure('label-over-100', { grams: Math.round(solids) });
  if (sugars > carbohydrate + 2 * rounding.carbohydrate) return failure('label-sugars-over-carbohydrate');
  // Rounded up, the figures may pass 100: they are taken back to it in proportion.
  const fit = Math.min(1, 100 / Math.max(1e-9, solids));
  const ash = Math.min(UNPRINTED_ASH, Math.max(0, 100 - solids * fit));
  const water = Math.max(0, 100 - solids * fit - ash);
  const sweet = Math.min(sugars, carbohydrate) * fit;
  const isDairy = own.allergens.includes('milk') && own.role !== 'sugar';
  const composition = per100g({
    water,
    fat: fat * fit,
    protein: protein * fit,
    fibre: fibre * fit,
    salt: salt * fit,
    ash,
    ...(isDairy ? { lactose: sweet } : { sucrose: sweet }),
    starch: carbohydrate * fit - sweet,
  });
  const reckoned =
    own.fat_g * KCAL.fat +
    ((carbohydrate * own.per_g) / 100) * KCAL.carbohydrate +
    (own.fibre_g ?? 0) * KCAL.fibre +
    own.protein_g * KCAL.protein;
  const isOff = own.energy_kcal !== null && Math.abs(own.energy_kcal - reckoned) > ENERGY_TOLERANCE * Math.max(20, reckoned);
  return success({
    ingredient: {
      id: own.id,
      name: own.name,
      role: own.role,
      aliases: [own.name.toLowerCase()],
      composition,
      density_gPerML: own.gramsPerUsCup === null ? null : own.gramsPerUsCup / ML_PER_US_CUP,
      measures: {},
      acid_meqPer100g: 0,
      co2_gPer100g: own.lifts?.co2_gPer100g ?? 0,
      lostInBowl: own.lifts?.lostInBowl ?? 0,
      tint: 0,
      allergens: own.allergens,
      can: abilitiesOf(own),
      source: `its label, per ${own.per_g} g`,
      status: 'label',
    },
    rounding_gPer100g: rounding,
    findings: isOff
      ? [{ code: 'label-energy-off', level: 'warning', fields: { printed: own.energy_kcal ?? 0, reckoned: Math.round(reckoned) } }]
      : [],
  });
};
