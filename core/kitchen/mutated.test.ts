import { describe, expect, test } from '@jest/globals';
import { demoFile } from '../../demo/file.ts';
import { seededRandom } from '../basis/index.ts';
import { campaign } from '../testing/campaign.ts';
import { mangle, mutate } from './testing/mutations.ts';
import type { Intake, KitchenTable } from './index.ts';
import { checkRow, KITCHEN_TABLES, kitchenFileOf, KitchenReader, kitchenText, readKitchenFile } from './index.ts';

const file = demoFile();
const HEAD = { appVersion: file.appVersion, exportedAt: file.exportedAt };
/** What isn't a list any more is one odd row. */
const rowsOf = (from: object, table: KitchenTable): readonly object[] => [(from as Record<string, object | undefined>)[table] ?? []].flat();

/** The same kitchen, a row a line. */
const inRows = (from: object): string =>
  [
    ...kitchenText(
      HEAD,
      (from as { kit: object }).kit,
      KITCHEN_TABLES.filter((table) => table !== 'kits').map((table) => ({ table, rows: rowsOf(from, table) })),
    ),
  ].join('');

const inOnePiece = (text: string): ReturnType<typeof readKitchenFile> => readKitchenFile(text);
const piecewise = (text: string): ReturnType<typeof readKitchenFile> => {
  const reader = new KitchenReader();
  for (let at = 0; at < text.length; at += 50_000) if (!reader.push(text.slice(at, at + 50_000))) break;
  return reader.finish();
};

/** What was taken holds only rows that make sense, can be written, and is the same once it is read again. */
const isSound = ({ rows, setAside }: Intake): void => {
  for (const table of KITCHEN_TABLES)
    for (const row of rows[table]) if (!checkRow(table, row).ok) throw new Error(`${table}: ${JSON.stringify(row).slice(0, 300)}`);
  for (const aside of setAside) for (const said of Object.values(aside)) expect(typeof said).toBe('string');
  const again = readKitchenFile(JSON.stringify(kitchenFileOf({ rows, setAside: [], repaired: [] }, HEAD)));
  if (!again.ok) throw new Error(`written, it can't be read: ${JSON.stringify(again.failure)}`);
  expect(again.value.rows).toEqual(rows);
  expect(again.value.setAside).toEqual([]);
};

describe('kitchen files that something has happened to', () => {
  test.each([
    ['in one piece', (from: object) => JSON.stringify(from), inOnePiece, 41],
    ['a row a line', inRows, piecewise, 42],
  ] as const)('%s: refused with a reason, or taken without what makes no sense; never anything in between', (_, write, read, seed) => {
    const random = seededRandom(seed);
    const ended = new Map<string, number>();
    for (let n = 0; n < campaign(30, 1000); n++) {
      const odd = structuredClone(file);
      const changes = 1 + random.below(4);
      for (let i = 0; i < changes; i++) mutate(odd, random);
      const text = random.next() < 0.4 ? mangle(write(odd), random) : write(odd);
      const result = read(text);
      const end = result.ok ? 'taken' : result.failure.code;
      ended.set(end, (ended.get(end) ?? 0) + 1);
      if (result.ok) isSound(result.value);
      else expect(end).toMatch(/^file-/);
    }
    // It is a campaign of both.
    expect(ended.get('taken')).toBeGreaterThan(0);
    expect(ended.size).toBeGreaterThan(1);
  });
});
