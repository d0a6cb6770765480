import type { Thickness } from '../../core/formula/index.ts';
import { THICKNESS } from '../../core/formula/index.ts';

/** The word a spoon would say for a looseness: the nearest one, on a scale of ratios. */
export const thicknessWord = (looseness: number): Thickness =>
  (Object.keys(THICKNESS) as Thickness[]).reduce((best, word) =>
    Math.abs(Math.log(looseness / THICKNESS[word])) < Math.abs(Math.log(looseness / THICKNESS[best])) ? word : best,
  );
