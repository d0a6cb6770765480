import { useEffect, useMemo, useState } from 'react';
import type { Entry } from '../../core/book/index.ts';
import { entryOf, isFound, termsAsked } from '../../core/book/index.ts';
import type { Load } from '../../core/log/index.ts';
import { loadProgress } from '../../core/log/index.ts';
import { mixed_g } from '../../core/lot/index.ts';
import { useSession } from '../session/index.ts';
import { useKitchen, useQueried } from '../store/index.ts';
import type { Asked } from './asked.ts';
import { isAsked, spanOf } from './asked.ts';

/** So many loads at first, and with every touch more; the rest stays in the store. */
const PAGE = 50;
const BOWLS = 60;

/** Where something is asked for, so many loads are looked through at a time, and with every touch further back. */
const CHUNK = 250;
const LOOKED_AT_FIRST = 2000;

export type Book = {
  readonly entries: readonly Entry[];
  /** All loads that are written down. */
  readonly count: number;
  /** So many of them were looked through: of the iron and the days that are asked for. Null: all, by the book's index. */
  readonly looked: number | null;
  /** Nothing older is left to look through. */
  readonly isAll: boolean;
  readonly more: () => void;
};

type IndexState = 'none' | 'making' | 'made';

/** How many loads the book's index knows by now. */
export const useIndexed = (): number | undefined => useQueried((queries) => queries.countIndexed(), 'indexed');

/** Whether the book's index knows what the logs say; where it is wanted and doesn't, it is made. None: the device has no room for it, or nobody asks. */
const useBookIndex = (isWanted: boolean): IndexState => {
  const kitchen = useKitchen();
  const isIndexed = useQueried((queries) => queries.isIndexed(), 'is indexed');
  const [hasFailed, setHasFailed] = useState(false);
  const isDue = isWanted && isIndexed === false && !hasFailed;
  useEffect(() => {
    if (!isDue) return;
    void import('../store/transfer.ts').then(({ bringIndexUp }) => bringIndexUp(kitchen)).catch(() => setHasFailed(true));
  }, [isDue, kitchen]);
  return !isWanted || hasFailed ? 'none' : isIndexed === true ? 'made' : 'making';
};

/** The newest loads as the book shows them, or those that are asked for; undefined until the store has answered. A pour that was taken back isn't one. */
export const useBook = (asked: Asked): Book | undefined => {
  const session = useSession();
  const [most, setMost] = useState(PAGE);
  const [far, setFar] = useState(LOOKED_AT_FIRST);
  const irons = session?.everyIron;
  const zone = session?.kit.zone ?? 'UTC';
  const { ironId, words, fault, from, to } = asked;
  const isFiltered = isAsked(asked);
  const ironById = useMemo(() => new Map((irons ?? []).map((iron) => [iron.id, iron])), [irons]);
  const index = useBookIndex(words !== '' || fault !== null);
  const found = useQueried(
    async (queries) => {
      const entriesOf = async (loads: readonly Load[]): Promise<Entry[]> => {
        const [told, lots] = await Promise.all([queries.withPromises(loads), queries.lots(loads.map(({ lotId }) => lotId))]);
        const lotById = new Map(lots.map((lot) => [lot.id, lot]));
        return told
          .map(({ load, log, prediction }) =>
            entryOf(load, log, lotById.get(load.lotId) ?? null, ironById.get(load.ironId) ?? null, prediction),
          )
          .filter(({ progress }) => progress.phase !== 'ready');
      };
      if (index === 'making') return undefined;
      if (!isFiltered) {
        const loads = await queries.newestLoads(0, most);
        return { entries: await entriesOf(loads), looked: loads.length, isAll: loads.length < most };
      }
      const filter: Asked = { ironId, words, fault, from, to };
      const isOfLogs = words !== '' || fault !== null;
      if (isOfLogs && index === 'made') {
        const lists = termsAsked(filter, [...ironById.values()], words === '' ? [] : await queries.indexedWords());
        const hits = await queries.foundLoads(lists, spanOf(filter, zone), most);
        if (hits !== null) {
          const entries = (await entriesOf(hits.loads)).filter(
            (entry) => isFound(filter, entry) && (ironId === null || entry.load.ironId === ironId),
          );
          return { entries, looked: null, isAll: hits.isAll };
        }
      }
      const chunk = isOfLogs ? CHUNK : most;
      const entries: Entry[] = [];
      let looked = 0;
      let isAll = false;
      while (looked < far && entries.length < most && !isAll) {
        const loads = await queries.loadsIn(ironId, spanOf(filter, zone), looked, chunk);
        isAll = loads.length < chunk;
        looked += loads.length;
        const here = await entriesOf(loads);
        entries.push(...here.filter((entry) => isFound(filter, entry)));
      }
      return { entries, looked, isAll };
    },
    `book ${most} ${isFiltered ? far : ''} ${index} ${ironById.size} ${JSON.stringify({ ironId, words, fault, from, to, zone })}`,
  );
  // Counting takes longer than reading a page: nobody waits for it.
  const count = useQueried((queries) => queries.countLoads(), 'count of loads');
  return useMemo(
    () =>
      irons === undefined || found === undefined
        ? undefined
        : {
            ...found,
            count: count ?? found.looked ?? 0,
            more: () => {
              setMost((before) => before + PAGE);
              if (isFiltered) setFar((before) => before + LOOKED_AT_FIRST);
            },
          },
    [irons, found, count, isFiltered],
  );
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
