import { expose } from 'comlink';
import type { Failure } from '../../core/basis/index.ts';
import { makeIndex } from './bookIndex.ts';
import { KitchenDatabase } from './database.ts';
import type { Brought, HowTaken, Looked, Span, Waiting } from './exchange.ts';
import { exportedText, fileOf, lookedAt, readFile, replaceAll, withFile } from './exchange.ts';
import { isStorageFull } from './kitchen.ts';

export type Taken = {
  readonly setAside: readonly { readonly table: string; readonly key: string; readonly where: string; readonly why: string }[];
  readonly repaired: readonly { readonly table: string; readonly key: string }[];
  /** What a merge has added; null: the file stands in place of what was here. */
  readonly brought: Brought | null;
};

let abort: AbortController | null = null;

/** Import, export and the book's index off the page, on a connection of their own. `null`: given up. */
const api = {
  async write(name: string, exportedAt: number, waiting: Waiting, span: Span | null, progress: (done: number, all: number) => void) {
    const database = new KitchenDatabase(name);
    try {
      return await fileOf(exportedText(database, exportedAt, waiting, progress, span));
    } finally {
      database.close();
    }
  },

  async take(
    name: string,
    file: Blob,
    how: HowTaken,
    waiting: Waiting,
    progress: (done: number, all: number) => void,
  ): Promise<{ readonly ok: true; readonly taken: Taken } | { readonly ok: false; readonly failure: Failure } | null> {
    abort = new AbortController();
    const { signal } = abort;
    // Reading is the first half, writing the second.
    const read = await readFile(file, (done, all) => progress(done, 2 * all), signal);
    if (read === null) return null;
    if (!read.ok) return { ok: false, failure: read.failure };
    const { repaired } = read.value;
    const database = new KitchenDatabase(name);
    try {
      const { rows, setAside, brought } = await withFile(database, read.value, how, waiting);
      const isDone = await replaceAll(database, rows, setAside, (done, all) => progress(all + done, 2 * all), signal, how !== 'in place');
      return isDone ? { ok: true, taken: { setAside, repaired, brought } } : null;
    } catch (error) {
      return {
        ok: false,
        failure: isStorageFull(error)
          ? { code: 'storage-full', fields: {} }
          : { code: 'write-failed', fields: { why: error instanceof Error ? error.message : String(error) } },
      };
    } finally {
      database.close();
    }
  },

  /** What a file holds, without taking any of it. */
  async look(file: Blob, progress: (done: number, all: number) => void): Promise<Looked | null> {
    abort = new AbortController();
    const read = await readFile(file, progress, abort.signal);
    return read === null ? null : lookedAt(read);
  },

  async index(name: string): Promise<void> {
    const database = new KitchenDatabase(name);
    try {
      await makeIndex(database);
    } finally {
      database.close();
    }
  },

  cancel(): void {
    abort?.abort();
  },
};

export type ExchangeWorker = typeof api;
expose(api);
