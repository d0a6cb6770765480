import type { Code, FieldsOf, Finding } from '../basis/index.ts';
import { clamp, finding } from '../basis/index.ts';
import type { SimulationInput } from './simulate.ts';
import { simulate } from './simulate.ts';
import { shiftedPlates } from './plates.ts';

export type Side = 'lower' | 'upper';

/** Offsets between which a pocket's browning is interpolated, K. */
const RUNS_K = [-45, -30, -20, -12, -6, 0, 6, 12, 20, 30, 45] as const;
const TINY = 1e-3;

/** Browning of a face at one second against the local offset of its plate: some ten runs. */
export type PatternCurve = {
  readonly rawLightness: number;
  readonly offsets_K: readonly number[];
  /** ln(ln(L*₀/L*) + ε) at each offset. */
  readonly logBrowned: Readonly<Record<Side, readonly number[]>>;
};

/** Plates as they are, but hotter by `offset_K` everywhere. */
const hotter = (input: SimulationInput, offset_K: number): SimulationInput => ({
  ...input,
  setting_C: input.setting_C + offset_K,
  plates: shiftedPlates(input.plates, offset_K),
});

/** Runs the load once for every offset; 12 cells suffice, as only differences are read (`input.cells` overrules). */
export const patternCurve = (input: SimulationInput, second: number): PatternCurve => {
  const raw = input.batter.rawLightness;
  const lower: number[] = [];
  const upper: number[] = [];
  for (const offset_K of RUNS_K) {
    const { trace } = simulate({ cells: 12, ...hotter(input, offset_K), duration_s: second + 1 });
    const at = Math.min(trace.seconds, Math.round(second));
    lower.push(Math.log(Math.max(0, Math.log(raw / (trace.lowerLightness[at] ?? raw))) + TINY));
    upper.push(Math.log(Math.max(0, Math.log(raw / (trace.upperLightness[at] ?? raw))) + TINY));
  }
  return { rawLightness: raw, offsets_K: RUNS_K, logBrowned: { lower, upper } };
};

/** L* of a pocket whose plate is hotter by so much. */
export const lightnessAt = ({ rawLightness, offsets_K, logBrowned }: PatternCurve, side: Side, offset_K: number): number => {
  const row = logBrowned[side];
  const last = offsets_K.length - 1;
  const x = clamp(offset_K, offsets_K[0] ?? 0, offsets_K[last] ?? 0);
  let i = 0;
  while (i < last - 1 && x > (offsets_K[i + 1] ?? Infinity)) i++;
  const [a, b] = [offsets_K[i] ?? 0, offsets_K[i + 1] ?? 0];
  const share = (x - a) / (b - a);
  return rawLightness * Math.exp(-(Math.exp((row[i] ?? 0) * (1 - share) + (row[i + 1] ?? 0) * share) - TINY));
};

/** The offset that explains a pocket's L*, K: the inverse of `lightnessAt`, within the curve's ends. */
export const offsetOf = (curve: PatternCurve, side: Side, lightness: number): number => {
  let [cool, hot] = [curve.offsets_K[0] ?? 0, curve.offsets_K.at(-1) ?? 0];
  for (let i = 0; i < 40; i++) {
    const middle = (cool + hot) / 2;
    if (lightnessAt(curve, side, middle) > lightness) cool = middle;
    else hot = middle;
  }
  return (cool + hot) / 2;
};

/** L* of every pocket of a face, row by row; an iron without a known pattern is even. */
export const patternMap = (curve: PatternCurve, side: Side, offsets_K: readonly number[]): number[] =>
  offsets_K.map((offset) => lightnessAt(curve, side, offset));

/** What a seen face teaches: each pocket's offset over the mean, K; null pockets (outside the outline) are even. */
export const taughtPattern = (curve: PatternCurve, side: Side, lightness: readonly (number | null)[]): number[] => {
  const offsets = lightness.map((value) => (value === null ? null : offsetOf(curve, side, value)));
  const known = offsets.filter((value) => value !== null);
  const mean = known.length === 0 ? 0 : known.reduce((a, b) => a + b, 0) / known.length;
  return offsets.map((value) => (value === null ? 0 : Math.round((value - mean) * 10) / 10));
};

/** From one edge to the other, by a straight line through all pockets that are (null: none there): right over left, front over hinge; and rim over middle. */
export const leansOf = (values: readonly (number | null)[], rows: number, columns: number) => {
  let [xx, yy, vx, vy] = [0, 0, 0, 0];
  const rim: number[] = [];
  const middle: number[] = [];
  values.forEach((value, i) => {
    if (value === null) return;
    const x = columns < 2 ? 0 : ((i % columns) / (columns - 1)) * 2 - 1;
    const y = rows < 2 ? 0 : (Math.floor(i / columns) / (rows - 1)) * 2 - 1;
    xx += x * x;
    yy += y * y;
    vx += x * value;
    vy += y * value;
    (Math.hypot(x, y) > 0.75 ? rim : middle).push(value);
  });
  const mean = (some: readonly number[]): number => (some.length === 0 ? 0 : some.reduce((a, b) => a + b, 0) / some.length);
  return {
    rightOverLeft: xx === 0 ? 0 : (2 * vx) / xx,
    frontOverHinge: yy === 0 ? 0 : (2 * vy) / yy,
    rimOverMiddle: rim.length === 0 || middle.length === 0 ? 0 : mean(rim) - mean(middle),
  };
};

/** Under this nobody sees it, K. */
const SEEN_K = 4;

/**
 * What to do about a pattern. Codes: `pattern-even`; `pattern-lean` {hotter, kelvin}: turn the piece half-way, pour towards the
 * hotter side; `pattern-cool-rim` {kelvin}: heat it longer; `pattern-spots` {kelvin}: nothing helps but a longer preheat.
 */
export const patternAdvice = (offsets: readonly number[], rows: number, columns: number): Finding[] => {
  const { rightOverLeft, frontOverHinge, rimOverMiddle } = leansOf(offsets, rows, columns);
  const found: Finding[] = [];
  const note = <C extends Code>(code: C, ...fields: FieldsOf<C>): void => void found.push(finding('note', code, ...fields) as Finding);
  if (Math.abs(rightOverLeft) > SEEN_K)
    note('pattern-lean', { hotter: rightOverLeft > 0 ? 'right' : 'left', kelvin: Math.round(Math.abs(rightOverLeft)) });
  if (Math.abs(frontOverHinge) > SEEN_K)
    note('pattern-lean', { hotter: frontOverHinge > 0 ? 'front' : 'hinge', kelvin: Math.round(Math.abs(frontOverHinge)) });
  if (rimOverMiddle < -SEEN_K) note('pattern-cool-rim', { kelvin: Math.round(-rimOverMiddle) });
  if (found.length > 0) return found;
  const spread = offsets.reduce((most, value) => Math.max(most, Math.abs(value)), 0);
  if (spread > 2 * SEEN_K) note('pattern-spots', { kelvin: Math.round(spread) });
  else note('pattern-even');
  return found;
};
