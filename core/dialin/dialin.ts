import type { Finding, Random } from '../basis/index.ts';
import { priorOf } from '../advise/index.ts';
import { seededRandom } from '../basis/index.ts';
import type { Action, Belief, Outcome } from './belief.ts';
import { afterLoad, firstBelief, summary } from './belief.ts';
import type { Cue, PastCue, Rescue, Signal } from './cue.ts';
import { cueTiming, rescue } from './cue.ts';
import type { Explanation, TodaysLoad } from './changed.ts';
import { whatChanged } from './changed.ts';
import type { Emulator, Pairing } from './emulator.ts';
import { emulate } from './emulator.ts';
import type { Suggestion } from './suggest.ts';
import type { Aim } from './suggest.ts';
import { stepBand, suggest } from './suggest.ts';
import type { Worth } from './worth.ts';
import { worthKnowing } from './worth.ts';

/** A load of this iron that is over, with the batter that was in it. */
export type History = {
  readonly loadId: string;
  readonly startedAt: number;
  readonly batterKey: string;
  readonly action: Action;
  readonly outcome: Outcome;
};

/** The batter, the tawny step and the crispness that are wished for. */
export type Wanted = Aim & { readonly batterKey: string };

export type DialIn = {
  readonly suggestion: Suggestion;
  /** Eight such loads in ten come out between these steps, mean of both faces. */
  readonly band: { readonly p10: number; readonly p90: number };
  readonly believed: ReturnType<typeof summary>;
  /** Before anything was seen. */
  readonly prior: ReturnType<typeof summary>;
  readonly used: number;
  /** What explains today's loads, where there are some and enough before them; the likeliest first. */
  readonly changed: { readonly loads: number; readonly explanations: readonly Explanation[] } | null;
  /** By load: what didn't fit. */
  readonly findings: readonly (Finding & { readonly loadId: string })[];
};

/** A pairing, and the same with its batter colder by so much (never under the second, °C); null: it can't be. */
export type KnownPairing = Pairing & {
  /** Under which its emulator is remembered from question to question; without it, it isn't. */
  readonly memoryKey?: string;
  readonly colder?: (by_K: number, least_C: number) => Pairing | null;
};

/** Emulators of earlier questions: the same pairing gives the same one. */
export type EmulatorMemory = Map<string, Emulator>;
/** Some hundred kilobytes each. */
const MOST_REMEMBERED = 12;

function* remembered(pairing: KnownPairing, memory: EmulatorMemory | undefined): Generator<void, Emulator> {
  const { memoryKey } = pairing;
  const known = memoryKey === undefined ? undefined : memory?.get(memoryKey);
  const emulator = known ?? (yield* emulate(pairing));
  if (memoryKey === undefined || memory === undefined) return emulator;
  // The newest last; the longest unused makes way.
  memory.delete(memoryKey);
  memory.set(memoryKey, emulator);
  const [oldest] = memory.keys();
  if (memory.size > MOST_REMEMBERED && oldest !== undefined) memory.delete(oldest);
  return emulator;
}

/** The emulator of a batter that occurs, made when it is first asked for; null: that batter isn't known. */
const emulatorsOf = (pairings: ReadonlyMap<string, KnownPairing>, memory: EmulatorMemory | undefined) => {
  const emulators = new Map<string, Emulator>();
  return function* (key: string): Generator<void, Emulator | null> {
    const pairing = pairings.get(key);
    if (pairing === undefined) return null;
    const made = emulators.get(key) ?? (yield* remembered(pairing, memory));
    emulators.set(key, made);
    return made;
  };
};

/** What was measured of the iron itself counts before its first load; all pairings are of one iron. */
const beforeAnyLoad = (pairings: ReadonlyMap<string, KnownPairing>, random: Random): Belief => {
  const [one] = pairings.values();
  return firstBelief(random, undefined, one === undefined ? undefined : priorOf(one.iron));
};

const SEED = 20_261;
/** Loads that close to the newest are "today's"; so many must stand before them. */
const TODAY_MS = 6 * 3_600_000;
const LEAST_BEFORE = 3;
/** A batter straight from the refrigerator against one that stood: the colder one that is tried. */
const COLDER_K = 12;
const COLDEST_C = 3;

/**
 * What this iron's loads say of it, and the next one. Loads are taken in their order; an emulator is run for every batter that occurs.
 * Gives way between runs. `pairings`: by batter key; a load whose batter isn't there is left out.
 */
export function* dialIn(
  wanted: Wanted,
  pairings: ReadonlyMap<string, KnownPairing>,
  history: readonly History[],
  memory?: EmulatorMemory,
): Generator<void, DialIn | null> {
  const emulatorOf = emulatorsOf(pairings, memory);
  const colderOnes = new Map<string, Emulator | null>();
  const colderOf = function* (key: string): Generator<void, Emulator | null> {
    const seen = colderOnes.get(key);
    if (seen !== undefined) return seen;
    const known = pairings.get(key);
    const pairing = known?.colder?.(COLDER_K, COLDEST_C) ?? null;
    const memoryKey = known?.memoryKey;
    const made =
      pairing === null
        ? null
        : yield* remembered({ ...pairing, ...(memoryKey === undefined ? {} : { memoryKey: `${memoryKey}/colder` }) }, memory);
    colderOnes.set(key, made);
    return made;
  };
  const random = seededRandom(SEED);
  let belief: Belief = beforeAnyLoad(pairings, random);
  const prior = summary(belief);
  const findings: (Finding & { loadId: string })[] = [];
  let used = 0;
  const newest = history.reduce((last, load) => Math.max(last, load.startedAt), -Infinity);
  let before: Belief | null = null;
  let usedBefore = 0;
  const today: TodaysLoad[] = [];
  for (const load of history) {
    const e = yield* emulatorOf(load.batterKey);
    if (e === null) continue;
    if (newest - load.startedAt < TODAY_MS) {
      before ??= belief;
      // Without enough loads before, nobody asks what changed.
      const colder = usedBefore >= LEAST_BEFORE ? yield* colderOf(load.batterKey) : null;
      today.push({ emulator: e, colder, action: load.action, outcome: load.outcome });
    } else usedBefore++;
    const updated = afterLoad(e, belief, load.action, load.outcome, random);
    belief = updated.belief;
    findings.push(...updated.findings.map((finding) => ({ ...finding, loadId: load.loadId })));
    used++;
    yield;
  }
  const e = yield* emulatorOf(wanted.batterKey);
  if (e === null) return null;
  const isTold = before !== null && usedBefore >= LEAST_BEFORE && today.length > 0;
  const changed = isTold && before !== null ? { loads: today.length, explanations: whatChanged(before, today) } : null;
  const suggestion = suggest(e, belief, wanted);
  return { suggestion, band: stepBand(e, belief, suggestion), believed: summary(belief), prior, used, changed, findings };
}

/** The load that is in the iron, with what was noticed of it so far. */
export type LoadInIron = {
  readonly batterKey: string;
  readonly pour: Omit<Action, 'open_s'>;
  readonly tawny: number;
  readonly cues: readonly Cue[];
  /** Signals of this iron's loads that are over. */
  readonly past: readonly PastCue[];
};

/** What this iron's loads say of it, and the emulator of the batter that is asked about; null: that batter isn't known. */
function* believedOf(
  batterKey: string,
  pairings: ReadonlyMap<string, KnownPairing>,
  history: readonly History[],
  memory: EmulatorMemory | undefined,
  random: Random,
): Generator<void, { readonly emulator: Emulator; readonly belief: Belief } | null> {
  const emulatorOf = emulatorsOf(pairings, memory);
  let belief: Belief = beforeAnyLoad(pairings, random);
  for (const past of history) {
    const e = yield* emulatorOf(past.batterKey);
    if (e !== null) belief = afterLoad(e, belief, past.action, past.outcome, random).belief;
    yield;
  }
  const emulator = yield* emulatorOf(batterKey);
  return emulator === null ? null : { emulator, belief };
}

/** When to open it now, from what this iron's loads say and what was noticed. Gives way between runs. Null: its batter isn't known. */
export function* rescueNow(
  load: LoadInIron,
  pairings: ReadonlyMap<string, KnownPairing>,
  history: readonly History[],
  memory?: EmulatorMemory,
): Generator<void, Rescue | null> {
  const random = seededRandom(SEED);
  const known = yield* believedOf(load.batterKey, pairings, history, memory, random);
  if (known === null) return null;
  const timing = (signal: Signal) => cueTiming(signal, load.past, load.tawny);
  const timings = { smells: timing('smells'), beeped: timing('beeped'), 'steam-down': timing('steam-down') };
  return rescue(known.emulator, known.belief, load.pour, load.cues, timings, load.tawny, random);
}

/** What one more trial, or a measurement instead, would bring. Gives way between runs. Null: the batter isn't known. */
export function* worthNow(
  wanted: Wanted,
  pairings: ReadonlyMap<string, KnownPairing>,
  history: readonly History[],
  memory?: EmulatorMemory,
): Generator<void, Worth | null> {
  const random = seededRandom(SEED);
  const known = yield* believedOf(wanted.batterKey, pairings, history, memory, random);
  if (known === null) return null;
  const { emulator, belief } = known;
  return yield* worthKnowing(emulator, belief, wanted, suggest(emulator, belief, wanted), random);
}
