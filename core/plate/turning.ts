import type { BatterProperties } from './batter.ts';
import { expansion } from './batter.ts';
import type { PlateMachine } from './iron.ts';
import { meanThickness_m } from './medium.ts';
import type { Trace } from './simulate.ts';

/** Starch swells and batter stops to flow (wheat starch gelatinises from about 60–65 °C: handbooks, from memory). */
const STOPS_C = 65;
/** Half of the depth has to be able to flow still. */
const FLOWING_SHARE = 0.5;

/**
 * The latest moment to turn a pan, s from the closed lid: afterwards less than half of the batter flows to the other side. Needs a trace
 * with profiles; null: it flows to the end.
 */
export const latestTurn_s = (trace: Trace): number | null => {
  const column = trace.columns.at(-1);
  if (column === undefined || column.T.length === 0) return null;
  const whole = column.size_m.reduce((a, b) => a + b, 0);
  for (let second = 0; second <= trace.seconds; second++) {
    let flowing = 0;
    for (let i = 0; i < column.n; i++) if ((column.T[second * column.n + i] ?? 0) < STOPS_C) flowing += column.size_m[i] ?? 0;
    if (flowing < FLOWING_SHARE * whole) return second;
  }
  return null;
};

/** Share of a pan's room that stays empty: the hollow of its balls, 0–1. */
export const hollowShare = (machine: PlateMachine, batter: BatterProperties, portion_mL: number, cavity_mL: number): number =>
  Math.max(0, 1 - (portion_mL * expansion(batter, meanThickness_m(machine))) / cavity_mL);
