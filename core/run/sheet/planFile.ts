import * as z from 'zod';
import { TOPPING_IDS } from '../../plate/index.ts';

/** What a hand does, in the order of the morning: the same list on paper, in a table, in a file and in the calendar. */
export const Task = z.object({
  at: z.int(),
  act: z.enum(['prepare', 'beside', 'switch-on', 'fold', 'pour', 'take-out', 'reheat', 'serve']),
  /** Null: no iron's. Two irons may be called the same. */
  ironId: z.string().nullable(),
  iron: z.string().nullable(),
  /** Of a pour and what is taken out: which load of its iron. */
  load: z.int().min(1).nullable(),
  /** Of a pour: the whole load, g; of what is folded later: all of that part. */
  portion_g: z.number().nullable(),
  pieces: z.number().nullable(),
  /** Of a pour: what is scattered in, g over the whole load, and whether the plates are wiped before. Left out: as every other. */
  scatter: z
    .object({ toppingId: z.enum(TOPPING_IDS), grams: z.number() })
    .nullable()
    .optional(),
  wipe: z.boolean().optional(),
  /** Of a pour: it is for nobody, and shows how the iron is. Left out: it is for the guests. */
  trial: z.boolean().optional(),
  /** Which dish it is of, where there are several; left out: there is one. */
  dish: z.string().optional(),
  /** Of what is prepared or goes with it: its code, and for how long. */
  code: z.string().nullable(),
  duration_s: z.number().nullable(),
});
export type Task = z.infer<typeof Task>;

/** A plan to take along; instants are epoch milliseconds, masses grams. */
export const PlanFile = z.object({
  schema: z.literal('tawny-lattice/plan'),
  version: z.literal(1),
  name: z.string(),
  zone: z.string(),
  serveAt: z.int(),
  people: z.number(),
  piecesPerPerson: z.number(),
  /** Where there are several dishes, each with what is wanted of it; left out: there is one. */
  dishes: z.array(z.object({ name: z.string(), people: z.number(), piecesPerPerson: z.number(), batter_g: z.number() })).optional(),
  firstPourAt: z.int(),
  lastPlateAt: z.int(),
  batter_g: z.number(),
  tasks: z.array(Task),
});
export type PlanFile = z.infer<typeof PlanFile>;
