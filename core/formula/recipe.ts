import * as z from 'zod';
import type { Result } from '../basis/index.ts';
import { failure, success } from '../basis/index.ts';
import type { Formula } from './formula.ts';
import { linesFromText, MOST_LINES } from './formula.ts';

/** schema.org Recipe (JSON-LD), as far as a batter needs it. Other properties are kept as they are. */
const RecipeShape = z.looseObject({
  '@type': z.union([z.string(), z.array(z.string())]),
  name: z.string().optional(),
  recipeIngredient: z.array(z.string()).optional(),
  ingredients: z.array(z.string()).optional(),
  recipeInstructions: z.unknown().optional(),
  recipeYield: z.union([z.string(), z.number(), z.array(z.union([z.string(), z.number()]))]).optional(),
});

const KNOWN = new Set(['@context', '@type', 'name', 'recipeIngredient', 'ingredients', 'recipeInstructions', 'recipeYield']);
/** How deep instructions may nest; deeper ones are broken or hostile. */
const DEEPEST = 6;

const isRecipe = (value: unknown): boolean => {
  const type = typeof value === 'object' && value !== null ? (value as Record<string, unknown>)['@type'] : undefined;
  return Array.isArray(type) ? type.includes('Recipe') : type === 'Recipe';
};

/** The first Recipe in a JSON-LD document: itself, in an array, or in its @graph. */
export const findRecipe = (json: unknown): unknown => {
  if (isRecipe(json)) return json;
  const graph = Array.isArray(json)
    ? json
    : typeof json === 'object' && json !== null
      ? (json as Record<string, unknown>)['@graph']
      : undefined;
  return Array.isArray(graph) ? graph.find(isRecipe) : undefined;
};

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
  return itemListElement === undefined ? stepsOf(text, depth + 1) : stepsOf(itemListElement, depth + 1);
};

/** Errors: `recipe-missing` (no Recipe inside), `recipe-broken` (not of its shape), `recipe-empty` (no ingredients). */
export const formulaFromRecipe = (json: unknown, newId: () => string): Result<Formula> => {
  const recipe = findRecipe(json);
  if (recipe === undefined) return failure('recipe-missing');
  const parsed = RecipeShape.safeParse(recipe);
  if (!parsed.success) return failure('recipe-broken', { where: parsed.error.issues[0]?.path.join('.') ?? '' });
  const { data } = parsed;
  const ingredients = data.recipeIngredient ?? data.ingredients ?? [];
  if (ingredients.length === 0) return failure('recipe-empty');
  const foreign = Object.entries(data).filter(([key]) => !KNOWN.has(key) && key !== '__proto__');
  return success({
    id: newId(),
    rev: 1,
    parentRev: null,
    name: (data.name ?? '').slice(0, 120) || 'Recipe',
    family: '',
    lift: null,
    lines: ingredients.slice(0, MOST_LINES).flatMap((text) => linesFromText(text, newId).lines),
    steps: stepsOf(data.recipeInstructions)
      .slice(0, 100)
      .map((step) => step.slice(0, 2000)),
    yieldHint: data.recipeYield === undefined ? null : String(data.recipeYield).slice(0, 200),
    provenance: 'schema.org Recipe',
    foreignProps: Object.fromEntries(foreign) as Record<string, z.infer<ReturnType<typeof z.json>>>,
  });
};
