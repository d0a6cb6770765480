import type { PlannedRun } from '../../session/index.ts';

export type NextStep = { readonly what: string; readonly at: number };

/** Everything the plan asks for, in order of time. */
export const stepsOf = ({ plan, irons, run }: PlannedRun): NextStep[] => {
  if (plan === null) return [];
  const name = (id: string): string => irons.find((iron) => iron.id === id)?.name ?? id;
  const steps: NextStep[] = [
    ...plan.preheats.map(({ ironId, from }) => ({ what: `Switch on ${name(ironId)}`, at: from })),
    ...plan.loads.map(({ ironId, n, pourAt }) => ({ what: `Pour ${name(ironId)}, load ${n}`, at: pourAt })),
    ...plan.loads.map(({ ironId, n, openAt }) => ({ what: `Open ${name(ironId)}, load ${n}`, at: openAt })),
    { what: run.mode === 'together' ? `Serve all ${run.people}` : 'First plate out', at: run.serveAt },
  ];
  return steps.sort((a, b) => a.at - b.at);
};

/** What the plan wants next after `now`. */
export const nextStep = (planned: PlannedRun, now: number): NextStep | null => stepsOf(planned).find((step) => step.at > now) ?? null;

/** How long until then, as people say it. */
export const until = (ms: number): string => {
  const minutes = Math.round(ms / 60_000);
  if (ms < 60_000) return `in ${Math.max(0, Math.round(ms / 1000))} s`;
  if (minutes < 60) return `in ${minutes} min`;
  return `in ${Math.floor(minutes / 60)} h ${String(minutes % 60).padStart(2, '0')}`;
};
