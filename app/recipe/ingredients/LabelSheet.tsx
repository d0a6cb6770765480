import { useState } from 'react';
import type { ParsedFormula, LabelStandard, Nutrition } from '../../../core/formula/index.ts';
import { allergensOf, nutritionLabel, listedAllergens, servedNutrition, TOPPINGS } from '../../../core/formula/index.ts';
import { ingredientById } from '../../../core/matter/index.ts';
import { Sheet } from '../../ui/index.ts';

type Props = {
  readonly reading: ParsedFormula;
  /** Of one piece, cooked. */
  readonly piece: Nutrition;
  readonly pieceName: string;
  /** Pieces that a bowl makes; null without an iron. */
  readonly pieces: number | null;
  readonly onClose: () => void;
};

const ROWS = [
  ['energy', 'Energy'],
  ['fat', 'Fat'],
  ['carbohydrate', 'Carbohydrate'],
  ['sugars', 'of which sugars'],
  ['fibre', 'Fibre'],
  ['protein', 'Protein'],
  ['salt', 'Salt'],
] as const;

const STANDARDS: readonly (readonly [LabelStandard, string])[] = [
  ['eu', 'Regulation (EU) 1169/2011'],
  ['us', 'US, 21 CFR 101.9'],
];

const times = (nutrition: Nutrition, factor: number): Nutrition =>
  Object.fromEntries(Object.entries(nutrition).map(([key, value]) => [key, value * factor])) as unknown as Nutrition;

/** As a label would declare it, with the rounding of the standard named; as served, too. */
export const LabelSheet = ({ reading, piece, pieceName, pieces, onClose }: Props) => {
  const [standard, setStandard] = useState<LabelStandard>('eu');
  const [on, setOn] = useState<ReadonlySet<string>>(new Set());
  const toppings = TOPPINGS.filter((topping) => on.has(topping.ingredientId)).map(({ ingredientId, usual_g }) => ({
    ingredientId,
    grams: usual_g,
  }));
  const served = servedNutrition(piece, toppings);
  const columns: readonly (readonly [string, Nutrition])[] = [
    [pieceName, piece],
    ...(toppings.length > 0 ? [['as served', served] as const] : []),
    ...(pieces === null ? [] : [[`the bowl, ${pieces} pieces`, times(piece, pieces)] as const]),
  ];
  const allergens = [
    ...new Set([...allergensOf(reading), ...toppings.flatMap(({ ingredientId }) => ingredientById(ingredientId)?.allergens ?? [])]),
  ];
  const byMass = [...reading.lines]
    .filter((line) => line.ingredient !== null && (line.grams ?? 0) > 0)
    .sort((a, b) => (b.grams ?? 0) - (a.grams ?? 0));
  return (
    <Sheet title="As a label has it" open onClose={onClose} wide>
      <div role="group" aria-label="Rounded by" className="flex gap-2">
        {STANDARDS.map(([id, words]) => (
          <button
            key={id}
            type="button"
            aria-pressed={standard === id}
            className={standard === id ? 'button-act' : 'button-plain'}
            onClick={() => setStandard(id)}
          >
            {words}
          </button>
        ))}
      </div>
      <div role="group" aria-label="On top" className="mt-3 flex flex-wrap gap-2">
        {TOPPINGS.map(({ ingredientId, usual_g }) => (
          <button
            key={ingredientId}
            type="button"
            aria-pressed={on.has(ingredientId)}
            className={on.has(ingredientId) ? 'button-act' : 'button-plain'}
            onClick={() =>
              setOn((before) => {
                const next = new Set(before);
                if (!next.delete(ingredientId)) next.add(ingredientId);
                return next;
              })
            }
          >
            {usual_g} g {ingredientById(ingredientId)?.name.toLowerCase()}
          </button>
        ))}
      </div>
      <table className="mt-4 w-full max-w-2xl border-2 border-ink bg-sheet">
        <caption className="sr-only">Nutrition</caption>
        <thead>
          <tr className="border-b-4 border-ink">
            <td />
            {columns.map(([name]) => (
              <th key={name} scope="col" className="px-3 py-1.5 text-right text-[15px]">
                {name}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {ROWS.map(([key, name]) => (
            <tr key={key} className="border-b border-line">
              <th scope="row" className={`px-3 py-1 text-left ${key === 'sugars' ? 'pl-8 font-normal' : ''}`}>
                {key === 'salt' && standard === 'us' ? 'Sodium' : name}
              </th>
              {columns.map(([column, nutrition]) => (
                <td key={column} className="px-3 text-right">
                  {nutritionLabel(nutrition, standard)[key]}
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
      <p className="mt-3">
        <b>Contains:</b> {listedAllergens(allergens, standard).join(', ') || 'none of the listed allergens, as far as it is known'}.
      </p>
      <p className="mt-1 text-[15px]">
        <b>Ingredients:</b>{' '}
        {byMass.map((line, i) => {
          const isAllergen = listedAllergens(line.ingredient?.allergens ?? [], standard).length > 0;
          return (
            <span key={`${line.text}/${i}`} className={isAllergen ? 'font-bold' : ''}>
              {i > 0 && ', '}
              {line.ingredient?.name.toLowerCase().replace(/, (.*)/, ' ($1)')}
            </span>
          );
        })}
        .
      </p>
      <p className="mt-2 text-[15px] text-quiet">
        Cooking takes water only; fat stays.{' '}
        {standard === 'eu' ? 'The EU names fourteen allergens (Annex II).' : 'The US names nine (FALCPA, FASTER Act).'} Have the label
        checked before you sell with it.
      </p>
    </Sheet>
  );
};
