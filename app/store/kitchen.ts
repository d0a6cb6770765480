import { Dexie } from 'dexie';
import type { LoadEvent, NewLoadEvent } from '../../core/log/index.ts';
import type { NewWeighEvent, WeighEvent } from '../../core/weigh/index.ts';
import type { Rows, TableName } from './database.ts';
import { KitchenDatabase } from './database.ts';
import { PendingWrites } from './pendingWrites.ts';

const RETRY_MS = 5000;

/** Append-only logs, and whose they are. */
const LOGS = { loadEvents: 'loadId', weighEvents: 'weighingId' } as const satisfies Partial<Record<TableName, string>>;

/** A kitchen's storage: every write goes through here, so that a full device never loses one. */
export class Kitchen {
  readonly pendingWrites = new PendingWrites();
  private retry: ReturnType<typeof setTimeout> | null = null;
  /** Appends to one kitchen go one after the other, so that sequence numbers have no gaps. */
  private tail: Promise<unknown> = Promise.resolve();

  constructor(
    readonly name: string,
    readonly database: KitchenDatabase,
  ) {}

  async put<N extends TableName>(table: N, row: Rows[N]): Promise<void> {
    try {
      await this.database.rows(table).put(row);
    } catch (error) {
      this.keepWaiting(error, { table, row });
    }
  }

  async remove(table: TableName, key: string): Promise<void> {
    await this.database.table(table).delete(key);
  }

  /** Adds to a load's log; resolves once it is safely stored, or waiting in memory while storage is full. */
  append(loadId: string, event: NewLoadEvent, at: number): Promise<LoadEvent> {
    return this.appendTo('loadEvents', loadId, (seq): LoadEvent => ({ ...event, seq, at }));
  }

  /** The same for a bowl that is being weighed. */
  appendWeigh(weighingId: string, event: NewWeighEvent, at: number): Promise<WeighEvent> {
    return this.appendTo('weighEvents', weighingId, (seq): WeighEvent => ({ ...event, seq, at }));
  }

  private appendTo<E>(table: keyof typeof LOGS, id: string, make: (seq: number) => E): Promise<E> {
    const next = this.tail.then(() => this.appendNow(table, id, make));
    this.tail = next.catch(() => undefined);
    return next;
  }

  private async appendNow<E>(table: keyof typeof LOGS, id: string, make: (seq: number) => E): Promise<E> {
    const key = LOGS[table];
    const idOf = (row: object): unknown => (row as Record<string, unknown>)[key];
    const waiting = this.pendingWrites.waiting.flatMap((entry) =>
      entry.table === table && idOf(entry.row) === id ? [(entry.row as { seq: number }).seq] : [],
    );
    const log = this.database.table<{ seq: number }>(table);
    // Known before the store is asked, for when it can't answer.
    let seq = Math.max(-1, ...waiting) + 1;
    const row = () => ({ [key]: id, seq, event: make(seq) }) as unknown as Rows[typeof table];
    try {
      await this.database.transaction('rw', log, async () => {
        const last = await log.where(`[${key}+seq]`).between([id, 0], [id, Infinity]).last();
        seq = Math.max(seq, (last?.seq ?? -1) + 1);
        // `add`, not `put`: another tab must never be written over.
        await log.add(row());
      });
    } catch (error) {
      this.keepWaiting(error, { table, row: row() });
    }
    return make(seq);
  }

  private keepWaiting<N extends TableName>(error: unknown, entry: { table: N; row: Rows[N] }): void {
    if (!isStorageTrouble(error)) throw error;
    this.pendingWrites.add(entry);
    this.pendingWrites.setTrouble('storage-full');
    this.retry ??= setTimeout(() => void this.writeWaiting(), RETRY_MS);
  }

  /** Tries to write what waits; goes on trying until it is stored. */
  async writeWaiting(): Promise<void> {
    if (this.retry !== null) clearTimeout(this.retry);
    this.retry = null;
    const entries = [...this.pendingWrites.waiting];
    try {
      for (const entry of entries) {
        await this.database.table(entry.table).put(entry.row);
        this.pendingWrites.remove([entry]);
      }
      this.pendingWrites.setTrouble(null);
    } catch {
      this.retry ??= setTimeout(() => void this.writeWaiting(), RETRY_MS);
    }
  }
}

/** Dexie wraps what the browser says; a full device is a quota error, sometimes inside an abort. */
const isStorageTrouble = (error: unknown): boolean => {
  const { name, inner } = error as { name?: string; inner?: { name?: string } | null };
  return name === 'QuotaExceededError' || inner?.name === 'QuotaExceededError' || name === 'AbortError';
};

/** Opens a kitchen's store; where the browser forbids one, a store in memory, said so. */
export const openKitchen = async (name: string): Promise<Kitchen> => {
  const kitchen = new Kitchen(name, new KitchenDatabase(name));
  try {
    await kitchen.database.open();
    return kitchen;
  } catch {
    const { IDBFactory, IDBKeyRange } = await import('fake-indexeddb');
    const indexedDB = new IDBFactory();
    // Live queries look here whether there is a database at all.
    Object.assign(Dexie.dependencies, { indexedDB, IDBKeyRange });
    const inMemory = new Kitchen(name, new KitchenDatabase(name, { indexedDB, IDBKeyRange }));
    await inMemory.database.open();
    inMemory.pendingWrites.setTrouble('storage-forbidden');
    return inMemory;
  }
};
