import type { IronState } from '../../../core/line/index.ts';
import type { Cook } from '../useCook.ts';

/** Says it once at the cue and once at the time, not every second. */
export const CueAnnouncer = ({ cook: { places, kit }, irons }: { readonly cook: Cook; readonly irons: readonly IronState[] }) => {
  const words = irons.flatMap(({ ironId, stage }) => {
    const name = places.find(({ iron }) => iron.id === ironId)?.iron.name ?? '';
    if (stage === 'cue') return [`${name}: open in ${kit.cueBefore_s} seconds`];
    if (stage === 'open') return [`Open ${name} now`];
    return stage === 'late' ? [`${name} is late`] : [];
  });
  return (
    <div className="sr-only" aria-live="assertive">
      {words.join('. ')}
    </div>
  );
};
