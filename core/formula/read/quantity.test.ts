import { describe, expect, test } from '@jest/globals';
import { Reader, tokenize } from './quantity.ts';

const quantity = (text: string) => new Reader(tokenize(text)).quantity();
const amount = (text: string) => new Reader(tokenize(text)).amount();

describe('numbers as they are written', () => {
  test.each([
    ['2', 2, 2],
    ['2.5', 2.5, 2.5],
    ['2,5', 2.5, 2.5],
    ['1 1/2', 1.5, 1.5],
    ['1-1/2', 1.5, 1.5],
    ['1½', 1.5, 1.5],
    ['⅔', 2 / 3, 2 / 3],
    ['3/4', 0.75, 0.75],
    ['1⁄4', 0.25, 0.25],
    ['two', 2, 2],
    ['half', 0.5, 0.5],
    ['half a dozen', 6, 6],
    ['two dozen', 24, 24],
    ['one and a half', 1.5, 1.5],
    ['2 and a quarter', 2.25, 2.25],
    ['1 to 2', 1, 2],
    ['1-2', 1, 2],
    ['1–2', 1, 2],
    ['1 1/2 to 2', 1.5, 2],
    ['1 1/2-2', 1.5, 2],
    ['12,500.5', 12500.5, 12500.5],
  ])('%j is %d to %d', (text, low, high) => {
    expect(quantity(text)?.low).toBeCloseTo(low, 9);
    expect(quantity(text)?.high).toBeCloseTo(high, 9);
  });

  test.each(['', 'cups', '1/0', '(', 'twelfth'])('%j is none', (text) => expect(quantity(text)).toBeNull());

  test('a range that runs backwards is not a range', () => expect(quantity('3-2')).toEqual({ low: 3, high: 3 }));
});

describe('amounts', () => {
  test.each([
    ['2 cups', 'volume'],
    ['250g', 'mass'],
    ['1 stick', 'measure'],
    ['1 can', 'container'],
    ['4 fl. oz.', 'volume'],
    ['1 T', 'volume'],
  ])('%j has a unit of kind %s', (text, kind) => expect(amount(text)?.unit?.kind).toBe(kind));

  test('sizes and fullness are heard', () => {
    expect(amount('2 large')).toMatchObject({ size: 'large', unit: null });
    expect(amount('1 extra large')).toMatchObject({ size: 'xl' });
    expect(amount('1 heaping tbsp')?.fullness).toBeGreaterThan(1);
    expect(amount('1 scant cup')?.fullness).toBeLessThan(1);
  });

  test('T and t are not the same spoon', () => {
    const [table, tea] = ['1 T', '1 t'].map((text) => amount(text)?.unit);
    expect(table).not.toEqual(tea);
  });

  test('tokens are bounded', () => expect(tokenize('1 '.repeat(10_000)).length).toBeLessThanOrEqual(120));
});
