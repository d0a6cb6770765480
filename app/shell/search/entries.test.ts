import { expect, test } from '@jest/globals';
import type { SearchEntry } from './entries.ts';
import { foundIn } from './entries.ts';

const entry = (kind: string, name: string): SearchEntry => ({ id: `${kind}/${name}`, kind, name, to: '/' });
const ENTRIES = [
  entry('Recipe', 'Deep Brûlée'),
  entry('Iron', 'Thin round, deep'),
  entry('Iron', 'Deep A'),
  entry('Kitchen', 'Circuits and fuses'),
];
const names = (typed: string): readonly string[] => foundIn(ENTRIES, typed).map(({ name }) => name);

test('every typed word counts, accents and capitals do not; names that begin with it come first', () => {
  expect(names('deep')).toEqual(['Deep Brûlée', 'Deep A', 'Thin round, deep']);
  expect(names('brulee DEEP')).toEqual(['Deep Brûlée']);
  expect(names('iron deep')).toEqual(['Thin round, deep', 'Deep A']);
  expect(names('fuse')).toEqual(['Circuits and fuses']);
  expect(names('toaster')).toEqual([]);
  expect(names('  ')).toEqual([]);
});

test('no more than fit', () => {
  expect(
    foundIn(
      Array.from({ length: 40 }, (_, i) => entry('Recipe', `Batter ${i}`)),
      'batter',
    ),
  ).toHaveLength(12);
});
