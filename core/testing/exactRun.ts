import highsLoader from 'highs';
import { TAKES_OUT } from '../cook/index.ts';
import { seededRandom } from '../basis/index.ts';
import type { PlannedIron } from '../run/schedule.ts';
import { cookOf_s, turnaround_s } from '../run/schedule.ts';

/** Solved to this relative gap. */
const GAP = 1e-4;
/** No morning of the tests is longer, s. */
const BIG_S = 6000;

/**
 * The shortest span of so many loads by iron with one hand, s, by mixed-integer programming (HiGHS); it shares no code with the planner but the lengths of a load.
 * Minimise the last lid, with each load after the one before it on its iron, and of any two tasks of a hand on different irons one before the other.
 */
const exactSpan_s = (highs: Awaited<ReturnType<typeof highsLoader>>, irons: readonly PlannedIron[], counts: readonly number[]): number => {
  const loads = irons.flatMap((iron, i) => Array.from({ length: counts[i] ?? 0 }, (_, j) => ({ iron, i, n: j + 1, at: `s${i}_${j}` })));
  const rows: string[] = [];
  const row = (text: string): void => void rows.push(`r${rows.length}: ${text}`);
  for (const load of loads) {
    row(`mk - ${load.at} >= ${cookOf_s(load.iron, load.n)}`);
    const next = loads.find((other) => other.i === load.i && other.n === load.n + 1);
    if (next !== undefined) row(`${next.at} - ${load.at} >= ${cookOf_s(load.iron, load.n) + turnaround_s(load.iron)}`);
  }
  const tasks = loads.flatMap((load) => {
    const [pour_s, out_s] = [(1 - TAKES_OUT) * load.iron.open_s, TAKES_OUT * load.iron.open_s];
    return [
      { load, from_s: -pour_s, to_s: 0 },
      { load, from_s: cookOf_s(load.iron, load.n), to_s: cookOf_s(load.iron, load.n) + out_s },
    ];
  });
  const choices: string[] = [];
  tasks.forEach((a, k) =>
    tasks.slice(k + 1).forEach((b, l) => {
      if (a.load.i === b.load.i) return;
      const first = `y${k}_${l}`;
      choices.push(first);
      row(`${b.load.at} - ${a.load.at} - ${BIG_S} ${first} >= ${a.to_s - b.from_s - BIG_S}`);
      row(`${a.load.at} - ${b.load.at} + ${BIG_S} ${first} >= ${b.to_s - a.from_s}`);
    }),
  );
  const bounds = loads.map(({ at }) => `0 <= ${at} <= ${BIG_S}`);
  const binaries = choices.length === 0 ? '' : `\nBinary\n ${choices.join(' ')}`;
  const solved = highs.solve(`Minimize\n obj: mk\nSubject To\n ${rows.join('\n ')}\nBounds\n ${bounds.join('\n ')}${binaries}\nEnd`, {
    mip_rel_gap: GAP,
  });
  if (solved.Status !== 'Optimal') throw new Error(`not solved: ${solved.Status}`);
  return solved.ObjectiveValue;
};

/** Every way to share so many loads among the irons. */
const shares = (loads: number, irons: number): number[][] =>
  irons === 1 ? [[loads]] : Array.from({ length: loads + 1 }, (_, x) => shares(loads - x, irons - 1).map((rest) => [x, ...rest])).flat();

export type ExactMorning = { readonly irons: readonly PlannedIron[]; readonly loads: number; readonly span_s: number };

/** Generated small mornings of one hand, with the shortest span there is. */
export const exactMornings = async (count: number, seed: number): Promise<ExactMorning[]> => {
  const highs = await highsLoader({});
  const random = seededRandom(seed);
  return Array.from({ length: count }, (_, k): ExactMorning => {
    const size = 2 + (k % 2);
    const irons = Array.from({ length: size }, (_unused, i): PlannedIron => ({
      ironId: `iron-${i}`,
      piecesPerLoad: 1,
      portion_g: 100,
      leastPortion_g: 94,
      preheat_s: 500,
      cook_s: 120 + Math.round(200 * random.next()),
      open_s: 25 + Math.round(30 * random.next()),
      recovery_s: Math.round(40 * random.next()),
    }));
    const loads = size === 2 ? 7 : 6;
    return { irons, loads, span_s: Math.min(...shares(loads, size).map((counts) => exactSpan_s(highs, irons, counts))) };
  });
};
