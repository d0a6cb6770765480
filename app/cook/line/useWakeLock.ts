import { useEffect } from 'react';

/** Keeps the screen on while `wanted`; the lock is lost when the page is hidden and is taken again when it shows. */
export const useWakeLock = (wanted: boolean): void => {
  useEffect(() => {
    if (!wanted || !('wakeLock' in navigator)) return;
    let lock: WakeLockSentinel | null = null;
    let over = false;
    const take = async (): Promise<void> => {
      if (document.visibilityState !== 'visible') return;
      try {
        const taken = await navigator.wakeLock.request('screen');
        if (over) void taken.release();
        else lock = taken;
      } catch {
        // A low battery may refuse it; the countdown goes on without.
      }
    };
    const again = (): void => void take();
    void take();
    document.addEventListener('visibilitychange', again);
    return () => {
      over = true;
      document.removeEventListener('visibilitychange', again);
      void lock?.release();
    };
  }, [wanted]);
};
