import { useEffect, useState } from 'react';

/** Epoch milliseconds, renewed every `every_ms`. */
export const useNow = (every_ms: number): number => {
  const [now, setNow] = useState(() => Date.now());
  useEffect(() => {
    const timer = setInterval(() => setNow(Date.now()), every_ms);
    return () => clearInterval(timer);
  }, [every_ms]);
  return now;
};
