/** Air in a folded batter goes out of it: half of what will go, after this long, min (*calibrated to common practice*: half an hour shows). */
const DRIFT_HALF_MIN = 26;
const DRIFT_STAYS = 0.45;
export const airAfter = (airFraction: number, minutes: number): number =>
  airFraction * (DRIFT_STAYS + (1 - DRIFT_STAYS) * 2 ** (-Math.max(0, minutes) / DRIFT_HALF_MIN));

/** More than this share of its air lost before the last load: fold a second half later. */
export const secondHalfAdvised = (minutesToLastLoad: number): boolean => airAfter(1, minutesToLastLoad) < 0.75;
