import { useState } from 'react';
import type { PlannedRun } from '../session/index.ts';

/**
 * The plan of the run that is on; while a change is worked into it, the one before holds. `isReady`: orders may be given by it. A plan that rests on
 * half of what is known isn't: it would say "pour" and ten seconds later "wait". Once ready, a run's plan stays so.
 */
export const useHeldPlan = (fresh: PlannedRun | null): { readonly planned: PlannedRun | null; readonly isReady: boolean } => {
  const [held, setHeld] = useState(fresh);
  const [readyFor, setReadyFor] = useState<string | null>(null);
  const holds = fresh !== null && fresh.plan === null && held !== null && held.plan !== null && held.run.id === fresh.run.id;
  if (!holds && (held?.plan !== fresh?.plan || held?.run !== fresh?.run)) setHeld(fresh);
  if (fresh !== null && !fresh.isPreliminary && readyFor !== fresh.run.id) setReadyFor(fresh.run.id);
  return {
    planned: holds ? { ...fresh, plan: held.plan, request: held.request } : fresh,
    isReady: fresh === null || !fresh.isPreliminary || readyFor === fresh.run.id,
  };
};
