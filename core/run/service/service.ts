import type { AskedDishes } from './arrivals.ts';
import type { Holding } from '../../plate/index.ts';
import { HOLDING, JUDGED_AFTER_S } from '../../plate/index.ts';
import { arrivalOf_s, guestsOf, PLATING_S } from './arrivals.ts';
import type { RunPlan, RunRequest } from '../plan/plan.ts';

/** How a morning is for those who eat and for what is eaten. */
export type Service = {
  /** From sitting down to the last of their pieces, s: the longest, and in the mean. */
  readonly longestWait_s: number;
  readonly meanWait_s: number;
  /** Guests who wait for more than `PATIENCE_S`. */
  readonly impatient: number;
  /** From the open lid to the plate, s: the oldest piece, by iron. */
  readonly oldest_s: ReadonlyMap<string, number>;
};

/** Nobody minds waiting so long (*common practice*). */
export const PATIENCE_S = 4 * 60;

/** `ironId` null: it was put away earlier, and is heated in time. */
type Piece = { readonly ironId: string | null; readonly out_s: number };

/** A load that comes out. */
type Out = Pick<RunPlan['loads'][number], 'ironId' | 'dishId' | 'openAt' | 'pieces'>;

/** What is asked of a morning, as far as guests go. */
export type AskedMorning = AskedDishes & Pick<RunRequest, 'mode' | 'serveAt' | 'door_s' | 'arrivals'>;

/**
 * Who gets which piece, and when: of each dish, pieces are eaten in the order in which they come out, guests are served in the order in which they sit
 * down. All together: everybody at `serveAt`.
 */
export const servedBy = ({ loads }: { readonly loads: readonly Out[] }, request: AskedMorning): Service => {
  const oldest_s = new Map<string, number>();
  let [longest, sum, impatient, guests] = [0, 0, 0, 0];
  for (const dish of request.dishes) {
    const { dishId, piecesPerPerson, kept = 0 } = dish;
    const people = guestsOf(dish);
    const cooked = loads
      .filter((load) => load.dishId === dishId)
      .flatMap(({ ironId, openAt, pieces: count }): Piece[] =>
        Array.from({ length: count }, () => ({ ironId, out_s: (openAt - request.serveAt) / 1000 + PLATING_S })),
      );
    const heated = Array.from({ length: kept }, (): Piece => ({ ironId: null, out_s: 0 }));
    const pieces = [...cooked, ...heated].sort((a, b) => a.out_s - b.out_s);
    guests += people;
    for (let guest = 0; guest < people; guest++) {
      const sits_s = arrivalOf_s(guest, people, request);
      // Two and a half each: the half goes to whoever is next.
      const [from, to] = [Math.floor(guest * piecesPerPerson), Math.ceil((guest + 1) * piecesPerPerson)];
      const mine = pieces.slice(from, to);
      const last_s = mine.at(-1)?.out_s ?? sits_s;
      const wait_s = Math.max(0, last_s - sits_s);
      longest = Math.max(longest, wait_s);
      sum += wait_s;
      if (wait_s > PATIENCE_S) impatient++;
      for (const { ironId, out_s } of mine)
        if (ironId !== null) oldest_s.set(ironId, Math.max(oldest_s.get(ironId) ?? 0, Math.max(sits_s, out_s) - out_s + PLATING_S));
    }
  }
  return { longestWait_s: longest, meanWait_s: sum / Math.max(1, guests), impatient, oldest_s };
};

/** Where what is done waits for the table. */
export const HOLDS = HOLDING;
export type Hold = Holding;

/** What becomes of a piece of one iron in one place, a value a minute from the iron on: crispness 1–5, steps of colour, mass (see `afterPlate`). */
export type HoldCourse = {
  readonly place: Hold;
  readonly crisp: readonly number[];
  readonly tawny: readonly number[];
  readonly mass: readonly number[];
};

export type HeldAs = {
  readonly place: Hold;
  /** Of the piece that waits longest, at the plate; and the worst on its way there is no worse. */
  readonly crispAtPlate: number;
  /** By how many steps the darkest has gone on browning, and what share of its mass the driest has lost. */
  readonly darker: number;
  readonly dries: number;
  readonly ironId: string;
  readonly waits_s: number;
};

/** A value after a wait; beyond the course its last one. */
const valueAfter = (values: readonly number[], wait_s: number): number => {
  const at = Math.min(values.length - 1, Math.max(0, wait_s / 60));
  const before = values[Math.floor(at)] ?? 1;
  const after = values[Math.ceil(at)] ?? before;
  return before + (after - before) * (at - Math.floor(at));
};

/**
 * How crisp it is after a wait. Nobody judges it before two minutes off the iron: until then steam makes what it is promised at the iron, and a younger piece is
 * said to be as crisp as that promise.
 * @param wait_s Since it came out, s.
 * @returns 1–5.
 */
export const crispAfter = ({ crisp }: Pick<HoldCourse, 'crisp'>, wait_s: number): number =>
  valueAfter(crisp, Math.max(JUDGED_AFTER_S, wait_s));

/** A step darker is another piece; so much lighter it is dry (*common practice*). */
const SPOILT = { darker: 0.75, dries: 0.12 } as const;
export const isSpoilt = ({ darker, dries }: Pick<HeldAs, 'darker' | 'dries'>): boolean => darker > SPOILT.darker || dries > SPOILT.dries;

/**
 * The least crisp plate of the morning for every place where pieces may wait, the best place first: one that neither browns on nor dries out, then the
 * crisper. `courses`: by iron; irons without one don't count. Empty: nothing is known of any.
 */
export const heldIn = (oldest_s: Service['oldest_s'], courses: ReadonlyMap<string, readonly HoldCourse[]>): readonly HeldAs[] =>
  HOLDS.flatMap((place): HeldAs[] => {
    const of = [...oldest_s].flatMap(([ironId, waits_s]): HeldAs[] => {
      const course = courses.get(ironId)?.find((c) => c.place === place);
      if (course === undefined) return [];
      const darker = valueAfter(course.tawny, waits_s) - (course.tawny[0] ?? 0);
      return [{ place, ironId, waits_s, crispAtPlate: crispAfter(course, waits_s), darker, dries: 1 - valueAfter(course.mass, waits_s) }];
    });
    const [first] = of;
    if (first === undefined) return [];
    const worst = of.reduce((a, b) => (b.crispAtPlate < a.crispAtPlate ? b : a), first);
    return [{ ...worst, darker: Math.max(...of.map(({ darker }) => darker)), dries: Math.max(...of.map(({ dries }) => dries)) }];
  }).sort((a, b) => Number(isSpoilt(a)) - Number(isSpoilt(b)) || b.crispAtPlate - a.crispAtPlate);

/** How many pieces wait for the table; instants are epoch ms. */
export type HeldStep = { readonly at: number; readonly pieces: number };

/** How many of the dishes that are asked for lie there from when on, as loads come out and guests sit down. */
export const heldOver = ({ loads }: { readonly loads: readonly Out[] }, request: AskedMorning): readonly HeldStep[] => {
  const out = loads
    .filter(({ dishId }) => request.dishes.some((dish) => dish.dishId === dishId))
    .map(({ openAt, pieces }) => ({ at: openAt, pieces }))
    .sort((a, b) => a.at - b.at);
  const dishes = request.dishes.map((dish) => ({
    piecesPerPerson: dish.piecesPerPerson,
    seats: Array.from({ length: guestsOf(dish) }, (_, guest) => request.serveAt + 1000 * arrivalOf_s(guest, dish.people, request)),
    seated: 0,
  }));
  const moments = [...new Set([...out.map(({ at }) => at), ...dishes.flatMap(({ seats }) => seats)])].sort((a, b) => a - b);
  let [next, done] = [0, 0];
  return moments.map((at) => {
    for (; next < out.length && out[next]!.at <= at; next++) done += out[next]!.pieces;
    let eaten = 0;
    for (const dish of dishes) {
      while (dish.seated < dish.seats.length && dish.seats[dish.seated]! <= at) dish.seated++;
      eaten += Math.floor(dish.seated * dish.piecesPerPerson);
    }
    return { at, pieces: Math.max(0, done - eaten) };
  });
};

/** Pieces that lie there at once at the most, while they wait for the table. */
export const mostHeld = (plan: { readonly loads: readonly Out[] }, request: AskedMorning): number =>
  Math.max(0, ...heldOver(plan, request).map(({ pieces }) => pieces));
