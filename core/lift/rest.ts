import type { ParsedFormula } from '../formula/index.ts';
import { ingredientOf } from '../formula/index.ts';

/** How a standing powder batter leaks its gas. */
export type PowderKind = 'double' | 'single' | 'soda';
export const POWDER_KINDS: readonly PowderKind[] = ['double', 'single', 'soda'];

/** Share that acts in the bowl, how fast that goes (h at 20 °C), and how fast the rest seeps away (h at 20 °C); *calibrated to common practice*. */
const LEAK: Readonly<Record<PowderKind, { readonly inBowl: number; readonly fast_h: number; readonly slow_h: number }>> = {
  double: { inBowl: 0.3, fast_h: 0.7, slow_h: 30 },
  single: { inBowl: 0.8, fast_h: 0.5, slow_h: 8 },
  soda: { inBowl: 0.85, fast_h: 0.6, slow_h: 10 },
};
/** Of the gas set free in the bowl the batter itself holds some, in solution and small bubbles. */
const HOLDS = 0.4;
/** Everything slows in the cold: Q10 of 2 (texts: about 2 near room temperature). */
const Q10 = 2;
const REFERENCE_C = 20;

/** Share of its gas that a batter still has after standing, 0–1. */
export const gasLeft = (kind: PowderKind, hours: number, t_C: number): number => {
  const { inBowl, fast_h, slow_h } = LEAK[kind];
  const pace = Q10 ** ((t_C - REFERENCE_C) / 10);
  const fast = inBowl * (HOLDS + (1 - HOLDS) * Math.exp((-hours * pace) / fast_h));
  return (fast + (1 - inBowl)) * Math.exp((-hours * pace) / slow_h);
};

/** Which of them this bowl's gas mostly is; null without any. */
export const powderKindOf = ({ leavening, lines }: Pick<ParsedFormula, 'leavening' | 'lines'>): PowderKind | null => {
  if (leavening.gas_mmol <= 0) return null;
  const kinds = new Set(lines.map((line) => (line.grams === null ? undefined : ingredientOf(line)?.can.gas)));
  return kinds.has('single') ? 'single' : kinds.has('double') ? 'double' : 'soda';
};

/** Powder to stir in before cooking so that the gas is what it was, g; 13 % CO₂. */
export const powderToAdd_g = (gas_mmol: number, left: number): number => ((1 - left) * gas_mmol * 44.009) / 1000 / 0.13;

/** Flour goes on drinking: looseness falls by so much in all, with this time constant at 20 °C, h (*calibrated to common practice*: an hour is worth it, the night is best). */
const THICKENS = 0.24;
const DRINKS_H = 0.9;
/** Fat and starch stiffen in the cold, too: per K below 20. */
const COLD_STIFFENS = 0.006;
/** A bowl takes this long to feel the cold, h. */
const COOLS_H = 1.5;

/** Looseness after standing, at the temperature it comes out with. */
export const loosenessAfter = (looseness: number, hours: number, t_C: number): number => {
  const pace = 1.4 ** ((t_C - REFERENCE_C) / 10);
  const drunk = 1 - THICKENS * (1 - Math.exp((-hours * pace) / DRINKS_H));
  const cooled = 1 - Math.exp(-hours / COOLS_H);
  return looseness * drunk * (1 - COLD_STIFFENS * cooled * Math.max(0, REFERENCE_C - t_C));
};

/** Evenness of crumb that hydration brings, 0–1: what a night makes better although gas is lost. */
export const hydrationOf = (hours: number, t_C: number): number => 1 - Math.exp((-hours * 1.4 ** ((t_C - REFERENCE_C) / 10)) / DRINKS_H);

export type NetRest = {
  readonly gas: number;
  readonly hydration: number;
  /** Lift, body and evenness together against pouring at once: over 1 is better. */
  readonly net: number;
};

/** Batters that live by their powder, and egg-rich, sweet ones that live by their body and are praised after a night. */
export type RestFamily = 'powder' | 'egg';

/** How much gas, body and evenness count, and how much longer than drinking evenness takes, by family; *calibrated to common practice*. */
const COUNTS: Readonly<
  Record<RestFamily, { readonly gas: number; readonly body: number; readonly evenness: number; readonly slower: number }>
> = {
  powder: { gas: 0.4, body: 0.5, evenness: 0.16, slower: 1 },
  egg: { gas: 0.25, body: 0.3, evenness: 0.35, slower: 2.5 },
};
/** After the night egg batter loses by so much an hour, up to the three days that it keeps (*common practice* in direction, estimated). */
const STALES_PER_H = 0.0015;

/** Gas counts by how far the iron fills from it, body by how near the batter comes to what the iron likes. */
export const netOfRest = (
  kind: PowderKind | null,
  hours: number,
  t_C: number,
  looseness: number,
  wantedLooseness: number,
  family: RestFamily = 'powder',
): NetRest => {
  const gas = kind === null ? 1 : gasLeft(kind, hours, t_C);
  const hydration = hydrationOf(hours, t_C);
  const off = (value: number): number => Math.exp(-((Math.log(value / wantedLooseness) / 0.75) ** 2));
  const body = off(loosenessAfter(looseness, hours, t_C)) / Math.max(0.2, off(looseness));
  const counts = COUNTS[family];
  const stale = 1 - STALES_PER_H * Math.max(0, hours - EGG_BATTER_REST_H.best);
  return {
    gas,
    hydration,
    net: gas ** counts.gas * body ** counts.body * (1 + counts.evenness * hydrationOf(hours / counts.slower, t_C)) * stale,
  };
};

/** When a rest is at its best, h to the half hour up to `longest_h`; 0: at once. One verdict, from the same curve. */
export const bestRest_h = (longest_h: number, netAfter: (hours: number) => number): number => {
  let [best, most] = [0, netAfter(0)];
  for (let hours = 0.5; hours <= longest_h; hours += 0.5) {
    const net = netAfter(hours);
    // What can't be told apart isn't worth the wait.
    if (net > most * 1.002) [best, most] = [hours, net];
  }
  return best;
};

/** Egg-waffle and wafer batters: the least rest worth it, the best, the last, h (*common practice*: an hour, the night, three days). */
export const EGG_BATTER_REST_H = { least: 1, best: 12 } as const;
