import { canonicalJson, inputsHash } from '../basis/index.ts';
import type { Kit } from '../kit/index.ts';
import type { SetAside } from './check.ts';
import type { KitchenRows } from './intake.ts';
import type { LogTable } from './logTables.ts';
import { isLogTable, LOG_OWNERS } from './logTables.ts';
import type { KitchenRow, KitchenTable } from './tables.ts';
import { isKitchenTable, KITCHEN_TABLES, rowKey } from './tables.ts';

/** A kitchen's rows, and those of which there was another with the same name: kept, and handed on by every export. */
export type Mergeable = { readonly rows: KitchenRows; readonly setAside: readonly SetAside[] };

type Row = Readonly<Record<string, unknown>>;

/** Greater in the order in which one of two rows wins that claim the same name: any order does, as long as every kitchen has the same. */
const greater = (a: Row, b: Row): Row => (canonicalJson(a) >= canonicalJson(b) ? a : b);

const DOUBLE = { where: 'id', why: 'there is another with this id' } as const;

/**
 * Two kitchens as one: every row of either is in it once. In whatever order kitchens are merged, and however often, the same comes of it (a join of
 * sets): a row that both hold otherwise under the same name is decided by an order that is the same everywhere, and the other one is set aside as it
 * is; of a log that went on in both, the events are put together by their instants. Of the kit, see `mergedKit`.
 */
export const merged = (a: Mergeable, b: Mergeable): Mergeable => {
  const aside = new Map<string, SetAside>();
  const keep = (one: SetAside): void => {
    const name = canonicalJson([one.table, one.key, one.raw]);
    const before = aside.get(name);
    aside.set(name, before === undefined || canonicalJson(one) > canonicalJson(before) ? one : before);
  };
  for (const one of [...a.setAside, ...b.setAside]) keep(one);
  const rows = Object.fromEntries(
    KITCHEN_TABLES.map((table) => {
      if (table === 'kits') return [table, mergedKit([...a.rows.kits, ...b.rows.kits])];
      if (isLogTable(table)) return [table, mergedLogs(table, a.rows[table], b.rows[table])];
      return [table, mergedTable(table, a.rows[table], b.rows[table], keep)];
    }),
  ) as unknown as KitchenRows;
  // What wins isn't set aside as well.
  const standing = new Map<string, Map<string, Row>>();
  const wins = ({ table, key, raw }: SetAside): boolean => {
    const found = standing.get(table) ?? (isKitchenTable(table) ? byKey(table, rows[table]) : new Map<string, Row>());
    standing.set(table, found);
    const row = found.get(key);
    return row !== undefined && canonicalJson(row) === canonicalOf(raw);
  };
  const left = [...aside.entries()]
    .filter(([, one]) => !wins(one))
    .sort(([x], [y]) => (x < y ? -1 : 1))
    .map(([, one]) => one);
  return { rows, setAside: left };
};

const canonicalOf = (raw: string): string => {
  try {
    return canonicalJson(JSON.parse(raw));
  } catch {
    return raw;
  }
};

const byKey = <T extends KitchenTable>(table: T, rows: readonly KitchenRow<T>[]): Map<string, Row> =>
  new Map(rows.map((row) => [rowKey(table, row), row as Row]));

const mergedTable = <T extends KitchenTable>(
  table: T,
  a: readonly KitchenRow<T>[],
  b: readonly KitchenRow<T>[],
  keep: (one: SetAside) => void,
): Row[] => {
  const found = byKey(table, a);
  for (const [key, row] of byKey(table, b)) {
    const other = found.get(key);
    if (other === undefined) found.set(key, row);
    else if (canonicalJson(other) !== canonicalJson(row)) {
      const winner = greater(other, row);
      found.set(key, winner);
      const loser = winner === row ? other : row;
      keep({ table, key, ...DOUBLE, raw: canonicalJson(loser) });
    }
  }
  return sortedBy([...found.entries()], ([key]) => key).map(([, row]) => row);
};

const sortedBy = <T>(items: readonly T[], key: (item: T) => string): T[] =>
  [...items].sort((x, y) => (key(x) < key(y) ? -1 : key(x) > key(y) ? 1 : 0));

type LogRow = Row & {
  readonly seq: number;
  readonly event: { readonly seq: number; readonly at: number; readonly kind: string; readonly data: Row };
};

/** Log by log: where one is the beginning of the other, the longer; else the events of both by their instants, numbered anew. */
const mergedLogs = (table: LogTable, a: readonly unknown[], b: readonly unknown[]): Row[] => {
  const owner = LOG_OWNERS[table];
  const logs = (rows: readonly unknown[]): Map<string, LogRow[]> => {
    const found = new Map<string, LogRow[]>();
    for (const row of rows as readonly LogRow[]) {
      const id = String(row[owner]);
      const log = found.get(id);
      if (log === undefined) found.set(id, [row]);
      else log.push(row);
    }
    for (const log of found.values()) log.sort((x, y) => x.seq - y.seq);
    return found;
  };
  const [mine, theirs] = [logs(a), logs(b)];
  const ids = sortedBy([...new Set([...mine.keys(), ...theirs.keys()])], (id) => id);
  return ids.flatMap((id) => mergedLog(owner, id, mine.get(id) ?? [], theirs.get(id) ?? []));
};

/** What an event says, apart from its number; an undo names what it undoes instead of its number. */
const contents = (log: readonly LogRow[]): ReadonlyMap<string, LogRow> => {
  const bySeq = new Map<number, string>();
  const found = new Map<string, LogRow>();
  for (const row of log) {
    const { at, kind, data } = row.event;
    const undone = kind === 'undone' && typeof data['seq'] === 'number' ? { undoes: bySeq.get(data['seq']) ?? '' } : data;
    const content = canonicalJson({ at, kind, data: undone });
    bySeq.set(row.seq, content);
    found.set(content, row);
  }
  return found;
};

const mergedLog = (owner: string, id: string, a: readonly LogRow[], b: readonly LogRow[]): Row[] => {
  const [mine, theirs] = [contents(a), contents(b)];
  // Nothing that isn't here already: as it is.
  if ([...theirs.keys()].every((content) => mine.has(content))) return [...a];
  if ([...mine.keys()].every((content) => theirs.has(content))) return [...b];
  const both = new Map([...mine, ...theirs]);
  const order = sortedBy([...both.keys()], (content) => `${String(both.get(content)?.event.at ?? 0).padStart(16, '0')} ${content}`);
  const newSeq = new Map(order.map((content, seq) => [content, seq]));
  return order.map((content, seq) => {
    const { event } = both.get(content)!;
    const undoes = event.kind === 'undone' ? (JSON.parse(content) as { data: { undoes?: string } }).data.undoes : undefined;
    const data = undoes === undefined ? event.data : { seq: newSeq.get(undoes) ?? seq };
    return { [owner]: id, seq, event: { ...event, seq, data } };
  });
};

/** As many as a kit may hold of each. */
const MOST: Readonly<Record<string, number>> = {
  scoops: 20,
  spoons: 20,
  scales: 6,
  bowls: 20,
  circuits: 20,
  stock: 400,
  pars: 60,
  views: 20,
  ownWays: 400,
  removedIds: 4000,
};

const nameIn = (item: unknown): string =>
  typeof item === 'object' && item !== null
    ? 'id' in item
      ? String(item.id)
      : 'name' in item
        ? String(item.name)
        : canonicalJson(['ironId' in item && item.ironId, 'formulaId' in item && item.formulaId])
    : canonicalJson(item);

/** Kits as one: lists by name, prices by ingredient; where single answers differ, the greater one in an order that is the same everywhere. */
const mergedKit = ([first, ...others]: readonly Kit[]): Kit[] => {
  if (first === undefined) return [];
  const one = others.reduce<Kit>((kit, other) => {
    const fields = [...new Set([...Object.keys(kit), ...Object.keys(other)])];
    const [x, y] = [kit, other] as unknown as readonly [Row, Row];
    return Object.fromEntries(fields.map((field) => [field, joined(field, x[field], y[field])])) as Kit;
  }, first);
  return [one];
};

const joined = (field: string, a: unknown, b: unknown): unknown => {
  if (a === undefined || b === undefined) return a ?? b;
  if (Array.isArray(a) && Array.isArray(b)) {
    const found = new Map<string, unknown>();
    for (const item of [...(a as unknown[]), ...(b as unknown[])]) {
      const before = found.get(nameIn(item));
      found.set(nameIn(item), before === undefined || canonicalJson(item) > canonicalJson(before) ? item : before);
    }
    return sortedBy([...found.entries()], ([name]) => name)
      .slice(0, MOST[field] ?? found.size)
      .map(([, item]) => item);
  }
  if (typeof a === 'object' && typeof b === 'object' && a !== null && b !== null) {
    const keys = [...new Set([...Object.keys(a), ...Object.keys(b)])].sort();
    return Object.fromEntries(keys.map((key) => [key, joined(key, (a as Row)[key], (b as Row)[key])]));
  }
  return canonicalJson(a) >= canonicalJson(b) ? a : b;
};

/** The kit of this kitchen after a merge: its own answers and its own order, and what the other has besides. */
export const kitHere = (here: Kit, all: Kit): Kit => {
  const added = (mine: readonly unknown[], field: string, theirs: unknown): unknown[] => {
    const names = new Set(mine.map(nameIn));
    const more = Array.isArray(theirs) ? (theirs as unknown[]).filter((item) => !names.has(nameIn(item))) : [];
    return [...mine, ...more].slice(0, MOST[field] ?? mine.length + more.length);
  };
  const others = all as unknown as Row;
  // A list that this kitchen never began is the other's.
  const begun = Object.entries(others).filter(([field, value]) => !(field in here) && Array.isArray(value));
  return Object.fromEntries(
    [...Object.entries(here), ...begun].map(([field, value]) => [
      field,
      Array.isArray(value)
        ? added(value as unknown[], field, others[field])
        : field === 'pricesPerKg'
          ? { ...all.pricesPerKg, ...here.pricesPerKg }
          : value,
    ]),
  ) as Kit;
};

/** Tables whose rows have names of their own, which another kitchen may have given to something else. */
const NAMED: readonly KitchenTable[] = [
  'irons',
  'ingredients',
  'formulas',
  'weighings',
  'lots',
  'predictions',
  'loads',
  'runs',
  'keepItems',
  'practices',
];
const LONGEST_ID = 64;
const LONGEST_NAME = 80;

/**
 * Another kitchen's rows under names of their own, so that they can stand beside this one's: its "Deep A" is another iron. The names come from the
 * other kitchen's, so that the same file taken twice, or a later one of it, finds its rows again. Irons, formulas and runs say whose they are.
 */
export const asAnother = ({ rows, setAside }: Mergeable): Mergeable => {
  const owner = rows.kits[0]?.name ?? '';
  const mark = inputsHash(owner).slice(0, 8);
  const known = new Set(NAMED.flatMap((table) => (rows[table] as readonly { readonly id: string }[]).map(({ id }) => id)));
  const named = (id: string): string => {
    const whole = `${id}~${mark}`;
    return whole.length <= LONGEST_ID ? whole : `${inputsHash(id)}~${mark}`;
  };
  const walk = (value: unknown, field: string): unknown => {
    if (typeof value === 'string') return /^id$|Ids?$/.test(field) && known.has(value) ? named(value) : value;
    if (Array.isArray(value)) return value.map((item) => walk(item, field));
    if (typeof value !== 'object' || value === null) return value;
    return Object.fromEntries(Object.entries(value).map(([key, member]) => [key, walk(member, key)]));
  };
  const WHOSE: readonly KitchenTable[] = ['irons', 'formulas', 'runs'];
  const renamed = KITCHEN_TABLES.map((table) => [
    table,
    (rows[table] as readonly Row[]).map((row) => {
      const moved = walk(row, '') as Row;
      if (!WHOSE.includes(table)) return moved;
      const whose = ` (${owner})`.slice(0, LONGEST_NAME / 2);
      return { ...moved, name: `${String(row['name']).slice(0, LONGEST_NAME - whose.length)}${whose}` };
    }),
  ]);
  return { rows: Object.fromEntries(renamed) as KitchenRows, setAside };
};

/** A row that both kitchens hold otherwise: in which fields, and how; `stands`: what counts now, `aside`: what is kept beside it. As text. */
export type Conflict = {
  readonly table: string;
  readonly key: string;
  /** What the row is called; empty: it has no name. */
  readonly name: string;
  readonly fields: readonly { readonly field: string; readonly stands: string; readonly aside: string }[];
};

/** So many conflicts are told one by one, each by so many fields in so many letters. */
const MOST_CONFLICTS = 20;
const MOST_FIELDS = 6;
const MOST_LETTERS = 60;

const shown = (value: unknown): string =>
  value === undefined ? '' : (typeof value === 'string' ? value : canonicalJson(value)).slice(0, MOST_LETTERS);

/** Where two values differ, down to what isn't an object any more. */
const differences = (stands: unknown, aside: unknown, field: string): Conflict['fields'] => {
  if (canonicalJson(stands ?? null) === canonicalJson(aside ?? null)) return [];
  const isRow = (value: unknown): value is Row => typeof value === 'object' && value !== null && !Array.isArray(value);
  if (!isRow(stands) || !isRow(aside)) return [{ field, stands: shown(stands), aside: shown(aside) }];
  const names = [...new Set([...Object.keys(stands), ...Object.keys(aside)])].sort();
  return names.flatMap((name) => differences(stands[name], aside[name], field === '' ? name : `${field}.${name}`));
};

const parsed = (raw: string): unknown => {
  try {
    return JSON.parse(raw);
  } catch {
    return raw;
  }
};

/** What the merge has found of rows that both claim under one name, as far as it is to be told. */
const conflictsOf = (here: Mergeable, all: Mergeable): readonly Conflict[] => {
  const before = new Set(here.setAside.map((one) => canonicalJson([one.table, one.key, one.raw])));
  return all.setAside
    .filter((one) => one.why === DOUBLE.why && !before.has(canonicalJson([one.table, one.key, one.raw])))
    .slice(0, MOST_CONFLICTS)
    .flatMap(({ table, key, raw }): Conflict[] => {
      const row = isKitchenTable(table) ? byKey(table, all.rows[table]).get(key) : undefined;
      if (row === undefined) return [];
      const aside = parsed(raw);
      const fields = differences(row, aside, '').slice(0, MOST_FIELDS);
      return [{ table, key, name: typeof row['name'] === 'string' ? row['name'] : '', fields }];
    });
};

/** How many rows of each table the merge has brought, how many names were claimed twice, and by what. */
export const broughtBy = (
  here: Mergeable,
  all: Mergeable,
): {
  readonly added: Readonly<Partial<Record<KitchenTable, number>>>;
  readonly doubled: number;
  readonly conflicts: readonly Conflict[];
} => ({
  added: Object.fromEntries(
    KITCHEN_TABLES.map((table) => [table, all.rows[table].length - here.rows[table].length] as const).filter(([, more]) => more > 0),
  ),
  doubled: all.setAside.length - here.setAside.length,
  conflicts: conflictsOf(here, all),
});
