import { clamp, DAY_MS, sum } from '../../basis/index.ts';
import type { Lift } from '../../formula/index.ts';
import type { KeepQuestion } from '../../keep/index.ts';
import { BATTER_H, keepLimits } from '../../keep/index.ts';
import { foldKeeps_s } from '../../lift/index.ts';

/** Batter that stands ready: how old it is on the first day (0: mixed that day, 1: the day before …), g. */
export type StandingBatter = { readonly age_days: number; readonly grams: number };

/** One bowl: mixed on this day (0: the first) for what it is poured on that day and the next ones. */
export type Mix = {
  readonly day: number;
  readonly grams: number;
  readonly uses: readonly { readonly day: number; readonly grams: number }[];
};

export type WeekPlan = {
  readonly mixes: readonly Mix[];
  /** What stood ready and is poured, by day. */
  readonly fromStanding: readonly number[];
  /** What stood ready and is too old before it is wanted, g. */
  readonly thrown_g: number;
};

const SMALL_G = 0.5;
/** Mixed so long before it is poured at the least, s (*common practice*: flour takes up its water). */
export const LEAST_REST_S = 3600;

/** On how many days a batter may be poured, the one it is mixed on among them; one whose foam sinks only on that. */
export const batterDays = (lift: Lift, judged: Omit<KeepQuestion, 'form' | 'place' | 'from'>): number => {
  if (foldKeeps_s(lift) !== null) return 1;
  const form = lift === 'yeasted' ? 'yeasted-batter' : 'batter';
  const until = Math.min(...keepLimits({ ...judged, form, place: 'refrigerator', from: 0 }).map((limit) => limit.until));
  return clamp(Math.floor(until / DAY_MS), 1, BATTER_H / 24);
};

/**
 * When to mix how much. `wanted_g`: by day, from today. `days`: a batter may be poured on the day it is mixed and so many less one after it. `most_g`: what
 * one bowl takes; null: whatever is wanted. The oldest batter goes first, nothing is mixed that won't be poured, and of all such weeks it is one with the
 * fewest bowls; of those, with the batter fresh: a bowl is mixed on the first day that needs it and reaches as far as it may.
 */
export const weekOfMixes = (
  wanted_g: readonly number[],
  { days, most_g, standing }: { readonly days: number; readonly most_g: number | null; readonly standing: readonly StandingBatter[] },
): WeekPlan => {
  const left = [...standing].sort((a, b) => b.age_days - a.age_days).map((batter) => ({ ...batter }));
  const open = [...wanted_g];
  const fromStanding = wanted_g.map((wanted, day) => {
    let taken = 0;
    for (const batter of left) {
      if (batter.age_days + day >= days) continue;
      const some = Math.min(batter.grams, wanted - taken);
      batter.grams -= some;
      taken += some;
    }
    open[day] = wanted - taken;
    return taken;
  });
  const mixes: Mix[] = [];
  for (let day = 0; day < open.length; day++) {
    while (open[day]! > SMALL_G) {
      let room = most_g ?? Infinity;
      const uses: { day: number; grams: number }[] = [];
      for (let at = day; at < Math.min(open.length, day + days) && room > SMALL_G; at++) {
        const grams = Math.min(open[at]!, room);
        if (grams <= SMALL_G) continue;
        uses.push({ day: at, grams });
        open[at]! -= grams;
        room -= grams;
      }
      mixes.push({ day, grams: sum(uses.map((use) => use.grams)), uses });
    }
  }
  return { mixes, fromStanding, thrown_g: sum(left.map(({ grams }) => grams)) };
};
