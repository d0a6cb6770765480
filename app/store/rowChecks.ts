import type { CheckedRow, KitchenTable } from '../../core/kitchen/index.ts';
import { checkRow, isKitchenTable, TABLES } from '../../core/kitchen/index.ts';
import { CommandFailed } from './transaction.ts';

/** What a row must be, for reading and for writing. Loaded with the store, not with the page: the shapes of all rows are heavy. */
export type RowChecks = {
  /** Null: a table of this browser alone, which isn't checked. */
  readonly read: (table: string, raw: unknown) => CheckedRow<KitchenTable> | null;
  /** Throws `CommandFailed` for a row that could not be read again. */
  readonly write: (table: string, row: unknown) => void;
};

export const ROW_CHECKS: RowChecks = {
  read: (table, raw) => (isKitchenTable(table) ? checkRow(table, raw) : null),
  write: (table, row) => {
    if (!isKitchenTable(table)) return;
    const parsed = TABLES[table].safeParse(row);
    if (parsed.success) return;
    const [issue] = parsed.error.issues;
    throw new CommandFailed({ code: 'row-unsound', fields: { table, where: issue?.path.join('.') ?? '', why: issue?.message ?? '' } });
  },
};
