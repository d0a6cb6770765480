import { toldOfRun } from '../../../core/run/index.ts';
import { useCallback, useMemo } from 'react';
import type { DueFold } from '../../../core/line/index.ts';
import { foldsOf, headerOf, lotToPourFrom } from '../../../core/lot/index.ts';
import { useNow, wallNow } from '../../clock/index.ts';
import type { PlannedRun, Session } from '../../session/index.ts';

import { commands, useDo } from '../../store/index.ts';

/** Whether a bowl may still be poured from changes slowly. */
const TICK_MS = 30_000;

export type Folds = { readonly due: readonly DueFold[]; readonly fold: (dishId: string) => void };

/** What of the plan is still to be folded, each part once there is something to fold it into; a bowl that was begun later counts as one. */
export const useFolds = (session: Session, planned: PlannedRun | null): Folds => {
  const carryOut = useDo();
  const at = useNow(TICK_MS);
  const { lots, runLoads } = session;
  const due = useMemo(() => {
    if (planned?.plan == null) return [];
    const told = toldOfRun(planned.run, planned.irons, { lots, runLoads });
    return planned.dishes.flatMap(({ dish, formula }): DueFold[] => {
      const lot = lotToPourFrom(lots, formula, at);
      const ids = new Set(told.flatMap((load) => (load.dishId === dish.id ? [load.lotId] : [])));
      if (lot === null || !ids.has(lot.id)) return [];
      const next = planned.plan?.bowls.find(({ dishId, n }) => dishId === dish.id && n === foldsOf(lot) + ids.size);
      return next === undefined || next.foldAt === null ? [] : [{ dishId: dish.id, at: next.foldAt }];
    });
  }, [planned, lots, runLoads, at]);
  const fold = useCallback(
    (dishId: string): void => {
      const formula = planned?.dishes.find(({ dish }) => dish.id === dishId)?.formula;
      const lot = formula === undefined ? null : lotToPourFrom(lots, formula, wallNow());
      if (lot !== null) void carryOut(commands.noteLot(headerOf(lot), [{ kind: 'folded', data: {} }], wallNow()));
    },
    [carryOut, planned, lots],
  );
  return { due, fold };
};
