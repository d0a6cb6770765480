import { useEffect, useSyncExternalStore } from 'react';
import { loadProgress } from '../../core/log/index.ts';
import type { Jump } from '../clock/index.ts';
import { clock } from '../clock/index.ts';
import { Listeners } from '../listeners.ts';
import { commands, useDo, useKitchenChoice } from '../store/index.ts';

/** Jumps by the load that was running, until they stand in its log; and the newest, to be told. */
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

/** How many loads may be running at once, over all irons. */
const MOST_RUNNING = 40;

/**
 * Whatever station is open: when the clock is set, running loads remember by how much, so that their countdown goes on and a reload reads their
 * instants rightly. Once for the whole page.
 */
export const useClockJumps = (): void => {
  const { queries } = useKitchenChoice();
  const carryOut = useDo();
  useEffect(() => {
    const remember = async (jump: Jump): Promise<void> => {
      const newest = await queries.withPromises(await queries.newestLoads(0, MOST_RUNNING));
      const running = newest.filter(({ log }) => ['poured', 'cooking'].includes(loadProgress(log).phase)).map(({ load }) => load.id);
      const byLoad = new Map(noticed.byLoad);
      for (const id of running) byLoad.set(id, [...(byLoad.get(id) ?? []), jump]);
      change({ byLoad, untold: jump });
      if (running.length > 0) await carryOut(commands.correctLoads(running, jump.jump_ms, jump.at));
    };
    return clock.onJump((jump) => void remember(jump));
  }, [queries, carryOut]);
};
