import { useEffect, useState } from 'react';
import { clock } from './clock.ts';

/** Epoch milliseconds, renewed every `every_ms`: for what shows time, and nothing else. */
export const useNow = (every_ms: number): number => {
  const [now, setNow] = useState(() => clock.now());
  useEffect(() => {
    const tick = (): void => setNow(clock.now());
    const timer = setInterval(tick, every_ms);
    document.addEventListener('visibilitychange', tick);
    return () => {
      clearInterval(timer);
      document.removeEventListener('visibilitychange', tick);
    };
  }, [every_ms]);
  return now;
};
