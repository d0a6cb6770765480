import { sum } from '../basis/index.ts';
import { TAKES_OUT } from '../cook/index.ts';

/** What the plan needs to know of one iron with one batter; seconds and grams. */
export type PlannedIron = {
  readonly ironId: string;
  readonly piecesPerLoad: number;
  readonly portion_g: number;
  /** Least portion that still fills, g. */
  readonly leastPortion_g: number;
  readonly preheat_s: number;
  readonly cook_s: number;
  /** Of the first load, on plates that have not cooked yet; left out: as the others. */
  readonly firstCook_s?: number;
  /** Lid open to take out and pour. */
  readonly open_s: number;
  /** Closed and empty until the plates are back. */
  readonly recovery_s: number;
  /** How far a load's time is off, in its logarithm; left out: as is usual. */
  readonly timeSd?: number;
};

/** One load on an iron; seconds from the first pour. */
export type Slot = {
  readonly iron: PlannedIron;
  readonly index: number;
  readonly n: number;
  readonly pour_s: number;
  readonly open_s: number;
};

/** A hand that is busy: seconds from the first pour. */
export type HandTask = { readonly from_s: number; readonly to_s: number };

/** `n`: which load of this iron, from 1. */
export const cookOf_s = (iron: PlannedIron, n: number): number => (n === 1 ? (iron.firstCook_s ?? iron.cook_s) : iron.cook_s);

export const pourTask = ({ open_s }: PlannedIron, pour_s: number): HandTask => ({
  from_s: pour_s - (1 - TAKES_OUT) * open_s,
  to_s: pour_s,
});
export const takeOutTask = ({ open_s }: PlannedIron, opened_s: number): HandTask => ({
  from_s: opened_s,
  to_s: opened_s + TAKES_OUT * open_s,
});

/** From an open lid to the next pour on this iron, at the least. */
export const turnaround_s = ({ open_s, recovery_s }: PlannedIron): number => open_s + recovery_s;

const overlaps = (a: HandTask, b: HandTask): boolean => a.from_s < b.to_s - 1e-9 && b.from_s < a.to_s - 1e-9;

/** When a hand is free for this task at the earliest, as an offset of the task; 0: as it is. */
const waitForHand_s = (task: HandTask, busy: readonly HandTask[], hands: number): number => {
  const others = busy.filter((other) => overlaps(task, other));
  if (others.length < hands) return 0;
  // At the most crowded moment of the task too few are free: until the first of them is.
  for (const { from_s } of [task, ...others]) {
    const at = Math.max(from_s, task.from_s);
    const meanwhile = others.filter((other) => other.from_s <= at + 1e-9 && other.to_s > at + 1e-9);
    if (meanwhile.length >= hands) return Math.min(...meanwhile.map(({ to_s }) => to_s)) - task.from_s;
  }
  return 0;
};

/** The first moment from `from_s` on at which this load can be poured so that a hand is there for the pour, and again for the open lid. */
const earliestPour_s = (iron: PlannedIron, n: number, from_s: number, busy: readonly HandTask[], hands: number): number => {
  const cook_s = cookOf_s(iron, n);
  let pour_s = from_s;
  // Every wait passes at least one task.
  for (let tries = 0; tries <= 2 * busy.length + 2; tries++) {
    const wait = Math.max(
      waitForHand_s(pourTask(iron, pour_s), busy, hands),
      waitForHand_s(takeOutTask(iron, pour_s + cook_s), busy, hands),
    );
    if (wait <= 0) return pour_s;
    pour_s += wait;
  }
  return pour_s;
};

export type Schedule = { readonly slots: readonly Slot[]; readonly pieces: number; readonly isCut: boolean };

/**
 * Loads by iron, each given to the iron that would have it out first, with a hand there for every pour and every lid: two lids never need one hand at
 * once. Tried with each iron as the first; the shortest counts. `longest_s`: no load is poured that would be out later (`isCut`). `due_s`: when the next
 * piece is wanted, if so many are out, in s after the first; nothing is out sooner.
 */
export const scheduled = (
  wanted: number,
  irons: readonly PlannedIron[],
  hands: number,
  longest_s: number,
  due_s: (pieces: number) => number = atOnce,
): Schedule => {
  const tried = irons.length === 0 ? [] : irons.map((_, first) => inTurn(wanted, irons, hands, longest_s, first, due_s));
  const best = tried.reduce<Schedule | null>(
    (a, b) => (a === null || b.pieces > a.pieces || (b.pieces === a.pieces && spanOf(b.slots) < spanOf(a.slots) - 1e-9) ? b : a),
    null,
  );
  return best ?? { slots: [], pieces: 0, isCut: false };
};

/** From the first pour to the last open lid, s. */
export const spanOf = (slots: readonly Slot[]): number =>
  Math.max(0, ...slots.map(({ open_s }) => open_s)) - Math.min(0, ...slots.map(({ pour_s }) => pour_s));

const atOnce = (): number => 0;

const inTurn = (
  wanted: number,
  irons: readonly PlannedIron[],
  hands: number,
  longest_s: number,
  first: number,
  due_s: (pieces: number) => number,
): Schedule => {
  const freeAt = irons.map(() => 0);
  const count = irons.map(() => 0);
  const longestPour_s = Math.max(...irons.map(({ open_s }) => open_s));
  let busy: HandTask[] = [];
  const slots: Slot[] = [];
  let pieces = 0;
  while (pieces < wanted) {
    let best: Slot | null = null;
    for (const [index, iron] of irons.entries()) {
      // The iron that begins is not the one that happens to be done first.
      if (slots.length === 0 && index !== first) continue;
      const n = count[index]! + 1;
      const firstOut_s = slots[0]?.open_s ?? 0;
      const wanted_s = slots.length === 0 ? 0 : firstOut_s + due_s(pieces) - cookOf_s(iron, n);
      const pour_s = earliestPour_s(iron, n, Math.max(freeAt[index]!, wanted_s), busy, hands);
      const open_s = pour_s + cookOf_s(iron, n);
      if (best === null || open_s < best.open_s - 1e-9) best = { iron, index, n, pour_s, open_s };
    }
    if (best === null) break;
    if (best.open_s > longest_s) return { slots: inOrder(slots), pieces, isCut: true };
    slots.push(best);
    busy.push(pourTask(best.iron, best.pour_s), takeOutTask(best.iron, best.open_s));
    count[best.index] = best.n;
    freeAt[best.index] = best.open_s + turnaround_s(best.iron);
    // What is over before anything can be poured again is in nobody's way.
    const from_s = Math.min(...freeAt) - longestPour_s;
    busy = busy.filter(({ to_s }) => to_s > from_s);
    pieces += best.iron.piecesPerLoad;
  }
  return { slots: inOrder(slots), pieces, isCut: false };
};

const inOrder = (slots: readonly Slot[]): Slot[] => [...slots].sort((a, b) => a.pour_s - b.pour_s || a.index - b.index);

/**
 * No plan can be shorter, s: machine hours alone, as if a hand were always there. So many loads as give the pieces, each iron cooking without a pause but
 * its own.
 */
export const leastSpan_s = (wanted: number, irons: readonly PlannedIron[], hands: number): number => {
  let [low, high] = [0, 1e6];
  const piecesBy = (span_s: number): number =>
    sum(
      irons.map((iron) => {
        const first_s = cookOf_s(iron, 1);
        if (span_s < first_s) return 0;
        return iron.piecesPerLoad * (1 + Math.floor((span_s - first_s) / (turnaround_s(iron) + iron.cook_s) + 1e-9));
      }),
    );
  if (irons.length === 0) return 0;
  while (high - low > 0.5) {
    const middle = (low + high) / 2;
    if (piecesBy(middle) >= wanted) high = middle;
    else low = middle;
  }
  // Nor shorter than the hands have to do, less what is done after the last lid.
  const loads = Math.ceil(wanted / Math.max(...irons.map(({ piecesPerLoad }) => piecesPerLoad)));
  const least = Math.min(...irons.map(({ open_s }) => open_s));
  return Math.max(low, (loads * least) / hands - least);
};
