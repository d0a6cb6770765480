import type { BatterProperties } from './batter.ts';
import { expansion } from './batter.ts';
import type { PlateMachine } from './iron.ts';
import { meanThickness_m } from './medium.ts';
import type { SimulationInput, Trace } from './simulate.ts';
import { simulate } from './simulate.ts';
import { flowingShare } from './turned.ts';

/** Half of the depth has to be able to flow still. */
const FLOWING_SHARE = 0.5;
/** Nobody turns a pan later. */
const LATEST_S = 180;

/**
 * The latest moment to turn a pan, s from the closed lid: afterwards less than half of the batter flows to the other side. The load is run
 * without being turned; null: it flows to the end.
 */
export const latestTurn_s = (input: SimulationInput): number | null => {
  const { trace } = simulate({
    ...input,
    turn_s: Infinity,
    duration_s: LATEST_S,
    profiles: true,
    enough: (t, second) => flowingAt(t, second) < FLOWING_SHARE,
  });
  for (let second = 0; second <= trace.seconds; second++) if (flowingAt(trace, second) < FLOWING_SHARE) return second;
  return null;
};

const flowingAt = (trace: Trace, second: number): number => {
  const column = trace.columns.at(-1);
  return column === undefined ? 0 : flowingShare(column.T, column.size_m, second * column.n);
};

/** Share of a pan's room that stays empty: the hollow of its balls, 0–1. */
export const hollowShare = (machine: PlateMachine, batter: BatterProperties, portion_mL: number, cavity_mL: number): number =>
  Math.max(0, 1 - (portion_mL * expansion(batter, meanThickness_m(machine))) / cavity_mL);
