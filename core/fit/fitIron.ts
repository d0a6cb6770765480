import type { Finding, Random } from '../basis/index.ts';
import { priorOf } from '../plate/index.ts';
import type { Action, Belief, Outcome } from './belief.ts';
import { afterLoad, afterSpoonful, firstBelief } from './belief.ts';
import type { Emulator, IronWithBatter } from './emulator.ts';
import { emulate } from './emulator.ts';

/** A load of this iron that is over, with the batter that was in it. */
export type PastLoad = {
  readonly loadId: string;
  readonly startedAt: number;
  readonly batterKey: string;
  readonly action: Action;
  readonly outcome: Outcome;
};

/** A pairing, and the same with its batter colder by so much (never under the second, °C); null: it can't be. */
export type KnownIronWithBatter = IronWithBatter & {
  /** Under which its emulator is remembered from question to question; without it, it isn't. */
  readonly memoryKey?: string;
  readonly colder?: (by_K: number, least_C: number) => IronWithBatter | null;
};

/** Emulators of earlier questions: the same pairing gives the same one. */
export type EmulatorMemory = Map<string, Emulator>;
/** Some hundred kilobytes each. */
const MOST_REMEMBERED = 12;

export function* rememberedEmulator(
  pairing: KnownIronWithBatter,
  memory: EmulatorMemory | undefined,
  of: 'load' | 'spoonful' = 'load',
): Generator<void, Emulator> {
  const memoryKey = pairing.memoryKey === undefined ? undefined : `${of} ${pairing.memoryKey}`;
  const known = memoryKey === undefined ? undefined : memory?.get(memoryKey);
  const emulator = known ?? (yield* emulate(pairing, of));
  if (memoryKey === undefined || memory === undefined) return emulator;
  // The newest last; the longest unused makes way.
  memory.delete(memoryKey);
  memory.set(memoryKey, emulator);
  const [oldest] = memory.keys();
  if (memory.size > MOST_REMEMBERED && oldest !== undefined) memory.delete(oldest);
  return emulator;
}

/** The emulator of a batter that occurs, made when it is first asked for; null: that batter isn't known. */
const emulatorsOf = (pairings: ReadonlyMap<string, KnownIronWithBatter>, memory: EmulatorMemory | undefined) => {
  const emulators = new Map<string, Emulator>();
  return function* (key: string): Generator<void, Emulator | null> {
    const pairing = pairings.get(key);
    if (pairing === undefined) return null;
    const made = emulators.get(key) ?? (yield* rememberedEmulator(pairing, memory));
    emulators.set(key, made);
    return made;
  };
};

/** What was measured of the iron itself counts before its first load, and what a spoonful showed; all pairings are of one iron. */
function* beforeAnyLoad(
  pairings: ReadonlyMap<string, KnownIronWithBatter>,
  random: Random,
  memory: EmulatorMemory | undefined,
): Generator<void, Belief> {
  const [one] = pairings.values();
  if (one === undefined) return firstBelief(random);
  const measured = firstBelief(random, undefined, priorOf(one.iron));
  const spoonful = one.iron.measured?.teaspoon;
  if (spoonful === undefined) return measured;
  // Of its own batter where that is among those asked about; else of the one in question, which is nearest to it.
  const own = [...pairings].find(([key]) => spoonful.formulaId !== null && key.startsWith(`${spoonful.formulaId}/`))?.[1] ?? one;
  return afterSpoonful(yield* rememberedEmulator(own, memory, 'spoonful'), measured, spoonful, random);
}

/** One load that taught something: what was believed before it, and the emulator of its batter. */
export type FittedLoad = { readonly load: PastLoad; readonly emulator: Emulator; readonly before: Belief };

export type IronFit = {
  readonly belief: Belief;
  /** Before any load, with what was measured. */
  readonly prior: Belief;
  /** In the order of the loads; a load whose batter isn't known is left out. */
  readonly fitted: readonly FittedLoad[];
  /** By load: what didn't fit. */
  readonly findings: readonly (Finding & { readonly loadId: string })[];
  /** The emulator of a batter, made when it is first asked for; null: that batter isn't known. */
  readonly emulatorOf: (batterKey: string) => Generator<void, Emulator | null>;
};

/**
 * What this iron's loads say of it. Loads are taken in their order; an emulator is run for every batter that occurs, or taken from `memory`.
 * `pairings`: by batter key. Gives way between runs and loads.
 */
export function* fitIron(
  pairings: ReadonlyMap<string, KnownIronWithBatter>,
  history: readonly PastLoad[],
  random: Random,
  memory?: EmulatorMemory,
): Generator<void, IronFit> {
  const emulatorOf = emulatorsOf(pairings, memory);
  const prior = yield* beforeAnyLoad(pairings, random, memory);
  let belief = prior;
  const fitted: FittedLoad[] = [];
  const findings: (Finding & { loadId: string })[] = [];
  for (const load of history) {
    const emulator = yield* emulatorOf(load.batterKey);
    if (emulator === null) continue;
    fitted.push({ load, emulator, before: belief });
    const updated = afterLoad(emulator, belief, load.action, load.outcome, random);
    belief = updated.belief;
    findings.push(...updated.findings.map((finding) => ({ ...finding, loadId: load.loadId })));
    yield;
  }
  return { belief, prior, fitted, findings, emulatorOf };
}

/** The same draws for every question: the same loads give the same belief, bit by bit. */
export const FIT_SEED = 20_261;
