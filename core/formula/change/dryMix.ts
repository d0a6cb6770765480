import { ML_PER_US_CUP, sum } from '../../basis/index.ts';
import type { Ingredient, OwnIngredient } from '../../matter/index.ts';
import type { ParsedFormula } from '../parsedFormula.ts';
import { summarise } from '../read/readFormula.ts';
import { allergensOf, nutritionOf } from '../publish/nutrition.ts';
import { ingredientOf } from '../read/line.ts';

export type MixPart = { readonly line: number; readonly ingredientId: string; readonly grams: number };

export type DryMix = {
  /** What keeps: for `mix_g` of mix. */
  readonly dry: readonly MixPart[];
  /** What is added on the day, per `per_g` of mix. */
  readonly wet: readonly MixPart[];
  readonly mix_g: number;
  readonly per_g: number;
  /** How long it keeps, days, and which ingredient decides; *common practice*. */
  readonly keeps_days: number;
  readonly limitedBy: string;
};

/** Water that a mix can bear without caking, share of a thing's own mass. */
const DRY_ENOUGH = 0.15;

/** Days in a closed tin, by what spoils first (*common practice*): powder loses gas, whole grain and nuts turn rancid. */
const KEEPS: readonly (readonly [test: (i: Ingredient) => boolean, days: number])[] = [
  [(i) => i.role === 'yeast', 30],
  [(i) => (i.composition?.fat ?? 0) > 0.3, 30],
  [(i) => i.role === 'flour' && (i.composition?.fat ?? 0) > 0.02, 60],
  [(i) => i.role === 'leavening', 120],
  [() => true, 180],
];

const keeps = (i: Ingredient): number => i.can.keeps_days ?? KEEPS.find(([test]) => test(i))?.[1] ?? 180;

const isKeeping = (i: Ingredient): boolean => {
  const water = (i.composition?.water ?? 1) + (i.composition?.alcohol ?? 0);
  return water <= DRY_ENOUGH && i.role !== 'fat' && i.role !== 'egg' && !(i.role === 'mix-in' && (i.composition?.fat ?? 0) > 0.3);
};

/**
 * A formula split into a keeping dry mix and what is added on the day. `mix_g`: how much mix to make; `per_g`: the packet that the wet
 * amounts are for. Null where nothing of it keeps, or no flour is in it.
 */
export const dryMix = (reading: ParsedFormula, mix_g: number, per_g: number): DryMix | null => {
  const parts = reading.lines.flatMap((line, index) => {
    const ingredient = ingredientOf(line);
    return ingredient === undefined || line.grams === null || line.grams <= 0 ? [] : [{ line: index, ingredient, grams: line.grams }];
  });
  const dry = parts.filter(({ ingredient }) => isKeeping(ingredient));
  const dry_g = sum(dry.map(({ grams }) => grams));
  if (dry_g <= 0 || !dry.some(({ ingredient }) => ingredient.role === 'flour')) return null;
  const scaled =
    (wanted_g: number) =>
    (part: (typeof parts)[number]): MixPart => ({
      line: part.line,
      ingredientId: part.ingredient.id,
      grams: (part.grams * wanted_g) / dry_g,
    });
  const first = dry.reduce((a, b) => (keeps(b.ingredient) < keeps(a.ingredient) ? b : a));
  return {
    dry: dry.map(scaled(mix_g)),
    wet: parts.filter(({ ingredient }) => !isKeeping(ingredient)).map(scaled(per_g)),
    mix_g,
    per_g,
    keeps_days: keeps(first.ingredient),
    limitedBy: first.ingredient.id,
  };
};

/** One equivalent of soda gives a mole of CO₂ where it meets its acid. */
const CO2_G_PER_EQ = 44.009;

/**
 * The mix as an ingredient of the cook's own, so that "2 cups of mix" can be written. Its cup is what its parts fill, loosely; its gas is that of its powder, and of
 * its soda as if the acid for it came with the wet. Null where a part of it isn't known.
 */
export const mixAsIngredient = (
  mix: DryMix,
  reading: ParsedFormula,
  named: { readonly id: string; readonly name: string },
): OwnIngredient | null => {
  const parts = mix.dry.flatMap(({ line, grams }) => {
    const read = reading.lines[line];
    const ingredient = read === undefined ? undefined : ingredientOf(read);
    return ingredient === undefined || read === undefined ? [] : [{ ingredient, grams, read }];
  });
  if (parts.length !== mix.dry.length || parts.length === 0) return null;
  const alone = summarise(
    parts.map(({ read, grams }) => ({ ...read, grams, gramsRange: [grams, grams] as const })),
    reading.lift,
  );
  const per100 = nutritionOf(alone, 100);
  if (per100 === null) return null;
  const volumes = parts.map(({ ingredient: i, grams }) => {
    const density = i.cup_g === undefined ? i.density_gPerML : i.cup_g.usual / ML_PER_US_CUP;
    return density === null ? null : grams / density;
  });
  const known = volumes.filter((volume) => volume !== null);
  const total_g = sum(parts.map(({ grams }) => grams));
  const fibre_g = 100 * (alone.composition?.fibre ?? 0);
  const gasOf = ({ ingredient: i, grams }: (typeof parts)[number]): number =>
    ((i.co2_gPer100g + (i.role === 'leavening' && i.co2_gPer100g === 0 ? (Math.max(0, -i.acid_meqPer100g) / 1000) * CO2_G_PER_EQ : 0)) *
      grams) /
    100;
  const gas_g = sum(parts.map(gasOf));
  const lost = sum(parts.map((part) => gasOf(part) * part.ingredient.lostInBowl));
  return {
    id: named.id,
    name: named.name,
    role: 'flour',
    standard: 'eu',
    per_g: 100,
    energy_kcal: per100.energy_kcal,
    fat_g: per100.fat_g,
    carbohydrate_g: per100.carbohydrate_g,
    sugars_g: per100.sugars_g,
    fibre_g,
    protein_g: per100.protein_g,
    salt_g: 100 * (alone.composition?.salt ?? 0),
    gramsPerUsCup: known.length === volumes.length ? Math.round((total_g / sum(known)) * ML_PER_US_CUP) : null,
    allergens: allergensOf(alone),
    ...(gas_g > 0 ? { lifts: { co2_gPer100g: (100 * gas_g) / total_g, lostInBowl: lost / gas_g } } : {}),
  };
};
