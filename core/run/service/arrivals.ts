import { sum } from '../../basis/index.ts';
import type { Variant } from '../plan/variants.ts';

/** From an open lid to the table, s (*common practice*). */
export const PLATING_S = 60;

/** Where the pieces of a dish go: onto plates, over the counter, or away for another day. */
export const GOES_TO = ['table', 'sale', 'freezer', 'tin'] as const;
export type GoesTo = (typeof GOES_TO)[number];

/** What is asked of one dish. */
export type DishRequest = {
  readonly dishId: string;
  readonly people: number;
  readonly piecesPerPerson: number;
  /** Batter that there is, g; null: as much as is needed will be made. */
  readonly batter_g: number | null;
  /** Pieces that came out for nobody (burnt, torn, dropped): so many more are cooked. Left out: none. */
  readonly lostPieces?: number | undefined;
  /** Pieces that were put away earlier and are only heated again: so many fewer are cooked. Left out: none. */
  readonly kept?: number | undefined;
  /** Left out: to the table. */
  readonly goesTo?: GoesTo | undefined;
  /** How long after it was folded its batter may be poured, s; null or left out: as long as a morning takes. */
  readonly keeps_s?: number | null | undefined;
  /** Guests who have something scattered into theirs; left out: nobody. */
  readonly variants?: readonly Variant[] | undefined;
};

type Asked = Pick<DishRequest, 'people' | 'piecesPerPerson' | 'kept' | 'goesTo'>;
/** People and pieces of every dish of a morning. */
export type AskedDishes = { readonly dishes: readonly (Asked & Pick<DishRequest, 'dishId'>)[] };

/** True where nobody sits down to a dish: it is put away for another day. */
export const isPutAway = ({ goesTo = 'table' }: Pick<DishRequest, 'goesTo'>): boolean => goesTo === 'freezer' || goesTo === 'tin';

/** Who comes for a dish. */
export const guestsOf = (dish: Pick<DishRequest, 'people' | 'goesTo'>): number => (isPutAway(dish) ? 0 : dish.people);

/** How many pieces of one dish are to be cooked: half a piece is baked whole. */
export const piecesOfDish = ({ people, piecesPerPerson, kept = 0 }: Asked): number =>
  Math.max(0, Math.ceil(people * piecesPerPerson) - kept);

/** How many pieces a morning has to cook, all dishes together. */
export const piecesWanted = ({ dishes }: AskedDishes): number => sum(dishes.map(piecesOfDish));

/** So many guests so long after the door opens, s; `name`: whose order it is, left out: nobody said. */
export type Arrival = { readonly after_s: number; readonly people: number; readonly name?: string | undefined };

/** How guests come; `arrivals`: as somebody has drawn it, left out or nobody in it: evenly over `door_s`. */
export type Door = {
  readonly mode: 'together' | 'as-they-come';
  readonly door_s?: number | undefined;
  readonly arrivals?: readonly Arrival[] | undefined;
};

const drawn = ({ arrivals = [] }: Door): readonly Arrival[] =>
  arrivals.filter(({ people }) => people > 0).sort((a, b) => a.after_s - b.after_s);

/** For how long guests come, s: together they are all there at once. */
export const doorOf_s = (door: Door): number => (door.mode === 'together' ? 0 : (drawn(door).at(-1)?.after_s ?? door.door_s ?? 0));

/** When the guest of this number (from 0) of so many is at the table, s after the door opens. Where another number was drawn, its shape counts. */
export const arrivalOf_s = (guest: number, people: number, door: Door): number => {
  if (door.mode === 'together' || people < 1) return 0;
  const groups = drawn(door);
  if (groups.length === 0) return people === 1 ? 0 : ((door.door_s ?? 0) * guest) / (people - 1);
  const place = ((guest + 0.5) / people) * sum(groups.map((group) => group.people));
  let seated = 0;
  for (const group of groups) {
    seated += group.people;
    if (seated > place) return group.after_s;
  }
  return groups.at(-1)!.after_s;
};
