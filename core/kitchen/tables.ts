import * as z from 'zod';
import { Formula } from '../formula/index.ts';
import { KeepItem } from '../keep/index.ts';
import { Kit } from '../kit/index.ts';
import { Load, LoadEvent, LoadPhoto, LotEvent, LotHeader, Prediction } from '../log/index.ts';
import { OwnIngredient } from '../matter/index.ts';
import { Iron } from '../plate/index.ts';
import { PracticeRecord } from '../practice/index.ts';
import { Run } from '../run/index.ts';
import { Weighing, WeighEvent } from '../weigh/index.ts';
import { isLogTable, LOG_OWNERS } from './logTables.ts';

const Id = z.string().min(1).max(64);
const Seq = z.int().min(0);

/**
 * Every table of a kitchen with the shape of its rows: one definition for the store and for the file. Irons and formulas hold all
 * revisions; the logs hold one row an event.
 */
export const TABLES = {
  kits: Kit,
  irons: Iron,
  /** The cook's own, from their labels. */
  ingredients: OwnIngredient,
  formulas: Formula,
  /** Bowls being weighed, and their logs. */
  weighings: Weighing,
  weighEvents: z.object({ weighingId: Id, seq: Seq, event: WeighEvent }),
  lots: LotHeader,
  lotEvents: z.object({ lotId: Id, seq: Seq, event: LotEvent }),
  predictions: Prediction,
  loads: Load,
  loadEvents: z.object({ loadId: Id, seq: Seq, event: LoadEvent }),
  /** Pictures of what loads brought. */
  photos: LoadPhoto,
  runs: Run,
  keepItems: KeepItem,
  /** Exercises at the Practice station. */
  practices: PracticeRecord,
} as const;

export type KitchenTable = keyof typeof TABLES;
export type KitchenRow<T extends KitchenTable> = z.infer<(typeof TABLES)[T]>;
export const KITCHEN_TABLES = Object.keys(TABLES) as readonly KitchenTable[];

/** A row's name within its table: its key, as text. */
export const rowKey = (table: KitchenTable, row: Readonly<Record<string, unknown>>): string => {
  const text = (value: unknown): string => (typeof value === 'string' || typeof value === 'number' ? String(value) : '?');
  if (isLogTable(table)) return `${text(row[LOG_OWNERS[table]])}/${text(row['seq'])}`;
  return table === 'irons' || table === 'formulas' ? `${text(row['id'])}/${text(row['rev'])}` : text(row['id']);
};

export const isKitchenTable = (name: string): name is KitchenTable => Object.hasOwn(TABLES, name);
