import { inLoads } from '../../../core/line/index.ts';
import { useMemo } from 'react';
import type { Iron } from '../../../core/plate/index.ts';
import type { Standing } from '../../../core/run/index.ts';
import { outLoads, standingAt } from '../../../core/run/index.ts';
import { useNow } from '../../clock/index.ts';
import type { PlannedRun, Session } from '../../session/index.ts';
import type { LinePlace } from './linePlace.ts';

const TICK_MS = 5000;
const OVER_AFTER_MS = 12 * 3_600_000;
const NO_IRONS: readonly Iron[] = [];

/** Less isn't called late. */
const LATE_S = 45;
/** The last plate is so late that it is said. */
export const isPlateLate = ({ late_s }: Pick<Standing, 'late_s'>): boolean => late_s >= LATE_S;

/** How the morning stands now; null: none is planned, or nothing of it was poured yet. */
export const useStanding = (session: Session, planned: PlannedRun | null, places: readonly LinePlace[]): Standing | null => {
  const now = useNow(TICK_MS);
  const run = planned?.run ?? null;
  const irons = planned?.irons ?? NO_IRONS;
  const { lots, runLoads } = session;
  const out = useMemo(() => (run === null ? [] : outLoads(run, irons, { lots, runLoads })), [run, irons, lots, runLoads]);
  if (run === null || planned?.plan == null || planned.request === null) return null;
  // A morning that nobody finished is over by the evening.
  if (now > planned.plan.lastPlateAt + OVER_AFTER_MS) return null;
  if (out.length === 0 && !places.some(({ load }) => load?.runId === run.id)) return null;
  return standingAt(now, planned.plan, planned.request, out, inLoads(run.id, places));
};
