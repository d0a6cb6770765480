import { seededRandom } from '../../../core/basis/index.ts';

/** Where a pixel of the cut lies: on the plate, or in a column at a share of its depth. */
export type CutMap = {
  readonly width: number;
  readonly height: number;
  /** Millimetres per pixel, across and along. */
  readonly mmPerPixel: number;
  /** −1: plate; −2: hollow; else column × DEPTHS + depth index, plus BUBBLE where a bubble shows. */
  readonly index: Int32Array;
  /** Pixel columns through the middle of each rib, where nothing is disturbed. */
  readonly ribCentres: readonly number[];
};

/** Depths a column is divided into for drawing, from the lower face up. */
export const DEPTHS = 256;
export const BUBBLE = 1 << 20;
export const HOLLOW = -2;

export type CutShape = {
  readonly width: number;
  readonly height: number;
  /** Web first, rib last; one column: all alike. */
  readonly thickness_mm: readonly number[];
  readonly webShare: number;
  /** Room between the two halves of what lines a pan, by column; and the share of the batter that is the lower half. Left out: none. */
  readonly hollow_mm?: readonly number[];
  readonly lowerShare?: number;
  /** A rib stands at each end, as in a whole piece that was cut across; left out: the section goes on at both sides. */
  readonly endsInRib?: boolean;
};

export const RIBS = 7;
/** How much of the height the tallest rib takes. */
const FILL = 0.84;

/** How far the lattice is moved along, px. */
const shiftOf = (shape: CutShape, period: number): number => (shape.endsInRib === true ? period / 2 : 0);

/** Half the width of a rib, px. */
export const ribHalfOf = (period: number, webShare: number): number => (period * Math.max(0.2, Math.min(0.8, 1 - webShare * 1.1))) / 2;

/** Bubbles as ellipses in the ribs, the same for the same shape. */
type Bubble = { readonly x: number; readonly y: number; readonly rx: number; readonly ry: number };

const bubblesFor = (shape: CutShape, period: number, ribHalf: number, scale: number): Bubble[] => {
  const random = seededRandom(Math.round(shape.thickness_mm.reduce((sum, t) => sum + t * 100, 0)));
  const bubbles: Bubble[] = [];
  const ribHeight = (shape.thickness_mm.at(-1) ?? 0) * scale;
  const centres =
    shape.thickness_mm.length === 1
      ? [shape.width / 2]
      : Array.from({ length: RIBS }, (_, i) => (i + 0.5) * period + shiftOf(shape, period));
  const reach = shape.thickness_mm.length === 1 ? shape.width / 2 : ribHalf;
  for (const centre of centres) {
    const count = Math.round((reach * ribHeight) / 320);
    for (let i = 0; i < count; i++) {
      const r = 1.5 + 5 * random.next() ** 2;
      const side = random.next() < 0.5 ? -1 : 1;
      // The middle line stays free: it is what is read back.
      const x = centre + side * (r + 2 + random.next() * Math.max(0, reach - 2 * r - 4));
      const y = shape.height / 2 + (random.next() - 0.5) * Math.max(0, ribHeight * 0.74 - 2 * r);
      bubbles.push({ x, y, rx: r * (0.8 + 0.5 * random.next()), ry: r * (0.7 + 0.4 * random.next()) });
    }
  }
  return bubbles;
};

/** Thickness of batter at x and of the hollow in it, in pixels, and which column it belongs to. */
const profileAt = (
  x: number,
  shape: CutShape,
  period: number,
  ribHalf: number,
  scale: number,
): { batter: number; hollow: number; column: number } => {
  const [web = 0, rib = web] = shape.thickness_mm;
  const [webHollow = 0, ribHollow = webHollow] = shape.hollow_mm ?? [];
  if (shape.thickness_mm.length === 1) return { batter: web * scale, hollow: webHollow * scale, column: 0 };
  const fromCentre = Math.abs(((x + shiftOf(shape, period)) % period) - period / 2);
  const slope = ribHalf * 0.3;
  if (fromCentre <= ribHalf - slope) return { batter: rib * scale, hollow: ribHollow * scale, column: 1 };
  const share = Math.min(1, (fromCentre - ribHalf + slope) / slope);
  return {
    batter: (rib + (web - rib) * share) * scale,
    hollow: (ribHollow + (webHollow - ribHollow) * share) * scale,
    column: share < 0.75 ? 1 : 0,
  };
};

export const cutMap = (shape: CutShape): CutMap => {
  const { width, height, thickness_mm, webShare } = shape;
  const tallest = Math.max(...thickness_mm.map((thickness, i) => thickness + (shape.hollow_mm?.[i] ?? 0)));
  const lowerShare = shape.lowerShare ?? 0.5;
  const scale = Math.min((height * FILL) / tallest, 16);
  const period = width / RIBS;
  const ribHalf = ribHalfOf(period, webShare);
  const bubbles = bubblesFor(shape, period, ribHalf, scale);
  const index = new Int32Array(width * height).fill(-1);
  for (let x = 0; x < width; x++) {
    const { batter, hollow, column } = profileAt(x + 0.5, shape, period, ribHalf, scale);
    const top = height / 2 - (batter + hollow) / 2;
    const bottom = height / 2 + (batter + hollow) / 2;
    for (let y = Math.max(0, Math.ceil(top - 0.5)); y < Math.min(height, bottom - 0.5); y++) {
      // Depth counts from the lower face, which is drawn below.
      const fromBelow = bottom - y - 0.5;
      const isLower = fromBelow <= batter * lowerShare;
      const inBatter = isLower ? fromBelow : fromBelow - hollow;
      const depth = Math.min(DEPTHS - 1, Math.max(0, Math.floor((inBatter / batter) * DEPTHS)));
      index[y * width + x] = !isLower && inBatter < batter * lowerShare ? HOLLOW : column * DEPTHS + depth;
    }
  }
  for (const { x, y, rx, ry } of bubbles)
    for (let py = Math.max(0, Math.floor(y - ry)); py <= Math.min(height - 1, y + ry); py++)
      for (let px = Math.max(0, Math.floor(x - rx)); px <= Math.min(width - 1, x + rx); px++) {
        const at = py * width + px;
        if (((px - x) / rx) ** 2 + ((py - y) / ry) ** 2 <= 1 && (index[at] ?? -1) >= 0) index[at] = (index[at] ?? 0) | BUBBLE;
      }
  const ribCentres =
    thickness_mm.length === 1 ? [Math.floor(width / 2)] : Array.from({ length: RIBS }, (_, i) => Math.floor((i + 0.5) * period));
  return { width, height, mmPerPixel: 1 / scale, index, ribCentres };
};
