import { useMemo } from 'react';
import type { Formula } from '../../core/formula/index.ts';
import { shoppingList } from '../../core/formula/index.ts';
import type { Kit } from '../../core/kit/index.ts';
import type { Lot } from '../../core/log/index.ts';
import { isPastOn, leftInHouse } from '../../core/lot/index.ts';
import { useQueried } from '../store/index.ts';
import { readingOf } from './reading.ts';
import type { Session } from './useSession.ts';

const NONE: NonNullable<Kit['stock']> = [];

/**
 * What is left of everything that was counted, by ingredient id, g: less what every bowl since then took, however long ago that was. `day`,
 * "YYYY-MM-DD": what is past its own day by then isn't there; null: it is.
 */
export const useInHouse = ({ kit, lots, everyFormula, readSettings }: Session, day: string | null): ReadonlyMap<string, number> => {
  const { stock = NONE } = kit;
  const since = stock.reduce((oldest, { at }) => Math.min(oldest, at), Infinity);
  const counted = useQueried(
    (queries): Promise<readonly Lot[]> => (since === Infinity ? Promise.resolve([]) : queries.lotsSince(since)),
    `lots since ${since}`,
    true,
  );
  return useMemo(
    () =>
      leftInHouse(
        stock.map((one) => (day !== null && isPastOn(one, day) ? { ...one, grams: 0 } : one)),
        counted ?? lots,
        (lot) => takenBy(lot, everyFormula, readSettings),
      ),
    [stock, day, counted, lots, everyFormula, readSettings],
  );
};

/** What a bowl took that nobody weighed: as its formula has it. */
const takenBy = (
  { formulaId, mass_g }: Pick<Lot, 'formulaId' | 'mass_g'>,
  everyFormula: readonly Formula[],
  readSettings: Session['readSettings'],
): ReturnType<typeof shoppingList>['items'] => {
  const formula = everyFormula.find(({ id }) => id === formulaId);
  if (formula === undefined) return [];
  const reading = readingOf({ readSettings }, formula);
  return shoppingList([{ reading, times: mass_g / Math.max(1, reading.totalMass_g) }], {}).items;
};
