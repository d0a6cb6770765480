import { WORD_TERMS } from '../../core/book/index.ts';
import type { KitchenTable, LogTable } from '../../core/kitchen/index.ts';
import { LOG_OWNERS } from '../../core/kitchen/index.ts';
import type { Load, LoadPhoto, Lot, Prediction } from '../../core/log/index.ts';
import { lotFrom } from '../../core/log/index.ts';
import type { ToldLoad } from '../../core/lot/index.ts';
import type { KitchenDatabase, Rows, TableName } from './database.ts';
import { findInIndex } from './findInIndex.ts';
import type { Kitchen } from './kitchen.ts';
import type { Problems } from './problems.ts';
import { ownerOf } from './transaction.ts';

/** A range for each key: `anyOf` steps through an index row by row, which takes ten times as long in a large kitchen. */
const ofEach = async (keys: ReadonlySet<string>, rowsOf: (key: string) => PromiseLike<unknown[]>): Promise<unknown[]> =>
  (await Promise.all([...keys].map(rowsOf))).flat();

/** Asks the store by its indexes, lays over it what waits, and hands on only rows that can be read. */
export class Queries {
  private readonly database: KitchenDatabase;

  constructor(
    private readonly kitchen: Kitchen,
    private readonly problems: Problems,
  ) {
    this.database = kitchen.database;
  }

  /** Rows as they should be; the others are named and left out. */
  private sound<N extends TableName>(table: N, rows: readonly unknown[]): Rows[N][] {
    return rows.flatMap((raw) => {
      const checked = this.kitchen.checks.read(table, raw);
      if (checked === null) return [raw as Rows[N]];
      if (checked.ok) return [checked.row as unknown as Rows[N]];
      this.problems.note(checked.setAside);
      return [];
    });
  }

  private over<N extends TableName>(table: N, stored: readonly unknown[], matches?: (row: Rows[N]) => boolean): Rows[N][] {
    return [...this.kitchen.pendingWrites.overlay(table, this.sound(table, stored), matches)];
  }

  /** All rows of a table that stays small. */
  async all<N extends Exclude<TableName, LogTable | 'loads' | 'predictions' | 'commands'>>(table: N): Promise<Rows[N][]> {
    return this.over(table, await this.database.rows(table).toArray());
  }

  /** The newest revision of each formula or iron. */
  async newestRevisions<N extends 'formulas' | 'irons'>(table: N): Promise<Rows[N][]> {
    const ids = (await this.database.rows(table).orderBy('id').uniqueKeys()).map(String);
    const stored = await Promise.all(ids.map((id) => this.lastSound(table, id)));
    const newest = new Map<string, Rows[N]>();
    const waiting = this.over(table, []);
    for (const row of [...stored.flatMap((row) => row ?? []), ...waiting])
      if (row.rev >= (newest.get(row.id)?.rev ?? 0)) newest.set(row.id, row);
    return [...newest.values()].sort((a, b) => a.name.localeCompare(b.name));
  }

  /** A revision that can't be read doesn't hide the one before it. */
  private async lastSound<N extends 'formulas' | 'irons'>(table: N, id: string): Promise<Rows[N] | null> {
    const revisions = this.database.under(table, '[id+rev]', id);
    const [last] = this.sound(
      table,
      [await revisions.last()].filter((row) => row !== undefined),
    );
    if (last !== undefined) return last;
    return this.sound(table, await this.database.under(table, '[id+rev]', id).toArray()).at(-1) ?? null;
  }

  async revision<N extends 'formulas' | 'irons'>(table: N, id: string, rev: number): Promise<Rows[N] | null> {
    const stored = await this.database.raw(table).get([id, rev]);
    return this.over(table, stored === undefined ? [] : [stored], (row) => row.id === id && row.rev === rev).at(-1) ?? null;
  }

  /** Events of these logs in order, by owner. */
  async logs<L extends LogTable>(table: L, ownerIds: readonly string[]): Promise<ReadonlyMap<string, readonly Rows[L]['event'][]>> {
    const owner = LOG_OWNERS[table];
    const wanted = new Set(ownerIds);
    const stored = await ofEach(wanted, (id) => this.database.under(table, `[${owner}+seq]`, id).toArray());
    const logs = new Map<string, Rows[L]['event'][]>(ownerIds.map((id) => [id, []]));
    const rows = this.over(table, stored, (row) => wanted.has(ownerOf(table, row)));
    rows.sort((a, b) => a.seq - b.seq);
    for (const row of rows) logs.get(ownerOf(table, row))?.push(row.event);
    return logs;
  }

  private async byId<N extends 'lots' | 'predictions' | 'photos'>(table: N, ids: readonly string[]): Promise<Rows[N][]> {
    const wanted = new Set(ids);
    const stored = (await this.database.raw(table).bulkGet([...wanted])).filter((row) => row !== undefined);
    return this.over(table, stored, ({ id }) => wanted.has(id));
  }

  async predictions(ids: readonly string[]): Promise<ReadonlyMap<string, Prediction>> {
    return new Map((await this.byId('predictions', ids)).map((row) => [row.id, row]));
  }

  /** The newest loads of an iron, the oldest of them first. */
  async loadsOfIron(ironId: string, most: number): Promise<Load[]> {
    const stored = await this.database.under('loads', '[ironId+startedAt]', ironId).reverse().limit(most).toArray();
    const rows = this.over('loads', stored, (load) => load.ironId === ironId);
    return rows.sort((a, b) => a.startedAt - b.startedAt).slice(-most);
  }

  async loadsOfLots(lotIds: readonly string[]): Promise<Load[]> {
    const wanted = new Set(lotIds);
    const stored = await ofEach(wanted, (id) => this.database.table('loads').where('lotId').equals(id).toArray());
    return this.over('loads', stored, (load) => wanted.has(load.lotId)).sort((a, b) => a.startedAt - b.startedAt);
  }

  /** The pictures of these loads, by load. */
  async photosOf(loadIds: readonly string[]): Promise<ReadonlyMap<string, LoadPhoto>> {
    return new Map((await this.byId('photos', loadIds)).map((photo) => [photo.id, photo]));
  }

  /** Every load of a run, the oldest first. */
  async loadsOfRun(runId: string): Promise<Load[]> {
    const stored = await this.database.table('loads').where('runId').equals(runId).toArray();
    return this.over('loads', stored, (load) => load.runId === runId).sort((a, b) => a.startedAt - b.startedAt);
  }

  /** A page of all loads, the newest first. */
  async newestLoads(from: number, most: number): Promise<Load[]> {
    const stored = await this.database.table('loads').orderBy('startedAt').reverse().offset(from).limit(most).toArray();
    // What waits is newer than what is stored.
    return this.over('loads', stored, () => from === 0).sort((a, b) => b.startedAt - a.startedAt);
  }

  /** The same of one iron, or of a time: `ironId` null: of all; instants in ms, both may be infinite. */
  async loadsIn(ironId: string | null, [since, until]: readonly [number, number], from: number, most: number): Promise<Load[]> {
    const table = this.database.table('loads');
    const found =
      ironId === null
        ? table.where('startedAt').between(since, until, true, true)
        : table.where('[ironId+startedAt]').between([ironId, since], [ironId, until], true, true);
    const stored = await found.reverse().offset(from).limit(most).toArray();
    const isIn = (load: Load): boolean =>
      from === 0 && (ironId === null || load.ironId === ironId) && load.startedAt >= since && load.startedAt <= until;
    return this.over('loads', stored, isIn).sort((a, b) => b.startedAt - a.startedAt);
  }

  /** False: something was said of loads that isn't in the book's index yet. */
  async isIndexed(): Promise<boolean> {
    return (await this.database.rows('bookIndexDue').count()) === 0;
  }

  async countIndexed(): Promise<number> {
    return this.database.rows('bookIndex').count();
  }

  /** Every term of words that loads stand under. */
  async indexedWords(): Promise<string[]> {
    const [from, to] = WORD_TERMS;
    return (await this.database.rows('bookIndex').where('terms').between(from, to).uniqueKeys()).map(String);
  }

  /**
   * Loads that stand under one of each of these lists of terms, the newest first, with all that wait in memory: whether those do, nobody knows yet. Null:
   * nothing in the lists tells loads apart.
   */
  async foundLoads(
    lists: readonly (readonly string[])[],
    span: readonly [number, number],
    most: number,
  ): Promise<{ readonly loads: Load[]; readonly isAll: boolean } | null> {
    const found = await findInIndex(this.database, lists, span, most);
    if (found === null) return null;
    const ids = new Set([...found.ids, ...this.over('loadEvents', []).map(({ loadId }) => loadId)]);
    const stored = (await this.database.raw('loads').bulkGet([...ids])).filter((row) => row !== undefined);
    const isIn = ({ id, startedAt }: Load): boolean => ids.has(id) && startedAt >= span[0] && startedAt <= span[1];
    const loads = this.over('loads', stored, isIn).filter(isIn);
    return { loads: loads.sort((a, b) => b.startedAt - a.startedAt), isAll: found.isAll };
  }

  /** When the first load was poured, epoch ms; null: none was. */
  async oldestLoadAt(): Promise<number | null> {
    const stored = await this.database.rows('loads').orderBy('startedAt').limit(1).toArray();
    return this.over('loads', stored).reduce<number | null>((oldest, { startedAt }) => Math.min(oldest ?? startedAt, startedAt), null);
  }

  async countLoadsSince(at: number): Promise<number> {
    const isSince = ({ startedAt }: Load): boolean => startedAt > at;
    return (await this.database.rows('loads').where('startedAt').above(at).count()) + this.over('loads', [], isSince).length;
  }

  /** How many rows these tables of the kitchen have. */
  async rowCounts(tables: readonly KitchenTable[]): Promise<Readonly<Partial<Record<KitchenTable, number>>>> {
    const counts = await Promise.all(tables.map(async (table) => [table, await this.database.table(table).count()] as const));
    return Object.fromEntries(counts);
  }

  async countLoads(): Promise<number> {
    return (await this.database.table('loads').count()) + this.over('loads', []).length;
  }

  async countLoadsOfIron(ironId: string): Promise<number> {
    return (
      (await this.database.under('loads', '[ironId+startedAt]', ironId).count()) +
      this.over('loads', [], (load) => load.ironId === ironId).length
    );
  }

  async lots(ids: readonly string[]): Promise<Lot[]> {
    return this.withLogs(await this.byId('lots', ids));
  }

  /** Bowls mixed since then, with what happened to them, the oldest first. */
  async lotsSince(at: number): Promise<Lot[]> {
    const stored = await this.database.table('lots').where('madeAt').aboveOrEqual(at).toArray();
    return this.withLogs(this.over('lots', stored, ({ madeAt }) => madeAt >= at).sort((a, b) => a.madeAt - b.madeAt));
  }

  /** The newest bowls, whenever that was. */
  async newestLots(most: number): Promise<Lot[]> {
    const stored = await this.database.table('lots').orderBy('madeAt').reverse().limit(most).toArray();
    return this.withLogs(this.over('lots', stored).sort((a, b) => b.madeAt - a.madeAt));
  }

  private async withLogs(headers: readonly Rows['lots'][]): Promise<Lot[]> {
    const logs = await this.logs(
      'lotEvents',
      headers.map(({ id }) => id),
    );
    return headers.map((header) => lotFrom(header, logs.get(header.id) ?? []));
  }

  async newestWeighing(): Promise<Rows['weighings'] | null> {
    const stored = await this.database.raw('weighings').orderBy('startedAt').last();
    return (
      this.over('weighings', stored === undefined ? [] : [stored])
        .sort((a, b) => a.startedAt - b.startedAt)
        .at(-1) ?? null
    );
  }

  /** Loads with their logs and promises. */
  async withPromises(loads: readonly Load[]): Promise<readonly ToldLoad[]> {
    const [logs, predictions] = await Promise.all([
      this.logs(
        'loadEvents',
        loads.map(({ id }) => id),
      ),
      this.predictions(loads.map(({ predictionId }) => predictionId)),
    ]);
    return loads.map((load) => ({ load, log: logs.get(load.id) ?? [], prediction: predictions.get(load.predictionId) ?? null }));
  }
}

/**
 * The answer before where the new one says the same, and parts of it that are the same: so that what rests on them isn't reckoned again.
 */
export const settled = <T>(before: T | undefined, after: T): T => {
  if (before === undefined || before === null || typeof before !== 'object' || typeof after !== 'object' || after === null) return after;
  if (before instanceof Map && after instanceof Map) {
    const old = before as ReadonlyMap<unknown, unknown>;
    const next = new Map([...(after as ReadonlyMap<unknown, unknown>)].map(([key, value]) => [key, settled(old.get(key), value)]));
    return old.size === next.size && [...next].every(([key, value]) => old.get(key) === value) ? before : (next as T);
  }
  if (Array.isArray(before) && Array.isArray(after)) {
    const byKey = new Map((before as unknown[]).map((item, i) => [nameOf(item) ?? i, item]));
    const next = (after as unknown[]).map((item, i) => settled(byKey.get(nameOf(item) ?? i), item));
    return next.length === before.length && next.every((item, i) => item === before[i]) ? before : (next as T);
  }
  if (before instanceof Map || after instanceof Map || Array.isArray(before) || Array.isArray(after)) return after;
  const [old, next] = [before as Record<string, unknown>, after as Record<string, unknown>];
  const keys = Object.keys(next);
  const merged = Object.fromEntries(keys.map((key) => [key, settled(old[key], next[key])]));
  const isSame = Object.keys(old).length === keys.length && keys.every((key) => key in old && old[key] === merged[key]);
  return isSame ? before : (merged as T);
};

const nameOf = (item: unknown): string | null => {
  if (typeof item !== 'object' || item === null) return null;
  const { id, rev, seq } = item as { id?: unknown; rev?: unknown; seq?: unknown };
  return typeof id === 'string' ? `${id}/${typeof rev === 'number' ? rev : ''}` : typeof seq === 'number' ? `#${seq}` : null;
};
