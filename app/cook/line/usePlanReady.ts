import { useState } from 'react';
import type { PlannedRun } from '../../session/index.ts';

/**
 * True once orders may be given by the plan of the run that is on. A plan that rests on half of what is known isn't ready: it would say "pour" and ten
 * seconds later "wait". Once ready, a run's plan stays so. Without a run there is nothing to wait for.
 */
export const usePlanReady = (planned: PlannedRun | null): boolean => {
  const [readyFor, setReadyFor] = useState<string | null>(null);
  if (planned !== null && !planned.isPreliminary && readyFor !== planned.run.id) setReadyFor(planned.run.id);
  return planned === null || !planned.isPreliminary || readyFor === planned.run.id;
};
