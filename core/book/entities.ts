import * as z from 'zod';
import { Instant } from '../line/index.ts';

const Id = z.string().min(1).max(64);

/** One bowl of batter made from a revision of a formula. */
export const Lot = z.object({
  id: Id,
  formulaId: Id,
  formulaRev: z.int().min(1),
  name: z.string().min(1).max(120),
  madeAt: Instant,
  mass_g: z.number().positive().max(1e6),
  temperature_C: z.number().min(0).max(50),
  /** Append-only: used up, thrown away, put away. */
  events: z
    .array(z.object({ seq: z.int().min(0), at: Instant, kind: z.enum(['used-up', 'discarded', 'kept']), data: z.object({}) }))
    .max(100),
});
export type Lot = z.infer<typeof Lot>;

const Span = z.object({ p10: z.number(), p90: z.number() });

/** What was promised for a load, by which model, from which inputs. */
export const Prediction = z.object({
  id: Id,
  ironId: Id,
  ironRev: z.int().min(1),
  formulaId: Id,
  formulaRev: z.int().min(1),
  inputsHash: z.string().max(64),
  modelVersion: z.string().max(40),
  target: z.object({ tawny: z.number(), crisp: z.number() }),
  setting: z.object({ temperature_C: z.number(), dial: z.number().nullable() }),
  portion_g: z.number().positive(),
  cookTime_s: z.object({ from: z.number(), best: z.number(), to: z.number() }),
  cookTimeBand_s: Span,
  tawnyStep: z.number(),
  crisp: z.number(),
  waterLoss_fraction: z.number(),
  pieceMass_g: z.number(),
});
export type Prediction = z.infer<typeof Prediction>;
