import type { ReadLine } from './read/line.ts';
import { ingredientOf } from './read/line.ts';

/** How the batter gets its air before the plate. */
export const LIFTS = ['quick', 'folded', 'whole-egg', 'ribbon', 'frothed', 'rested', 'yeasted'] as const;
export type Lift = (typeof LIFTS)[number];

type LiftFacts = {
  /** Volume share of air in the batter as it is poured, ten minutes after it was folded in (core/lift's foam and fold with the usual egg, as a test checks). */
  readonly airFraction: number;
  /** Dissolved and trapped fermentation gas, mol per kg. */
  readonly yeastGas_molPerKg: number;
};

export const LIFT_FACTS: Readonly<Record<Lift, LiftFacts>> = {
  quick: { airFraction: 0.08, yeastGas_molPerKg: 0 },
  folded: { airFraction: 0.33, yeastGas_molPerKg: 0 },
  'whole-egg': { airFraction: 0.24, yeastGas_molPerKg: 0 },
  ribbon: { airFraction: 0.28, yeastGas_molPerKg: 0 },
  frothed: { airFraction: 0.12, yeastGas_molPerKg: 0 },
  rested: { airFraction: 0.04, yeastGas_molPerKg: 0 },
  // Whisked flat before cooking; what is dissolved comes out on the plate.
  yeasted: { airFraction: 0.22, yeastGas_molPerKg: 0.03 },
};

/** The lift that the lines themselves speak of; "quick" when they say nothing. */
export const detectLift = (lines: readonly ReadLine[]): Lift => {
  const has = (test: (line: ReadLine) => boolean): boolean => lines.some(test);
  if (has((line) => ingredientOf(line)?.role === 'yeast' && (line.grams ?? 0) > 0)) return 'yeasted';
  if (has((line) => line.prep.separated)) return 'folded';
  if (has((line) => line.prep.whipped && line.ingredientId === 'egg-white')) return 'folded';
  if (has((line) => line.prep.whipped && line.ingredientId === 'egg')) return 'whole-egg';
  return 'quick';
};
