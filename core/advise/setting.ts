import { clamp } from '../basis/index.ts';
import type { SettingRange } from '../plate/index.ts';
import type { Cooked, Target } from '../cook/index.ts';

/** Settings tried across the range before the answer is narrowed down, and how finely, K. */
const FIRST_LOOK = 5;
const FINE_ENOUGH_K = 0.5;
/** A colour that far off the wish is not the wish any more. */
const COLOUR_MISS = 0.2;

/** Colour and crispness are both wished. */
type Wished = Target & { readonly crisp: number };

type Tried = { readonly setting_C: number; readonly cooked: Cooked | null };

/** How far a cook is from the wish: colour counts more than crispness, and dryness is no way out. */
const miss = ({ cooked }: Tried, target: Target): number => {
  if (cooked === null) return 100;
  const { window, moments, tawny, crisp } = cooked;
  const dry = moments.tooDry_s === null ? 0 : Math.max(0, window.best_s - moments.tooDry_s) / window.best_s;
  return (target.crisp === null ? 0 : Math.abs(crisp - target.crisp)) + 3 * Math.abs(tawny - target.tawny) + 6 * dry;
};

const onColour = ({ cooked }: Tried, target: Target): boolean =>
  cooked !== null &&
  Math.abs(cooked.tawny - target.tawny) < COLOUR_MISS &&
  (cooked.moments.tooDry_s === null || cooked.moments.tooDry_s >= cooked.window.best_s);

/**
 * The setting at which the wished colour and crispness come at the same moment. Cooler plates take longer and
 * crisp deeper, so crispness falls along the range: where it crosses the wish, that is the answer (the hottest such
 * place: it is the quickest). Where it never does, the nearest miss. Yields between cooks so that a worker can stop.
 */
export function* findSetting(range: SettingRange, target: Wished, cookAt: (setting_C: number) => Cooked | null): Generator<void, number> {
  const tryAt = (setting_C: number): Tried => ({ setting_C, cooked: cookAt(setting_C) });
  const looks: Tried[] = [];
  for (let i = 0; i < FIRST_LOOK; i++) {
    looks.push(tryAt(range.min_C + ((range.max_C - range.min_C) * i) / (FIRST_LOOK - 1)));
    yield;
  }
  for (let i = looks.length - 1; i > 0; i--) {
    const hot = looks[i];
    const cool = looks[i - 1];
    if (hot?.cooked == null || cool?.cooked == null || !onColour(hot, target) || !onColour(cool, target)) continue;
    if (hot.cooked.crisp <= target.crisp && cool.cooked.crisp >= target.crisp) return yield* between(cool, hot, target, tryAt);
  }
  return yield* nearest(looks, range, target, tryAt);
}

/** False position with a guard, between a setting that is too crisp and one that isn't crisp enough. */
function* between(cool: Tried, hot: Tried, target: Wished, tryAt: (setting_C: number) => Tried): Generator<void, number> {
  let low = cool;
  let high = hot;
  for (let i = 0; i < 8 && high.setting_C - low.setting_C > FINE_ENOUGH_K; i++) {
    const a = (low.cooked?.crisp ?? 5) - target.crisp;
    const b = (high.cooked?.crisp ?? 1) - target.crisp;
    const share = clamp(a / (a - b), 0.15, 0.85);
    const middle = tryAt(low.setting_C + share * (high.setting_C - low.setting_C));
    const crisp = middle.cooked?.crisp ?? 1;
    yield;
    if (Math.abs(crisp - target.crisp) < 0.01) return middle.setting_C;
    if (crisp > target.crisp) low = middle;
    else high = middle;
  }
  const a = (low.cooked?.crisp ?? 5) - target.crisp;
  const b = (high.cooked?.crisp ?? 1) - target.crisp;
  return a === b ? low.setting_C : low.setting_C + clamp(a / (a - b), 0, 1) * (high.setting_C - low.setting_C);
}

function* nearest(
  looks: readonly Tried[],
  range: SettingRange,
  target: Target,
  tryAt: (setting_C: number) => Tried,
): Generator<void, number> {
  let best = looks.reduce((a, b) => (miss(b, target) < miss(a, target) ? b : a));
  let reach = (range.max_C - range.min_C) / (FIRST_LOOK - 1) / 2;
  while (reach > 2) {
    for (const side of [-1, 1]) {
      const setting_C = clamp(best.setting_C + side * reach, range.min_C, range.max_C);
      if (setting_C === best.setting_C) continue;
      const tried = tryAt(setting_C);
      if (miss(tried, target) < miss(best, target)) best = tried;
      yield;
    }
    reach /= 2;
  }
  return best.setting_C;
}

/** How near to the wished time is near enough, s. */
const NEAR_S = 1;

/** The setting at which the wished colour comes at this time: the hotter, the sooner. The nearest end of the range where none does. */
export function* settingForTime(
  range: SettingRange,
  time_s: number,
  cookAt: (setting_C: number) => Cooked | null,
): Generator<void, number> {
  // A load that never gets there takes for ever.
  const timeAt = (setting_C: number): number => cookAt(setting_C)?.window.best_s ?? Infinity;
  let { min_C: cool, max_C: hot } = range;
  if (timeAt(hot) >= time_s) return hot;
  yield;
  if (timeAt(cool) <= time_s) return cool;
  while (hot - cool > FINE_ENOUGH_K) {
    yield;
    const middle = (cool + hot) / 2;
    const found = timeAt(middle);
    if (Math.abs(found - time_s) < NEAR_S) return middle;
    if (found > time_s) cool = middle;
    else hot = middle;
  }
  return (cool + hot) / 2;
}

/** Steps out from the middle, share of the range, and how finely the last one is looked at, K. */
const STEP_OUT = 1 / 8;

/**
 * The setting nearest to the middle at which the wished colour comes on a piece that is set and not dried out: the middle itself for ordinary batters.
 * Where there is none in the range, the nearest miss. `middle_C`: a middling setting of this control.
 */
export function* middlingSetting(
  range: SettingRange,
  middle_C: number,
  target: Target,
  cookAt: (setting_C: number) => Cooked | null,
): Generator<void, number> {
  const tryAt = (setting_C: number): Tried => ({ setting_C, cooked: cookAt(setting_C) });
  const middle = tryAt(clamp(middle_C, range.min_C, range.max_C));
  if (onColour(middle, target)) return middle.setting_C;
  const width = range.max_C - range.min_C;
  const looks = [middle];
  for (let away = STEP_OUT; away <= 1; away += STEP_OUT)
    for (const side of [1, -1]) {
      const setting_C = middle.setting_C + side * away * width;
      if (setting_C > range.max_C || setting_C < range.min_C) continue;
      yield;
      const tried = tryAt(setting_C);
      if (onColour(tried, target)) return yield* boundary(setting_C - side * STEP_OUT * width, tried, target, tryAt);
      looks.push(tried);
    }
  return yield* nearest(looks, range, target, tryAt);
}

/** Between a setting that misses and one that doesn't, the last that doesn't. */
function* boundary(misses_C: number, meets: Tried, target: Target, tryAt: (setting_C: number) => Tried): Generator<void, number> {
  let [outside, inside] = [misses_C, meets.setting_C];
  while (Math.abs(inside - outside) > FINE_ENOUGH_K) {
    const middle = (inside + outside) / 2;
    yield;
    if (onColour(tryAt(middle), target)) inside = middle;
    else outside = middle;
  }
  return inside;
}
