import * as z from 'zod';
import type { Result } from '../basis/index.ts';
import { failure, success } from '../basis/index.ts';
import { Formula } from '../formula/index.ts';
import { KeepItem } from '../keep/index.ts';
import { Kit } from '../kit/index.ts';
import { Instant, Load, LoadEvent, Lot, Prediction } from '../log/index.ts';
import { Iron } from '../plate/index.ts';
import { PracticeRecord } from '../practice/index.ts';
import { Run } from '../run/index.ts';
import { Weighing, WeighEvent } from '../weigh/index.ts';
import { OwnIngredient } from '../matter/index.ts';
import { upgraded } from './upgrade.ts';

export const FILE_SCHEMA = 'tawny-lattice/kitchen';
/** Separate from the store's own version; an older file is upgraded, a newer one refused. */
export const FILE_VERSION = 2;
/** Larger files are refused before they are read. */
export const MOST_FILE_BYTES = 50 * 1024 * 1024;

const many = <T extends z.ZodType>(item: T) => z.array(item).max(200_000);

/** A whole kitchen in one file. Formulas and irons hold every revision. */
export const KitchenFile = z.object({
  schema: z.literal(FILE_SCHEMA),
  version: z.literal(FILE_VERSION),
  appVersion: z.string().max(40),
  exportedAt: Instant,
  kit: Kit,
  irons: many(Iron),
  /** The cook's own, from their labels. */
  ingredients: many(OwnIngredient),
  formulas: many(Formula),
  /** Bowls being weighed, and their logs. */
  weighings: many(Weighing),
  weighEvents: many(z.object({ weighingId: z.string().min(1).max(64), event: WeighEvent })),
  lots: many(Lot),
  predictions: many(Prediction),
  loads: many(Load),
  loadEvents: many(z.object({ loadId: z.string().min(1).max(64), event: LoadEvent })),
  runs: many(Run),
  keepItems: many(KeepItem),
  /** Exercises at the Practice station. */
  practices: many(PracticeRecord).default([]),
});
export type KitchenFile = z.infer<typeof KitchenFile>;

const FORBIDDEN_KEYS = new Set(['__proto__', 'constructor', 'prototype']);
const DEEPEST = 64;

/** Keys that would reach into an object's prototype; looked for before anything else is done with the value. */
const hasForbiddenKey = (value: unknown, depth = 0): boolean => {
  if (typeof value !== 'object' || value === null) return false;
  if (depth > DEEPEST) return true;
  if (Array.isArray(value)) return value.some((item) => hasForbiddenKey(item, depth + 1));
  return Object.entries(value).some(([key, member]) => FORBIDDEN_KEYS.has(key) || hasForbiddenKey(member, depth + 1));
};

/**
 * Reads a kitchen file. Errors: `file-too-large` {bytes, most}, `file-empty`, `file-not-json`, `file-forbidden-key`,
 * `file-foreign`, `file-newer` {version, known}, `file-broken` {where, why}, `file-unlinked` {what, id}.
 */
export const readKitchenFile = (text: string): Result<KitchenFile> => {
  if (text.length > MOST_FILE_BYTES) return failure('file-too-large', { bytes: text.length, most: MOST_FILE_BYTES });
  if (text.trim() === '') return failure('file-empty');
  let json: unknown;
  try {
    json = JSON.parse(text);
  } catch {
    return failure('file-not-json');
  }
  return checkKitchenFile(json);
};

export const checkKitchenFile = (json: unknown): Result<KitchenFile> => {
  if (hasForbiddenKey(json)) return failure('file-forbidden-key');
  const head = z.looseObject({ schema: z.literal(FILE_SCHEMA), version: z.int() }).safeParse(json);
  if (!head.success) return failure('file-foreign');
  if (head.data.version > FILE_VERSION) return failure('file-newer', { version: head.data.version, known: FILE_VERSION });
  const parsed = KitchenFile.safeParse(upgraded(json as Record<string, unknown>, head.data.version));
  if (!parsed.success) {
    const issue = parsed.error.issues[0];
    return failure('file-broken', { where: issue?.path.join('.') ?? '', why: issue?.message ?? '' });
  }
  return checkLinks(parsed.data);
};

/** A load whose log, lot, iron or prediction is missing could not be opened again. */
const checkLinks = (file: KitchenFile): Result<KitchenFile> => {
  const ids = (items: readonly { id: string }[]): Set<string> => new Set(items.map((item) => item.id));
  const [lots, irons, predictions, loads] = [ids(file.lots), ids(file.irons), ids(file.predictions), ids(file.loads)];
  for (const load of file.loads) {
    if (!lots.has(load.lotId)) return failure('file-unlinked', { what: 'lot', id: load.lotId });
    if (!irons.has(load.ironId)) return failure('file-unlinked', { what: 'iron', id: load.ironId });
    if (!predictions.has(load.predictionId)) return failure('file-unlinked', { what: 'prediction', id: load.predictionId });
  }
  for (const { loadId } of file.loadEvents) if (!loads.has(loadId)) return failure('file-unlinked', { what: 'load', id: loadId });
  const weighings = ids(file.weighings);
  for (const { weighingId } of file.weighEvents)
    if (!weighings.has(weighingId)) return failure('file-unlinked', { what: 'weighing', id: weighingId });
  return success(file);
};
