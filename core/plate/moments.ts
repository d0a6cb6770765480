import { tawnyStepOf } from '../matter/index.ts';
import type { BatterProperties } from './batter.ts';
import type { Trace } from './simulate.ts';

/** When things happen in a cook, s from the closed lid; null when they don't within the trace. */
export type Moments = {
  /** Starch has set in the coldest place. */
  readonly coreSet_s: number | null;
  /** The faces let go of the plates: before it a lid that is opened splits the piece, though it has set. */
  readonly letsGo_s: number | null;
  /** The crumb is dry enough to tear cleanly: 95 °C, or 2 K under the local boiling point. */
  readonly dryCrumb_s: number | null;
  /** Steam that is seen has dwindled for good, after the core has set; null where it doesn't until long after the colour. */
  readonly steamDown_s: number | null;
  /** The whole piece is under 5 % water: a wafer is done drying. */
  readonly driedThrough_s: number | null;
  /** More than a quarter of the mass is gone, or the core is under 30 % water. */
  readonly tooDry_s: number | null;
  /** The paler face reaches the middle of step n, index n (1–8). */
  readonly steps_s: readonly (number | null)[];
};

/** *Common practice*: see docs/models/plate.md. */
const STEAM_DOWN_SHARE = 0.35;
const STEAM_MEAN_S = 10;
/**
 * A skin that is still pale is held by the plates more firmly than a moist crumb holds together: it lets go as it takes colour (*common practice*:
 * a lid that resists wants longer; halfway is the soonest look).
 */
export const LETS_GO_STEP = 1.5;
const TOO_DRY = { loss: 0.25, coreWater: 0.3 } as const;
const DRIED_WATER_SHARE = 0.05;
const DRY_CRUMB = { most_C: 95, underBoiling_K: 2 } as const;

/** Once it has set and taken colour, whichever is later; null: one of them never comes. */
export const laterOf = (coreSet_s: number | null, coloured_s: number | null): number | null =>
  coreSet_s === null || coloured_s === null ? null : Math.max(coreSet_s, coloured_s);

/** First time a series crosses a level upward, between seconds by a straight line; null if it never does. */
export const risesTo = (series: ArrayLike<number>, level: number, from = 0): number | null => {
  for (let i = from; i < series.length; i++) {
    const value = series[i] ?? NaN;
    if (value < level) continue;
    if (i === from) return i;
    const before = series[i - 1] ?? value;
    return i - 1 + (level - before) / (value - before);
  }
  return null;
};

/** Continuous tawny step of the paler face each second. */
export const palerStep = (trace: Trace, rawLightness: number): Float64Array =>
  trace.lowerLightness.map((lower, i) => tawnyStepOf(Math.max(lower, trace.upperLightness[i] ?? lower), rawLightness));

/** Ten-second mean of a steam rate, by which *steam down* is judged and which is drawn. */
export const steamMean = (steam_gPerS: Float64Array): Float64Array => {
  let total = 0;
  return steam_gPerS.map((rate, i) => {
    total += rate - (steam_gPerS[i - STEAM_MEAN_S] ?? 0);
    return total / Math.min(i + 1, STEAM_MEAN_S);
  });
};

/** The last time that it was over a third of its peak, and never before the core has set; null: it goes on to the end of the trace. */
const steamDown = (steam_gPerS: Float64Array, coreSet_s: number | null): number | null => {
  if (coreSet_s === null) return null;
  const mean = steamMean(steam_gPerS);
  const peak = mean.reduce((a, b) => Math.max(a, b), 0);
  const last = mean.findLastIndex((value) => value > STEAM_DOWN_SHARE * peak);
  if (peak <= 0 || last >= mean.length - 1) return null;
  const [before, after] = [mean[last] ?? 0, mean[last + 1] ?? 0];
  return Math.max(coreSet_s, last + (before - STEAM_DOWN_SHARE * peak) / (before - after));
};

/** Water left in the whole piece, share of its mass. */
export const waterShare = (batter: BatterProperties, loss: number): number => {
  const raw = 1 - batter.drySolids;
  return Math.max(0, raw - loss) / (1 - loss);
};

/** `seen_gPerS`: steam as it is seen; left out: all of it. */
export const moments = (trace: Trace, batter: BatterProperties, dryThrough: boolean, seen_gPerS = trace.steam_gPerS): Moments => {
  const coreSet_s = risesTo(trace.core_C, batter.setTemperature_C);
  const step = palerStep(trace, batter.rawLightness);
  const lossLimit = risesTo(trace.loss, TOO_DRY.loss);
  const coreLimit = risesTo(
    trace.coreWater.map((share) => -share),
    -TOO_DRY.coreWater,
  );
  const limits = [lossLimit, coreLimit].filter((limit) => limit !== null);
  return {
    coreSet_s,
    letsGo_s: laterOf(coreSet_s, risesTo(step, LETS_GO_STEP)),
    dryCrumb_s: risesTo(trace.core_C, Math.min(DRY_CRUMB.most_C, batter.boiling_C - DRY_CRUMB.underBoiling_K)),
    steamDown_s: steamDown(seen_gPerS, coreSet_s),
    driedThrough_s: risesTo(
      trace.loss.map((loss) => -waterShare(batter, loss)),
      -DRIED_WATER_SHARE,
    ),
    tooDry_s: dryThrough || limits.length === 0 ? null : Math.min(...limits),
    steps_s: Array.from({ length: 9 }, (_, n) => (n === 0 ? 0 : risesTo(step, n))),
  };
};
