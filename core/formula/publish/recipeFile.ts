import * as z from 'zod';
import type { Formula } from '../formula.ts';
import { LIFTS } from '../lift.ts';
import { Act } from '../procedure/act.ts';
import { actsOf } from '../procedure/index.ts';
import { scaledAct, scaledSteps, scaledYield } from '../change/scaledSteps.ts';
import { scaledWords } from '../change/scaledWords.ts';
import { claimsOf } from '../read/claims.ts';
import type { ReadSettings } from '../read/line.ts';
import { readFormula } from '../read/readFormula.ts';

export const RECIPE_SCHEMA = 'tawny-lattice/recipe@1';

const range = z.tuple([z.number(), z.number()]);

/** A recipe as it is understood: its lines, what its steps ask for, what it says of itself. Printed by `lattice read` and `lattice scale`. */
export const RecipeFile = z.object({
  schema: z.literal(RECIPE_SCHEMA),
  name: z.string().nullable(),
  /** Times what is written. */
  by: z.number().positive(),
  yields: z.string().nullable(),
  lift: z.enum(LIFTS),
  mass_g: z.number(),
  lines: z.array(
    z.object({
      text: z.string(),
      /** Null: not understood, or a heading. */
      ingredient: z.string().nullable(),
      grams: z.number().nullable(),
      /** From the least to the most that the words can mean. */
      grams_range: range.nullable(),
      status: z.string(),
    }),
  ),
  steps: z.array(z.string()),
  procedure: z.array(Act),
  claims: z.array(
    z.object({ kind: z.string(), low: z.number(), high: z.number(), loose: z.boolean(), text: z.string(), step: z.int().nullable() }),
  ),
  /** Lines that nobody understood: to be settled before anything is cooked. */
  unresolved: z.array(z.string()),
});
export type RecipeFile = z.infer<typeof RecipeFile>;

type Written = Pick<Formula, 'lift' | 'yieldHint'> & {
  readonly name: string | null;
  readonly lines: Formula['lines'];
  readonly steps: readonly string[];
  readonly acts?: readonly Act[] | undefined;
};

const tenth = (grams: number): number => Number(grams.toFixed(1));

/** A recipe as it is understood, `by` times as much as it is written for (> 0). */
export const recipeFileOf = (written: Written, settings: ReadSettings, by = 1): RecipeFile => {
  const reading = readFormula(written, settings);
  const acts = actsOf(written).map((act) => scaledAct(act, by));
  const steps = scaledSteps(written.steps, by);
  return {
    schema: RECIPE_SCHEMA,
    name: written.name,
    by,
    yields: scaledYield(written.yieldHint, by),
    lift: reading.lift,
    mass_g: tenth(reading.totalMass_g * by),
    lines: reading.lines.map(({ text, ingredientId, ingredient, grams, gramsRange, status }) => ({
      text: scaledWords(text, by, settings, ingredient ?? undefined),
      ingredient: ingredientId,
      grams: grams === null ? null : tenth(grams * by),
      grams_range: gramsRange === null ? null : [tenth(gramsRange[0] * by), tenth(gramsRange[1] * by)],
      status,
    })),
    steps,
    procedure: acts.map((act) => ({ ...act })),
    claims: claimsOf(steps, scaledYield(written.yieldHint, by), settings.cupStandard).map((claim) => ({ ...claim })),
    unresolved: reading.lines.filter(({ status }) => status === 'unresolved').map(({ text }) => text),
  };
};
