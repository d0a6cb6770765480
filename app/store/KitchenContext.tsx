import { useLiveQuery } from 'dexie-react-hooks';
import type { ReactNode } from 'react';
import { createContext, useCallback, useContext, useEffect, useMemo, useState, useSyncExternalStore } from 'react';
import { newestRevisions } from '../../core/basis/index.ts';
import type { Kit } from '../../core/kit/index.ts';
import { DEFAULT_KIT } from '../../core/kit/index.ts';
import type { LoadEvent } from '../../core/log/index.ts';
import type { WeighEvent } from '../../core/weigh/index.ts';
import type { LoadEventRow, Rows, TableName } from './database.ts';
import type { Kitchen } from './kitchen.ts';
import { openKitchen } from './kitchen.ts';
import { DEMO, OWN } from './names.ts';

type KitchenChoice = { readonly kitchen: Kitchen; readonly isDemo: boolean; readonly choose: (demo: boolean) => void };

const Context = createContext<KitchenChoice | null>(null);
const CHOICE_KEY = 'tawny-lattice-kitchen';

const rememberedChoice = (): boolean => {
  try {
    return localStorage.getItem(CHOICE_KEY) !== 'own';
  } catch {
    return true;
  }
};

/** Opens the demo kitchen, or the cook's own, and gives it to everything below. */
export const KitchenProvider = ({ children, waiting }: { readonly children: ReactNode; readonly waiting: ReactNode }) => {
  const [isDemo, setIsDemo] = useState(rememberedChoice);
  const [kitchen, setKitchen] = useState<Kitchen | null>(null);
  useEffect(() => {
    let wanted = true;
    const open = async (): Promise<void> => {
      const opened = await openKitchen(isDemo ? DEMO : OWN);
      // Only needed the first time a kitchen is opened.
      if ((await opened.database.rows('kits').count()) === 0) await (await import('./seed.ts')).seed(opened, Date.now());
      if (wanted) setKitchen(opened);
    };
    void open();
    return () => {
      wanted = false;
    };
  }, [isDemo]);
  const choose = useCallback((demo: boolean) => {
    try {
      localStorage.setItem(CHOICE_KEY, demo ? 'demo' : 'own');
    } catch {
      // Only the choice is forgotten; nothing else depends on it.
    }
    setKitchen(null);
    setIsDemo(demo);
  }, []);
  const value = useMemo(() => (kitchen === null ? null : { kitchen, isDemo, choose }), [kitchen, isDemo, choose]);
  return value === null ? waiting : <Context.Provider value={value}>{children}</Context.Provider>;
};

export const useKitchenChoice = (): KitchenChoice => {
  const choice = useContext(Context);
  if (choice === null) throw new Error('no kitchen around');
  return choice;
};

export const useKitchen = (): Kitchen => useKitchenChoice().kitchen;

const useWaiting = () => {
  const { pendingWrites } = useKitchen();
  useSyncExternalStore(
    pendingWrites.subscribe,
    () => pendingWrites.waiting,
    () => pendingWrites.waiting,
  );
  return pendingWrites;
};

export const useStorageTrouble = () => {
  const { pendingWrites } = useKitchen();
  return useSyncExternalStore(
    pendingWrites.subscribe,
    () => pendingWrites.trouble,
    () => null,
  );
};

/** All rows of a table, kept fresh across tabs; undefined until the first are read. */
export const useRows = <N extends TableName>(name: N): Rows[N][] | undefined => {
  const kitchen = useKitchen();
  const stored = useLiveQuery(() => kitchen.database.rows(name).toArray(), [kitchen, name]);
  const waiting = useWaiting();
  return stored === undefined ? undefined : waiting.overlay(name, stored);
};

const NO_EVENTS: readonly LoadEvent[] = [];

/** Logs of these loads, in order, by load. */
export const useLogs = (loadIds: readonly string[]): ReadonlyMap<string, readonly LoadEvent[]> | undefined => {
  const kitchen = useKitchen();
  const wanted = loadIds.join('\n');
  const stored = useLiveQuery(
    () => kitchen.database.rows('loadEvents').where('loadId').anyOf(wanted.split('\n')).toArray(),
    [kitchen, wanted],
  );
  const waiting = useWaiting();
  if (stored === undefined) return undefined;
  const logs = new Map<string, LoadEvent[]>(loadIds.map((id) => [id, []]));
  const rows: LoadEventRow[] = waiting.overlay('loadEvents', stored);
  rows.sort((a, b) => a.seq - b.seq);
  for (const { loadId, event } of rows) logs.get(loadId)?.push(event);
  return logs;
};

/** The log of one weighing, in order; undefined until it is read. */
export const useWeighLog = (weighingId: string | null): readonly WeighEvent[] | undefined => {
  const kitchen = useKitchen();
  const stored = useLiveQuery(
    () =>
      kitchen.database
        .rows('weighEvents')
        .where('weighingId')
        .equals(weighingId ?? '')
        .toArray(),
    [kitchen, weighingId],
  );
  const waiting = useWaiting();
  if (stored === undefined) return undefined;
  const rows = waiting.overlay('weighEvents', stored).filter((row) => row.weighingId === weighingId);
  return rows.sort((a, b) => a.seq - b.seq).map(({ event }) => event);
};

export const logOf = (logs: ReadonlyMap<string, readonly LoadEvent[]>, loadId: string): readonly LoadEvent[] =>
  logs.get(loadId) ?? NO_EVENTS;

export const useKit = (): Kit => useRows('kits')?.[0] ?? DEFAULT_KIT;

/** The newest revision of each, in the order of their names. */
export const newestByName = <T extends { id: string; rev: number; name: string }>(rows: readonly T[]): T[] =>
  [...newestRevisions(rows).values()].sort((a, b) => a.name.localeCompare(b.name));
