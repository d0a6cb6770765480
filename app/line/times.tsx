import clsx from 'clsx';
import { useEffect, useState } from 'react';
import type { Prediction, LoadProgress } from '../../core/log/index.ts';
import { countdown } from '../../core/line/index.ts';
import { clock as applicationClock, useNow } from '../clock/index.ts';
import { clock, tawnyCss } from '../look/index.ts';

/** A load that cooks, and how long it should. */
export type CookTimes = { readonly progress: LoadProgress; readonly cookTime_s: Prediction['cookTime_s'] };
export type CookStage = 'early' | 'cue' | 'open' | 'late';

const TICK_MS = 200;

const stageAt = (times: CookTimes | null, cueBefore_s: number): CookStage | null =>
  times === null ? null : (countdown(times.progress, times.cookTime_s, cueBefore_s, applicationClock.now())?.stage ?? null);

/** Where a load stands; whoever asks is drawn anew only when that changes. Null: nothing cooks. */
export const useStage = (times: CookTimes | null, cueBefore_s: number): CookStage | null => {
  const [stage, setStage] = useState(() => stageAt(times, cueBefore_s));
  useEffect(() => {
    const look = (): void => setStage(stageAt(times, cueBefore_s));
    look();
    if (times?.progress.phase !== 'cooking') return;
    const timer = setInterval(look, TICK_MS);
    document.addEventListener('visibilitychange', look);
    return () => {
      clearInterval(timer);
      document.removeEventListener('visibilitychange', look);
    };
  }, [times, times?.progress, times?.cookTime_s, cueBefore_s]);
  return times === null ? null : stage;
};

const secondsIn = ({ progress }: CookTimes, now: number): number => (progress.closedAt === null ? 0 : (now - progress.closedAt) / 1000);

/** Seconds since then, ticking. */
export const Since = ({ at }: { readonly at: number | null }) => {
  const now = useNow(TICK_MS);
  return <>{clock(at === null ? 0 : (now - at) / 1000)}</>;
};

export const Elapsed = ({ times }: { readonly times: CookTimes }) => <>{clock(secondsIn(times, useNow(TICK_MS)))}</>;

/** Until the best moment; past it the minutes count on, negative. */
export const Countdown = ({ times }: { readonly times: CookTimes }) => {
  const figure = clock(times.cookTime_s.best - secondsIn(times, useNow(TICK_MS)));
  return <span data-countdown={figure}>{figure}</span>;
};

/** The column fills with the colour that the load has by now; framed when it is due. */
export const RisingColour = ({
  times,
  tawnyStep,
  stage,
}: {
  readonly times: CookTimes;
  readonly tawnyStep: number;
  readonly stage: CookStage | null;
}) => {
  const share = Math.min(1, Math.max(0, secondsIn(times, useNow(TICK_MS)) / times.cookTime_s.best));
  const background = tawnyCss(Math.min(1 + (tawnyStep - 1) * share, 4.9));
  return (
    <>
      <div aria-hidden className="absolute inset-x-0 bottom-0 -z-10" style={{ height: `${100 * share}%`, background }} />
      {stage !== null && stage !== 'early' && (
        <div
          aria-hidden
          className={clsx('absolute inset-0 -z-10 border-8', stage === 'late' ? 'border-hazard' : 'border-white')}
          style={{ background }}
        />
      )}
    </>
  );
};
