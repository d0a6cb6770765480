import clsx from 'clsx';
import { useEffect, useState } from 'react';
import type { Prediction, LoadProgress } from '../../core/log/index.ts';
import { countdown } from '../../core/line/index.ts';
import { clock as applicationClock, useNow } from '../clock/index.ts';
import { clock, tawnyCss } from '../ui/index.ts';

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
  return (
    // Long overdue it has more signs than room.
    <span data-countdown={figure} className={figure.length > 7 ? 'text-[0.5em]' : figure.length > 5 ? 'text-[0.68em]' : undefined}>
      {figure}
    </span>
  );
};

/** The step that the model has for a load at this second; a load of an earlier version by a straight line. */
export const stepAt = (
  { browning, tawnyStep, cookTime_s }: Pick<Prediction, 'tawnyStep' | 'browning' | 'cookTime_s'>,
  seconds: number,
): number => {
  if (browning === undefined) return 1 + (tawnyStep - 1) * Math.min(1, seconds / cookTime_s.best);
  const { every_s, steps } = browning;
  const at = seconds / every_s;
  const low = Math.min(steps.length - 1, Math.floor(at));
  const [from, to] = [steps[low] ?? 1, steps[Math.min(steps.length - 1, low + 1)] ?? 1];
  return from + (to - from) * Math.min(1, at - low);
};

/** The column fills with the colour that the load has by now; framed when it is due. */
export const RisingColour = ({
  times,
  prediction,
  stage,
}: {
  readonly times: CookTimes;
  readonly prediction: Pick<Prediction, 'tawnyStep' | 'browning' | 'cookTime_s'>;
  readonly stage: CookStage | null;
}) => {
  const seconds = Math.max(0, secondsIn(times, useNow(TICK_MS)));
  const share = Math.min(1, seconds / times.cookTime_s.best);
  // Words stand on it: darker than this they couldn’t be read.
  const background = tawnyCss(Math.min(stepAt(prediction, seconds), 4.9));
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
