/**
 * Pictures of pieces that were never cooked, with their truth: a camera looks down on a piece on white paper. Shares no code
 * with what reads them: rays of a pinhole camera meet the table, colours come from a table of its own.
 */
export type SampleTruth = {
  readonly rows: number;
  readonly columns: number;
  readonly outline: 'round' | 'square';
  /** L* of each pocket's floor, row by row from the hinge. */
  readonly lightness: readonly number[];
};

export type Scene = {
  readonly width: number;
  readonly height: number;
  /** Camera tilted from straight down, and turned, radians. */
  readonly tilt: number;
  readonly turn: number;
  /** Colour cast: gain of red, green and blue. */
  readonly cast: readonly [number, number, number];
  /** Light lost towards the corners, share. */
  readonly vignette: number;
  /** Standard deviation of the noise, of 255. */
  readonly noise: number;
  /** Share of pockets with a bright reflection in them. */
  readonly glare: number;
  readonly exposure: number;
  readonly seed: number;
};

export type SamplePhoto = {
  readonly data: Uint8ClampedArray;
  readonly width: number;
  readonly height: number;
  /** Hinge left, hinge right, front right, front left, px. */
  readonly corners: readonly { readonly x: number; readonly y: number }[];
  readonly white: { readonly x: number; readonly y: number };
};

const dice = (seed: number): (() => number) => {
  let x = (Math.abs(Math.trunc(seed)) % 2_147_483_645) + 1;
  const next = (): number => (x = (x * 48_271) % 2_147_483_647) / 2_147_483_647;
  for (let i = 0; i < 12; i++) next();
  return next;
};

/** Colours of browned batter, D65: L*, a*, b* (from memory, of bread and wafers). */
const BROWNED: readonly (readonly [number, number, number])[] = [
  [90, 0, 16],
  [84, 1, 21],
  [77, 3, 28],
  [70, 7, 35],
  [62, 12, 38],
  [54, 16, 36],
  [45, 16, 28],
  [36, 12, 19],
  [25, 6, 9],
  [10, 2, 3],
];

const colourAt = (L: number): [number, number, number] => {
  for (let i = 0; i + 1 < BROWNED.length; i++) {
    const [high, low] = [BROWNED[i]!, BROWNED[i + 1]!];
    if (L <= high[0] && L >= low[0]) {
      const t = (high[0] - L) / (high[0] - low[0]);
      return [L, high[1] + t * (low[1] - high[1]), high[2] + t * (low[2] - high[2])];
    }
  }
  return [L, 1, 8];
};

/** CIELAB (D65) to linear sRGB by the inverse formulas of CIE 15 and IEC 61966-2-1. */
const linearOf = ([L, a, b]: [number, number, number]): [number, number, number] => {
  const fy = (L + 16) / 116;
  const inverse = (t: number): number => (t > 6 / 29 ? t ** 3 : 3 * (6 / 29) ** 2 * (t - 4 / 29));
  const X = 0.95047 * inverse(fy + a / 500);
  const Y = inverse(fy);
  const Z = 1.08883 * inverse(fy - b / 200);
  return [3.2406 * X - 1.5372 * Y - 0.4986 * Z, -0.9689 * X + 1.8758 * Y + 0.0415 * Z, 0.0557 * X - 0.204 * Y + 1.057 * Z];
};

/** Piece of two by two units on a table; the camera stands `DISTANCE` above and looks at its middle. */
const DISTANCE = 3.2;
const FOCAL = 1.55;
const PAPER = 0.88;
const EDGE = 1.0;

/** Draws the picture. */
export const samplePhoto = (truth: SampleTruth, scene: Scene): SamplePhoto => {
  const { width, height, tilt, turn } = scene;
  const random = dice(scene.seed);
  const normal = (): number => Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random());
  const unit = Math.min(width, height) / 2;
  // The camera's axes in the table's: x to the right, y away to the hinge, z up.
  const [ct, st, cr, sr] = [Math.cos(tilt), Math.sin(tilt), Math.cos(turn), Math.sin(turn)];
  const right = [cr, sr, 0] as const;
  const axis = [-sr * st, cr * st, -ct] as const;
  const downward = [
    axis[1] * right[2] - axis[2] * right[1],
    axis[2] * right[0] - axis[0] * right[2],
    axis[0] * right[1] - axis[1] * right[0],
  ] as const;
  const from = [-axis[0] * DISTANCE, -axis[1] * DISTANCE, -axis[2] * DISTANCE] as const;
  /** Where on the table a pixel looks: to the right, and to the front. */
  const onTable = (px: number, py: number): readonly [number, number] => {
    const u = (px - width / 2) / unit / FOCAL;
    const v = (py - height / 2) / unit / FOCAL;
    const t = -from[2] / (axis[2] + u * right[2] + v * downward[2]);
    return [from[0] + t * (axis[0] + u * right[0] + v * downward[0]), -(from[1] + t * (axis[1] + u * right[1] + v * downward[1]))];
  };
  /** Where a place of the table is seen. */
  const seen = (x: number, y: number): { x: number; y: number } => {
    const d = [x - from[0], -y - from[1], -from[2]] as const;
    const along = d[0] * axis[0] + d[1] * axis[1] + d[2] * axis[2];
    const u = (d[0] * right[0] + d[1] * right[1] + d[2] * right[2]) / along;
    const v = (d[0] * downward[0] + d[1] * downward[1] + d[2] * downward[2]) / along;
    return { x: width / 2 + u * unit * FOCAL, y: height / 2 + v * unit * FOCAL };
  };
  const glares = truth.lightness.map(() => (random() < scene.glare ? { x: 0.3 + 0.4 * random(), y: 0.3 + 0.4 * random() } : null));
  const floors = truth.lightness.map((L) => linearOf(colourAt(L)));
  const walls = truth.lightness.map((L) => linearOf(colourAt(Math.max(12, L - 4))));
  const shadow = truth.lightness.map((L) => linearOf(colourAt(Math.max(10, L - 14))));
  const data = new Uint8ClampedArray(4 * width * height);
  const grain = 4096;
  const noise = Float32Array.from({ length: grain }, () => normal() * scene.noise);
  const { rows, columns } = truth;
  // Xorshift (Marsaglia 2003): another grain for every pixel.
  let n = (scene.seed * 2_654_435_761 + 12_345) | 1;
  for (let py = 0; py < height; py++)
    for (let px = 0; px < width; px++) {
      const [x, y] = onTable(px, py);
      let colour: readonly [number, number, number] = [PAPER, PAPER, PAPER];
      let shine = 0;
      const isPiece = truth.outline === 'round' ? Math.hypot(x, y) <= EDGE : Math.abs(x) <= EDGE && Math.abs(y) <= EDGE;
      if (isPiece) {
        const u = ((x + 1) / 2) * columns;
        const v = ((y + 1) / 2) * rows;
        const column = Math.min(columns - 1, Math.max(0, Math.floor(u)));
        const row = Math.min(rows - 1, Math.max(0, Math.floor(v)));
        const i = row * columns + column;
        const [fu, fv] = [u - column, v - row];
        const isWall = fu < 0.16 || fu > 0.84 || fv < 0.16 || fv > 0.84;
        const isShadow = !isWall && (fu < 0.24 || fv < 0.22);
        colour = (isWall ? walls : isShadow ? shadow : floors)[i]!;
        const spot = glares[i];
        if (spot != null && Math.hypot(fu - spot.x, fv - spot.y) < 0.14) shine = 0.5;
      } else if (Math.hypot(x - 0.05, y - 0.06) < 1.08 && truth.outline === 'round') colour = [0.7, 0.7, 0.71];
      const r2 = ((px - width / 2) ** 2 + (py - height / 2) ** 2) / ((width / 2) ** 2 + (height / 2) ** 2);
      const light = scene.exposure * (1 - scene.vignette * r2);
      // Light itself is a little uneven from grain to grain.
      n ^= n << 13;
      n ^= n >>> 17;
      n ^= n << 5;
      const g = noise[n & (grain - 1)] ?? 0;
      for (let k = 0; k < 3; k++) {
        const value = Math.max(0, (colour[k]! + shine) * light * scene.cast[k]!);
        const s = value <= 0.0031308 ? 12.92 * value : 1.055 * value ** (1 / 2.4) - 0.055;
        data[4 * (py * width + px) + k] = 255 * s + g + (k - 1) * 0.3 * g;
      }
      data[4 * (py * width + px) + 3] = 255;
    }
  return {
    data,
    width,
    height,
    corners: [seen(-1, -1), seen(1, -1), seen(1, 1), seen(-1, 1)],
    white: seen(-1.32, 0.1),
  };
};

/** A face that browns more towards one side, with spots of its own. */
export const sampleTruth = (
  seed: number,
  rows: number,
  columns: number,
  outline: 'round' | 'square',
): SampleTruth & { readonly rightDarker: number } => {
  const random = dice(seed + 71);
  const middle = 50 + 24 * random();
  const lean = 14 * (random() - 0.5);
  const rise = 10 * (random() - 0.5);
  const lightness = Array.from({ length: rows * columns }, (_, i) => {
    const x = columns < 2 ? 0 : ((i % columns) / (columns - 1)) * 2 - 1;
    const y = rows < 2 ? 0 : (Math.floor(i / columns) / (rows - 1)) * 2 - 1;
    return Math.min(86, Math.max(22, middle - (lean / 2) * x - (rise / 2) * y + 2.4 * (random() - 0.5)));
  });
  return { rows, columns, outline, lightness, rightDarker: lean };
};

export const sampleScene = (seed: number, width: number, height: number): Scene => {
  const random = dice(seed + 5);
  return {
    width,
    height,
    tilt: 0.5 * random(),
    turn: 0.3 * (random() - 0.5),
    cast: [0.92 + 0.16 * random(), 1, 0.78 + 0.24 * random()],
    vignette: 0.35 * random(),
    noise: 1 + 5 * random(),
    glare: 0.12 * random(),
    exposure: 0.72 + 0.2 * random(),
    seed,
  };
};
