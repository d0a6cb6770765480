import type { Formula } from '../../../core/formula/index.ts';
import type { Lot } from '../../../core/log/index.ts';
import { lotToPourFrom } from '../../../core/lot/index.ts';
import type { PlannedDish, PlannedRun } from '../../session/index.ts';

/** Of the formula, as its entry takes them. */
const LIMITS = { min: 0.05, max: 100 } as const;

type Planned = Pick<PlannedRun, 'plan'> & {
  readonly dishes: readonly (Pick<PlannedDish, 'times'> & { readonly formula: Pick<Formula, 'id'> })[];
};

/**
 * How many times the formula the run needs; null where it says nothing of this bowl: another formula, not planned yet, a bowl that stands
 * mixed already, or batter that somebody has counted.
 */
export const askedFactor = (planned: Planned | null, formula: Formula, lots: readonly Lot[], now: number): number | null => {
  const mine = planned?.dishes.find((one) => one.formula.id === formula.id);
  if (planned?.plan == null || mine === undefined || mine.times === null) return null;
  if (lotToPourFrom(lots, formula, now) !== null) return null;
  return mine.times >= LIMITS.min && mine.times <= LIMITS.max ? mine.times : null;
};
