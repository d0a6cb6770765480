import type { Load, LoadEvent, LoadProgress, Prediction } from '../../core/log/index.ts';
import { loadProgress } from '../../core/log/index.ts';
import { useMemo } from 'react';
import { useQueried } from '../store/index.ts';

export type RunningLoad = {
  readonly load: Load;
  readonly log: readonly LoadEvent[];
  readonly progress: LoadProgress;
  readonly prediction: Prediction | null;
};

/** A pour that was taken back leaves a load of which nothing happened: the ones before it are looked at too. */
const LOOK_BACK = 4;

/** The newest load of each of these irons that was really poured, as its log stands; undefined until the store has answered. */
export const useNewestLoads = (ironIds: readonly string[]): ReadonlyMap<string, RunningLoad> | undefined => {
  const found = useQueried(
    async (queries) => {
      const loads = await Promise.all(ironIds.map((ironId) => queries.loadsOfIron(ironId, LOOK_BACK)));
      return queries.withPromises(loads.flat());
    },
    `newest ${ironIds.join(' ')}`,
  );
  return useMemo(() => {
    if (found === undefined) return undefined;
    const newest = new Map<string, RunningLoad>();
    for (const { load, log, prediction } of found) {
      const progress = loadProgress(log);
      if (progress.phase !== 'ready') newest.set(load.ironId, { load, log, progress, prediction });
    }
    return newest;
  }, [found]);
};
