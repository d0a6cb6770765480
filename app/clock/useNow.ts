import { useEffect, useState, useSyncExternalStore } from 'react';
import { clock } from './clock.ts';
import { everyTick } from './ticker.ts';

/** However fast time goes by, a screen needn't be newer than this, ms. */
const LEAST_MS = 100;

/** Epoch milliseconds, renewed every `every_ms` of the application's clock: for what shows time, and nothing else. */
export const useNow = (every_ms: number): number => {
  const [now, setNow] = useState(() => clock.now());
  const pace = useSyncExternalStore(clock.onPace, () => clock.pace);
  useEffect(() => {
    const tick = (): void => setNow(clock.now());
    const stop = everyTick(pace > 1 ? Math.max(LEAST_MS, every_ms / pace) : every_ms, tick);
    document.addEventListener('visibilitychange', tick);
    const other = clock.onPace(tick);
    return () => {
      other();
      stop();
      document.removeEventListener('visibilitychange', tick);
    };
  }, [every_ms, pace]);
  return now;
};
