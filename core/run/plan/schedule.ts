import { clamp, sum } from '../../basis/index.ts';
import type { PlannedIron, Slot } from './cycle.ts';
import { changeOver_s, cookOf_s, piecesOfLoad, turnaround_s } from './cycle.ts';
import type { HandTask } from './hands.ts';
import { earliestPour_s, pourTask, takeOutTask } from './hands.ts';

/** So many pieces of a dish, and when the next is wanted if so many of it are out, in s after the first piece of the morning. */
export type WantedPieces = { readonly dishId: string; readonly pieces: number; readonly due_s: (pieces: number) => number };

export type Schedule = { readonly slots: readonly Slot[]; readonly pieces: number; readonly isCut: boolean };

/** A dish on an iron: `place` and `dish` are their numbers among all. */
type Pair = { readonly iron: PlannedIron; readonly place: number; readonly dish: number };

/** What is to be planned, in numbers. */
type Task = {
  readonly pairs: readonly Pair[];
  /** As if each place cooked whatever it is quickest at: nothing is over sooner. */
  readonly quickest: readonly Pair[];
  readonly wanted: readonly WantedPieces[];
  readonly places: number;
  readonly hands: number;
  readonly longest_s: number;
  /** What keeps a hand anyway. */
  readonly blocked: readonly HandTask[];
};

const taskOf = (
  asked: readonly WantedPieces[],
  irons: readonly PlannedIron[],
  hands: number,
  longest_s: number,
  blocked: readonly HandTask[],
): Task => {
  const ids = [...new Set(irons.map(({ ironId }) => ironId))];
  // A dish that can't be cooked on any iron is nobody's.
  const wanted = asked.filter(({ dishId, pieces }) => pieces > 0 && irons.some((iron) => iron.dishId === dishId));
  const pairs = irons.flatMap((iron): Pair[] => {
    const dish = wanted.findIndex(({ dishId }) => dishId === iron.dishId);
    return dish === -1 ? [] : [{ iron, place: ids.indexOf(iron.ironId), dish }];
  });
  const quickest = ids.flatMap((_, place): Pair[] => {
    const mine = pairs.filter((pair) => pair.place === place).map(({ iron }) => iron);
    const [first] = mine;
    if (first === undefined) return [];
    const least = (of: (iron: PlannedIron) => number): number => Math.min(...mine.map(of));
    const piecesPerLoad = Math.max(...mine.map((iron) => iron.piecesPerLoad));
    const cook_s = least((iron) => iron.cook_s);
    const open_s = least((iron) => iron.open_s);
    const recovery_s = least((iron) => iron.recovery_s);
    return [
      { iron: { ...first, piecesPerLoad, cook_s, firstCook_s: least((iron) => cookOf_s(iron, 1)), open_s, recovery_s }, place, dish: 0 },
    ];
  });
  return { pairs, quickest, wanted, places: ids.length, hands, longest_s, blocked };
};

/** A morning as far as it is planned; by place: when it is free, how many loads, the iron as it cooked last. */
type PartialPlan = {
  readonly freeAt: readonly number[];
  readonly count: readonly number[];
  readonly last: readonly (PlannedIron | null)[];
  /** What can still be in the way of a hand. */
  readonly busy: readonly HandTask[];
  readonly slot: Slot | null;
  readonly before: PartialPlan | null;
  /** By dish. */
  readonly pieces: readonly number[];
  /** Of the first load, and the last lid so far. */
  readonly firstOut_s: number;
  readonly end_s: number;
};

const emptyPlan = ({ places, wanted, blocked }: Task): PartialPlan => {
  const zeros = Array.from({ length: places }, () => 0);
  const last = Array.from({ length: places }, () => null);
  return {
    freeAt: zeros,
    count: zeros,
    last,
    busy: blocked,
    slot: null,
    before: null,
    pieces: wanted.map(() => 0),
    firstOut_s: 0,
    end_s: 0,
  };
};

const lacking = ({ wanted }: Task, { pieces }: Pick<PartialPlan, 'pieces'>, dish: number): number => wanted[dish]!.pieces - pieces[dish]!;

const isWhole = (task: Task, plan: PartialPlan): boolean => task.wanted.every((_, dish) => lacking(task, plan, dish) <= 0);

/** The next load of this dish on this iron, at the first moment that the iron, the guests and the hands allow. */
const nextSlot = ({ wanted, hands }: Task, plan: PartialPlan, { iron, place, dish }: Pair): Slot => {
  const n = plan.count[place]! + 1;
  const before = plan.last[place] ?? null;
  const free_s = plan.freeAt[place]! + (before === null ? 0 : changeOver_s(before, iron));
  const wanted_s = plan.slot === null ? 0 : plan.firstOut_s + wanted[dish]!.due_s(plan.pieces[dish]!) - cookOf_s(iron, n);
  const pour_s = earliestPour_s(iron, n, Math.max(free_s, wanted_s), plan.busy, hands);
  return { iron, index: place, n, pour_s, open_s: pour_s + cookOf_s(iron, n) };
};

const carriedOn = (plan: PartialPlan, slot: Slot, dish: number, longestPour_s: number): PartialPlan => {
  const { iron, index, n, pour_s, open_s } = slot;
  const freeAt = plan.freeAt.with(index, open_s + turnaround_s(iron));
  // What is over before anything can be poured again is in nobody's way.
  const from_s = Math.min(...freeAt) - longestPour_s;
  return {
    freeAt,
    count: plan.count.with(index, n),
    last: plan.last.with(index, iron),
    busy: [...plan.busy, pourTask(iron, pour_s), takeOutTask(iron, open_s)].filter(({ to_s }) => to_s > from_s),
    slot,
    before: plan,
    pieces: plan.pieces.with(dish, plan.pieces[dish]! + piecesOfLoad(iron, n)),
    firstOut_s: plan.slot === null ? open_s : Math.min(plan.firstOut_s, open_s),
    end_s: Math.max(plan.end_s, open_s),
  };
};

const scheduleOf = (plan: PartialPlan, isCut: boolean): Schedule => ({
  slots: inOrder(slotsOf(plan)),
  pieces: sum([...plan.pieces]),
  isCut,
});

const slotsOf = (plan: PartialPlan): Slot[] => {
  const slots: Slot[] = [];
  for (let at: PartialPlan | null = plan; at?.slot != null; at = at.before) slots.push(at.slot);
  return slots.reverse();
};

export const inOrder = (slots: readonly Slot[]): Slot[] => [...slots].sort((a, b) => a.pour_s - b.pour_s || a.index - b.index);

/** So many pieces are out by then, if every iron goes on without a pause but its own. */
const piecesWithoutPause = (pairs: readonly Pair[], at_s: number, { freeAt, count }: Pick<PartialPlan, 'freeAt' | 'count'>): number =>
  sum(
    pairs.map(({ iron, place }) => {
      const first_s = freeAt[place]! + cookOf_s(iron, count[place]! + 1);
      return at_s < first_s ? 0 : iron.piecesPerLoad * (1 + Math.floor((at_s - first_s) / (turnaround_s(iron) + iron.cook_s) + 1e-9));
    }),
  );

/** When so many pieces can be out at the soonest, s: each iron goes on without a pause but its own. */
const soonest_s = (pieces: number, pairs: readonly Pair[], plan: PartialPlan): number => {
  if (pieces <= 0) return plan.end_s;
  let [low, high] = [plan.end_s, plan.end_s + 60];
  while (piecesWithoutPause(pairs, high, plan) < pieces) high += high - low + 60;
  if (piecesWithoutPause(pairs, low, plan) >= pieces) return low;
  while (high - low > 1) {
    const middle = (low + high) / 2;
    if (piecesWithoutPause(pairs, middle, plan) >= pieces) high = middle;
    else low = middle;
  }
  return high;
};

/** When it can be over at the soonest, as if a hand were always there, s. */
const soonestEnd_s = (task: Task, plan: PartialPlan): number => {
  const left = task.wanted.map((_, dish) => Math.max(0, lacking(task, plan, dish)));
  if (left.length === 1) return soonest_s(left[0]!, task.pairs, plan);
  const each = left.map((pieces, dish) =>
    soonest_s(
      pieces,
      task.pairs.filter((pair) => pair.dish === dish),
      plan,
    ),
  );
  return Math.max(soonest_s(sum(left), task.quickest, plan), ...each);
};

/** So many partial plans are looked at in all, and so many are kept beside one another at the most. */
const LOOKED_AT = 400;
const KEPT_MOST = 60;
/** Of a longer morning too few could be kept to be any better. */
const LONGEST_SEARCHED = 30;

/**
 * Loads by iron, with a hand there for every pour and every lid: two lids never need one hand at once. Each load is given to the iron that would have it
 * out first, tried with each iron as the first and, where several dishes are cooked, with each of them first; a short morning is then searched for a
 * shorter way. `longest_s`: no load is poured that would be out later (`isCut`). Nothing is out sooner than it is wanted. `blocked`: what keeps a hand anyway.
 */
export const scheduled = (
  wanted: readonly WantedPieces[],
  irons: readonly PlannedIron[],
  hands: number,
  longest_s: number,
  blocked: readonly HandTask[] = [],
): Schedule => {
  const task = taskOf(wanted, irons, hands, longest_s, blocked);
  if (task.pairs.length === 0) return { slots: [], pieces: 0, isCut: false };
  const plain = task.pairs.flatMap((first) => preferences(task).map((preferred) => inTurn(task, first, preferred))).reduce(shorter);
  if (plain.isCut || plain.slots.length < 2 || plain.slots.length > LONGEST_SEARCHED || task.pairs.length < 2) return plain;
  // It is there already where no iron ever waits for a hand.
  if (spanOf(plain.slots) <= leastSpan_s(wanted, irons, hands) + 1) return plain;
  return searched(task, spanOf(plain.slots)) ?? plain;
};

const shorter = (a: Schedule, b: Schedule): Schedule =>
  b.pieces > a.pieces || (b.pieces === a.pieces && spanOf(b.slots) < spanOf(a.slots) - 1e-9) ? b : a;

/** In which order dishes are cooked where an iron has the choice; null: whichever would be out first. */
const preferences = ({ wanted }: Task): readonly (readonly number[] | null)[] =>
  wanted.length === 1 ? [null] : [null, ...wanted.map((_, first) => wanted.map((__, i) => (first + i) % wanted.length))];

const inTurn = (task: Task, first: Pair, preferred: readonly number[] | null): Schedule => {
  const longestPour_s = Math.max(...task.pairs.map(({ iron }) => iron.open_s));
  let plan = emptyPlan(task);
  while (!isWhole(task, plan)) {
    // The iron that begins is not the one that happens to be done first.
    const choice = plan.slot === null ? [first] : task.pairs.filter(({ dish }) => lacking(task, plan, dish) > 0);
    const allowed =
      preferred === null
        ? choice
        : choice.filter((pair) =>
            choice.every((other) => other.place !== pair.place || preferred.indexOf(other.dish) >= preferred.indexOf(pair.dish)),
          );
    let best: { readonly slot: Slot; readonly dish: number } | null = null;
    for (const pair of allowed) {
      const slot = nextSlot(task, plan, pair);
      if (best === null || slot.open_s < best.slot.open_s - 1e-9) best = { slot, dish: pair.dish };
    }
    if (best === null) break;
    if (best.slot.open_s > task.longest_s) return scheduleOf(plan, true);
    plan = carriedOn(plan, best.slot, best.dish, longestPour_s);
  }
  return scheduleOf(plan, false);
};

type Kept = { readonly plan: PartialPlan; readonly least_s: number };

/** The plans that can still be shorter than `span_s` are kept beside one another and carried on load by load; null: none is. */
const searched = (task: Task, span_s: number): Schedule | null => {
  const longestPour_s = Math.max(...task.pairs.map(({ iron }) => iron.open_s));
  const most = Math.max(...task.pairs.map(({ iron }) => iron.piecesPerLoad));
  const wanted = sum(task.wanted.map(({ pieces }) => pieces));
  const width = Math.round(clamp(LOOKED_AT / ((wanted / most) * task.pairs.length), 5, KEPT_MOST));
  const onFrom = ({ plan }: Kept): Kept[] =>
    task.pairs
      .filter(({ dish }) => lacking(task, plan, dish) > 0)
      .map((pair) => {
        const next = carriedOn(plan, nextSlot(task, plan, pair), pair.dish, longestPour_s);
        return { plan: next, least_s: soonestEnd_s(task, next) };
      });
  let kept: readonly Kept[] = [{ plan: emptyPlan(task), least_s: 0 }];
  let best: PartialPlan | null = null;
  while (kept.length > 0) {
    const next = kept.flatMap(onFrom).filter(({ plan }) => plan.end_s <= task.longest_s);
    for (const { plan } of next) if (isWhole(task, plan) && plan.end_s < (best?.end_s ?? span_s) - 1e-9) best = plan;
    const shortest_s = best?.end_s ?? span_s;
    kept = shortestFirst(next.filter(({ plan, least_s }) => !isWhole(task, plan) && least_s < shortest_s - 1e-9)).slice(0, width);
  }
  return best === null ? null : scheduleOf(best, false);
};

/** Of two plans that leave the irons alike only one is kept. */
const shortestFirst = (plans: readonly Kept[]): Kept[] => {
  const byState = new Map<string, Kept>();
  for (const kept of plans) {
    const { count, freeAt, pieces, last } = kept.plan;
    const state = `${count.join()}/${freeAt.map((at) => at.toFixed(0)).join()}/${pieces.join()}/${last.map((iron) => iron?.dishId ?? '').join()}`;
    if (!byState.has(state)) byState.set(state, kept);
  }
  return [...byState.values()].sort(
    (a, b) =>
      a.least_s - b.least_s || sum([...a.plan.freeAt]) - sum([...b.plan.freeAt]) || sum([...b.plan.pieces]) - sum([...a.plan.pieces]),
  );
};

/** From the first pour to the last open lid, s. */
export const spanOf = (slots: readonly Slot[]): number =>
  Math.max(0, ...slots.map(({ open_s }) => open_s)) - Math.min(0, ...slots.map(({ pour_s }) => pour_s));

/**
 * No plan can be shorter, s: machine hours alone, as if a hand were always there. So many loads as give the pieces, each iron cooking without a pause but
 * its own.
 */
export const leastSpan_s = (wanted: readonly WantedPieces[], irons: readonly PlannedIron[], hands: number): number => {
  const task = taskOf(wanted, irons, hands, Infinity, []);
  if (task.pairs.length === 0) return 0;
  // Nor shorter than the hands have to do, less what is done after the last lid.
  const loads = sum(
    wanted.map(({ dishId, pieces }) => {
      const mine = irons.filter((iron) => iron.dishId === dishId);
      return mine.length === 0 ? 0 : Math.ceil(pieces / Math.max(...mine.map(({ piecesPerLoad }) => piecesPerLoad)));
    }),
  );
  const least = Math.min(...irons.map(({ open_s }) => open_s));
  return Math.max(soonestEnd_s(task, emptyPlan(task)), (loads * least) / hands - least);
};
