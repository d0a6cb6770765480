import { lazy, Suspense } from 'react';
import type { Run } from '../../../core/run/index.ts';
import { day, InlineSelect } from '../../ui/index.ts';
import type { RunMenuProps } from './RunMenu.tsx';

type Props = RunMenuProps & { readonly runs: readonly Run[]; readonly onChoose: (runId: string) => void };

const RunMenu = lazy(() => import('./RunMenu.tsx'));

/** Which plan is on, and what can be done with it. */
export const Runs = ({ runs, run, onChoose, ...acts }: Props) => (
  <div className="flex flex-wrap items-baseline gap-x-3">
    <span className="text-2xl">
      <InlineSelect
        label="Plan"
        value={run.id}
        choices={[...runs]
          .sort((a, b) => b.serveAt - a.serveAt)
          .map(({ id, name, serveAt, zone }) => ({ value: id, label: name, note: day(serveAt, zone) }))}
        onChange={onChoose}
      />
    </span>
    <span className="text-lg text-quiet">{day(run.serveAt, run.zone)}</span>
    {/* It comes a moment after the page: nobody's first touch. */}
    <Suspense fallback={<span className="size-11" />}>
      <RunMenu run={run} {...acts} />
    </Suspense>
  </div>
);
