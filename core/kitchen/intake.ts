import * as z from 'zod';
import type { Result } from '../basis/index.ts';
import { failure, success } from '../basis/index.ts';
import type { Repaired, SetAside } from './check.ts';
import { checkRow } from './check.ts';
import { sanitised } from './sanitised.ts';
import type { KitchenRow, KitchenTable } from './tables.ts';
import { LOG_OWNERS } from './logTables.ts';
import { isKitchenTable, KITCHEN_TABLES, rowKey } from './tables.ts';
import type { RawRow } from './upgrade.ts';
import { upgradedRows } from './upgrade.ts';

/** A row that an exporting kitchen could not read, handed on as it was. */
export const SetAsideRow = z.object({
  table: z.string().max(40),
  key: z.string().max(200),
  where: z.string().max(400),
  why: z.string().max(400),
  raw: z.string(),
});

export type KitchenRows = { readonly [T in KitchenTable]: readonly KitchenRow<T>[] };

/** What was taken from a file: sound rows by table, what could not be read, and what was put right. */
export type Intake = { readonly rows: KitchenRows; readonly setAside: readonly SetAside[]; readonly repaired: readonly Repaired[] };

/** A file of which more than this share can't be read isn't taken over: it would replace a kitchen by a ruin. */
const MOST_SET_ASIDE = 0.5;

/** Most of such a row that is handed on. */
const MOST_RAW = 100_000;
const unknownAside = (raw: unknown, why: string): SetAside => ({
  table: 'setAside',
  key: '',
  where: '',
  why,
  raw: JSON.stringify(raw).slice(0, MOST_RAW),
});

const emptyRows = (): { [T in KitchenTable]: KitchenRow<T>[] } =>
  Object.fromEntries(KITCHEN_TABLES.map((table) => [table, []])) as unknown as { [T in KitchenTable]: KitchenRow<T>[] };

/**
 * Takes the rows of a kitchen of any version one by one: upgrades, cleans and checks them. Same rows in the same order, same intake. Doubles
 * (a key that was there already) are set aside, the first one counts.
 */
export class KitchenIntake {
  private readonly rows = emptyRows();
  private readonly setAside: SetAside[] = [];
  private readonly repaired: Repaired[] = [];
  private readonly keys = new Map<KitchenTable, Set<string>>();
  private count = 0;

  constructor(private readonly version: number) {}

  /** A row as it stands in the file. A table that nobody knows is left out: a later version of the same file may have it. */
  add(table: string, raw: unknown): void {
    const clean = sanitised(raw);
    const row = typeof clean === 'object' && clean !== null && !Array.isArray(clean) ? (clean as RawRow) : null;
    if (row === null) {
      if (isKitchenTable(table)) this.take(table, clean);
      return;
    }
    for (const upgraded of upgradedRows({ table, row }, this.version))
      if (isKitchenTable(upgraded.table)) this.take(upgraded.table, upgraded.row);
  }

  /** A row that an export had already set aside: tried again, for what was wrong may have been this version's mistake. */
  addSetAside(raw: unknown): void {
    const checked = SetAsideRow.safeParse(raw);
    const aside = checked.success ? checked.data : unknownAside(raw, checked.error.issues[0]?.message ?? '');
    if (!isKitchenTable(aside.table)) {
      this.count++;
      this.setAside.push(aside);
      return;
    }
    try {
      this.take(aside.table, sanitised(JSON.parse(aside.raw)));
    } catch {
      this.count++;
      this.setAside.push(aside);
    }
  }

  private take(table: KitchenTable, raw: unknown): void {
    this.count++;
    const checked = checkRow(table, raw);
    if (!checked.ok) {
      this.setAside.push(checked.setAside);
      return;
    }
    const key = rowKey(table, checked.row);
    const known = this.keys.get(table) ?? new Set<string>();
    this.keys.set(table, known);
    if (known.has(key)) {
      this.putAside(table, checked.row, 'id', 'there is another with this id');
      return;
    }
    known.add(key);
    if (checked.repaired !== null) this.repaired.push(checked.repaired);
    (this.rows[table] as unknown[]).push(checked.row);
  }

  private putAside(table: KitchenTable, row: RawRow, where: string, why: string): void {
    this.setAside.push({ table, key: rowKey(table, row), where, why, raw: JSON.stringify(row) });
  }

  /** A load whose lot, iron or prediction is missing can't be opened again, nor a log without its load: set aside together. */
  private checkLinks(): void {
    const { rows } = this;
    const ids = (items: readonly { readonly id: string }[]): Set<string> => new Set(items.map((item) => item.id));
    const [lots, irons, predictions] = [ids(rows.lots), ids(rows.irons), ids(rows.predictions)];
    const split = <T extends KitchenTable>(
      table: T,
      missing: (row: KitchenRow<T>) => readonly [where: string, id: string] | null,
    ): void => {
      const all = rows[table] as KitchenRow<T>[];
      const kept = all.filter((row) => {
        const lost = missing(row);
        if (lost !== null) this.putAside(table, row, lost[0], `${lost[1]} is missing`);
        return lost === null;
      });
      if (kept.length < all.length) (rows as Record<KitchenTable, unknown>)[table] = kept;
    };
    split('loads', ({ lotId, ironId, predictionId }) =>
      !lots.has(lotId)
        ? ['lotId', lotId]
        : !irons.has(ironId)
          ? ['ironId', ironId]
          : predictions.has(predictionId)
            ? null
            : ['predictionId', predictionId],
    );
    const loads = ids(rows.loads);
    split('photos', ({ id }) => (loads.has(id) ? null : ['id', id]));
    const owners = { loadEvents: loads, lotEvents: lots, weighEvents: ids(rows.weighings) } as const;
    for (const table of ['loadEvents', 'lotEvents', 'weighEvents'] as const)
      split(table, (row) => {
        const owner = String((row as RawRow)[LOG_OWNERS[table]]);
        return owners[table].has(owner) ? null : [LOG_OWNERS[table], owner];
      });
  }

  /** All that was taken, however little; `kit` where none could be read. */
  salvage(kit: KitchenRow<'kits'>): Intake {
    if (this.rows.kits.length === 0) this.rows.kits.push(kit);
    this.checkLinks();
    return { rows: this.rows, setAside: this.setAside, repaired: this.repaired };
  }

  /** All that was taken. Errors: `file-broken` {where, why}: no kit, or most of it can't be read; `file-unlinked` {what, id}. */
  finish(): Result<Intake> {
    const unreadable = this.setAside.length;
    if (this.rows.kits.length === 0) {
      const aside = this.setAside.find(({ table }) => table === 'kits');
      return failure('file-broken', { where: `kit${aside === undefined ? '' : `.${aside.where}`}`, why: aside?.why ?? 'missing' });
    }
    this.checkLinks();
    if (this.setAside.length > MOST_SET_ASIDE * this.count) {
      const [first] = this.setAside;
      return unreadable === 0
        ? failure('file-unlinked', { what: this.setAside[0]?.where ?? '', id: this.setAside[0]?.key ?? '' })
        : failure('file-broken', {
            where: `${first?.table ?? ''} ${first?.key ?? ''} ${first?.where ?? ''}`.trim(),
            why: first?.why ?? '',
          });
    }
    return success({ rows: this.rows, setAside: this.setAside, repaired: this.repaired });
  }
}
