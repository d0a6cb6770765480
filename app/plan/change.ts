import type { Dish, Run } from '../../core/run/index.ts';
import { withDish } from '../../core/run/index.ts';

/** Changes the run that is kept; by a function where one touch builds on the one before, which may not be on the screen yet. */
export type ChangeRun = (changes: Partial<Run> | ((now: Run) => Partial<Run>)) => void;

/** The same for one dish of it. */
export type ChangeDish = (changes: Partial<Dish> | ((now: Dish) => Partial<Dish>)) => void;

/** A dish is changed as it is kept, whatever became of the others meanwhile. */
export const changeDish =
  (onChange: ChangeRun, dishId: string): ChangeDish =>
  (changes) =>
    onChange((now) => ({ dishes: withDish(now, dishId, changes).dishes }));

/** The guests of the run's first dish: those that are drawn or written down. */
export const withGuests = ({ dishes: [first, ...others] }: Pick<Run, 'dishes'>, people: number): Pick<Run, 'dishes'> => ({
  dishes: first === undefined ? others : [{ ...first, people }, ...others],
});
