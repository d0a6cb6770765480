import { useState } from 'react';
import type { PlannedRun } from '../session/index.ts';

/** The plan of the run that is on; while it is reckoned anew, the one before holds: without any the line would say "pour now". */
export const useHeldPlan = (fresh: PlannedRun | null): PlannedRun | null => {
  const [held, setHeld] = useState(fresh);
  const holds = fresh !== null && fresh.plan === null && held !== null && held.plan !== null && held.run.id === fresh.run.id;
  if (!holds && (held?.plan !== fresh?.plan || held?.run !== fresh?.run)) setHeld(fresh);
  return holds ? { ...fresh, plan: held.plan, request: held.request } : fresh;
};
