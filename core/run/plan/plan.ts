import type { HandTask } from './hands.ts';
import { piecesOfLoad } from './cycle.ts';
import type { PlannedIron, Slot } from './cycle.ts';
import type { Finding } from '../../basis/index.ts';
import { roundedTo, sum } from '../../basis/index.ts';
import { POURABLE_SHARE } from '../../formula/index.ts';
import type { PlannedBowl } from '../stock/bowls.ts';
import { bowlsOf, foldedParts, foldTasks } from '../stock/bowls.ts';
import type { WantedPieces } from './schedule.ts';
import type { CircuitLimit } from './circuits.ts';
import type { Pin } from './pins.ts';
import { keepPins } from './pins.ts';
import type { Helper } from './helper.ts';
import { awayTasks } from './helper.ts';
import { asLateAsCan } from './late.ts';
import { scheduled, spanOf } from './schedule.ts';
import type { LoadVariant, Variant } from './variants.ts';
import { variantsOfLoads } from './variants.ts';
import type { Arrival, DishRequest } from '../service/arrivals.ts';
import { arrivalOf_s, doorOf_s, isPutAway, piecesOfDish, PLATING_S } from '../service/arrivals.ts';

export const RUN_MODES = ['together', 'as-they-come'] as const;
export type RunMode = (typeof RUN_MODES)[number];

export type RunRequest = {
  /** What is cooked that morning. */
  readonly dishes: readonly DishRequest[];
  /** Everybody served (together), or the first plate (as they come): epoch ms. */
  readonly serveAt: number;
  readonly mode: RunMode;
  readonly irons: readonly PlannedIron[];
  /** Pairs of hands; left out: one. */
  readonly hands?: number | undefined;
  /** One pair more for a while; null or left out: nobody comes to help. */
  readonly helper?: Helper | null | undefined;
  /** As they come: how long the door is open, s; left out: all who come are there at once. */
  readonly door_s?: number | undefined;
  /** As they come: when how many are there; left out: evenly while the door is open. */
  readonly arrivals?: readonly Arrival[] | undefined;
  /** Everything so much earlier than it would have to be, s. */
  readonly slack_s?: number | undefined;
  /** As they come: pieces may be out so long before their guest is there, s; left out: as long as it takes that nobody waits (see `planRun`). */
  readonly ahead_s?: number | undefined;
  /** What the kitchen's circuits carry; left out: nobody has said. */
  readonly circuits?: readonly CircuitLimit[] | undefined;
  /** Loads that stay where somebody put them; left out: none. */
  readonly pins?: readonly Pin[] | undefined;
};

export type PlannedLoad = {
  readonly ironId: string;
  readonly dishId: string;
  readonly n: number;
  readonly pourAt: number;
  readonly openAt: number;
  readonly pieces: number;
  readonly portion_g: number;
  /** What is scattered in where guests want different things; left out: as the dish has it. */
  readonly variant?: LoadVariant;
  /** It is for nobody: it shows how the iron is. Left out: it is for the guests. */
  readonly isTrial?: true;
  /** Another batter was on these plates before: they are wiped. Left out: not. */
  readonly isChange?: true;
  /** Somebody put it where it is. Left out: the plan did. */
  readonly isPinned?: true;
};

export type RunPlan = {
  readonly pieces: number;
  /** What the loads will take, with what stays in the bowl, g; and by dish. */
  readonly batter_g: number;
  readonly batterOf_g: ReadonlyMap<string, number>;
  /** What is folded by itself, in the order of pouring. */
  readonly bowls: readonly PlannedBowl[];
  readonly loads: readonly PlannedLoad[];
  readonly preheats: readonly { readonly ironId: string; readonly from: number; readonly to: number }[];
  readonly startAt: number;
  readonly firstPourAt: number;
  readonly lastPlateAt: number;
  /** Served together: how long the first pieces wait, s; as they come: 0. */
  readonly longestWait_s: number;
  readonly findings: readonly Finding[];
};

/** A plan longer than this needs other irons, not more patience. */
const LONGEST_RUN_S = 6 * 3600;
/** Held longer than this, pieces go soft or dry (*common practice*). */
const LONG_HOLD_S = 30 * 60;

/**
 * A morning: loads by iron with a hand for every pour and every lid (see `scheduled`), hung up at when they are served. What is wrong comes as findings:
 * `nothing-to-cook`, `no-irons`, `run-too-long`, `batter-short`, `portions-evened`, `hold-long`, `pieces-over`, `pin-impossible`; where there are several dishes, with its
 * `dishId`.
 */
export const planOnAll = (request: RunRequest): RunPlan => {
  const { dishes } = request;
  const { slots, folds, findings, variants, anchor_s, pinned } = withVariants(request);
  const share = new Map(dishes.map((dish) => [dish.dishId, batterShare(slotsOf(slots, dish.dishId), dish, findings, dishes.length > 1)]));
  const end_s = Math.max(0, ...slots.map(({ open_s }) => open_s));
  const first = slots[0];
  const firstOut_s = slots.length === 0 ? 0 : Math.min(...slots.map(({ open_s }) => open_s));
  const zero = request.serveAt - anchor_s * 1000;
  const at = (seconds: number): number => Math.round(zero + seconds * 1000);
  const loads = slots.map((slot): PlannedLoad => {
    const { iron, n, pour_s, open_s } = slot;
    const variant = variants.get(slot);
    const before = slots.findLast((other) => other.iron.ironId === iron.ironId && other.n < n);
    return {
      ironId: iron.ironId,
      dishId: iron.dishId,
      n,
      pourAt: at(pour_s),
      openAt: at(open_s),
      pieces: piecesOfLoad(iron, n),
      portion_g: iron.portion_g * (share.get(iron.dishId) ?? 1),
      ...(variant === undefined ? {} : { variant }),
      ...(n <= (iron.trials ?? 0) ? { isTrial: true } : {}),
      ...(before !== undefined && before.iron.dishId !== iron.dishId ? { isChange: true } : {}),
      ...(pinned.has(slot) ? { isPinned: true } : {}),
    };
  });
  const pieces = sum(loads.map((load) => load.pieces));
  const used = [...new Set(request.irons.map(({ ironId }) => ironId))].flatMap(
    (ironId) => slots.find((slot) => slot.iron.ironId === ironId && slot.n === 1) ?? [],
  );
  const preheats = used.map(({ iron: { ironId, preheat_s }, pour_s }) => ({ ironId, from: at(pour_s - preheat_s), to: at(pour_s) }));
  const longestWait_s = request.mode === 'together' && slots.length > 0 ? Math.max(0, anchor_s - PLATING_S - firstOut_s) : 0;
  if (longestWait_s > LONG_HOLD_S)
    findings.push({ code: 'hold-long', level: 'warning', fields: { minutes: Math.round(longestWait_s / 60) } });
  const firstPourAt = first === undefined ? request.serveAt : at(first.pour_s);
  const batterOf_g = new Map(
    dishes.map(({ dishId }) => [dishId, sum(loads.map((load) => (load.dishId === dishId ? load.portion_g : 0))) / POURABLE_SHARE]),
  );
  return {
    pieces,
    batter_g: sum([...batterOf_g.values()]),
    batterOf_g,
    bowls: dishes.flatMap(({ dishId }) =>
      bowlsOf(
        dishId,
        loads.filter((load) => load.dishId === dishId),
        (folds.get(dishId) ?? []).map(({ from_s }) => at(from_s)),
      ),
    ),
    loads,
    preheats,
    startAt: Math.min(firstPourAt, ...preheats.map((preheat) => preheat.from)),
    firstPourAt,
    lastPlateAt: at(end_s + PLATING_S),
    longestWait_s,
    findings,
  };
};

const slotsOf = (slots: readonly Slot[], dishId: string): readonly Slot[] => slots.filter(({ iron }) => iron.dishId === dishId);

/** When the next piece of a dish is wanted, s after the first, if so many are out: so long before its guest is there. */
const wantedFrom =
  (request: RunRequest, ahead_s: number, dish: Pick<DishRequest, 'people' | 'piecesPerPerson' | 'kept' | 'goesTo'>) =>
  (pieces: number): number => {
    const { people, piecesPerPerson, kept = 0 } = dish;
    // What is put away is wanted by nobody at any time: it is cooked at once.
    if (isPutAway(dish)) return 0;
    return Math.max(0, arrivalOf_s(Math.min(people - 1, Math.floor((pieces + kept) / piecesPerPerson)), people, request) - ahead_s);
  };

/** When each load is to be out at the latest, s: when the guest of its first piece is there. */
const dueOf = (slots: readonly Slot[], dishes: readonly DishRequest[], request: RunRequest): ReadonlyMap<Slot, number> => {
  const byOut = [...slots].sort((a, b) => a.open_s - b.open_s);
  const first_s = byOut[0]?.open_s ?? 0;
  const due = new Map<Slot, number>();
  for (const dish of dishes) {
    const wanted = wantedFrom(request, 0, dish);
    let pieces = 0;
    for (const slot of slotsOf(byOut, dish.dishId)) {
      due.set(slot, first_s + wanted(pieces));
      pieces += piecesOfLoad(slot.iron, slot.n);
    }
  }
  return due;
};

/** Loads give whole numbers of one kind: with variants a few more may be needed. So often it is tried with what was missing, then with as many as surely do. */
const MORE_TIMES = 6;

type Folds = ReadonlyMap<string, readonly HandTask[]>;
type Allotted = {
  readonly slots: readonly Slot[];
  readonly folds: Folds;
  readonly findings: Finding[];
  /** When it is served, on the clock of the slots. */
  readonly anchor_s: number;
  readonly pinned: ReadonlySet<Slot>;
};

const withVariants = (request: RunRequest): Allotted & { readonly variants: ReadonlyMap<Slot, LoadVariant> } => {
  const { dishes } = request;
  const kinds = dishes.map(({ variants = [], piecesPerPerson }) =>
    variants.map((variant) => ({ ...variant, pieces: Math.ceil(variant.people * piecesPerPerson) })),
  );
  // More than come can't be served: then there are so many fewer plain ones.
  const eaten = dishes.map((dish, i) => Math.max(piecesOfDish(dish) + (dish.lostPieces ?? 0), sum(kinds[i]!.map(({ pieces }) => pieces))));
  let wanted = eaten;
  for (let times = 0; ; times++) {
    const allotted = allot(wanted, request, eaten);
    const given = dishes.map(({ dishId }, i) => givenKinds(slotsOf(allotted.slots, dishId), eaten[i]!, kinds[i]!));
    if (times > MORE_TIMES || given.every(({ missing }) => missing === 0))
      return { ...allotted, variants: new Map(given.flatMap(({ bySlot }) => bySlot)) };
    wanted = given.map(({ missing, pieces, most }, i) =>
      missing === 0
        ? wanted[i]!
        : // Each kind wastes less than its last load; beyond what is cooked anyway, so that every turn adds one.
          times === MORE_TIMES
          ? eaten[i]! + (kinds[i]!.length + 1) * most
          : pieces + missing,
    );
  }
};

/** Which load of a dish gets what; of a dish without kinds nothing is said. `most`: pieces of its largest load. */
const givenKinds = (
  slots: readonly Slot[],
  eaten: number,
  kinds: readonly (Variant & { readonly pieces: number })[],
): { bySlot: readonly (readonly [Slot, LoadVariant])[]; missing: number; pieces: number; most: number } => {
  if (kinds.length === 0) return { bySlot: [], missing: 0, pieces: 0, most: 0 };
  const loads = slots.map(({ iron, n }) => ({ ironId: iron.ironId, pieces: piecesOfLoad(iron, n) }));
  const { loads: variants, missing } = variantsOfLoads(loads, eaten, kinds);
  const pieces = loads.map((load) => load.pieces);
  return { bySlot: slots.map((slot, i) => [slot, variants[i]!] as const), missing, pieces: sum(pieces), most: Math.max(0, ...pieces) };
};

/** So often it is looked for how early a morning has to begin so that its helper is there when the plan counts on it. */
const HELPER_TURNS = 8;

/**
 * `wanted`: pieces by dish; `eaten`: of them, where a few more are cooked so that each has of its own kind. A helper comes by the clock, and when the
 * morning begins depends on the helper: it is begun earlier turn by turn, until what was counted on is so.
 */
const allot = (wanted: readonly number[], request: RunRequest, eaten: readonly number[]): Allotted => {
  const { helper, serveAt } = request;
  const hands = Math.max(1, request.hands ?? 1);
  const alone = allotTo({ wanted, eaten, request, hands, away: [], least_s: 0 });
  if (helper == null) return alone;
  let least_s = allotTo({ wanted, eaten, request, hands: hands + 1, away: [], least_s: 0 }).anchor_s;
  for (let turn = 0; turn < HELPER_TURNS; turn++) {
    const helped = allotTo({ wanted, eaten, request, hands: hands + 1, away: awayTasks(helper, serveAt, least_s), least_s });
    if (helped.anchor_s <= least_s + SAME_S) return isBetter(helped, alone) ? helped : alone;
    least_s = helped.anchor_s;
  }
  return alone;
};

/** Moments closer than this are one, s. */
const SAME_S = 1e-6;

/** More pieces, or the same in a shorter time. */
const isBetter = (a: Allotted, b: Allotted): boolean => {
  const pieces = (one: Allotted): number => sum(one.slots.map(({ iron, n }) => piecesOfLoad(iron, n)));
  return pieces(a) > pieces(b) || (pieces(a) === pieces(b) && spanOf(a.slots) < spanOf(b.slots) - 1);
};

/** `hands` less those that are `away`; served no sooner than `least_s` after the first pour. */
type Allotting = {
  readonly wanted: readonly number[];
  readonly eaten: readonly number[];
  readonly request: RunRequest;
  readonly hands: number;
  readonly away: readonly HandTask[];
  readonly least_s: number;
};

const allotTo = ({ wanted, eaten, request, hands, away, least_s }: Allotting): Allotted => {
  const { dishes, irons, ahead_s = 0 } = request;
  const findings: Finding[] = [];
  const all = sum([...wanted]);
  if (!(all > 0)) findings.push({ code: 'nothing-to-cook', level: 'note', fields: {} });
  if (irons.length === 0) findings.push({ code: 'no-irons', level: 'warning', fields: {} });
  const longest_s = LONGEST_RUN_S + doorOf_s(request);
  const asked = dishes.map((dish, i): WantedPieces => ({
    dishId: dish.dishId,
    pieces: wanted[i]!,
    due_s: wantedFrom(request, ahead_s, dish),
  }));
  const plain = scheduled(asked, irons, hands, longest_s, away);
  // What has to be folded meanwhile keeps a hand: with that it is planned once more.
  const longestPour_s = Math.max(0, ...irons.map(({ open_s }) => open_s));
  const folds: Folds = new Map(
    dishes.map(({ dishId, keeps_s = null }) => [dishId, foldTasks(foldedParts(slotsOf(plain.slots, dishId), keeps_s), longestPour_s)]),
  );
  const folding = [...folds.values()].flat();
  const blocked = [...folding, ...away];
  const { slots: early, pieces, isCut } = folding.length === 0 ? plain : scheduled(asked, irons, hands, longest_s, blocked);
  const free =
    request.mode === 'together'
      ? asLateAsCan(early, hands, blocked)
      : ahead_s > 0
        ? asLateAsCan(early, hands, blocked, dueOf(early, dishes, request))
        : early;
  // Served together, the last lid is in time; as they come, the first is.
  const outs_s = free.map(({ open_s }) => open_s);
  const last_s = request.mode === 'together' ? Math.max(0, ...outs_s) : outs_s.length === 0 ? 0 : Math.min(...outs_s);
  const anchor_s = Math.max(least_s, last_s + PLATING_S + (request.slack_s ?? 0));
  const {
    slots,
    pinned,
    findings: impossible,
  } = keepPins(
    free,
    (request.pins ?? []).map((pin) => ({ pin, pour_s: anchor_s - pin.beforeServe_s })),
    hands,
    blocked,
  );
  findings.push(...impossible);
  if (isCut)
    findings.push({ code: 'run-too-long', level: 'warning', fields: { hours: Math.round(longest_s / 3600), pieces, wanted: all } });
  for (const [i, { dishId }] of dishes.entries()) {
    const over = sum(slotsOf(slots, dishId).map(({ iron, n }) => piecesOfLoad(iron, n))) - eaten[i]!;
    if (over > 0 && wanted[i]! > 0)
      findings.push({ code: 'pieces-over', level: 'note', fields: { pieces: over, ...(dishes.length > 1 ? { dishId } : {}) } });
  }
  return { slots, folds, findings, anchor_s, pinned };
};

/** Even portions rather than a stunted last load: everybody's gets smaller, as far as the iron still fills. */
const batterShare = (slots: readonly Slot[], { dishId, batter_g }: DishRequest, findings: Finding[], isOneOfSeveral: boolean): number => {
  if (batter_g === null || slots.length === 0) return 1;
  const of = isOneOfSeveral ? { dishId } : {};
  const needed_g = sum(slots.map(({ iron }) => iron.portion_g));
  const share = Math.min(1, (POURABLE_SHARE * batter_g) / needed_g);
  const least = Math.max(...slots.map(({ iron }) => iron.leastPortion_g / iron.portion_g));
  if (share < least) {
    findings.push({
      code: 'batter-short',
      level: 'warning',
      fields: { missing_g: Math.ceil(needed_g / POURABLE_SHARE - batter_g), factor: roundedTo(1 / share, 2), ...of },
    });
    return 1;
  }
  if (share < 1) findings.push({ code: 'portions-evened', level: 'note', fields: { percent: Math.round(100 * share), ...of } });
  return share;
};
