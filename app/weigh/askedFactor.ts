import type { Formula } from '../../core/formula/index.ts';
import type { Lot } from '../../core/log/index.ts';
import { lotToPourFrom } from '../../core/lot/index.ts';
import type { PlannedDish, PlannedRun } from '../session/index.ts';

/** Of the formula; nobody weighs finer shares of a bowl. */
const STEP = 0.05;
const LIMITS = { min: STEP, max: 100 } as const;

type Planned = Pick<PlannedRun, 'plan'> & {
  readonly dishes: readonly (Pick<PlannedDish, 'batch_g' | 'batter_g'> & {
    readonly formula: Pick<Formula, 'id'>;
    readonly dish: Pick<PlannedDish['dish'], 'batter_g'>;
  })[];
};

/**
 * How many times the formula the run needs, rounded up; null where it says nothing of this bowl: another formula, not planned yet, a bowl that stands
 * mixed already, or batter that somebody has counted.
 */
export const askedFactor = (planned: Planned | null, formula: Formula, lots: readonly Lot[], now: number): number | null => {
  const mine = planned?.dishes.find((one) => one.formula.id === formula.id);
  if (planned?.plan == null || mine === undefined || mine.dish.batter_g !== null || mine.batch_g <= 0) return null;
  if (lotToPourFrom(lots, formula, now) !== null) return null;
  const factor = Math.ceil(mine.batter_g / mine.batch_g / STEP - 1e-9) * STEP;
  return factor >= LIMITS.min && factor <= LIMITS.max ? Number(factor.toFixed(2)) : null;
};
