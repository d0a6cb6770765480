import { clamp, NORMAL_P90 } from '../basis/index.ts';
import type { Belief, Emulator, IronParameters } from '../fit/index.ts';
import { guessesToJudge, predictLoad } from '../fit/index.ts';
import type { MediumScales } from '../plate/index.ts';
import { UNSCALED } from '../plate/index.ts';
import type { Aim, Suggestion } from './suggest.ts';
import { landingBySetting, suggest } from './suggest.ts';

/**
 * What is believed of one iron with one batter and one wish, as the adviser needs it: how the iron differs from its measures, what lands best
 * on it, and how sure that is. Plain data, small enough to be stored.
 */
export type BelievedIron = IronParameters & {
  /** Loads that it rests on; 0: on a teaspoon alone. */
  readonly used: number;
  /** Of what fills the described iron, the share that fills this one best. */
  readonly portion: number;
  /** How often a load at each setting lands (both sides within one step, filled, core set), rising settings, never empty. */
  readonly landing: readonly { readonly setting_C: number; readonly chance: number }[];
  /** Standard deviations: of the room (relative), of the plates (K), and of the best time (in its logarithm). */
  readonly spread: { readonly cavity: number; readonly plates_K: number; readonly time: number };
};

const weighted = (belief: Belief, of: (u: IronParameters) => number): { readonly mean: number; readonly sd: number } => {
  const mean = belief.particles.reduce((sum, u, i) => sum + (belief.weights[i] ?? 0) * of(u), 0);
  const variance = belief.particles.reduce((sum, u, i) => sum + (belief.weights[i] ?? 0) * (of(u) - mean) ** 2, 0);
  return { mean, sd: Math.sqrt(variance) };
};

/** Time goes so much further per step of colour (see docs/models/dial-in.md). */
const LOG_TIME_PER_STEP = 0.14;
/** A load scatters by so much of its time beside what isn't known of the iron (*calibrated*, see docs/models/dial-in.md). */
const LOAD_SCATTER = 0.05;

const MOST_BROWNING = 6;

/** Browning at which the middle iron comes out at this step (mean of its faces) for this load: guesses lie along a ridge whose middle need not lie on it. */
const browningFor = (e: Emulator, middle: IronParameters, action: Suggestion, step: number): number => {
  let [low, high] = [1 / MOST_BROWNING, MOST_BROWNING];
  for (let i = 0; i < 30; i++) {
    const browning = Math.sqrt(low * high);
    const { lower, upper } = predictLoad(e, { ...middle, browning }, action);
    if ((lower + upper) / 2 < step) low = browning;
    else high = browning;
  }
  return Math.sqrt(low * high);
};

/** The iron in the middle of what is believed, for the load that lands best. `used`: loads that the belief rests on. */
export const believedIron = (e: Emulator, belief: Belief, used: number, aim: Aim): BelievedIron => {
  const best = suggest(e, belief, aim);
  const cavity = weighted(belief, (u) => Math.log(u.cavity));
  const offset = weighted(belief, (u) => u.offset_K);
  const middle: IronParameters = {
    cavity: Math.exp(cavity.mean),
    offset_K: offset.mean,
    contact: Math.exp(weighted(belief, (u) => Math.log(u.contact)).mean),
    browning: Math.exp(weighted(belief, (u) => Math.log(u.browning)).mean),
    side_K: weighted(belief, (u) => u.side_K).mean,
    scatter: Math.exp(weighted(belief, (u) => Math.log(Math.max(1e-9, u.scatter))).mean),
  };
  const steps = guessesToJudge(belief)
    .map((u) => {
      const { lower, upper } = predictLoad(e, u, best);
      return (lower + upper) / 2;
    })
    .sort((a, b) => a - b);
  const at = (share: number): number => steps[Math.min(steps.length - 1, Math.round(share * (steps.length - 1)))] ?? aim.tawny;
  const time = (LOG_TIME_PER_STEP * (at(0.9) - at(0.1))) / (2 * NORMAL_P90);
  return {
    ...middle,
    browning: browningFor(e, middle, best, at(0.5)),
    used,
    portion: best.portion_g / e.full_g,
    landing: landingBySetting(e, belief, aim),
    spread: { cavity: cavity.sd, plates_K: offset.sd, time: Math.hypot(time, LOAD_SCATTER) },
  };
};

/** How the plates of this iron touch and brown, as it is believed; nothing where nobody knows. */
export const scalesOf = (believed: BelievedIron | null): { readonly scales?: MediumScales } =>
  believed === null ? {} : { scales: { ...UNSCALED, contact: believed.contact, browning: believed.browning } };

/** Chance that a load at this setting lands; between the settings looked at, in a straight line. */
export const chanceAt = ({ landing }: BelievedIron, setting_C: number): number => {
  const after = landing.findIndex((at) => at.setting_C >= setting_C);
  const [low, high] = [landing[Math.max(0, after - 1)], landing[after === -1 ? landing.length - 1 : after]];
  if (low === undefined || high === undefined) return 0;
  const width = high.setting_C - low.setting_C;
  return width <= 0 ? high.chance : low.chance + (high.chance - low.chance) * clamp((setting_C - low.setting_C) / width, 0, 1);
};
