import { lazy, Suspense, useState } from 'react';
import type { MissingPieces } from '../../core/line/index.ts';
import type { Run } from '../../core/run/index.ts';
import type { PlannedRun } from '../session/index.ts';
import { commands, useDo } from '../store/index.ts';
import type { LinePlace } from './linePlace.ts';

const Changed = lazy(async () => ({ default: (await import('./Changed.tsx')).Changed }));

type Props = {
  readonly planned: PlannedRun | null;
  readonly places: readonly LinePlace[];
  readonly missing: MissingPieces | null;
};

/** Re-plans what is on from what has changed; what it was can be taken back. */
export const Replan = ({ planned, places, missing }: Props) => {
  const carryOut = useDo();
  const [isOpen, setOpen] = useState(false);
  const [before, setBefore] = useState<Run | null>(null);
  if (planned?.plan == null) return null;
  const { run } = planned;
  const change = (changes: Partial<Run>): void => void carryOut(commands.changeRun(run.id, (now) => ({ ...now, ...changes })));
  const press = 'min-h-16 shrink-0 rounded-lg border-2 border-white/60 px-4 text-lg font-semibold';
  return (
    <>
      <button type="button" className={press} onClick={() => setOpen(true)}>
        Something changed
      </button>
      {before !== null && before.id === run.id && (
        <button
          type="button"
          className={press}
          onClick={() => {
            change({
              dishes: before.dishes,
              serveAt: before.serveAt,
              ...(before.hands === undefined ? { hands: 1 } : { hands: before.hands }),
            });
            setBefore(null);
          }}
        >
          As it was planned
        </button>
      )}
      {isOpen && (
        <Suspense>
          <Changed
            planned={planned}
            places={places}
            missing={missing}
            onClose={() => setOpen(false)}
            onTake={(changes) => {
              setBefore(run);
              change(changes);
            }}
          />
        </Suspense>
      )}
    </>
  );
};
