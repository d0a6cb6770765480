import { clamp, sum } from '../basis/index.ts';
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

/** A morning as far as it is planned. */
type PartialPlan = {
  readonly freeAt: readonly number[];
  readonly count: readonly number[];
  /** What can still be in the way of a hand. */
  readonly busy: readonly HandTask[];
  readonly slot: Slot | null;
  readonly before: PartialPlan | null;
  readonly pieces: number;
  /** Of the first load, and the last lid so far. */
  readonly firstOut_s: number;
  readonly end_s: number;
  /** No way of going on from here is over sooner, s. */
  readonly least_s: number;
};

/** So many partial plans are looked at in all, and so many are kept beside one another at the most. */
const LOOKED_AT = 400;
const KEPT_MOST = 60;
/** Of a longer morning too few could be kept to be any better. */
const LONGEST_SEARCHED = 30;

/** So many pieces are out by then, if every iron goes on without a pause but its own. `freeAt`, `count`: where each stands; left out: at the start. */
const piecesWithoutPause = (irons: readonly PlannedIron[], at_s: number, freeAt?: readonly number[], count?: readonly number[]): number =>
  sum(
    irons.map((iron, i) => {
      const first_s = (freeAt?.[i] ?? 0) + cookOf_s(iron, (count?.[i] ?? 0) + 1);
      return at_s < first_s ? 0 : iron.piecesPerLoad * (1 + Math.floor((at_s - first_s) / (turnaround_s(iron) + iron.cook_s) + 1e-9));
    }),
  );

/** When it can be over at the soonest, as if a hand were always there, s: each iron goes on without a pause but its own. */
const soonestEnd_s = (
  wanted: number,
  irons: readonly PlannedIron[],
  { freeAt, count, pieces, end_s }: Omit<PartialPlan, 'least_s'>,
): number => {
  const lacking = wanted - pieces;
  if (lacking <= 0) return end_s;
  const piecesBy = (at_s: number): number => piecesWithoutPause(irons, at_s, freeAt, count);
  let [low, high] = [end_s, end_s + 60];
  while (piecesBy(high) < lacking) high += high - low + 60;
  if (piecesBy(low) >= lacking) return low;
  while (high - low > 1) {
    const middle = (low + high) / 2;
    if (piecesBy(middle) >= lacking) high = middle;
    else low = middle;
  }
  return high;
};

/**
 * Loads by iron, with a hand there for every pour and every lid: two lids never need one hand at once. Each load is given to the iron that would have it
 * out first, tried with each iron as the first; a short morning is then searched for a shorter way. `longest_s`: no load is poured that would be out later
 * (`isCut`). `due_s`: when the next piece is wanted, if so many are out, in s after the first; nothing is out sooner.
 */
export const scheduled = (
  wanted: number,
  irons: readonly PlannedIron[],
  hands: number,
  longest_s: number,
  due_s: (pieces: number) => number = atOnce,
): Schedule => {
  if (irons.length === 0) return { slots: [], pieces: 0, isCut: false };
  const plain = irons.map((_, first) => inTurn(wanted, irons, hands, longest_s, first, due_s)).reduce(shorter);
  if (plain.isCut || plain.slots.length < 2 || plain.slots.length > LONGEST_SEARCHED || irons.length < 2) return plain;
  // It is there already where no iron ever waits for a hand.
  if (spanOf(plain.slots) <= leastSpan_s(wanted, irons, hands) + 1) return plain;
  return searched(wanted, irons, hands, longest_s, due_s, spanOf(plain.slots)) ?? plain;
};

const shorter = (a: Schedule, b: Schedule): Schedule =>
  b.pieces > a.pieces || (b.pieces === a.pieces && spanOf(b.slots) < spanOf(a.slots) - 1e-9) ? b : a;

/** The plans that can still be shorter than `span_s` are kept beside one another and carried on load by load; null: none is. */
const searched = (
  wanted: number,
  irons: readonly PlannedIron[],
  hands: number,
  longest_s: number,
  due_s: (pieces: number) => number,
  span_s: number,
): Schedule | null => {
  const longestPour_s = Math.max(...irons.map(({ open_s }) => open_s));
  const most = Math.max(...irons.map(({ piecesPerLoad }) => piecesPerLoad));
  const width = Math.round(clamp(LOOKED_AT / ((wanted / most) * irons.length), 5, KEPT_MOST));
  const carriedOn = (plan: PartialPlan): PartialPlan[] =>
    irons.map((iron, index) => {
      const n = plan.count[index]! + 1;
      const wanted_s = plan.slot === null ? 0 : plan.firstOut_s + due_s(plan.pieces) - cookOf_s(iron, n);
      const pour_s = earliestPour_s(iron, n, Math.max(plan.freeAt[index]!, wanted_s), plan.busy, hands);
      const open_s = pour_s + cookOf_s(iron, n);
      const freeAt = plan.freeAt.with(index, open_s + turnaround_s(iron));
      // What is over before anything can be poured again is in nobody's way.
      const from_s = Math.min(...freeAt) - longestPour_s;
      const next = {
        freeAt,
        count: plan.count.with(index, n),
        busy: [...plan.busy, pourTask(iron, pour_s), takeOutTask(iron, open_s)].filter(({ to_s }) => to_s > from_s),
        slot: { iron, index, n, pour_s, open_s },
        before: plan,
        pieces: plan.pieces + iron.piecesPerLoad,
        firstOut_s: plan.slot === null ? open_s : Math.min(plan.firstOut_s, open_s),
        end_s: Math.max(plan.end_s, open_s),
      };
      return { ...next, least_s: soonestEnd_s(wanted, irons, next) };
    });
  const zeros = irons.map(() => 0);
  const empty = { freeAt: zeros, count: zeros, busy: [], slot: null, before: null, pieces: 0, firstOut_s: 0, end_s: 0, least_s: 0 };
  let kept: readonly PartialPlan[] = [empty];
  let best: PartialPlan | null = null;
  while (kept.length > 0) {
    const next = kept.flatMap(carriedOn).filter(({ end_s }) => end_s <= longest_s);
    for (const plan of next) if (plan.pieces >= wanted && plan.end_s < (best?.end_s ?? span_s) - 1e-9) best = plan;
    const shortest_s = best?.end_s ?? span_s;
    kept = shortestFirst(next.filter(({ pieces, least_s }) => pieces < wanted && least_s < shortest_s - 1e-9)).slice(0, width);
  }
  return best === null ? null : { slots: inOrder(slotsOf(best)), pieces: best.pieces, isCut: false };
};

/** Of two plans that leave the irons alike only one is kept. */
const shortestFirst = (plans: readonly PartialPlan[]): PartialPlan[] => {
  const byState = new Map<string, PartialPlan>();
  for (const plan of plans) {
    const state = `${plan.count.join()}/${plan.freeAt.map((at) => at.toFixed(0)).join()}`;
    if (!byState.has(state)) byState.set(state, plan);
  }
  return [...byState.values()].sort((a, b) => a.least_s - b.least_s || sum(a.freeAt) - sum(b.freeAt) || b.pieces - a.pieces);
};

const slotsOf = (plan: PartialPlan): Slot[] => {
  const slots: Slot[] = [];
  for (let at: PartialPlan | null = plan; at?.slot != null; at = at.before) slots.push(at.slot);
  return slots.reverse();
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
  if (irons.length === 0) return 0;
  while (high - low > 0.5) {
    const middle = (low + high) / 2;
    if (piecesWithoutPause(irons, middle) >= wanted) high = middle;
    else low = middle;
  }
  // Nor shorter than the hands have to do, less what is done after the last lid.
  const loads = Math.ceil(wanted / Math.max(...irons.map(({ piecesPerLoad }) => piecesPerLoad)));
  const least = Math.min(...irons.map(({ open_s }) => open_s));
  return Math.max(low, (loads * least) / hands - least);
};
