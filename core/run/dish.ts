import { guestsOf } from './service/arrivals.ts';
import type { Dish } from './run.ts';

/** What is wished of every load of a dish, and what is done to it: it belongs to the dish, not to a screen. */
export type Wish = Pick<Dish, 'target' | 'batter_C'> & {
  readonly onPlate: NonNullable<Dish['onPlate']> | null;
  readonly delay_s: number;
  readonly turn_s: number | null;
  readonly lightness: number | null;
};

export const WISH_FIELDS = ['target', 'batter_C', 'onPlate', 'delay_s', 'turn_s', 'lightness'] as const satisfies readonly (keyof Wish)[];

export const wishOf = ({ target, batter_C, onPlate, delay_s, turn_s, lightness }: Pick<Dish, (typeof WISH_FIELDS)[number]>): Wish => ({
  target,
  batter_C,
  onPlate: onPlate ?? null,
  delay_s: delay_s ?? 0,
  turn_s: turn_s ?? null,
  lightness: lightness ?? null,
});

/** A dish as it is first laid out: for four, one piece each, as is usual for its irons. */
export const plainDish = (of: Pick<Dish, 'id' | 'formulaId' | 'ironIds' | 'batter_C'>): Dish => ({
  people: 4,
  piecesPerPerson: 1,
  batter_g: null,
  prep: [],
  target: { tawny: null, crisp: null },
  ...of,
});

/** Pieces from earlier days that are only heated again. */
export const keptOf = ({ fromKept = [] }: Pick<Dish, 'fromKept'>): number => fromKept.reduce((sum, { pieces }) => sum + pieces, 0);

type WithDishes = { readonly dishes: readonly Dish[] };

/** Every iron of a run, each once. */
export const ironsOfRun = ({ dishes }: WithDishes): readonly string[] => [...new Set(dishes.flatMap(({ ironIds }) => ironIds))];

/** Plates to be served: who eats of two dishes counts twice. */
export const platesOf = ({ dishes }: WithDishes): number => dishes.reduce((sum, dish) => sum + guestsOf(dish), 0);

/** The dish of the run that this iron with this formula is; null: none. Then its wish is the one that counts, wherever it is looked at. */
export const dishFor = (run: WithDishes | null, { formulaId, ironId }: { formulaId: string; ironId: string }): Dish | null =>
  run?.dishes.find((dish) => dish.formulaId === formulaId && dish.ironIds.includes(ironId)) ?? null;

/** The run with one of its dishes changed; with none where it has no such dish. `changes`: what is left out or undefined in it is taken away. */
export const withDish = <R extends { dishes: Dish[] }>(
  run: R,
  dishId: string,
  changes: Partial<Dish> | ((dish: Dish) => Partial<Dish>),
): R => ({
  ...run,
  dishes: run.dishes.map((dish) => (dish.id === dishId ? { ...dish, ...(typeof changes === 'function' ? changes(dish) : changes) } : dish)),
});
