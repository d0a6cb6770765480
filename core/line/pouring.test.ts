import { describe, expect, test } from '@jest/globals';
import { POURABLE_SHARE } from '../formula/index.ts';
import { beginsAnother, pouredNow, restFor, scooped_g } from './pouring.ts';

const place = (left_g: number | null, moulds = 4) =>
  ({ left_g, iron: { geometry: { moulds } }, advice: { answer: { portion_g: 360 } } }) as unknown as Parameters<typeof restFor>[0];

test('scoops, of a batter with its air, into every mould', () => {
  expect(scooped_g({ count: 1.5, volume_mL: 60, density_gPerML: 0.9, moulds: 4 })).toBe(324);
});

describe('what the touch says', () => {
  test('a whole load as advised, or as somebody said', () => {
    expect(pouredNow(place(3000), {})).toEqual({});
    expect(pouredNow(place(null), {})).toEqual({});
    const said = { portion: { grams: 300, by: 'scale' as const } };
    expect(pouredNow(place(200), said)).toEqual(said);
  });
  test('the last of the bowl: so many moulds, and so many grams', () => {
    expect(pouredNow(place(200 / POURABLE_SHARE), { greased: true })).toEqual({
      greased: true,
      moulds: 2,
      portion: { grams: 180, by: 'eye' },
    });
  });
  test('an empty bowl has no rest: the pour begins another', () => {
    expect(restFor(place(0), {})).toBeNull();
    expect(beginsAnother(place(0))).toBe(true);
    expect([restFor(place(2.3), {}), beginsAnother(place(2.3))]).toEqual([null, true]);
    expect(beginsAnother(place(null))).toBe(false);
  });
});
