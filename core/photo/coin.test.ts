import { describe, expect, test } from '@jest/globals';
import { besideCoin } from './index.ts';

const across = (x: number, y: number, length: number, angle = 0) =>
  [
    { x, y },
    { x: x + length * Math.cos(angle), y: y + length * Math.sin(angle) },
  ] as const;

describe('a plate beside a coin', () => {
  test('a plate eight coins wide, whichever way the two lie', () => {
    for (const angle of [0, 0.7, 2.4]) {
      const size = besideCoin(23.25, across(40, 60, 93, angle), across(300, 200, 744, -angle));
      expect(size.ok && size.value).toBeCloseTo(186, 9);
    }
  });
  test('a speck of a coin, two marks on one another and a plate like a barn door are refused by name', () => {
    expect(besideCoin(23.25, across(0, 0, 10), across(0, 0, 500))).toMatchObject({ failure: { code: 'coin-too-small' } });
    expect(besideCoin(23.25, across(5, 5, 0), across(0, 0, 500))).toMatchObject({
      failure: { code: 'coin-too-small', fields: { pixels: 0 } },
    });
    expect(besideCoin(23.25, across(0, 0, NaN), across(0, 0, 500))).toMatchObject({ failure: { code: 'coin-too-small' } });
    expect(besideCoin(23.25, across(0, 0, 30), across(0, 0, 2000))).toMatchObject({ failure: { code: 'plate-unbelievable' } });
    expect(besideCoin(23.25, across(0, 0, 200), across(0, 0, 20))).toMatchObject({ failure: { code: 'plate-unbelievable' } });
  });
});
