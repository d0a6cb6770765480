import type { ParsedFormula } from '../../../core/formula/index.ts';
import { allergensOf, nutritionOf } from '../../../core/formula/index.ts';

/** Per piece, cooked (only water is lost), and what the bowl contains. */
export const NutritionLine = ({
  reading,
  pieceBatter_g,
  ironName,
}: {
  readonly reading: ParsedFormula;
  readonly pieceBatter_g: number | null;
  readonly ironName: string | null;
}) => {
  const nutrition = nutritionOf(reading, pieceBatter_g ?? 100);
  const allergens = allergensOf(reading);
  if (nutrition === null) return null;
  const whole = (value: number): string => String(Math.round(value));
  return (
    <p
      className="flex flex-wrap gap-x-6 gap-y-1 border-t border-line pt-2 text-[15px]"
      title="Energy by the factors of Regulation (EU) 1169/2011, Annex XIV"
    >
      <span>
        {pieceBatter_g === null || ironName === null ? 'per 100 g of batter' : `per piece on ${ironName}`}{' '}
        <b>{whole(nutrition.energy_kcal)} kcal</b> ({whole(nutrition.energy_kJ)} kJ) · fat {whole(nutrition.fat_g)} g · carbohydrate{' '}
        {whole(nutrition.carbohydrate_g)} g, sugars {whole(nutrition.sugars_g)} g · protein {whole(nutrition.protein_g)} g · salt{' '}
        {nutrition.salt_g.toFixed(1)} g
      </span>
      <span>
        contains <b>{allergens.length === 0 ? 'none of the listed allergens, as far as it is known' : allergens.join(', ')}</b>
      </span>
    </p>
  );
};
