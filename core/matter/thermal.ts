import type { Composition } from './composition.ts';
import { sugars } from './composition.ts';

/**
 * Thermal properties of food parts: Choi & Okos (1986), as printed in the ASHRAE Handbook Refrigeration,
 * "Thermal Properties of Foods" (coefficients from memory), t in °C, −40…150.
 * Each row: a + b·t + c·t².
 */
type Quadratic = readonly [a: number, b: number, c: number];
type ThermalRow = { readonly k: Quadratic; readonly rho: Quadratic; readonly cp: Quadratic };

export const CHOI_OKOS = {
  protein: { k: [0.17881, 1.1958e-3, -2.7178e-6], rho: [1329.9, -0.5184, 0], cp: [2008.2, 1.2089, -1.3129e-3] },
  fat: { k: [0.18071, -2.7604e-4, -1.7749e-7], rho: [925.59, -0.41757, 0], cp: [1984.2, 1.4733, -4.8008e-3] },
  carbohydrate: { k: [0.20141, 1.3874e-3, -4.3312e-6], rho: [1599.1, -0.31046, 0], cp: [1548.8, 1.9625, -5.9399e-3] },
  fibre: { k: [0.18331, 1.2497e-3, -3.1683e-6], rho: [1311.5, -0.36589, 0], cp: [1845.9, 1.8306, -4.6509e-3] },
  ash: { k: [0.32962, 1.4011e-3, -2.9069e-6], rho: [2423.8, -0.28063, 0], cp: [1092.6, 1.8896, -3.6817e-3] },
  water: { k: [0.57109, 1.7625e-3, -6.7036e-6], rho: [997.18, 3.1439e-3, -3.7574e-3], cp: [4176.2, -0.090864, 5.4731e-3] },
} as const satisfies Record<string, ThermalRow>;

type ThermalPart = keyof typeof CHOI_OKOS;

const at = ([a, b, c]: Quadratic, t: number): number => a + b * t + c * t * t;

/** Groups the parts of a composition as Choi & Okos have them. Alcohol counts as water, acid as carbohydrate. */
const groups = (c: Composition): readonly (readonly [ThermalPart, number])[] => [
  ['protein', c.protein],
  ['fat', c.fat],
  ['carbohydrate', c.starch + sugars(c) + c.acid],
  ['fibre', c.fibre],
  ['ash', c.ash + c.salt],
  ['water', c.water + c.alcohol],
];

export type ThermalProperties = {
  readonly density_kgPerM3: number;
  readonly heatCapacity_JPerKgK: number;
  /** Heat along the layers (the upper bound). */
  readonly conductivityParallel_WPerMK: number;
  /** Heat across the layers (the lower bound). */
  readonly conductivitySeries_WPerMK: number;
};

/** Gas-free mixture: 1/ρ = Σx/ρ, cp = Σx·cp, k parallel = Σv·k, k in series = 1/Σ(v/k). */
export const thermalProperties = (composition: Composition, temperature_C: number): ThermalProperties => {
  let specificVolume = 0;
  let heatCapacity = 0;
  let parallel = 0;
  let series = 0;
  for (const [part, x] of groups(composition)) {
    const volume = x / at(CHOI_OKOS[part].rho, temperature_C);
    const k = at(CHOI_OKOS[part].k, temperature_C);
    specificVolume += volume;
    heatCapacity += x * at(CHOI_OKOS[part].cp, temperature_C);
    parallel += volume * k;
    series += volume / k;
  }
  return {
    density_kgPerM3: 1 / specificVolume,
    heatCapacity_JPerKgK: heatCapacity,
    conductivityParallel_WPerMK: parallel / specificVolume,
    conductivitySeries_WPerMK: specificVolume / series,
  };
};

/** One part alone, for checks against the table. */
export const partProperties = (part: ThermalPart, temperature_C: number) => ({
  k: at(CHOI_OKOS[part].k, temperature_C),
  rho: at(CHOI_OKOS[part].rho, temperature_C),
  cp: at(CHOI_OKOS[part].cp, temperature_C),
});
