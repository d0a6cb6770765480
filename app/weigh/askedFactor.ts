import type { Formula } from '../../core/formula/index.ts';
import type { Lot } from '../../core/log/index.ts';
import { lotToPourFrom } from '../../core/lot/index.ts';
import type { PlannedRun } from '../session/index.ts';

/** Of the formula; nobody weighs finer shares of a bowl. */
const STEP = 0.05;
const LIMITS = { min: STEP, max: 100 } as const;

type Planned = {
  readonly run: Pick<PlannedRun['run'], 'formulaId' | 'batter_g'>;
  readonly plan: { readonly batter_g: number } | null;
  readonly batch_g: number;
};

/**
 * How many times the formula the run needs, rounded up; null where it says nothing of this bowl: another formula, not planned yet, a bowl that stands
 * mixed already, or batter that somebody has counted.
 */
export const askedFactor = (planned: Planned | null, formula: Formula, lots: readonly Lot[], now: number): number | null => {
  if (planned?.plan == null || planned.run.formulaId !== formula.id || planned.run.batter_g !== null || planned.batch_g <= 0) return null;
  if (lotToPourFrom(lots, formula, now) !== null) return null;
  const factor = Math.ceil(planned.plan.batter_g / planned.batch_g / STEP - 1e-9) * STEP;
  return factor >= LIMITS.min && factor <= LIMITS.max ? Number(factor.toFixed(2)) : null;
};
