import * as z from 'zod';

const Id = z.string().min(1).max(64);
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
  target: z.object({ tawny: z.number(), crisp: z.number().nullable() }),
  setting: z.object({ temperature_C: z.number(), dial: z.number().nullable() }),
  portion_g: z.number().positive(),
  cookTime_s: z.object({ from: z.number(), best: z.number(), to: z.number() }),
  cookTimeBand_s: Span,
  tawnyStep: z.number(),
  /** How it browns: the paler face's step every so many seconds from the closed lid; left out by earlier versions. */
  browning: z.object({ every_s: z.number().positive(), steps: z.array(z.number().min(1).max(8)).min(2).max(60) }).optional(),
  crisp: z.number(),
  waterLoss_fraction: z.number(),
  pieceMass_g: z.number(),
});
export type Prediction = z.infer<typeof Prediction>;
