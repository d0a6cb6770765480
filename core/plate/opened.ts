import { clamp } from '../basis/index.ts';
import { sugars } from '../matter/index.ts';
import type { BatterProperties } from './batter.ts';
import { expansion } from './batter.ts';
import type { Iron } from './iron.ts';
import type { Trace } from './simulate.ts';

/**
 * Height that a piece keeps if the lid were opened at each second, share of what it has swollen to: what has set stands, what hasn't falls
 * back to what was poured. Needs a trace with profiles; `gap_m`: mean gap between the plates.
 */
export const standing = (trace: Trace, batter: BatterProperties, gap_m: number): Float64Array => {
  const fallen = 1 / expansion(batter, gap_m);
  return Float64Array.from({ length: trace.seconds + 1 }, (_, second) => {
    let stands = 0;
    for (const column of trace.columns) {
      let set = 0;
      let whole = 0;
      for (let i = 0; i < column.n; i++) {
        const size = column.size_m[i] ?? 0;
        whole += size;
        if ((column.T[second * column.n + i] ?? 0) >= batter.setTemperature_C) set += size;
      }
      stands += column.share * (whole > 0 ? set / whole : 0);
    }
    return fallen + (1 - fallen) * clamp(stands, 0, 1);
  });
};

export type StickingCause = 'bare' | 'lean' | 'sweet' | 'thin-batter';
export type Sticking = {
  /** From 0 (lets go by itself) to 1. */
  readonly risk: number;
  readonly because: readonly StickingCause[];
};

/** What each cause adds (*common practice* in direction, estimated in size). */
const ADDS = { bare: 0.35, lean: 0.3, sweet: 0.35, thin: 0.15 } as const;
/** Fat of the batter under which it sticks, and sugar over which it glues: none of it at the first, all at the second, shares of the batter. */
const LEAN = [0.08, 0.02] as const;
const SWEET = [0.1, 0.28] as const;
/** A risk worth a word. */
const COUNTS = 0.12;

const along = ([none, all]: readonly [number, number], value: number): number => clamp((value - none) / (all - none), 0, 1);

/** How a piece that has set and dried holds on to ungreased plates; before it lets go (see `moments`) it tears, whatever the plates are. */
export const sticking = (iron: Pick<Iron, 'coating' | 'looseness'>, batter: BatterProperties): Sticking => {
  const parts: readonly (readonly [StickingCause, number])[] = [
    ['bare', iron.coating === 'bare' ? ADDS.bare : 0],
    ['lean', ADDS.lean * along(LEAN, batter.composition.fat)],
    ['sweet', ADDS.sweet * along(SWEET, sugars(batter.composition))],
    ['thin-batter', batter.looseness > iron.looseness.max ? ADDS.thin : 0],
  ];
  return {
    risk: clamp(
      parts.reduce((sum, [, add]) => sum + add, 0),
      0,
      1,
    ),
    because: parts.filter(([, add]) => add >= COUNTS).map(([cause]) => cause),
  };
};
