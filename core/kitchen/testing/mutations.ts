import type { Random } from '../../basis/index.ts';

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

const copyOf = (value: unknown): unknown => JSON.parse(JSON.stringify(value)) as unknown;

/** Somewhere in it, one thing is otherwise: another value, gone, or there twice. */
export const mutate = (whole: object, random: Random): void => {
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
    if (way === 0 && Array.isArray(held)) held.push(copyOf(inside));
    else if (way === 1 && Array.isArray(held)) held.splice(Number(key), 1);
    else if (way === 1) Reflect.deleteProperty(held, key);
    else (held as Record<string, unknown>)[key] = copyOf(ODD[random.below(ODD.length)]);
    return;
  }
};

/** Characters of a file that are lost, doubled or others. */
export const mangle = (text: string, random: Random): string => {
  const at = random.below(text.length);
  const length = 1 + random.below(random.next() < 0.5 ? 3 : 3000);
  const piece = text.slice(at, at + length);
  const instead = ['', piece + piece, '"', ',', '}', '\u0000', '9'.repeat(40), '\n'][random.below(8)]!;
  return text.slice(0, at) + instead + text.slice(at + length);
};
