import { describe, expect, test } from '@jest/globals';
import type { Entry } from './entry.ts';
import { lastLoads } from './lastLoads.ts';

let count = 0;
const entry = (ironId: string, seen: number | null, phase = 'opened'): Entry =>
  ({
    load: { id: `load ${count++}`, ironId },
    prediction: { tawnyStep: 4 },
    progress: { phase },
    tawny: { upper: seen, lower: seen },
  }) as unknown as Entry;

describe('what the last loads of an iron came to', () => {
  test('what most of the rated ones did; within half a step is as expected', () => {
    const of = (...seen: readonly (number | null)[]) =>
      lastLoads(
        seen.map((step) => entry('a', step)),
        5,
      )[0];
    expect(of(5, 5, 4.3, 5, 5)).toMatchObject({ verdict: 'dark', count: 4, rated: 5, isFar: false });
    expect(of(3, 3, 3, 4, 4)).toMatchObject({ verdict: 'pale', count: 3 });
    expect(of(4, 4.4, 3.6, 6, 2)).toMatchObject({ verdict: 'expected', count: 3 });
    expect(of(6, 2, 4, null)).toMatchObject({ verdict: 'mixed', count: 2, rated: 3 });
    expect(of(7, 7, null)).toMatchObject({ verdict: 'dark', count: 2, rated: 2, isFar: true });
    expect(of(null, null)).toMatchObject({ verdict: 'not-rated', rated: 0 });
  });

  test('each iron by itself, the newest first, no more than asked, none that is still in the iron', () => {
    const entries = [entry('b', 4), entry('a', 5, 'cooking'), entry('a', 4), entry('b', 4), entry('b', 4), entry('a', 8)];
    const found = lastLoads(entries, 2);
    expect(found.map(({ ironId, entries: of }) => [ironId, of.map(({ load }) => load.id)])).toEqual([
      ['b', [entries[0]?.load.id, entries[3]?.load.id]],
      ['a', [entries[2]?.load.id, entries[5]?.load.id]],
    ]);
  });

  test('turned over, dark becomes pale: the verdict has no side of its own', () => {
    const steps = [5.2, 4.9, 4.2, 3.1, 6];
    const verdict = (list: readonly number[]) =>
      lastLoads(
        list.map((step) => entry('a', step)),
        9,
      )[0];
    expect(verdict(steps)?.verdict).toBe('dark');
    expect(verdict(steps.map((step) => 8 - step))).toMatchObject({ verdict: 'pale', count: verdict(steps)?.count });
  });
});
