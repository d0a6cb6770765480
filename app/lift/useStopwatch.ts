import { useEffect, useState } from 'react';

/** Seconds since it was started; stops, starts anew. */
export const useStopwatch = (): readonly [elapsed: number, running: boolean, press: () => void] => {
  const [from, setFrom] = useState<number | null>(null);
  const [elapsed, setElapsed] = useState(0);
  useEffect(() => {
    if (from === null) return;
    const timer = setInterval(() => setElapsed((performance.now() - from) / 1000), 200);
    return () => clearInterval(timer);
  }, [from]);
  const press = (): void => {
    if (from === null) {
      setElapsed(0);
      setFrom(performance.now());
    } else setFrom(null);
  };
  return [elapsed, from !== null, press];
};
