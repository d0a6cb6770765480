import { readdirSync, readFileSync } from 'node:fs';
import { describe, expect, test } from '@jest/globals';
import { demoFile } from '../../demo/file.ts';
import { checkKitchenFile, FILE_VERSION, KIT_ADDED_IN_2, MOST_FILE_BYTES, readKitchenFile } from './index.ts';

const file = demoFile();

describe('kitchen files', () => {
  test('what is written is read again, deep-equal', () => {
    const read = readKitchenFile(JSON.stringify(file));
    expect(read).toEqual({ ok: true, value: file });
  });

  test.each([
    ['', 'file-empty'],
    ['{"schema":', 'file-not-json'],
    ['{"schema":"something-else","version":1}', 'file-foreign'],
    ['[]', 'file-foreign'],
    ['null', 'file-foreign'],
    [JSON.stringify({ ...file, version: FILE_VERSION + 1 }), 'file-newer'],
    [JSON.stringify({ ...file, kit: { ...file.kit, altitude_m: 9000 } }), 'file-broken'],
    [JSON.stringify({ ...file, irons: [{ ...file.irons[0], geometry: { ...file.irons[0]?.geometry, footprint_cm2: 0 } }] }), 'file-broken'],
    [JSON.stringify({ ...file, lots: [] }), 'file-unlinked'],
    [JSON.stringify({ ...file, loads: file.loads.slice(1) }), 'file-unlinked'],
    [JSON.stringify(file).slice(0, 20_000), 'file-not-json'],
    ['{"schema":"tawny-lattice/kitchen","version":1,"__proto__":{"polluted":true}}', 'file-forbidden-key'],
    ['{"schema":"tawny-lattice/kitchen","version":1,"kit":{"constructor":{"prototype":{}}}}', 'file-forbidden-key'],
  ])('%# is refused: %s', (text, code) => {
    const read = readKitchenFile(text);
    expect(read.ok ? 'read' : read.failure.code).toBe(code);
    expect(({} as { polluted?: boolean }).polluted).toBeUndefined();
  });

  test('50 MB is the most', () => {
    expect(readKitchenFile(' '.repeat(MOST_FILE_BYTES + 1))).toMatchObject({ ok: false, failure: { code: 'file-too-large' } });
  });

  test('nesting without end is refused, not followed', () => {
    const deep = `{"schema":"tawny-lattice/kitchen","version":1,"x":${'['.repeat(500)}${']'.repeat(500)}}`;
    expect(readKitchenFile(deep)).toMatchObject({ ok: false });
  });

  test('version 1 is upgraded: a larger kit, lots without weights, nothing weighed', () => {
    const { ingredients: _i, weighings: _w, weighEvents: _e, ...rest } = file;
    const { eggMarket: _m, climate: _c, spoons: _s, scales: _sc, bowls: _b, pricesPerKg: _p, currency: _cu, ...kit } = file.kit;
    const old = { ...rest, version: 1, kit, lots: file.lots.map(({ weighed: _weighed, ...lot }) => lot) };
    const read = checkKitchenFile(old);
    if (!read.ok) throw new Error(JSON.stringify(read.failure));
    expect(read.value.kit).toEqual({ ...KIT_ADDED_IN_2, ...kit });
    expect(read.value.lots.every((lot) => lot.weighed.length === 0)).toBe(true);
    expect([read.value.ingredients, read.value.weighings, read.value.weighEvents]).toEqual([[], [], []]);
  });

  // Every release leaves a fixture; every older fixture must go on being read.
  const folder = new URL('./testing/', import.meta.url);
  test.each(readdirSync(folder).filter((name) => name.endsWith('.json')))('%s, written by a release, is read without loss', (name) => {
    const json: unknown = JSON.parse(readFileSync(new URL(name, folder), 'utf8'));
    const read = checkKitchenFile(json);
    if (!read.ok) throw new Error(JSON.stringify(read.failure));
    // Everything that was in the file stands in it still; what a newer version added is added, nothing else.
    expect(read.value).toMatchObject({ ...(json as object), version: FILE_VERSION });
    expect(read.value.version).toBe(FILE_VERSION);
  });
});
