import * as z from 'zod';
import { PrepStep } from '../lift/index.ts';
import { Instant, Zone } from '../basis/index.ts';
import { RUN_MODES } from './plan.ts';

/** One cooking session as it was asked for; its plan is computed, never stored. */
export const Run = z.object({
  id: z.string().min(1).max(64),
  name: z.string().min(1).max(120),
  zone: Zone,
  mode: z.enum(RUN_MODES),
  serveAt: Instant,
  people: z.int().min(1).max(2000),
  piecesPerPerson: z.number().min(0.1).max(20),
  ironIds: z.array(z.string().min(1).max(64)).max(12),
  formulaId: z.string().min(1).max(64),
  target: z.object({ tawny: z.number().min(1).max(8), crisp: z.number().min(1).max(5) }),
  batter_C: z.number().min(0).max(50),
  /** What has to be done before the first pour, as it was laid out; empty: as usual for the lift. */
  prep: z.array(PrepStep).max(40),
  /** Batter that there is, g; null: as much as is needed will be made. */
  batter_g: z.number().positive().max(1e6).nullable(),
});
export type Run = z.infer<typeof Run>;
