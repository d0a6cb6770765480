import type { PlannedIron } from './cycle.ts';
import { sum } from '../../basis/index.ts';

/** What a circuit carries, W. */
export type CircuitLimit = { readonly id: string; readonly name: string; readonly limit_W: number };

type OnCircuit = Pick<PlannedIron, 'ironId' | 'power_W' | 'circuitId'>;

/** More combinations of irons than this aren't looked at. */
const MOST_CHOICES = 64;
/** More irons on one circuit aren't tried in every combination; they are taken as they were said. */
const MOST_TOGETHER = 10;

const eachOnce = (irons: readonly OnCircuit[]): readonly OnCircuit[] => [...new Map(irons.map((iron) => [iron.ironId, iron])).values()];
const wattsOf = (irons: readonly OnCircuit[]): number => sum(irons.map(({ power_W = 0 }) => power_W));

/** Every way to keep as many of a circuit's irons on as it carries; one that none can join without being too much. */
const waysOn = (mine: readonly OnCircuit[], limit_W: number): readonly (readonly OnCircuit[])[] => {
  if (wattsOf(mine) <= limit_W) return [mine];
  if (mine.length > MOST_TOGETHER) {
    const on: OnCircuit[] = [];
    for (const iron of mine) if (wattsOf([...on, iron]) <= limit_W) on.push(iron);
    return [on];
  }
  return Array.from({ length: 2 ** mine.length }, (_, bits) => mine.filter((__, i) => (bits & (2 ** i)) !== 0)).filter(
    (on) => wattsOf(on) <= limit_W && mine.every((iron) => on.includes(iron) || wattsOf([...on, iron]) > limit_W),
  );
};

export type LeftOff = { readonly ironId: string; readonly circuit: string };

/**
 * Which irons may be on together so that no circuit carries more than its limit, every iron at its full power (thermostats cycle, but all may be on at
 * once): every choice that can't be added to, with what is left off and why. One choice with nothing left off where everything fits.
 */
export const choicesOn = (
  irons: readonly OnCircuit[],
  circuits: readonly CircuitLimit[],
): readonly { readonly ironIds: ReadonlySet<string>; readonly off: readonly LeftOff[] }[] => {
  const all = eachOnce(irons);
  let choices: { readonly ironIds: readonly string[]; readonly off: readonly LeftOff[] }[] = [
    { ironIds: all.filter(({ circuitId }) => !circuits.some(({ id }) => id === circuitId)).map(({ ironId }) => ironId), off: [] },
  ];
  for (const { id, name, limit_W } of circuits) {
    const mine = all.filter(({ circuitId }) => circuitId === id);
    const ways = waysOn(mine, limit_W);
    choices = choices
      .flatMap(({ ironIds, off }) =>
        ways.map((on) => ({
          ironIds: [...ironIds, ...on.map(({ ironId }) => ironId)],
          off: [...off, ...mine.filter((iron) => !on.includes(iron)).map(({ ironId }) => ({ ironId, circuit: name }))],
        })),
      )
      .slice(0, MOST_CHOICES);
  }
  return choices.map(({ ironIds, off }) => ({ ironIds: new Set(ironIds), off }));
};

/** What is on at once on a circuit, W: every iron at its full power from when it is switched on until its last lid. `at`: epoch ms. */
export type WattStep = { readonly at: number; readonly on_W: number };

/** What a plan has on a circuit over time; empty: nothing of it. */
export const wattsOver = (
  plan: {
    readonly preheats: readonly { readonly ironId: string; readonly from: number }[];
    readonly loads: readonly { readonly ironId: string; readonly openAt: number }[];
  },
  irons: readonly OnCircuit[],
  circuitId: string,
): readonly WattStep[] => {
  const changes = eachOnce(irons).flatMap(({ ironId, power_W = 0, circuitId: on }) => {
    const from = plan.preheats.find((preheat) => preheat.ironId === ironId)?.from;
    if (on !== circuitId || from === undefined) return [];
    const to = Math.max(...plan.loads.map((load) => (load.ironId === ironId ? load.openAt : from)));
    return [
      { at: from, by_W: power_W },
      { at: to, by_W: -power_W },
    ];
  });
  let on_W = 0;
  return changes.sort((a, b) => a.at - b.at || a.by_W - b.by_W).map(({ at, by_W }) => ({ at, on_W: (on_W += by_W) }));
};
