import { readdirSync, readFileSync } from 'node:fs';
import { describe, expect, test } from '@jest/globals';
import { demoFile } from '../../demo/file.ts';
import { checkKitchenFile, FILE_VERSION, MOST_FILE_BYTES, readKitchenFile } from './index.ts';

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

  // Every release leaves a fixture; every older fixture must go on being read.
  const folder = new URL('testing/', import.meta.url);
  test.each(readdirSync(folder).filter((name) => name.endsWith('.json')))('%s, written by a release, is read without loss', (name) => {
    const json: unknown = JSON.parse(readFileSync(new URL(name, folder), 'utf8'));
    expect(checkKitchenFile(json)).toEqual({ ok: true, value: json });
  });
});
