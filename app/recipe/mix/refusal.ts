import type { Finding } from '../../../core/basis/index.ts';
import type { ParsedFormula } from '../../../core/formula/index.ts';
import { ingredientOf } from '../../../core/formula/index.ts';
import type { Stay } from '../../../core/lift/index.ts';
import { refusedBy } from '../../../core/lift/index.ts';
import type { CodeId } from '../../../core/safety/index.ts';

const hasEggOrDairy = (reading: ParsedFormula): boolean =>
  reading.lines.some((line) => ingredientOf(line)?.allergens.some((a) => a === 'egg' || a === 'milk') ?? false);

/** Egg or dairy batter that stands out of the cold for longer than the kitchen's code allows, as it is said; null: it doesn't. */
export const refusalOf = (reading: ParsedFormula, T_C: Float64Array, stays: readonly Stay[], code: CodeId): Finding | null => {
  const refused = hasEggOrDairy(reading) ? refusedBy(T_C, stays, code) : null;
  if (refused === null) return null;
  const { has_h, limit_h, source } = refused;
  return { code: 'lift-refused', level: 'hazard', fields: { has_h, limit_h, source } };
};
