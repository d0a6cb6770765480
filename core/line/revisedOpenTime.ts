import type { Random } from '../basis/index.ts';
import { clamp, seededRandom } from '../basis/index.ts';
import type { Signal } from '../log/index.ts';
import type { Action, Belief, Look, Emulator, EmulatorMemory, PastLoad, KnownIronWithBatter, IronParameters } from '../fit/index.ts';
import {
  afterLook,
  paceAfter,
  reweighedBy,
  letsGoAt,
  gridPositionOf,
  stepAt,
  FIT_SEED,
  fitIron,
  guessesToJudge,
  stayingAmount,
} from '../fit/index.ts';
import { bestOpening } from '../advise/index.ts';

export type { Signal };
/** A signal that comes once, at a moment of its own; that it still steams is no moment. */
type TimedSignal = Exclude<Signal, 'steaming'>;

/** Something noticed while a load is in the iron. */
export type Cue = Look | { readonly signal: Signal; readonly at_s: number };

/** When a signal comes, as a share of the time to the wished colour; logarithmic width. */
export type CueTiming = { readonly share: number; readonly sd: number };

/**
 * Before anything is known of an iron (*common practice*): the first smell comes half-way for one and at the end for another, the beep early
 * or late by its own amount, steam dwindles towards the end.
 */
const FIRST_TIMING: Readonly<Record<TimedSignal, CueTiming>> = {
  smells: { share: 0.65, sd: 0.3 },
  beeped: { share: 0.95, sd: 0.3 },
  light: { share: 0.95, sd: 0.35 },
  'steam-down': { share: 0.95, sd: 0.25 },
};
/** From load to load on one iron. */
const REPEATS_SD = 0.12;

/** A signal in a load that is over, beside how it came out. */
export type PastCue = { readonly signal: Signal; readonly at_s: number; readonly open_s: number; readonly tawny: number | null };

/** Time goes so much further per step of colour (see docs/models/dial-in.md). */
const TIME_PER_STEP = 0.87;

/** This iron's own timing of a signal: the usual one, drawn towards what its loads showed. */
export const cueTiming = (signal: TimedSignal, past: readonly PastCue[], wished: number): CueTiming => {
  const { share, sd } = FIRST_TIMING[signal];
  let precision = 1 / sd ** 2;
  let sum = Math.log(share) * precision;
  for (const cue of past) {
    if (cue.signal !== signal || cue.tawny === null || !(cue.open_s > 0) || !(cue.at_s > 0)) continue;
    const toColour_s = cue.open_s * TIME_PER_STEP ** (cue.tawny - wished);
    precision += 1 / REPEATS_SD ** 2;
    sum += Math.log(cue.at_s / toColour_s) / REPEATS_SD ** 2;
  }
  return { share: Math.exp(sum / precision), sd: Math.hypot(REPEATS_SD, Math.sqrt(1 / precision)) };
};

/** Seconds until the paler face is at the step, in an iron of this kind. */
const timeToColour_s = (e: Emulator, u: IronParameters, pour: Omit<Action, 'open_s'>, tawny: number): number => {
  const place = gridPositionOf(e, pour.setting_C + u.offset_K, u.side_K, u.contact, stayingAmount(e, u, pour.portion_g));
  let [early, late] = [0, e.seconds];
  for (let i = 0; i < 14; i++) {
    const middle = (early + late) / 2;
    const paler = Math.min(stepAt(e, place, 'lower', u.browning, middle), stepAt(e, place, 'upper', u.browning, middle));
    if (paler < tawny) early = middle;
    else late = middle;
  }
  return late;
};

/** When each signal comes; one that nobody has asked about comes as is usual. */
export type Timings = Readonly<Partial<Record<TimedSignal, CueTiming>>>;

/** How likely a signal is noticed at `at_s` where it comes around `expected`, both logarithmic; that it still steams says that its end is yet to come. */
const likelihood = (signal: Signal, at: number, expected: number, sd: number): number =>
  signal === 'steaming' ? 1 - normalBelow((at - expected) / sd) : Math.exp(-((at - expected) ** 2) / (2 * sd ** 2));

/** The share of a normal distribution below `z`, by a logistic curve: within 0.01. */
const normalBelow = (z: number): number => 1 / (1 + Math.exp(-1.702 * z));

/** The guesses once a signal was noticed, for this load alone. */
const afterSignal = (
  e: Emulator,
  belief: Belief,
  pour: Omit<Action, 'open_s'>,
  cue: { readonly signal: Signal; readonly at_s: number },
  timings: Timings,
  tawny: number,
  random: Random,
): Belief => {
  const timed = cue.signal === 'steaming' ? 'steam-down' : cue.signal;
  const { share, sd } = timings[timed] ?? FIRST_TIMING[timed];
  return reweighedBy(
    e,
    belief,
    (u) => {
      const expected = Math.log(timeToColour_s(e, u, pour, tawny) * share);
      // Somebody may touch the wrong one: nothing is ruled out.
      return likelihood(cue.signal, Math.log(Math.max(1, cue.at_s)), expected, sd) + 0.05;
    },
    random,
  );
};

/** What still steams is looked at again after so long (*common practice*), s. */
const STEAMS_ON_S = 15;

/** Never before what was noticed last; and not while it steams. */
const notBefore_s = (cues: readonly Cue[]): number =>
  Math.max(0, ...cues.map((cue) => cue.at_s + ('signal' in cue && cue.signal === 'steaming' ? STEAMS_ON_S : 0)));

export type RevisedOpenTime = {
  readonly open_s: number;
  readonly chance: number;
  /** Before this a look may tear it. */
  readonly earliestLook_s: number;
};

/** Four in five irons like this have let go by then. */
const LETS_GO_QUANTILE = 0.8;

/** The load that is in the iron, after what was noticed of it, in its order: when to open it now. */
export const revisedOpenTime = (
  e: Emulator,
  belief: Belief,
  pour: Omit<Action, 'open_s'>,
  cues: readonly Cue[],
  timings: Timings,
  tawny: number,
  random: Random,
): RevisedOpenTime => {
  let now = belief;
  let last_s = 0;
  for (const cue of [...cues].sort((a, b) => a.at_s - b.at_s)) {
    now = 'seen' in cue ? afterLook(e, now, pour, cue, random) : afterSignal(e, now, pour, cue, timings, tawny, random);
    last_s = Math.max(last_s, cue.at_s);
  }
  const guesses = guessesToJudge(now);
  const lettingGo = guesses
    .map((u) =>
      letsGoAt(e, gridPositionOf(e, pour.setting_C + u.offset_K, u.side_K, u.contact, stayingAmount(e, u, pour.portion_g)), u.browning),
    )
    .sort((a, b) => a - b);
  const earliest = lettingGo[Math.floor(clamp(LETS_GO_QUANTILE * lettingGo.length, 0, lettingGo.length - 1))] ?? last_s;
  const looks = cues.flatMap((cue) => ('seen' in cue ? [cue] : []));
  const pace = looks.length === 0 ? 1 : paceAfter(e, now, pour, looks);
  const best = bestOpening(e, guesses, pour, last_s * pace, tawny);
  return {
    open_s: Math.max(notBefore_s(cues), best.open_s / pace),
    chance: best.chance,
    earliestLook_s: Math.max(last_s, earliest / pace),
  };
};

/** The load that is in the iron, with what was noticed of it so far. */
export type LoadInIron = {
  readonly batterKey: string;
  readonly pour: Omit<Action, 'open_s'>;
  readonly tawny: number;
  readonly cues: readonly Cue[];
  /** What was advised for it, and when it was to be opened then. */
  readonly promised: Action;
  /** Signals of this iron's loads that are over. */
  readonly past: readonly PastCue[];
};

/** When to open it now, from what this iron's loads say and what was noticed. Gives way between runs. Null: its batter isn't known. */
export function* revisedOpenTimeNow(
  load: LoadInIron,
  pairings: ReadonlyMap<string, KnownIronWithBatter>,
  history: readonly PastLoad[],
  memory?: EmulatorMemory,
): Generator<void, RevisedOpenTime | null> {
  const random = seededRandom(FIT_SEED);
  const { belief, emulatorOf } = yield* fitIron(pairings, history, random, memory);
  const emulator = yield* emulatorOf(load.batterKey);
  if (emulator === null) return null;
  const timing = (signal: TimedSignal) => cueTiming(signal, load.past, load.tawny);
  const timings = { smells: timing('smells'), beeped: timing('beeped'), light: timing('light'), 'steam-down': timing('steam-down') };
  const revised = revisedOpenTime(emulator, belief, load.pour, load.cues, timings, load.tawny, random);
  const { open_s, ...promisedPour } = load.promised;
  const asPromised = revisedOpenTime(emulator, belief, promisedPour, [], timings, load.tawny, seededRandom(FIT_SEED));
  return movedFromPromise(revised, asPromised.open_s, open_s, load.cues);
}

/**
 * The promise, moved as far as what was noticed moves it here: the promise comes from the whole model, this answer from a coarser one, and what is
 * between them says nothing of the load. Never before the last cue.
 */
export const movedFromPromise = (
  revised: RevisedOpenTime,
  asPromised_s: number,
  promised_s: number,
  cues: readonly Cue[],
): RevisedOpenTime => {
  return { ...revised, open_s: Math.max(notBefore_s(cues), (promised_s * revised.open_s) / Math.max(1, asPromised_s)) };
};
