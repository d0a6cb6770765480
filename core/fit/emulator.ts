import { clamp, runToEnd } from '../basis/index.ts';
import { tawnyStepOf } from '../matter/index.ts';
import type { BatterProperties, Iron, LoadState, PlateMachine, Trace } from '../plate/index.ts';
import {
  columnAt,
  controlRange,
  crispness,
  JUDGED_AFTER_S,
  KITCHEN,
  LETS_GO_STEP,
  plateMachine,
  portion,
  recoveredPlates,
  risesTo,
  simulate,
  standOnRack,
  UNSCALED,
} from '../plate/index.ts';

/** One batter on one iron: what a load is, before anything of it is known better. */
export type IronWithBatter = {
  readonly iron: Iron;
  readonly batter: BatterProperties;
  readonly room_C: number;
};

/**
 * Loads of a pairing run in advance over plate temperature, contact and amount, between which is interpolated. Browning needs no axis of its own:
 * it scales the rate, so that L*(t) = L*₀·exp(−browning·I(t)) with I from the run.
 */
export type Emulator = {
  readonly pairing: IronWithBatter;
  readonly machine: PlateMachine;
  /** Batter that fills the cavity as measured, g. */
  readonly full_g: number;
  readonly temperatures_C: readonly number[];
  readonly contacts: readonly number[];
  readonly amounts: readonly number[];
  readonly seconds: number;
  /** ln(I + ε) of a face, [temperature][contact][amount][tick]; both the same array where the sides cook alike. */
  readonly logBrowned: { readonly lower: Float64Array; readonly upper: Float64Array };
  /** Water lost, fraction of the pour, [temperature][contact][amount][tick]. */
  readonly loss: Float64Array;
  /** Crispness 1–5 two minutes off the iron if opened at each of these moments, [temperature][moment]. */
  readonly crispAt_s: readonly number[];
  readonly crisp: Float64Array;
  /** Core set, s; `seconds` where it never does. */
  readonly coreSet_s: Float64Array;
};

const TICK_S = 3;
const TINY = 2e-3;
const CELLS = 12;
/** L* beyond which even the slowest browning is past the scale: nothing more is learned. */
const BURNT = 4;
const LONGEST_S = 600;
const LONGEST_WAFER_S = 150;
const LONGEST_PAN_S = 330;
/** Three widths of everything, and a little. */
const REACH_K = 50;
const STEP_K = 11;
/** Moments at which crispness is noted, share of the longest cook. */
const CRISP_AT = [0.08, 0.15, 0.24, 0.35, 0.5, 0.7, 1] as const;
const CONTACTS = [0.55, 0.8, 1.15, 1.7] as const;
const AMOUNTS = [0.6, 0.85, 1.15, 1.55] as const;

/** Temperatures that the control can be put to, °C. */
export const settingsOf = ({ control }: Iron): readonly [low: number, high: number] => controlRange(control);

/** A spoonful takes hardly any heat out of its plates. */
const PLATES_TO_A_SPOONFUL = 60;
/** The same plates with a spoonful between them: it lies as high as a load does, and they don't dip. */
export const spoonfulBetween = (machine: PlateMachine): PlateMachine => ({
  ...machine,
  capacity_JPerK: machine.capacity_JPerK * PLATES_TO_A_SPOONFUL,
});

/** Runs the loads; a generator, so that a worker can give way between them. `of`: whole loads, or spoonfuls. */
export function* emulate(pairing: IronWithBatter, of: 'load' | 'spoonful' = 'load'): Generator<void, Emulator> {
  const { iron, batter, room_C } = pairing;
  const asCooked = (made: PlateMachine): PlateMachine => (of === 'load' ? made : spoonfulBetween(made));
  const machine = asCooked(plateMachine(iron));
  const full_g = portion(iron, batter).portion_g;
  const seconds = iron.dryThrough ? LONGEST_WAFER_S : machine.turns ? LONGEST_PAN_S : LONGEST_S;
  const ticks = Math.floor(seconds / TICK_S) + 1;
  const [low, high] = settingsOf(iron);
  const count = Math.max(2, Math.ceil((high - low + 2 * REACH_K) / STEP_K) + 1);
  const temperatures = Array.from({ length: count }, (_, i) => low - REACH_K + ((high - low + 2 * REACH_K) * i) / (count - 1));
  const lower = new Float64Array(count * CONTACTS.length * AMOUNTS.length * ticks);
  // A pan that is turned has a dense and a hollow side, over a flame one is ahead; all others cook alike on alike plates.
  const differ = machine.turns || machine.flame !== null;
  const upper = differ ? new Float64Array(lower.length) : lower;
  const loss = new Float64Array(lower.length);
  const crispAt_s = CRISP_AT.map((share) => Math.round(share * seconds));
  const crisp = new Float64Array(count * crispAt_s.length);
  const coreSet_s = new Float64Array(count * CONTACTS.length * AMOUNTS.length);
  let node = 0;
  for (const temperature_C of temperatures)
    for (const contact of CONTACTS)
      for (const amount of AMOUNTS) {
        const { trace } = simulate({
          machine: asCooked(swelledTo(iron, amount)),
          batter,
          portion_kg: (full_g * amount) / 1000,
          plates: recoveredPlates(machine, temperature_C, room_C),
          setting_C: temperature_C,
          room_C,
          duration_s: seconds,
          scales: { ...UNSCALED, contact },
          cells: CELLS,
          enough: (so, second) =>
            so.lowerLightness[second]! < BURNT && so.upperLightness[second]! < BURNT && so.core_C[second]! > batter.setTemperature_C,
        });
        for (let tick = 0; tick < ticks; tick++) {
          const second = Math.min(trace.seconds, tick * TICK_S);
          const browned = (L = batter.rawLightness): number => Math.log(Math.max(0, -Math.log(L / batter.rawLightness)) + TINY);
          lower[node * ticks + tick] = browned(trace.lowerLightness[second]);
          if (differ) upper[node * ticks + tick] = browned(trace.upperLightness[second]);
          loss[node * ticks + tick] = trace.loss[Math.min(trace.seconds, tick * TICK_S)] ?? 0;
        }
        coreSet_s[node] = risesTo(trace.core_C, batter.setTemperature_C) ?? seconds;
        node++;
        yield;
      }
  // A crust of some tenths of a millimetre wants the finer grid; it follows plates and time, and hardly the rest.
  for (const [i, temperature_C] of temperatures.entries()) {
    const { trace, end } = simulate({
      machine,
      batter,
      portion_kg: full_g / 1000,
      plates: recoveredPlates(machine, temperature_C, room_C),
      setting_C: temperature_C,
      room_C,
      duration_s: seconds,
      profiles: true,
    });
    crispAt_s.forEach((second, k) => {
      crisp[i * crispAt_s.length + k] = crispIf(trace, end, second, iron.dryThrough);
    });
    yield;
  }
  return {
    pairing,
    machine,
    full_g,
    temperatures_C: temperatures,
    contacts: CONTACTS,
    amounts: AMOUNTS,
    seconds,
    logBrowned: { lower, upper },
    loss,
    crispAt_s,
    crisp,
    coreSet_s,
  };
}

/** Crispness of a piece taken out at a second. */
const crispIf = (trace: Trace, end: LoadState, second: number, dryThrough: boolean): number => {
  const columns = trace.columns.map((c) => columnAt(end.medium, c, Math.min(trace.seconds, second)));
  standOnRack(end.medium, columns, KITCHEN, JUDGED_AFTER_S);
  return crispness(end.medium, columns, dryThrough);
};

export const emulated = (pairing: IronWithBatter, of: 'load' | 'spoonful' = 'load'): Emulator => runToEnd(emulate(pairing, of));

/** The gap is as thick as what swells in it: a little batter lines the faces, much of it lifts the lid. */
export const swelledTo = (iron: Iron, amount: number): PlateMachine => plateMachine(withRoom(iron, amount));

/** The same iron with so many times the room between its plates. */
export const withRoom = (iron: Iron, factor: number): Iron => ({
  ...iron,
  geometry: { ...iron.geometry, cavity_mL: iron.geometry.cavity_mL * factor, web_mm: iron.geometry.web_mm * factor },
});

type AxisPosition = { readonly at: number; readonly share: number };

/** Between which grid points a value lies; outside the grid its edge. */
const axisPositionOf = (axis: readonly number[], value: number, isLog: boolean): AxisPosition => {
  const last = axis.length - 1;
  const x = clamp(value, axis[0] ?? value, axis[last] ?? value);
  let at = 0;
  while (at < last - 1 && x > (axis[at + 1] ?? Infinity)) at++;
  const [a, b] = [axis[at] ?? x, axis[at + 1] ?? x];
  const share = a === b ? 0 : isLog ? Math.log(x / a) / Math.log(b / a) : (x - a) / (b - a);
  return { at, share };
};

const blend = (e: Emulator, t: AxisPosition, c: AxisPosition, q: AxisPosition, read: (node: number) => number): number => {
  let total = 0;
  for (let i = 0; i < 2; i++)
    for (let j = 0; j < 2; j++)
      for (let k = 0; k < 2; k++) {
        const weight = (i === 0 ? 1 - t.share : t.share) * (j === 0 ? 1 - c.share : c.share) * (k === 0 ? 1 - q.share : q.share);
        if (weight > 0) total += weight * read(((t.at + i) * e.contacts.length + c.at + j) * e.amounts.length + q.at + k);
      }
  return total;
};

/** Where a load lies in the emulator: worked out once, asked for many times. */
export type GridPosition = {
  readonly lower: AxisPosition;
  readonly upper: AxisPosition;
  readonly mean: AxisPosition;
  readonly contact: AxisPosition;
  readonly amount: AxisPosition;
};

export const gridPositionOf = (e: Emulator, plate_C: number, side_K: number, contact: number, amount: number): GridPosition => ({
  lower: axisPositionOf(e.temperatures_C, plate_C - side_K / 2, false),
  upper: axisPositionOf(e.temperatures_C, plate_C + side_K / 2, false),
  mean: axisPositionOf(e.temperatures_C, plate_C, false),
  contact: axisPositionOf(e.contacts, contact, true),
  amount: axisPositionOf(e.amounts, amount, true),
});

/** ln(L*₀/L*) of a face after `t_s`, at a browning of 1: what `stepBrowned` makes a step of. */
export const brownedAt = (e: Emulator, place: GridPosition, side: 'lower' | 'upper', t_s: number): number => {
  const ticks = Math.floor(e.seconds / TICK_S) + 1;
  const x = clamp(t_s / TICK_S, 0, ticks - 1.001);
  const tick = Math.floor(x);
  const share = x - tick;
  const row = e.logBrowned[side];
  const value = blend(e, place[side], place.contact, place.amount, (node) => {
    const base = node * ticks + tick;
    return (row[base] ?? 0) * (1 - share) + (row[base + 1] ?? 0) * share;
  });
  return Math.max(0, Math.exp(value) - TINY);
};

/** Continuous tawny step of a face that has browned so far, at so many times the rate. */
export const stepBrowned = (e: Emulator, browned: number, browning: number): number => {
  const raw = e.pairing.batter.rawLightness;
  return tawnyStepOf(raw * Math.exp(-browning * browned), raw);
};

/** Continuous tawny step of a face after `t_s`. */
export const stepAt = (e: Emulator, place: GridPosition, side: 'lower' | 'upper', browning: number, t_s: number): number =>
  stepBrowned(e, brownedAt(e, place, side, t_s), browning);

/** Water lost by then, fraction of the pour that stayed in. */
export const lossAt = (e: Emulator, place: GridPosition, t_s: number): number => {
  const ticks = Math.floor(e.seconds / TICK_S) + 1;
  const tick = Math.round(clamp(t_s / TICK_S, 0, ticks - 1));
  return blend(e, place.mean, place.contact, place.amount, (node) => e.loss[node * ticks + tick] ?? 0);
};

/** Crispness 1–5 if it were opened then; in between by a straight line. */
export const crispAt = (e: Emulator, place: GridPosition, t_s: number): number => {
  const { crispAt_s: moments, crisp } = e;
  const last = moments.length - 1;
  const t = clamp(t_s, moments[0] ?? 0, moments[last] ?? 0);
  let at = 0;
  while (at < last - 1 && t > (moments[at + 1] ?? Infinity)) at++;
  const [from, to] = [moments[at] ?? 0, moments[at + 1] ?? 1];
  const share = (t - from) / (to - from);
  const of = (temperature: number): number => {
    const base = temperature * moments.length + at;
    return (crisp[base] ?? 1) * (1 - share) + (crisp[base + 1] ?? 1) * share;
  };
  const { mean } = place;
  return of(mean.at) * (1 - mean.share) + of(mean.at + 1) * mean.share;
};

export const coreSetAt = (e: Emulator, place: GridPosition): number =>
  blend(e, place.mean, place.contact, place.amount, (node) => e.coreSet_s[node] ?? e.seconds);

/** When a load lets go of the plates (see `Moments`), to the second; the longest emulated where it doesn't. */
export const letsGoAt = (e: Emulator, place: GridPosition, browning: number): number => {
  let [low, high] = [coreSetAt(e, place), e.seconds];
  const pale = (t_s: number): boolean =>
    Math.min(stepAt(e, place, 'lower', browning, t_s), stepAt(e, place, 'upper', browning, t_s)) < LETS_GO_STEP;
  if (!pale(low)) return low;
  while (high - low > 1) {
    const middle = (low + high) / 2;
    if (pale(middle)) low = middle;
    else high = middle;
  }
  return high;
};
