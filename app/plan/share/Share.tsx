import { Printer } from 'lucide-react';
import type { RunPlan } from '../../../core/run/index.ts';
import { toldOfRun } from '../../../core/run/index.ts';
import { Rehearse } from '../../rehearsal/Rehearse.tsx';
import type { PlannedRun, Session } from '../../session/index.ts';
import { Reporting } from './Reporting.tsx';
import { TakeAlong } from './TakeAlong.tsx';

type Props = { readonly session: Session; readonly planned: PlannedRun; readonly plan: RunPlan };

/** The plan on paper and as files; tried without batter; and how it went. */
export const Share = ({ session, planned, plan }: Props) => (
  <div className="flex flex-col gap-3">
    <button type="button" className="button-act min-h-14 self-start" onClick={() => window.print()}>
      <Printer aria-hidden className="size-5" /> Print the sheet
    </button>
    <TakeAlong session={session} planned={planned} plan={plan} />
    <div className="flex flex-wrap gap-3 border-t border-line pt-3">
      <Rehearse session={session} planned={planned} />
      <Reporting planned={planned} told={toldOfRun(planned.run, planned.irons, session)} />
    </div>
  </div>
);
