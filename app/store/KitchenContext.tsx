import { useLiveQuery } from 'dexie-react-hooks';
import type { ReactNode } from 'react';
import { createContext, useCallback, useContext, useEffect, useMemo, useRef, useState, useSyncExternalStore } from 'react';
import type { Coded } from '../../core/basis/index.ts';
import type { SetAside } from '../../core/kitchen/index.ts';
import type { Kit } from '../../core/kit/index.ts';
import { DEFAULT_KIT } from '../../core/kit/index.ts';
import type { LoadPhoto } from '../../core/log/index.ts';
import type { WeighEvent } from '../../core/weigh/index.ts';
import type { Rows } from './database.ts';
import type { Kitchen, OpenTrouble } from './kitchen.ts';
import { kitchenInMemory, openKitchen } from './kitchen.ts';
import { DEMO, OWN, REHEARSAL } from './names.ts';
import { notices } from './notices.ts';
import { Problems } from './problems.ts';
import { Queries, settled } from './queries.ts';
import { refillWhenCleared } from './refill.ts';
import type { Command } from './transaction.ts';
import { CommandFailed } from './transaction.ts';
import { keepText, keptText } from '../webStorage.ts';

type OpenKitchen = { readonly kitchen: Kitchen; readonly queries: Queries; readonly problems: Problems };
type KitchenChoice = OpenKitchen & {
  readonly isDemo: boolean;
  /** The cook's own kitchen was opened in this browser before. */
  readonly hasOwn: boolean;
  readonly choose: (demo: boolean) => void;
};

const Context = createContext<KitchenChoice | null>(null);
const CHOICE_KEY = 'tawny-lattice-kitchen';

const rememberedChoice = (): boolean => keptText('browser', CHOICE_KEY) !== 'own';

const OWN_KEY = 'tawny-lattice-own-kitchen';

const keepChoice = (demo: boolean): void => {
  keepText('browser', CHOICE_KEY, demo ? 'demo' : 'own');
  if (!demo) keepText('browser', OWN_KEY, 'yes');
};

/** Kitchens stay open once they were: what waits for room in one isn't lost by looking at the other. */
const opened = new Map<string, OpenKitchen>();

const open = async (name: string): Promise<OpenKitchen | OpenTrouble> => {
  const known = opened.get(name);
  if (known !== undefined) return known;
  const result = await openKitchen(name);
  return result.ok ? taken(name, result.kitchen) : result.trouble;
};

/** For this page alone, where the store can't be opened: better than no kitchen at 06:50. */
const openInMemory = async (name: string): Promise<OpenKitchen> => taken(name, await kitchenInMemory(name));

const taken = async (name: string, kitchen: Kitchen): Promise<OpenKitchen> => {
  // Only needed the first time a kitchen is opened.
  if ((await kitchen.database.rows('kits').count()) === 0) await (await import('./seed.ts')).seed(kitchen, Date.now());
  void kitchen.tidy(Date.now()).catch(() => undefined);
  // Another tab runs a newer version: this one lets go, so that it can go on, and says so.
  kitchen.database.on('versionchange', () => {
    kitchen.database.close();
    opened.delete(name);
    notices.tell({ code: 'store-moved-on', fields: {} });
    return false;
  });
  refillWhenCleared(kitchen.database, kitchen.known, () => {
    keepChoice(name !== OWN);
    notices.tell({ code: 'storage-cleared', fields: {} });
  });
  const problems = new Problems();
  const made = { kitchen, problems, queries: new Queries(kitchen, problems) };
  opened.set(name, made);
  return made;
};

/** Nobody leaves unasked while something waits in memory only. */
const useLeaveGuard = (): void =>
  useEffect(() => {
    const guard = (event: BeforeUnloadEvent): void => {
      if ([...opened.values()].some(({ kitchen }) => kitchen.pendingWrites.pending.length > 0)) event.preventDefault();
    };
    window.addEventListener('beforeunload', guard);
    return () => window.removeEventListener('beforeunload', guard);
  }, []);

type ProviderProps = {
  readonly children: ReactNode;
  readonly waiting: ReactNode;
  readonly trouble: (trouble: OpenTrouble, isDemo: boolean, choose: (demo: boolean) => void, inMemory: () => void) => ReactNode;
  /** A rehearsal is on: its own copy of a kitchen is opened, and choosing another ends it. Null: none is. */
  readonly endRehearsal: (() => void) | null;
};

/** Opens the demo kitchen, or the cook's own, and gives it to everything below. */
export const KitchenProvider = ({ children, waiting, trouble, endRehearsal }: ProviderProps) => {
  const [isDemo, setIsDemo] = useState(rememberedChoice);
  const [found, setFound] = useState<OpenKitchen | OpenTrouble | null>(null);
  useLeaveGuard();
  useEffect(() => {
    let wanted = true;
    const name = endRehearsal !== null ? REHEARSAL : isDemo ? DEMO : OWN;
    open(name)
      .catch((error: unknown): OpenTrouble => ({ kind: 'broken', name, message: error instanceof Error ? error.message : String(error) }))
      .then(
        (result) => {
          if (wanted) setFound(result);
        },
        () => undefined,
      );
    return () => {
      wanted = false;
    };
  }, [isDemo, endRehearsal]);
  const choose = useCallback(
    (demo: boolean) => {
      keepChoice(demo);
      // The page begins anew, with the clock on the wall.
      if (endRehearsal !== null) return endRehearsal();
      setFound(null);
      setIsDemo(demo);
    },
    [endRehearsal],
  );
  const value = useMemo(
    () => (found === null || !('kitchen' in found) ? null : { ...found, isDemo, hasOwn: keptText('browser', OWN_KEY) !== null, choose }),
    [found, isDemo, choose],
  );
  const inMemory = useCallback((name: string) => void openInMemory(name).then(setFound), []);
  if (found !== null && !('kitchen' in found)) return trouble(found, isDemo, choose, () => inMemory(found.name));
  return value === null ? waiting : <Context.Provider value={value}>{children}</Context.Provider>;
};

export const useKitchenChoice = (): KitchenChoice => {
  const choice = useContext(Context);
  if (choice === null) throw new Error('no kitchen around');
  return choice;
};

export const useKitchen = (): Kitchen => useKitchenChoice().kitchen;

const ALREADY_DONE: Coded = { code: 'already-done', fields: {} };

/**
 * Carries out a command. What is refused is told to the cook; then undefined. Never rejects: a touch is either done, waits in memory, or is named.
 */
export const useDo = (): (<R>(command: Command<R>) => Promise<R | undefined>) => {
  const kitchen = useKitchen();
  return useCallback(
    async (command) => {
      try {
        const { result, outcome } = await kitchen.doTold(command);
        // A lit button never does nothing in silence.
        if (outcome === 'unchanged' && command.ifUnchanged !== null) notices.tell(command.ifUnchanged ?? ALREADY_DONE);
        return result;
      } catch (error) {
        notices.tell(
          error instanceof CommandFailed
            ? error.failure
            : { code: 'write-failed', fields: { why: error instanceof Error ? error.message : String(error) } },
        );
        return undefined;
      }
    },
    [kitchen],
  );
};

export const useNotices = () =>
  useSyncExternalStore(
    notices.subscribe,
    () => notices.all,
    () => notices.all,
  );

export const useStorageTrouble = () => {
  const { pendingWrites } = useKitchen();
  return useSyncExternalStore(
    pendingWrites.subscribe,
    () => pendingWrites.trouble,
    () => null,
  );
};

/** Rows of this kitchen that could not be read so far. */
export const useProblems = (): ReadonlyMap<string, SetAside> => {
  const { problems } = useKitchenChoice();
  return useSyncExternalStore(
    problems.subscribe,
    () => problems.all,
    () => problems.all,
  );
};

/**
 * An answer of the store, kept fresh across tabs; undefined until the first is there. `key`: everything that the question depends on.
 * What hasn't changed keeps its identity. `stays`: until another question is answered the answer to the one before stands, for a page that must
 * not vanish under the cook's finger meanwhile.
 */
export const useQueried = <T,>(ask: (queries: Queries) => Promise<T>, key: string, stays = false): T | undefined => {
  const { kitchen, queries } = useKitchenChoice();
  const { pendingWrites } = kitchen;
  const pending = useSyncExternalStore(
    pendingWrites.subscribe,
    () => pendingWrites.pending,
    () => pendingWrites.pending,
  );
  const last = useRef<{ readonly key: string; readonly of: Queries; readonly value: T } | null>(null);
  const found = useLiveQuery(async () => ({ key, of: queries, value: await ask(queries) }), [queries, pending, key]);
  // An answer to another question isn't one, nor is one of the other kitchen.
  const before = last.current?.of === queries ? last.current : null;
  if (found?.key !== key || found.of !== queries) return before !== null && (stays || before.key === key) ? before.value : undefined;
  const value = settled(last.current?.value, found.value);
  last.current = { key, of: queries, value };
  return value;
};

const hasSameFields = <T extends object>(a: T | undefined, b: T): boolean =>
  a !== undefined && Object.keys(b).every((key) => a[key as keyof T] === b[key as keyof T]);

/** A list put together at every render, whose items keep their identity while their fields are the same things. */
export const useSettled = <T extends object>(list: readonly T[]): readonly T[] => {
  const last = useRef<readonly T[]>([]);
  const items = list.map((item, i) => (hasSameFields(last.current[i], item) ? last.current[i]! : item));
  const isSame = items.length === last.current.length && items.every((item, i) => item === last.current[i]);
  if (!isSame) last.current = items;
  return last.current;
};

/** All rows of a table that stays small. */
export const useRows = <N extends 'kits' | 'workspaces' | 'ingredients' | 'runs' | 'keepItems' | 'practices'>(
  name: N,
): readonly Rows[N][] | undefined => useQueried((queries) => queries.all(name), name);

/** The pictures of these loads, by load; undefined until they are read. */
export const useLoadPhotos = (loadIds: readonly string[]): ReadonlyMap<string, LoadPhoto> | undefined =>
  useQueried((queries) => queries.photosOf(loadIds), `photos ${loadIds.join(' ')}`, true);

/** The log of one weighing, in order; undefined until it is read. */
export const useWeighLog = (weighingId: string | null): readonly WeighEvent[] | undefined =>
  useQueried(async (queries) => (await queries.logs('weighEvents', [weighingId ?? ''])).get(weighingId ?? '') ?? [], weighingId ?? '');

export const useKit = (): Kit => useRows('kits')?.[0] ?? DEFAULT_KIT;
