import type { Result } from '../basis/index.ts';
import { failure, success } from '../basis/index.ts';

/** Pixels, from the top left of the picture. */
export type Point = { readonly x: number; readonly y: number };

/** Hinge left, hinge right, front right, front left: once around the piece. */
export type Corners = readonly [Point, Point, Point, Point];

/** From (u, v) on the piece, 0–1 rightwards and from the hinge, to the picture. */
export type Perspective = (u: number, v: number) => Point;

const cross = (a: Point, b: Point, c: Point): number => (b.x - a.x) * (c.y - b.y) - (b.y - a.y) * (c.x - b.x);

/** Fewer pixels can't be told apart. */
const LEAST_AREA_PX2 = 400;

/**
 * The projective map of the unit square onto four corners (closed form: P. S. Heckbert, Fundamentals of Texture Mapping, 1989).
 * Errors: `corners-missing` (not finite); `corners-crossed` (not once around a convex shape); `corners-too-close`.
 */
export const perspective = ([a, b, c, d]: Corners): Result<Perspective> => {
  const points = [a, b, c, d];
  if (points.some(({ x, y }) => !Number.isFinite(x) || !Number.isFinite(y))) return failure('corners-missing');
  const turns = [cross(a, b, c), cross(b, c, d), cross(c, d, a), cross(d, a, b)];
  const area = Math.abs((c.x - a.x) * (d.y - b.y) - (c.y - a.y) * (d.x - b.x)) / 2;
  const isOneWay = turns.every((turn) => turn > 0) || turns.every((turn) => turn < 0);
  if (area < LEAST_AREA_PX2) return failure(isOneWay ? 'corners-too-close' : 'corners-crossed');
  if (!isOneWay) return failure('corners-crossed');
  const dx1 = b.x - c.x;
  const dx2 = d.x - c.x;
  const dy1 = b.y - c.y;
  const dy2 = d.y - c.y;
  const sx = a.x - b.x + c.x - d.x;
  const sy = a.y - b.y + c.y - d.y;
  const det = dx1 * dy2 - dx2 * dy1;
  const g = (sx * dy2 - dx2 * sy) / det;
  const h = (dx1 * sy - sx * dy1) / det;
  const [a11, a21] = [b.x - a.x + g * b.x, d.x - a.x + h * d.x];
  const [a12, a22] = [b.y - a.y + g * b.y, d.y - a.y + h * d.y];
  return success((u, v) => {
    const w = g * u + h * v + 1;
    return { x: (a11 * u + a21 * v + a.x) / w, y: (a12 * u + a22 * v + a.y) / w };
  });
};
