import type { Table } from 'dexie';
import { Dexie } from 'dexie';
import type { Lot, Prediction, Load, LoadEvent } from '../../core/log/index.ts';
import { KIT_ADDED_IN_2 } from '../../core/kitchen/index.ts';
import type { Formula } from '../../core/formula/index.ts';
import type { KeepItem } from '../../core/keep/index.ts';
import type { Kit } from '../../core/kit/index.ts';
import type { OwnIngredient } from '../../core/matter/index.ts';
import type { Iron, OnPlate } from '../../core/plate/index.ts';
import type { PracticeRecord } from '../../core/practice/index.ts';
import type { Run } from '../../core/run/index.ts';
import type { Weighing, WeighEvent } from '../../core/weigh/index.ts';

/** One event of a load's log, as it lies in the store. */
export type LoadEventRow = { readonly loadId: string; readonly seq: number; readonly event: LoadEvent };

/** One event of a weighing's log. */
export type WeighEventRow = { readonly weighingId: string; readonly seq: number; readonly event: WeighEvent };

/** What lies on the bench: the choices a reload must bring back. Not part of the book. */
export type Workspace = {
  readonly id: 'bench';
  readonly formulaId: string;
  readonly ironId: string;
  readonly target: { readonly tawny: number; readonly crisp: number };
  readonly batter_C: number;
  readonly load: number;
  readonly preheat_s: number | null;
  readonly setting_C: number | null;
  readonly runId: string | null;
  /** From the pour to the closed lid, and what is scattered in. */
  readonly delay_s?: number;
  readonly onPlate?: OnPlate | null;
  /** When a pan is turned over, s; null or left out: at once. */
  readonly turn_s?: number | null;
  /** How light a piece is wished, 1 (airy) to 5 (dense); null or left out: as it comes. */
  readonly lightness?: number | null;
};

/** Every table by name, with what its rows are. Irons and formulas hold all revisions. */
export type Rows = {
  kits: Kit;
  benches: Workspace;
  irons: Iron;
  ingredients: OwnIngredient;
  formulas: Formula;
  weighings: Weighing;
  weighEvents: WeighEventRow;
  lots: Lot;
  predictions: Prediction;
  loads: Load;
  loadEvents: LoadEventRow;
  runs: Run;
  keepItems: KeepItem;
  practices: PracticeRecord;
};
export type TableName = keyof Rows;

/** Bumped when the tables change; separate from the version of the exported file. */
const STORE_VERSION = 2;

const KEYS: Readonly<Record<TableName, string>> = {
  kits: 'id',
  benches: 'id',
  irons: '[id+rev]',
  ingredients: 'id',
  formulas: '[id+rev]',
  weighings: 'id',
  weighEvents: '[weighingId+seq], weighingId',
  lots: 'id',
  predictions: 'id',
  loads: 'id, startedAt',
  loadEvents: '[loadId+seq], loadId',
  runs: 'id',
  keepItems: 'id',
  practices: 'id',
};

export class KitchenDatabase extends Dexie {
  constructor(name: string, options?: { indexedDB: IDBFactory; IDBKeyRange: typeof IDBKeyRange }) {
    // An event that was answered for must survive a crash of the whole device.
    super(name, { chromeTransactionDurability: 'strict', ...options });
    const { ingredients: _own, weighings: _weighings, weighEvents: _events, practices: _practices, ...first } = KEYS;
    this.version(1).stores(first);
    this.version(STORE_VERSION)
      .stores(KEYS)
      .upgrade(async (transaction) => {
        await transaction
          .table<Kit>('kits')
          .toCollection()
          .modify((kit) => void Object.assign(kit, { ...KIT_ADDED_IN_2, ...kit }));
        await transaction
          .table('lots')
          .toCollection()
          .modify((lot: Partial<Pick<Lot, 'weighed'>>) => void (lot.weighed ??= []));
      });
  }

  rows<N extends TableName>(name: N): Table<Rows[N]> {
    return this.table(name);
  }
}

/** The primary key of a row, as one text: what waits to be written replaces what is stored under the same key. */
export const keyOf = <N extends TableName>(name: N, row: Rows[N]): string => {
  if (name === 'irons' || name === 'formulas') {
    const { id, rev } = row as Iron | Formula;
    return `${id}/${rev}`;
  }
  if (name === 'loadEvents') {
    const { loadId, seq } = row as LoadEventRow;
    return `${loadId}/${seq}`;
  }
  if (name === 'weighEvents') {
    const { weighingId, seq } = row as WeighEventRow;
    return `${weighingId}/${seq}`;
  }
  return (row as { id: string }).id;
};
