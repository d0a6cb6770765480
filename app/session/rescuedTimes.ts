import { useSyncExternalStore } from 'react';
import { Listeners } from '../listeners.ts';
import type { RunningLoad } from '../../core/line/index.ts';

/** Opening times that the line has set anew, s from the closed lid, by load: so that the strip says the same. Not stored: they follow from the logs. */
let times: ReadonlyMap<string, number> = new Map();
const listeners = new Listeners();

/** Takes over what the line has found; nothing happens while it stays the same. */
export const keepRescued = (found: ReadonlyMap<string, number>): void => {
  const isSame = found.size === times.size && [...found].every(([id, open_s]) => times.get(id) === open_s);
  if (isSame) return;
  times = new Map(found);
  listeners.tell();
};

export const useRescuedTimes = (): ReadonlyMap<string, number> => useSyncExternalStore(listeners.subscribe, () => times);

/** Loads with the time the line has set for them. */
export const withRescued = (running: readonly RunningLoad[], found: ReadonlyMap<string, number>): RunningLoad[] =>
  running.map((one) => {
    const best = found.get(one.load.id);
    const { prediction } = one;
    return best === undefined || prediction === null
      ? one
      : { ...one, prediction: { ...prediction, cookTime_s: { ...prediction.cookTime_s, best } } };
  });
