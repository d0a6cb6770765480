import * as z from 'zod';
import { Instant } from '../basis/index.ts';

const Id = z.string().min(1).max(80);
const base = { seq: z.int().min(0), at: Instant };

/** A bowl that is being weighed: which formula, how much of it, by whom. */
export const Weighing = z.object({
  id: Id,
  formulaId: z.string().min(1).max(64),
  formulaRev: z.int().min(1),
  factor: z.number().positive().max(1000),
  /** By the scale, or with cups and spoons. */
  by: z.enum(['scale', 'spoons']),
  /** Zero before each thing, or let the display run on. */
  display: z.enum(['tare', 'running']),
  who: z.string().max(60),
  startedAt: Instant,
});
export type Weighing = z.infer<typeof Weighing>;

/** One touch at the scale. Append-only; undo is an event. */
export const WeighEvent = z.discriminatedUnion('kind', [
  /** What the scale (or the cook) says went in, g. */
  z.object({
    ...base,
    kind: z.literal('weighed'),
    data: z.object({ stepId: Id, grams: z.number().min(0).max(1e6), by: z.enum(['scale', 'hand']) }),
  }),
  z.object({ ...base, kind: z.literal('worked'), data: z.object({ stepId: Id }) }),
  /** A cup or spoon more of this step. */
  z.object({ ...base, kind: z.literal('filled'), data: z.object({ stepId: Id }) }),
  /** Everything that is still to come is made larger, to fit what went in too much. */
  z.object({ ...base, kind: z.literal('scaled'), data: z.object({ factor: z.number().positive().max(1000) }) }),
  z.object({ ...base, kind: z.literal('finished'), data: z.object({ lotId: z.string().min(1).max(64) }) }),
  z.object({ ...base, kind: z.literal('abandoned'), data: z.object({}) }),
  z.object({ ...base, kind: z.literal('undone'), data: z.object({ seq: z.int().min(0) }) }),
]);
export type WeighEvent = z.infer<typeof WeighEvent>;
export type NewWeighEvent = WeighEvent extends infer E ? (E extends WeighEvent ? Omit<E, 'seq' | 'at'> : never) : never;
