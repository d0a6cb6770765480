import { useEffect, useState } from 'react';
import { keepJson, keptJson } from '../../webStorage.ts';

type Kept = { readonly startedAt: number | null; readonly stoppedAfter_s: number };
const NOTHING: Kept = { startedAt: null, stoppedAfter_s: 0 };
/** Nobody whips for longer: what was left running yesterday isn't running. */
const LONGEST_S = 2 * 3600;

const keptUnder = (key: string, now: number): Kept => {
  const found = keptJson('tab', key) as Partial<Kept> | null;
  const { startedAt = null, stoppedAfter_s = 0 } = found ?? {};
  if (typeof stoppedAfter_s !== 'number') return NOTHING;
  if (startedAt === null) return { startedAt, stoppedAfter_s };
  return typeof startedAt === 'number' && now >= startedAt && now - startedAt < 1000 * LONGEST_S ? { startedAt, stoppedAfter_s } : NOTHING;
};

/** Seconds since it was started; stops, starts anew. It runs on while the station is left, and over a reload. `name`: of what is timed. */
export const useStopwatch = (name: string): readonly [elapsed: number, running: boolean, press: () => void] => {
  const key = `stopwatch ${name}`;
  const [kept, setKept] = useState(() => keptUnder(key, Date.now()));
  const [now, setNow] = useState(() => Date.now());
  const { startedAt } = kept;
  useEffect(() => {
    if (startedAt === null) return;
    const timer = setInterval(() => setNow(Date.now()), 200);
    return () => clearInterval(timer);
  }, [startedAt]);
  const keep = (next: Kept): void => {
    setKept(next);
    setNow(Date.now());
    keepJson('tab', key, next);
  };
  const elapsed = startedAt === null ? kept.stoppedAfter_s : Math.max(0, (now - startedAt) / 1000);
  const press = (): void =>
    keep(
      startedAt === null
        ? { startedAt: Date.now(), stoppedAfter_s: 0 }
        : { startedAt: null, stoppedAfter_s: (Date.now() - startedAt) / 1000 },
    );
  return [elapsed, startedAt !== null, press];
};
