import type { Random } from '../basis/index.ts';
import type { PriorWidths } from '../plate/index.ts';
import { FILL_TOLERANCE, PRIOR } from '../plate/index.ts';

/** What isn't known of an iron nobody has cooked on. `side_K`: upper plate over lower. */
export type IronParameters = {
  /** Room between the plates over what was measured. */
  readonly cavity: number;
  /** Plates over what the control says, K. */
  readonly offset_K: number;
  readonly contact: number;
  readonly browning: number;
  readonly side_K: number;
  /** How far one load's browning lies from another's on this iron: standard deviation of its logarithm, the same for both faces. */
  readonly scatter: number;
};

/** From side to side; the other widths are `PRIOR` (*common practice*), or narrower where something was measured. */
export const SIDE_SD_K = 5;

/** Between loads an iron scatters by so much, and irons differ in it so widely (lognormal; *fitted*, see docs/models/dial-in.md). */
const SCATTER_MEDIAN = 0.06;
const SCATTER_WIDTH = 1.2;

export const drawIronParameters = (random: Random, prior: PriorWidths = PRIOR): IronParameters => ({
  cavity: Math.exp(prior.cavity * random.normal()),
  offset_K: prior.plates_K * random.normal(),
  contact: Math.exp(prior.contact * random.normal()),
  browning: Math.exp(prior.browning * random.normal()),
  side_K: SIDE_SD_K * random.normal(),
  scatter: SCATTER_MEDIAN * Math.exp(SCATTER_WIDTH * random.normal()),
});

export const NOMINAL: IronParameters = { cavity: 1, offset_K: 0, contact: 1, browning: 1, side_K: 0, scatter: 0 };

/** Fill that neither misses a corner nor leaks, share of the cavity. */
export const FILL_LIMITS = { short: 1 - FILL_TOLERANCE.short, over: 1 + FILL_TOLERANCE.over } as const;
