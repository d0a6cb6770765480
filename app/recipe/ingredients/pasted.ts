import type { Formula, Starter } from '../../../core/formula/index.ts';
import { linesFromText } from '../../../core/formula/index.ts';
import { newId } from '../../store/index.ts';
import { titleOf } from './NameLine.tsx';
import type { Pasted } from './PasteSheet.tsx';
import { emptyFormula } from './revise.ts';

/** What was pasted as a new formula; one that comes back from a file keeps its properties, under an id of its own. */
export const formulaFrom = ({ lines, name, steps, yieldHint, lift, recipe }: Pasted): Formula =>
  recipe === null
    ? { ...emptyFormula(newId(), titleOf(name) ?? 'Pasted batter'), lines: [...lines], steps: [...steps], yieldHint, lift }
    : { ...recipe, name: titleOf(recipe.name) ?? 'Pasted batter', id: newId(), rev: 1, parentRev: null };

/** A usual batter of a family as a formula of this kitchen. */
export const formulaOfStarter = ({ name, family, lift, text, steps }: Starter): Formula => ({
  ...emptyFormula(newId(), name),
  family,
  lift,
  lines: linesFromText(text, newId).lines,
  steps: [...steps],
  provenance: 'usual amounts for its family',
});
