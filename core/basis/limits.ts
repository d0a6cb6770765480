/** Limits of what may be asked; outside them is bad usage, not a prediction. */
export const LIMITS = {
  altitude_m: { min: -430, max: 5500 },
  batter_C: { min: 0, max: 50 },
  setting_C: { min: 100, max: 300 },
  cookTime_s: { min: 5, max: 1800 },
  portion_g: { min: 1, max: 6000 },
  tawny: { min: 1, max: 8 },
  crisp: { min: 1, max: 5 },
  load: { min: 1, max: 999 },
  preheat_s: { min: 0, max: 7200 },
  airFraction: { min: 0, max: 0.85 },
  delay_s: { min: 0, max: 120 },
  onPlate_g: { min: 0.5, max: 2000 },
  overfill: { min: -0.06, max: 0.1 },
  lightness: { min: 1, max: 5 },
  turn_s: { min: 0, max: 180 },
} as const;
