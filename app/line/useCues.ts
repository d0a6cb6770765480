import { useEffect } from 'react';
import type { LinePlace } from './useLine.ts';
import { ringIn } from './sound.ts';

/** Sounds for every load in the iron; scheduled anew when a load's moments change, and when the page wakes. */
export const useCues = (places: readonly LinePlace[], cueBefore_s: number, now: () => number): void => {
  const key = places
    .map(({ progress, prediction }) => `${progress?.closedAt ?? ''}/${progress?.openedAt ?? ''}/${prediction?.cookTime_s.best ?? ''}`)
    .join();
  useEffect(() => {
    const schedule = () =>
      places.flatMap(({ progress, prediction }) => {
        if (progress?.phase !== 'cooking' || progress.closedAt === null || prediction === null) return [];
        const left_s = prediction.cookTime_s.best - (now() - progress.closedAt) / 1000;
        return [ringIn('before', left_s - cueBefore_s), ringIn('open', left_s)];
      });
    let scheduled = schedule();
    const again = (): void => {
      for (const sound of scheduled) sound?.stop();
      scheduled = document.visibilityState === 'visible' ? schedule() : scheduled;
    };
    document.addEventListener('visibilitychange', again);
    return () => {
      document.removeEventListener('visibilitychange', again);
      for (const sound of scheduled) sound?.stop();
    };
    // The key holds every moment that the sounds depend on.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [key, cueBefore_s]);
};
