import { readdirSync, readFileSync } from 'node:fs';
import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { demoFile } from '../../demo/file.ts';
import type { Intake, SetAside } from './index.ts';
import {
  FILE_VERSION,
  KITCHEN_TABLES,
  kitchenFileOf,
  KitchenReader,
  kitchenText,
  MOST_FOREIGN_BYTES,
  readKitchenFile,
  rowKey,
  sanitised,
  takeKitchen,
} from './index.ts';

const file = demoFile();
const head = { appVersion: file.appVersion, exportedAt: file.exportedAt };
const taken = (json: unknown): Intake => {
  const result = takeKitchen(json);
  if (!result.ok) throw new Error(JSON.stringify(result.failure));
  return result.value;
};
const asides = (json: unknown): string[] => taken(json).setAside.map(({ table, key, where }) => `${table} ${key} ${where}`);

describe('kitchen files', () => {
  test('what is written is read again, deep-equal', () => {
    expect(kitchenFileOf(taken(JSON.parse(JSON.stringify(file))), head)).toEqual(file);
  });

  test.each([
    ['', 'file-empty'],
    ['{"schema":', 'file-not-json'],
    ['{"schema":"something-else","version":1}', 'file-foreign'],
    ['[]', 'file-foreign'],
    ['null', 'file-foreign'],
    [JSON.stringify({ ...file, version: FILE_VERSION + 1 }), 'file-newer'],
    [JSON.stringify({ ...file, kit: { ...file.kit, altitude_m: 9000 } }), 'file-broken'],
    [JSON.stringify({ ...file, kit: undefined }), 'file-broken'],
    // Nearly everything hangs on the bowls and the loads: what is left would be a ruin.
    [JSON.stringify({ ...file, lots: [] }), 'file-unlinked'],
    [JSON.stringify({ ...file, loads: [] }), 'file-unlinked'],
    [JSON.stringify(file).slice(0, 20_000), 'file-not-json'],
  ])('%# is refused: %s', (text, code) => {
    const read = readKitchenFile(text);
    expect(read.ok ? 'read' : read.failure.code).toBe(code);
  });

  test('names that reach into a prototype are dropped, and kill no backup', () => {
    const [formula, ...others] = file.formulas;
    const text = JSON.stringify({
      ...file,
      formulas: [
        { ...formula, foreignProps: JSON.parse('{"constructor":{"prototype":{}},"__proto__":{"polluted":true},"tool":"whisk"}') },
        ...others,
      ],
    });
    const read = readKitchenFile(text);
    if (!read.ok) throw new Error(read.failure.code);
    expect(read.value.rows.formulas[0]?.foreignProps).toEqual({ tool: 'whisk' });
    expect(({} as { polluted?: boolean }).polluted).toBeUndefined();
  });

  test('nesting without end is cut off, not followed', () => {
    const deep = `{"schema":"tawny-lattice/kitchen","version":1,"x":${'['.repeat(500)}${']'.repeat(500)}}`;
    expect(readKitchenFile(deep)).toMatchObject({ ok: false });
    const depthOf = (value: unknown): number => (Array.isArray(value) ? 1 + depthOf(value[0]) : 0);
    expect(depthOf(sanitised(JSON.parse(`${'['.repeat(500)}${']'.repeat(500)}`)))).toBeLessThan(80);
    const plain = { a: [1, { b: 2 }] };
    expect(sanitised(plain)).toBe(plain);
  });

  test('50 MB is the most of a file of another’s hand', () => {
    expect(readKitchenFile(' '.repeat(MOST_FOREIGN_BYTES + 1))).toMatchObject({ ok: false, failure: { code: 'file-too-large' } });
  });
});

describe('one bad row isn’t the end', () => {
  const [iron] = file.irons;
  const [load] = file.loads;
  const [run] = file.runs;

  test('it is named, set aside with its text, and the rest is taken', () => {
    const bad = { ...iron, geometry: { ...iron?.geometry, footprint_cm2: 0 }, id: 'bad-iron' };
    const intake = taken({ ...file, irons: [...file.irons, bad] });
    expect(intake.setAside).toMatchObject([{ table: 'irons', key: 'bad-iron/1', where: 'geometry.footprint_cm2' }]);
    expect(JSON.parse(intake.setAside[0]?.raw ?? '')).toEqual(bad);
    expect(intake.rows.irons).toEqual(file.irons);
  });

  test('a load whose promise is missing goes aside, and its log with it', () => {
    const lost = taken({ ...file, predictions: file.predictions.filter(({ id }) => id !== load?.predictionId) });
    const events = file.loadEvents.filter(({ loadId }) => loadId === load?.id).length;
    expect(lost.setAside).toHaveLength(1 + events);
    expect(lost.setAside[0]).toMatchObject({
      table: 'loads',
      key: load?.id,
      where: 'predictionId',
      why: `${load?.predictionId} is missing`,
    });
    expect(lost.rows.loads).toHaveLength(file.loads.length - 1);
  });

  test('what an export set aside is tried again, and handed on where it is still bad', () => {
    const aside: SetAside = {
      table: 'runs',
      key: 'r',
      where: 'zone',
      why: 'no such time zone',
      raw: JSON.stringify({ ...run, id: 'r', zone: 'Mars/Base' }),
    };
    const sound: SetAside = { ...aside, raw: JSON.stringify({ ...run, id: 'r2' }) };
    const broken: SetAside = { table: 'loads', key: 'x', where: '', why: '', raw: '{"id":' };
    const intake = taken({ ...file, setAside: [aside, sound, broken] });
    expect(intake.rows.runs.map(({ id }) => id)).toEqual([run?.id, 'r2']);
    expect(intake.setAside.map(({ key }) => key)).toEqual(['r', 'x']);
    expect(kitchenFileOf(intake, head).setAside).toHaveLength(2);
  });

  test('doubles: the first counts, the other is named', () => {
    expect(asides({ ...file, runs: [run, { ...run, name: 'Another' }] })).toEqual([`runs ${run?.id} id`]);
  });

  test.each([
    ['a zone that doesn’t exist', 'runs', { ...run, id: 'x', zone: 'Europe/Nowhere' }],
    ['an instant at the end of time', 'runs', { ...run, id: 'x', serveAt: 8.64e15 }],
    ['a year typed as 0202', 'runs', { ...run, id: 'x', serveAt: Date.parse('0202-01-01T00:00:00Z') }],
    [
      'a dial whose ends are huge',
      'irons',
      { ...iron, id: 'x', control: { type: 'dial', min: -1e300, max: 1e300, atMin_C: 150, atMax_C: 200 } },
    ],
    [
      'a dial that cools as it is turned up',
      'irons',
      { ...iron, id: 'x', control: { type: 'dial', min: 1, max: 5, atMin_C: 210, atMax_C: 150 } },
    ],
  ])('%s is set aside', (_, table, row) => {
    const intake = taken({ ...file, [table]: [...(file[table as 'runs'] as unknown[]), row] });
    expect(intake.setAside).toMatchObject([{ table, key: expect.stringMatching(/^x/) }]);
  });

  test.each([
    ['a dial', { type: 'dial', min: 1, max: 5, atMin_C: 180, atMax_C: 180 }],
    ['a dial of one mark', { type: 'dial', min: 3, max: 3, atMin_C: 150, atMax_C: 210 }],
    ['a thermostat', { type: 'thermostat', min_C: 180, max_C: 180 }],
  ])('%s whose ends were noted as one is put right, and that is said', (_, control) => {
    const intake = taken({ ...file, irons: [...file.irons, { ...iron, id: 'x', control }] });
    expect(intake.setAside).toEqual([]);
    expect(intake.repaired).toEqual([{ table: 'irons', key: 'x/1', what: 'dial-ends' }]);
    const put = intake.rows.irons.at(-1)?.control;
    const [low, high] = put?.type === 'dial' ? [put.atMin_C, put.atMax_C] : put?.type === 'thermostat' ? [put.min_C, put.max_C] : [0, 0];
    expect(high).toBeGreaterThan(low);
    if (put?.type === 'dial') expect(put.max).toBeGreaterThan(put.min);
  });

  // Every table, every kind of damage: nothing is thrown, the row is named, the others are taken.
  const damages: readonly (readonly [string, (row: Record<string, unknown>) => unknown])[] = [
    ['a field missing', ({ id: _, seq: __, ...row }) => row],
    ['a wrong type', (row) => ({ ...row, id: 7, seq: 'seven' })],
    ['null', () => null],
    [
      'an unknown code',
      (row) => ('event' in row ? { ...row, event: { ...(row['event'] as object), kind: 'teleported' } } : { ...row, id: {} }),
    ],
    ['a word', () => 'row'],
  ];
  const whole = taken(file);
  test.each(
    KITCHEN_TABLES.filter((table) => table !== 'kits' && whole.rows[table].length > 0).flatMap((table) =>
      damages.map((d) => [table, ...d] as const),
    ),
  )('%s with %s', (table, _, damage) => {
    const rows = whole.rows[table] as unknown as Record<string, unknown>[];
    const bad = damage(rows[0]!);
    const intake = taken({ ...file, [table]: [...rows, bad] });
    expect(intake.setAside.filter((aside) => aside.table === table).length).toBeGreaterThanOrEqual(1);
    expect(intake.rows[table]).toEqual(whole.rows[table]);
  });
});

describe('files of foreign hands in our own layout', () => {
  const opening = [...kitchenText({ appVersion: '1', exportedAt: 1 }, file.kit, [])].join('').replace(/\}\n$/, '');
  const read = (text: string) => {
    const reader = new KitchenReader();
    for (let at = 0; at < text.length; at += 65_536) if (!reader.push(text.slice(at, at + 65_536))) break;
    return reader.finish();
  };

  test('what is set aside is checked in both layouts: rows that are none are kept aside as they are', () => {
    const bad = [7, null, { table: 'loads' }, { table: 'no table', key: 'k', where: '', why: '', raw: '{}' }];
    const rows = read(`${opening},\n"setAside":[\n${bad.map((row) => JSON.stringify(row)).join(',\n')}\n]}\n`);
    const whole = taken({ ...file, setAside: bad });
    for (const aside of whole.setAside)
      for (const field of ['table', 'key', 'where', 'why', 'raw'] as const) expect(typeof aside[field]).toBe('string');
    expect(whole.setAside).toHaveLength(bad.length);
    // Four rows that can't be read beside a kit alone are more than half of it.
    expect(rows).toMatchObject({ ok: false, failure: { code: 'file-broken' } });
  });

  // Linear: it took sixteen seconds for 16 MB once, and would take minutes for this.
  test('a line without an end is given up', () => {
    expect(read(`${opening},\n"irons":[\n${'x'.repeat(60_000_000)}`)).toMatchObject({ ok: false, failure: { code: 'file-row-too-long' } });
  });
});

describe('older versions', () => {
  const folder = new URL('./testing/', import.meta.url);
  const fixtures = readdirSync(folder).filter((name) => name.endsWith('.json'));

  test('there is a fixture of every version', () => {
    const versions = fixtures.map((name) => (JSON.parse(readFileSync(new URL(name, folder), 'utf8')) as { version: number }).version);
    expect([...new Set(versions)].sort()).toEqual(Array.from({ length: FILE_VERSION }, (_, i) => i + 1));
  });

  test.each(fixtures)('%s, written by a release, is read without loss', (name) => {
    const json = JSON.parse(readFileSync(new URL(name, folder), 'utf8')) as Record<string, unknown> & {
      lots: { id: string; mass_g: number; events: { kind: string; data: { grams?: number } }[] }[];
      runs: Record<string, unknown>[];
    };
    const intake = taken(json);
    expect(intake.setAside).toEqual([]);
    const read = kitchenFileOf(intake, { appVersion: json['appVersion'] as string, exportedAt: json['exportedAt'] as number });
    // Everything that was in the file stands in it still; what a newer version added is added, nothing else.
    const { lots, runs, ...rest } = json;
    expect(read).toMatchObject({ ...rest, version: FILE_VERSION });
    for (const lot of lots) {
      const { events = [], mass_g, ...header } = lot;
      const found = read.lots.find(({ id }) => id === lot.id);
      expect(found).toMatchObject(header);
      // A bowl's mass counted what was stirred in: now its log alone says it, and the sum is the same.
      const log = read.lotEvents.filter(({ lotId }) => lotId === lot.id);
      expect(log.map(({ event }) => event)).toEqual(expect.arrayContaining(events));
      const added = log.reduce((sum, { event }) => sum + (event.kind === 'added' ? event.data.grams : 0), 0);
      expect((found?.mass_g ?? 0) + added).toBeCloseTo(mass_g, 6);
    }
    expect(read.loadEvents.every(({ seq, event }) => seq === event.seq)).toBe(true);
    // What a run said of its first dish stands in that dish.
    for (const [i, { otherDishes = [], id, ...run }] of runs.entries()) {
      const { dishes: [own, ...others] = [], ...found } = read.runs[i]!;
      expect({ ...own, ...found, id: found.id, ...('dishes' in run ? { dishes: read.runs[i]!.dishes } : {}) }).toMatchObject({
        id,
        ...run,
      });
      if (!('dishes' in run)) expect(others).toEqual(otherDishes);
    }
  });

  test('the first dish of version 4 stands in the list before the others, with all that was said of it', () => {
    const dish = { formulaId: 'oat-rye', ironIds: ['deep-a'], people: 4, piecesPerPerson: 1, batter_g: null, prep: [] };
    const wish = { target: { tawny: 5, crisp: null }, batter_C: 18, delay_s: 4 };
    const beside = {
      variants: [{ toppingId: 'nuts', perPiece_g: 10, people: 2 }],
      fromKept: [{ itemId: 'kept-deep', pieces: 2 }],
      besides: [{ kind: 'compote', before_s: 900 }],
      hold: 'oven',
      holdPlaces: 12,
    };
    const whole = { id: 'r', name: 'Sunday', zone: 'UTC', mode: 'together', serveAt: 0, hands: 2, pins: [] };
    const other = { id: 'w', ...dish, ...wish, ironIds: ['thin-four'] };
    const old = { ...file, version: 4, runs: [{ ...whole, ...dish, ...wish, ...beside, otherDishes: [other] }] };
    expect(taken(old).rows.runs).toEqual([{ ...whole, dishes: [{ id: 'own', ...dish, ...wish, ...beside }, other] }]);
  });

  test('what version 1 gets is what a new kitchen had then, whatever a new kitchen has by now', () => {
    const {
      eggMarket: _m,
      climate: _c,
      spoons: _s,
      scales: _sc,
      bowls: _b,
      pricesPerKg: _p,
      currency: _cu,
      fillTaste: _f,
      ...kit
    } = file.kit;
    const old = { ...file, version: 1, kit, runs: file.runs.map(({ dishes: [dish], ...run }) => ({ ...dish, ...run, prep: undefined })) };
    const [found] = taken(old).rows.kits;
    expect(found).toMatchObject({ ...kit, eggMarket: 'us', climate: 'usual', currency: '€' });
    expect(found?.spoons.map(({ volume_mL }) => volume_mL)).toEqual([236.6, 118.3, 78.9, 59.1, 14.8, 4.93, 2.46, 1.23]);
    expect(taken(JSON.parse(JSON.stringify(old))).rows.runs[0]?.dishes[0]?.prep).toEqual([]);
  });
});

describe('written and read in pieces', () => {
  const intake = taken(file);
  const parts = (size: number) =>
    KITCHEN_TABLES.filter((table) => table !== 'kits').flatMap((table) => {
      const rows = intake.rows[table];
      return rows.length === 0
        ? [{ table, rows }]
        : Array.from({ length: Math.ceil(rows.length / size) }, (_, i) => ({ table, rows: rows.slice(i * size, (i + 1) * size) }));
    });
  const written = (size: number): string => [...kitchenText(head, file.kit, parts(size))].join('');
  const readInPieces = (text: string, size: number) => {
    const reader = new KitchenReader();
    for (let from = 0; from < text.length; from += size) if (!reader.push(text.slice(from, from + size))) break;
    return reader.finish();
  };

  test('any JSON parser reads it, and the pieces it was written in leave no trace', () => {
    expect(JSON.parse(written(7))).toMatchObject(JSON.parse(JSON.stringify(file)) as object);
    expect(written(7)).toBe(written(1000));
  });

  test('in whatever pieces it comes, the same kitchen', () => {
    const text = written(100);
    fc.assert(
      fc.property(fc.integer({ min: 40, max: 60_000 }), (size) => {
        const read = readInPieces(text, size);
        expect(read.ok && read.value.rows).toEqual(intake.rows);
      }),
      { seed: 3, numRuns: 8 },
    );
  });

  test('a document of another layout is read in one piece', () => {
    const read = readInPieces(JSON.stringify(file, null, 2), 5000);
    expect(read.ok && read.value.rows).toEqual(intake.rows);
  });

  test('cut off anywhere, it is refused: half a kitchen is none', () => {
    const text = written(100);
    fc.assert(
      fc.property(fc.integer({ min: 1, max: text.length - 3 }), (at) => {
        expect(readInPieces(text.slice(0, at), 4000)).toMatchObject({ ok: false });
      }),
      { seed: 4, numRuns: 40 },
    );
  });

  test('one line damaged in the middle is noticed', () => {
    const text = written(100).replace('"kind":"opened"', '"kind":"opened');
    expect(readInPieces(text, 4000)).toMatchObject({ ok: false, failure: { code: 'file-not-json' } });
  });

  test('a newer version is refused at its first line', () => {
    const reader = new KitchenReader();
    expect(reader.push(written(100).replace(`"version":${FILE_VERSION}`, `"version":${FILE_VERSION + 1}`))).toBe(false);
    expect(reader.finish()).toMatchObject({ ok: false, failure: { code: 'file-newer' } });
  });
});

test('rows have names within their tables', () => {
  expect(rowKey('irons', { id: 'a', rev: 3 })).toBe('a/3');
  expect(rowKey('loadEvents', { loadId: 'l', seq: 4 })).toBe('l/4');
  expect(rowKey('kits', { id: 'kit' })).toBe('kit');
  expect(rowKey('runs', {})).toBe('?');
});
