import { describe, expect, test } from '@jest/globals';
import { advise, DEFAULT_CONDITIONS, pictureOf } from '../../../core/advise/index.ts';
import { presetIron, readBatter } from '../../../core/testing/batters.ts';
import { cutMap } from './cutMap.ts';
import { crumbColours, paintCut } from './cutPaint.ts';

const result = advise({ ...DEFAULT_CONDITIONS, reading: readBatter('quick'), iron: presetIron('deep-round'), setting_C: 170 });
if (!result.ok) throw new Error(result.failure.code);
const picture = pictureOf(result.value);
const map = cutMap({ width: 840, height: 148, thickness_mm: picture.columns.map((c) => c.thickness_mm), webShare: 0.35 });

/** Reads a column of pixels through the middle of a rib back from the painting. */
const ribAt = (second: number): string[] => {
  const pixels = new Int32Array(map.width * map.height);
  paintCut(map, picture, second, pixels);
  const x = map.ribCentres[3] ?? 0;
  return Array.from({ length: map.height }, (_, y) => {
    const value = pixels[y * map.width + x] ?? 0;
    return [value & 255, (value >> 8) & 255, (value >> 16) & 255].join();
  });
};

describe('what is drawn is what was simulated', () => {
  const { wet, crumb } = crumbColours(picture.rawLightness);
  const rib = picture.columns[1];
  if (rib === undefined) throw new Error('no rib');
  const mm = (count: number): number => count * map.mmPerPixel;

  test.each([0, 20, 40, 60, 75, 100, 200, 300])('at %d s: thickness, wet core and crust, to a pixel or two', (second) => {
    const column = ribAt(second);
    const batter = column.filter((colour) => colour !== column[0]);
    expect(Math.abs(mm(batter.length) - rib.thickness_mm)).toBeLessThan(2 * map.mmPerPixel);
    // From the simulation: cells below the setting temperature and not dry; twice, for both halves.
    let wet_mm = 0;
    for (let i = 0; i < rib.cells; i++) {
      const at = second * rib.cells + i;
      if ((rib.T_C[at] ?? 0) < picture.set_C && (rib.waterActivity[at] ?? 1) >= 0.45) wet_mm += 2 * (rib.size_mm[i] ?? 0);
    }
    expect(Math.abs(mm(batter.filter((colour) => colour === wet.join()).length) - wet_mm)).toBeLessThan(3 * map.mmPerPixel);
    const crust = batter.filter((colour) => colour !== wet.join() && colour !== crumb.join()).length;
    expect(Math.abs(mm(crust) / 2 - (rib.crust_mm[second] ?? 0))).toBeLessThan(3 * map.mmPerPixel);
  });

  test('the face darkens as the step rises', () => {
    const lightness = (second: number): number => {
      const column = ribAt(second);
      return (column.find((colour) => colour !== column[0]) ?? '').split(',').reduce((sum, part) => sum + Number(part), 0);
    };
    expect(lightness(300)).toBeLessThan(lightness(150));
  });
});
