import { sum } from '../basis/index.ts';
import type { ParsedFormula } from '../formula/index.ts';
import { ingredientOf } from '../formula/index.ts';
import type { Ferment } from './ferment.ts';
import type { YeastForm } from './yeast.ts';
import { FLOUR_SUGAR_SHARE, YEAST_PER_FRESH, yeastAs } from './yeast.ts';

const isForm = (id: string | undefined): id is YeastForm => id !== undefined && id in YEAST_PER_FRESH;

/** What of a formula matters to the yeast: itself as dry yeast, its food, what draws its water. Null without yeast or water. */
export const yeastedBowl = (
  reading: ParsedFormula,
):
  | (Pick<Ferment, 'yeast_g' | 'batter_g' | 'food_g' | 'sugarPerWater' | 'saltPerWater'> & {
      readonly form: YeastForm;
      readonly formYeast_g: number;
    })
  | null => {
  const { composition: c, totalMass_g } = reading;
  const yeasts = reading.lines.flatMap((line) => {
    const id = ingredientOf(line)?.id;
    return isForm(id) && (line.grams ?? 0) > 0 ? [{ form: id, grams: line.grams ?? 0 }] : [];
  });
  const [first] = yeasts;
  if (c === null || first === undefined || c.water <= 0) return null;
  // Lactose is not fermented.
  const sugars_g = (c.sucrose + c.reducing) * totalMass_g;
  return {
    form: first.form,
    formYeast_g: sum(yeasts.map(({ form, grams }) => yeastAs(grams, form, first.form))),
    yeast_g: sum(yeasts.map(({ form, grams }) => yeastAs(grams, form, 'dry-yeast'))),
    batter_g: totalMass_g,
    food_g: sugars_g + FLOUR_SUGAR_SHARE * reading.flour_g,
    sugarPerWater: (c.sucrose + c.reducing) / c.water,
    saltPerWater: c.salt / c.water,
  };
};
