export type { Failure, Finding, Result } from './result.ts';
export { failure, success } from './result.ts';
export { clamp, findRoot, lerp, NORMAL_P90, roundedTo, roundTo, smoothStep, sum } from './numbers.ts';
export type { Random } from './random.ts';
export { seededRandom } from './random.ts';
export { canonicalJson, inputsHash } from './hash.ts';
export type { CupStandard, CupStandardId } from './units.ts';
export {
  celsiusToFahrenheit,
  CUP_STANDARD_IDS,
  CUP_STANDARDS,
  fahrenheitToCelsius,
  GRAMS_PER_OUNCE,
  GRAMS_PER_POUND,
  KELVIN_OFFSET,
  ML_PER_US_CUP,
} from './units.ts';
export { newestRevisions } from './revisions.ts';
