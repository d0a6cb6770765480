export type { KnownTexts } from './hash.ts';
export { canonicalJson, inputsHash, textHash } from './hash.ts';
export { LIMITS } from './limits.ts';
export { csvText, escapedMarkdown, markdownTable } from './csv.ts';
export { NORMAL_P90, clamp, findRoot, mean, meanOrNull, roundTo, roundedTo, smoothStep, sum } from './numbers.ts';
export type { Random } from './random.ts';
export { seededRandom } from './random.ts';
export type { Failure, Finding, Result } from './result.ts';
export { coded, failure, finding, success } from './result.ts';
export type { FieldsOf } from './result.ts';
export { newestRevisions } from './revisions.ts';
export type { CupStandard, CupStandardId } from './units.ts';
export {
  CUP_STANDARDS,
  CUP_STANDARD_IDS,
  GRAMS_PER_OUNCE,
  GRAMS_PER_POUND,
  KELVIN_OFFSET,
  ML_PER_US_CUP,
  celsiusToFahrenheit,
  fahrenheitToCelsius,
} from './units.ts';
export type { Code, Coded, CodeFields, PlainCode } from './codes.ts';
export { Instant, Zone } from './instant.ts';
export { MODEL_VERSION } from './modelVersion.ts';
export { runToEnd } from './steps.ts';
export type { NumberInText, ReadNumber } from './writtenNumber.ts';
export { numbersIn, readNumber, readTime } from './writtenNumber.ts';
export { instantOf, isZone, lastTimeBefore, wallTime, zoneOffset_ms } from './zone.ts';
export { DAY_MS, HOUR_MS, MINUTE_MS } from './time.ts';
export type { LengthUnit, TemperatureUnit } from './units.ts';
