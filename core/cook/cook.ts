import { tawnyStepOf } from '../matter/index.ts';
import type { BatterProperties, Iron, MediumScales, Moments, PlateMachine, PlatesState, Trace, LoadState } from '../plate/index.ts';
import {
  BALANCES_WITHIN,
  columnAt,
  crispness,
  JUDGED_AFTER_S,
  KITCHEN,
  kitchenAir,
  moments,
  palerStep,
  risesTo,
  seenSteam,
  simulate,
  standOnRack,
} from '../plate/index.ts';
import type { Target } from './target.ts';

/** One load to be judged: everything but the target. */
export type CookInput = {
  readonly iron: Iron;
  readonly machine: PlateMachine;
  readonly batter: BatterProperties;
  readonly portion_g: number;
  readonly plates: PlatesState;
  readonly setting_C: number;
  readonly room_C: number;
  readonly delay_s?: number;
  readonly turn_s?: number | null;
  readonly scales?: MediumScales;
  /** Opened then, whatever it looks like; null or left out: at its best. */
  readonly openAt_s?: number | null;
  /** Cells per column, where the usual ones aren't needed. */
  readonly cells?: number;
};

/** When to open, s from the closed lid. */
export type OpeningWindow = {
  readonly from_s: number;
  readonly best_s: number;
  readonly to_s: number;
  /** Which limit set each of them, for the reasons. */
  readonly fromBecause: 'core-set' | 'dried-through' | 'colour';
  readonly toBecause: 'colour' | 'too-dry' | 'end-of-trace';
  /** False where the colour isn't reached within the longest cook. */
  readonly reachesColour: boolean;
  /** When the paler face is at the wished step; where it never is, when to give up waiting. */
  readonly colour_s: number;
};

export type Cooked = {
  readonly trace: Trace;
  readonly end: LoadState;
  readonly moments: Moments;
  readonly window: OpeningWindow;
  /** Continuous tawny step of the paler face at best. */
  readonly tawny: number;
  readonly crisp: number;
};

/** Nobody waits longer at an iron. */
const LONGEST_COOK_S = 900;
const LONGEST_WAFER_S = 300;
/** How far a trace runs past what the window needs: for the curves. */
const AFTERWARDS = 1.35;

/** Half a tawny step either side of the wish is still a hit. */
export const HALF_STEP = 0.5;

const opening = (trace: Trace, m: Moments, target: Target, step: Float64Array, dryThrough: boolean): OpeningWindow | null => {
  if (m.coreSet_s === null) return null;
  const ready = dryThrough ? Math.max(m.coreSet_s, m.driedThrough_s ?? Infinity) : m.coreSet_s;
  if (!Number.isFinite(ready)) return null;
  const early = risesTo(step, Math.max(1, target.tawny - HALF_STEP));
  const onTarget = risesTo(step, target.tawny);
  const late = risesTo(step, Math.min(8, target.tawny + HALF_STEP));
  const end = trace.seconds;
  const colour_s = onTarget ?? Math.min(end, m.tooDry_s ?? end);
  const best_s = Math.max(ready, colour_s);
  const from_s = Math.min(best_s, Math.max(ready, early ?? best_s));
  const dry = m.tooDry_s ?? Infinity;
  const over = late ?? end;
  return {
    from_s,
    best_s,
    to_s: Math.max(best_s, Math.min(over, dry)),
    fromBecause: from_s > ready ? 'colour' : dryThrough && (m.driedThrough_s ?? 0) > m.coreSet_s ? 'dried-through' : 'core-set',
    toBecause: dry < over ? 'too-dry' : late === null ? 'end-of-trace' : 'colour',
    reachesColour: onTarget !== null,
    colour_s,
  };
};

/** The same load opened at a time of the cook's own; what is good about it stays where it is. */
const openedAt = (window: OpeningWindow, openAt_s: number): OpeningWindow => ({
  ...window,
  best_s: openAt_s,
  from_s: Math.min(window.from_s, openAt_s),
  to_s: Math.max(window.to_s, openAt_s),
});

/** Crispness two minutes off the iron if it were opened at `second`. */
export const crispAt = (trace: Trace, end: LoadState, second: number, dryThrough: boolean): number => {
  const at = (whole: number): number => {
    const columns = trace.columns.map((c) => columnAt(end.medium, c, Math.min(trace.seconds, Math.max(0, whole))));
    standOnRack(end.medium, columns, KITCHEN, JUDGED_AFTER_S);
    return crispness(end.medium, columns, dryThrough);
  };
  const low = Math.floor(second);
  const share = second - low;
  // Between two seconds by a straight line, so that the answer moves smoothly with the target.
  return share < 1e-6 ? at(low) : at(low) * (1 - share) + at(low + 1) * share;
};

/**
 * Loads that were already simulated, by setting: while only the wish moves, the same plates cook the same batter
 * again. Valid for one batter, iron and kitchen; gives the same answers as without.
 */
export type CookMemory = Map<number, { readonly late: number; readonly run: ReturnType<typeof simulate> }>;

/** Water or heat of a load didn't add up: a fault of the computation, never an answer. */
export class BalanceError extends Error {
  constructor(readonly offBalance: number) {
    super('water or heat of the load does not add up');
  }
}

/** Cooks until the target and the curve after it are known. Null: it never sets (or a wafer never dries). Throws `BalanceError`. */
export const cook = (setup: CookInput, target: Target, curves: boolean, memory?: CookMemory): Cooked | null => {
  const { iron, batter, portion_g, openAt_s = null, ...rest } = setup;
  const { dryThrough } = iron;
  const late = Math.min(8, target.tawny + HALF_STEP);
  let metAt: number | null = null;
  const raw = batter.rawLightness;
  const stepOf = isUneven(setup.machine)
    ? (lower: number, upper: number) => (tawnyStepOf(lower, raw) + tawnyStepOf(upper, raw)) / 2
    : (lower: number, upper: number) => tawnyStepOf(Math.max(lower, upper), raw);
  const enough = (trace: Trace, second: number): boolean => {
    if (openAt_s !== null && second < openAt_s * AFTERWARDS) return false;
    if (metAt === null) {
      const step = stepOf(trace.lowerLightness[second] ?? 0, trace.upperLightness[second] ?? 0);
      const set = (trace.core_C[second] ?? 0) >= batter.setTemperature_C;
      const dried = !dryThrough || (trace.loss[second] ?? 0) > 0.95 * (1 - batter.drySolids);
      if (step >= late && set && dried) metAt = second;
      return metAt !== null && !curves;
    }
    // Curves run on until steam is down: it may come late.
    return second > metAt * AFTERWARDS + 15 && dryThrough;
  };
  const known = memory?.get(setup.setting_C);
  // A run that went on to a darker step holds every paler one.
  const reused = known !== undefined && known.late >= late ? known.run : null;
  const run =
    reused ??
    simulate({
      ...rest,
      batter,
      portion_kg: portion_g / 1000,
      duration_s: Math.max(dryThrough ? LONGEST_WAFER_S : LONGEST_COOK_S, (openAt_s ?? 0) * AFTERWARDS),
      enough,
      profiles: true,
    });
  if (reused === null) memory?.set(setup.setting_C, { late, run });
  const { trace, end } = run;
  if (!(end.offBalance <= BALANCES_WITHIN)) throw new BalanceError(end.offBalance);
  const found = moments(trace, batter, dryThrough, seenSteam(trace, setup.machine, kitchenAir(setup.room_C), batter.pressure_Pa));
  const step = isUneven(setup.machine)
    ? trace.lowerLightness.map((lower, second) => stepOf(lower, trace.upperLightness[second] ?? lower))
    : palerStep(trace, batter.rawLightness);
  const best = opening(trace, found, target, step, dryThrough);
  if (best === null) return null;
  const window = openAt_s === null ? best : openedAt(best, openAt_s);
  const at = Math.min(trace.seconds - 1, Math.floor(window.best_s));
  const share = Math.min(1, window.best_s - at);
  return {
    trace,
    end,
    moments: found,
    window,
    tawny: (step[at] ?? 1) * (1 - share) + (step[at + 1] ?? 1) * share,
    crisp: crispAt(trace, end, window.best_s, dryThrough),
  };
};

/** One plate is held hotter than the other: nobody can have both faces at the wish, so that it is met between them. */
const isUneven = ({ bias_K, turns, flame }: PlateMachine): boolean => bias_K.lower !== bias_K.upper && !turns && flame === null;
