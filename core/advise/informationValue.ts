import type { Random } from '../basis/index.ts';
import { seededRandom } from '../basis/index.ts';
import type { Action, Belief, Outcome, Emulator, EmulatorMemory, PastLoad, KnownIronWithBatter, IronParameters } from '../fit/index.ts';
import { afterLoad, predictLoad, reweighedBy, FIT_SEED, fitIron, fillWord, missingWord, drawGuesses, FILL_LIMITS } from '../fit/index.ts';
import type { Aim, Wanted } from './suggest.ts';
import { roughChance, suggest } from './suggest.ts';

/** Chance that the best next load lands: as things are, and after something more is known. All by the same rough reckoning. */
export type InformationValue = {
  readonly now: number;
  /** After one more load as suggested, looked at and said. */
  readonly trial: number;
  /** After the cold iron was filled with water; null: it would hardly say more than is known. */
  readonly water: number | null;
  /** After a probe was held to the hot plates; null: the same. */
  readonly probe: number | null;
};

/** Answers that a trial or an instrument may give: as likely as each other. */
const ANSWERS = 5;
/** How exactly water and a probe tell, share and K (see `priorOf`). */
const WATER_SD = 0.065;
const PROBE_SD_K = 5;
/** Less gain than that isn't worth a walk to the tap. */
const LEAST_GAIN = 0.02;
/** No guess is ever ruled out. */
const TINY = 1e-9;

/** What a cook would say of a load in this iron: steps rounded, the fill in a word with a rough amount. */
const wordsFor = (e: Emulator, u: IronParameters, action: Action): Outcome => {
  const { share, lower, upper, isSet } = predictLoad(e, u, action);
  const fill = fillWord(share);
  return {
    fill,
    missing_share: fill === 'missing' ? missingWord(share) : null,
    leaked_g: fill === 'leaked' ? Math.max(2, (1 - FILL_LIMITS.over / share) * action.portion_g) : null,
    lower: Math.round(lower),
    upper: Math.round(upper),
    core: isSet ? 'set' : 'wet',
  };
};

/**
 * What one more trial, or a measurement instead of one, would bring. Expectation over what may be found, each answer drawn from
 * what is believed. `action`: the load that would be tried. Gives way between answers.
 */
export function* informationValue(
  e: Emulator,
  belief: Belief,
  aim: Aim,
  action: Action,
  random: Random,
): Generator<void, InformationValue> {
  const now = roughChance(e, belief, aim);
  const expected = function* (after: readonly (() => Belief)[]): Generator<void, number> {
    let sum = 0;
    for (const believed of after) {
      yield;
      sum += roughChance(e, believed(), aim);
    }
    return sum / after.length;
  };
  const trial = yield* expected(
    drawGuesses(belief, ANSWERS).map((u) => () => afterLoad(e, belief, action, wordsFor(e, u, action), random).belief),
  );
  const measured = function* (read: (u: IronParameters) => number, sd: number): Generator<void, number | null> {
    // Quantiles of what may be read, not of the guesses as they come.
    const sorted = drawGuesses(belief, 200)
      .map(read)
      .sort((a, b) => a - b);
    const found = Array.from({ length: ANSWERS }, (_, i) => sorted[Math.floor(((i + 0.5) / ANSWERS) * sorted.length)] ?? 0);
    const chance = yield* expected(
      found.map((value) => () => reweighedBy(e, belief, (u) => Math.exp(-((read(u) - value) ** 2) / (2 * sd * sd)) + TINY, random)),
    );
    return chance > now + LEAST_GAIN ? chance : null;
  };
  const water = yield* measured((u) => Math.log(u.cavity), WATER_SD);
  const probe = yield* measured((u) => u.offset_K, PROBE_SD_K);
  return { now, trial: Math.max(now, trial), water, probe };
}

/** What one more trial, or a measurement instead, would bring. Gives way between runs. Null: the batter isn't known. */
export function* informationValueNow(
  wanted: Wanted,
  pairings: ReadonlyMap<string, KnownIronWithBatter>,
  history: readonly PastLoad[],
  memory?: EmulatorMemory,
): Generator<void, InformationValue | null> {
  const random = seededRandom(FIT_SEED);
  const { belief, emulatorOf } = yield* fitIron(pairings, history, random, memory);
  const emulator = yield* emulatorOf(wanted.batterKey);
  if (emulator === null) return null;
  return yield* informationValue(emulator, belief, wanted, suggest(emulator, belief, wanted), random);
}
