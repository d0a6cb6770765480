import { KitchenIntake, kitchenFileOf } from '../../core/kitchen/index.ts';
import { DEFAULT_KIT } from '../../core/kit/index.ts';
import { APP_VERSION } from './exchange.ts';

const opened = (name: string): Promise<IDBDatabase> =>
  new Promise((resolve, reject) => {
    // Without a version: whatever is there is opened as it is.
    const request = indexedDB.open(name);
    request.onsuccess = () => resolve(request.result);
    request.onerror = () => reject(request.error ?? new Error('open'));
    request.onblocked = () => reject(new Error('blocked'));
  });

const rowsOf = (database: IDBDatabase, store: string): Promise<unknown[]> =>
  new Promise((resolve) => {
    const rows: unknown[] = [];
    try {
      const request = database.transaction(store).objectStore(store).openCursor();
      request.onsuccess = () => {
        const cursor = request.result;
        if (cursor === null) return resolve(rows);
        rows.push(cursor.value);
        cursor.continue();
      };
      // One table that can't be read any further doesn't cost the others.
      request.onerror = () => resolve(rows);
    } catch {
      resolve(rows);
    }
  });

/** Everything that a store still gives away, past the application's own way of opening it; null: nothing at all. */
export const readWhatCanBeRead = async (
  name: string,
): Promise<{ readonly blob: Blob; readonly rows: number; readonly setAside: number } | null> => {
  try {
    const database = await opened(name);
    const intake = new KitchenIntake(1);
    let rows = 0;
    for (const table of database.objectStoreNames)
      for (const row of await rowsOf(database, table)) {
        intake.add(table, row);
        rows++;
      }
    database.close();
    if (rows === 0) return null;
    const taken = intake.salvage(DEFAULT_KIT);
    const file = kitchenFileOf(taken, { appVersion: APP_VERSION, exportedAt: Date.now() });
    return { blob: new Blob([`${JSON.stringify(file, null, 1)}\n`], { type: 'application/json' }), rows, setAside: taken.setAside.length };
  } catch {
    return null;
  }
};

/** Removes a store. False: somebody holds it. */
export const forgetStore = (name: string): Promise<boolean> =>
  new Promise((resolve) => {
    const request = indexedDB.deleteDatabase(name);
    request.onsuccess = () => resolve(true);
    request.onerror = () => resolve(false);
    request.onblocked = () => resolve(false);
  });
