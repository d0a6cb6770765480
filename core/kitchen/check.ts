import { LEAST_DIAL, LEAST_RANGE_K } from '../plate/index.ts';
import type { KitchenRow, KitchenTable } from './tables.ts';
import { rowKey, TABLES } from './tables.ts';
import type { RawRow } from './upgrade.ts';

/** A row that could not be read: which, where in it and why, and all that is in it as text. */
export type SetAside = { readonly table: string; readonly key: string; readonly where: string; readonly why: string; readonly raw: string };

/** A row that was put right, and what was wrong with it. */
export type Repaired = { readonly table: KitchenTable; readonly key: string; readonly what: 'dial-ends' };

export type CheckedRow<T extends KitchenTable> =
  | { readonly ok: true; readonly row: KitchenRow<T>; readonly repaired: Repaired | null }
  | { readonly ok: false; readonly setAside: SetAside };

const isRecord = (value: unknown): value is RawRow => typeof value === 'object' && value !== null && !Array.isArray(value);

/** How far apart the ends of a dial are put where somebody noted one value for both. */
const PUT_APART_K = 10;
const USUAL_MARKS = { min: 1, max: 5 };

/** An iron whose dial has two equal ends, as earlier versions let it be measured; null: nothing to put right. */
const withDialEnds = (iron: RawRow): RawRow | null => {
  const control = iron['control'];
  if (!isRecord(control)) return null;
  const [low, high] = control['type'] === 'dial' ? (['atMin_C', 'atMax_C'] as const) : (['min_C', 'max_C'] as const);
  const [from, to] = [control[low], control[high]];
  if ((control['type'] !== 'dial' && control['type'] !== 'thermostat') || typeof from !== 'number' || typeof to !== 'number') return null;
  const hasRange = to - from >= LEAST_RANGE_K;
  const [min, max] = [control['min'], control['max']];
  const hasMarks = control['type'] !== 'dial' || (typeof min === 'number' && typeof max === 'number' && max - min >= LEAST_DIAL);
  if ((hasRange && hasMarks) || !(Math.abs(to - from) < LEAST_RANGE_K || hasRange)) return null;
  const middle = (from + to) / 2;
  return {
    ...iron,
    control: {
      ...control,
      ...(hasRange ? {} : { [low]: middle - PUT_APART_K / 2, [high]: middle + PUT_APART_K / 2 }),
      ...(hasMarks ? {} : USUAL_MARKS),
    },
  };
};

const asText = (value: unknown): string => {
  try {
    const json: unknown = JSON.stringify(value);
    // Undefined and functions have none, whatever the types say.
    return typeof json === 'string' ? json : String(value);
  } catch {
    // A row that holds what JSON can't (a cycle, a big integer) was never written by this application.
    return String(value);
  }
};

/** A row of a store or a file, checked: sound, put right, or set aside with its name and its text. Never throws. */
export const checkRow = <T extends KitchenTable>(table: T, raw: unknown): CheckedRow<T> => {
  const key = isRecord(raw) ? rowKey(table, raw) : '?';
  const parsed = TABLES[table].safeParse(raw);
  if (parsed.success) return { ok: true, row: parsed.data as KitchenRow<T>, repaired: null };
  if (table === 'irons' && isRecord(raw)) {
    const repaired = withDialEnds(raw);
    const again = repaired === null ? null : TABLES.irons.safeParse(repaired);
    if (again?.success === true) return { ok: true, row: again.data as KitchenRow<T>, repaired: { table, key, what: 'dial-ends' } };
  }
  const [issue] = parsed.error.issues;
  return { ok: false, setAside: { table, key, where: issue?.path.join('.') ?? '', why: issue?.message ?? '', raw: asText(raw) } };
};
