import { clamp } from '../basis/index.ts';
import type { Composition } from './composition.ts';

/**
 * Modified Chung–Pfost isotherm for hard wheat, ASAE D245 (coefficients from memory):
 * a_w = exp[−529.43 / (T + 50.998) · exp(−0.17609 M)], T in °C, M in % of dry starch + protein + fibre.
 * Check values: 13.1 % at 25 °C and 9.2 % at 100 °C for a_w = 0.50.
 */
export const CHUNG_PFOST = { A: 529.43, C: 50.998, B: 0.17609 } as const;

export const starchWaterActivity = (temperature_C: number, moisture_percentDryBasis: number): number =>
  Math.exp((-CHUNG_PFOST.A / (temperature_C + CHUNG_PFOST.C)) * Math.exp(-CHUNG_PFOST.B * moisture_percentDryBasis));

/** The inverse: moisture (% dry basis) of starch in equilibrium with a_w. */
export const starchMoisture_percent = (temperature_C: number, waterActivity: number): number => {
  const a = clamp(waterActivity, 1e-9, 1 - 1e-12);
  return -Math.log((-Math.log(a) * (temperature_C + CHUNG_PFOST.C)) / CHUNG_PFOST.A) / CHUNG_PFOST.B;
};

/** Norrish (1966) constants with natural logarithm: sucrose 6.47, glucose + fructose about 2.25 (from memory). */
const NORRISH_SUCROSE = 6.47;
const NORRISH_REDUCING = 2.25;
const MOLAR_SUCROSE = 342.3;
const MOLAR_REDUCING = 180.16;
const MOLAR_WATER = 18.015;
/** Share of the polymer's dry mass that binds water too tightly to dissolve sugar (a monolayer; from memory). */
const BOUND_WATER_PER_DRY = 0.08;

/**
 * What the isotherm needs of a batter, per kg of its non-water mass: how much sorbs water and how much
 * sugar dissolves in what is left.
 */
export type SorptionMatter = {
  /** Starch + protein + fibre, kg per kg of dry mass. */
  readonly polymer: number;
  /** Moles of dissolved sugar per kg of dry mass. */
  readonly sugar_molPerKg: number;
  /** Norrish K of that mixture of sugars. */
  readonly norrishK: number;
  /** kg of sugar per kg of dry mass. */
  readonly sugar: number;
};

export const sorptionMatter = (c: Composition): SorptionMatter => {
  const dry = Math.max(1e-6, 1 - c.water - c.alcohol);
  const disaccharide = c.sucrose + c.lactose;
  const sugar = disaccharide + c.reducing;
  return {
    polymer: (c.starch + c.protein + c.fibre) / dry,
    sugar: sugar / dry,
    sugar_molPerKg: (1000 * (disaccharide / MOLAR_SUCROSE + c.reducing / MOLAR_REDUCING)) / dry,
    norrishK: sugar > 0 ? (NORRISH_SUCROSE * disaccharide + NORRISH_REDUCING * c.reducing) / sugar : 0,
  };
};

/**
 * Only free water dissolves sugar (so that the bound water isn't counted twice), and only up to its solubility.
 * g of sucrose that 1 g of water dissolves (0–100 °C; quadratic
 * through 1.79, 2.04, 2.87, 4.87 at 0, 20, 60, 100 °C; from memory).
 */
export const sucroseSolubility = (temperature_C: number): number => {
  const t = clamp(temperature_C, 0, 140);
  return 1.79 + 0.0031 * t + 2.77e-4 * t * t;
};

/**
 * The isotherm does not reach zero at zero moisture (a_w 0.12 at 200 °C), where there is nothing left to boil:
 * this share of water, kg per kg dry, halves it.
 */
const LAST_TRACE = 0.002;

/** Where an isotherm leaves what it found. */
export type WaterActivitySlopes = {
  activity: number;
  /** ∂ ln a_w / ∂ T, 1/K, at constant water. */
  perKelvin: number;
  /** ∂ ln a_w / ∂ X, per kg of water per kg dry, at constant temperature. */
  perWater: number;
};

/** Sugar solution in the free water: a_w and its slope per kg/kg of water. */
const sugarSolution = (matter: SorptionMatter, temperature_C: number, x: number) => {
  if (matter.sugar <= 1e-6) return { activity: 1, perWater: 0 };
  const bound = BOUND_WATER_PER_DRY * matter.polymer;
  const free = (x * x) / (x + bound) + 1e-12;
  const ratio = matter.sugar / (free * sucroseSolubility(temperature_C));
  const ratio4 = ratio ** 4;
  // min(sugar there is, sugar that dissolves) with a rounded corner
  const dissolved = matter.sugar_molPerKg / (1 + ratio4) ** 0.25;
  const share = dissolved / (dissolved + (1000 * free) / MOLAR_WATER);
  const K = matter.norrishK;
  return {
    activity: (1 - share) * Math.exp(-K * share * share),
    // d ln(free) / d ln(x) is 2 where all water is bound and 1 where hardly any is.
    perWater: ((share * (1 + 2 * K * share * (1 - share))) / (x * (1 + ratio4))) * ((x + 2 * bound) / (x + bound)),
  };
};

/** −ln a_w of the starch isotherm times (T + C), which depends on water only. */
const starchLowering = (matter: SorptionMatter, x: number): number =>
  matter.polymer > 1e-6 ? CHUNG_PFOST.A * Math.exp((-CHUNG_PFOST.B * 100 * x) / matter.polymer) : 0;

const leastWater = (water: number): number => (water > 1e-9 ? water : 1e-9);

/**
 * Water activity of a batter, crumb or crust (0–1): starch isotherm times the sugar solution's own lowering.
 * `water` in kg per kg of dry mass.
 */
export const waterActivity = (matter: SorptionMatter, temperature_C: number, water: number): number => {
  const x = leastWater(water);
  const byStarch = Math.exp(-starchLowering(matter, x) / (temperature_C + CHUNG_PFOST.C));
  return (x / (x + LAST_TRACE)) * byStarch * sugarSolution(matter, temperature_C, x).activity;
};

/** Rows of the quick isotherm, evenly spaced in √X up to X = 4 (most wafers start at 0.4, batters at 1.5). */
const ROWS = 1024;
const MOST_SQRT_X = 2;

/**
 * The same isotherm prepared for one batter at one temperature of the sugar solution: what depends on water
 * alone is tabulated, the starch's temperature is kept. The plate model asks it half a million times a load.
 */
export type Isotherm = {
  readonly lowering: Float64Array;
  readonly loweringSlope: Float64Array;
  readonly solution: Float64Array;
  readonly solutionSlope: Float64Array;
};

export const isotherm = (matter: SorptionMatter, solution_C: number): Isotherm => {
  const table: Isotherm = {
    lowering: new Float64Array(ROWS + 1),
    loweringSlope: new Float64Array(ROWS + 1),
    solution: new Float64Array(ROWS + 1),
    solutionSlope: new Float64Array(ROWS + 1),
  };
  for (let i = 0; i <= ROWS; i++) {
    const x = leastWater(((i * MOST_SQRT_X) / ROWS) ** 2);
    const lowering = starchLowering(matter, x);
    const solution = sugarSolution(matter, solution_C, x);
    table.lowering[i] = lowering;
    table.loweringSlope[i] = matter.polymer > 1e-6 ? (lowering * CHUNG_PFOST.B * 100) / matter.polymer : 0;
    table.solution[i] = solution.activity;
    table.solutionSlope[i] = solution.perWater;
  }
  return table;
};

/** Looks a_w and its slopes up; writes into `out` so that nothing is allocated. */
export const readIsotherm = (table: Isotherm, temperature_C: number, water: number, out: WaterActivitySlopes): void => {
  const x = leastWater(water);
  const position = (Math.sqrt(x) * ROWS) / MOST_SQRT_X;
  const i = position < ROWS - 1 ? position | 0 : ROWS - 1;
  const share = position < ROWS ? position - i : 1;
  const between = (row: Float64Array): number => row[i]! + (row[i + 1]! - row[i]!) * share;
  const spread = temperature_C + CHUNG_PFOST.C;
  const lowering = between(table.lowering) / spread;
  const trace = LAST_TRACE / (x + LAST_TRACE);
  // Under a hundred-thousandth the exponential is its own argument.
  const byStarch = lowering < 1e-5 ? 1 - lowering : Math.exp(-lowering);
  out.activity = (1 - trace) * byStarch * between(table.solution);
  out.perKelvin = lowering / spread;
  out.perWater = trace / x + between(table.loweringSlope) / spread + between(table.solutionSlope);
};
