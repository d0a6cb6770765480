import type { Picture, PictureColumn } from '../../core/advise/index.ts';
import { tawnyStepOf } from '../../core/matter/index.ts';
import type { Rgb } from '../look/index.ts';
import { labToRgb, tawnyRgb } from '../look/index.ts';
import type { CutMap } from './cutMap.ts';
import { BUBBLE, DEPTHS } from './cutMap.ts';

/** What a depth of the cut is, at one second. */
export type Layer = 'wet' | 'crumb' | 'crust';

/** a_w under which a layer crunches; the same limit as the model's crust. */
const CRUST_ACTIVITY = 0.45;
const PLATE: Rgb = [43, 49, 53];

/** Cell of the lower half, or of the whole column, that holds a depth share (0 lower face, 1 upper). */
export const cellAt = (column: PictureColumn, share: number): number => {
  const folded = column.mirrored && share > 0.5 ? 1 - share : share;
  const at_mm = folded * column.thickness_mm;
  let edge = 0;
  for (let i = 0; i < column.cells; i++) {
    edge += column.size_mm[i] ?? 0;
    if (at_mm <= edge) return i;
  }
  return column.cells - 1;
};

export const layerAt = (picture: Picture, column: PictureColumn, second: number, share: number): Layer => {
  const at = second * column.cells + cellAt(column, share);
  if ((column.waterActivity[at] ?? 1) < CRUST_ACTIVITY) return 'crust';
  return (column.T_C[at] ?? 0) < picture.set_C ? 'wet' : 'crumb';
};

const mixed = (a: Rgb, b: Rgb, share: number): Rgb => [
  Math.round(a[0] + (b[0] - a[0]) * share),
  Math.round(a[1] + (b[1] - a[1]) * share),
  Math.round(a[2] + (b[2] - a[2]) * share),
];

/** Crumb and wet batter of a batter this dark: pale and warm when set, cool and shiny while wet. */
export const crumbColours = (rawLightness: number): { crumb: Rgb; wet: Rgb; bubble: Rgb } => {
  const darkness = rawLightness / 86;
  return {
    crumb: labToRgb(91 * darkness, 1, 12 * darkness),
    wet: labToRgb(76 * darkness, -5, 3 * darkness),
    bubble: labToRgb(Math.min(97, 96 * darkness + 2), 0, 6),
  };
};

/** Colours of every depth of a column at one second, lower face first. */
export const depthColours = (picture: Picture, column: PictureColumn, second: number): Rgb[] => {
  const { crumb, wet } = crumbColours(picture.rawLightness);
  const faces = [column.lowerLightness, column.upperLightness].map((row) =>
    tawnyRgb(tawnyStepOf(row[second] ?? 86, picture.rawLightness), picture.rawLightness),
  );
  return Array.from({ length: DEPTHS }, (_, i) => {
    const share = (i + 0.5) / DEPTHS;
    const layer = layerAt(picture, column, second, share);
    if (layer === 'wet') return wet;
    if (layer === 'crumb') return crumb;
    const face = share < 0.5 ? faces[0] : faces[1];
    const depth_mm = Math.min(share, 1 - share) * column.thickness_mm;
    const crust_mm = Math.max(0.05, column.crust_mm[second] ?? 0.05);
    // Brown at the face, paling inwards to the end of the crust.
    return mixed(face ?? crumb, crumb, 0.75 * Math.min(1, depth_mm / crust_mm));
  });
};

const packed = ([r, g, b]: Rgb): number => (255 << 24) | (b << 16) | (g << 8) | r;

/** Fills the pixels of the cut for one second; `pixels` is the canvas's own buffer, so nothing is allocated there. */
export const paintCut = (map: CutMap, picture: Picture, second: number, pixels: Int32Array): void => {
  const { bubble } = crumbColours(picture.rawLightness);
  const plain = new Int32Array(picture.columns.length * DEPTHS);
  const bubbled = new Int32Array(plain.length);
  picture.columns.forEach((column, c) => {
    depthColours(picture, column, second).forEach((colour, i) => {
      const at = c * DEPTHS + i;
      const layer = layerAt(picture, column, second, (i + 0.5) / DEPTHS);
      plain[at] = packed(colour);
      bubbled[at] = packed(layer === 'crumb' ? bubble : colour);
    });
  });
  const plate = packed(PLATE);
  const { index } = map;
  for (let i = 0; i < index.length; i++) {
    const at = index[i]!;
    pixels[i] = at < 0 ? plate : at >= BUBBLE ? bubbled[at - BUBBLE]! : plain[at]!;
  }
};
