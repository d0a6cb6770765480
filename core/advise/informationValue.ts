import type { Random } from '../basis/index.ts';
import { seededRandom } from '../basis/index.ts';
import type { Action, Belief, Outcome, Emulator, EmulatorMemory, PastLoad, KnownIronWithBatter, IronParameters } from '../fit/index.ts';
import {
  afterLoad,
  afterSpoonful,
  predictLoad,
  rememberedEmulator,
  spoonfulSteps,
  reweighedBy,
  FIT_SEED,
  fitIron,
  fillWord,
  missingWord,
  drawGuesses,
  FILL_LIMITS,
} from '../fit/index.ts';
import type { Aim, Wanted } from './suggest.ts';
import { roughChance, suggest } from './suggest.ts';

/** Chance that the best next load lands: as things are, and after something more is known. All by the same rough reckoning. */
export type InformationValue = {
  readonly now: number;
  /** Batter that fills the iron as it is described, g. */
  readonly full_g: number;
  /** After one more load as suggested, looked at and said. */
  readonly trial: number;
  /** After the cold iron was filled with water; null: it would hardly say more than is known. */
  readonly water: number | null;
  /** After a ball of dough was squashed in the cold iron, and after its plate was seen beside a coin; null: the same. */
  readonly dough: number | null;
  readonly picture: number | null;
  /** After half a portion, poured in the middle and looked at; null: one more load, or nothing, tells as much. */
  readonly half: { readonly chance: number; readonly portion_g: number } | null;
  /** After a probe was held to the hot plates; null: the same. */
  readonly probe: number | null;
  /** After a teaspoon of batter was closed in the hot iron for `open_s`, at that setting; null: the same. */
  readonly teaspoon: { readonly chance: number; readonly setting_C: number; readonly open_s: number } | null;
};

/** Answers that a trial or an instrument may give: as likely as each other. */
const ANSWERS = 5;
/** How exactly water and a probe tell, share and K (see `priorOf`). */
const WATER_SD = 0.065;
const DOUGH_SD = 0.086;
const PICTURE_SD = 0.11;
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
 * what is believed. `action`: the load that would be tried; `spoonfuls`: the same batter by the spoonful, null: not asked. Gives way between answers.
 */
export function* informationValue(
  e: Emulator,
  belief: Belief,
  aim: Aim,
  action: Action,
  random: Random,
  spoonfuls: Emulator | null = null,
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
  const dough = yield* measured((u) => Math.log(u.cavity), DOUGH_SD);
  const picture = yield* measured((u) => Math.log(u.cavity), PICTURE_SD);
  const lesser = { ...action, portion_g: action.portion_g / 2 };
  const afterHalf = yield* expected(
    drawGuesses(belief, ANSWERS).map((u) => () => afterLoad(e, belief, lesser, wordsFor(e, u, lesser), random).belief),
  );
  const half = afterHalf > now + LEAST_GAIN ? { chance: afterHalf, portion_g: lesser.portion_g } : null;
  const probe = yield* measured((u) => u.offset_K, PROBE_SD_K);
  const known = { now, full_g: e.full_g, trial: Math.max(now, trial), water, dough, picture, half, probe };
  if (spoonfuls === null) return { ...known, teaspoon: null };
  const open_s = spoonfulTime_s(spoonfuls, belief, action.setting_C, aim.tawny);
  const told = { setting_C: action.setting_C, open_s };
  const seen = drawGuesses(belief, ANSWERS).map((u) => spoonfulSteps(spoonfuls, u, told));
  const chance = yield* expected(
    seen.map(
      ({ lower, upper }) =>
        () =>
          afterSpoonful(spoonfuls, belief, { ...told, lower: asBand(lower), upper: asBand(upper) }, random),
    ),
  );
  return { ...known, teaspoon: chance > now + LEAST_GAIN ? { chance, ...told } : null };
}

const asBand = (step: number): number => Math.min(8, Math.max(1, Math.round(step)));

/** When a spoonful is best looked at: where the middle guess is as brown as is wished, so that paler and darker show alike. */
export const spoonfulTime_s = (spoonfuls: Emulator, belief: Belief, setting_C: number, tawny: number): number => {
  const guesses = drawGuesses(belief, 25);
  let [low, high] = [5, spoonfuls.seconds * 0.98];
  for (let i = 0; i < 20; i++) {
    const open_s = (low + high) / 2;
    const steps = guesses.map((u) => spoonfulSteps(spoonfuls, u, { setting_C, open_s }));
    const middle = steps.map(({ lower, upper }) => (lower + upper) / 2).sort((a, b) => a - b)[Math.floor(steps.length / 2)] ?? tawny;
    if (middle < tawny) low = open_s;
    else high = open_s;
  }
  return Math.round(low / 5) * 5;
};

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
  const pairing = pairings.get(wanted.batterKey);
  // Once per iron, and before it has shown much: after that a spoonful tells less than the loads did.
  const asksSpoonful = pairing !== undefined && history.length === 0 && pairing.iron.measured?.teaspoon === undefined;
  const spoonfuls = asksSpoonful ? yield* rememberedEmulator(pairing, memory, 'spoonful') : null;
  return yield* informationValue(emulator, belief, wanted, suggest(emulator, belief, wanted), random, spoonfuls);
}
