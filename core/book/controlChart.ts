import { mean } from '../basis/index.ts';

/** The rule that a value breaks. */
export type Alarm = 'beyond-3' | 'two-of-three-beyond-2' | 'four-of-five-beyond-1' | 'eight-on-one-side';

export type ControlChart = {
  readonly centre: number;
  readonly lower: number;
  readonly upper: number;
  /** What each value of the series breaks, first to last; null: nothing. */
  readonly alarms: readonly (Alarm | null)[];
};

/** Mean of the range of two of a normal, in its standard deviations (d₂ for n = 2; NIST/SEMATECH e-Handbook 6.3.2.2). */
const D2 = 1.128;
/** Fewer values say nothing of their scatter. */
export const LEAST_VALUES = 8;

/**
 * Single values against their own scatter: limits at three standard deviations by the moving range (individuals chart, NIST/SEMATECH e-Handbook of
 * Statistical Methods 6.3.2.2), and what breaks one of the Western Electric rules (6.3.2: one beyond 3 σ; two of three beyond 2 σ, four of five beyond 1 σ,
 * eight in a row, each on one side). `from`: limits are those of the first so many values (what came after is judged by them); left out: of all. Null:
 * too few.
 */
export const controlChart = (values: readonly number[], from = values.length): ControlChart | null => {
  const base = values.slice(0, from);
  if (base.length < LEAST_VALUES) return null;
  const centre = mean(base);
  const sd = mean(base.slice(1).map((value, i) => Math.abs(value - base[i]!))) / D2;
  const over = values.map((value) => (sd > 0 ? (value - centre) / sd : 0));
  return { centre, lower: centre - 3 * sd, upper: centre + 3 * sd, alarms: over.map((_, i) => alarmAt(over, i)) };
};

/** `over`: in standard deviations. The newest of a group is the one that alarms. */
const alarmAt = (over: readonly number[], at: number): Alarm | null => {
  const last = (n: number): readonly number[] => over.slice(Math.max(0, at - n + 1), at + 1);
  const beyond = (n: number, sds: number, wanted: number): boolean =>
    [1, -1].some((side) => side * over[at]! > sds && last(n).filter((one) => side * one > sds).length >= wanted);
  if (Math.abs(over[at]!) > 3) return 'beyond-3';
  if (beyond(3, 2, 2)) return 'two-of-three-beyond-2';
  if (beyond(5, 1, 4)) return 'four-of-five-beyond-1';
  const eight = last(8);
  return eight.length === 8 && [1, -1].some((side) => eight.every((one) => side * one > 0)) ? 'eight-on-one-side' : null;
};
