import type { Table } from 'dexie';
import { Dexie } from 'dexie';

/*
 * What was found and would be found again: apart from the kitchens, in no export, and lost without harm.
 */

/** A row by the hash of its question. */
export type DerivedRow = { readonly key: string; readonly at: number };

let opened: Promise<Dexie | null> | null = null;

const database = (): Promise<Dexie | null> => {
  if (opened === null) {
    const derived = new Dexie('tawny-lattice-derived');
    derived.version(1).stores({ beliefs: 'key, at' });
    derived.version(2).stores({ beliefs: 'key, at', answers: 'key, at' });
    // Without a store it is reckoned again each time.
    opened = derived.open().catch(() => null);
  }
  return opened;
};

/** A store that stalls doesn't keep an answer waiting: it is found again. */
const MOST_PATIENCE_MS = 1500;

/** What the store says of a table; undefined: nothing, or not in time. */
export const readDerived = async <T>(name: string, read: (table: Table<DerivedRow, string>) => PromiseLike<T>): Promise<T | undefined> => {
  const reading = async (): Promise<T | undefined> => {
    const table = (await database())?.table<DerivedRow, string>(name);
    return table === undefined ? undefined : read(table);
  };
  try {
    return await Promise.race([reading(), new Promise<undefined>((resolve) => setTimeout(resolve, MOST_PATIENCE_MS))]);
  } catch {
    return undefined;
  }
};

/** Keeps rows; of more than `most` the oldest third goes. A full disk keeps none, and nothing that was said is lost. */
export const keepDerived = async (name: string, rows: readonly DerivedRow[], most: number): Promise<void> => {
  try {
    const table = (await database())?.table<DerivedRow, string>(name);
    if (table === undefined) return;
    await table.bulkPut([...rows]);
    const count = await table.count();
    if (count > most)
      await table.bulkDelete(
        await table
          .orderBy('at')
          .limit(count - Math.round((2 * most) / 3))
          .primaryKeys(),
      );
  } catch {
    // As if it had never been found.
  }
};
