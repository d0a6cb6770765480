import type { LoadProgress } from '../log/index.ts';

export type Countdown = {
  /** Whole load, s from the closed lid. */
  readonly elapsed_s: number;
  /** Until the best moment; negative once it is past. */
  readonly left_s: number;
  readonly stage: 'early' | 'cue' | 'open' | 'late';
};

/** Where a cooking load stands at `now` (epoch ms), or null when it isn't cooking. */
export const countdown = (
  progress: LoadProgress,
  cookTime_s: { readonly best: number; readonly to: number },
  cueBefore_s: number,
  now: number,
): Countdown | null => {
  if (progress.phase !== 'cooking' || progress.closedAt === null) return null;
  const elapsed_s = (now - progress.closedAt) / 1000;
  const left_s = cookTime_s.best - elapsed_s;
  const stage = elapsed_s > cookTime_s.to ? 'late' : left_s <= 0 ? 'open' : left_s <= cueBefore_s ? 'cue' : 'early';
  return { elapsed_s, left_s, stage };
};
