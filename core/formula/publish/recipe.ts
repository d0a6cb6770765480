import * as z from 'zod';
import type { Result } from '../../basis/index.ts';
import { failure, success } from '../../basis/index.ts';
import { Formula, FormulaLine, linesFromText, MOST_LINES } from '../formula.ts';

/** schema.org Recipe (JSON-LD), as far as a batter needs it. Other properties are kept as they are. */
const RecipeShape = z.looseObject({
  '@type': z.union([z.string(), z.array(z.string())]),
  name: z.string().optional(),
  recipeIngredient: z.array(z.string()).optional(),
  ingredients: z.array(z.string()).optional(),
  recipeInstructions: z.unknown().optional(),
  recipeYield: z.union([z.string(), z.number(), z.array(z.union([z.string(), z.number()]))]).optional(),
});

const KNOWN = new Set([
  'tawny-lattice:formula',
  '@context',
  '@type',
  'name',
  'recipeIngredient',
  'ingredients',
  'recipeInstructions',
  'recipeYield',
]);
/** How deep instructions may nest; deeper ones are broken or hostile. */
const DEEPEST = 6;

const isRecipe = (value: unknown): boolean => {
  const type = typeof value === 'object' && value !== null ? (value as Record<string, unknown>)['@type'] : undefined;
  return Array.isArray(type) ? type.includes('Recipe') : type === 'Recipe';
};

/** Every Recipe in a JSON-LD document: itself, those in an array, those in its @graph. */
export const recipesIn = (json: unknown): readonly unknown[] => {
  if (isRecipe(json)) return [json];
  if (Array.isArray(json)) return json.flatMap((one) => (Array.isArray(one) ? [] : recipesIn(one)));
  const graph = typeof json === 'object' && json !== null ? (json as Record<string, unknown>)['@graph'] : undefined;
  return Array.isArray(graph) ? graph.filter(isRecipe) : [];
};

/** The first of them. */
export const findRecipe = (json: unknown): unknown => recipesIn(json)[0];

const SCRIPT = /<script[^>]*application\/ld\+json[^>]*>([\s\S]*?)<\/script>/gi;

const parsedJson = (text: string): unknown => {
  try {
    return JSON.parse(text);
  } catch {
    return undefined;
  }
};

/** The recipes that a text holds as JSON-LD: the text itself, or the scripts of a page. */
export const recipesInText = (text: string): readonly unknown[] =>
  /^\s*[[{]/.test(text)
    ? recipesIn(parsedJson(text))
    : [...text.matchAll(SCRIPT)].flatMap(([, script = '']) => recipesIn(parsedJson(script)));

/** Our own fields in a foreign file: whatever else reads it leaves them alone. */
const OWN = 'tawny-lattice:formula';

/** The parts of a formula that a Recipe has no property for. */
const OwnPart = z.object({
  id: Formula.shape.id,
  rev: Formula.shape.rev,
  parentRev: Formula.shape.parentRev,
  family: Formula.shape.family,
  lift: Formula.shape.lift,
  provenance: Formula.shape.provenance,
  hasForeign: z.boolean(),
  /** Properties that were reckoned for the file and are not the formula's own. */
  reckoned: z.array(z.string().max(40)).max(10),
  lines: z.array(FormulaLine.pick({ id: true, edited_g: true, chosenIngredientId: true, swap: true })).max(MOST_LINES),
});

/** What a Recipe says of nutrition and time, when it is known; ISO 8601 durations, schema.org units in the text. */
export type RecipeFacts = { readonly cookTime_s: number | null; readonly yieldPieces: number | null };

/** A formula as schema.org Recipe (JSON-LD): ingredients as written, steps as HowToStep, foreign properties as they came. */
export const recipeFromFormula = (
  formula: Formula,
  facts: RecipeFacts = { cookTime_s: null, yieldPieces: null },
): Record<string, unknown> => {
  const reckoned = {
    ...(formula.yieldHint !== null || facts.yieldPieces === null ? {} : { recipeYield: `${facts.yieldPieces} pieces` }),
    ...(facts.cookTime_s === null || formula.foreignProps?.['cookTime'] !== undefined
      ? {}
      : { cookTime: `PT${Math.round(facts.cookTime_s)}S` }),
  };
  return { ...written(formula), ...reckoned, [OWN]: { ...ownPart(formula), reckoned: Object.keys(reckoned) } };
};

const ownPart = ({ id, rev, parentRev, family, lift, provenance, lines, foreignProps }: Formula) => ({
  hasForeign: foreignProps !== undefined,
  id,
  rev,
  parentRev,
  family,
  lift,
  provenance,
  lines: lines.map((line) => ({
    id: line.id,
    edited_g: line.edited_g,
    chosenIngredientId: line.chosenIngredientId,
    ...(line.swap === undefined ? {} : { swap: line.swap }),
  })),
});

const written = (formula: Formula): Record<string, unknown> => ({
  ...formula.foreignProps,
  '@context': 'https://schema.org',
  '@type': 'Recipe',
  name: formula.name,
  recipeIngredient: formula.lines.map((line) => line.text),
  ...(formula.steps.length === 0 ? {} : { recipeInstructions: formula.steps.map((text) => ({ '@type': 'HowToStep', text })) }),
  ...(formula.yieldHint === null ? {} : { recipeYield: formula.yieldHint }),
});

/** An instruction that is a thing of its own is one step, whatever breaks its lines; a bare text has a step a line. */
const stepsOf = (value: unknown, depth = 0): string[] => {
  if (depth > DEEPEST) return [];
  if (typeof value === 'string')
    return value
      .split('\n')
      .map((step) => step.trim())
      .filter((step) => step !== '');
  if (Array.isArray(value)) return value.flatMap((item) => stepsOf(item, depth + 1));
  if (typeof value !== 'object' || value === null) return [];
  const { text, itemListElement } = value as Record<string, unknown>;
  if (itemListElement !== undefined) return stepsOf(itemListElement, depth + 1);
  return typeof text === 'string' ? stepsOf(text.replace(/\s+/g, ' '), depth + 1) : stepsOf(text, depth + 1);
};

/** Errors: `recipe-missing` (no Recipe inside), `recipe-broken` (not of its shape), `recipe-empty` (no ingredients), `recipe-too-long`. */
export const formulaFromRecipe = (json: unknown, newId: () => string): Result<Formula> => {
  const recipe = findRecipe(json);
  if (recipe === undefined) return failure('recipe-missing');
  const parsed = RecipeShape.safeParse(recipe);
  if (!parsed.success) return failure('recipe-broken', { where: parsed.error.issues[0]?.path.join('.') ?? '' });
  const { data } = parsed;
  const ingredients = data.recipeIngredient ?? data.ingredients ?? [];
  if (ingredients.length === 0) return failure('recipe-empty');
  // Half a recipe would be another batter: it isn't taken.
  if (ingredients.length > MOST_LINES) return failure('recipe-too-long', { lines: ingredients.length, most: MOST_LINES });
  const own = OwnPart.safeParse((data as Record<string, unknown>)[OWN]);
  const reckoned = new Set(own.success ? own.data.reckoned : []);
  const foreign = Object.entries(data).filter(([key]) => !KNOWN.has(key) && !reckoned.has(key) && key !== '__proto__');
  const mine = own.success && own.data.lines.length === ingredients.length ? own.data : null;
  return success({
    id: mine?.id ?? newId(),
    rev: mine?.rev ?? 1,
    parentRev: mine?.parentRev ?? null,
    name: (data.name ?? '').slice(0, 120) || 'Recipe',
    family: mine?.family ?? '',
    lift: mine?.lift ?? null,
    lines:
      mine === null
        ? ingredients.flatMap((text) => linesFromText(text.replace(/\s+/g, ' '), newId).lines)
        : mine.lines.map(({ swap, ...line }, i) => ({
            ...line,
            text: (ingredients[i] ?? '').slice(0, 2000),
            ...(swap === undefined ? {} : { swap }),
          })),
    steps: stepsOf(data.recipeInstructions)
      .slice(0, 100)
      .map((step) => step.slice(0, 2000)),
    yieldHint: data.recipeYield === undefined || reckoned.has('recipeYield') ? null : String(data.recipeYield).slice(0, 200),
    provenance: mine?.provenance ?? 'schema.org Recipe',
    ...(mine !== null && foreign.length === 0 && !mine.hasForeign
      ? {}
      : { foreignProps: Object.fromEntries(foreign) as Record<string, z.infer<ReturnType<typeof z.json>>> }),
  });
};
