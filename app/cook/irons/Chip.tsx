import clsx from 'clsx';
import type { ReactNode } from 'react';
import type { IronState } from '../../../core/line/index.ts';
import type { Cook } from '../useCook.ts';
import { ironText } from '../words/ironText.ts';
import { Drawing } from './Drawing.tsx';
import { clockData, ironData, ironGround, stateName } from './ironLook.ts';
import type { LinePlace } from '../line/linePlace.ts';

type Props = {
  readonly cook: Cook;
  readonly place: LinePlace;
  readonly state: IronState;
  readonly now: number;
  readonly seen: ReactNode;
  /** What came out and wasn't rated yet is asked about; of the others everything can be said. */
  readonly onOpen: (what: 'more' | 'rate') => void;
};

/** One iron on a phone: what is in it and its clock; a touch opens everything that can be said of it. */
export const Chip = ({ cook, place, state, now, seen, onOpen }: Props) => {
  const { iron } = place;
  const { figure, below } = ironText(state, { place, kit: cook.kit, zone: cook.zone, now, isReady: cook.isReady });
  const isAsked = state.phase === 'opened' && place.progress?.observations.length === 0;
  return (
    <section {...ironData(place, state)} className="flex min-w-0">
      <button
        type="button"
        aria-label={`${isAsked ? 'How was it?' : 'More:'} ${iron.name}, ${figure}, ${below}`}
        className={clsx('flex min-w-0 flex-1 flex-col items-center gap-0.5 rounded-2xl p-2 text-ink', ironGround(state))}
        onClick={() => onOpen(isAsked ? 'rate' : 'more')}
      >
        <span className="w-full truncate text-center font-display text-[17px] leading-tight font-bold">{iron.name}</span>
        <span className="flex h-[min(72px,9dvh)] w-full">
          <Drawing place={place} state={state} />
        </span>
        <span
          {...clockData(state, figure)}
          className={clsx('figure whitespace-nowrap', figure.length > 5 ? 'text-2xl' : 'text-[34px]', state.isLate && 'text-hazard')}
        >
          {figure}
        </span>
        <span className="line-clamp-2 w-full text-center text-sm leading-tight text-quiet" data-state={stateName(state)}>
          {seen ?? (isAsked ? <b className="text-act">How was it?</b> : below)}
        </span>
      </button>
    </section>
  );
};
