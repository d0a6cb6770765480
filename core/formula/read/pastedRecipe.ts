import { tokenize } from './quantity.ts';
import { unitOf } from './words.ts';

/** A pasted text taken apart: what goes in, what is done, what it makes. */
export type PastedRecipe = {
  readonly name: string | null;
  readonly ingredients: readonly string[];
  readonly steps: readonly string[];
  readonly yieldHint: string | null;
};

const INGREDIENTS_HEADING = /^(?:ingredients?|you(?:’|')?(?:ll)? need|for the batter|shopping list)\b[^.]{0,20}:?\s*$/i;
const STEPS_HEADING = /^(?:method|directions?|instructions?|steps?|preparation|how to(?: make it)?|what to do)\b[^.]{0,20}:?\s*$/i;
const YIELD = /^(?:makes?|yields?|serves?|servings?|for)\b[:\s]*(?:about |around |approx\.? )?\d/i;
const NUMBERED = /^\s*(?:step\s*)?\d{1,2}\s*[.):]\s+\p{L}/iu;
const VERBS =
  /\b(?:whisk|mix|stir|fold|beat|whip|combine|pour|cook|bake|heat|preheat|melt|sift|sieve|rest|chill|refrigerate|cover|serve|add|let|leave|grease|brush|close|open|ladle|spread|separate|warm|cool|blend|cream|scoop|spoon|turn|flip|roll|knead|stand|repeat|place|put|remove|keep|use|transfer|divide)\b/i;

const startsWithAmount = (line: string): boolean => {
  const [first, second] = tokenize(line.replace(/^[-*•–·▢☐\s]+/u, ''));
  if (first?.kind === 'number') return true;
  return (
    first?.kind === 'word' &&
    (unitOf(first.text) !== undefined || (/^(?:a|an|one|two|three|half)$/i.test(first.text) && second !== undefined))
  );
};

/** A sentence that tells what to do, not what goes in. */
const isStep = (line: string): boolean => {
  if (NUMBERED.test(line)) return true;
  if (startsWithAmount(line)) return false;
  const words = line.split(/\s+/).length;
  const opensWithVerb = VERBS.test(line.split(/\s+/).slice(0, 2).join(' '));
  return (opensWithVerb && words >= 3) || (VERBS.test(line) && words >= 9 && /[.!]\s*$/.test(line));
};

/**
 * Sorts the lines of a text: headings decide where there are any; else a line that opens with a verb is a step. A first line without an
 * amount, above an ingredient list, is the name. Nothing is dropped but empty lines and the headings themselves.
 */
export const splitRecipe = (lines: readonly string[]): PastedRecipe => {
  const ingredients: string[] = [];
  const steps: string[] = [];
  let name: string | null = null;
  let yieldHint: string | null = null;
  let part: 'unknown' | 'ingredients' | 'steps' = 'unknown';
  const hasSteps = lines.some((line) => STEPS_HEADING.test(line.trim()) || isStep(line.trim()));
  for (const [index, raw] of lines.entries()) {
    const line = raw.trim();
    if (INGREDIENTS_HEADING.test(line)) part = 'ingredients';
    else if (STEPS_HEADING.test(line)) part = 'steps';
    else if (yieldHint === null && YIELD.test(line) && line.length < 80) yieldHint = line;
    else if (part === 'steps' || (isStep(line) && (part === 'unknown' || !startsWithAmount(line))))
      steps.push(line.replace(/^\s*(?:step\s*)?\d{1,2}\s*[.):]\s+/i, ''));
    // A title says nothing that could be weighed, and something to weigh or do follows it.
    else if (index === 0 && hasSteps && !/\d/.test(line) && line.split(/\s+/).length <= 8 && lines.length > 2)
      name = line.replace(/:$/, '');
    else ingredients.push(line);
  }
  return { name, ingredients, steps, yieldHint };
};
