/**
 * Kitchen units. Mass in grams, volume in millilitres.
 * Sources: NIST SP 811 (2008) App. B.8 for customary units; 21 CFR 101.9(b)(5)(viii) for label units;
 * UK Units of Measurement Regulations 1995 for imperial ones (values from memory, exact by definition).
 */
export const GRAMS_PER_OUNCE = 28.349523125;
export const GRAMS_PER_POUND = 453.59237;
export const ML_PER_US_GALLON = 231 * 2.54 ** 3;
export const ML_PER_US_CUP = ML_PER_US_GALLON / 16;
export const ML_PER_IMPERIAL_GALLON = 4546.09;

export type CupStandardId = 'us' | 'label' | 'metric' | 'imperial' | 'au';

/** What a cup, spoons and customary fluid measures hold under one standard, in mL. */
export type CupStandard = {
  readonly cup: number;
  readonly tablespoon: number;
  readonly teaspoon: number;
  readonly fluidOunce: number;
  readonly pint: number;
  readonly quart: number;
  readonly gallon: number;
};

const US: CupStandard = {
  cup: ML_PER_US_CUP,
  tablespoon: ML_PER_US_CUP / 16,
  teaspoon: ML_PER_US_CUP / 48,
  fluidOunce: ML_PER_US_CUP / 8,
  pint: ML_PER_US_CUP * 2,
  quart: ML_PER_US_CUP * 4,
  gallon: ML_PER_US_GALLON,
};

const IMPERIAL_PINT = ML_PER_IMPERIAL_GALLON / 8;
const IMPERIAL_LARGE = {
  fluidOunce: IMPERIAL_PINT / 20,
  pint: IMPERIAL_PINT,
  quart: IMPERIAL_PINT * 2,
  gallon: ML_PER_IMPERIAL_GALLON,
};

export const CUP_STANDARDS: Readonly<Record<CupStandardId, CupStandard>> = {
  us: US,
  // 21 CFR 101.9(b)(5)(viii): rounded measures of US food labels.
  label: { ...US, cup: 240, tablespoon: 15, teaspoon: 5, fluidOunce: 30 },
  metric: { ...US, cup: 250, tablespoon: 15, teaspoon: 5 },
  // Half-pint cup; the old 5/8 fl oz tablespoon and a third of it (common practice).
  imperial: {
    ...IMPERIAL_LARGE,
    cup: IMPERIAL_PINT / 2,
    tablespoon: (IMPERIAL_LARGE.fluidOunce * 5) / 8,
    teaspoon: (IMPERIAL_LARGE.fluidOunce * 5) / 24,
  },
  // AS 1325 (1972; number from memory): 250 mL cup, 20 mL tablespoon, 5 mL teaspoon.
  au: { ...IMPERIAL_LARGE, cup: 250, tablespoon: 20, teaspoon: 5 },
};

export const CUP_STANDARD_IDS = Object.keys(CUP_STANDARDS) as CupStandardId[];

export const fahrenheitToCelsius = (degreesF: number): number => ((degreesF - 32) * 5) / 9;
export const celsiusToFahrenheit = (degreesC: number): number => (degreesC * 9) / 5 + 32;
export const KELVIN_OFFSET = 273.15;

/** How a kitchen reads temperatures and lengths. */
export type TemperatureUnit = 'C' | 'F';
export type LengthUnit = 'mm' | 'in';
