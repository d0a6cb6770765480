import type { Lift } from '../formula/index.ts';

/** Air in a folded batter goes out of it: half of what will go, after this long, min (*calibrated to common practice*: half an hour shows). */
const DRIFT_HALF_MIN = 26;
const DRIFT_STAYS = 0.45;
export const airAfter = (airFraction: number, minutes: number): number =>
  airFraction * (DRIFT_STAYS + (1 - DRIFT_STAYS) * 2 ** (-Math.max(0, minutes) / DRIFT_HALF_MIN));

/** Less than this share of its air left at the last load: fold a second half later. */
const STILL_LIGHT = 0.75;
export const secondHalfAdvised = (minutesToLastLoad: number): boolean => airAfter(1, minutesToLastLoad) < STILL_LIGHT;

/** Folding in a foam takes a hand so long, s; the whipping before it is the machine's (*common practice*). */
export const FOLD_S = 120;

/** A foam is folded in last. */
const FOLDED_IN: ReadonlySet<Lift> = new Set<Lift>(['folded', 'whole-egg', 'ribbon']);

/** How long after folding a batter may be poured, s; null: its lightness doesn't come from a foam that was folded in. */
export const foldKeeps_s = (lift: Lift): number | null =>
  FOLDED_IN.has(lift) ? 60 * DRIFT_HALF_MIN * Math.log2((1 - DRIFT_STAYS) / (STILL_LIGHT - DRIFT_STAYS)) : null;
