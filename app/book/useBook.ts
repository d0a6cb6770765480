import { useMemo, useState } from 'react';
import { loadProgress } from '../../core/log/index.ts';
import { mixed_g } from '../../core/lot/index.ts';
import { useSession } from '../session/index.ts';
import { useQueried } from '../store/index.ts';
import type { Entry } from './entries.ts';
import { entryOf } from './entries.ts';

/** So many loads at first, and with every touch more; the rest stays in the store. */
const PAGE = 50;
const BOWLS = 60;

export type Book = {
  readonly entries: readonly Entry[];
  /** All loads that are written down. */
  readonly count: number;
  readonly more: () => void;
};

/** The newest loads as the book shows them; undefined until the store has answered. A pour that was taken back isn't one. */
export const useBook = (): Book | undefined => {
  const session = useSession();
  const [most, setMost] = useState(PAGE);
  const found = useQueried(async (queries) => {
    const loads = await queries.newestLoads(0, most);
    const [told, lots] = await Promise.all([queries.withPromises(loads), queries.lots(loads.map(({ lotId }) => lotId))]);
    return { told, lots };
  }, `book ${most}`);
  // Counting takes longer than reading a page: nobody waits for it.
  const count = useQueried((queries) => queries.countLoads(), 'count of loads');
  const irons = session?.everyIron;
  const entries = useMemo(() => {
    if (found === undefined || irons === undefined) return undefined;
    const lots = new Map(found.lots.map((lot) => [lot.id, lot]));
    const ironById = new Map(irons.map((iron) => [iron.id, iron]));
    return found.told
      .map(({ load, log, prediction }) => entryOf(load, log, lots.get(load.lotId) ?? null, ironById.get(load.ironId) ?? null, prediction))
      .filter(({ progress }) => progress.phase !== 'ready');
  }, [found, irons]);
  return entries === undefined || found === undefined
    ? undefined
    : { entries, count: count ?? entries.length, more: () => setMost((before) => before + PAGE) };
};

export type BowlEntry = {
  readonly id: string;
  readonly name: string;
  readonly madeAt: number;
  readonly mass_g: number;
  readonly temperature_C: number;
  readonly poured: number;
  readonly opened: number;
};

/** The newest bowls, with what was poured from them. */
export const useBowls = (isShown: boolean): readonly BowlEntry[] | undefined =>
  useQueried(async (queries) => {
    if (!isShown) return [];
    const lots = await queries.newestLots(BOWLS);
    const loads = await queries.withPromises(await queries.loadsOfLots(lots.map(({ id }) => id)));
    return lots.map((lot): BowlEntry => {
      const phases = loads.filter(({ load }) => load.lotId === lot.id).map(({ log }) => loadProgress(log).phase);
      const { id, name, madeAt, temperature_C } = lot;
      return {
        id,
        name,
        madeAt,
        temperature_C,
        mass_g: mixed_g(lot),
        poured: phases.filter((phase) => phase !== 'ready').length,
        opened: phases.filter((phase) => phase === 'opened').length,
      };
    });
  }, `bowls ${isShown}`);
