import type { Kit } from '../kit/index.ts';

type Scale = Kit['scales'][number];

/** Off by more than this, relative, a line wants a finer scale, a spoon or a stock mix. */
export const SEEN_ERROR = 0.03;

/** The coarsest scale that reads this mass (g) well enough, else the finest that bears it; null without scales. */
export const scaleFor = (grams: number, scales: Kit['scales']): Scale | null => {
  const able = scales.filter((scale) => scale.most_g >= grams).sort((a, b) => b.resolution_g - a.resolution_g);
  return able.find((scale) => scale.resolution_g / 2 <= SEEN_ERROR * grams) ?? able.at(-1) ?? null;
};

/** Half a reading, relative to what is wanted: how far off a line may be although the scale shows it right. */
export const readingError = (grams: number, resolution_g: number): number => resolution_g / 2 / grams;

/** What rounding to the scale changes by less isn't worth a word. */
const SEEN_ROUNDING = 0.01;

/** A mass that no scale there is can show, g: what it shows instead, below and above. Null: it shows it well enough, or there is no scale. */
export const betweenReadings = (
  grams: number,
  scales: Kit['scales'],
): { readonly resolution_g: number; readonly below_g: number; readonly above_g: number } | null => {
  const scale = scaleFor(grams, scales);
  if (scale === null || !(grams > 0)) return null;
  const { resolution_g } = scale;
  const below_g = Math.floor(grams / resolution_g + 1e-9) * resolution_g;
  const off = Math.min(grams - below_g, below_g + resolution_g - grams);
  return off / grams <= SEEN_ROUNDING ? null : { resolution_g, below_g, above_g: below_g + resolution_g };
};

/** How far from the wish a mass still counts as right, g: two readings of the scale or half a percent, whichever is more. */
export const rightWithin_g = (grams: number, resolution_g: number): number => Math.max(resolution_g, 0.005 * grams);

/**
 * A stock mix for a line too small for the scale: the powder in nine times its mass of something that is in the bowl anyway. `batch_g`
 * is what to make (enough for `times` bowls), `use_g` what to weigh of it for this one.
 */
export const stockMix = (grams: number, times: number) => ({ powder_g: grams * times, carrier_g: 9 * grams * times, use_g: 10 * grams });

/** Something the scale says, by its own clock (ms). `grams` null: nothing to read (overload, flat battery). */
export type ScaleReading = {
  readonly at: number;
  readonly grams: number | null;
  readonly trouble: 'overload' | 'battery-flat' | null;
  readonly battery: number;
};

/** A scale has settled when it has shown the same for this long, ms. */
export const SETTLED_AFTER_MS = 900;

/** What the scale has come to rest at: the last readings agree within a step; null while it moves or can't say. */
export const settledAt = (readings: readonly ScaleReading[], resolution_g: number): number | null => {
  const last = readings.at(-1);
  if (last?.grams == null) return null;
  const since = readings.filter((reading) => reading.at >= last.at - SETTLED_AFTER_MS);
  const first = readings.find((reading) => reading.at < last.at - SETTLED_AFTER_MS * 0.9);
  // Too short a memory is no rest.
  if (first === undefined || since.length < 3) return null;
  const rests = since.every((reading) => reading.grams !== null && Math.abs(reading.grams - (last.grams ?? 0)) <= resolution_g * 1.001);
  return rests ? last.grams : null;
};
