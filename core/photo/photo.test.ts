import { describe, expect, test } from '@jest/globals';
import { sampleScene, samplePhoto, sampleTruth } from '../../demo/samplePhoto.ts';
import { wilson } from '../testing/arena.ts';
import { lightnessOf } from './light.ts';
import type { Corners } from './index.ts';
import { perspective, readFace } from './index.ts';

const SQUARE: Corners = [
  { x: 10, y: 10 },
  { x: 110, y: 10 },
  { x: 110, y: 110 },
  { x: 10, y: 110 },
];

describe('perspective', () => {
  test('a square stays square; corners go to corners; lines stay lines', () => {
    const flat = perspective(SQUARE);
    if (!flat.ok) throw new Error('no map');
    expect(flat.value(0.25, 0.5)).toEqual({ x: 35, y: 60 });
    const skew: Corners = [
      { x: 20, y: 30 },
      { x: 210, y: 12 },
      { x: 240, y: 190 },
      { x: 5, y: 150 },
    ];
    const map = perspective(skew);
    if (!map.ok) throw new Error('no map');
    expect(map.value(0, 0).x).toBeCloseTo(20, 9);
    expect(map.value(1, 1).y).toBeCloseTo(190, 9);
    const [a, b, c] = [map.value(0.1, 0.2), map.value(0.4, 0.5), map.value(0.8, 0.9)];
    expect((b.x - a.x) * (c.y - b.y) - (b.y - a.y) * (c.x - b.x)).toBeCloseTo(0, 6);
    // Where the diagonals cross, the middle is seen.
    const middle = map.value(0.5, 0.5);
    const onDiagonal = (p: { x: number; y: number }, q: { x: number; y: number }): number =>
      (q.x - p.x) * (middle.y - p.y) - (q.y - p.y) * (middle.x - p.x);
    expect(onDiagonal(skew[0], skew[2])).toBeCloseTo(0, 6);
    expect(onDiagonal(skew[1], skew[3])).toBeCloseTo(0, 6);
  });

  test('crossed, folded in, on one spot or missing: said', () => {
    const code = (corners: Corners): string => {
      const map = perspective(corners);
      return map.ok ? 'ok' : map.failure.code;
    };
    expect(code([SQUARE[0], SQUARE[2], SQUARE[1], SQUARE[3]])).toBe('corners-crossed');
    expect(code([SQUARE[0], SQUARE[1], { x: 30, y: 30 }, SQUARE[3]])).toBe('corners-crossed');
    expect(code([SQUARE[0], { x: 14, y: 10 }, { x: 14, y: 14 }, { x: 10, y: 14 }])).toBe('corners-too-close');
    expect(code([SQUARE[0], SQUARE[1], { x: NaN, y: 0 }, SQUARE[3]])).toBe('corners-missing');
  });
});

// CIE 15: the grey whose luminance is 18.42 % of white has L* 50.
test('L* of a luminance', () => {
  expect(lightnessOf(1)).toBeCloseTo(100, 9);
  expect(lightnessOf(0.1842)).toBeCloseTo(50, 2);
  expect(lightnessOf(0.005)).toBeCloseTo(4.52, 2);
});

const PICTURES = 30;
/** Pictures that nothing was tried out on: the last part of them was first read when the reading was done. */
const FIRST_SEED = 500;

describe(`generated pictures with known truth (${PICTURES}, with perspective, cast, vignetting, noise and glare)`, () => {
  const read = Array.from({ length: PICTURES }, (_, i) => {
    const seed = FIRST_SEED + i;
    const truth = sampleTruth(seed, 7, 7, i % 2 === 0 ? 'round' : 'square');
    const photo = samplePhoto(truth, sampleScene(seed, 400, 300));
    const face = readFace({ pixels: photo, corners: photo.corners as unknown as Corners, white: photo.white, ...truth });
    if (!face.ok) throw new Error(`${i}: ${JSON.stringify(face.failure)}`);
    const inside = truth.lightness.flatMap((L, k) => (face.value.pockets[k] === null ? [] : [L]));
    return { i, truth, face: face.value, mean: inside.reduce((a, b) => a + b, 0) / inside.length };
  });

  test('mean L* within 1.5, every pocket within 3', () => {
    const off = read.map(({ face, mean }) => Math.abs(face.mean - mean));
    expect(Math.max(...off)).toBeLessThan(1.5);
    const worst = read.map(({ truth, face }) =>
      Math.max(...truth.lightness.map((L, k) => (face.pockets[k] == null ? 0 : Math.abs(face.pockets[k] - L)))),
    );
    expect(Math.max(...worst)).toBeLessThan(3);
  });

  test('the darker side is right in at least 95 %', () => {
    const leaning = read.filter(({ truth }) => Math.abs(truth.rightDarker) > 1);
    const right = leaning.filter(({ truth, face }) => Math.sign(face.rightDarker) === Math.sign(truth.rightDarker)).length;
    expect(right / leaning.length).toBeGreaterThanOrEqual(0.95);
    expect(wilson(right, leaning.length)[0]).toBeGreaterThan(0.85);
  });

  test('what is read depends on the picture: another face reads otherwise', () => {
    const [a, b] = [read[0]!, read[2]!];
    expect(Math.abs(a.face.mean - b.face.mean)).toBeGreaterThan(1);
  });
});

describe('what must not matter, and what must turn with the picture', () => {
  const truth = { ...sampleTruth(501, 6, 6, 'square') };
  const scene = { ...sampleScene(501, 480, 360), noise: 0, glare: 0, vignette: 0.1 };
  const read = (changes: Partial<typeof scene>, turn: (corners: Corners) => Corners = (c) => c) => {
    const photo = samplePhoto(truth, { ...scene, ...changes });
    const face = readFace({ pixels: photo, corners: turn(photo.corners as unknown as Corners), white: photo.white, ...truth });
    if (!face.ok) throw new Error(face.failure.code);
    return face.value;
  };
  const plain = read({});

  test('exposure, colour cast, tilt and turn of the camera change L* by less than one', () => {
    for (const changes of [{ exposure: 0.6 }, { cast: [1, 0.95, 0.7] as const }, { tilt: 0.45 }, { turn: 0.25 }, { vignette: 0.35 }])
      expect(Math.abs(read(changes).mean - plain.mean)).toBeLessThan(1);
  });

  test('corners begun one further turn the piece by a quarter: the right side becomes the front', () => {
    const turned = read({}, ([a, b, c, d]) => [d, a, b, c]);
    expect(turned.mean).toBeCloseTo(plain.mean, 0);
    expect(turned.frontDarker).toBeCloseTo(plain.rightDarker, 0);
    const round = read({}, ([a, b, c, d]) => [c, d, a, b]);
    expect(round.rightDarker).toBeCloseTo(-plain.rightDarker, 0);
    expect(round.frontDarker).toBeCloseTo(-plain.frontDarker, 0);
  });

  test('an even face is even, an uneven one isn’t', () => {
    const photo = samplePhoto({ ...truth, lightness: truth.lightness.map(() => 63) }, scene);
    const even = readFace({ pixels: photo, corners: photo.corners as unknown as Corners, white: photo.white, ...truth });
    expect(even.ok && even.value.evenness).toBeGreaterThan(0.93);
    expect(even.ok && even.value.evenness).toBeGreaterThan(plain.evenness);
  });
});

describe('bad pictures', () => {
  const truth = sampleTruth(1, 5, 5, 'square');
  const scene = { ...sampleScene(1, 320, 240), tilt: 0, turn: 0, vignette: 0, noise: 0, glare: 0 };
  const photo = samplePhoto(truth, scene);
  const corners = photo.corners as unknown as Corners;
  const code = (changes: Partial<Parameters<typeof readFace>[0]>): string => {
    const face = readFace({ pixels: photo, corners, white: photo.white, ...truth, ...changes });
    return face.ok ? 'ok' : face.failure.code;
  };

  test('no white, a black or a burnt-out one, one half off the paper; too small; corners beside the picture', () => {
    expect(code({})).toBe('ok');
    expect(code({ white: null })).toBe('white-missing');
    expect(code({ white: { x: -5, y: 3 } })).toBe('white-missing');
    const all = (value: number) => ({ ...photo, data: new Uint8ClampedArray(photo.data.length).fill(value) });
    expect(code({ pixels: all(20) })).toBe('white-too-dark');
    expect(code({ pixels: all(255) })).toBe('white-clipped');
    const halves = { ...photo, data: photo.data.map((value, i) => (Math.floor(i / 4) % 2 === 0 ? value : value / 4)) };
    expect(code({ pixels: halves })).toBe('white-uneven');
    expect(code({ pixels: { ...photo, width: 20, height: 20 } })).toBe('photo-too-small');
    const beside = corners.map(({ x, y }) => ({ x: x + 900, y })) as unknown as Corners;
    expect(code({ corners: beside })).toBe('corners-outside');
  });
});
