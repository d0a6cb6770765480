import type { Iron } from './iron.ts';

/** How far off what isn't known of an iron may be: standard deviations, relative or K. */
export type PriorWidths = { readonly cavity: number; readonly plates_K: number; readonly contact: number; readonly browning: number };

/** How little is known of an iron nobody has cooked on. */
export const PRIOR: PriorWidths = { cavity: 0.15, plates_K: 15, contact: 0.2, browning: 0.3 };

/**
 * What a fill leaves open, share: what clings to it or bridges (estimated), and how far this batter swells, which no fill tells. A usual pour, level with
 * the ridges or as the maker says, fills by habit rather than by measure (*common practice*). Dough from the gap tells how thick the floor is, a picture how
 * wide the plates are: what neither tells stays open (estimated).
 */
const FILL_WIDTH = { water: 0.04, rice: 0.06, batter: 0.05, 'usual-pour': 0.05, dough: 0.07, picture: 0.1 } as const;
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
