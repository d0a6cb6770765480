import * as z from 'zod';
import type { Result } from '../basis/index.ts';
import { failure, Instant } from '../basis/index.ts';
import type { Intake } from './intake.ts';
import { KitchenIntake, SetAsideRow } from './intake.ts';
import type { KitchenTable } from './tables.ts';
import { KITCHEN_TABLES, TABLES } from './tables.ts';
import { NEWEST_VERSION } from './upgrade.ts';

export const FILE_SCHEMA = 'tawny-lattice/kitchen';
/** Separate from the store's own; an older file is upgraded, a newer one refused. */
export const FILE_VERSION = NEWEST_VERSION;
/** Largest file of a foreign hand that is read in one piece; our own are read row by row and may have any size. */
export const MOST_FOREIGN_BYTES = 50_000_000;

const { kits, ...REST } = TABLES;
const tables = Object.fromEntries(Object.entries(REST).map(([name, row]) => [name, z.array(row)])) as {
  [T in Exclude<KitchenTable, 'kits'>]: z.ZodArray<(typeof TABLES)[T]>;
};

/** A whole kitchen in one file. Formulas and irons hold every revision, the logs one row an event. */
export const KitchenFile = z.object({
  schema: z.literal(FILE_SCHEMA),
  version: z.literal(FILE_VERSION),
  appVersion: z.string().max(40),
  exportedAt: Instant,
  kit: kits,
  ...tables,
  /** Rows that the exporting kitchen could not read. */
  setAside: z.array(SetAsideRow).optional(),
});
export type KitchenFile = z.infer<typeof KitchenFile>;

const Head = z.looseObject({ schema: z.literal(FILE_SCHEMA), version: z.int().min(1) });

/** An intake for a file with this head. Errors: `file-foreign`; `file-newer` {version, known}. */
export const intakeFor = (head: unknown): Result<KitchenIntake> => {
  const parsed = Head.safeParse(head);
  if (!parsed.success) return failure('file-foreign');
  const { version } = parsed.data;
  if (version > FILE_VERSION) return failure('file-newer', { version, known: FILE_VERSION });
  return { ok: true, value: new KitchenIntake(version) };
};

/** Everything of a parsed document of any version. Errors: those of `intakeFor` and of `KitchenIntake.finish`. */
export const takeKitchen = (json: unknown): Result<Intake> => {
  const intake = intakeFor(json);
  if (!intake.ok) return intake;
  for (const [key, value] of Object.entries(json as Record<string, unknown>)) {
    if (key === 'kit') intake.value.add('kits', value);
    else if (key === 'setAside') for (const row of Array.isArray(value) ? value : [value]) intake.value.addSetAside(row);
    else if (Array.isArray(value)) for (const row of value as unknown[]) intake.value.add(key, row);
  }
  return intake.value.finish();
};

/**
 * Reads a kitchen file in one piece. Errors: `file-too-large` {bytes, most}, `file-empty`, `file-not-json`, and those of `takeKitchen`.
 */
export const readKitchenFile = (text: string): Result<Intake> => {
  if (text.length > MOST_FOREIGN_BYTES) return failure('file-too-large', { bytes: text.length, most: MOST_FOREIGN_BYTES });
  if (text.trim() === '') return failure('file-empty');
  let json: unknown;
  try {
    json = JSON.parse(text);
  } catch {
    return failure('file-not-json');
  }
  return takeKitchen(json);
};

/** An intake as one document. */
export const kitchenFileOf = (
  { rows, setAside }: Intake,
  head: { readonly appVersion: string; readonly exportedAt: number },
): KitchenFile => {
  const { kits: found, ...others } = rows;
  const [kit] = found;
  if (kit === undefined) throw new Error('an intake always has a kit');
  const mutable = Object.fromEntries(KITCHEN_TABLES.flatMap((table) => (table === 'kits' ? [] : [[table, [...others[table]]]])));
  return {
    schema: FILE_SCHEMA,
    version: FILE_VERSION,
    ...head,
    kit,
    ...(mutable as Omit<KitchenFile, 'schema' | 'version' | 'appVersion' | 'exportedAt' | 'kit' | 'setAside'>),
    ...(setAside.length === 0 ? {} : { setAside: [...setAside] }),
  };
};
