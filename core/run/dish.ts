import * as z from 'zod';
import { LIMITS } from '../basis/index.ts';
import { PrepStep } from '../lift/index.ts';
import { TOPPING_IDS } from '../plate/index.ts';
import { GOES_TO, guestsOf } from './service/arrivals.ts';
import type { Beside } from './besides.ts';
import { BESIDE_KINDS } from './besides.ts';
import { HOLDS } from './service/service.ts';
import type { Variant } from './plan/variants.ts';
import { MOST_VARIANTS } from './plan/variants.ts';

const within = ({ min, max }: { readonly min: number; readonly max: number }) => z.number().min(min).max(max);
const Id = z.string().min(1).max(64);
const People = z.int().min(1).max(2000);

const VariantShape = z.object({
  toppingId: z.enum(TOPPING_IDS),
  perPiece_g: z.number().min(0.5).max(200),
  people: People,
}) satisfies z.ZodType<Variant>;

const BesideShape = z.object({
  kind: z.enum(BESIDE_KINDS),
  before_s: z
    .number()
    .min(0)
    .max(24 * 3600),
  done: z.boolean().optional(),
}) satisfies z.ZodType<Beside>;

/** What is wished of every load of a dish, and what is done to it. */
const WISH = {
  /** Null: as is usual for the iron. */
  target: z.object({ tawny: z.number().min(1).max(8).nullable(), crisp: z.number().min(1).max(5).nullable() }),
  batter_C: z.number().min(0).max(50),
  /** What is scattered into each load; null or left out: nothing. */
  onPlate: z
    .object({ toppingId: z.enum(TOPPING_IDS), grams: within(LIMITS.onPlate_g) })
    .nullable()
    .optional(),
  /** From the pour to the closed lid, s. */
  delay_s: within(LIMITS.delay_s).optional(),
  /** When a pan is turned over, s; null or left out: at once. */
  turn_s: within(LIMITS.turn_s).nullable().optional(),
  /** How light a piece is wished, 1 (airy) to 5 (dense); null or left out: as it comes. */
  lightness: within(LIMITS.lightness).nullable().optional(),
};

/** One dish of a run: what is cooked, on which irons, for how many. */
export const Dish = z.object({
  id: Id,
  formulaId: Id,
  ironIds: z.array(Id).max(12),
  people: People,
  piecesPerPerson: z.number().min(0.1).max(20),
  /** Batter that there is, g; null: as much as is needed will be made. */
  batter_g: z.number().positive().max(1e6).nullable(),
  /** Left out: to the table. */
  goesTo: z.enum(GOES_TO).optional(),
  /** What has to be done before its first pour, as it was laid out; empty: as usual for the lift. */
  prep: z.array(PrepStep).max(40),
  ...WISH,
  /** Some have something scattered into theirs. */
  variants: z.array(VariantShape).max(MOST_VARIANTS).optional(),
  /** What was put away earlier and is only heated again. */
  fromKept: z
    .array(z.object({ itemId: Id, pieces: People }))
    .max(20)
    .optional(),
  /** What goes with it, each with its own lead. */
  besides: z.array(BesideShape).max(BESIDE_KINDS.length).optional(),
  /** Where its pieces wait for the table; left out: on a rack. */
  hold: z.enum(HOLDS).optional(),
  /** Pieces that find room there; left out: as many as come. */
  holdPlaces: People.optional(),
});
export type Dish = z.infer<typeof Dish>;

/** Dishes of one morning at the most. */
export const MOST_DISHES = 4;

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
