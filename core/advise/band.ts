import { clamp, NORMAL_P90 } from '../basis/index.ts';
import type { PlatesState } from '../plate/index.ts';
import { priorOf, shiftedPlates, UNSCALED } from '../plate/index.ts';
import type { Cooked, CookInput, Target } from '../cook/index.ts';
import { cook } from '../cook/index.ts';

/** The band is never claimed narrower, nor wider, than these, in log time. */
const LEAST_SD = 0.02;
const MOST_SD = 1.2;

/** Only differences of logarithms are used, in which the grid's own error cancels. */
const COARSE_CELLS = 12;

export type TimeBand = { readonly p10: number; readonly p90: number };

/** How far the best moment moves when each unknown is off by its width: their squares add up in log time. */
export function* timeBand(setup: CookInput, target: Target, cooked: Cooked): Generator<void, TimeBand> {
  const bestOf = (change: Partial<CookInput>): number => {
    const other = cook({ ...setup, openAt_s: null, ...change, cells: COARSE_CELLS }, target, false);
    return Math.log((other ?? cooked).window.best_s);
  };
  const hotter = (by: number): PlatesState => shiftedPlates(setup.plates, by);
  const { contact, browning, cavity, plates_K } = priorOf(setup.iron);
  const unknowns = (side: 1 | -1): Partial<CookInput>[] => [
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
  return bandAround(cooked.window.best_s, Math.sqrt(variance));
}

/** Eight in ten, around the best moment; `sd` in log time. */
export const bandAround = (best_s: number, sd: number): TimeBand => {
  const width = NORMAL_P90 * clamp(sd, LEAST_SD, MOST_SD);
  return { p10: best_s * Math.exp(-width), p90: best_s * Math.exp(width) };
};
