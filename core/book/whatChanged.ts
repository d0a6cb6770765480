import type { Action, Belief, Outcome, Emulator, IronParameters } from '../fit/index.ts';
import { likelihood, drawGuesses } from '../fit/index.ts';

/** What may be otherwise today, on an iron that is known. */
export const CHANGES = [
  'nothing',
  'hotter',
  'cooler',
  'more-room',
  'less-room',
  'browns-more',
  'browns-less',
  'one-side',
  'colder-batter',
] as const;
export type Change = (typeof CHANGES)[number];

export type Explanation = {
  readonly change: Change;
  /** How likely it is among these, 0–1. */
  readonly chance: number;
  /** How much of it explains today best: K for heat and sides, factors for room and browning, 0 where there is no size. */
  readonly size: number;
};

export type TodaysLoad = {
  readonly emulator: Emulator;
  readonly colder: Emulator | null;
  readonly action: Action;
  readonly outcome: Outcome;
};

/** Before today's loads are looked at: mostly nothing has changed (*calibrated*). */
const PRIOR_NOTHING = 0.5;

type Shift = { readonly size: number; readonly of: (u: IronParameters) => IronParameters };

const heat = (kelvins: readonly number[]): Shift[] => kelvins.map((size) => ({ size, of: (u) => ({ ...u, offset_K: u.offset_K + size }) }));
const room = (factors: readonly number[]): Shift[] => factors.map((size) => ({ size, of: (u) => ({ ...u, cavity: u.cavity * size }) }));
const browning = (factors: readonly number[]): Shift[] =>
  factors.map((size) => ({ size, of: (u) => ({ ...u, browning: u.browning * size }) }));

/** Sizes that are tried for each; smaller ones nobody would ask about. */
const SHIFTS: Readonly<Record<Exclude<Change, 'colder-batter'>, readonly Shift[]>> = {
  nothing: [{ size: 0, of: (u) => u }],
  hotter: heat([8, 14, 20, 28]),
  cooler: heat([-8, -14, -20, -28]),
  'more-room': room([1.12, 1.2, 1.3, 1.45]),
  'less-room': room([0.9, 0.84, 0.77, 0.7]),
  'browns-more': browning([1.25, 1.5, 1.8, 2.2]),
  'browns-less': browning([0.8, 0.67, 0.55, 0.45]),
  'one-side': [-16, -9, 9, 16].map((size) => ({ size, of: (u: IronParameters) => ({ ...u, side_K: u.side_K + size }) })),
};

const GUESSES = 160;

/**
 * What explains today's loads best, given what was believed of the iron before them: every change is tried in several sizes on
 * every guess, and weighed by how likely today's words would be. The likeliest first; chances add up to one.
 */
export const whatChanged = (before: Belief, today: readonly TodaysLoad[]): Explanation[] => {
  const guesses = drawGuesses(before, GUESSES);
  const evidence = (shift: Shift, isColder: boolean): number => {
    let total = 0;
    for (const guess of guesses) {
      const u = shift.of(guess);
      let product = 1;
      for (const { emulator, colder, action, outcome } of today)
        product *= likelihood(isColder ? (colder ?? emulator) : emulator, u, action, outcome);
      total += product / guesses.length;
    }
    return total;
  };
  const hasColder = today.some((load) => load.colder !== null);
  const others = CHANGES.length - (hasColder ? 1 : 2);
  const weighed = CHANGES.flatMap((change): { change: Change; size: number; weight: number }[] => {
    const prior = change === 'nothing' ? PRIOR_NOTHING : (1 - PRIOR_NOTHING) / others;
    if (change === 'colder-batter')
      return hasColder ? [{ change, size: 0, weight: prior * evidence({ size: 0, of: (u) => u }, true) }] : [];
    const tried = SHIFTS[change].map((shift) => ({ size: shift.size, value: evidence(shift, false) }));
    const best = tried.reduce((a, b) => (b.value > a.value ? b : a));
    return [{ change, size: best.size, weight: (prior * tried.reduce((sum, { value }) => sum + value, 0)) / tried.length }];
  });
  const total = weighed.reduce((sum, { weight }) => sum + weight, 0);
  return weighed
    .map(({ change, size, weight }) => ({ change, size, chance: total > 0 ? weight / total : 0 }))
    .sort((a, b) => b.chance - a.chance);
};
