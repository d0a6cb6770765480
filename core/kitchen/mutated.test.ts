import { describe, expect, test } from '@jest/globals';
import { demoFile } from '../../demo/file.ts';
import type { Random } from '../basis/index.ts';
import { seededRandom } from '../basis/index.ts';
import { campaign } from '../testing/campaign.ts';
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

/** What no kitchen holds, or no field of it may. */
const ODD: readonly unknown[] = [
  null,
  '',
  -1,
  0,
  2e12,
  1e308,
  5e-324,
  0.1,
  true,
  [],
  {},
  'NaN',
  '\u202eright to left',
  '👩🏽‍🍳'.repeat(90),
  'x'.repeat(5000),
  [[[[]]]],
  { kind: 'poured' },
  '__proto__',
];

type Held = Record<string, unknown> | unknown[];
const isHeld = (value: unknown): value is Held => typeof value === 'object' && value !== null;

/** Somewhere in it, one thing is otherwise: another value, gone, or there twice. */
const mutate = (whole: object, random: Random): void => {
  let held: Held = whole as Held;
  for (;;) {
    const keys = Object.keys(held);
    const key = keys[random.below(Math.max(1, keys.length))];
    if (key === undefined) return;
    const inside = (held as Record<string, unknown>)[key];
    if (isHeld(inside) && random.next() < 0.85) {
      held = inside;
      continue;
    }
    const way = random.below(4);
    if (way === 0 && Array.isArray(held)) held.push(structuredClone(inside));
    else if (way === 1 && Array.isArray(held)) held.splice(Number(key), 1);
    else if (way === 1) Reflect.deleteProperty(held, key);
    else (held as Record<string, unknown>)[key] = structuredClone(ODD[random.below(ODD.length)]);
    return;
  }
};

/** Characters of a file that are lost, doubled or others. */
const mangle = (text: string, random: Random): string => {
  const at = random.below(text.length);
  const length = 1 + random.below(random.next() < 0.5 ? 3 : 3000);
  const piece = text.slice(at, at + length);
  const instead = ['', piece + piece, '"', ',', '}', '\u0000', '9'.repeat(40), '\n'][random.below(8)]!;
  return text.slice(0, at) + instead + text.slice(at + length);
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
