import type { LengthUnit, TemperatureUnit } from '../core/basis/index.ts';
import { celsiusToFahrenheit } from '../core/basis/index.ts';

type Units = { readonly temperatureUnit: TemperatureUnit; readonly lengthUnit?: LengthUnit | undefined };

/** How the kitchen reads temperatures and lengths. One setting for the whole catalogue, as its language is; the command line leaves it metric. */
let units: Units = { temperatureUnit: 'C' };

export const speakUnits = (as: Units): void => {
  units = as;
};

/** A temperature in °C, said in the kitchen's degrees: "196 °C", "385 °F". Whole degrees, unless it came with a fraction in °C. */
export const degrees = (value_C: number): string => {
  const { temperatureUnit: unit } = units;
  return `${unit === 'F' ? Math.round(celsiusToFahrenheit(value_C)) : value_C} °${unit}`;
};

/** How far apart two temperatures are, K: "8 °C", "14 °F". */
export const degreesApart = (difference_K: number): string => {
  const { temperatureUnit: unit } = units;
  return `${unit === 'F' ? Math.round(difference_K * 1.8) : difference_K} °${unit}`;
};

/** A length in mm: "7.5 mm", "0.3 in". */
export const lengthOf = (value_mm: number | string): string =>
  units.lengthUnit === 'in' ? `${Number((Number(value_mm) / 25.4).toFixed(2))} in` : `${value_mm} mm`;
