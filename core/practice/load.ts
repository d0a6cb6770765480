import { clamp } from '../basis/index.ts';
import type { Random } from '../basis/index.ts';
import type { Action, Landed, Outcome, IronWithBatter } from '../fit/index.ts';
import { FILL_LIMITS, fillWord, missingWord, swelledTo } from '../fit/index.ts';
import { tawnyStepOf } from '../matter/index.ts';
import type { Trace } from '../plate/index.ts';
import {
  plateMachine,
  portion,
  recoveredPlates,
  restPlates,
  risesTo,
  shiftedPlates,
  simulate,
  kitchenAir,
  laterOf,
  LETS_GO_STEP,
  seenSteam,
  steamMean,
  UNSCALED,
} from '../plate/index.ts';
import type { Hidden } from './hidden.ts';

/** A load that cooks: what can be seen, heard and smelt of it, second by second. */
export type PracticeLoad = {
  readonly seconds: number;
  readonly poured_g: number;
  readonly setting_C: number;
  /** Share of the cavity it fills once it has swelled. */
  readonly share: number;
  /** Steam over the most there will be, 0–1, each second. */
  readonly steam: readonly number[];
  readonly smells_s: number | null;
  readonly beeps_s: number | null;
  readonly set_s: number | null;
  readonly letsGo_s: number | null;
  /** Step of each face, [lower, upper], each second: the hinge side and the front. */
  readonly hinge: readonly (readonly [number, number])[];
  readonly front: readonly (readonly [number, number])[];
  readonly plate_C: readonly number[];
};

/** Finer than the estimator's, which runs twelve. */
const CELLS = 28;
const LONGEST_S = 660;
const LONGEST_WAFER_S = 150;
const LID_OPEN_S = 25;
const RECOVER_S = 30;
/** What a load takes out of the plates (*common practice*: tens of kelvins). */
const TAKEN_K = 25;

/** Pours and closes: cooks the whole load in advance, so that the learner can only choose when to open. */
export const practiceLoad = (
  pairing: IronWithBatter,
  hidden: Hidden,
  pour: Omit<Action, 'open_s'>,
  n: number,
  random: Random,
): PracticeLoad => {
  const { iron, batter, room_C } = pairing;
  const full_g = portion(iron, batter).portion_g;
  const poured_g = pour.portion_g * (1 + hidden.pourScatter * random.normal());
  const share = poured_g / (full_g * hidden.cavity);
  const amount = Math.min(share, FILL_LIMITS.over) * hidden.cavity;
  const machine = swelledTo(iron, amount);
  // The thermostat's phase at the pour can't be known; later loads start on plates that have not quite recovered.
  const truth_C = pour.setting_C + hidden.offset_K + hidden.plateScatter_K * random.normal();
  const phase = hidden.swing_K * Math.sin(2 * Math.PI * random.next());
  const rested = recoveredPlates(plateMachine(iron), truth_C, room_C);
  const start =
    n === 1
      ? rested
      : restPlates(
          plateMachine(iron),
          restPlates(plateMachine(iron), shiftedPlates(rested, -TAKEN_K, -TAKEN_K), truth_C, room_C, LID_OPEN_S, 'open'),
          truth_C,
          room_C,
          RECOVER_S,
          'closed',
        );
  const seconds = iron.dryThrough ? LONGEST_WAFER_S : LONGEST_S;
  const cook = (lean_K: number): Trace =>
    simulate({
      machine,
      batter,
      portion_kg: (full_g * amount) / 1000,
      plates: shiftedPlates(start, phase - hidden.side_K / 2 + lean_K, phase + hidden.side_K / 2 + lean_K),
      setting_C: truth_C + lean_K,
      room_C,
      duration_s: seconds,
      scales: { ...UNSCALED, contact: hidden.contact, browning: hidden.browning, crust: hidden.crust },
      cells: CELLS,
      refine: 2,
    }).trace;
  const hinge = cook(hidden.lean_K / 2);
  const front = hidden.lean_K === 0 ? hinge : cook(-hidden.lean_K / 2);
  const raw = batter.rawLightness;
  const faces = (trace: Trace) =>
    Array.from({ length: trace.seconds + 1 }, (_, s): [number, number] => [
      tawnyStepOf(trace.lowerLightness[s] ?? raw, raw),
      tawnyStepOf(trace.upperLightness[s] ?? raw, raw),
    ]);
  const hingeFaces = faces(hinge);
  const frontFaces = hinge === front ? hingeFaces : faces(front);
  const mean = steamMean(seenSteam(front, machine, kitchenAir(room_C), batter.pressure_Pa));
  const most = mean.reduce((a, b) => Math.max(a, b), 1e-6);
  const set_s = risesTo(front.core_C, batter.setTemperature_C);
  const paler = frontFaces.map(([lower, upper]) => Math.min(lower, upper));
  const tawny = risesTo(paler, 4);
  return {
    seconds,
    poured_g,
    setting_C: pour.setting_C,
    share,
    steam: Array.from(mean, (value) => Number((value / most).toFixed(3))),
    smells_s: risesTo(paler, hidden.smellStep),
    beeps_s: iron.signals.beep && tawny !== null ? clamp(tawny * hidden.beepFactor, 5, seconds) : null,
    set_s,
    letsGo_s: laterOf(set_s, risesTo(paler, LETS_GO_STEP)),
    hinge: hingeFaces,
    front: frontFaces,
    plate_C: Array.from(front.lowerPlate_C),
  };
};

export type PracticeResult = Landed & {
  readonly open_s: number;
  readonly hinge: readonly [number, number];
  readonly front: readonly [number, number];
  /** Torn in two: opened before it let go of the plates. */
  readonly isTorn: boolean;
  /** Batter that ran out, g. */
  readonly leaked_g: number;
};

/** What comes out when it is opened at this second. */
export const openedAt = (load: PracticeLoad, open_s: number): PracticeResult => {
  const s = Math.round(clamp(open_s, 0, load.seconds));
  const hinge = load.hinge[s] ?? [1, 1];
  const front = load.front[s] ?? [1, 1];
  const set_s = load.set_s ?? Infinity;
  return {
    open_s: s,
    hinge,
    front,
    lower: (hinge[0] + front[0]) / 2,
    upper: (hinge[1] + front[1]) / 2,
    share: load.share,
    isSet: s >= set_s,
    isTorn: s < (load.letsGo_s ?? Infinity),
    leaked_g: load.share > FILL_LIMITS.over ? (1 - FILL_LIMITS.over / load.share) * load.poured_g : 0,
  };
};

/** The same in a cook's words, rounded as a cook would: what the estimator is told. */
export const inWords = (result: PracticeResult): Outcome => {
  const fill = fillWord(result.share);
  const whole = (step: number): number => clamp(Math.round(step), 1, 8);
  return {
    fill,
    missing_share: fill === 'missing' ? missingWord(result.share) : null,
    leaked_g: fill === 'leaked' ? Math.max(2, Math.round(result.leaked_g / 5) * 5) : null,
    lower: whole(result.lower),
    upper: whole(result.upper),
    core: result.isSet ? 'set' : 'wet',
  };
};
