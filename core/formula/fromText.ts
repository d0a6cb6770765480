import type { FormulaLine } from './formula.ts';
import { linesFromText, writtenLines } from './formula.ts';
import type { Lift } from './lift.ts';
import { detectLift } from './lift.ts';
import { linesOfSum, readLine } from './read/line.ts';
import { DECLARED } from './read/label.ts';
import { readProcedure } from './procedure/readProcedure.ts';
import { liftOfActs } from './procedure/liftOfActs.ts';
import { withoutMarkup } from './read/markup.ts';
import { splitRecipe } from './read/pastedRecipe.ts';

/** A written text as a formula: the same on every station and on the command line. */
export type TextAsFormula = {
  readonly name: string | null;
  readonly lines: readonly FormulaLine[];
  readonly steps: readonly string[];
  readonly yieldHint: string | null;
  /** As the steps say where they say it; null: as the lines do. */
  readonly lift: Lift | null;
  /** Lines beyond what is taken. */
  readonly cut: number;
};

/** No recipe is longer; what follows is only counted. */
const MOST_SPLIT = 1000;
const MOST_STEPS = 100;
const LONGEST_STEP = 2000;

/** `newId` gives the ids of lines. What goes on top or under is kept behind the steps, so that no word is lost; a story isn't kept. */
export const formulaFromText = (text: string, newId: () => string): TextAsFormula => {
  const written = writtenLines(withoutMarkup(text));
  const parts = splitRecipe(written.slice(0, MOST_SPLIT));
  const { lines, cut } = linesFromText(parts.ingredients.flatMap(linesOfSum).join('\n'), newId);
  const extras = parts.extras.length === 0 ? [] : [`Beside the batter: ${parts.extras.join('; ')}`];
  const declared = parts.declared.length === 0 ? [] : [`${DECLARED}${parts.declared.join('; ')}`];
  const steps = [...parts.steps, ...extras, ...declared].slice(0, MOST_STEPS).map((step) => step.slice(0, LONGEST_STEP));
  // Yeast and separated eggs in the list speak for themselves; the rest is told by what is done.
  const byLines = detectLift(lines.map((line) => readLine(line.text)));
  return {
    name: parts.name,
    lines,
    steps,
    yieldHint: parts.yieldHint,
    lift: byLines === 'quick' ? liftOfActs(readProcedure(parts.steps)) : null,
    cut: cut + Math.max(0, written.length - MOST_SPLIT),
  };
};
