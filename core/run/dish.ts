import type { OtherDish, Run } from './run.ts';
import { guestsOf } from './arrivals.ts';
import { OWN_DISH } from './ownDish.ts';

/** What is wished of every load of a dish, and what is done to it: it belongs to the dish, not to a screen. */
export type Dish = Pick<Run, 'target' | 'batter_C'> & {
  readonly onPlate: NonNullable<Run['onPlate']> | null;
  readonly delay_s: number;
  readonly turn_s: number | null;
  readonly lightness: number | null;
};

export const DISH_FIELDS = ['target', 'batter_C', 'onPlate', 'delay_s', 'turn_s', 'lightness'] as const satisfies readonly (keyof Dish)[];

export const dishOf = ({ target, batter_C, onPlate, delay_s, turn_s, lightness }: Pick<Run, (typeof DISH_FIELDS)[number]>): Dish => ({
  target,
  batter_C,
  onPlate: onPlate ?? null,
  delay_s: delay_s ?? 0,
  turn_s: turn_s ?? null,
  lightness: lightness ?? null,
});

/** One dish of a morning: what is cooked, on which irons, for how many. */
export type RunDish = OtherDish;

type WithDishes = Pick<Run, 'otherDishes' | keyof OtherDishShape>;
type OtherDishShape = Omit<OtherDish, 'id'>;

/** All that is cooked in a run, its own dish first. */
export const dishesOf = (run: WithDishes): readonly RunDish[] => {
  const { formulaId, ironIds, people, piecesPerPerson, batter_g, prep, goesTo } = run;
  return [
    {
      id: OWN_DISH,
      formulaId,
      ironIds,
      people,
      piecesPerPerson,
      batter_g,
      prep,
      ...(goesTo === undefined ? {} : { goesTo }),
      ...dishOf(run),
    },
    ...(run.otherDishes ?? []),
  ];
};

/** Every iron of a run, each once. */
export const ironsOfRun = (run: WithDishes): readonly string[] => [...new Set(dishesOf(run).flatMap(({ ironIds }) => ironIds))];

/** Plates to be served: who eats of two dishes counts twice. */
export const platesOf = (run: WithDishes): number => dishesOf(run).reduce((sum, dish) => sum + guestsOf(dish), 0);

/** The dish of the run that this iron with this formula is; null: none. Then its wish is the one that counts, wherever it is looked at. */
export const dishFor = (run: WithDishes | null, { formulaId, ironId }: { formulaId: string; ironId: string }): RunDish | null =>
  run === null ? null : (dishesOf(run).find((dish) => dish.formulaId === formulaId && dish.ironIds.includes(ironId)) ?? null);

/** The run with one of its dishes changed. */
export const withDish = (run: Run, dishId: string, changes: Partial<OtherDishShape>): Run =>
  dishId === OWN_DISH
    ? { ...run, ...changes }
    : { ...run, otherDishes: (run.otherDishes ?? []).map((dish) => (dish.id === dishId ? { ...dish, ...changes } : dish)) };
