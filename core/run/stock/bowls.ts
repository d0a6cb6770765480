import type { HandTask } from '../plan/hands.ts';
import type { Slot } from '../plan/cycle.ts';
import { sum } from '../../basis/index.ts';
import { POURABLE_SHARE } from '../../formula/index.ts';
import { FOLD_S } from '../../lift/index.ts';

/** So many parts at the most: whoever folds more often than that wants a batter that keeps. */
const MOST_PARTS = 4;

/** A part of a dish's batter that is folded by itself; seconds from the first pour. `foldedBy_s` null: before the first pour. */
type FoldedPart = { readonly foldedBy_s: number | null };

/**
 * Into how many parts a batter is folded, and by when each has to be done, so that none is poured longer than `keeps_s` after it was folded: the loads in
 * equal shares. `slots`: of one dish.
 */
export const foldedParts = (slots: readonly Slot[], keeps_s: number | null): readonly FoldedPart[] => {
  const pours = slots.map(({ pour_s }) => pour_s).sort((a, b) => a - b);
  const [first = 0, last = 0] = [pours[0], pours.at(-1)];
  const parts = keeps_s === null || keeps_s <= 0 ? 1 : Math.min(MOST_PARTS, pours.length, Math.max(1, Math.ceil((last - first) / keeps_s)));
  return Array.from({ length: parts }, (_, part) => ({
    foldedBy_s: part === 0 ? null : pours[Math.round((part * pours.length) / parts)]!,
  }));
};

/** When a hand folds, at the latest; it can't do anything else meanwhile. */
export const foldTasks = (parts: readonly FoldedPart[], longestPour_s: number): readonly HandTask[] =>
  parts.flatMap(({ foldedBy_s }) =>
    foldedBy_s === null ? [] : [{ from_s: foldedBy_s - longestPour_s - FOLD_S, to_s: foldedBy_s - longestPour_s }],
  );

/** Of a formula: nobody weighs finer shares of it. */
const MIXED_STEP = 0.05;

/**
 * How many times a formula is mixed for so much batter, rounded up to a twentieth: the one number that plan, scale, shopping list and line speak of.
 * @param batter_g What is wanted, g.
 * @param batch_g The formula as written, g, over 0.
 */
export const timesToMix = (batter_g: number, batch_g: number): number =>
  Number((Math.ceil(batter_g / batch_g / MIXED_STEP - 1e-9) * MIXED_STEP).toFixed(2));

/** A bowl's worth of a dish: what is poured from it, and when it is folded. Instants are epoch ms. */
export type PlannedBowl = {
  readonly dishId: string;
  /** From 1. */
  readonly n: number;
  /** When a hand begins to fold it; null: before the first pour, with the rest of the preparation. */
  readonly foldAt: number | null;
  readonly firstPourAt: number;
  readonly lastPourAt: number;
  readonly batter_g: number;
};

type Pour = { readonly pourAt: number; readonly portion_g: number };

/** `foldedAt`: when each part after the first is folded, epoch ms, in order. A part that nothing is poured from isn't folded. */
export const bowlsOf = (dishId: string, loads: readonly Pour[], foldedAt: readonly number[]): readonly PlannedBowl[] => {
  const edges = [-Infinity, ...foldedAt.map((at) => at + 1000 * FOLD_S), Infinity];
  return edges.slice(0, -1).flatMap((from, part): PlannedBowl[] => {
    const mine = loads.filter(({ pourAt }) => pourAt >= from && pourAt < edges[part + 1]!);
    const pours = mine.map(({ pourAt }) => pourAt);
    return mine.length === 0
      ? []
      : [
          {
            dishId,
            n: part + 1,
            foldAt: part === 0 ? null : foldedAt[part - 1]!,
            firstPourAt: Math.min(...pours),
            lastPourAt: Math.max(...pours),
            batter_g: sum(mine.map(({ portion_g }) => portion_g)) / POURABLE_SHARE,
          },
        ];
  });
};
