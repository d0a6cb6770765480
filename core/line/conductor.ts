import { TAKES_OUT } from '../cook/index.ts';
import { FOLD_S } from '../lift/index.ts';

/** One iron at the line as the conductor sees it; instants are epoch ms. */
export type LineIron = {
  readonly ironId: string;
  /**
   * `cold`: to be switched on at `at`; `hot`: can be poured from `at` on (preheated, or recovered); `poured`: the lid is still open; `cooking`: to be
   * opened at `at`; `done`: nothing more is planned for it.
   */
  readonly state: 'cold' | 'hot' | 'poured' | 'cooking' | 'done';
  readonly at: number;
  /** What it waits for where it can't be poured yet; left out: for nothing, or for a hand. */
  readonly waitsFor?: 'heat' | 'recovery' | 'plan' | 'put-off';
  /** While it cooks: when it has to be turned over; null: not, or it was. */
  readonly turnAt: number | null;
  /** While it cooks: from when on it is darker than anybody wished; left out: nobody can say. */
  readonly tooDarkAt?: number;
  /** Of the next load, from the closed lid. */
  readonly cook_s: number;
  /** Lid open to take out and pour. */
  readonly open_s: number;
};

export type Act = 'switch-on' | 'fold' | 'pour' | 'close' | 'turn' | 'open';
/** `ironId` of a fold is empty; then `dishId` says of which dish. */
export type DueAct = { readonly act: Act; readonly ironId: string; readonly at: number; readonly dishId?: string };

/** A part of a dish's batter that is still to be folded, and from when on. */
export type DueFold = { readonly dishId: string; readonly at: number };

/** Why this lid comes before another one that has waited longer: that one is lost, or this one is lost sooner. */
export type FirstBecause = 'can-be-saved' | 'darkens-sooner';

/**
 * What to do next over all irons, and what comes after it; null: nothing. `acts`: all of it, in its order. `because`: why the next one isn't what has
 * waited longest; null: it is.
 */
export type Conducted = {
  readonly next: DueAct | null;
  readonly then: DueAct | null;
  readonly acts: readonly DueAct[];
  readonly because: FirstBecause | null;
};

const ALL_ACTS: ReadonlySet<Act> = new Set(['switch-on', 'fold', 'pour', 'close', 'turn', 'open']);

/** Turning, or switching on. */
const SHORT_MS = 5000;
/** What waits for a hand comes in this order; an open lid loses heat, a due one gets darker. */
const ORDER: Readonly<Record<Act, number>> = { close: 0, open: 1, turn: 2, fold: 3, pour: 4, 'switch-on': 5 };

/** For how long an act keeps one pair of hands, s. `open_s`: lid open to take out and pour. */
export const handTime_s = (act: Act, open_s: number): number =>
  act === 'open' ? TAKES_OUT * open_s : act === 'pour' ? (1 - TAKES_OUT) * open_s : act === 'fold' ? FOLD_S : SHORT_MS / 1000;
const lengthOf = (act: Act, { open_s }: LineIron): number => 1000 * handTime_s(act, open_s);

type Busy = { readonly from: number; readonly to: number };
const overlaps = (a: Busy, b: Busy): boolean => a.from < b.to && b.from < a.to;

/** Acts that can't be moved: what the loads in the irons need, and when. */
const fixedActs = (irons: readonly LineIron[], now: number): (DueAct & Busy)[] =>
  irons.flatMap((iron) => {
    // What is overdue keeps the moment at which it was due; a hand can be there from now on.
    const due = (act: Act, at: number): DueAct & Busy => {
      const from = Math.max(now, at);
      return { act, ironId: iron.ironId, at, from, to: from + lengthOf(act, iron) };
    };
    if (iron.state === 'poured') return [due('close', now)];
    if (iron.state !== 'cooking') return [];
    return [due('open', iron.at), ...(iron.turnAt === null ? [] : [due('turn', iron.turnAt)])];
  });

/** So long at the most is a pour put off for the sake of a lid, ms. */
const MOST_WAIT_MS = 90_000;

/** The first moment at which this iron can be poured so that a hand is there now, and again when its lid is due. */
const pourAt = (iron: LineIron, from: number, fixed: readonly Busy[], lids: readonly Busy[]): number => {
  let at = from;
  for (let i = 0; i < 2 * (fixed.length + lids.length) + 2; i++) {
    const closedAt = at + lengthOf('pour', iron);
    const opensAt = closedAt + 1000 * iron.cook_s;
    const pour = { from: at, to: closedAt };
    const lid = { from: opensAt, to: opensAt + lengthOf('open', iron) };
    const inTheWay = fixed.filter((other) => overlaps(pour, other));
    const later = lids.filter((other) => overlaps(lid, other));
    if (inTheWay.length === 0 && later.length === 0) break;
    const next = Math.max(...inTheWay.map(({ to }) => to), ...later.map(({ to }) => to - lid.from + at));
    if (next - from > MOST_WAIT_MS) return inTheWay.length === 0 ? at : Math.max(...inTheWay.map(({ to }) => to));
    at = next;
  }
  return at;
};

/** When a hand can fold without leaving a lid that is due meanwhile. */
const foldAt = (from: number, fixed: readonly Busy[]): number => {
  let at = from;
  for (let i = 0; i <= fixed.length; i++) {
    const inTheWay = fixed.filter((other) => overlaps({ from: at, to: at + 1000 * FOLD_S }, other));
    if (inTheWay.length === 0) break;
    at = Math.max(...inTheWay.map(({ to }) => to));
  }
  return at;
};

/**
 * One thing to do next over all irons for one pair of hands, with look-ahead: a pour waits where it would keep a hand from a lid that is due meanwhile, or
 * would have its own lid due when another is. An act whose `at` is before `now` is overdue since then. `does`: where several hands share the acts, those of
 * this one; it waits for its own alone, and still spaces the lids, whoever opens them. `folds`: what is to be folded meanwhile; no lid is left for it, and
 * pours keep clear of it.
 */
export const conduct = (
  irons: readonly LineIron[],
  now: number,
  { does = ALL_ACTS, folds = [] }: { readonly does?: ReadonlySet<Act>; readonly folds?: readonly DueFold[] } = {},
): Conducted => {
  const lids = fixedActs(irons, now);
  const folding = folds.map(({ dishId, at: from }): DueAct & Busy => {
    const at = foldAt(Math.max(now, from), lids);
    return { act: 'fold', ironId: '', dishId, at, from: at, to: at + 1000 * FOLD_S };
  });
  const every = [...lids, ...folding];
  const fixed = every.filter(({ act }) => does.has(act));
  const acts: DueAct[] = [...fixed];
  for (const iron of irons) {
    if (iron.state === 'cold') acts.push({ act: 'switch-on', ironId: iron.ironId, at: Math.max(now, iron.at) });
    if (iron.state === 'hot') acts.push({ act: 'pour', ironId: iron.ironId, at: pourAt(iron, Math.max(now, iron.at), fixed, every) });
  }
  const mine = acts.filter(({ act }) => does.has(act)).map(plain);
  const tooDarkAt = new Map(irons.flatMap(({ ironId, tooDarkAt: at }) => (at === undefined ? [] : [[ironId, at] as const])));
  mine.sort(inOrder(now, tooDarkAt));
  return { next: mine[0] ?? null, then: mine[1] ?? null, acts: mine, because: becauseOf(mine, now, tooDarkAt) };
};

const plain = ({ act, ironId, at, dishId }: DueAct): DueAct => ({ act, ironId, at, ...(dishId === undefined ? {} : { dishId }) });

type TooDarkAt = ReadonlyMap<string, number>;
const isLidDue = ({ act, at }: DueAct, now: number): boolean => act === 'open' && at <= now;
const isLost = ({ ironId }: DueAct, now: number, tooDarkAt: TooDarkAt): boolean => (tooDarkAt.get(ironId) ?? Infinity) <= now;

/**
 * Of what is due by now, first what can't wait. Of several lids the one that can still be saved, and of those the one that is lost first; then what has
 * waited longest.
 */
const inOrder =
  (now: number, tooDarkAt: TooDarkAt) =>
  (a: DueAct, b: DueAct): number => {
    const byTime = Math.max(now, a.at) - Math.max(now, b.at) || ORDER[a.act] - ORDER[b.act];
    if (byTime !== 0 || !isLidDue(a, now) || !isLidDue(b, now)) return byTime || a.at - b.at;
    const [lostA, lostB] = [isLost(a, now, tooDarkAt), isLost(b, now, tooDarkAt)];
    if (lostA !== lostB) return lostA ? 1 : -1;
    const [darkA, darkB] = [tooDarkAt.get(a.ironId), tooDarkAt.get(b.ironId)];
    return lostA || darkA === undefined || darkB === undefined ? a.at - b.at : darkA - darkB || a.at - b.at;
  };

const becauseOf = ([next, ...others]: readonly DueAct[], now: number, tooDarkAt: TooDarkAt): FirstBecause | null => {
  if (next === undefined || !isLidDue(next, now)) return null;
  const longer = others.filter((other) => isLidDue(other, now) && other.at < next.at);
  if (longer.length === 0) return null;
  return longer.some((other) => isLost(other, now, tooDarkAt)) ? 'can-be-saved' : 'darkens-sooner';
};
