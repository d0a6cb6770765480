import * as z from 'zod';
import { Instant, LIMITS, Zone } from '../basis/index.ts';
import { PrepStep } from '../lift/index.ts';
import { TOPPING_IDS } from '../plate/index.ts';
import type { Beside } from './besides.ts';
import { BESIDE_KINDS } from './besides.ts';
import { MOST_HANDS } from './plan/helper.ts';
import type { Pin } from './plan/pins.ts';
import { RUN_MODES } from './plan/plan.ts';
import type { Variant } from './plan/variants.ts';
import { MOST_VARIANTS } from './plan/variants.ts';
import type { Arrival } from './service/arrivals.ts';
import { GOES_TO } from './service/arrivals.ts';
import { HOLDS } from './service/service.ts';

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

const ArrivalShape = z.object({
  after_s: z
    .number()
    .min(0)
    .max(12 * 3600),
  people: z.int().min(0).max(2000),
  name: z.string().min(1).max(60).optional(),
}) satisfies z.ZodType<Arrival>;
const MOST_ARRIVALS = 48;

const PinShape = z.object({
  ironId: z.string().min(1).max(64),
  n: z.int().min(1).max(400),
  beforeServe_s: z
    .number()
    .min(-12 * 3600)
    .max(24 * 3600),
}) satisfies z.ZodType<Pin>;
const MOST_PINS = 40;

/** Dishes of one morning at the most. */
export const MOST_DISHES = 4;

/** One cooking session as it was asked for; its plan is computed, never stored. */
export const Run = z.object({
  id: z.string().min(1).max(64),
  name: z.string().min(1).max(120),
  zone: Zone,
  mode: z.enum(RUN_MODES),
  serveAt: Instant,
  /** What is cooked, each dish with its guests. Orders by name are of the first. */
  dishes: z.array(Dish).min(1).max(MOST_DISHES),
  /** Irons of which little is known: their first load is for nobody. */
  trialIronIds: z.array(z.string().min(1).max(64)).max(12).optional(),
  /** Pairs of hands at the irons; left out: one. */
  hands: z.int().min(1).max(MOST_HANDS).optional(),
  /** One pair more for a while; null or left out: nobody comes to help. */
  helper: z.object({ from: Instant, until: Instant }).nullable().optional(),
  /** As they come: how long the door is open, s; left out: everybody is there at once. */
  door_s: z
    .number()
    .min(0)
    .max(12 * 3600)
    .optional(),
  /** As they come: when how many are there; left out: evenly while the door is open. */
  arrivals: z.array(ArrivalShape).max(MOST_ARRIVALS).optional(),
  /** Loads that stay where somebody put them: so long before it is served. */
  pins: z.array(PinShape).max(MOST_PINS).optional(),
  /** Nobody is there before: the first iron goes on no earlier, epoch ms; null or left out: whenever it has to. */
  notBefore: Instant.nullable().optional(),
  /** Everything so much earlier than the plan needs, s; left out: not at all. */
  slack_s: z
    .number()
    .min(0)
    .max(3 * 3600)
    .optional(),
});
export type Run = z.infer<typeof Run>;
