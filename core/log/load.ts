import * as z from 'zod';
import { Instant } from '../basis/index.ts';

/** One cook on one iron. Its log of events lies beside it. */
export const Load = z.object({
  id: z.string().min(1).max(64),
  runId: z.string().max(64).nullable(),
  lotId: z.string().min(1).max(64),
  ironId: z.string().min(1).max(64),
  ironRev: z.int().min(1),
  /** Which load of this iron in this session, from 1. */
  n: z.int().min(1).max(999),
  isTrial: z.boolean(),
  predictionId: z.string().min(1).max(64),
  startedAt: Instant,
});
export type Load = z.infer<typeof Load>;
