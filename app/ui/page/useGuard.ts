import { useCallback, useEffect, useRef, useState } from 'react';

/** A second touch within this time is the first one's echo: a double click, a trembling or a wet finger. */
export const GUARD_MS = 600;

/** Lets an act through once, and its echoes not. The monotonic clock counts: nobody sets it. */
export const useGuard = (guard_ms = GUARD_MS): (<A extends unknown[]>(act: (...args: A) => void) => (...args: A) => void) => {
  const last = useRef(-Infinity);
  return useCallback(
    (act) =>
      (...args) => {
        const now = performance.now();
        if (now - last.current < guard_ms) return;
        last.current = now;
        act(...args);
      },
    [guard_ms],
  );
};

/**
 * The same where a touch brings another button under the finger: until it has settled, whatever lies there is disabled. `settle` is called by
 * every touch that is let through.
 */
export const useSettling = (guard_ms = GUARD_MS): { readonly isSettling: boolean; readonly settle: () => void } => {
  const [isSettling, setSettling] = useState(false);
  const timer = useRef<ReturnType<typeof setTimeout> | undefined>(undefined);
  useEffect(() => () => clearTimeout(timer.current), []);
  const settle = useCallback(() => {
    clearTimeout(timer.current);
    setSettling(true);
    timer.current = setTimeout(() => setSettling(false), guard_ms);
  }, [guard_ms]);
  return { isSettling, settle };
};
