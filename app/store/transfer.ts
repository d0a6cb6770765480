import type { Remote } from 'comlink';
import { proxy, wrap } from 'comlink';
import type { Failure } from '../../core/basis/index.ts';
import { KITCHEN_TABLES } from '../../core/kitchen/index.ts';
import { WHOLE_INDEX } from './database.ts';
import type { HowTaken, Looked, Progress, Span, Waiting } from './exchange.ts';
import type { ExchangeWorker, Taken } from './exchange.worker.ts';
import type { Kitchen } from './kitchen.ts';

/** Where everything lives in memory there is nothing that a worker could open. */
const isInMemory = (kitchen: Kitchen): boolean => kitchen.pendingWrites.trouble === 'storage-forbidden';

const withWorker = async <T>(task: (worker: Remote<ExchangeWorker>) => Promise<T>): Promise<T> => {
  const worker = new Worker(new URL('exchange.worker.ts', import.meta.url), { type: 'module', name: 'exchange' });
  try {
    const crashed = new Promise<never>((_, reject) => {
      worker.onerror = () => reject(new Error('the exchange stopped by itself'));
    });
    return await Promise.race([task(wrap<ExchangeWorker>(worker)), crashed]);
  } finally {
    worker.terminate();
  }
};

/** Rows that only live in memory so far. */
const waitingOf = ({ pendingWrites }: Kitchen): Waiting =>
  Object.fromEntries(
    KITCHEN_TABLES.map((table) => [table, pendingWrites.overlay(table, [])]).filter(([, rows]) => (rows as unknown[]).length > 0),
  ) as Waiting;

/** Everything in the kitchen as one file, off the page; with `span`, what was then. */
export const exportKitchen = async (
  kitchen: Kitchen,
  exportedAt: number,
  progress: Progress = () => undefined,
  span: Span | null = null,
): Promise<{ readonly blob: Blob; readonly isCompressed: boolean }> => {
  const waiting = waitingOf(kitchen);
  if (!isInMemory(kitchen)) return withWorker((worker) => worker.write(kitchen.name, exportedAt, waiting, span, proxy(progress)));
  const { exportedText, fileOf } = await import('./exchange.ts');
  return fileOf(exportedText(kitchen.database, exportedAt, waiting, progress, span));
};

/** The book's index, brought up to what the logs say; off the page where the whole of it is made. */
export const bringIndexUp = async (kitchen: Kitchen): Promise<void> => {
  const isWhole = (await kitchen.database.rows('bookIndexDue').get(WHOLE_INDEX)) !== undefined;
  if (isWhole && !isInMemory(kitchen)) return withWorker((worker) => worker.index(kitchen.name));
  const { makeIndex } = await import('./bookIndex.ts');
  return makeIndex(kitchen.database);
};

/** What a file holds, before anything of it is taken; null: given up. */
export const lookAtFile = async (
  kitchen: Kitchen,
  file: Blob,
  progress: Progress = () => undefined,
  signal?: AbortSignal,
): Promise<Looked | null> => {
  if (!isInMemory(kitchen))
    return withWorker<Looked | null>(async (worker) => {
      signal?.addEventListener('abort', () => void worker.cancel(), { once: true });
      return await worker.look(file, proxy(progress));
    });
  const { lookedAt, readFile } = await import('./exchange.ts');
  const read = await readFile(file, progress, signal);
  return read === null ? null : lookedAt(read);
};

export type { HowTaken, Looked } from './exchange.ts';
export type ImportResult = { readonly ok: true; readonly taken: Taken } | { readonly ok: false; readonly failure: Failure };

/**
 * Reads and takes over a file, off the page; all or nothing. Null: given up, nothing has changed. What waited for room is replaced, or merged with, too.
 */
export const importKitchen = async (
  kitchen: Kitchen,
  file: Blob,
  how: HowTaken,
  progress: Progress = () => undefined,
  signal?: AbortSignal,
): Promise<ImportResult | null> => {
  const result = isInMemory(kitchen)
    ? await importHere(kitchen, file, how, progress, signal)
    : await importThere(kitchen, file, how, progress, signal);
  if (result?.ok === true) {
    kitchen.pendingWrites.clear();
    if (!isInMemory(kitchen)) kitchen.pendingWrites.setTrouble(null);
  }
  return result;
};

const importThere = (kitchen: Kitchen, file: Blob, how: HowTaken, progress: Progress, signal?: AbortSignal): Promise<ImportResult | null> =>
  withWorker<ImportResult | null>(async (worker) => {
    signal?.addEventListener('abort', () => void worker.cancel(), { once: true });
    return await worker.take(kitchen.name, file, how, waitingOf(kitchen), proxy(progress));
  });

const importHere = async (
  kitchen: Kitchen,
  file: Blob,
  how: HowTaken,
  progress: Progress,
  signal?: AbortSignal,
): Promise<ImportResult | null> => {
  const { readFile, replaceAll, withFile } = await import('./exchange.ts');
  const read = await readFile(file, progress, signal);
  if (read === null || !read.ok) return read;
  const { repaired } = read.value;
  const { rows, setAside, brought } = await withFile(kitchen.database, read.value, how, waitingOf(kitchen));
  const isDone = await replaceAll(kitchen.database, rows, setAside, progress, signal, how !== 'in place');
  return isDone ? { ok: true, taken: { setAside, repaired, brought } } : null;
};
