import type { Lot } from '../log/index.ts';

/** So much of an ingredient was in the house then; `at`: epoch ms; `goodUntil`: the last day on its packet, "YYYY-MM-DD". */
export type Counted = { readonly id: string; readonly grams: number; readonly at: number; readonly goodUntil?: string | undefined };

/** True where its day is over on that day, "YYYY-MM-DD". */
export const isPastOn = ({ goodUntil }: Pick<Counted, 'goodUntil'>, day: string): boolean => goodUntil !== undefined && goodUntil < day;

/** What one bowl took, by ingredient, g. */
export type Taken = readonly { readonly ingredientId: string | null; readonly grams: number }[];

/**
 * What is left of each thing that was counted, g: what was there less what every bowl since then took. `takenBy`: what a bowl took that nobody weighed.
 * A thing that wasn't counted isn't in it; less than nothing is nothing.
 */
export const leftInHouse = (
  counted: readonly Counted[],
  lots: readonly Pick<Lot, 'madeAt' | 'weighed' | 'formulaId' | 'formulaRev' | 'mass_g'>[],
  takenBy: (lot: Pick<Lot, 'formulaId' | 'formulaRev' | 'mass_g'>) => Taken,
): ReadonlyMap<string, number> => {
  const since = Math.min(Infinity, ...counted.map(({ at }) => at));
  const bowls = lots
    .filter(({ madeAt }) => madeAt > since)
    .map((lot) => ({ madeAt: lot.madeAt, taken: lot.weighed.length > 0 ? lot.weighed : takenBy(lot) }));
  return new Map(
    counted.map(({ id, grams, at }) => {
      const gone = bowls.reduce(
        (sum, { madeAt, taken }) =>
          madeAt <= at ? sum : taken.reduce((all, line) => (line.ingredientId === id ? all + line.grams : all), sum),
        0,
      );
      return [id, Math.max(0, grams - gone)];
    }),
  );
};
