import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { seededRandom } from '../basis/index.ts';
import { TURNAROUND } from '../cook/index.ts';
import type { LoadEvent } from '../log/index.ts';
import { lidOpen_s } from './index.ts';

const loadOf = (took_s: number, i = 0): { readonly log: readonly LoadEvent[] } => ({
  log: [
    { seq: 0, at: i * 400_000, kind: 'poured', data: {} },
    { seq: 1, at: i * 400_000 + Math.round(1000 * took_s), kind: 'closed', data: {} },
  ],
});

describe('how long the lid stands open, by the book', () => {
  test('too few pours, or touches that were no pours, say nothing', () => {
    expect(lidOpen_s([])).toBeNull();
    expect(lidOpen_s([9, 9, 9, 9].map(loadOf))).toBeNull();
    expect(lidOpen_s([0, 0.4, 1, 900, 3600, 0.2, 80, 61].map(loadOf))).toBeNull();
  });

  test('as usual where pours are as usual; slower hands, longer, the more sure the more loads', () => {
    const times = (took_s: number, count: number): number => lidOpen_s(Array.from({ length: count }, () => loadOf(took_s)))!;
    expect(times(0.4 * TURNAROUND.open_s, 20)).toBe(TURNAROUND.open_s);
    expect(times(20, 36)).toBeGreaterThan(times(20, 6));
    expect(times(20, 36)).toBeLessThanOrEqual(2 * TURNAROUND.open_s);
    expect(times(5, 36)).toBeLessThan(0.6 * TURNAROUND.open_s);
  });

  test('300 kitchens with hands of their own: within a fifth in nineteen of twenty, one forgotten touch in ten among them', () => {
    const random = seededRandom(9);
    let near = 0;
    for (let kitchen = 0; kitchen < 300; kitchen++) {
      const open_s = TURNAROUND.open_s * Math.exp(0.35 * random.normal());
      const loads = Array.from({ length: 36 }, (_, i) =>
        loadOf(random.next() < 0.1 ? 120 * random.next() : 0.4 * open_s * Math.exp(0.4 * random.normal()), i),
      );
      if (Math.abs(Math.log(lidOpen_s(loads)! / open_s)) < Math.log(1.2)) near++;
    }
    expect(near / 300).toBeGreaterThan(0.93);
  });

  test('whatever was touched: a whole number of seconds between a half and four times the usual', () => {
    fc.assert(
      fc.property(fc.array(fc.float({ min: 0, max: 5000, noNaN: true }), { maxLength: 40 }), (times) => {
        const found = lidOpen_s(times.map(loadOf));
        expect(found === null || (Number.isInteger(found) && found >= 5 && found <= 100)).toBe(true);
      }),
      { seed: 3 },
    );
  });
});
