import type { Collection, Table } from 'dexie';
import { Dexie } from 'dexie';
import type { KitchenRow, KitchenTable, RawRow, SetAside } from '../../core/kitchen/index.ts';
import { isLogTable, LOG_OWNERS, upgradedRows } from '../../core/kitchen/index.ts';
import type { OnPlate } from '../../core/plate/index.ts';

/** What is being worked on: the choices that a reload must bring back. Not part of the book, and not of an exported file. */
export type Workspace = {
  readonly id: 'workspace';
  readonly formulaId: string;
  readonly ironId: string;
  /** What is wished; null: as is usual for the iron. */
  readonly target: { readonly tawny: number | null; readonly crisp: number | null };
  readonly batter_C: number;
  readonly load: number;
  readonly preheat_s: number | null;
  readonly runId: string | null;
  /** From the pour to the closed lid, and what is scattered in. */
  readonly delay_s?: number;
  readonly onPlate?: OnPlate | null;
  /** When a pan is turned over, s; null or left out: at once. */
  readonly turn_s?: number | null;
  /** How light a piece is wished, 1 (airy) to 5 (dense); null or left out: as it comes. */
  readonly lightness?: number | null;
  /** An iron whose loads are left aside for once: its figures are those of a new one. */
  readonly asNewIronId?: string | null;
};

/** Where neither a run nor a kit says anything. */
export const EMPTY_WORKSPACE: Workspace = {
  id: 'workspace',
  formulaId: '',
  ironId: '',
  target: { tawny: null, crisp: null },
  batter_C: 20,
  load: 1,
  preheat_s: null,
  runId: null,
};

/** A command that was carried out, and what came of it: doing it again does nothing. */
export type DoneCommand = { readonly id: string; readonly at: number; readonly result: unknown };

/**
 * What a load is found by, made from its log and never exported. `at`: its instant with the sign turned, ms, so that the newest come first in the order of
 * the keys, which a browser reads many times faster than backwards.
 */
export type IndexRow = { readonly at: number; readonly id: string; readonly terms: readonly string[] };

/** A load of which something was said since the index was made, by its id; or the whole of it, as far as it isn't made yet: loads after this id. */
export type IndexDue = { readonly id: string; readonly after?: string };
export const WHOLE_INDEX = '*';

/** Every table by name, with what its rows are: those of the kitchen, and those of this browser alone. */
export type Rows = { [T in KitchenTable]: KitchenRow<T> } & {
  workspaces: Workspace;
  commands: DoneCommand;
  setAside: SetAside & { readonly id: string };
  bookIndex: IndexRow;
  bookIndexDue: IndexDue;
};
export type TableName = keyof Rows;
/** Rows that a page knows of its kitchen, by table. */
export type KnownRows = { readonly [N in TableName]?: readonly Rows[N][] };

/** Bumped when the tables change; separate from the version of the exported file. */
export const STORE_VERSION = 6;

/** Keys and indexes, as every version had them; a version's own never changes. */
const FIRST = {
  kits: 'id',
  benches: 'id',
  irons: '[id+rev]',
  formulas: '[id+rev]',
  lots: 'id',
  predictions: 'id',
  loads: 'id, startedAt',
  loadEvents: '[loadId+seq], loadId',
  runs: 'id',
  keepItems: 'id',
} as const;
const SECOND = {
  ...FIRST,
  ingredients: 'id',
  weighings: 'id',
  weighEvents: '[weighingId+seq], weighingId',
  practices: 'id',
} as const;
const THIRD = {
  kits: 'id',
  workspaces: 'id',
  irons: '[id+rev], id',
  ingredients: 'id',
  formulas: '[id+rev], id',
  weighings: 'id, startedAt',
  weighEvents: '[weighingId+seq], weighingId',
  lots: 'id, madeAt',
  lotEvents: '[lotId+seq], lotId',
  predictions: 'id',
  loads: 'id, startedAt, [ironId+startedAt], lotId, runId',
  loadEvents: '[loadId+seq], loadId',
  runs: 'id, serveAt',
  keepItems: 'id, from',
  practices: 'id, levelId',
  commands: 'id, at',
  setAside: 'id',
} as const;
const FOURTH: Readonly<Record<Exclude<TableName, 'photos'>, string>> = {
  ...THIRD,
  bookIndex: '[at+id], *terms',
  bookIndexDue: 'id',
};

const SIXTH: Readonly<Record<TableName, string>> = { ...FOURTH, photos: 'id' };

/** Tables whose rows the upgrade to version 3 changes. Its steps leave a row of version 2 as it is where version 1 had less. */
const CHANGED_BY_3 = ['kits', 'lots', 'runs', 'benches'] as const;

export class KitchenDatabase extends Dexie {
  constructor(name: string, options?: { indexedDB: IDBFactory; IDBKeyRange: typeof IDBKeyRange }) {
    // An event that was answered for must survive a crash of the whole device.
    // Its cache keeps a listener for every query ever asked: a morning at the line would leave some hundred thousand behind.
    super(name, { chromeTransactionDurability: 'strict', cache: 'disabled', ...options });
    this.version(1).stores(FIRST);
    this.version(2).stores(SECOND);
    this.version(3)
      .stores({ ...THIRD, benches: null })
      .upgrade(async (transaction) => {
        for (const name of CHANGED_BY_3) {
          const rows = (await transaction.table(name).toArray()) as RawRow[];
          if (name !== 'benches') await transaction.table(name).clear();
          for (const row of rows)
            for (const upgraded of upgradedRows({ table: name, row }, 1)) await transaction.table(upgraded.table).put(upgraded.row);
        }
      });
    this.version(4)
      .stores(FOURTH)
      .upgrade((transaction) => transaction.table('bookIndexDue').put({ id: WHOLE_INDEX }));
    this.version(5)
      .stores(FOURTH)
      .upgrade(async (transaction) => {
        const runs = (await transaction.table('runs').toArray()) as RawRow[];
        for (const run of runs)
          for (const { table, row } of upgradedRows({ table: 'runs', row: run }, 4)) await transaction.table(table).put(row);
      });
    this.version(STORE_VERSION).stores(SIXTH);
  }

  /** The rows under the first part of a double key or index, in the order of the second. */
  under<N extends TableName>(name: N, index: `[${string}+${string}]`, first: string): Collection<Rows[N]> {
    return this.rows(name).where(index).between([first, Dexie.minKey], [first, Dexie.maxKey]) as Collection<Rows[N]>;
  }

  rows<N extends TableName>(name: N): Table<Rows[N]> {
    return this.table(name);
  }

  /** The same as they lie there: a row may be anything until it is checked. */
  raw(name: TableName): Table<unknown> {
    return this.table(name);
  }
}

/** The primary key of a row, as the table has it. */
export const keyOf = <N extends TableName>(name: N, row: Rows[N]): string | [string | number, string | number] => {
  const fields = row as unknown as Readonly<Record<string, string & number>>;
  if (name in LOG_OWNERS && isLogTable(name)) return [fields[LOG_OWNERS[name]]!, fields['seq']!];
  if (name === 'bookIndex') return [fields['at']!, fields['id']!];
  return name === 'irons' || name === 'formulas' ? [fields['id']!, fields['rev']!] : fields['id']!;
};

/** The same as text. */
export const keyText = <N extends TableName>(name: N, row: Rows[N]): string => String(keyOf(name, row));
