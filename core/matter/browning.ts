import { clamp, KELVIN_OFFSET, smoothStep } from '../basis/index.ts';
import type { Composition } from './composition.ts';

/**
 * Lightness kinetics of a crust, dL*-over-dt = −k·L*: Purlis & Salvadori, Food Res. Int. 42:865–870 (2009)
 * (coefficients from memory; per minute is inferred there from the times it gives).
 * k = k₀·exp(−A/T), k₀ = 7.9233e6 + 2.7397e6/a_w (1/min), A = 8.7015e3 + 49.4738/a_w (K).
 */
export const browningRate_perMinute = (temperature_C: number, waterActivity: number): number => {
  const aw = clamp(waterActivity, LEAST_WATER_ACTIVITY, 1);
  const k0 = 7.9233e6 + 2.7397e6 / aw;
  const a = 8.7015e3 + 49.4738 / aw;
  return k0 * Math.exp(-a / (temperature_C + KELVIN_OFFSET));
};

/** The fit holds down to about 0.1; below, the rate is held. */
const LEAST_WATER_ACTIVITY = 0.1;

/** The kinetics hold for a dry surface above about 105–120 °C: eased in over these ranges. */
export const ONSET = { dry: 0.5, wet: 0.68, cold_C: 98, hot_C: 118 } as const;

/** As above, switched on only where the surface is dry and hot enough. */
export const surfaceBrowningRate_perSecond = (temperature_C: number, waterActivity: number): number => {
  if (temperature_C <= ONSET.cold_C || waterActivity >= ONSET.wet) return 0;
  const dry = 1 - smoothStep(waterActivity, ONSET.dry, ONSET.wet);
  const hot = smoothStep(temperature_C, ONSET.cold_C, ONSET.hot_C);
  return (dry * hot * browningRate_perMinute(temperature_C, waterActivity)) / 60;
};

/**
 * How much faster a batter browns than the bread crust of the kinetics. *Calibrated to common practice*
 * (cook times at the usual settings), one set for all irons: sugars that react (reducing, lactose) count
 * most, sucrose splits slowly, alkali speeds it, all per kg of dry mass.
 */
export const BATTER_BROWNING = {
  lean: 2.7,
  perReducing: 25,
  perSucrose: 7,
  perProtein: 4,
  perAlkaliEquivalent: 6,
} as const;

/** `alkali_eqPerKg`: base left over after acid and soda have met, equivalents per kg of batter (≥ 0 counts). */
export const batterBrowningFactor = (c: Composition, alkali_eqPerKg: number): number => {
  const dry = Math.max(0.05, 1 - c.water - c.alcohol);
  const b = BATTER_BROWNING;
  return (
    b.lean +
    (b.perReducing * (c.reducing + c.lactose) + b.perSucrose * c.sucrose + b.perProtein * c.protein) / dry +
    b.perAlkaliEquivalent * Math.max(0, alkali_eqPerKg)
  );
};
