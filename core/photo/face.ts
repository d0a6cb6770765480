import type { Result } from '../basis/index.ts';
import { failure, success } from '../basis/index.ts';
import { leansOf } from '../plate/index.ts';
import type { Pixels } from './light.ts';
import { lightFrom, lightnessOf, linearAt, luminance } from './light.ts';
import type { Corners, Point } from './perspective.ts';
import { perspective } from './perspective.ts';

export type FaceRequest = {
  readonly pixels: Pixels;
  readonly corners: Corners;
  readonly white: Point | null;
  readonly rows: number;
  readonly columns: number;
  readonly outline: 'round' | 'square';
};

export type ReadFace = {
  /** L* of each pocket's floor, row by row from the hinge; null outside a round outline. */
  readonly pockets: readonly (number | null)[];
  /** Spread within each pocket. */
  readonly spreads: readonly (number | null)[];
  readonly mean: number;
  /** Between pockets. */
  readonly spread: number;
  /** 1: all alike; 0: as uneven as eight steps of L* between pockets. */
  readonly evenness: number;
  /** L* from edge to edge by a straight line, darker positive: right over left, front over hinge. */
  readonly rightDarker: number;
  readonly frontDarker: number;
};

/** Looks per pocket and side, over the middle of it: walls throw shadows. */
const LOOKS = 12;
const MIDDLE = 0.5;
/** Spread between pockets at which evenness is nought. */
const UNEVEN = 12;
const LEAST_PIXELS = 64;

const isInside = (row: number, column: number, { rows, columns, outline }: FaceRequest): boolean =>
  outline === 'square' || Math.hypot(((column + 0.5) / columns) * 2 - 1, ((row + 0.5) / rows) * 2 - 1) <= 1.02;

/**
 * Reads a face: perspective taken out, light set right by white, L* of every pocket. Errors: `photo-too-small` {width, height};
 * those of `perspective` and `lightFrom`; `corners-outside`: most of the piece isn't in the picture.
 */
export const readFace = (request: FaceRequest): Result<ReadFace> => {
  const { pixels, rows, columns } = request;
  if (pixels.width < LEAST_PIXELS || pixels.height < LEAST_PIXELS)
    return failure('photo-too-small', { width: pixels.width, height: pixels.height });
  const view = perspective(request.corners);
  if (!view.ok) return view;
  const middle = view.value(0.5, 0.5);
  if (middle.x < 0 || middle.y < 0 || middle.x >= pixels.width || middle.y >= pixels.height) return failure('corners-outside');
  const light = lightFrom(pixels, request.white, isInsideQuad(request.corners));
  if (!light.ok) return light;
  const { gain, shade } = light.value;
  const lightness = (p: Point): number => {
    const [r, g, b] = linearAt(pixels, p.x, p.y);
    return lightnessOf(luminance([r * gain[0], g * gain[1], b * gain[2]]) / shade(p.x, p.y));
  };
  const pockets: (number | null)[] = [];
  const spreads: (number | null)[] = [];
  for (let row = 0; row < rows; row++)
    for (let column = 0; column < columns; column++) {
      if (!isInside(row, column, request)) {
        pockets.push(null);
        spreads.push(null);
        continue;
      }
      const looks: number[] = [];
      for (let i = 0; i < LOOKS; i++)
        for (let j = 0; j < LOOKS; j++) {
          const u = (column + 0.5 + MIDDLE * ((i + 0.5) / LOOKS - 0.5)) / columns;
          const v = (row + 0.5 + MIDDLE * ((j + 0.5) / LOOKS - 0.5)) / rows;
          looks.push(lightness(view.value(u, v)));
        }
      looks.sort((a, b) => a - b);
      const kept = densestHalf(looks);
      const mean = kept.reduce((a, b) => a + b, 0) / kept.length;
      pockets.push(mean);
      spreads.push(Math.sqrt(kept.reduce((sum, value) => sum + (value - mean) ** 2, 0) / kept.length));
    }
  return success({ pockets, spreads, ...summaryOf(pockets, rows, columns) });
};

/** The half of sorted values that lies closest together: glare and crumbs stay out, however they are shared (the “shorth”, Andrews et al. 1972). */
const densestHalf = (sorted: readonly number[]): readonly number[] => {
  const half = Math.ceil(sorted.length / 2);
  let from = 0;
  for (let i = 0; i + half <= sorted.length; i++)
    if ((sorted[i + half - 1] ?? 0) - (sorted[i] ?? 0) < (sorted[from + half - 1] ?? 0) - (sorted[from] ?? 0)) from = i;
  return sorted.slice(from, from + half);
};

/** Inside the four corners, with a margin so that the piece's own shadow isn't taken for paper. */
const isInsideQuad =
  (corners: Corners) =>
  (x: number, y: number): boolean => {
    const centre = { x: corners.reduce((sum, p) => sum + p.x, 0) / 4, y: corners.reduce((sum, p) => sum + p.y, 0) / 4 };
    const wide = corners.map((p) => ({ x: centre.x + 1.12 * (p.x - centre.x), y: centre.y + 1.12 * (p.y - centre.y) }));
    const sides = wide.map((p, i) => {
      const next = wide[(i + 1) % 4] ?? p;
      return (next.x - p.x) * (y - p.y) - (next.y - p.y) * (x - p.x);
    });
    return sides.every((side) => side >= 0) || sides.every((side) => side <= 0);
  };

const summaryOf = (pockets: readonly (number | null)[], rows: number, columns: number) => {
  const seen = pockets.filter((value) => value !== null);
  const mean = seen.reduce((a, b) => a + b, 0) / seen.length;
  const spread = Math.sqrt(seen.reduce((total, value) => total + (value - mean) ** 2, 0) / seen.length);
  // Darker is a lower L*.
  const { rightOverLeft, frontOverHinge } = leansOf(pockets, rows, columns);
  return { mean, spread, evenness: Math.max(0, 1 - spread / UNEVEN), rightDarker: -rightOverLeft, frontDarker: -frontOverHinge };
};
