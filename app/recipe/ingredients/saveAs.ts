import type { AdviceAnswer } from '../../../core/advise/index.ts';
import type { Formula, FormulaCard, ParsedFormula } from '../../../core/formula/index.ts';
import { formulaCsv, formulaMarkdown, recipeFromFormula } from '../../../core/formula/index.ts';
import { download, fileName } from '../../ui/index.ts';

export type SaveKind = 'recipe' | 'markdown' | 'csv' | 'print';

/** A formula in a format that others read. */
export const saveAs = (kind: SaveKind, formula: Formula, reading: ParsedFormula, card: FormulaCard, answer: AdviceAnswer | null): void => {
  if (kind === 'print') return window.print();
  if (kind === 'markdown') return download(fileName(formula.name, 'md'), 'text/markdown', formulaMarkdown(formula, reading, card));
  if (kind === 'csv') return download(fileName(formula.name, 'csv'), 'text/csv', formulaCsv(reading));
  const recipe = recipeFromFormula(formula, { cookTime_s: answer?.cookTime_s.best ?? null, yieldPieces: answer?.pieces ?? null });
  download(fileName(formula.name, 'recipe.json'), 'application/ld+json', `${JSON.stringify(recipe, null, 2)}\n`);
};
