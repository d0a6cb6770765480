import { useRef } from 'react';
import type { Load } from '../../core/log/index.ts';
import type { ToldLoad } from '../../core/lot/index.ts';
import type { Queries } from '../store/index.ts';
import { useQueried } from '../store/index.ts';

/** Loads are taken together in batches of so many. */
const BATCH = 32;

const NONE: readonly Load[] = [];

/**
 * Loads, the oldest first, with their logs and promises; undefined until the store has answered. A long morning has hundreds of them: those of
 * whole batches before the last are asked for apart, so that a touch of the newest doesn't read them all again; a late word about an old one does.
 * `key`: what the question depends on; until another is answered whole, the answer to the one before stands.
 */
export const useToldLoads = (ask: (queries: Queries) => Promise<readonly Load[]>, key: string): readonly ToldLoad[] | undefined => {
  const asked = useQueried(ask, `which of ${key}`, true);
  const loads = asked ?? NONE;
  const end = Math.floor(loads.length / BATCH) * BATCH;
  const older = useQueried((queries) => queries.withPromises(loads.slice(0, end)), `to ${end} ${loads[end - 1]?.id} of ${key}`, true);
  const newer = useQueried(
    (queries) => queries.withPromises(loads.slice(end)),
    `${end} to ${loads.length} ${loads.at(-1)?.id} of ${key}`,
    true,
  );
  const last = useRef<readonly ToldLoad[] | undefined>(undefined);
  if (asked === undefined || older === undefined || newer === undefined) return last.current;
  const told = new Map([...older, ...newer].map((one) => [one.load.id, one]));
  const all = asked.flatMap(({ id }) => told.get(id) ?? []);
  // Three answers come one after the other: nothing is counted before they fit.
  const isSame = all.length === last.current?.length && all.every((one, i) => one === last.current?.[i]);
  if (all.length === asked.length && !isSame) last.current = all;
  return last.current;
};
