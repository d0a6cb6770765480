import { useEffect, useSyncExternalStore } from 'react';
import { clock } from '../../clock/index.ts';
import type { LinePlace } from '../line/linePlace.ts';
import type { Tone } from './sound.ts';
import { feelIn, ringIn } from './sound.ts';

/** What a device's own voice says with each tone. */
const SPOKEN: Readonly<Record<Tone, (iron: string) => string>> = {
  before: (iron) => `${iron} soon`,
  open: (iron) => `Open ${iron}`,
  late: (iron) => `${iron} is late`,
};

/** Sounds for every load in the iron, each iron at its own pitch; scheduled anew when a load's moments change, and when the page wakes. */
export const useCues = (places: readonly LinePlace[], cueBefore_s: number, isSpoken: boolean, now: () => number): void => {
  const key = places
    .map(({ progress, prediction }) => `${progress?.closedAt ?? ''}/${progress?.openedAt ?? ''}/${prediction?.cookTime_s.best ?? ''}`)
    .join();
  const pace = useSyncExternalStore(clock.onPace, () => clock.pace);
  useEffect(() => {
    const schedule = () =>
      pace === 0
        ? []
        : places.flatMap(({ iron, progress, prediction }, i) => {
            if (progress?.phase !== 'cooking' || progress.closedAt === null || prediction === null) return [];
            const { best, to } = prediction.cookTime_s;
            const gone_s = (now() - progress.closedAt) / 1000;
            const cue = (tone: Tone, left_s: number) => {
              // In a rehearsal time goes by faster than the sound does.
              const in_s = left_s / pace;
              return [ringIn(tone, in_s, i), feelIn(tone, in_s, isSpoken ? SPOKEN[tone](iron.name) : null)];
            };
            return [
              ...cue('before', best - cueBefore_s - gone_s),
              ...cue('open', best - gone_s),
              ...cue('late', Math.max(to, best + 10) - gone_s),
            ];
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
  }, [key, cueBefore_s, isSpoken, pace]);
};
