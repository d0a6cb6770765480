import type { Finding } from '../basis/index.ts';
import { seededRandom } from '../basis/index.ts';
import { summary, FIT_SEED, fitIron, rememberedEmulator } from '../fit/index.ts';
import type { Explanation, TodaysLoad } from './whatChanged.ts';
import { whatChanged } from './whatChanged.ts';
import type { Emulator, EmulatorMemory, FittedLoad, PastLoad, KnownIronWithBatter } from '../fit/index.ts';
import type { Suggestion, Wanted } from '../advise/index.ts';
import { stepBand, suggest } from '../advise/index.ts';

export type IronHistory = {
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

/** Loads that close to the newest are "today's"; so many must stand before them. */
const TODAY_MS = 6 * 3_600_000;
const LEAST_BEFORE = 3;
/** A batter straight from the refrigerator against one that stood: the colder one that is tried. */
const COLDER_K = 12;
const COLDEST_C = 3;

/** Emulators of the same batters straight from the refrigerator, each made once; null: it can't be colder. */
function* colderEmulators(
  loads: readonly FittedLoad[],
  pairings: ReadonlyMap<string, KnownIronWithBatter>,
  memory: EmulatorMemory | undefined,
): Generator<void, ReadonlyMap<string, Emulator | null>> {
  const found = new Map<string, Emulator | null>();
  for (const { load } of loads) {
    if (found.has(load.batterKey)) continue;
    const known = pairings.get(load.batterKey);
    const pairing = known?.colder?.(COLDER_K, COLDEST_C) ?? null;
    const memoryKey = known?.memoryKey;
    const made =
      pairing === null
        ? null
        : yield* rememberedEmulator({ ...pairing, ...(memoryKey === undefined ? {} : { memoryKey: `${memoryKey}/colder` }) }, memory);
    found.set(load.batterKey, made);
  }
  return found;
}

/** What explains today's loads, where there are some and enough before them. */
function* changedToday(
  fitted: readonly FittedLoad[],
  pairings: ReadonlyMap<string, KnownIronWithBatter>,
  memory: EmulatorMemory | undefined,
): Generator<void, IronHistory['changed']> {
  const newest = fitted.reduce((last, { load }) => Math.max(last, load.startedAt), -Infinity);
  const isToday = ({ load }: FittedLoad): boolean => newest - load.startedAt < TODAY_MS;
  const loads = fitted.filter(isToday);
  const [first] = loads;
  // Without enough loads before, nobody asks what changed.
  if (first === undefined || fitted.length - loads.length < LEAST_BEFORE) return null;
  const colder = yield* colderEmulators(loads, pairings, memory);
  const today = loads.map(({ load, emulator }): TodaysLoad => {
    const { action, outcome, batterKey } = load;
    return { emulator, colder: colder.get(batterKey) ?? null, action, outcome };
  });
  return { loads: today.length, explanations: whatChanged(first.before, today) };
}

/** What this iron's loads say of it, and the next one. Gives way between runs. Null: the wished batter isn't among `pairings`. */
export function* ironHistory(
  wanted: Wanted,
  pairings: ReadonlyMap<string, KnownIronWithBatter>,
  history: readonly PastLoad[],
  memory?: EmulatorMemory,
): Generator<void, IronHistory | null> {
  const { belief, prior, fitted, findings, emulatorOf } = yield* fitIron(pairings, history, seededRandom(FIT_SEED), memory);
  const e = yield* emulatorOf(wanted.batterKey);
  if (e === null) return null;
  const changed = yield* changedToday(fitted, pairings, memory);
  const suggestion = suggest(e, belief, wanted);
  return {
    suggestion,
    band: stepBand(e, belief, suggestion),
    believed: summary(belief),
    prior: summary(prior),
    used: fitted.length,
    changed,
    findings,
  };
}
