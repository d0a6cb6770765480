import { useEffect } from 'react';
import type { ToldLoad } from '../../core/lot/index.ts';
import { headerOf } from '../../core/lot/index.ts';
import type { KnownRows } from '../store/index.ts';
import { logRow, useKitchen, useRows } from '../store/index.ts';
import type { Session } from './useSession.ts';

const rowsOf = ({ kit, workspace, runs, everyFormula, everyIron, lots }: Session, told: readonly ToldLoad[]): KnownRows => {
  // One question may have heard of a touch before another: the longest log counts.
  const byId = new Map(told.toSorted((a, b) => a.log.length - b.log.length).map((one) => [one.load.id, one]));
  const loads = [...byId.values()];
  return {
    kits: [kit],
    workspaces: [workspace],
    runs,
    formulas: everyFormula,
    irons: everyIron,
    lots: lots.map(headerOf),
    lotEvents: lots.flatMap(({ id, events }) => events.map((event) => logRow('lotEvents', id, event))),
    loads: loads.map(({ load }) => load),
    loadEvents: loads.flatMap(({ load, log }) => log.map((event) => logRow('loadEvents', load.id, event))),
    predictions: loads.flatMap(({ prediction }) => prediction ?? []),
  };
};

/** What this page knows of its kitchen is lent to the store, should the browser clear it while the page is open. */
export const useKnownRows = (session: Session | undefined, inIrons: readonly ToldLoad[]): void => {
  const { known } = useKitchen();
  const keepItems = useRows('keepItems');
  const ingredients = useRows('ingredients');
  const practices = useRows('practices');
  useEffect(() => {
    if (session === undefined) return;
    known.rows = () => ({
      ...rowsOf(session, [...inIrons, ...session.runLoads, ...[...session.ironLoads.loads.values()].flat()]),
      ...(keepItems === undefined ? {} : { keepItems }),
      ...(ingredients === undefined ? {} : { ingredients }),
      ...(practices === undefined ? {} : { practices }),
    });
  }, [known, session, inIrons, keepItems, ingredients, practices]);
};
