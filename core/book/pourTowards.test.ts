import { describe, expect, test } from '@jest/globals';
import type { Observation, PlaceOnPlate } from '../log/index.ts';
import { pourTowards } from './index.ts';

const missing = (at: PlaceOnPlate): Observation[] => [{ kind: 'fill', mould: 0, value: 'missing', at }];
const leaked = (at: PlaceOnPlate): Observation[] => [{ kind: 'fill', mould: 0, value: 'leaked', at }];
const full: Observation[] = [{ kind: 'fill', mould: 0, value: 'full' }];

describe('where to pour, by where it was missing or leaked', () => {
  test('missing in front and leaking at the hinge say the same: pour to the front', () => {
    const said = pourTowards([missing('front-left'), leaked('hinge'), full, missing('front-right'), leaked('hinge-left')]);
    expect(said).toMatchObject({ towards: 'front', speak: 4, told: 4 });
    // A uniform share after four of four: 1 − ½⁵ (the beta-binomial identity, by hand).
    expect(said?.chance).toBeCloseTo(1 - 1 / 32, 12);
  });

  test('one voice against three is no advice; nor are two alone, nor loads that told no place', () => {
    expect(pourTowards([leaked('hinge'), leaked('hinge'), leaked('hinge'), missing('hinge')])).toBeNull();
    expect(pourTowards([leaked('hinge'), leaked('hinge')])).toBeNull();
    expect(pourTowards([full, [{ kind: 'fill', mould: 0, value: 'leaked' }], []])).toBeNull();
  });

  test('left and right; the moulds of one load are one voice', () => {
    expect(pourTowards([missing('left'), missing('hinge-left'), leaked('right')])?.towards).toBe('left');
    expect(pourTowards([missing('right'), missing('front-right'), missing('right')])?.towards).toBe('right');
    expect(pourTowards([[...leaked('hinge'), ...leaked('hinge'), ...leaked('hinge'), ...leaked('hinge')]])).toBeNull();
  });

  // P(share > ½ | k of n) by Simpson's rule over the beta density.
  test.each([
    [5, 6],
    [7, 8],
    [9, 10],
  ])('the chance of %i of %i is the integral of its density', (k, n) => {
    const loads = [...Array.from({ length: k }, () => missing('hinge')), ...Array.from({ length: n - k }, () => missing('front'))];
    const density = (p: number): number => p ** k * (1 - p) ** (n - k);
    const simpson = (from: number, to: number): number => {
      const h = (to - from) / 2000;
      return (
        Array.from({ length: 2001 }, (_, i) => density(from + i * h) * (i === 0 || i === 2000 ? 1 : i % 2 === 1 ? 4 : 2)).reduce(
          (a, b) => a + b,
        ) *
        (h / 3)
      );
    };
    expect(pourTowards(loads)?.chance).toBeCloseTo(simpson(0.5, 1) / simpson(0, 1), 8);
  });
});
