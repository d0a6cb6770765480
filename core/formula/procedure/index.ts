import type { FormulaLine } from '../formula.ts';
import type { Act } from './act.ts';
import { readProcedure } from './readProcedure.ts';

export { readProcedure } from './readProcedure.ts';

type WithSteps = {
  readonly acts?: readonly Act[] | undefined;
  readonly steps: readonly string[];
  readonly lines: readonly Pick<FormulaLine, 'text'>[];
};

const FERMENTS = /\b(?:yeast|sourdough|sponge|starter|levain)\b/i;

/** What a recipe asks for: as the cook has put it right, else as it is read from its steps. */
export const actsOf = ({ acts, steps, lines }: WithSteps): readonly Act[] =>
  acts ??
  readProcedure(
    steps,
    lines.some(({ text }) => FERMENTS.test(text)),
  );
