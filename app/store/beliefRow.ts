import * as z from 'zod';
import type { BelievedIron } from '../../core/advise/index.ts';

const shape = z.object({
  cavity: z.number().positive(),
  offset_K: z.number(),
  contact: z.number().positive(),
  browning: z.number().positive(),
  side_K: z.number(),
  // Rows of before say nothing of it.
  scatter: z.number().min(0).default(0.06),
  used: z.int().min(0),
  portion: z.number().positive(),
  landing: z.array(z.object({ setting_C: z.number(), chance: z.number().min(0).max(1) })).min(1),
  spread: z.object({ cavity: z.number().min(0), plates_K: z.number().min(0), time: z.number().min(0) }),
}) satisfies z.ZodType<BelievedIron>;

/** A row of what was found of irons. Loaded with the first of them, not with the page. */
export const BeliefRow = z.object({ key: z.string(), at: z.number(), believed: shape.nullable() });
