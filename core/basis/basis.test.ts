import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import {
  celsiusToFahrenheit,
  clamp,
  CUP_STANDARDS,
  fahrenheitToCelsius,
  findRoot,
  GRAMS_PER_OUNCE,
  GRAMS_PER_POUND,
  canonicalJson,
  inputsHash,
  textHash,
  roundedTo,
  seededRandom,
  smoothStep,
} from './index.ts';

describe('units', () => {
  // NIST Handbook 44 App. C and SP 811 (2008) App. B.8; 231 in³ to the gallon.
  test.each([
    ['cup', 236.5882365],
    ['tablespoon', 14.78676478125],
    ['teaspoon', 4.92892159375],
    ['fluidOunce', 29.5735295625],
    ['pint', 473.176473],
    ['quart', 946.352946],
    ['gallon', 3785.411784],
  ] as const)('a US %s holds %d mL', (unit, mL) => {
    expect(CUP_STANDARDS.us[unit]).toBeCloseTo(mL, 8);
  });

  test('label measures are those of 21 CFR 101.9(b)(5)(viii)', () => {
    expect(CUP_STANDARDS.label).toMatchObject({ cup: 240, tablespoon: 15, teaspoon: 5, fluidOunce: 30 });
  });

  test('imperial: SI 1995/1804, half-pint cup', () => {
    expect(CUP_STANDARDS.imperial.pint).toBeCloseTo(568.26125, 6);
    expect(CUP_STANDARDS.imperial.cup).toBeCloseTo(284.130625, 6);
    expect(CUP_STANDARDS.imperial.fluidOunce).toBeCloseTo(28.4130625, 7);
  });

  test('an Australian tablespoon is four teaspoons', () => {
    expect(CUP_STANDARDS.au.tablespoon / CUP_STANDARDS.au.teaspoon).toBe(4);
    expect(CUP_STANDARDS.metric.tablespoon).toBe(15);
  });

  test('pound and ounce are those of 1959', () => {
    expect(GRAMS_PER_POUND).toBe(453.59237);
    expect(GRAMS_PER_OUNCE * 16).toBeCloseTo(GRAMS_PER_POUND, 10);
  });

  // Spot temperatures of food codes.
  test.each([
    [41, 5],
    [135, 57.22],
    [165, 73.89],
    [350, 176.67],
  ])('%d °F is %d °C', (f, c) => {
    expect(fahrenheitToCelsius(f)).toBeCloseTo(c, 2);
    expect(celsiusToFahrenheit(fahrenheitToCelsius(f))).toBeCloseTo(f, 9);
  });
});

describe('numbers', () => {
  test('clamp holds values inside and passes NaN on', () => {
    fc.assert(fc.property(fc.double({ noNaN: true }), (x) => clamp(x, -1, 2) >= -1 && clamp(x, -1, 2) <= 2));
    expect(clamp(NaN, 0, 1)).toBeNaN();
  });

  test('smoothStep rises from 0 to 1 without a step', () => {
    expect([smoothStep(0, 1, 3), smoothStep(2, 1, 3), smoothStep(9, 1, 3)]).toEqual([0, 0.5, 1]);
    fc.assert(fc.property(fc.double({ min: 0, max: 4, noNaN: true }), (x) => smoothStep(x + 1e-3, 1, 3) >= smoothStep(x, 1, 3)));
  });

  test('findRoot finds what is there and says when nothing is', () => {
    expect(findRoot((x) => x * x - 2, 0, 2, 1e-9)).toBeCloseTo(Math.SQRT2, 7);
    expect(findRoot((x) => x * x + 1, -1, 1, 1e-9)).toBeNull();
  });

  test('roundedTo gives a number, not a text', () => {
    expect(roundedTo(1.005, 1)).toBe(1);
    expect(roundedTo(-2.37, 1)).toBe(-2.4);
  });
});

describe('random', () => {
  test('the same seed gives the same sequence; another one another', () => {
    const take = (seed: number): number[] => {
      const random = seededRandom(seed);
      return Array.from({ length: 5 }, () => random.next());
    };
    expect(take(7)).toEqual(take(7));
    expect(take(7)).not.toEqual(take(8));
  });

  test('normal has mean 0 and deviation 1, within what 20,000 draws allow', () => {
    const random = seededRandom(1);
    const draws = Array.from({ length: 20_000 }, () => random.normal());
    const mean = draws.reduce((a, b) => a + b, 0) / draws.length;
    const deviation = Math.sqrt(draws.reduce((a, b) => a + (b - mean) ** 2, 0) / draws.length);
    expect(Math.abs(mean)).toBeLessThan(0.03);
    expect(Math.abs(deviation - 1)).toBeLessThan(0.03);
  });
});

test('known texts change nothing but the time', () => {
  const [known, inner] = [new WeakMap<object, string>(), { b: [1, { c: undefined, d: 'x' }], a: null }];
  const whole = { z: inner, y: [inner, inner] };
  expect(canonicalJson(whole, known)).toBe(canonicalJson(whole));
  expect(canonicalJson(whole, known)).toBe(
    '{"y":[{"a":null,"b":[1,{"d":"x"}]},{"a":null,"b":[1,{"d":"x"}]}],"z":{"a":null,"b":[1,{"d":"x"}]}}',
  );
  expect(known.get(inner)).toBe(canonicalJson(inner));
});

describe('textHash', () => {
  // Test vectors of FNV-1a, 64 bits (RFC 9923; from memory).
  test.each([
    ['', 'cbf29ce484222325'],
    ['a', 'af63dc4c8601ec8c'],
    ['foobar', '85944171f73967e8'],
  ])('%j', (text, hash) => expect(textHash(text)).toBe(hash));
});

describe('inputsHash', () => {
  test('does not depend on the order of members, but on every value', () => {
    expect(inputsHash({ a: 1, b: [1, 2] })).toBe(inputsHash({ b: [1, 2], a: 1 }));
    expect(inputsHash({ a: 1, b: [2, 1] })).not.toBe(inputsHash({ a: 1, b: [1, 2] }));
    expect(inputsHash({ a: 1, b: undefined })).toBe(inputsHash({ a: 1 }));
  });
});
