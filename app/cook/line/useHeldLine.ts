import { useCallback, useEffect, useState } from 'react';

export type HeldLine = { readonly held: boolean; readonly takeOver: () => void };

/**
 * One tab holds the line; the others show it and may take over. Where the browser has no Web Locks, every tab does:
 * the log itself never lets two tabs write the same event.
 */
export const useHeldLine = (kitchenName: string): HeldLine => {
  const hasLocks = 'locks' in navigator;
  const [held, setHeld] = useState(!hasLocks);
  const [round, setRound] = useState({ steal: false, n: 0 });
  useEffect(() => {
    if (!hasLocks) return;
    const leaving = new AbortController();
    let release: () => void = () => undefined;
    const holding = new Promise<void>((resolve) => {
      release = resolve;
    });
    const options: LockOptions = round.steal ? { steal: true } : { signal: leaving.signal };
    navigator.locks
      .request(`line:${kitchenName}`, options, () => {
        if (leaving.signal.aborted) return undefined;
        setHeld(true);
        return holding;
      })
      .catch(() => {
        // Taken over by another tab: stand in the queue for when it goes.
        if (leaving.signal.aborted) return;
        setHeld(false);
        setRound(({ n }) => ({ steal: false, n: n + 1 }));
      });
    return () => {
      leaving.abort();
      release();
      setHeld(false);
    };
  }, [hasLocks, kitchenName, round]);
  const takeOver = useCallback(() => setRound(({ n }) => ({ steal: true, n: n + 1 })), []);
  return { held, takeOver };
};
