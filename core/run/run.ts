import * as z from 'zod';
import { Instant, Zone } from '../basis/index.ts';
import type { Arrival } from './service/arrivals.ts';
import { Dish, MOST_DISHES } from './dish.ts';
import { MOST_HANDS } from './plan/helper.ts';
import type { Pin } from './plan/pins.ts';
import { RUN_MODES } from './plan/plan.ts';

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
