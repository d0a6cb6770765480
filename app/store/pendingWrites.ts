import type { Rows, TableName } from './database.ts';
import { keyOf } from './database.ts';

export type PendingWrite = { readonly table: TableName; readonly row: Rows[TableName] };
export type StorageTrouble = 'storage-full' | 'storage-forbidden' | null;

/**
 * What could not be written yet. Screens read it over the stored rows, so nothing that was said is lost while the
 * storage is full; writing is tried again.
 */
export class PendingWrites {
  private rows: readonly PendingWrite[] = [];
  private trouble_: StorageTrouble = null;
  private readonly listeners = new Set<() => void>();

  get waiting(): readonly PendingWrite[] {
    return this.rows;
  }

  get trouble(): StorageTrouble {
    return this.trouble_;
  }

  subscribe = (listener: () => void): (() => void) => {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  };

  setTrouble(trouble: StorageTrouble): void {
    if (this.trouble_ === trouble) return;
    this.trouble_ = trouble;
    this.tell();
  }

  add(entry: PendingWrite): void {
    const key = keyOf(entry.table, entry.row);
    this.rows = [...this.rows.filter((other) => other.table !== entry.table || keyOf(other.table, other.row) !== key), entry];
    this.tell();
  }

  remove(entries: readonly PendingWrite[]): void {
    this.rows = this.rows.filter((row) => !entries.includes(row));
    this.tell();
  }

  /** Stored rows with the waiting ones laid over them. */
  overlay<N extends TableName>(table: N, stored: readonly Rows[N][]): Rows[N][] {
    const mine = this.rows.filter((entry) => entry.table === table).map((entry) => entry.row as Rows[N]);
    if (mine.length === 0) return [...stored];
    const keys = new Set(mine.map((row) => keyOf(table, row)));
    return [...stored.filter((row) => !keys.has(keyOf(table, row))), ...mine];
  }

  private tell(): void {
    for (const listener of this.listeners) listener();
  }
}
