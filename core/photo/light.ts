import type { Result } from '../basis/index.ts';
import { failure, success } from '../basis/index.ts';
import type { Point } from './perspective.ts';

/** 8-bit sRGB with alpha, row by row. */
export type Pixels = { readonly data: Uint8ClampedArray; readonly width: number; readonly height: number };

export type Rgb = readonly [r: number, g: number, b: number];

/** sRGB to linear light (IEC 61966-2-1), for every 8-bit value. */
const LINEAR = Float64Array.from({ length: 256 }, (_, i) => {
  const s = i / 255;
  return s <= 0.04045 ? s / 12.92 : ((s + 0.055) / 1.055) ** 2.4;
});

export const linearAt = ({ data, width, height }: Pixels, x: number, y: number): Rgb => {
  const column = Math.min(width - 1, Math.max(0, Math.round(x)));
  const row = Math.min(height - 1, Math.max(0, Math.round(y)));
  const at = 4 * (row * width + column);
  return [LINEAR[data[at] ?? 0] ?? 0, LINEAR[data[at + 1] ?? 0] ?? 0, LINEAR[data[at + 2] ?? 0] ?? 0];
};

/** Luminance of linear sRGB (IEC 61966-2-1, D65). */
export const luminance = ([r, g, b]: Rgb): number => 0.2126 * r + 0.7152 * g + 0.0722 * b;

/** L* of a luminance relative to white, 0–100 (CIE 15). */
export const lightnessOf = (relative: number): number =>
  relative > 216 / 24389 ? 116 * Math.cbrt(relative) - 16 : (24389 / 27) * Math.max(0, relative);

/** Plain white paper reflects about so much (office paper L* 93–97; *common practice*). */
const PAPER_LUMINANCE = 0.88;
const PATCH_SHARE = 0.012;
/** Darker than that it's no white; more clipped than that it tells nothing. */
const DARKEST_WHITE = 0.12;
const MOST_CLIPPED = 0.35;
const MOST_UNEVEN = 0.25;

/** How light falls on the picture: gain of each channel, and how it varies over the picture. */
export type Light = {
  readonly gain: Rgb;
  /** Luminance of white at a place over that at the reference. */
  readonly shade: (x: number, y: number) => number;
};

const patchAt = (pixels: Pixels, { x, y }: Point): Rgb[] => {
  const reach = Math.max(2, Math.round(PATCH_SHARE * Math.min(pixels.width, pixels.height)));
  const found: Rgb[] = [];
  const step = Math.max(1, Math.round(reach / 8));
  for (let dy = -reach; dy <= reach; dy += step)
    for (let dx = -reach; dx <= reach; dx += step)
      if (x + dx >= 0 && y + dy >= 0 && x + dx < pixels.width && y + dy < pixels.height) found.push(linearAt(pixels, x + dx, y + dy));
  return found;
};

const meanOf = (patch: readonly Rgb[]): Rgb => {
  const sum = patch.reduce<[number, number, number]>(([r, g, b], p) => [r + p[0], g + p[1], b + p[2]], [0, 0, 0]);
  return [sum[0] / patch.length, sum[1] / patch.length, sum[2] / patch.length];
};

/**
 * The light, from a touched piece of white paper, and from as much more of the same paper as is seen around the piece.
 * Errors: `white-missing` (none touched, or outside), `white-too-dark`, `white-clipped`, `white-uneven`.
 */
export const lightFrom = (pixels: Pixels, white: Point | null, isPiece: (x: number, y: number) => boolean): Result<Light> => {
  if (white === null || !Number.isFinite(white.x) || !Number.isFinite(white.y)) return failure('white-missing');
  if (white.x < 0 || white.y < 0 || white.x >= pixels.width || white.y >= pixels.height) return failure('white-missing');
  const patch = patchAt(pixels, white);
  const clipped = patch.filter((p) => Math.max(...p) >= 0.999).length / patch.length;
  if (clipped > MOST_CLIPPED) return failure('white-clipped');
  const mean = meanOf(patch);
  const Y = luminance(mean);
  if (Y < DARKEST_WHITE) return failure('white-too-dark');
  const spread = Math.sqrt(patch.reduce((sum, p) => sum + (luminance(p) - Y) ** 2, 0) / patch.length) / Y;
  if (spread > MOST_UNEVEN) return failure('white-uneven');
  const gain: Rgb = [PAPER_LUMINANCE / mean[0], PAPER_LUMINANCE / mean[1], PAPER_LUMINANCE / mean[2]];
  return success({ gain, shade: shading(pixels, mean, white, isPiece) });
};

/** Places looked at across the picture for more of the paper. */
const LOOKS = 48;
const LEAST_PAPER = 40;
/** Paper in other light has the same colour, and no more than so much less or more of it. */
const SAME_COLOUR = 0.1;
const PAPER_RANGE = [0.45, 1.5] as const;

/** ln(luminance) of paper as a + b·x + c·y + d·(x² + y²), by least squares, twice: the second time without what doesn't fit. */
const shading = (pixels: Pixels, paper: Rgb, white: Point, isPiece: (x: number, y: number) => boolean): Light['shade'] => {
  const Y = luminance(paper);
  const scale = Math.max(pixels.width, pixels.height) / 2;
  const place = (x: number, y: number): number[] => {
    const u = (x - pixels.width / 2) / scale;
    const v = (y - pixels.height / 2) / scale;
    return [1, u, v, u * u + v * v];
  };
  let seen: { readonly row: number[]; readonly value: number }[] = [];
  for (let i = 0; i < LOOKS; i++)
    for (let j = 0; j < LOOKS; j++) {
      const x = ((i + 0.5) / LOOKS) * pixels.width;
      const y = ((j + 0.5) / LOOKS) * pixels.height;
      if (isPiece(x, y)) continue;
      const p = meanOf([
        linearAt(pixels, x, y),
        linearAt(pixels, x + 2, y + 1),
        linearAt(pixels, x - 1, y + 2),
        linearAt(pixels, x + 1, y - 2),
      ]);
      const here = luminance(p);
      const share = here / Y;
      if (share < PAPER_RANGE[0] || share > PAPER_RANGE[1] || Math.max(...p) >= 0.999) continue;
      if (p.some((value, k) => Math.abs(value / (paper[k] ?? 1) / share - 1) > SAME_COLOUR)) continue;
      seen.push({ row: place(x, y), value: Math.log(here) });
    }
  let fit: readonly number[] | null = null;
  for (let pass = 0; pass < 2; pass++) {
    if (seen.length < LEAST_PAPER) return () => 1;
    fit = leastSquares(seen);
    const now = fit;
    if (now === null) return () => 1;
    const off = (s: (typeof seen)[number]): number => Math.abs(s.value - dot(now, s.row));
    const sorted = seen.map(off).sort((a, b) => a - b);
    const limit = 3 * (sorted[Math.floor(sorted.length / 2)] ?? 0) + 0.01;
    seen = seen.filter((s) => off(s) <= limit);
  }
  const found = fit;
  if (found === null) return () => 1;
  const reference = dot(found, place(white.x, white.y));
  return (x, y) => Math.exp(dot(found, place(x, y)) - reference);
};

const dot = (a: readonly number[], b: readonly number[]): number => a.reduce((sum, value, i) => sum + value * (b[i] ?? 0), 0);

/** Normal equations by Gauss's elimination with pivots; null: what was seen can't tell. */
const leastSquares = (seen: readonly { readonly row: number[]; readonly value: number }[]): number[] | null => {
  const n = seen[0]?.row.length ?? 0;
  const m = Array.from({ length: n }, () => new Array<number>(n + 1).fill(0));
  for (const { row, value } of seen)
    for (let i = 0; i < n; i++) {
      for (let j = 0; j < n; j++) m[i]![j]! += row[i]! * row[j]!;
      m[i]![n]! += row[i]! * value;
    }
  for (let i = 0; i < n; i++) {
    let pivot = i;
    for (let k = i + 1; k < n; k++) if (Math.abs(m[k]![i]!) > Math.abs(m[pivot]![i]!)) pivot = k;
    if (Math.abs(m[pivot]![i]!) < 1e-9) return null;
    [m[i], m[pivot]] = [m[pivot]!, m[i]!];
    for (let k = 0; k < n; k++) {
      if (k === i) continue;
      const factor = m[k]![i]! / m[i]![i]!;
      for (let j = i; j <= n; j++) m[k]![j]! -= factor * m[i]![j]!;
    }
  }
  return m.map((row, i) => row[n]! / row[i]!);
};
