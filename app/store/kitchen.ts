import { Dexie } from 'dexie';
import type { LoadEvent, NewLoadEvent } from '../../core/line/index.ts';
import type { LoadEventRow, Rows, TableName } from './database.ts';
import { KitchenDatabase } from './database.ts';
import { WaitingRoom } from './waiting.ts';

const RETRY_MS = 5000;

/** A kitchen's storage: every write goes through here, so that a full device never loses one. */
export class Kitchen {
  readonly waitingRoom = new WaitingRoom();
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
    const next = this.tail.then(() => this.appendNow(loadId, event, at));
    this.tail = next.catch(() => undefined);
    return next;
  }

  private async appendNow(loadId: string, event: NewLoadEvent, at: number): Promise<LoadEvent> {
    const waiting = this.waitingRoom.waiting.flatMap(({ table, row }) =>
      table === 'loadEvents' && (row as LoadEventRow).loadId === loadId ? [(row as LoadEventRow).seq] : [],
    );
    const log = this.database.rows('loadEvents');
    // Known before the store is asked, for when it can't answer.
    let seq = Math.max(-1, ...waiting) + 1;
    try {
      await this.database.transaction('rw', log, async () => {
        const last = await log.where('[loadId+seq]').between([loadId, 0], [loadId, Infinity]).last();
        seq = Math.max(seq, (last?.seq ?? -1) + 1);
        // `add`, not `put`: another tab must never be written over.
        await log.add({ loadId, seq, event: { ...event, seq, at } });
      });
    } catch (error) {
      this.keepWaiting(error, { table: 'loadEvents', row: { loadId, seq, event: { ...event, seq, at } } });
    }
    return { ...event, seq, at };
  }

  private keepWaiting<N extends TableName>(error: unknown, entry: { table: N; row: Rows[N] }): void {
    if (!isStorageTrouble(error)) throw error;
    this.waitingRoom.add(entry);
    this.waitingRoom.setTrouble('storage-full');
    this.retry ??= setTimeout(() => void this.writeWaiting(), RETRY_MS);
  }

  /** Tries to write what waits; goes on trying until it is stored. */
  async writeWaiting(): Promise<void> {
    if (this.retry !== null) clearTimeout(this.retry);
    this.retry = null;
    const entries = [...this.waitingRoom.waiting];
    try {
      for (const entry of entries) {
        await this.database.table(entry.table).put(entry.row);
        this.waitingRoom.remove([entry]);
      }
      this.waitingRoom.setTrouble(null);
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
    inMemory.waitingRoom.setTrouble('storage-forbidden');
    return inMemory;
  }
};
