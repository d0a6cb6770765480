import type { Result } from '../core/basis/index.ts';
import { failure, newestRevisions, success } from '../core/basis/index.ts';
import type { KitchenRows } from '../core/kitchen/index.ts';
import { FILE_SCHEMA, takeKitchen } from '../core/kitchen/index.ts';
import type { Formula } from '../core/formula/index.ts';
import { findRecipe, formulaFromRecipe, formulaFromText, recipesInText } from '../core/formula/index.ts';

/** A batter from a file of any of the three kinds; `kitchen` where the file was a whole one. `cut`: lines beyond what is taken. */
export type Source = { readonly kitchen: KitchenRows | null; readonly formula: Recipe; readonly cut: number };

/** A recipe of any of the three kinds. */
export type Recipe = Pick<Formula, 'id' | 'rev' | 'lines' | 'lift' | 'yieldHint' | 'acts'> & {
  readonly name: string | null;
  readonly steps: readonly string[];
};

/**
 * Plain text (a written recipe, or an ingredient a line), an exported kitchen, or a schema.org Recipe. Errors: those of the kitchen file
 * and the recipe, `usage-no-formula`, `usage-which-formula`.
 */
export const sourceFrom = (text: string, formulaId: string | null): Result<Source> => {
  if (!/^\s*[[{]/.test(text)) {
    const [recipe] = recipesInText(text);
    if (recipe !== undefined) return fromRecipe(recipe);
    const { lines, cut, ...parts } = formulaFromText(text, counter());
    return success({ kitchen: null, formula: { id: 'text', rev: 1, lines: [...lines], ...parts }, cut });
  }
  let json: unknown;
  try {
    json = JSON.parse(text);
  } catch {
    return failure('file-not-json');
  }
  const recipe = findRecipe(json);
  if (recipe !== undefined) return fromRecipe(recipe);
  if (typeof json !== 'object' || json === null || (json as { schema?: unknown }).schema !== FILE_SCHEMA) return failure('file-foreign');
  const taken = takeKitchen(json);
  if (!taken.ok) return taken;
  const { rows } = taken.value;
  const formula = pickFormula(rows, formulaId);
  return formula.ok ? success({ kitchen: rows, formula: formula.value, cut: 0 }) : formula;
};

const fromRecipe = (recipe: unknown): Result<Source> => {
  const formula = formulaFromRecipe(recipe, counter());
  return formula.ok ? success({ kitchen: null, formula: formula.value, cut: 0 }) : formula;
};

const counter = (): (() => string) => {
  let n = 0;
  return () => `line-${++n}`;
};

const pickFormula = ({ formulas }: KitchenRows, wanted: string | null): Result<Formula> => {
  const newest = newestRevisions(formulas);
  const known = [...newest.keys()].join(', ');
  if (wanted === null) {
    const [only, second] = newest.values();
    if (only === undefined) return failure('usage-no-formula', { known: 'none' });
    return second === undefined ? success(only) : failure('usage-which-formula', { known });
  }
  const found = newest.get(wanted);
  return found === undefined ? failure('usage-no-formula', { known }) : success(found);
};
