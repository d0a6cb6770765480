import { clamp, NORMAL_P90 } from '../basis/index.ts';
import type { Iron, PlatesState } from '../plate/index.ts';
import { shiftedPlates, UNSCALED } from '../plate/index.ts';
import type { Cooked, Setup } from './cook.ts';
import { cook } from './cook.ts';
import type { Target } from './request.ts';

/** How far off what isn't known of an iron may be: standard deviations, relative or K. */
export type PriorWidths = { readonly cavity: number; readonly plates_K: number; readonly contact: number; readonly browning: number };

/** How little is known of an iron nobody has cooked on. */
export const PRIOR: PriorWidths = { cavity: 0.15, plates_K: 15, contact: 0.2, browning: 0.3 };

/** What a fill leaves open, share: what clings to it or bridges (estimated), and how far this batter swells, which no fill tells. */
const FILL_WIDTH = { water: 0.04, rice: 0.06, batter: 0.05 } as const;
const SWELLING_WIDTH = 0.05;
/** A probe reads within some kelvins, by where it is put and when (*common practice*). */
const PROBED_WIDTH_K = 5;

/** What is known of this iron before anything was cooked on it. */
export const priorOf = ({ measured }: Pick<Iron, 'measured'>): PriorWidths =>
  measured === undefined
    ? PRIOR
    : {
        ...PRIOR,
        cavity: measured.cavity === null ? PRIOR.cavity : Math.hypot(FILL_WIDTH[measured.cavity], SWELLING_WIDTH),
        plates_K: measured.plates ? PROBED_WIDTH_K : PRIOR.plates_K,
      };

/** The band is never claimed narrower, nor wider, than these, in log time. */
const LEAST_SD = 0.02;
const MOST_SD = 1.2;

/** Only differences of logarithms are used, in which the grid's own error cancels. */
const COARSE_CELLS = 12;

export type TimeBand = { readonly p10: number; readonly p90: number };

/** How far the best moment moves when each unknown is off by its width: their squares add up in log time. */
export function* timeBand(setup: Setup, target: Target, cooked: Cooked): Generator<void, TimeBand> {
  const bestOf = (change: Partial<Setup>): number => {
    const other = cook({ ...setup, ...change, cells: COARSE_CELLS }, target, false);
    return Math.log((other ?? cooked).window.best_s);
  };
  const hotter = (by: number): PlatesState => shiftedPlates(setup.plates, by);
  const { contact, browning, cavity, plates_K } = priorOf(setup.iron);
  const unknowns = (side: 1 | -1): Partial<Setup>[] => [
    { plates: hotter(side * plates_K), setting_C: setup.setting_C + side * plates_K },
    { scales: { ...UNSCALED, contact: 1 + side * contact } },
    { scales: { ...UNSCALED, browning: 1 + side * browning } },
    { portion_g: setup.portion_g * (1 + side * cavity) },
  ];
  const low = unknowns(-1);
  let variance = 0;
  for (const [i, high] of unknowns(1).entries()) {
    const difference = bestOf(high) - bestOf(low[i] ?? {});
    variance += (difference / 2) ** 2;
    yield;
  }
  const sd = clamp(Math.sqrt(variance), LEAST_SD, MOST_SD);
  const best = cooked.window.best_s;
  return { p10: best * Math.exp(-NORMAL_P90 * sd), p90: best * Math.exp(NORMAL_P90 * sd) };
}
