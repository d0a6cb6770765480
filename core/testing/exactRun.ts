import { cookOf_s, turnaround_s } from '../run/plan/cycle.ts';
import type { PlannedIron } from '../run/plan/cycle.ts';
import highsLoader from 'highs';
import { TAKES_OUT } from '../cook/index.ts';
import { seededRandom } from '../basis/index.ts';
import { OWN_DISH } from './morning.ts';

/** Solved to this relative gap. */
const GAP = 1e-4;

type Solver = Awaited<ReturnType<typeof highsLoader>>;

/** A load of the model: its pour is no sooner and no later than these, s, if all is to be over by the bound. */
type Load = {
  readonly iron: PlannedIron;
  readonly i: number;
  readonly n: number;
  readonly at: string;
  readonly from_s: number;
  readonly to_s: number;
};

/** The loads with their windows: no sooner than those before them allow, no later than those after them; null: they can't be done by `bound_s`. */
const loadsWithin = (irons: readonly PlannedIron[], counts: readonly number[], bound_s: number): readonly Load[] | null => {
  const loads = irons.flatMap((iron, i): Load[] => {
    const count = counts[i] ?? 0;
    const cycle = (n: number): number => cookOf_s(iron, n) + turnaround_s(iron);
    const before = (n: number): number => Array.from({ length: n - 1 }, (_, k) => cycle(k + 1)).reduce((sum, s) => sum + s, 0);
    const all_s = before(count) + cookOf_s(iron, count);
    return Array.from({ length: count }, (_, k) => {
      const from_s = before(k + 1);
      return { iron, i, n: k + 1, at: `s${i}_${k}`, from_s, to_s: bound_s - (all_s - from_s) };
    });
  });
  return loads.some(({ from_s, to_s }) => from_s > to_s + 1e-6) ? null : loads;
};

/**
 * The shortest span of so many loads by iron with so many hands, s, by mixed-integer programming (HiGHS); it shares no code with the planner but the
 * lengths of a load. Minimise the last lid, with each load after the one before it on its iron, and of any two tasks on different irons that one hand
 * does one before the other. `bound_s`: a span that is known to be possible; null: there is none as short. Tasks whose windows (by that bound) can't meet
 * need no choice, which is what makes twelve loads solvable.
 */
const exactSpan_s = (
  highs: Solver,
  irons: readonly PlannedIron[],
  counts: readonly number[],
  hands: number,
  bound_s: number,
): number | null => {
  const loads = loadsWithin(irons, counts, bound_s);
  if (loads === null) return null;
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
      { load, hand: `h${load.at}p`, from_s: -pour_s, to_s: 0 },
      { load, hand: `h${load.at}t`, from_s: cookOf_s(load.iron, load.n), to_s: cookOf_s(load.iron, load.n) + out_s },
    ];
  });
  const binaries = new Set<string>();
  tasks.forEach((a, k) =>
    tasks.slice(k + 1).forEach((b, l) => {
      if (a.load.i === b.load.i) return;
      // Over before the other can begin, whatever is chosen.
      if (a.load.to_s + a.to_s <= b.load.from_s + b.from_s || b.load.to_s + b.to_s <= a.load.from_s + a.from_s) return;
      const first = `y${k}_${l}`;
      binaries.add(first);
      const big_s = 2 * bound_s;
      if (hands === 1) {
        row(`${b.load.at} - ${a.load.at} - ${big_s} ${first} >= ${a.to_s - b.from_s - big_s}`);
        row(`${a.load.at} - ${b.load.at} + ${big_s} ${first} >= ${b.to_s - a.from_s}`);
        return;
      }
      // 1 where both are done by one hand: then, and only then, they have to be apart.
      const same = `z${k}_${l}`;
      [same, a.hand, b.hand].forEach((name) => binaries.add(name));
      row(`${same} - ${a.hand} - ${b.hand} >= -1`);
      row(`${same} + ${a.hand} + ${b.hand} >= 1`);
      row(`${b.load.at} - ${a.load.at} - ${big_s} ${first} - ${big_s} ${same} >= ${a.to_s - b.from_s - 2 * big_s}`);
      row(`${a.load.at} - ${b.load.at} + ${big_s} ${first} - ${big_s} ${same} >= ${b.to_s - a.from_s - big_s}`);
    }),
  );
  const bounds = [...loads.map(({ at, from_s, to_s }) => `${from_s} <= ${at} <= ${to_s}`), `0 <= mk <= ${bound_s}`];
  const choices = binaries.size === 0 ? '' : `\nBinary\n ${[...binaries].join(' ')}`;
  const solved = highs.solve(`Minimize\n obj: mk\nSubject To\n ${rows.join('\n ')}\nBounds\n ${bounds.join('\n ')}${choices}\nEnd`, {
    mip_rel_gap: GAP,
  });
  if (solved.Status === 'Infeasible') return null;
  if (solved.Status !== 'Optimal') throw new Error(`not solved: ${solved.Status}`);
  return solved.ObjectiveValue;
};

/** Every way to share so many loads among the irons. */
const shares = (loads: number, irons: number): number[][] =>
  irons === 1 ? [[loads]] : Array.from({ length: loads + 1 }, (_, x) => shares(loads - x, irons - 1).map((rest) => [x, ...rest])).flat();

const MOST_LOADS = 12;

export type ExactMorning = {
  readonly irons: readonly PlannedIron[];
  readonly loads: number;
  readonly hands: number;
  readonly span_s: number;
};

/** A longer span than the plan's is looked at, too: a plan that is shorter than can be would show. */
const LOOKS_BEYOND = 1.1;

/**
 * Generated small mornings of up to twelve loads on two or three irons by one or two hands, with the shortest span there is. `possible_s`: the span
 * of the plan under test.
 */
export const exactMornings = async (
  count: number,
  seed: number,
  possible_s: (irons: readonly PlannedIron[], loads: number, hands: number) => number,
): Promise<ExactMorning[]> => {
  const highs = await highsLoader({});
  const random = seededRandom(seed);
  return Array.from({ length: count }, (_, k): ExactMorning => {
    const size = 2 + (k % 2);
    // Two hands are never in each other's way at two irons.
    const hands = size === 3 && k % 4 === 3 ? 2 : 1;
    const loads = 4 + random.below(MOST_LOADS - 3);
    const irons = Array.from({ length: size }, (_unused, i): PlannedIron => ({
      ironId: `iron-${i}`,
      dishId: OWN_DISH,
      piecesPerLoad: 1,
      portion_g: 100,
      leastPortion_g: 94,
      preheat_s: 500,
      cook_s: 70 + Math.round(250 * random.next()),
      open_s: 20 + Math.round(40 * random.next()),
      recovery_s: Math.round(40 * random.next()),
    }));
    const span_s = shares(loads, size).reduce(
      (best, counts) => Math.min(best, exactSpan_s(highs, irons, counts, hands, best) ?? Infinity),
      LOOKS_BEYOND * possible_s(irons, loads, hands),
    );
    return { irons, loads, hands, span_s };
  });
};
