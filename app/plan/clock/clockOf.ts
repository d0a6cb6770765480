import { HOUR_MS, MINUTE_MS } from '../../../core/basis/index.ts';
import type { PlannedLoad, RunPlan } from '../../../core/run/index.ts';

/** Loads that come off within this of the first of them stand on one spoke. */
const TOGETHER_MS = 75_000;

export type LoadSpoke = { readonly at: number; readonly loads: readonly PlannedLoad[] };

/** Loads by when they come off, those of about a minute together, none of an iron twice on a spoke. */
export const spokesOf = ({ loads }: Pick<RunPlan, 'loads'>): readonly LoadSpoke[] => {
  const spokes: PlannedLoad[][] = [];
  for (const load of [...loads].sort((a, b) => a.openAt - b.openAt)) {
    const last = spokes.at(-1);
    const first = last?.[0];
    const isNear = first !== undefined && load.openAt - first.openAt <= TOGETHER_MS && !last?.some(({ ironId }) => ironId === load.ironId);
    if (isNear) last?.push(load);
    else spokes.push([load]);
  }
  return spokes.map((group) => ({ at: group.reduce((sum, { openAt }) => sum + openAt, 0) / group.length, loads: group }));
};

/**
 * Hours of the clock, each named by its end: the last ends with the last plate or the serving time, the first holds the first act.
 * A morning of an hour or less is one.
 */
export const hoursOf = ({ startAt, lastPlateAt }: Pick<RunPlan, 'startAt' | 'lastPlateAt'>, serveAt: number): readonly number[] => {
  const end = Math.ceil(Math.max(lastPlateAt, serveAt) / MINUTE_MS) * MINUTE_MS;
  const count = Math.max(1, Math.ceil((end - startAt) / HOUR_MS));
  return Array.from({ length: count }, (_, i) => end - (count - 1 - i) * HOUR_MS);
};

/** Which of these hours is shown first: the one in which it is now, before it begins the one of the first plate. */
export const hourShown = (hours: readonly number[], now: number, firstPlateAt: number): number => {
  const holding = (at: number): number | undefined => hours.find((end) => at <= end && at > end - HOUR_MS);
  return holding(now) ?? holding(firstPlateAt) ?? hours.at(-1) ?? now;
};
