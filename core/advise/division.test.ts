import { describe, expect, test } from '@jest/globals';
import { divided } from './division.ts';

const portion = { portion_g: 200, fills_g: [188, 220] as const };
const one = { moulds: 1, piecesPerLoad: 1 };
const four = { moulds: 4, piecesPerLoad: 4 };
const bowl = (pourable_g: number): number => pourable_g / 0.98;

describe('how a bowl divides', () => {
  test('what is left is shared out while every load still fills', () => {
    // 3 at 200 g would leave 179 g over: 4 at 195 g don't.
    expect(divided(bowl(779), portion, one, false)).toMatchObject({ loads: 4, pieces: 4, part: null });
    expect(divided(bowl(779), portion, one, false).even?.portion_g).toBeCloseTo(194.75, 6);
    // A little over goes into the loads that there are.
    expect(divided(bowl(630), portion, one, false)).toMatchObject({ loads: 3, even: { portion_g: expect.closeTo(210, 6) } });
    expect(divided(bowl(700), portion, one, false)).toMatchObject({ loads: 3, even: null, part: null });
    expect(divided(bowl(700), portion, one, false).leftover_g).toBeCloseTo(700 / 0.98 - 600, 6);
  });

  test('else it fills single moulds', () => {
    const halfway = divided(bowl(300), portion, four, false);
    expect(halfway).toMatchObject({ loads: 1, pieces: 6, even: null, part: { moulds: 2, portion_g: expect.closeTo(100, 6) } });
    expect(divided(bowl(150), portion, four, false)).toMatchObject({ loads: 0, pieces: 3, part: { moulds: 3 } });
    expect(divided(bowl(30), portion, four, false)).toMatchObject({ loads: 0, pieces: 0, part: null });
  });

  test('a portion of one’s own is poured as it is; nothing divides to nothing', () => {
    expect(divided(bowl(779), portion, one, true)).toMatchObject({ loads: 3, even: null });
    expect(divided(0, portion, one, false)).toMatchObject({ loads: 0, pieces: 0, even: null, part: null, leftover_g: 0 });
  });

  test('nothing is lost: what is poured and what is left make the bowl', () => {
    for (let mass_g = 50; mass_g < 1500; mass_g += 37) {
      const d = divided(mass_g, portion, four, false);
      const poured = d.loads * (d.even?.portion_g ?? portion.portion_g) + (d.part?.portion_g ?? 0);
      expect(poured + d.leftover_g).toBeCloseTo(mass_g, 6);
      expect(d.leftover_g).toBeGreaterThanOrEqual(0.02 * mass_g - 1e-9);
    }
  });
});
