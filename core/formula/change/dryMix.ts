import { sum } from '../../basis/index.ts';
import type { Ingredient } from '../../matter/index.ts';
import type { ParsedFormula } from '../parsedFormula.ts';
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
