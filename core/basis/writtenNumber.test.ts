import { describe, expect, test } from '@jest/globals';
import { numbersIn, readNumber, readTime } from './writtenNumber.ts';

const whole = (min: number, max: number) => (value: number) => Number.isInteger(value) && value >= min && value <= max;

describe('a number as it is typed', () => {
  test.each([
    ['18,5', 18.5],
    ['18.5', 18.5],
    ['1,5', 1.5],
    ['.5', 0.5],
    ['0,125', 0.125],
    ['1,234.5', 1234.5],
    ['1.234,5', 1234.5],
    ['1,234,567', 1_234_567],
    ['1.234.567', 1_234_567],
    ['12 500', 12_500],
    ['12\u202f500', 12_500],
    ['12’500', 12_500],
    ['-4', -4],
    ['−18', -18],
    ['3½', 3.5],
    ['½', 0.5],
    ['3 1/2', 3.5],
    ['1/4', 0.25],
  ])('%s is %d', (typed, value) => expect(readNumber(typed)).toEqual({ kind: 'number', value }));

  test.each(['1,000', '1.000', '12,500', '250.125'])('%s is two numbers: asked', (typed) =>
    expect(readNumber(typed)).toMatchObject({ kind: 'ambiguous' }),
  );

  test('where one reading alone makes sense it is taken', () => {
    expect(readNumber('1,000', whole(2, 5000))).toEqual({ kind: 'number', value: 1000 });
    expect(readNumber('1,250', (value) => value > 0 && value < 10)).toEqual({ kind: 'number', value: 1.25 });
    // Both would do: one person or a thousand.
    expect(readNumber('1,000', whole(1, 5000))).toEqual({ kind: 'ambiguous', values: [1, 1000] });
  });

  test.each(['', '  '])('“%s” is nothing', (typed) => expect(readNumber(typed)).toEqual({ kind: 'empty' }));
  test.each(['abc', '1e3', '0x10', '1,2,3', '1..2', '.', '1/0', 'Infinity', '12 34', '1,23,456', '5 g'])('%s isn’t a number', (typed) =>
    expect(readNumber(typed)).toEqual({ kind: 'nonsense' }),
  );
});

describe('fractions', () => {
  test('a fraction glued to a whole number is asked about', () => {
    expect(readNumber('11/2')).toEqual({ kind: 'ambiguous', values: [1.5, 5.5] });
    expect(readNumber('31/4')).toEqual({ kind: 'ambiguous', values: [3.25, 7.75] });
    expect(readNumber('11/2', (value) => value < 2)).toEqual({ kind: 'number', value: 1.5 });
  });

  test('three halves are three halves; a hundred over a hundred and twenty is no amount', () => {
    expect(readNumber('3/2')).toEqual({ kind: 'number', value: 1.5 });
    expect(readNumber('100/120')).toEqual({ kind: 'nonsense' });
  });
});

describe('times', () => {
  const within = (seconds: number): boolean => seconds > 0 && seconds <= 1800;
  test.each([
    ['2:50', 170],
    ['2½', 150],
    ['2.5', 150],
    ['4', 240],
    ['12', 720],
  ])('%s is %d s', (typed, seconds) => expect(readTime(typed, within)).toEqual({ kind: 'number', value: seconds }));

  test.each([
    ['2.50', [170, 150]],
    ['2,50', [170, 150]],
    ['5.30', [330, 318]],
  ])('%s is minutes and seconds, or minutes: asked', (typed, values) =>
    expect(readTime(typed, within)).toEqual({ kind: 'ambiguous', values }),
  );

  test('250: two minutes fifty where 250 minutes make no sense, asked where both do', () => {
    expect(readTime('250', within)).toEqual({ kind: 'number', value: 170 });
    expect(readTime('250', (s) => s <= 36_000)).toEqual({ kind: 'ambiguous', values: [170, 15_000] });
  });

  test.each(['25:61', '2:5', '1:2:3', ':30'])('%s is no time', (typed) => expect(readTime(typed, within).kind).toBe('nonsense'));
});

describe('numbers in a line', () => {
  const readings = (line: string) =>
    numbersIn(line).map(({ text, read }) => [
      text,
      read.kind === 'ambiguous' ? read.values : read.kind === 'number' ? read.value : read.kind,
    ]);
  test.each<[string, unknown]>([
    ['1 200 g flour', [['1 200', 1200]]],
    ['1\u202f200 g flour', [['1\u202f200', 1200]]],
    ["1'200 g flour", [["1'200", 1200]]],
    ['1.000 g flour', [['1.000', [1, 1000]]]],
    ['2,500 g flour', [['2,500', [2.5, 2500]]]],
    ['0,125 l milk', [['0,125', 0.125]]],
    ['.5 cup milk', [['.5', 0.5]]],
    ['12345678 g flour', [['12345678', 12345678]]],
    ['1e3 g flour', [['1e3', 'nonsense']]],
    ['1.2.3 g salt', [['1.2.3', 'nonsense']]],
    ['l00 g butter', [['l00', [100]]]],
    ['2OO g sugar', [['2OO', [200]]]],
    ['10l milk', [['10', 10]]],
    [
      '2-3 eggs',
      [
        ['2', 2],
        ['3', 3],
      ],
    ],
    [
      '1 1/2 cups',
      [
        ['1', 1],
        ['1/2', 0.5],
      ],
    ],
    ['100/120 g', [['100/120', 'nonsense']]],
    [
      '2 eggs, 1 yolk',
      [
        ['2', 2],
        ['1', 1],
      ],
    ],
    ['1. whisk', [['1', 1]]],
  ])('%s', (line, expected) => expect(readings(line)).toEqual(expected));
});

test('a thousand that is too much isn’t one: nobody writes three noughts behind a decimal', () => {
  const upTo = (most: number) => (value: number) => value <= most;
  expect(readNumber('5,000', upTo(2000))).toEqual({ kind: 'ambiguous', values: [5, 5000] });
  expect(readNumber('1.000', upTo(6))).toEqual({ kind: 'ambiguous', values: [1, 1000] });
  expect(readNumber('1.250', upTo(40))).toEqual({ kind: 'number', value: 1.25 });
});
