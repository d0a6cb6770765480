import { celsiusToFahrenheit } from '../core/basis/index.ts';

/** How the kitchen reads temperatures. One setting for the whole catalogue, as its language is; the command line leaves it at °C. */
let unit: 'C' | 'F' = 'C';

export const speakDegrees = (as: 'C' | 'F'): void => {
  unit = as;
};

/** A temperature in °C, said in the kitchen's degrees: "196 °C", "385 °F". Whole degrees, unless it came with a fraction in °C. */
export const degrees = (value_C: number): string => `${unit === 'F' ? Math.round(celsiusToFahrenheit(value_C)) : value_C} °${unit}`;

/** How far apart two temperatures are, K: "8 °C", "14 °F". */
export const degreesApart = (difference_K: number): string => `${unit === 'F' ? Math.round(difference_K * 1.8) : difference_K} °${unit}`;
