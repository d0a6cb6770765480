import { useMemo } from 'react';
import type { Lot } from '../../../core/log/index.ts';
import type { ToldLoad } from '../../../core/lot/index.ts';
import { leftIn } from '../../../core/lot/index.ts';
import { stillToPour_g } from '../../../core/run/index.ts';
import type { PlannedRun } from '../../session/index.ts';
import { useQueried } from '../../store/index.ts';
import type { LinePlace } from '../line/linePlace.ts';
import type { Cook } from '../useCook.ts';

/** A bowl that is poured from, with what is left in it. */
export type BowlLeft = { readonly lot: Lot; readonly left_g: number; readonly loads: number };
const NONE: readonly BowlLeft[] = [];

/** The bowls that are poured from; a pour that was taken back doesn't count. */
export const useBowls = (places: readonly LinePlace[], poured: readonly ToldLoad[] | undefined): readonly BowlLeft[] => {
  const ids = [...new Set(places.flatMap(({ load }) => (load === null ? [] : [load.lotId])))].sort();
  const lots = useQueried((queries) => queries.lots(ids), `bowls ${ids.join(' ')}`);
  return useMemo(() => (poured === undefined ? NONE : (lots?.map((lot) => ({ lot, ...leftIn(lot, poured) })) ?? NONE)), [lots, poured]);
};

/** What the plan still pours of a dish, g. */
export const wantedOf_g = (planned: PlannedRun, places: readonly LinePlace[], dishId: string): number => {
  if (planned.plan === null) return 0;
  const poured = new Map(places.map(({ iron, n, progress }) => [iron.id, progress === null || progress.phase === 'opened' ? n - 1 : n]));
  return stillToPour_g(planned.plan, poured, dishId);
};

/** Less than a spoonful isn't told, g. */
const SHORT_FROM_G = 15;

/** How much batter is missing for what the plan still pours, g; 0: enough. Null: nothing more is poured. */
export const useShort = ({ planned, places }: Cook, bowls: readonly BowlLeft[]): number | null => {
  if (planned === null || bowls.length === 0) return null;
  const dishes = planned.dishes
    .map(({ dish, formula }) => ({
      wanted_g: wantedOf_g(planned, places, dish.id),
      mine: bowls.filter(({ lot }) => lot.formulaId === formula.id),
    }))
    .filter(({ wanted_g, mine }) => wanted_g > 0 && mine.length > 0);
  if (dishes.length === 0) return null;
  const short = dishes.map(({ wanted_g, mine }) => wanted_g - mine.reduce((sum, { left_g }) => sum + left_g, 0));
  return short.reduce((sum, short_g) => sum + (short_g > SHORT_FROM_G ? short_g : 0), 0);
};
