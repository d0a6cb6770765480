import type { Result } from '../core/basis/index.ts';
import { failure, newestRevisions, success } from '../core/basis/index.ts';
import type { KitchenRows } from '../core/kitchen/index.ts';
import { FILE_SCHEMA, takeKitchen } from '../core/kitchen/index.ts';
import type { Formula, ReadLine, ReadSettings, ParsedFormula } from '../core/formula/index.ts';
import { findRecipe, formulaFromRecipe, readFormula, readLine, summarise, writtenLines } from '../core/formula/index.ts';

/** A batter from a file of any of the three kinds; `kitchen` where the file was a whole one. */
export type Source = { readonly kitchen: KitchenRows | null; readonly read: (settings: ReadSettings) => ParsedFormula };

/**
 * Plain text (an ingredient a line), an exported kitchen, or a schema.org Recipe. Errors: those of the kitchen file
 * and the recipe, `usage-no-formula`, `usage-which-formula`.
 */
export const sourceFrom = (text: string, formulaId: string | null): Result<Source> => {
  if (!/^\s*[[{]/.test(text)) return success({ kitchen: null, read: (settings) => summarise(readLines(text, settings), null) });
  let json: unknown;
  try {
    json = JSON.parse(text);
  } catch {
    return failure('file-not-json');
  }
  if (findRecipe(json) !== undefined) {
    const formula = formulaFromRecipe(json, counter());
    return formula.ok ? success({ kitchen: null, read: (settings) => readFormula(formula.value, settings) }) : formula;
  }
  if (typeof json !== 'object' || json === null || (json as { schema?: unknown }).schema !== FILE_SCHEMA) return failure('file-foreign');
  const taken = takeKitchen(json);
  if (!taken.ok) return taken;
  const { rows } = taken.value;
  const formula = pickFormula(rows, formulaId);
  return formula.ok ? success({ kitchen: rows, read: (settings) => readFormula(formula.value, settings) }) : formula;
};

const readLines = (text: string, settings: ReadSettings): ReadLine[] => writtenLines(text).map((line) => readLine(line, settings));

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
