import { useCallback, useEffect, useSyncExternalStore } from 'react';
import { loadProgress, isOpenLot } from '../../core/log/index.ts';
import type { Jump } from '../clock/index.ts';
import { pendingJumps } from '../clock/index.ts';
import { Listeners } from '../listeners.ts';
import type { Queries } from '../store/index.ts';
import { commands, useDo, useKitchenChoice } from '../store/index.ts';

/** Jumps by the load that was running, until they stand in its log; and the newest that was corrected, to be told. */
type Noticed = { readonly byLoad: ReadonlyMap<string, readonly Jump[]>; readonly untold: Jump | null };

let noticed: Noticed = { byLoad: new Map(), untold: null };
const listeners = new Listeners();
const change = (next: Noticed): void => {
  noticed = next;
  listeners.tell();
};

export const useNoticedJumps = (): Noticed =>
  useSyncExternalStore(
    listeners.subscribe,
    () => noticed,
    () => noticed,
  );

/** Somebody has read it. */
export const jumpTold = (): void => change({ ...noticed, untold: null });

/** Time never runs back; of the rest the cook decides. */
const isSetClock = ({ jump_ms, isSet }: Jump): boolean => jump_ms < 0 || isSet === true;

/** Jumps that only the cook can tell apart: a device that slept, or a clock that was set. */
export const useAskedJumps = (): readonly Jump[] =>
  useSyncExternalStore(
    pendingJumps.subscribe,
    () => pendingJumps.all,
    () => pendingJumps.all,
  ).filter((jump) => !isSetClock(jump));

/** How many loads may be running at once, over all irons. */
const MOST_RUNNING = 40;
/** Older than this a bowl or a box was written down before the clock was wrong, more likely than not. */
const CORRECTED_MS = 24 * 3_600_000;
/** A shorter time more than was counted isn't asked about: it went by. */
const ASKED_FROM_MS = 10_000;

/** What a set clock would make older or younger than it is. */
const atStake = async (queries: Queries, jump: Jump): Promise<commands.Corrected> => {
  const since = jump.at - Math.max(0, jump.jump_ms) - CORRECTED_MS;
  const [newest, lots, items] = await Promise.all([
    queries.newestLoads(0, MOST_RUNNING).then((loads) => queries.withPromises(loads)),
    queries.lotsSince(since),
    queries.all('keepItems'),
  ]);
  return {
    loadIds: newest.filter(({ log }) => ['poured', 'cooking'].includes(loadProgress(log).phase)).map(({ load }) => load.id),
    lotIds: lots.filter(isOpenLot).map(({ id }) => id),
    itemIds: items.filter(({ usedAt, from }) => usedAt === null && from >= since).map(({ id }) => id),
  };
};
const isNothing = ({ loadIds, lotIds, itemIds }: commands.Corrected): boolean => loadIds.length + lotIds.length + itemIds.length === 0;

/** Moves what was written down before the clock was set, once, and says so. */
const useCorrect = (): ((jump: Jump) => Promise<void>) => {
  const { queries } = useKitchenChoice();
  const carryOut = useDo();
  return useCallback(
    async (jump) => {
      const found = await atStake(queries, jump);
      const byLoad = new Map(noticed.byLoad);
      for (const id of found.loadIds) byLoad.set(id, [...(byLoad.get(id) ?? []), jump]);
      change({ byLoad, untold: jump });
      const done = isNothing(found) ? null : await carryOut(commands.correctClock(found, jump.jump_ms, jump.at, `clock/${jump.id}`));
      // What could not be written is tried again on the next start.
      if (done !== undefined) pendingJumps.settle(jump.id);
    },
    [queries, carryOut],
  );
};

/**
 * Whatever door is open: a clock that was set back is corrected at once, for time never runs back. Time that went by without being counted may be a device that
 * slept or a clock that was set forward: until the cook says which, everything counts as having gone on, and rings.
 */
export const useClockJumps = (): void => {
  const { queries } = useKitchenChoice();
  const correct = useCorrect();
  useEffect(() => {
    const begun = new Set<string>();
    const look = (): void => {
      for (const jump of pendingJumps.all) {
        const isSet = isSetClock(jump);
        const key = `${jump.id} ${isSet}`;
        if (begun.has(key)) continue;
        begun.add(key);
        if (isSet) void correct(jump);
        else
          void atStake(queries, jump).then((found) => {
            if (jump.jump_ms < ASKED_FROM_MS || isNothing(found)) pendingJumps.settle(jump.id);
          });
      }
    };
    look();
    return pendingJumps.subscribe(look);
  }, [queries, correct]);
};

/** The cook's answers: the device slept, so all of it went by; or the clock was set, so none of it did. */
export const jumpSlept = ({ id }: Jump): void => pendingJumps.settle(id);
export const jumpWasSet = ({ id }: Jump): void => pendingJumps.wasSet(id);
