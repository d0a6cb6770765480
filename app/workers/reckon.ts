import type { Result } from '../../core/basis/index.ts';
import { failure, success } from '../../core/basis/index.ts';
import { adviseInSteps, answerOf, pictureOf, predictionOf, whyChains } from '../../core/advise/index.ts';
import type { CookMemory } from '../../core/advise/index.ts';
import type { Formula, ReadSettings } from '../../core/formula/index.ts';
import { findRecipe, formulaFromRecipe, linesFromText, readFormula, splitRecipe, writtenLines } from '../../core/formula/index.ts';
import { plannedIron } from '../../core/run/index.ts';
import { say } from '../../words/index.ts';
import type { AdviceJob, AdviceReply, Paste } from './messages.ts';

/** An advice with all that the screens draw; gives way between cooks. The worker and the differential test share it. */
export function* reckon({ formula, readSettings, ...rest }: AdviceJob, memory?: CookMemory): Generator<void, Result<AdviceReply>> {
  const reading = readFormula({ lines: [...formula.lines], lift: formula.lift }, readSettings);
  const advice = yield* adviseInSteps({ ...rest, reading }, memory);
  if (!advice.ok) return advice;
  const a = advice.value;
  const { id: _, ...prediction } = predictionOf(a, { id: '', formulaId: formula.id, formulaRev: formula.rev });
  return success({ answer: answerOf(a, say), picture: pictureOf(a), why: whyChains(a), planned: plannedIron(a), prediction });
}

/** Longer pastes are refused before anything looks at them. */
const MOST_STEPS = 100;
const MOST_SPLIT = 500;
const MOST_PASTE_CHARACTERS = 4_000_000;

/** Pasted text, or a schema.org Recipe in it, as lines with their reading. */
export const readPasted = (text: string, readSettings: ReadSettings, newId: () => string): Result<Paste> => {
  if (text.length > MOST_PASTE_CHARACTERS) return failure('took-too-long');
  const recipe = recipeIn(text, newId);
  if (recipe !== null && !recipe.ok) return recipe;
  if (recipe !== null) {
    const { lines, name, steps, yieldHint } = recipe.value;
    return success({
      lines,
      cut: 0,
      reading: readFormula({ lines, lift: null }, readSettings),
      name,
      steps,
      yieldHint,
      recipe: recipe.value,
    });
  }
  const written = writtenLines(text);
  // No recipe is longer; what follows is only counted.
  const parts = splitRecipe(written.slice(0, MOST_SPLIT));
  const { lines, cut } = linesFromText(parts.ingredients.join('\n'), newId);
  const reading = readFormula({ lines, lift: null }, readSettings);
  const steps = parts.steps.slice(0, MOST_STEPS).map((step) => step.slice(0, 2000));
  return success({
    lines,
    cut: cut + Math.max(0, written.length - MOST_SPLIT),
    reading,
    name: parts.name,
    steps,
    yieldHint: parts.yieldHint,
    recipe: null,
  });
};

const recipeIn = (text: string, newId: () => string): Result<Formula> | null => {
  if (!/^\s*[[{]/.test(text)) return null;
  try {
    const json: unknown = JSON.parse(text);
    return findRecipe(json) === undefined ? null : formulaFromRecipe(json, newId);
  } catch {
    return null;
  }
};
