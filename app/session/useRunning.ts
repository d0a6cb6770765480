import type { ToldLoad } from '../../core/lot/index.ts';
import type { RunningLoad } from '../../core/line/index.ts';
import { loadProgress } from '../../core/log/index.ts';
import { useMemo } from 'react';
import type { Queries } from '../store/index.ts';
import { useQueried } from '../store/index.ts';

/** A pour that was taken back leaves a load of which nothing happened: the ones before it are looked at too, further back where there are many. */
const LOOK_BACK = [4, 64] as const;

const progressOf = ({ load, log, prediction }: ToldLoad): RunningLoad => ({ load, log, prediction, progress: loadProgress(log) });
const wasPoured = ({ progress }: RunningLoad): boolean => progress.phase !== 'ready';

/** The newest load of an iron that was really poured; undefined: none. */
const newestOn = async (queries: Queries, ironId: string): Promise<RunningLoad | undefined> => {
  for (const most of LOOK_BACK) {
    const loads = await queries.loadsOfIron(ironId, most);
    const found = (await queries.withPromises(loads)).map(progressOf).findLast(wasPoured);
    if (found !== undefined || loads.length < most) return found;
  }
  return undefined;
};

/** The newest load of each of these irons that was really poured, as its log stands; undefined until the store has answered. */
export const useNewestLoads = (ironIds: readonly string[]): ReadonlyMap<string, RunningLoad> | undefined => {
  const found = useQueried(
    async (queries) => (await Promise.all(ironIds.map((ironId) => newestOn(queries, ironId)))).flatMap((one) => one ?? []),
    `newest ${ironIds.join(' ')}`,
  );
  return useMemo(() => (found === undefined ? undefined : new Map(found.map((one) => [one.load.ironId, one]))), [found]);
};

/** So many loads are looked at for one that is still in an iron. */
const NEWEST_LOOKED_AT = 40;
/** So long after the lid an iron that nothing else brings to the line still asks how its load was, ms. */
const ASKS_FOR_MS = 10 * 60_000;

/** Loads that are in an iron now, or just out of it and not rated yet, whatever the plan says; undefined until the store has answered. */
export const useLoadsInIrons = (now: number): readonly RunningLoad[] | undefined => {
  const found = useQueried(
    async (queries) => (await queries.withPromises(await queries.newestLoads(0, NEWEST_LOOKED_AT))).map(progressOf),
    'loads in irons',
    true,
  );
  return useMemo(
    () =>
      found?.filter(
        ({ progress: { phase, openedAt, observations } }) =>
          phase === 'poured' ||
          phase === 'cooking' ||
          (phase === 'opened' && observations.length === 0 && openedAt !== null && now - openedAt < ASKS_FOR_MS),
      ),
    [found, now],
  );
};
