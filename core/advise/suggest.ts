import type { Action, Belief, Emulator, IronParameters } from '../fit/index.ts';
import {
  drawGuesses,
  GUESSES_TO_JUDGE,
  predictLoad,
  coreSetAt,
  crispAt,
  gridPositionOf,
  settingsOf,
  stepAt,
  FILL_LIMITS,
} from '../fit/index.ts';

export type Suggestion = Action & {
  /** Chance of landing: both sides within one step, filled, core set. */
  readonly chance: number;
  /** The same within 0.6 of a step. */
  readonly close: number;
  /** Chance of the fill alone. */
  readonly fills: number;
};

const SETTINGS = 11;
const TIMES = 30;
const EARLIEST_S = 6;
const PORTIONS = 61;
/** Every load scatters by so much of a step. */
const SCATTER = 0.3;
/** The emulator's own error, for a band of what is expected (see docs/models/dial-in.md). */
const BAND_SCATTER = 0.02;
/** So far from the wish crispness still counts by six tenths; out of reach, the nearest is best. */
const CRISP_WIDTH = 0.7;
/** A ladle is poured with this scatter, share. */
const POUR_SD = 0.03;

/** Soft edge: half at the limit itself. */
const inside = (off: number, limit: number): number => 1 / (1 + Math.exp((Math.abs(off) - limit) / (SCATTER / 2)));

/** Chance that a pour of this share neither misses a corner nor leaks (logistic for the normal: ×1.7). */
const filled = (share: number): number =>
  1 / (1 + Math.exp((-1.7 * (share - FILL_LIMITS.short)) / POUR_SD)) / (1 + Math.exp((1.7 * (share - FILL_LIMITS.over)) / POUR_SD));

/** The portion most likely to fill, and how likely. */
const bestPortion = (e: Emulator, guesses: readonly IronParameters[]): { readonly portion_g: number; readonly fills: number } => {
  let best = { portion_g: e.full_g, fills: -1 };
  for (let i = 0; i < PORTIONS; i++) {
    const portion_g = e.full_g * (0.6 + (0.9 * i) / (PORTIONS - 1));
    let hits = 0;
    for (const u of guesses) hits += filled(portion_g / (e.full_g * u.cavity));
    if (hits > best.fills) best = { portion_g, fills: hits };
  }
  return { portion_g: best.portion_g, fills: best.fills / guesses.length };
};

type Judged = { readonly chance: number; readonly close: number; readonly crispy: number };

/** What is aimed at: a tawny step, and a crispness where one is wished. */
export type Aim = { readonly tawny: number; readonly crisp?: number | null };
/** The batter, the tawny step and the crispness that are wished for. */
export type Wanted = Aim & { readonly batterKey: string };

/** A grid of times for one setting; each guess's place is worked out once. */
const judgeTimes = (
  e: Emulator,
  guesses: readonly IronParameters[],
  portion_g: number,
  setting_C: number,
  { tawny, crisp: wished = null }: Aim,
  times: readonly number[],
): Judged[] => {
  const chance = new Float64Array(times.length);
  const close = new Float64Array(times.length);
  const crispy = new Float64Array(times.length);
  for (const u of guesses) {
    const share = portion_g / (e.full_g * u.cavity);
    const amount = Math.min(share, FILL_LIMITS.over) * u.cavity;
    const place = gridPositionOf(e, setting_C + u.offset_K, u.side_K, u.contact, amount);
    const set_s = coreSetAt(e, place);
    const isFilled = filled(share);
    times.forEach((t, i) => {
      if (t < set_s) return;
      const lower = stepAt(e, place, 'lower', u.browning, t) - tawny;
      const upper = stepAt(e, place, 'upper', u.browning, t) - tawny;
      const lands = isFilled * inside(lower, 1) * inside(upper, 1);
      chance[i] = (chance[i] ?? 0) + lands;
      if (wished !== null && lands > 1e-3)
        crispy[i] = (crispy[i] ?? 0) + lands * Math.exp(-((crispAt(e, place, t) - wished) ** 2) / (2 * CRISP_WIDTH ** 2));
      close[i] = (close[i] ?? 0) + isFilled * inside(lower, 0.6) * inside(upper, 0.6);
    });
  }
  const share = (row: Float64Array, i: number): number => (row[i] ?? 0) / guesses.length;
  return times.map((_, i) => ({ chance: share(chance, i), close: share(close, i), crispy: share(crispy, i) }));
};

/** All count; landing at all counts most. Crispness only where it is wished, and never instead of landing. */
const expectedUtility = ({ chance, close, crispy }: Judged): number => chance + 0.45 * close + 0.35 * crispy;

/** So many times of a cook, closer together where it is young. */
const timesOf = (e: Emulator, count: number): number[] =>
  Array.from({ length: count }, (_, i) => e.seconds * 0.985 * ((i + 1) / count) ** 1.6);

const settingsTried = (e: Emulator, count: number): number[] => {
  const [low, high] = settingsOf(e.pairing.iron);
  return low === high ? [low] : Array.from({ length: count }, (_, i) => low + ((high - low) * i) / (count - 1));
};

/** The best of a grid of settings and times. */
const bestOf = (
  e: Emulator,
  guesses: readonly IronParameters[],
  portion_g: number,
  settings: readonly number[],
  aim: Aim,
  times: readonly number[],
): Pick<Action, 'setting_C' | 'open_s'> & Judged => {
  let best = { setting_C: settings[0] ?? 0, open_s: times[0] ?? 60, chance: 0, close: 0, crispy: 0 };
  let most = -1;
  for (const setting_C of settings)
    judgeTimes(e, guesses, portion_g, setting_C, aim, times).forEach((j, i) => {
      if (expectedUtility(j) <= most) return;
      most = expectedUtility(j);
      best = { setting_C, open_s: times[i] ?? 60, ...j };
    });
  return best;
};

const ROUGH = { guesses: 70, settings: 5, times: 60 } as const;

/** The chance of landing that the best next load would have, roughly: on fewer guesses and a coarser grid than `suggest`, for comparing. */
export const roughChance = (e: Emulator, belief: Belief, aim: Aim): number => {
  const guesses = drawGuesses(belief, ROUGH.guesses);
  const times = timesOf(e, ROUGH.times);
  return bestOf(e, guesses, bestPortion(e, guesses).portion_g, settingsTried(e, ROUGH.settings), aim, times).chance;
};

/** The next load: portion, setting and time with the best chance of landing on this tawny step. */
export const suggest = (e: Emulator, belief: Belief, wished: Aim | number): Suggestion => {
  const aim = typeof wished === 'number' ? { tawny: wished } : wished;
  const guesses = drawGuesses(belief, GUESSES_TO_JUDGE);
  const { portion_g, fills } = bestPortion(e, guesses);
  const settings = settingsTried(e, SETTINGS);
  const [low, high] = settingsOf(e.pairing.iron);
  const best = bestOf(e, drawGuesses(belief, 90), portion_g, settings, aim, [EARLIEST_S, ...timesOf(e, TIMES).slice(1)]);
  // Once more around it, finer and with more of the guesses.
  const fine = Array.from({ length: 15 }, (_, i) => best.open_s * (0.79 + 0.03 * i));
  const step = settings.length < 2 ? 0 : ((settings[1] ?? low) - low) / 2;
  let found: Suggestion = { portion_g, setting_C: best.setting_C, open_s: best.open_s, chance: 0, close: 0, fills };
  let most = -1;
  for (const setting_C of step === 0
    ? [low]
    : [best.setting_C - step, best.setting_C, best.setting_C + step].filter((s) => s >= low && s <= high))
    judgeTimes(e, guesses, portion_g, setting_C, aim, fine).forEach((j, i) => {
      if (expectedUtility(j) <= most) return;
      most = expectedUtility(j);
      found = { portion_g, setting_C, open_s: fine[i] ?? best.open_s, chance: j.chance, close: j.close, fills };
    });
  return found;
};

const LANDING = { guesses: 60, settings: 6, times: 40 } as const;

/** How often the best load at each setting lands, from the lowest setting to the highest. Rough: it is asked with every move of a wish. */
export const landingBySetting = (e: Emulator, belief: Belief, aim: Aim): { readonly setting_C: number; readonly chance: number }[] => {
  const guesses = drawGuesses(belief, LANDING.guesses);
  const { portion_g } = bestPortion(e, guesses);
  const times = timesOf(e, LANDING.times);
  return settingsTried(e, LANDING.settings).map((setting_C) => ({
    setting_C,
    chance: bestOf(e, guesses, portion_g, [setting_C], aim, times).chance,
  }));
};

/** What a load scatters by beside what isn't known of the iron, as three equally likely points of a normal distribution. */
const THIRDS = [-1.22, 0, 1.22] as const;
const BAND = { low: 0.1, high: 0.9 } as const;

/** Eight loads in ten come out between these steps, mean of both faces. */
export const stepBand = (e: Emulator, belief: Belief, action: Action): { readonly p10: number; readonly p90: number } => {
  const steps = drawGuesses(belief, GUESSES_TO_JUDGE).flatMap((u) =>
    THIRDS.flatMap((load) => {
      const { lower, upper } = predictLoad(e, { ...u, browning: u.browning * Math.exp(u.scatter * load) }, action);
      return THIRDS.map((z) => (lower + upper) / 2 + z * BAND_SCATTER);
    }),
  );
  steps.sort((a, b) => a - b);
  const at = (share: number): number => steps[Math.min(steps.length - 1, Math.round(share * (steps.length - 1)))] ?? 1;
  return { p10: Math.max(1, at(BAND.low)), p90: Math.min(8, at(BAND.high)) };
};

/** When to open a load that is in the iron, not before `after_s`. */
export const bestOpening = (
  e: Emulator,
  guesses: readonly IronParameters[],
  pour: Omit<Action, 'open_s'>,
  after_s: number,
  tawny: number,
): { readonly open_s: number; readonly chance: number } => {
  const bestOf = (times: readonly number[]) => {
    const judged = judgeTimes(e, guesses, pour.portion_g, pour.setting_C, { tawny }, times);
    const at = judged.reduce((best, j, i) => (expectedUtility(j) > expectedUtility(judged[best] ?? j) ? i : best), 0);
    return { at, open_s: times[at] ?? after_s, chance: judged[at]?.chance ?? 0 };
  };
  const times = Array.from({ length: 50 }, (_, i) => after_s + ((e.seconds * 0.985 - after_s) * i * i) / 49 / 49);
  const { at } = bestOf(times);
  // Late in a long cook these are a quarter of a minute apart: between the neighbours once more.
  const [from, to] = [times[Math.max(0, at - 1)] ?? after_s, times[Math.min(times.length - 1, at + 1)] ?? after_s];
  const { open_s, chance } = bestOf(Array.from({ length: FINE_TIMES }, (_, i) => from + ((to - from) * i) / (FINE_TIMES - 1)));
  return { open_s, chance };
};
const FINE_TIMES = 17;
