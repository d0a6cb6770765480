import { Printer } from 'lucide-react';
import type { Formula } from '../../../core/formula/index.ts';
import type { Kit } from '../../../core/kit/index.ts';
import { largestJug } from '../../../core/kit/index.ts';
import type { Ingredient } from '../../../core/matter/index.ts';
import { ingredientById } from '../../../core/matter/index.ts';
import type { WeighPlan, WeighStep } from '../../../core/weigh/index.ts';
import { fillsFor, jugMarks } from '../../../core/weigh/index.ts';
import { grams } from '../../ui/index.ts';
import { fillWords } from './SpoonFace.tsx';
import { BOWL_WORDS, stepName } from './words.ts';

const spoonWords = (step: WeighStep, kit: Kit, own: readonly Ingredient[]): string => {
  if (step.ingredientId === 'egg' && !step.isSeparated) return `${Number((step.grams / 50).toFixed(1))} eggs`;
  const ingredient = own.find((i) => i.id === step.ingredientId) ?? ingredientById(step.ingredientId ?? '');
  const fills = ingredient === undefined ? null : fillsFor(step.grams, ingredient, kit.spoons);
  return fills?.ok === true ? fillWords(fills.value.fills) : `${grams(step.grams)} g`;
};

/** What a liquid fills in the jug when all are poured into one, to marks that run on. */
const marksOf = (steps: readonly WeighStep[], kit: Kit): ReadonlyMap<string, string> => {
  const liquids = steps.flatMap((step) => {
    const ingredient = ingredientById(step.ingredientId ?? '');
    return ingredient?.role === 'liquid' && ingredient.density_gPerML !== null
      ? [{ step, mL: step.grams / ingredient.density_gPerML }]
      : [];
  });
  const jug = largestJug(kit.bowls)?.volume_mL ?? 1000;
  const marks = jugMarks(
    liquids.map(({ mL }) => mL),
    jug,
  );
  return new Map(
    liquids.map(({ step }, i) => [step.id, `to ${Math.round((marks[i]?.mark_mL ?? 0) / 5) * 5} mL in jug ${marks[i]?.jug ?? 1}`]),
  );
};

/** Exact spoons for every hand: to hang on the wall. */
export const SpoonList = ({
  formula,
  plan,
  kit,
  own,
}: {
  readonly formula: Formula;
  readonly plan: WeighPlan;
  readonly kit: Kit;
  readonly own: readonly Ingredient[];
}) => {
  const weighs = plan.steps.filter((step) => step.kind === 'weigh');
  const marks = marksOf(weighs, kit);
  return (
    <section aria-label="Spoon list" className="print-only-this mt-6 max-w-2xl">
      <div className="flex items-baseline justify-between">
        <h2 className="text-lg">Spoons for {formula.name}</h2>
        <button type="button" className="button-plain no-print" onClick={() => window.print()}>
          <Printer aria-hidden className="size-5" /> Print
        </button>
      </div>
      <table className="mt-1 w-full">
        <caption className="sr-only">Cups and spoons for each ingredient</caption>
        <tbody>
          {weighs.map((step) => (
            <tr key={step.id} className="border-b border-line">
              <th scope="row" className="py-1 text-left font-normal">
                {stepName(step, own)} <span className="text-sm text-quiet">{BOWL_WORDS[step.bowl]}</span>
              </th>
              <td className="text-right font-semibold">{spoonWords(step, kit, own)}</td>
              <td className="pl-3 text-right text-sm text-quiet">{marks.get(step.id) ?? ''}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
};
