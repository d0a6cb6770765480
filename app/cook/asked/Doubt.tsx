import { Dialog, DialogPanel, DialogTitle } from '@headlessui/react';
import { Hand, History, Minus, Plus } from 'lucide-react';
import type { ReactNode } from 'react';
import { useEffect, useState } from 'react';
import { MINUTE_MS } from '../../../core/basis/index.ts';
import { useNow } from '../../clock/index.ts';
import { clock, useSettling } from '../../ui/index.ts';
import { CookingPiece } from '../irons/Drawing.tsx';
import { LidClosed, LidOpen } from './lids.tsx';
import type { LinePlace } from '../line/linePlace.ts';
import { TOUCHES } from '../useCook.ts';
import type { Cook } from '../useCook.ts';

const TICK_MS = 1000;
/** Nobody remembers further back to the minute. */
const MOST_MIN = 60;

/**
 * An opening that can hardly be meant is asked about, over everything else and in large type, before it is believed: the lid may still be closed, it may
 * be open, or the touch that closed it (too early) or this one (too late) came late.
 */
export const Doubt = ({ cook, place }: { readonly cook: Cook; readonly place: LinePlace }) => {
  const now = useNow(TICK_MS);
  // The second half of a double touch must not answer it.
  const { isSettling, settle } = useSettling();
  useEffect(settle, [settle]);
  const { iron, progress, prediction } = place;
  const closedAt = progress?.closedAt ?? now;
  const best_s = prediction?.cookTime_s.best ?? 0;
  const in_s = Math.max(0, (now - closedAt) / 1000);
  const isEarly = in_s < best_s;
  const answered = (act: () => void) => (): void => {
    act();
    cook.endDoubt();
  };
  return (
    <Dialog open role="alertdialog" onClose={cook.endDoubt} className="relative z-50">
      <div data-appearance="dark" className="fixed inset-0 flex bg-page text-ink">
        <DialogPanel className="flex w-full flex-col gap-4 overflow-y-auto p-[min(40px,4vw)]">
          <p className="flex items-center gap-3 text-xl font-semibold text-act">
            <Hand aria-hidden className="size-8" /> {iron.name}: check the last touch
          </p>
          <div className="flex min-h-0 flex-1 items-start justify-between gap-6">
            <div>
              <DialogTitle className="font-display text-[clamp(40px,8.4vw,88px)] leading-[1] font-bold">
                Opened after {saidTime(in_s)}?
              </DialogTitle>
              <p className="mt-4 text-xl text-quiet">Planned {clock(best_s)}. The clock keeps running until you answer.</p>
            </div>
            {prediction !== null && (
              <div className="w-60 shrink-0 max-md:hidden low:hidden">
                <CookingPiece iron={iron} prediction={prediction} elapsed_s={in_s} />
              </div>
            )}
          </div>
          <Answer
            icon={<LidClosed />}
            name="Still closed"
            words={isEarly ? `keep the clock: ${clock(best_s - in_s)} to go` : 'it is still in: look at it'}
            isLikely={isEarly}
            disabled={false}
            onClick={cook.endDoubt}
          />
          <Answer
            icon={<LidOpen />}
            name="Opened now"
            words={isEarly ? 'it came out this early' : 'it was in this long'}
            isLikely={false}
            disabled={isSettling}
            onClick={answered(() => cook.note(place, TOUCHES.open))}
          />
          {isEarly ? (
            <Earlier
              name="Closed earlier"
              words="the touch came late"
              first_min={Math.max(1, Math.round(best_s / 60))}
              disabled={isSettling}
              onClick={(ago_ms) => answered(() => cook.closedEarlier(place, now - ago_ms))()}
            />
          ) : (
            <Earlier
              name="Opened earlier"
              words="the touch came late"
              first_min={Math.max(1, Math.round((in_s - best_s) / 60))}
              isLikely
              disabled={isSettling}
              onClick={(ago_ms) => answered(() => cook.note(place, TOUCHES.open, Math.max(closedAt, now - ago_ms)))()}
            />
          )}
        </DialogPanel>
      </div>
    </Dialog>
  );
};

/** "3 seconds", "12 minutes". */
const saidTime = (seconds: number): string => {
  const s = Math.round(seconds);
  if (s < 60) return `${s}\u00a0${s === 1 ? 'second' : 'seconds'}`;
  const minutes = Math.round(s / 60);
  return `${minutes}\u00a0${minutes === 1 ? 'minute' : 'minutes'}`;
};

const BOX = 'flex min-h-24 w-full shrink-0 items-center gap-8 rounded-2xl border-2 border-act px-8 text-left max-sm:gap-4 max-sm:px-4';
const looks = (isLikely: boolean): string => (isLikely ? 'bg-act text-page' : 'text-act');

type AnswerProps = {
  readonly icon: ReactNode;
  readonly name: string;
  readonly words: string;
  readonly isLikely: boolean;
  readonly disabled: boolean;
  readonly onClick: () => void;
};

const Answer = ({ icon, name, words, isLikely, disabled, onClick }: AnswerProps) => (
  <button type="button" aria-label={name} disabled={disabled} className={`${BOX} ${looks(isLikely)}`} onClick={onClick}>
    {icon}
    <span>
      <span className="block font-display text-4xl font-bold max-sm:text-3xl">{name}</span>
      <span className={`block text-xl ${isLikely ? '' : 'text-ink'}`}>{words}</span>
    </span>
  </button>
);

type EarlierProps = {
  readonly name: string;
  readonly words: string;
  readonly first_min: number;
  readonly isLikely?: boolean;
  readonly disabled: boolean;
  readonly onClick: (ago_ms: number) => void;
};

/** It happened some minutes ago: how many is stepped beside it. */
const Earlier = ({ name, words, first_min, isLikely = false, disabled, onClick }: EarlierProps) => {
  const [ago_min, setAgo] = useState(first_min);
  const step = (by: number): void => setAgo((before) => Math.min(MOST_MIN, Math.max(1, before + by)));
  return (
    <div className={`${BOX} ${looks(isLikely)} flex-wrap py-2`}>
      <button
        type="button"
        disabled={disabled}
        aria-label={`${name}, ${ago_min} minutes ago`}
        className="flex flex-1 items-center gap-8 text-left max-sm:gap-4"
        onClick={() => onClick(ago_min * MINUTE_MS)}
      >
        <History aria-hidden className="h-14 w-22 shrink-0" />
        <span>
          <span className="block font-display text-4xl font-bold max-sm:text-3xl">{name}</span>
          <span className={`block text-xl ${isLikely ? '' : 'text-ink'}`}>{words}</span>
        </span>
      </button>
      <span className={`flex items-center gap-4 ${isLikely ? '' : 'text-ink'}`}>
        <button type="button" aria-label="A minute less" className={STEP} onClick={() => step(-1)}>
          <Minus aria-hidden />
        </button>
        <b className="figure text-5xl">{ago_min}</b> min ago
        <button type="button" aria-label="A minute more" className={STEP} onClick={() => step(1)}>
          <Plus aria-hidden />
        </button>
      </span>
    </div>
  );
};

const STEP = 'grid size-16 place-items-center rounded-xl bg-track text-ink';
