import { describe, expect, test } from '@jest/globals';
import { BUBBLE, cutMap, DEPTHS, HOLLOW } from './cutMap.ts';

const SHAPE = { width: 420, height: 120, thickness_mm: [4, 12], webShare: 0.35 };

describe('the shape of the cut', () => {
  const map = cutMap(SHAPE);
  const at = (x: number, y: number): number => map.index[y * map.width + x] ?? -1;
  const columnOf = (x: number): number[] => Array.from({ length: map.height }, (_, y) => at(x, y)).filter((index) => index >= 0);

  test('every pixel is plate, or a depth of one of the columns', () => {
    expect(map.index.every((index) => index === -1 || index % BUBBLE < 2 * DEPTHS)).toBe(true);
  });

  test('ribs are as thick as they should be, pockets as thin, to a pixel', () => {
    for (const x of map.ribCentres) expect(Math.abs(columnOf(x).length * map.mmPerPixel - 12)).toBeLessThanOrEqual(map.mmPerPixel);
    const pocket = Math.round(map.width / 7);
    expect(Math.abs(columnOf(pocket).length * map.mmPerPixel - 4)).toBeLessThanOrEqual(map.mmPerPixel);
  });

  test('depth runs from the lower face at the bottom to the upper at the top', () => {
    const depths = columnOf(map.ribCentres[0] ?? 0).map((index) => index % DEPTHS);
    expect([...depths].sort((a, b) => b - a)).toEqual(depths);
    expect(depths[0]).toBeGreaterThan(DEPTHS * 0.97);
    expect(depths.at(-1)).toBeLessThan(DEPTHS * 0.03);
  });

  test('no bubble lies on the lines that are read back, some do elsewhere; the same shape gives the same bubbles', () => {
    for (const x of map.ribCentres) expect(columnOf(x).every((index) => index < BUBBLE)).toBe(true);
    expect(map.index.some((index) => index >= BUBBLE)).toBe(true);
    expect(cutMap(SHAPE).index).toEqual(map.index);
  });

  test('a plate without ribs is one slab', () => {
    const slab = cutMap({ ...SHAPE, thickness_mm: [6] });
    expect(slab.ribCentres).toHaveLength(1);
    expect(slab.index.every((index) => index === -1 || index % BUBBLE < DEPTHS)).toBe(true);
  });

  test('thick gaps are drawn smaller, so that they fit', () => {
    const thick = cutMap({ ...SHAPE, thickness_mm: [20, 50] });
    expect(thick.mmPerPixel).toBeGreaterThan(map.mmPerPixel);
    expect(thick.index[Math.floor(thick.width / 14)]).toBe(-1);
  });

  test('a pan’s hollow lies between its two halves: thin below, thick above, nothing lost of either', () => {
    const pan = cutMap({ ...SHAPE, hollow_mm: [2, 6], lowerShare: 0.25 });
    const x = pan.ribCentres[3] ?? 0;
    const column = Array.from({ length: pan.height }, (_, y) => pan.index[y * pan.width + x] ?? -1);
    const hollow = column.filter((index) => index === HOLLOW).length;
    const batter = column.filter((index) => index >= 0).map((index) => index % DEPTHS);
    expect(Math.abs(hollow * pan.mmPerPixel - 6)).toBeLessThanOrEqual(2 * pan.mmPerPixel);
    expect(Math.abs(batter.length * pan.mmPerPixel - 12)).toBeLessThanOrEqual(2 * pan.mmPerPixel);
    const below = batter.filter((depth) => depth < DEPTHS / 4).length;
    expect(Math.abs(below * pan.mmPerPixel - 3)).toBeLessThanOrEqual(2 * pan.mmPerPixel);
    // From the top down: the upper half, the hollow, the lower half; nothing between.
    expect(column.indexOf(HOLLOW)).toBeGreaterThan(column.findIndex((index) => index >= 0));
    expect(column.slice(column.indexOf(HOLLOW), column.lastIndexOf(HOLLOW) + 1).every((index) => index === HOLLOW)).toBe(true);
  });
});
