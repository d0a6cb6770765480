import type { Result } from '../basis/index.ts';
import { failure, findRoot, success } from '../basis/index.ts';
import type { Stay, Vessel } from './cold.ts';
import { airAt, placeAt, timeConstant_s } from './cold.ts';
import { BEST_RATE_ML_PER_G_S, cardinalRate, CO2_ML_PER_G_HEXOSE, GAS_CARDINALS, LAG_S, osmoticFactor, YEAST_KILLED_C } from './yeast.ts';

/** A yeasted bowl, and the way it takes. */
export type Ferment = {
  /** Dry yeast (other forms converted), g. */
  readonly yeast_g: number;
  readonly batter_g: number;
  readonly density_gPerML: number;
  /** g of sugars that yeast takes (no lactose), those of the flour included. */
  readonly food_g: number;
  readonly sugarPerWater: number;
  readonly saltPerWater: number;
  readonly start_C: number;
  readonly vessel: Vessel;
  readonly stays: readonly Stay[];
  readonly duration_s: number;
  /** Of this kitchen: gas takes more room in thin air. */
  readonly pressure_Pa: number;
  /** Corrections from readings: on the time constant, and on the rate of gas; 1 until something was read. */
  readonly tauFactor: number;
  readonly rateFactor: number;
};

/** Index: minutes from the start. */
export type FermentPath = {
  readonly minutes: number;
  readonly T_C: Float64Array;
  /** Volume over that of the batter without gas. */
  readonly rise: Float64Array;
  /** All CO₂ made, mL at 25 °C per mL of batter. */
  readonly made: Float64Array;
  /** Share of the food that is used up. */
  readonly eaten: Float64Array;
};

/** A batter holds so much of what is made; it escapes with this time constant, and above a full rise quickly (*calibrated to common practice*: doubles, then sinks). */
const HELD = 0.5;
const ESCAPE_S = 26 * 3600;
const FULL_RISE = 1.5;
const BURST_S = 900;
/** CO₂ that stays dissolved before bubbles grow, mL per mL of batter (at 5 °C water takes 1.4, at 30 °C 0.74; of batter some 60 %). */
const dissolved = (t_C: number): number => 0.6 * (1.6 * Math.exp(-0.035 * t_C) + 0.12);
const GAS_REFERENCE_K = 298.15;
const SEA_LEVEL_PA = 101325;

const STEP_S = 60;

/** State: temperature, awake yeast (0–1), gas made, gas held, food eaten (mL/mL and g). */
type State = readonly [T: number, awake: number, made: number, held: number, eaten: number];

/** Right-hand side; shared with the check against another integrator. */
export const fermentRates = (f: Ferment): ((t_s: number, y: readonly number[]) => number[]) => {
  const volume_mL = f.batter_g / f.density_gPerML;
  const osmotic = osmoticFactor(f.sugarPerWater, f.saltPerWater);
  const best = (BEST_RATE_ML_PER_G_S * f.yeast_g * osmotic * f.rateFactor) / volume_mL;
  const taus = { kitchen: 0, refrigerator: 0, 'ice-bath': 0 };
  for (const kind of ['kitchen', 'refrigerator', 'ice-bath'] as const)
    taus[kind] = timeConstant_s(f.batter_g / 1000, f.vessel, kind) * f.tauFactor;
  return (t_s, [T = 0, awake = 0, , held = 0, eaten = 0]) => {
    const place = placeAt(f.stays, t_s);
    const left = f.food_g <= 0 ? 0 : Math.max(0, 1 - eaten / f.food_g);
    // The last of the food is hard to find.
    const rate = best * awake * cardinalRate(T, GAS_CARDINALS) * (left / (left + 0.05));
    // Bubbles only grow once the water is full of gas.
    const bubbling = 1 / (1 + Math.exp(-(held + 0.12 - 0.25 * dissolved(T)) * 14));
    const over = Math.max(0, held - FULL_RISE);
    return [
      (airAt(place, t_s) - T) / taus[place.kind],
      ((1 - awake) / LAG_S) * (T > YEAST_KILLED_C ? 0 : Math.min(1, cardinalRate(Math.max(T, 4), GAS_CARDINALS) * 3)),
      rate,
      HELD * rate * bubbling + 0.25 * rate * (1 - bubbling) - held / ESCAPE_S - over / BURST_S,
      (rate * volume_mL) / CO2_ML_PER_G_HEXOSE,
    ];
  };
};

/** Follows temperature and gas, minute by minute (classical Runge–Kutta; checked against `odex`). */
export const ferment = (f: Ferment): FermentPath => {
  const rates = fermentRates(f);
  const minutes = Math.max(1, Math.ceil(f.duration_s / STEP_S));
  const rows = {
    T_C: new Float64Array(minutes + 1),
    rise: new Float64Array(minutes + 1),
    made: new Float64Array(minutes + 1),
    eaten: new Float64Array(minutes + 1),
  };
  const toRoom = (held: number, T: number): number => (held * ((T + 273.15) / GAS_REFERENCE_K) * SEA_LEVEL_PA) / f.pressure_Pa;
  let y: State = [f.start_C, 0, 0, 0, 0];
  for (let i = 0; i <= minutes; i++) {
    const [T, , made, held, eaten] = y;
    rows.T_C[i] = T;
    rows.made[i] = made;
    rows.rise[i] = 1 + toRoom(held, T);
    rows.eaten[i] = f.food_g > 0 ? Math.min(1, eaten / f.food_g) : 1;
    y = rungeKutta(rates, i * STEP_S, y, STEP_S);
  }
  return { minutes, ...rows };
};

const rungeKutta = (rates: (t: number, y: readonly number[]) => number[], t: number, y: State, h: number): State => {
  const add = (by: readonly number[], factor: number): number[] => y.map((value, i) => value + factor * (by[i] ?? 0));
  // A step never straddles a move to another place: it belongs to where it begins.
  const k1 = rates(t, y);
  const k2 = rates(t + h / 2, add(k1, h / 2));
  const k3 = rates(t + h / 2, add(k2, h / 2));
  const k4 = rates(t + h - 1e-6, add(k3, h));
  return y.map((value, i) => value + (h / 6) * ((k1[i] ?? 0) + 2 * (k2[i] ?? 0) + 2 * (k3[i] ?? 0) + (k4[i] ?? 0))) as unknown as State;
};

/**
 * Gas made, mL per mL: puffy and full of bubbles from the first; sour and winey beyond the second. Over-ripe, too, where the food is gone or it has
 * fallen well below its height (*common practice*).
 */
export const READY_MADE = 0.7;
const SOUR_MADE = 2.6;
const OVERRIPE_EATEN = 0.85;
const FALLEN = 0.8;

export type Ripeness = {
  readonly from_min: number | null;
  readonly until_min: number | null;
  readonly peak: number;
  readonly peak_min: number;
};

/** When it is ready, and until when; nulls where that isn't reached on the path. */
export const ripeness = (path: FermentPath): Ripeness => {
  let from: number | null = null;
  let until: number | null = null;
  let peak = 1;
  let peak_min = 0;
  for (let i = 0; i <= path.minutes; i++) {
    const rise = path.rise[i] ?? 1;
    if (rise > peak) {
      peak = rise;
      peak_min = i;
    }
    if (from === null && (path.made[i] ?? 0) >= READY_MADE) from = i;
    if (
      from !== null &&
      until === null &&
      ((path.eaten[i] ?? 0) > OVERRIPE_EATEN || (path.made[i] ?? 0) > SOUR_MADE || rise - 1 < FALLEN * (peak - 1) - 0.05)
    )
      until = i;
  }
  return { from_min: from, until_min: until, peak, peak_min };
};

/** Gas made, mL per mL, that a batter is best cooked at: well risen, not sour. */
const BEST_MADE = 1.1;
/** More tastes of yeast, whatever it lifts (*common practice*: a packet and a half to 500 g of flour is a lot). */
const MOST_YEAST_SHARE = 0.012;
const LONGEST_CLOCK_S = 48 * 3600;

/**
 * Dry yeast for which the bowl is at its best at the end of its path, g. Errors: `ferment-too-short` {hours, nearest_h}: not even a lot of it
 * would do; `ferment-too-long` {hours, nearest_h}: a trace is already too much. `nearest_h`: the clock next to it that can be met.
 */
export const yeastForClock = (f: Omit<Ferment, 'yeast_g'>): Result<number> => {
  const hours = f.duration_s / 3600;
  const madeAtEnd = (yeast_g: number): number => ferment({ ...f, yeast_g }).made.at(-1) ?? 0;
  const least = f.batter_g * 2e-5;
  const most = f.batter_g * MOST_YEAST_SHARE;
  const nearest_h = (yeast_g: number): number => {
    const { made } = ferment({ ...f, yeast_g, duration_s: LONGEST_CLOCK_S });
    const minute = made.findIndex((value) => value >= BEST_MADE);
    return minute < 0 ? LONGEST_CLOCK_S / 3600 : Math.ceil(minute / 15) / 4;
  };
  const fields = (yeast_g: number) => ({ hours: Number(hours.toFixed(1)), nearest_h: nearest_h(yeast_g) });
  if (madeAtEnd(most) < BEST_MADE) return failure('ferment-too-short', fields(most));
  if (madeAtEnd(least) > BEST_MADE) return failure('ferment-too-long', fields(least));
  const log = findRoot((x) => madeAtEnd(Math.exp(x)) - BEST_MADE, Math.log(least), Math.log(most), 0.01);
  return log === null ? failure('ferment-too-short', fields(most)) : success(Math.exp(log));
};
