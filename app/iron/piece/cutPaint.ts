import type { Picture, PictureColumn } from '../../../core/advise/index.ts';
import { tawnyStepOf } from '../../../core/matter/index.ts';
import { CRISP_WATER_ACTIVITY } from '../../../core/plate/index.ts';
import type { Rgb } from '../../ui/index.ts';
import { labToRgb, tawnyRgb } from '../../ui/index.ts';
import type { CutMap } from './cutMap.ts';
import { BUBBLE, DEPTHS, HOLLOW } from './cutMap.ts';

/** What a depth of the cut is, at one second. */
type Layer = 'wet' | 'crumb' | 'crust';

const PLATE: Rgb = [43, 49, 53];
/** Looking into an empty ball. */
export const INSIDE: Rgb = [74, 64, 56];

const cellsByDepth = new WeakMap<PictureColumn, Int16Array>();

/** Which cell lies at each of the drawn depths, lower face first; worked out once for a picture. */
const cellsOf = (column: PictureColumn): Int16Array => {
  const known = cellsByDepth.get(column);
  if (known !== undefined) return known;
  const cells = new Int16Array(DEPTHS);
  for (let depth = 0; depth < DEPTHS; depth++) {
    const share = (depth + 0.5) / DEPTHS;
    // The upper half of a mirrored column is its lower half again.
    const at_mm = (column.mirrored && share > 0.5 ? 1 - share : share) * column.thickness_mm;
    let edge = 0;
    let cell = 0;
    while (cell < column.cells - 1 && (edge += column.size_mm[cell] ?? 0) < at_mm) cell++;
    cells[depth] = cell;
  }
  cellsByDepth.set(column, cells);
  return cells;
};

/** What lies at one of the drawn depths at a second. */
const layerAt = (picture: Picture, column: PictureColumn, second: number, depth: number): Layer => {
  const at = second * column.cells + (cellsOf(column)[depth] ?? 0);
  if ((column.waterActivity[at] ?? 1) < CRISP_WATER_ACTIVITY) return 'crust';
  return (column.T_C[at] ?? 0) < picture.set_C ? 'wet' : 'crumb';
};

const mixed = (a: Rgb, b: Rgb, share: number): Rgb => [
  Math.round(a[0] + (b[0] - a[0]) * share),
  Math.round(a[1] + (b[1] - a[1]) * share),
  Math.round(a[2] + (b[2] - a[2]) * share),
];

/** Crumb and wet batter of a batter this dark: pale and warm when set, cool and shiny while wet. */
type CrumbColours = { readonly crumb: Rgb; readonly wet: Rgb; readonly bubble: Rgb };

export const crumbColours = (rawLightness: number): CrumbColours => {
  const darkness = rawLightness / 86;
  return {
    crumb: labToRgb(91 * darkness, 1, 12 * darkness),
    wet: labToRgb(76 * darkness, -5, 3 * darkness),
    bubble: labToRgb(Math.min(97, 96 * darkness + 2), 0, 6),
  };
};

/** Colours of a column by depth at one second, the lower face first. */
const coloursByDepth = (
  picture: Picture,
  column: PictureColumn,
  second: number,
): readonly { readonly layer: Layer; readonly colour: Rgb }[] => {
  const { crumb, wet } = crumbColours(picture.rawLightness);
  const faces = [column.lowerLightness, column.upperLightness].map((row) =>
    tawnyRgb(tawnyStepOf(row[second] ?? 86, picture.rawLightness), picture.rawLightness),
  ) as [Rgb, Rgb];
  const crust_mm = Math.max(0.05, column.crust_mm[second] ?? 0.05);
  return Array.from({ length: DEPTHS }, (_, depth) => {
    const layer = layerAt(picture, column, second, depth);
    const share = (depth + 0.5) / DEPTHS;
    const isLower = share < column.lowerShare;
    const depth_mm = (isLower ? share : 1 - share) * column.thickness_mm;
    // Brown at the face, paling inwards to the end of the crust.
    const crust = (): Rgb => mixed(isLower ? faces[0] : faces[1], crumb, 0.75 * Math.min(1, depth_mm / crust_mm));
    return { layer, colour: layer === 'wet' ? wet : layer === 'crumb' ? crumb : crust() };
  });
};

/** The lower half of a column from its inside to its face, in so many steps: what the wall of a ball is drawn with. */
export const layerColours = (picture: Picture, column: PictureColumn, second: number, steps = 12): readonly Rgb[] => {
  const colours = coloursByDepth(picture, column, second);
  const depths = Math.max(1, Math.round(DEPTHS * column.lowerShare));
  return Array.from({ length: steps }, (_, i) => colours[Math.floor(depths * (1 - (i + 0.5) / steps))]?.colour ?? PLATE);
};

type DepthColours = { readonly plain: Int32Array; readonly bubbled: Int32Array };

/** Packed colours of every depth of a column at one second, and the same where a bubble shows. */
const depthColours = (picture: Picture, column: PictureColumn, second: number): DepthColours => {
  const { bubble } = crumbColours(picture.rawLightness);
  const colours = { plain: new Int32Array(DEPTHS), bubbled: new Int32Array(DEPTHS) };
  coloursByDepth(picture, column, second).forEach(({ layer, colour }, depth) => {
    const shown = packed(colour);
    colours.plain[depth] = shown;
    colours.bubbled[depth] = layer === 'crumb' ? packed(bubble) : shown;
  });
  return colours;
};

const packed = ([r, g, b]: Rgb): number => (255 << 24) | (b << 16) | (g << 8) | r;

/** Nothing is painted there. */
export const CLEAR = 0;

/** Fills the pixels of the cut for one second; `pixels` is the canvas's own buffer, so nothing is allocated there. `ground`: around the piece, the plates if left out. */
export const paintCut = (map: CutMap, picture: Picture, second: number, pixels: Int32Array, ground: number = packed(PLATE)): void => {
  const plain = new Int32Array(picture.columns.length * DEPTHS);
  const bubbled = new Int32Array(plain.length);
  picture.columns.forEach((column, c) => {
    const colours = depthColours(picture, column, second);
    plain.set(colours.plain, c * DEPTHS);
    bubbled.set(colours.bubbled, c * DEPTHS);
  });
  const inside = packed(INSIDE);
  const { index } = map;
  for (let i = 0; i < index.length; i++) {
    const at = index[i]!;
    pixels[i] = at === HOLLOW ? inside : at < 0 ? ground : at >= BUBBLE ? bubbled[at - BUBBLE]! : plain[at]!;
  }
};
