import { ClipboardCheck } from 'lucide-react';
import { lazy, Suspense, useState } from 'react';
import { reportOf } from '../../../core/run/index.ts';
import type { ReportedLoad } from '../../../core/run/index.ts';
import type { PlannedRun } from '../../session/index.ts';

const ReportSheet = lazy(async () => ({ default: (await import('./ReportSheet.tsx')).ReportSheet }));

/** How the morning went, as soon as something has come out. */
export const Reporting = ({ planned, told }: { readonly planned: PlannedRun; readonly told: readonly ReportedLoad[] }) => {
  const [isOpen, setOpen] = useState(false);
  const { run, plan, request } = planned;
  if (plan === null || request === null) return null;
  const report = reportOf(plan, request, told);
  if (report === null) return null;
  return (
    <>
      <button type="button" className="button-plain" onClick={() => setOpen(true)}>
        <ClipboardCheck aria-hidden className="size-5" /> How it went
      </button>
      {isOpen && (
        <Suspense>
          <ReportSheet name={run.name} report={report} zone={run.zone} onClose={() => setOpen(false)} />
        </Suspense>
      )}
    </>
  );
};
