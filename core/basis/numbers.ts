/** Holds `value` within [low, high]; NaN stays NaN so that it is noticed. */
export const clamp = (value: number, low: number, high: number): number => (value < low ? low : value > high ? high : value);

/** Smooth 0–1 ramp (cubic) between `low` and `high`; keeps predictions smooth in every input. */
export const smoothStep = (value: number, low: number, high: number): number => {
  const x = clamp((value - low) / (high - low), 0, 1);
  return x * x * (3 - 2 * x);
};

export const sum = (values: readonly number[]): number => {
  let total = 0;
  for (const value of values) total += value;
  return total;
};

/** Of at least one value. */
export const mean = (values: readonly number[]): number => sum(values) / values.length;

/** Rounds to a multiple of `step` (a scale's resolution, say). */
export const roundTo = (value: number, step: number): number => Math.round(value / step) * step;

/**
 * Where `f` crosses zero between `low` and `high` (bisection: slow and certain).
 * Returns null when both ends have the same sign.
 */
export const findRoot = (f: (x: number) => number, low: number, high: number, tolerance: number): number | null => {
  let a = low;
  let b = high;
  let fa = f(a);
  const fb = f(b);
  if (fa === 0) return a;
  if (fb === 0) return b;
  if (fa > 0 === fb > 0) return null;
  while (b - a > tolerance) {
    const middle = (a + b) / 2;
    const fm = f(middle);
    if (fm === 0) return middle;
    if (fm > 0 === fa > 0) {
      a = middle;
      fa = fm;
    } else b = middle;
  }
  return (a + b) / 2;
};

/** The standard normal 90th percentile, used for every p10–p90 band. */
export const NORMAL_P90 = 1.2815515655446004;

/** Rounds to this many decimals, for fields that people read. */
export const roundedTo = (value: number, digits = 1): number => Number(value.toFixed(digits));

/** Their mean; null: there are none. */
export const meanOrNull = (values: readonly number[]): number | null => (values.length === 0 ? null : mean(values));
