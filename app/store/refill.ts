import type { Rows, TableName } from './database.ts';
import { WHOLE_INDEX } from './database.ts';
import type { Kitchen } from './kitchen.ts';

/** Rows that a page knows of its kitchen, by table. */
export type KnownRows = { readonly [N in TableName]?: readonly Rows[N][] };

/**
 * The browser's storage may be cleared while a page is open, with a load in the iron: the store then comes back empty, and everything would vanish
 * at the next touch. Whenever it is opened again without a kit, what the page knows is put back first. `onRefilled`: to say so.
 */
export const refillWhenCleared = ({ database, known }: Kitchen, onRefilled: () => void): void => {
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
