import type { DishRequest, RunRequest } from '../run/index.ts';

/** The dish of these mornings where they have but one. */
export const OWN_DISH = 'own';

/** What may be said of a test's morning: of its dish without its id, of the whole, and what is cooked besides. */
export type Morning = Omit<RunRequest, 'dishes'> & Omit<DishRequest, 'dishId'> & { readonly others?: readonly DishRequest[] | undefined };

/** A morning of one dish, and of `others`. */
export const morningOf = ({
  people,
  piecesPerPerson,
  batter_g,
  lostPieces,
  kept,
  keeps_s,
  goesTo,
  variants,
  others = [],
  ...whole
}: Morning): RunRequest => ({
  ...whole,
  dishes: [{ dishId: OWN_DISH, people, piecesPerPerson, batter_g, lostPieces, kept, keeps_s, goesTo, variants }, ...others],
});
