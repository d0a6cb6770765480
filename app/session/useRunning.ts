import type { Prediction, Load, LoadEvent, LoadProgress } from '../../core/log/index.ts';
import { loadProgress } from '../../core/log/index.ts';
import { logOf, useLogs, useRows } from '../store/index.ts';

export type RunningLoad = {
  readonly load: Load;
  readonly log: readonly LoadEvent[];
  readonly progress: LoadProgress;
  readonly prediction: Prediction | null;
};

/** The newest load of each of these irons, as its log stands; undefined until the store has answered. */
export const useNewestLoads = (ironIds: readonly string[]): ReadonlyMap<string, RunningLoad> | undefined => {
  const loads = useRows('loads');
  const predictions = useRows('predictions');
  const newest = new Map<string, Load>();
  for (const load of loads ?? []) {
    if (!ironIds.includes(load.ironId)) continue;
    if (load.startedAt >= (newest.get(load.ironId)?.startedAt ?? -1)) newest.set(load.ironId, load);
  }
  const logs = useLogs([...newest.values()].map((load) => load.id));
  if (loads === undefined || predictions === undefined || logs === undefined) return undefined;
  return new Map(
    [...newest].map(([ironId, load]) => {
      const log = logOf(logs, load.id);
      return [ironId, { load, log, progress: loadProgress(log), prediction: predictions.find((p) => p.id === load.predictionId) ?? null }];
    }),
  );
};
