import { lazy, Suspense, useState } from 'react';
import type { Run } from '../../../core/run/index.ts';
import { commands, useDo } from '../../store/index.ts';
import type { Cook } from '../useCook.ts';

const Changed = lazy(async () => ({ default: (await import('./Changed.tsx')).Changed }));

/** The plan made anew from what has changed; what it was can be taken back. Null: nothing is planned. */
export const useReplan = ({ planned }: Pick<Cook, 'planned'>) => {
  const carryOut = useDo();
  const [isOpen, setOpen] = useState(false);
  const [before, setBefore] = useState<Run | null>(null);
  if (planned?.plan == null) return null;
  const { run } = planned;
  const change = (changes: Partial<Run>): void => void carryOut(commands.changeRun(run.id, (now) => ({ ...now, ...changes })));
  return {
    planned,
    isOpen,
    open: (): void => setOpen(true),
    close: (): void => setOpen(false),
    take: (changes: Partial<Run>): void => {
      setBefore(run);
      change(changes);
    },
    /** Null: nothing was changed. */
    takeBack:
      before?.id === run.id
        ? (): void => {
            change({ dishes: before.dishes, serveAt: before.serveAt, hands: before.hands ?? 1 });
            setBefore(null);
          }
        : null,
  };
};
export type Replan = ReturnType<typeof useReplan>;

const LINK = 'min-h-11 text-lg font-semibold whitespace-nowrap text-act';

/** Something changed; and, once it was taken, back to what it was. */
export const ReplanLinks = ({ replan }: { readonly replan: Replan }) =>
  replan !== null && (
    <>
      {replan.takeBack !== null && (
        <button type="button" className={LINK} onClick={replan.takeBack}>
          As it was planned
        </button>
      )}
      <button type="button" className={LINK} onClick={replan.open}>
        Change plan
      </button>
    </>
  );

export const ReplanSheet = ({ replan, cook }: { readonly replan: Replan; readonly cook: Cook }) =>
  replan !== null &&
  replan.isOpen && (
    <Suspense>
      <Changed planned={replan.planned} places={cook.places} missing={cook.missing} onClose={replan.close} onTake={replan.take} />
    </Suspense>
  );
