import type { KitchenDatabase, KnownRows } from './database.ts';
import { WHOLE_INDEX } from './database.ts';

/**
 * The browser's storage may be cleared while a page is open, with a load in the iron: the store then comes back empty, and everything would vanish
 * at the next touch. Whenever it is opened again without a kit, what the page knows is put back first. `onRefilled`: to say so.
 */
export const refillWhenCleared = (database: KitchenDatabase, known: { readonly rows: () => KnownRows }, onRefilled: () => void): void => {
  database.on(
    'ready',
    async () => {
      if ((await database.rows('kits').count()) > 0) return;
      const rows = known.rows();
      if (rows.kits === undefined) return;
      await Promise.all(Object.entries(rows).map(([table, all]) => database.table(table).bulkPut([...(all as readonly object[])])));
      await database.rows('bookIndexDue').put({ id: WHOLE_INDEX });
      onRefilled();
    },
    true,
  );
};
