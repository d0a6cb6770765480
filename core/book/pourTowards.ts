import type { ToldLoad } from '../lot/index.ts';
import type { Observation, PlaceOnPlate } from '../log/index.ts';
import { loadProgress } from '../log/index.ts';

/** Where batter should go that so far runs the other way. */
export type Towards = 'hinge' | 'front' | 'left' | 'right';

/** What the loads say of where to pour: so many of so many that told a place speak for it; `chance` that it is more than chance. */
export type PourTowards = { readonly towards: Towards; readonly speak: number; readonly told: number; readonly chance: number };

/** Right and towards the hinge are positive. */
const DIRECTION: Readonly<Record<PlaceOnPlate, readonly [across: number, back: number]>> = {
  'hinge-left': [-1, 1],
  hinge: [0, 1],
  'hinge-right': [1, 1],
  left: [-1, 0],
  right: [1, 0],
  'front-left': [-1, -1],
  front: [0, -1],
  'front-right': [1, -1],
};

/** Fewer loads that told a place are no habit, and a smaller chance is no advice. */
const LEAST_TOLD = 3;
const LEAST_CHANCE = 0.9;

/**
 * Whether batter keeps running one way on an iron: a corner that is missing wants it there, a side where it leaked wants it away. One vote a load for
 * each of the two axes. The chance is that of a share over one half after `speak` of `told` votes, a uniform prior before them:
 * P(Beta(1 + k, 1 + n − k) > ½) = Σ_{j ≤ k} C(n + 1, j) / 2^(n + 1). Null: nothing that is more than chance.
 */
export const pourTowards = (loads: readonly (readonly Observation[])[]): PourTowards | null => {
  const votes = loads.map((observations) => {
    const sum: [number, number] = [0, 0];
    for (const o of observations) {
      if (o.kind !== 'fill' || o.at === undefined) continue;
      const [across, back] = DIRECTION[o.at];
      const sign = o.value === 'missing' ? 1 : -1;
      sum[0] += sign * across;
      sum[1] += sign * back;
    }
    return sum;
  });
  const found = ([0, 1] as const).flatMap((axis): PourTowards[] => {
    const told = votes.map((vote) => Math.sign(vote[axis])).filter((vote) => vote !== 0);
    const positive = told.filter((vote) => vote > 0).length;
    const speak = Math.max(positive, told.length - positive);
    const towards = axis === 0 ? (positive * 2 > told.length ? 'right' : 'left') : positive * 2 > told.length ? 'hinge' : 'front';
    return [{ towards, speak, told: told.length, chance: overHalf(speak, told.length) }];
  });
  const best = found.filter(({ told, chance }) => told >= LEAST_TOLD && chance >= LEAST_CHANCE).sort((a, b) => b.chance - a.chance)[0];
  return best ?? null;
};

/** The same from loads as the store has them. */
export const pourTowardsOn = (loads: readonly Pick<ToldLoad, 'log'>[]): PourTowards | null =>
  pourTowards(loads.map(({ log }) => loadProgress(log).observations));

const overHalf = (k: number, n: number): number => {
  let term = 2 ** -(n + 1);
  let sum = term;
  for (let j = 1; j <= k; j++) {
    term *= (n + 2 - j) / j;
    sum += term;
  }
  return sum;
};
