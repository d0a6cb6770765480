import { Dexie } from 'dexie';
import { LOG_OWNERS } from '../../core/kitchen/index.ts';
import type { LogTable } from '../../core/kitchen/index.ts';
import type { Load } from '../../core/log/index.ts';
import type { KnownRows, Rows, TableName } from './database.ts';
import { KitchenDatabase, keyText, STORE_VERSION } from './database.ts';
import { PendingWrites } from './pendingWrites.ts';
import type { Command, Done, LogEventOf, Transaction, Write } from './transaction.ts';
import { counted, logRow, numbered, ownerOf } from './transaction.ts';
import type { RowChecks } from './rowChecks.ts';

const RETRY_MS = 5000;
/** A command that was given this long ago isn't given again. */
const REMEMBERED_MS = 24 * 3_600_000;

/** A kitchen's storage: every write is a command and goes through here, so that a full device never loses one. */
export class Kitchen {
  readonly pendingWrites = new PendingWrites();
  private retry: ReturnType<typeof setTimeout> | null = null;
  /** Commands of one page go one after the other, in the order in which they were given. */
  private tail: Promise<unknown> = Promise.resolve();

  constructor(
    readonly name: string,
    readonly database: KitchenDatabase,
    readonly checks: RowChecks,
  ) {}

  /** What the page knows of it by now: see `refillWhenCleared`. */
  readonly known: { rows: () => KnownRows } = { rows: () => ({}) };

  /** Carries out a command; resolves once it is safely stored, or waits in memory while storage is full. Throws `CommandFailed`. */
  async do<R>(command: Command<R>): Promise<R> {
    return (await this.doTold(command)).result;
  }

  /** The same, and whether it changed anything. */
  doTold<R>(command: Command<R>): Promise<Done<R>> {
    const next = this.tail.then(() => this.doNow(command));
    this.tail = next.catch(() => undefined);
    return next;
  }

  private async doNow<R>(command: Command<R>): Promise<Done<R>> {
    // A later command must not be stored before an earlier one that still waits.
    if (this.pendingWrites.pending.length > 0) await this.flush();
    if (this.pendingWrites.pending.length > 0) return this.keepWaiting(command);
    try {
      return await this.carryOut(command);
    } catch (error) {
      // The browser closed the store under the touch: opened again, it is carried out there. It has its own id: twice is once.
      if (wasClosed(error)) return await this.carryOut(command);
      if (!isStorageFull(error)) throw error;
      return await this.keepWaiting(command);
    }
  }

  private carryOut<R>(command: Command<R>): Promise<Done<R>> {
    const { database } = this;
    const isSaidOfLoads = command.tables.includes('loadEvents');
    const names = [...new Set<TableName>([...command.tables, 'commands', ...(isSaidOfLoads ? (['bookIndexDue'] as const) : [])])];
    return database.transaction('rw', names, async () => {
      const done = await database.rows('commands').get(command.id);
      if (done !== undefined) return { result: done.result as R, outcome: 'repeated' };
      const { transaction, hasWritten } = counted(storedTransaction(database, this.checks));
      const result = await command.run(transaction);
      await database.rows('commands').add({ id: command.id, at: Date.now(), result });
      return { result, outcome: hasWritten() ? 'done' : 'unchanged' };
    });
  }

  /** Carried out in memory over what is stored; what it would write is shown, and it is tried again. */
  private async keepWaiting<R>(command: Command<R>): Promise<Done<R>> {
    const same = this.pendingWrites.pending.find((other) => other.command.id === command.id);
    if (same !== undefined) return { result: same.result as R, outcome: 'repeated' };
    const writes: Write[] = [];
    const removed: string[] = [];
    const { transaction, hasWritten } = counted(transactionInMemory(this, writes, removed));
    const result = await command.run(transaction);
    this.pendingWrites.add({ command, result, writes, removed });
    this.pendingWrites.setTrouble('storage-full');
    this.tryLater();
    return { result, outcome: hasWritten() ? 'done' : 'unchanged' };
  }

  private tryLater(): void {
    this.retry ??= setTimeout(() => {
      this.retry = null;
      this.tail = this.tail.then(() => this.flush()).catch(() => undefined);
    }, RETRY_MS);
  }

  /** Tries to carry out what waits, in order; goes on trying until it is stored. */
  writeWaiting(): Promise<void> {
    const next = this.tail.then(() => this.flush());
    this.tail = next.catch(() => undefined);
    return next;
  }

  private async flush(): Promise<void> {
    for (const waiting of this.pendingWrites.pending) {
      try {
        await this.carryOut(waiting.command);
      } catch (error) {
        if (isStorageFull(error)) {
          this.tryLater();
          return;
        }
        // By now it can't be done any more: another tab was first. What it would have written is no longer shown, and that is said.
        this.pendingWrites.setTrouble('storage-failing');
      }
      this.pendingWrites.remove(waiting);
    }
    if (this.pendingWrites.trouble === 'storage-full') this.pendingWrites.setTrouble(null);
  }

  /** Forgets old commands: nobody gives them again. */
  async tidy(now: number): Promise<void> {
    await this.database
      .rows('commands')
      .where('at')
      .below(now - REMEMBERED_MS)
      .delete();
  }
}

/** Reads and writes within the transaction that is open. */
const storedTransaction = (database: KitchenDatabase, checks: RowChecks): Transaction => ({
  get: (table, key) => database.rows(table).get(key),
  newest: (table, id) => database.under(table, '[id+rev]', id).last(),
  log: async (table, ownerId) => (await logRows(database, table, ownerId)).map(({ event }) => event),
  loadsOn: (ironId) => newestLoadsOn(database, ironId),
  add: async (table, row) => {
    checks.write(table, row);
    await database.rows(table).add(row);
  },
  put: async (table, row) => {
    checks.write(table, row);
    await database.rows(table).put(row);
  },
  remove: async (table, key) => {
    await database.table(table).delete(key);
  },
  append: async (table, ownerId, event) => {
    const last = await database.under(table, `[${LOG_OWNERS[table]}+seq]`, ownerId).last();
    const next = numbered<typeof table>(event, (last?.seq ?? -1) + 1);
    const row = logRow(table, ownerId, next);
    checks.write(table, row);
    // `add`, not `put`: another tab must never be written over.
    await database.rows(table).add(row as never);
    // What it says is in the book's index before somebody looks there next.
    if (table === 'loadEvents') await database.rows('bookIndexDue').put({ id: ownerId });
    return next;
  },
});

/** A pour that was taken back leaves a load of which nothing happened: a few before the newest are looked at too. */
const LOADS_LOOKED_BACK = 12;

const newestLoadsOn = (database: KitchenDatabase, ironId: string): PromiseLike<Load[]> =>
  database.under('loads', '[ironId+startedAt]', ironId).reverse().limit(LOADS_LOOKED_BACK).toArray();

const logRows = <L extends LogTable>(database: KitchenDatabase, table: L, ownerId: string): PromiseLike<Rows[L][]> =>
  database.under(table, `[${LOG_OWNERS[table]}+seq]`, ownerId).toArray();

/** The same over what is stored and what waits; writes are only collected. */
const transactionInMemory = ({ database, pendingWrites, checks }: Kitchen, writes: Write[], removed: string[]): Transaction => {
  const overlay = <N extends TableName>(table: N, stored: readonly Rows[N][], matches: (row: Rows[N]) => boolean): readonly Rows[N][] => {
    const below = pendingWrites.overlay(table, stored, matches);
    const mine = writes.flatMap((write) => (write.table === table && matches(write.row as Rows[N]) ? [write.row as Rows[N]] : []));
    const keys = new Set(mine.map((row) => keyText(table, row)));
    return [...below.filter((row) => !keys.has(keyText(table, row)) && !removed.includes(`${table}/${keyText(table, row)}`)), ...mine];
  };
  const collect = <N extends TableName>(table: N, row: Rows[N]): Promise<void> => {
    checks.write(table, row);
    writes.push({ table, row } as unknown as Write);
    return Promise.resolve();
  };
  const log = async <L extends LogTable>(table: L, ownerId: string): Promise<readonly LogEventOf<L>[]> => {
    const isMine = (row: Rows[L]): boolean => ownerOf(table, row) === ownerId;
    const rows = overlay(table, await logRows(database, table, ownerId), isMine);
    return rows.map(({ event }) => event as LogEventOf<L>).sort((a, b) => a.seq - b.seq);
  };
  return {
    get: async (table, key) => {
      const stored = await database.rows(table).get(key);
      return overlay(table, stored === undefined ? [] : [stored], (row) => keyText(table, row) === key).at(-1);
    },
    newest: async (table, id) => {
      const stored = await database.under(table, '[id+rev]', id).toArray();
      const all = overlay(table, stored, (row) => row.id === id);
      return [...all].sort((a, b) => a.rev - b.rev).at(-1);
    },
    log,
    loadsOn: async (ironId) => {
      const all = overlay('loads', await newestLoadsOn(database, ironId), (row) => row.ironId === ironId);
      return [...all].sort((a, b) => b.startedAt - a.startedAt);
    },
    add: collect,
    put: collect,
    remove: (table, key) => {
      removed.push(`${table}/${key}`);
      return Promise.resolve();
    },
    append: async (table, ownerId, event) => {
      const seq = ((await log(table, ownerId)).at(-1)?.seq ?? -1) + 1;
      const next = numbered<typeof table>(event, seq);
      await collect(table, logRow(table, ownerId, next) as never);
      return next;
    },
  };
};

/** A full device is a quota error, sometimes inside an abort; an abort alone is not. */
export const isStorageFull = (error: unknown): boolean => {
  const { name, inner } = error as { name?: string; inner?: { name?: string } | null };
  return name === 'QuotaExceededError' || inner?.name === 'QuotaExceededError';
};

/** The browser clears a store by closing it: what was being written is given up. */
const wasClosed = (error: unknown): boolean => {
  const { name, message } = error as { name?: string; message?: string };
  return name === 'DatabaseClosedError' || (name === 'AbortError' && message?.includes('connection was closed') === true);
};

/** Why a store could not be opened. */
export type OpenTrouble = { readonly kind: 'newer' | 'blocked' | 'broken'; readonly name: string; readonly message: string };

export type OpenedKitchen = { readonly ok: true; readonly kitchen: Kitchen } | { readonly ok: false; readonly trouble: OpenTrouble };

/** Browsers say so where a page may not store anything at all. */
const FORBIDDEN: ReadonlySet<string> = new Set([
  'SecurityError',
  'InvalidAccessError',
  'InvalidStateError',
  'MissingAPIError',
  'NotAllowedError',
]);

/** The version of a store as it lies there, without touching it; 0: there is none, or it can't be told. */
const versionOf = (name: string): Promise<number> =>
  new Promise((resolve) => {
    try {
      const request = indexedDB.open(name);
      request.onupgradeneeded = () => request.transaction?.abort();
      request.onerror = (event) => {
        event.preventDefault();
        resolve(0);
      };
      request.onblocked = () => resolve(0);
      request.onsuccess = () => {
        const { version } = request.result;
        request.result.close();
        resolve(version);
      };
    } catch {
      resolve(0);
    }
  });

/** The database's own versions are ten times ours; in between it counts its own repairs. */
const NATIVE_PER_VERSION = 10;

/** A store that can't be opened within this time is held by somebody. */
const OPENS_WITHIN_MS = 20_000;

/**
 * Opens a kitchen's store. Where the browser forbids one, a store in memory, said so; a store that a newer version wrote, that another tab holds or
 * that is broken is named and never silently replaced.
 */
export const openKitchen = async (name: string, within_ms = OPENS_WITHIN_MS): Promise<OpenedKitchen> => {
  const { ROW_CHECKS } = await import('./rowChecks.ts');
  const kitchen = new Kitchen(name, new KitchenDatabase(name), ROW_CHECKS);
  let timer: ReturnType<typeof setTimeout> | undefined;
  const noAnswer = new Promise<never>((_, reject) => {
    timer = setTimeout(() => reject(Object.assign(new Error('no answer'), { name: 'BlockedError' })), within_ms);
  });
  try {
    // A newer one would be opened all the same, and changed.
    if ((await Promise.race([versionOf(name), noAnswer])) >= (STORE_VERSION + 1) * NATIVE_PER_VERSION)
      return { ok: false, trouble: { kind: 'newer', name, message: 'written by a newer version' } };
    await Promise.race([kitchen.database.open(), noAnswer]);
    return { ok: true, kitchen };
  } catch (error) {
    const { name: errorName = '', message = '', inner } = error as { name?: string; message?: string; inner?: { name?: string } | null };
    const names = [errorName, inner?.name ?? ''];
    if (names.some((one) => FORBIDDEN.has(one))) return { ok: true, kitchen: await kitchenInMemory(name) };
    kitchen.database.close();
    const kind = names.includes('VersionError') ? 'newer' : names.includes('BlockedError') ? 'blocked' : 'broken';
    return { ok: false, trouble: { kind, name, message: message === '' ? errorName : message } };
  } finally {
    clearTimeout(timer);
  }
};

/** Everything lives in memory, and that is said. */
export const kitchenInMemory = async (name: string): Promise<Kitchen> => {
  const [{ IDBFactory, IDBKeyRange }, { ROW_CHECKS }] = await Promise.all([import('fake-indexeddb'), import('./rowChecks.ts')]);
  const indexedDB = new IDBFactory();
  // Live queries look here whether there is a database at all.
  Object.assign(Dexie.dependencies, { indexedDB, IDBKeyRange });
  const kitchen = new Kitchen(name, new KitchenDatabase(name, { indexedDB, IDBKeyRange }), ROW_CHECKS);
  await kitchen.database.open();
  kitchen.pendingWrites.setTrouble('storage-forbidden');
  return kitchen;
};
