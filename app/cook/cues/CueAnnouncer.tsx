import { countdown } from '../../../core/line/index.ts';
import { useNow } from '../../clock/index.ts';
import type { LinePlace } from '../line/linePlace.ts';

const TICK_MS = 500;

/** Says it once at the cue and once at the time, not every second. */
export const CueAnnouncer = ({ places, cueBefore_s }: { readonly places: readonly LinePlace[]; readonly cueBefore_s: number }) => {
  const now = useNow(TICK_MS);
  const words = places.flatMap(({ iron, progress, prediction }) => {
    const stage = progress === null || prediction === null ? null : countdown(progress, prediction.cookTime_s, cueBefore_s, now)?.stage;
    if (stage === 'cue') return [`${iron.name}: open in ${cueBefore_s} seconds`];
    if (stage === 'open') return [`Open ${iron.name} now`];
    return stage === 'late' ? [`${iron.name} is late`] : [];
  });
  return (
    <div className="sr-only" aria-live="assertive">
      {words.join('. ')}
    </div>
  );
};
