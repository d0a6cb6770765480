import { POURABLE_SHARE } from '../../formula/index.ts';
import { sum } from '../../basis/index.ts';
import { arrivalOf_s, doorOf_s, guestsOf, isPutAway, piecesOfDish, piecesWanted } from './arrivals.ts';
import type { RunPlan } from '../plan/plan.ts';
import type { AskedMorning } from './service.ts';

/** What has come out, and what is in: instants in ms, pieces as they are counted. */
export type OutLoad = { readonly ironId: string; readonly dishId: string; readonly openedAt: number; readonly pieces: number };
export type InLoad = { readonly ironId: string; readonly dishId: string; readonly openAt: number; readonly pieces: number };

/** How a morning stands. */
export type Standing = {
  readonly wanted: number;
  readonly out: number;
  /** Of them, of each dish. */
  readonly outOf: ReadonlyMap<string, number>;
  readonly inIrons: number;
  /** Eaten, or on the plate of somebody who sits there. */
  readonly served: number;
  /** Out, and nobody has it yet. */
  readonly onRack: number;
  /** Who sits there without all of theirs. */
  readonly waiting: number;
  /** The piece that lies there longest, s, and its iron; null: none lies there. */
  readonly oldest: { readonly age_s: number; readonly ironId: string } | null;
  /** When the last plate goes out, as things go, and how late that is against what was planned, s (0: not). */
  readonly lastPlateAt: number;
  readonly late_s: number;
};

/**
 * How the morning stands at an instant: of each dish, pieces are eaten in the order in which they came out, guests served in the order in which they sit
 * down. What is still to come is as late as the next piece is against the plan; a plan that is made anew (see `planRun`) may win some of it back.
 */
export const standingAt = (
  now: number,
  plan: RunPlan,
  request: AskedMorning,
  done: readonly OutLoad[],
  cooking: readonly InLoad[],
): Standing => {
  const dishes = request.dishes.map((dish) => {
    const { dishId, piecesPerPerson, kept = 0 } = dish;
    const people = guestsOf(dish);
    const pieces = piecesIn(done.filter((load) => load.dishId === dishId));
    let seated = 0;
    while (seated < people && request.serveAt + 1000 * arrivalOf_s(seated, people, request) <= now) seated++;
    const served = Math.min(pieces.length, Math.max(0, Math.floor(seated * piecesPerPerson) - kept));
    const waiting = Math.max(0, seated - Math.floor((pieces.length + kept) / Math.max(piecesPerPerson, 1e-9)));
    return { served, waiting, lying: pieces.slice(served) };
  });
  const wanted = piecesWanted(request);
  const out = sum(done.map(({ pieces }) => pieces));
  const served = sum(dishes.map((dish) => dish.served));
  const first = dishes.flatMap(({ lying }) => lying.slice(0, 1)).sort((a, b) => a.openedAt - b.openedAt)[0];
  return {
    wanted,
    out,
    outOf: new Map(request.dishes.map(({ dishId }) => [dishId, piecesOut(done, dishId)])),
    inIrons: sum(cooking.map(({ pieces }) => pieces)),
    served,
    onRack: out - served,
    waiting: sum(dishes.map((dish) => dish.waiting)),
    oldest: first === undefined ? null : { age_s: Math.max(0, (now - first.openedAt) / 1000), ironId: first.ironId },
    ...forecast(now, plan, request, done, cooking),
  };
};

const piecesOut = (loads: readonly OutLoad[], dishId: string): number =>
  sum(loads.filter((load) => load.dishId === dishId).map(({ pieces }) => pieces));

const piecesIn = (loads: readonly OutLoad[]): readonly OutLoad[] =>
  [...loads].sort((a, b) => a.openedAt - b.openedAt).flatMap((load) => Array.from({ length: load.pieces }, () => load));

/** As late as the dish that is furthest behind. */
const forecast = (
  now: number,
  plan: RunPlan,
  request: AskedMorning,
  done: readonly OutLoad[],
  cooking: readonly InLoad[],
): Pick<Standing, 'lastPlateAt' | 'late_s'> => {
  const late = request.dishes.flatMap((dish): number[] => {
    const isMine = (load: { readonly dishId: string }): boolean => load.dishId === dish.dishId;
    const planned = plan.loads
      .filter(isMine)
      .sort((a, b) => a.openAt - b.openAt)
      .flatMap(({ openAt, pieces }) => Array.from({ length: pieces }, () => openAt));
    const out = piecesOut(done, dish.dishId);
    const due = planned[out];
    if (due === undefined || out >= piecesOfDish(dish)) return [];
    const next = cooking.filter(isMine).reduce((first, { openAt }) => Math.min(first, openAt), Infinity);
    return [Math.max(0, (Number.isFinite(next) ? Math.max(now, next) : now) - due)];
  });
  if (late.length === 0) return { lastPlateAt: Math.min(now, plan.lastPlateAt), late_s: 0 };
  const most = Math.max(...late);
  return { lastPlateAt: plan.lastPlateAt + most, late_s: Math.round(most / 1000) };
};

/** What the loads that are still to be poured take, with what stays in the bowl, g. `poured`: loads so far, by iron; `dishId`: of this dish alone. */
export const stillToPour_g = ({ loads }: Pick<RunPlan, 'loads'>, poured: ReadonlyMap<string, number>, dishId?: string): number =>
  sum(
    loads
      .filter((load) => dishId === undefined || load.dishId === dishId)
      .map(({ ironId, n, portion_g }) => (n > (poured.get(ironId) ?? 0) ? portion_g : 0)),
  ) / POURABLE_SHARE;

/** A morning that is over is asked about for so long, ms. */
const ASKED_FOR_MS = 12 * 3_600_000;

/** Pieces of each dish that came out beyond what was wanted, or all of it where it is put away, once everybody has been served; empty before, long after, and where none are. */
export const leftOver = (
  now: number,
  plan: Pick<RunPlan, 'lastPlateAt'>,
  request: AskedMorning,
  done: readonly OutLoad[],
): readonly { readonly dishId: string; readonly pieces: number }[] => {
  const over = Math.max(request.serveAt + 1000 * doorOf_s(request), plan.lastPlateAt, ...done.map(({ openedAt }) => openedAt));
  if (now < over || now > over + ASKED_FOR_MS) return [];
  return request.dishes.flatMap((dish) => {
    const out = piecesOut(done, dish.dishId);
    const pieces = isPutAway(dish) ? out : out - piecesOfDish(dish);
    return pieces > 0 ? [{ dishId: dish.dishId, pieces }] : [];
  });
};
