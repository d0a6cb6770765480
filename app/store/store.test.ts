import { describe, expect, jest, test } from '@jest/globals';
import { Dexie } from 'dexie';
import { readFileSync } from 'node:fs';
import { demoFile } from '../../demo/file.ts';
import type { Intake, KitchenTable } from '../../core/kitchen/index.ts';
import { KITCHEN_TABLES, takeKitchen } from '../../core/kitchen/index.ts';
import type { TableName } from './database.ts';
import { KitchenDatabase, STORE_VERSION } from './database.ts';
import { exportedText, fileOf, readFile, replaceAll, withFile } from './exchange.ts';
import type { Kitchen } from './kitchen.ts';
import { openKitchen } from './kitchen.ts';
import { settled } from './queries.ts';
import { seed } from './seed.ts';
import { shiftDemoDates } from './shiftDemoDates.ts';
import { openedKitchen, queriesOf } from './testing/open.ts';
import * as commands from './commands.ts';

const file = demoFile();
const NOW = file.exportedAt;
const demo = (json: unknown = file): Intake => {
  const taken = takeKitchen(json);
  if (!taken.ok) throw new Error(taken.failure.code);
  return taken.value;
};
let count = 0;
const filled = async (rows = demo().rows): Promise<Kitchen> => {
  const kitchen = await openedKitchen(`store-${++count}`);
  await replaceAll(kitchen.database, rows);
  return kitchen;
};
const exported = async (kitchen: Kitchen): Promise<string> => {
  let text = '';
  for await (const piece of exportedText(kitchen.database, NOW)) text += piece;
  return text;
};
const blob = (text: string): Blob => new Blob([text]);
const sorted = (rows: readonly object[]): string[] => rows.map((row) => JSON.stringify(row, Object.keys(row).sort())).sort();

describe('one file out and in', () => {
  test('export → import into an empty browser → export: the same text', async () => {
    const first = await exported(await filled());
    const read = await readFile(blob(first));
    if (read?.ok !== true) throw new Error('not read');
    expect(read.value.setAside).toEqual([]);
    expect(await exported(await filled(read.value.rows))).toBe(first);
  });

  test('nothing of the demo is lost in the store', async () => {
    const { rows } = demo(JSON.parse(await exported(await filled())));
    for (const table of KITCHEN_TABLES) expect([table, sorted(rows[table])]).toEqual([table, sorted(demo().rows[table])]);
  });

  test('a file of the same kitchen, with a load more and one fewer, is put together with what is here; what is worked with stays', async () => {
    const kitchen = await filled();
    const { rows } = demo();
    const [first, ...others] = rows.loads;
    if (first === undefined) throw new Error('no load');
    const there = { rows: { ...rows, loads: [...others, { ...first, id: 'a-load-more' }] }, setAside: [] };
    const all = await withFile(kitchen.database, there, 'merged');
    expect(all.brought).toMatchObject({ added: { loads: 1 }, doubled: 0 });
    expect(all.rows.loads.map(({ id }) => id).sort()).toEqual([...rows.loads.map(({ id }) => id), 'a-load-more'].sort());
    await kitchen.database.table('workspaces').put({ id: 'kept' });
    expect(await replaceAll(kitchen.database, all.rows, all.setAside, undefined, undefined, true)).toBe(true);
    expect(await kitchen.database.table('workspaces').count()).toBe(1);
    // The same once more brings nothing.
    expect((await withFile(kitchen.database, there, 'merged')).brought).toEqual({ added: {}, doubled: 0, conflicts: [] });
  });

  test('a file of each month, put together in any order, is the whole', async () => {
    const { rows } = demo();
    const whole = await filled();
    const days = [...new Set(rows.loads.map(({ startedAt }) => Math.floor(startedAt / 86_400_000)))].sort((a, b) => a - b);
    expect(days.length).toBeGreaterThan(3);
    // The demo is younger than a month: a file a day does as well; the first from the beginning, the last to the end of time.
    const ends = [-Infinity, ...days.slice(1).map((day) => day * 86_400_000), Infinity];
    const parts: Intake[] = [];
    for (const [i, until] of ends.slice(1).entries()) {
      let text = '';
      for await (const piece of exportedText(whole.database, NOW, {}, undefined, { from: ends[i]!, until })) text += piece;
      const part = demo(JSON.parse(text));
      expect(part.setAside).toEqual([]);
      // None points at what isn't there.
      const lots = new Set(part.rows.lots.map(({ id }) => id));
      expect(part.rows.loads.every(({ lotId, startedAt }) => lots.has(lotId) && startedAt >= ends[i]! && startedAt < until)).toBe(true);
      parts.push(part);
    }
    expect(parts.every(({ rows: { loads } }) => loads.length > 0 && loads.length < rows.loads.length)).toBe(true);
    for (const order of [parts, [...parts].reverse()]) {
      const kitchen = await openedKitchen(`months-${++count}`);
      for (const [i, part] of order.entries()) {
        const { rows: both } = i === 0 ? part : await withFile(kitchen.database, part, 'merged');
        await replaceAll(kitchen.database, both);
      }
      const put = demo(JSON.parse(await exported(kitchen)));
      for (const table of KITCHEN_TABLES) expect([table, sorted(put.rows[table])]).toEqual([table, sorted(rows[table])]);
    }
  });

  test('what waits for room is put together, too; another kitchen stands beside', async () => {
    const kitchen = await filled();
    const waiting = { loads: [{ ...demo().rows.loads[0]!, id: 'waits' }] };
    const all = await withFile(kitchen.database, demo(), 'beside', waiting);
    expect(all.rows.loads.some(({ id }) => id === 'waits')).toBe(true);
    expect(all.brought?.added['irons']).toBe(demo().rows.irons.length);
  });

  test('a large kitchen is compressed, and read again; any size may come back', async () => {
    const rows = demo().rows;
    const many = Array.from({ length: 40 }, (_, i) =>
      rows.loadEvents.map((row) => ({ ...row, loadId: `${row.loadId}-${i}`.slice(0, 64) })),
    ).flat();
    const loads = Array.from({ length: 40 }, (_, i) => rows.loads.map((load) => ({ ...load, id: `${load.id}-${i}`.slice(0, 64) }))).flat();
    const kitchen = await filled({ ...rows, loads, loadEvents: many });
    const { blob: packed, isCompressed } = await fileOf(exportedText(kitchen.database, NOW));
    expect(isCompressed).toBe(true);
    const said: number[] = [];
    const read = await readFile(packed, (done, all) => said.push(done / all));
    if (read?.ok !== true) throw new Error('not read');
    expect(read.value.rows.loadEvents).toHaveLength(many.length);
    expect(read.value.rows.loads).toHaveLength(loads.length);
    expect(said.at(-1)).toBe(1);
  });

  test('given up half-way, nothing has changed', async () => {
    const kitchen = await filled();
    const before = await exported(kitchen);
    const abort = new AbortController();
    const rows = { ...demo().rows, runs: [] };
    const progress = (done: number, all: number): void => {
      if (done > all / 3) abort.abort();
    };
    expect(await replaceAll(kitchen.database, rows, [], progress, abort.signal)).toBe(false);
    expect(await exported(kitchen)).toBe(before);
    const early = new AbortController();
    early.abort();
    expect(await readFile(blob(before), undefined, early.signal)).toBeNull();
  });

  test('an import that fails half-way leaves everything untouched', async () => {
    const kitchen = await filled();
    const before = await exported(kitchen);
    const broken = { ...demo().rows, practices: [{ id: undefined }] as never };
    await expect(replaceAll(kitchen.database, broken)).rejects.toThrow();
    expect(await exported(kitchen)).toBe(before);
  });

  test('a file that is no gzip though it says so, or no text at all', async () => {
    expect(await readFile(new Blob([new Uint8Array([0x1f, 0x8b, 1, 2, 3])]))).toMatchObject({ ok: false });
    expect(await readFile(blob('x'))).toMatchObject({ ok: false, failure: { code: 'file-not-json' } });
  });

  test('written while another tab pours: what is exported, the import takes, every time', async () => {
    const kitchen = await filled();
    const [formula] = file.formulas;
    const [load] = file.loads;
    const [prediction] = file.predictions;
    if (formula === undefined || load === undefined || prediction === undefined) throw new Error('empty demo');
    let poured = 0;
    const pour = (): Promise<unknown> => {
      const id = `live-${++poured}`;
      return kitchen.do(
        commands.pour(
          {
            load: { ...load, id, lotId: `lot-${id}`, predictionId: `for-${id}` },
            prediction: { ...prediction, id: `for-${id}` },
            lot: { ...file.lots[0]!, id: `lot-${id}` },
            poured: { kind: 'poured', data: {} },
          },
          id,
        ),
      );
    };
    let text = '';
    // A pour between every two pieces of the file.
    for await (const piece of exportedText(kitchen.database, NOW)) {
      text += piece;
      await pour();
    }
    expect(poured).toBeGreaterThan(8);
    const read = await readFile(blob(text));
    expect(read?.ok === true && read.value.setAside).toEqual([]);
  });
});

/** A store as a release of that version left it. */
const oldStore = async (name: string, version: 1 | 2): Promise<void> => {
  const json = JSON.parse(readFileSync(new URL(`../../core/kitchen/testing/kitchen-v${version}.json`, import.meta.url), 'utf8')) as Record<
    string,
    unknown[]
  >;
  const tables: Record<string, string> = {
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
    ...(version === 1 ? {} : { ingredients: 'id', weighings: 'id', weighEvents: '[weighingId+seq], weighingId', practices: 'id' }),
  };
  const old = new Dexie(name);
  old.version(version).stores(tables);
  await old.open();
  for (const table of Object.keys(tables)) {
    const rows =
      table === 'kits'
        ? [json['kit']]
        : table === 'benches'
          ? [{ id: 'bench', formulaId: 'oat-rye', ironId: 'deep-a' }]
          : (json[table] ?? []);
    const stored = rows.map((row) => {
      const event = (row as { event?: { seq: number } }).event;
      return event === undefined ? row : { ...(row as object), seq: event.seq };
    });
    await old.table(table).bulkPut(stored);
  }
  old.close();
};

test('the browser closes the store under a touch: it is carried out once in the one that is opened again', async () => {
  const kitchen = await openedKitchen('closed-under');
  const closed = Object.assign(new Error('The connection was closed.'), { name: 'AbortError' });
  const transaction = jest.spyOn(kitchen.database, 'transaction').mockImplementationOnce((() => Promise.reject(closed)) as never);
  const item = demoFile().keepItems[0]!;
  await kitchen.do(commands.addKeepItem({ ...item, id: 'put-away' }));
  expect(transaction).toHaveBeenCalledTimes(2);
  expect((await kitchen.database.rows('keepItems').toArray()).map(({ id }) => id)).toEqual(['put-away']);
  // What fails for another reason isn't tried again.
  transaction.mockImplementationOnce((() => Promise.reject(new Error('broken'))) as never);
  await expect(kitchen.do(commands.addKeepItem({ ...item, id: 'other' }))).rejects.toThrow('broken');
  jest.restoreAllMocks();
});

describe('stores of older versions', () => {
  test.each([1, 2] as const)('version %d opens, every row is sound, nothing is lost', async (version) => {
    const name = `old-${version}`;
    await oldStore(name, version);
    const kitchen = await openedKitchen(name);
    expect(kitchen.database.verno).toBe(STORE_VERSION);
    const { queries, problems } = queriesOf(kitchen);
    const json = JSON.parse(
      readFileSync(new URL(`../../core/kitchen/testing/kitchen-v${version}.json`, import.meta.url), 'utf8'),
    ) as object;
    const { rows } = demo(json);
    const inStore = demo(JSON.parse(await exported(kitchen)));
    expect(inStore.setAside).toEqual([]);
    for (const table of KITCHEN_TABLES) expect([table, sorted(inStore.rows[table])]).toEqual([table, sorted(rows[table])]);
    for (const table of ['kits', 'runs', 'keepItems', 'ingredients'] as const) await queries.all(table);
    expect((await queries.all('workspaces'))[0]).toMatchObject({ id: 'workspace', formulaId: 'oat-rye', ironId: 'deep-a' });
    expect([...problems.all]).toEqual([]);
  });

  test('a store that was opened from version 1 by version 2, without preparation in its runs, is made good', async () => {
    await oldStore('half-upgraded', 2);
    const raw = new Dexie('half-upgraded');
    await raw.open();
    await raw
      .table('runs')
      .toCollection()
      .modify((run: { prep?: unknown }) => void delete run.prep);
    raw.close();
    const kitchen = await openedKitchen('half-upgraded');
    expect((await kitchen.database.rows('runs').toArray()).every(({ dishes }) => dishes.every(({ prep }) => Array.isArray(prep)))).toBe(
      true,
    );
  });

  test('a store of version 4 lays the dishes of its runs in a list, and a second opening leaves them', async () => {
    const tables = new KitchenDatabase('old-4-tables').tables.map(({ name, schema }) => [
      name,
      [schema.primKey.src, ...schema.indexes.map(({ src }) => src)].join(', '),
    ]);
    const old = new Dexie('old-4');
    old.version(4).stores(Object.fromEntries(tables));
    await old.open();
    const json = JSON.parse(readFileSync(new URL('../../core/kitchen/testing/kitchen-v4.json', import.meta.url), 'utf8')) as {
      kit: object;
      runs: object[];
    };
    await old.table('kits').put(json.kit);
    await old.table('runs').bulkPut(json.runs);
    old.close();
    for (let opening = 0; opening < 2; opening++) {
      const kitchen = await openedKitchen('old-4');
      const [run] = await kitchen.database.rows('runs').toArray();
      expect(run?.dishes).toMatchObject([{ id: 'own', people: 36, formulaId: 'oat-rye' }]);
      expect(run).not.toHaveProperty('people');
      kitchen.database.close();
    }
  });

  test('one that a newer version wrote is named, not replaced', async () => {
    const newer = new Dexie('from-tomorrow');
    newer.version(STORE_VERSION + 1).stores({ kits: 'id', more: 'id' });
    await newer.open();
    await newer.table('kits').put({ id: 'kit', secret: 1 });
    newer.close();
    expect(await openKitchen('from-tomorrow')).toMatchObject({ ok: false, trouble: { kind: 'newer' } });
    const again = new Dexie('from-tomorrow');
    await again.open();
    expect(await again.table('kits').count()).toBe(1);
    again.close();
  });

  test('one that never answers doesn’t keep anybody waiting for ever', async () => {
    const open = jest.spyOn(KitchenDatabase.prototype, 'open').mockImplementationOnce((() => new Promise(() => undefined)) as never);
    expect(await openKitchen('silent', 50)).toMatchObject({ ok: false, trouble: { kind: 'blocked' } });
    open.mockRestore();
  });

  test('one that is broken is named', async () => {
    const open = jest.spyOn(KitchenDatabase.prototype, 'open').mockImplementationOnce((() => {
      throw Object.assign(new Error('Internal error opening backing store'), { name: 'UnknownError' });
    }) as never);
    expect(await openKitchen('broken')).toMatchObject({
      ok: false,
      trouble: { kind: 'broken', message: 'Internal error opening backing store' },
    });
    open.mockRestore();
  });

  test('where storing is forbidden, everything lives in memory and that is said', async () => {
    const open = jest.spyOn(KitchenDatabase.prototype, 'open').mockImplementationOnce(() => {
      throw Object.assign(new Error('denied'), { name: 'SecurityError' });
    });
    const memory = await openedKitchen('forbidden');
    open.mockRestore();
    expect(memory.pendingWrites.trouble).toBe('storage-forbidden');
    await memory.do(commands.changeKit((kit) => ({ ...kit, name: 'Here' })));
    expect((await memory.database.rows('kits').toArray())[0]?.name).toBe('Here');
  });
});

describe('a bad row in the store', () => {
  const damages: readonly (readonly [string, (row: Record<string, unknown>) => Record<string, unknown>])[] = [
    ['a missing field', (row) => Object.fromEntries(Object.entries(row).filter(([key]) => KEYS.has(key)))],
    ['a wrong type', (row) => ({ ...Object.fromEntries(Object.keys(row).map((key) => [key, 'word'])), ...keysOf(row) })],
    ['null everywhere', (row) => ({ ...Object.fromEntries(Object.keys(row).map((key) => [key, null])), ...keysOf(row) })],
  ];
  const KEYS = new Set(['id', 'rev', 'seq', 'loadId', 'lotId', 'weighingId', 'startedAt', 'ironId', 'madeAt']);
  const keysOf = (row: Record<string, unknown>) => Object.fromEntries(Object.entries(row).filter(([key]) => KEYS.has(key)));
  const tables = KITCHEN_TABLES.filter((table) => demo().rows[table].length > 0);

  /** All that the stations ask. */
  const askAll = async (kitchen: Kitchen) => {
    const { queries, problems } = queriesOf(kitchen);
    const small = await Promise.all(
      (['kits', 'workspaces', 'ingredients', 'runs', 'keepItems', 'practices'] as const).map((name) => queries.all(name)),
    );
    const formulas = await queries.newestRevisions('formulas');
    const irons = await queries.newestRevisions('irons');
    const loads = await queries.newestLoads(0, 100);
    const told = await queries.withPromises(loads);
    for (const { id } of irons) await queries.loadsOfIron(id, 20);
    await queries.lotsSince(0);
    await queries.lots(loads.map(({ lotId }) => lotId));
    await queries.newestWeighing();
    return { small, formulas, irons, told, problems };
  };

  test.each(tables)(
    '%s with a field missing, a wrong type, nulls: everything else is answered, the rows are named, the export goes out and comes back',
    async (table: KitchenTable) => {
      const kitchen = await filled();
      const rows = (await kitchen.database.table(table).toArray()) as Record<string, unknown>[];
      // Written past every check, as a failing device or an older mistake would.
      const bad = damages.slice(0, rows.length).map(([, damage], i) => damage(rows[i]!));
      await kitchen.database.table(table).bulkPut(bad);
      const { told, problems } = await askAll(kitchen);
      expect(told.length).toBeGreaterThan(40);
      // Old bowls and events of old loads aren't looked at: then it is the export that names them.
      const read = await readFile(blob(await exported(kitchen)));
      if (read?.ok !== true) throw new Error(`not read: ${JSON.stringify(read)}`);
      expect(read.value.setAside.filter((aside) => aside.table === table).length).toBeGreaterThanOrEqual(bad.length);
      for (const name of problems.all.keys()) expect(name.startsWith(table)).toBe(true);
    },
  );

  test('a load that points at nothing is answered without its promise', async () => {
    const kitchen = await filled();
    const newest = [...file.loads].sort((a, b) => b.startedAt - a.startedAt)[0]!;
    await kitchen.database.rows('predictions').delete(newest.predictionId);
    const { told } = await askAll(kitchen);
    expect(told.find(({ load }) => load.id === newest.id)?.prediction).toBeNull();
  });

  test('a revision that can’t be read doesn’t hide the one before it', async () => {
    const kitchen = await filled();
    const [formula] = file.formulas;
    await kitchen.database.table('formulas').put({ id: formula?.id, rev: 99, name: 7 });
    const { formulas, problems } = await askAll(kitchen);
    expect(formulas.find(({ id }) => id === formula?.id)).toEqual(formula);
    expect([...problems.all.keys()]).toEqual([`formulas/${formula?.id}/99`]);
  });
});

describe('a kitchen that was never opened', () => {
  test('a second tab doesn’t fill it again: what was poured meanwhile stays', async () => {
    const kitchen = await openedKitchen('tawny-lattice');
    await seed(kitchen, NOW);
    await kitchen.do(commands.changeKit((kit) => ({ ...kit, name: 'Poured' })));
    const names: TableName[] = ['kits', 'irons'];
    await seed(kitchen, NOW);
    expect((await kitchen.database.rows('kits').get('kit'))?.name).toBe('Poured');
    expect(await Promise.all(names.map((name) => kitchen.database.table(name).count()))).toEqual([1, 0]);
  });
});

describe('answers that stay the same are the same', () => {
  test('rows that haven’t changed keep their identity, lists and maps too', () => {
    const make = () => ({
      loads: [
        { id: 'a', n: 1 },
        { id: 'b', n: 2 },
      ],
      logs: new Map([['a', [{ seq: 0, at: 1 }]]]),
    });
    const before = make();
    const same = make();
    expect(settled(before, same)).toBe(before);
    const changed = settled(before, {
      ...make(),
      loads: [
        { id: 'b', n: 2 },
        { id: 'c', n: 3 },
      ],
    });
    expect(changed.loads[0]).toBe(before.loads[1]);
    expect(changed.logs).toBe(before.logs);
    expect(changed).not.toBe(before);
    expect(settled(undefined, same)).toBe(same);
    expect(settled<unknown>([1], { a: 1 })).toEqual({ a: 1 });
    expect(settled<unknown>({ a: 1, b: 2 }, { a: 1 })).toEqual({ a: 1 });
  });
});

describe('the demo’s days', () => {
  test.each([
    ['Europe/London', Date.UTC(2027, 2, 28, 12)],
    // The night in which the clock goes forward, and the day before it.
    ['Europe/London', Date.UTC(2027, 2, 27, 2)],
    ['Europe/London', Date.UTC(2027, 2, 28, 0, 30)],
    // And the one in which it goes back.
    ['Europe/London', Date.UTC(2027, 9, 30, 3)],
    ['Europe/London', Date.UTC(2027, 9, 31, 0, 30)],
    ['America/New_York', Date.UTC(2026, 10, 25, 3)],
    ['Australia/Sydney', Date.UTC(2027, 0, 1, 22)],
  ])('%s: the last morning is yesterday by its clock, breakfast is still to come at 07:15', (zone, now) => {
    const moved = shiftDemoDates(demo().rows, now, zone);
    const clock = new Intl.DateTimeFormat('en-GB', { timeZone: zone, hour: '2-digit', minute: '2-digit', hourCycle: 'h23' });
    const date = new Intl.DateTimeFormat('en-CA', { timeZone: zone });
    const newest = Math.max(...moved.loads.map((load) => load.startedAt));
    expect(date.format(newest)).toBe(date.format(now - 24 * 3_600_000));
    const serveAt = moved.runs[0]?.serveAt ?? 0;
    expect(serveAt).toBeGreaterThan(now);
    expect(serveAt - now).toBeLessThanOrEqual(25 * 3_600_000);
    expect(clock.format(serveAt)).toBe('07:15');
  });
});
