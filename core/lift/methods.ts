import type { Ingredient } from '../matter/index.ts';
import type { ParsedFormula, Lift } from '../formula/index.ts';
import { ingredientOf, LIFTS } from '../formula/index.ts';

/** What a way of lifting asks of the cook; the plate's answer comes from `advise` with the same lift. */
export type LiftMethod = {
  readonly lift: Lift;
  /** Hands on, min; from first to last move, min; things to wash. */
  readonly work_min: number;
  readonly elapsed_min: number;
  readonly wash: number;
  /** How long the mixed batter is good for, min. */
  readonly holds_min: number;
  /** False where something it needs isn't in the bowl; `needs` says what. */
  readonly possible: boolean;
  readonly needs: 'eggs' | 'whites' | 'yeast' | null;
};

/** *Common practice*: minutes of work, of waiting, things to wash, and how long the batter keeps its lift. */
const USUAL: Readonly<Record<Lift, { readonly work: number; readonly wait: number; readonly wash: number; readonly holds: number }>> = {
  quick: { work: 9, wait: 3, wash: 4, holds: 45 },
  folded: { work: 19, wait: 0, wash: 7, holds: 25 },
  'whole-egg': { work: 13, wait: 0, wash: 5, holds: 30 },
  ribbon: { work: 18, wait: 0, wash: 6, holds: 35 },
  frothed: { work: 12, wait: 0, wash: 5, holds: 40 },
  rested: { work: 12, wait: 720, wash: 6, holds: 72 * 60 },
  yeasted: { work: 14, wait: 14 * 60, wash: 5, holds: 10 * 60 },
};
/** Weighing and stirring grow slowly with the bowl: this power of its mass over a kilogram. */
const MASS_POWER = 0.25;

export const liftMethods = (reading: ParsedFormula): LiftMethod[] => {
  const has = (test: (i: Ingredient) => boolean): boolean =>
    reading.lines.some((line) => {
      const i = ingredientOf(line);
      return i !== undefined && (line.grams ?? 0) > 0 && test(i);
    });
  const eggs = has((i) => i.can.eggPart === 'whole');
  const whites = eggs || has((i) => i.can.eggPart === 'white');
  const yeast = has((i) => i.role === 'yeast');
  const scale = Math.max(0.7, (reading.totalMass_g / 1000) ** MASS_POWER);
  return LIFTS.map((lift) => {
    const usual = USUAL[lift];
    const needs =
      lift === 'yeasted'
        ? yeast
          ? null
          : 'yeast'
        : lift === 'folded'
          ? whites
            ? null
            : 'whites'
          : lift === 'whole-egg' || lift === 'ribbon' || lift === 'frothed'
            ? eggs
              ? null
              : 'eggs'
            : null;
    return {
      lift,
      work_min: Math.round(usual.work * scale),
      elapsed_min: Math.round(usual.work * scale) + usual.wait,
      wash: usual.wash,
      holds_min: usual.holds,
      possible: needs === null,
      needs,
    };
  });
};
