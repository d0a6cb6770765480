import type { Formula, FormulaLine } from '../../../core/formula/index.ts';

/** A change of a formula, made on whatever is its newest revision when it is carried out: what was changed meanwhile stays. */
export type Revise = (change: (newest: Formula) => Formula) => void;

/** The next revision with these changes; the one before stays as it is. */
export const revised = (
  formula: Formula,
  changes: Partial<Pick<Formula, 'name' | 'lines' | 'steps' | 'lift' | 'yieldHint' | 'acts'>>,
): Formula => {
  const next = { ...formula, ...changes, rev: formula.rev + 1, parentRev: formula.rev };
  // Other steps ask for other things: they are read anew.
  return 'steps' in changes && !('acts' in changes) ? withoutActs(next) : next;
};

const withoutActs = ({ acts: _, ...formula }: Formula): Formula => formula;

/** The next revision with the contents of an earlier one; undoing again goes further back. */
export const undone = (formula: Formula, before: Formula): Formula => ({ ...before, rev: formula.rev + 1, parentRev: before.parentRev });

export const withLine = (formula: Formula, id: string, changes: Partial<FormulaLine>): Formula =>
  revised(formula, { lines: formula.lines.map((line) => (line.id === id ? { ...line, ...changes } : line)) });

/** A line that names two things, as two lines. */
export const parted = (formula: Formula, id: string, texts: readonly [string, string], newId: string): Formula =>
  revised(formula, {
    lines: formula.lines.flatMap((line) => {
      if (line.id !== id) return [line];
      const own = { edited_g: null, chosenIngredientId: null };
      return [
        { ...line, ...own, text: texts[0] },
        { ...own, id: newId, text: texts[1] },
      ];
    }),
  });

export const withoutLine = (formula: Formula, id: string): Formula =>
  revised(formula, { lines: formula.lines.filter((line) => line.id !== id) });

export const withLines = (formula: Formula, added: readonly FormulaLine[]): Formula =>
  revised(formula, { lines: [...formula.lines, ...added] });

/** One swap taken back by itself: its lines make way for what was there before, where the first of them stood. */
export const unswapped = (formula: Formula, swapId: string): Formula => {
  const was = formula.lines.find((line) => line.swap?.id === swapId)?.swap?.was;
  if (was === undefined) return formula;
  let isBack = false;
  return revised(formula, {
    lines: formula.lines.flatMap((line) => {
      if (line.swap?.id !== swapId) return [line];
      if (isBack) return [];
      isBack = true;
      return [was];
    }),
  });
};

export const emptyFormula = (id: string, name: string): Formula => ({
  id,
  rev: 1,
  parentRev: null,
  name,
  family: '',
  lift: null,
  lines: [],
  steps: [],
  yieldHint: null,
  provenance: 'written here',
});
