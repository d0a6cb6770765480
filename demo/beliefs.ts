import type { BelievedIron } from '../core/advise/index.ts';
import { runToEnd } from '../core/basis/index.ts';
import { loadsOfIron, readSettingsOf } from '../core/kitchen/index.ts';
import type { KitchenFile } from '../core/kitchen/index.ts';
import { beliefKey, believedFor, knownQuestion } from '../core/lot/index.ts';
import { wishOf } from '../core/run/index.ts';

/** What the demo's loads say of the irons of its run, found when the demo was written: the first start of the page needn't find it. */
export type DemoBelief = { readonly key: string; readonly believed: BelievedIron | null };

type Question = ReturnType<typeof knownQuestion> & { readonly known: NonNullable<ReturnType<typeof knownQuestion>['known']> };

const questions = (file: KitchenFile): readonly Question[] => {
  const kitchen = { kit: file.kit, readSettings: readSettingsOf(file.kit, file.ingredients) };
  return file.runs.flatMap((run) =>
    run.dishes.flatMap((dish) =>
      dish.ironIds.flatMap((ironId) => {
        const iron = file.irons.find(({ id }) => id === ironId);
        const formula = file.formulas.find(({ id }) => id === dish.formulaId);
        if (iron === undefined || formula === undefined) return [];
        const wish = { ...wishOf(dish), load: 2, preheat_s: null };
        const question = knownQuestion(kitchen, formula, iron, wish, loadsOfIron(file, ironId), file.formulas);
        return question.known === undefined ? [] : [{ ...question, known: question.known }];
      }),
    ),
  );
};

export const demoBeliefKeys = (file: KitchenFile): readonly string[] =>
  questions(file).map(({ known, target }) => beliefKey(known, target));

/** @param most so many of them, the first ones */
export const demoBeliefs = (file: KitchenFile, most = Infinity): readonly DemoBelief[] =>
  questions(file)
    .slice(0, most)
    .map(({ known, target, iron }) => {
      const believed = runToEnd(believedFor(known, target, iron.dryThrough));
      if (!believed.ok) throw new Error(believed.failure.code);
      return { key: beliefKey(known, target), believed: believed.value };
    });
