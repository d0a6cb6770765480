import type { Failure, Result } from '../../core/basis/index.ts';
import { DEFAULT_KIT } from '../../core/kit/index.ts';
import type { Intake, KitchenRows, KitchenTable, Mergeable, RawRow, SetAside } from '../../core/kitchen/index.ts';
import {
  asAnother,
  broughtBy,
  checkRow,
  closingText,
  isLogTable,
  KITCHEN_TABLES,
  kitHere,
  KitchenReader,
  LOG_OWNERS,
  merged,
  openingText,
  partText,
} from '../../core/kitchen/index.ts';
import type { KitchenDatabase, Rows } from './database.ts';
import { WHOLE_INDEX } from './database.ts';

export const APP_VERSION = '0.6.0';

/** How far it is; `done` and `all` in the same unit. */
export type Progress = (done: number, all: number) => void;

/** Rows in one piece: large enough to be quick, small enough that nothing else has to wait. */
const CHUNK = 1500;

/** The headers first, then what they point at: what is written while this is read never leaves a load without its promise. */
const ORDER: readonly Exclude<KitchenTable, 'kits'>[] = [
  'loads',
  'weighings',
  'predictions',
  'lots',
  'irons',
  'formulas',
  'ingredients',
  'runs',
  'keepItems',
  'practices',
  'photos',
  'loadEvents',
  'lotEvents',
  'weighEvents',
];

/** What waits in memory beside the store, for an export that must not lose it. */
export type Waiting = Partial<{ readonly [T in KitchenTable]: readonly Rows[T][] }>;

/** From an instant up to another, epoch ms. */
export type Span = { readonly from: number; readonly until: number };

/** When a row was, epoch ms: what is of no time goes with every file. */
const AT_FIELD: Partial<Readonly<Record<KitchenTable, string>>> = {
  loads: 'startedAt',
  weighings: 'startedAt',
  lots: 'madeAt',
  runs: 'serveAt',
  keepItems: 'from',
  practices: 'at',
  photos: 'takenAt',
};

/** What the loads of a time point at. */
type PointedAt = Readonly<Record<'predictions' | 'lots' | 'runs', Set<string>>>;

/** Which rows are of a time: those that were then, and what its loads point at, whenever that was. Loads are asked about first. */
const isOfSpan = ({ from, until }: Span, pointedAt: PointedAt, table: KitchenTable, row: RawRow): boolean => {
  const field = AT_FIELD[table];
  const at = field === undefined ? null : Number(row[field]);
  const isThen = at === null ? table !== 'predictions' : at >= from && at < until;
  if (table === 'loads' && isThen) {
    pointedAt.predictions.add(String(row['predictionId']));
    pointedAt.lots.add(String(row['lotId']));
    pointedAt.runs.add(String(row['runId']));
  }
  return isThen || (table in pointedAt && pointedAt[table as keyof PointedAt].has(String(row['id'])));
};

/** The rows of large tables that are of a time, by their indexes: a month of ten years isn't looked for row by row. Null: the table is read as a whole. */
const rowsOfSpan = async (
  database: KitchenDatabase,
  table: KitchenTable,
  { from, until }: Span,
  pointedAt: PointedAt,
  owned: ReadonlySet<string>,
): Promise<unknown[] | null> => {
  if (table === 'loads') return database.rows('loads').where('startedAt').between(from, until, true, false).toArray();
  if (table === 'predictions')
    return (await database.rows('predictions').bulkGet([...pointedAt.predictions])).filter((row) => row !== undefined);
  if (table === 'lots') {
    const then = await database.rows('lots').where('madeAt').between(from, until, true, false).toArray();
    const known = new Set(then.map(({ id }) => id));
    const others = await database.rows('lots').bulkGet([...pointedAt.lots].filter((id) => !known.has(id)));
    return [...then, ...others.filter((row) => row !== undefined)];
  }
  if (!isLogTable(table)) return null;
  const logs = await Promise.all([...owned].map((id) => database.under(table, `[${LOG_OWNERS[table]}+seq]`, id).toArray()));
  return logs.flat();
};

/** Rows of a table in pieces, in the order of their keys. */
async function* pieces(database: KitchenDatabase, table: KitchenTable): AsyncGenerator<unknown[]> {
  let after: unknown = null;
  for (;;) {
    const from = after === null ? database.raw(table).orderBy(':id') : database.raw(table).where(':id').above(after);
    const rows = await from.limit(CHUNK).toArray();
    if (rows.length === 0) return;
    yield rows;
    if (rows.length < CHUNK) return;
    after = keyIn(database, table, rows.at(-1));
  }
}

const keyIn = (database: KitchenDatabase, table: KitchenTable, row: unknown): unknown => {
  const { keyPath } = database.table(table).schema.primKey;
  const fields = row as RawRow;
  return Array.isArray(keyPath) ? keyPath.map((name) => fields[name]) : fields[keyPath!];
};

/**
 * The text of a file with everything that the store holds, piece by piece; with `span`, of what was then. Rows that can't be read go with it as they are, set
 * aside. `waiting`: laid over what is stored.
 */
export async function* exportedText(
  database: KitchenDatabase,
  exportedAt: number,
  waiting: Waiting = {},
  progress: Progress = () => undefined,
  span: Span | null = null,
): AsyncGenerator<string> {
  const pointedAt: PointedAt = { predictions: new Set(), lots: new Set(), runs: new Set() };
  const setAside: SetAside[] = (await database.rows('setAside').toArray()).map(({ id: _, ...aside }) => aside);
  const counts = await Promise.all(ORDER.map((table) => database.table(table).count()));
  const all = counts.reduce((sum, count) => sum + count, 1);
  let done = 0;
  const [storedKit] = await database.raw('kits').toArray();
  const kit = checkRow('kits', waiting.kits?.[0] ?? storedKit ?? DEFAULT_KIT);
  if (!kit.ok) setAside.push(kit.setAside);
  yield openingText({ appVersion: APP_VERSION, exportedAt }, kit.ok ? kit.row : DEFAULT_KIT);
  let before: string | null = null;
  const owners = new Map<KitchenTable, Set<string>>();
  for (const table of ORDER) {
    const over = new Map((waiting[table] ?? []).map((row) => [JSON.stringify(keyIn(database, table, row)), row as object]));
    const owned = isLogTable(table) ? owners.get(OWNED_BY[table]) : undefined;
    const ids = new Set<string>();
    owners.set(table, ids);
    const take = (raw: unknown): object[] => {
      const checked = checkRow(table, raw);
      if (!checked.ok) {
        setAside.push(checked.setAside);
        return [];
      }
      const row = checked.row as unknown as Record<string, string>;
      if (span !== null && !isOfSpan(span, pointedAt, table, row)) return [];
      // An event of a load that was poured after the loads had been read: in the next export.
      if (isLogTable(table) && owned !== undefined && !owned.has(row[LOG_OWNERS[table]] ?? '')) return [];
      if (row['id'] !== undefined) ids.add(row['id']);
      return [row];
    };
    const emit = (rows: readonly unknown[]): string => {
      const sound = rows.flatMap(take);
      if (sound.length === 0) return '';
      const text = partText({ table, rows: sound }, before);
      before = table;
      return text;
    };
    const then = span === null ? null : await rowsOfSpan(database, table, span, pointedAt, owned ?? new Set());
    for await (const rows of then === null ? pieces(database, table) : [then]) {
      const stored = rows.map((row) => {
        const key = JSON.stringify(keyIn(database, table, row));
        const newer = over.get(key);
        over.delete(key);
        return newer ?? row;
      });
      done += rows.length;
      progress(done, all);
      const text = emit(stored);
      if (text !== '') yield text;
    }
    const text = emit([...over.values()]);
    if (text !== '') yield text;
    // A table without rows is there, too.
    if (before !== table) {
      yield partText({ table, rows: [] }, before);
      before = table;
    }
  }
  if (setAside.length > 0) {
    yield partText({ table: 'setAside', rows: setAside }, before);
    before = 'setAside';
  }
  yield closingText(before);
  progress(all, all);
}

const OWNED_BY = { loadEvents: 'loads', lotEvents: 'lots', weighEvents: 'weighings' } as const;

/** Over this a file is compressed: smaller ones can be opened in any editor. */
const COMPRESSED_FROM_CHARS = 2_000_000;

/** Text into a file, compressed where it is large. */
export const fileOf = async (text: AsyncIterable<string>): Promise<{ readonly blob: Blob; readonly isCompressed: boolean }> => {
  const encoder = new TextEncoder();
  const parts: BlobPart[] = [];
  let size = 0;
  for await (const piece of text) {
    size += piece.length;
    parts.push(encoder.encode(piece));
  }
  const plain = new Blob(parts, { type: 'application/json' });
  if (size < COMPRESSED_FROM_CHARS || typeof CompressionStream === 'undefined') return { blob: plain, isCompressed: false };
  const compressed = await new Response(plain.stream().pipeThrough(new CompressionStream('gzip'))).blob();
  return { blob: new Blob([compressed], { type: 'application/gzip' }), isCompressed: true };
};

/** First bytes of a gzip file (RFC 1952). */
const isGzip = (bytes: Uint8Array): boolean => bytes[0] === 0x1f && bytes[1] === 0x8b;

/** Reads a file of any size, compressed or not. Errors: those of `KitchenReader`, and `file-not-json` where it can't be unpacked. */
export const readFile = async (file: Blob, progress: Progress = () => undefined, signal?: AbortSignal): Promise<Result<Intake> | null> => {
  const head = new Uint8Array(await file.slice(0, 2).arrayBuffer());
  let done = 0;
  const counted = file.stream().pipeThrough(
    new TransformStream<Uint8Array<ArrayBuffer>, Uint8Array<ArrayBuffer>>({
      transform: (bytes, controller) => {
        done += bytes.length;
        progress(done, file.size);
        controller.enqueue(bytes);
      },
    }),
  );
  const plain = isGzip(head) ? counted.pipeThrough(new DecompressionStream('gzip')) : counted;
  const reader = new KitchenReader();
  const decoder = new TextDecoder();
  try {
    const source = plain.getReader();
    for (;;) {
      if (signal?.aborted === true) {
        await source.cancel();
        return null;
      }
      const { done: isOver, value } = await source.read();
      if (isOver) break;
      if (!reader.push(decoder.decode(value, { stream: true }))) {
        await source.cancel();
        break;
      }
    }
    reader.push(decoder.decode());
  } catch {
    return { ok: false, failure: { code: 'file-not-json', fields: {} } };
  }
  return reader.finish();
};

/** How many rows of each table a file holds; or why it can't be read. */
export type Looked =
  | { readonly ok: true; readonly rows: Readonly<Record<KitchenTable, number>>; readonly unreadable: number }
  | { readonly ok: false; readonly failure: Failure };

export const lookedAt = (read: Result<Intake>): Looked =>
  read.ok
    ? {
        ok: true,
        rows: Object.fromEntries(KITCHEN_TABLES.map((table) => [table, read.value.rows[table].length])) as Record<KitchenTable, number>,
        unreadable: read.value.setAside.length,
      }
    : read;

export type Brought = ReturnType<typeof broughtBy>;

/** How a file is taken: in place of what is here, as more of the same kitchen, or as another kitchen's. */
export type HowTaken = 'in place' | 'merged' | 'beside';

/** What the store would hold with the file's rows in it; `brought`: what the file has added. */
export const withFile = async (
  database: KitchenDatabase,
  file: Mergeable,
  how: HowTaken,
  waiting: Waiting = {},
): Promise<Mergeable & { readonly brought: Brought | null }> => {
  if (how === 'in place') return { ...file, brought: null };
  const reader = new KitchenReader();
  for await (const piece of exportedText(database, 0, waiting)) reader.push(piece);
  const here = reader.finish();
  // What can't be read any more can't be merged with; nothing is touched.
  if (!here.ok) throw new Error(here.failure.code);
  const all = merged(here.value, how === 'beside' ? asAnother(file) : file);
  const [kit, both] = [here.value.rows.kits[0], all.rows.kits[0]];
  const kits = kit === undefined || both === undefined ? all.rows.kits : [kitHere(kit, both)];
  return { rows: { ...all.rows, kits }, setAside: all.setAside, brought: broughtBy(here.value, all) };
};

/** Replaces everything in the store, in one transaction: all of it or nothing. False: it was given up, nothing has changed. */
export const replaceAll = async (
  database: KitchenDatabase,
  rows: KitchenRows,
  setAside: readonly SetAside[] = [],
  progress: Progress = () => undefined,
  signal?: AbortSignal,
  /** What the cook is at stays. */
  stays = false,
): Promise<boolean> => {
  const all = KITCHEN_TABLES.reduce((sum, table) => sum + rows[table].length, 0);
  let done = 0;
  try {
    await database.transaction('rw', [...KITCHEN_TABLES, 'workspaces', 'commands', 'setAside', 'bookIndexDue'], async (transaction) => {
      for (const name of stays ? (['setAside'] as const) : (['workspaces', 'commands', 'setAside'] as const))
        await database.table(name).clear();
      await database.rows('bookIndexDue').put({ id: WHOLE_INDEX });
      if (setAside.length > 0)
        await database.table('setAside').bulkPut(setAside.map((aside) => ({ ...aside, id: `${aside.table}/${aside.key}/${aside.where}` })));
      for (const table of KITCHEN_TABLES) {
        await database.table(table).clear();
        for (let from = 0; from < rows[table].length; from += CHUNK) {
          if (signal?.aborted === true) transaction.abort();
          await database.table(table).bulkPut(rows[table].slice(from, from + CHUNK));
          done += CHUNK;
          progress(Math.min(done, all), all);
        }
      }
    });
    return true;
  } catch (error) {
    if (signal?.aborted === true) return false;
    throw error;
  }
};
