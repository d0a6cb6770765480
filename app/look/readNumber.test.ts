import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import * as z from 'zod';
import { maybeNumberField, numberField } from './numberField.ts';
import { readNumber, typedNumber } from './readNumber.ts';

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

  test('what stands in an entry is read as it was', () => {
    fc.assert(
      fc.property(fc.double({ min: -9999, max: 99_999, noNaN: true }), (value) => {
        const shown = typedNumber(value);
        if (shown.includes('e')) return;
        const read = readNumber(shown, (v) => Math.abs(v - value) <= 1e-5 * Math.abs(value));
        expect(read.kind).toBe('number');
      }),
      { seed: 7 },
    );
    expect(typedNumber(253.90383242239247)).toBe('253.904');
    expect([typedNumber(null), typedNumber(NaN)]).toEqual(['', '']);
  });
});

describe('a number of a form', () => {
  const Form = z.object({ altitude_m: numberField({ min: -430, max: 5500 }), spare: maybeNumberField({ min: 0, max: 10 }) });
  const messages = (input: object): string[] => Form.safeParse(input).error?.issues.map((issue) => issue.message) ?? [];

  test('a cleared altitude isn’t the sea', () => {
    expect(messages({ altitude_m: '', spare: '' })).toEqual(['how much?']);
    expect(Form.parse({ altitude_m: '0', spare: '' })).toEqual({ altitude_m: 0, spare: null });
  });

  test('out of its limits, ambiguous, or no number: said', () => {
    expect(messages({ altitude_m: '9000', spare: '' })[0]).toContain('5,500');
    expect(messages({ altitude_m: '1,240', spare: '' })[0]).toBe('1.24 or 1,240? Write it without the sign between');
    expect(messages({ altitude_m: 'high', spare: 'x' })).toHaveLength(2);
  });
});
