import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import * as z from 'zod';
import { readNumber } from '../../../core/basis/index.ts';
import { maybeNumberField, numberField } from './numberField.ts';
import { typedNumber } from './typed.ts';

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
