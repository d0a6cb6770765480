import * as z from 'zod';
import { ALLERGENS, ROLES } from './row.ts';

const amount = z.number().min(0).max(2000);

/** Something of the cook's own, as its nutrition label has it. */
export const OwnIngredient = z.object({
  id: z.string().min(1).max(64),
  name: z.string().trim().min(1).max(80),
  role: z.enum(ROLES),
  /** Whose rounding it follows; a US label counts fibre as carbohydrate, a European one doesn't. */
  standard: z.enum(['us', 'eu']),
  /** Mass that the figures are for, g: 100, or a serving. */
  per_g: z.number().positive().max(2000),
  energy_kcal: amount.nullable(),
  fat_g: amount,
  carbohydrate_g: amount,
  sugars_g: amount,
  fibre_g: amount.nullable(),
  protein_g: amount,
  salt_g: amount,
  /** Grams in a US cup; null: by weight only. */
  gramsPerUsCup: z.number().positive().max(1000).nullable(),
  allergens: z.array(z.enum(ALLERGENS)).max(20),
  /** Gas that a mix with powder in it gives off, g CO₂ per 100 g, and the share of it that the bowl loses; left out: none. */
  lifts: z.object({ co2_gPer100g: z.number().min(0).max(60), lostInBowl: z.number().min(0).max(1) }).optional(),
  /** What it does in the kitchen; left out: as its kind does. */
  can: z
    .object({
      melts: z.boolean().optional(),
      staysInBits: z.boolean().optional(),
      takenFor: z.string().max(64).optional(),
      standsInFor: z.array(z.string().max(64)).max(20).optional(),
    })
    .optional(),
});
export type OwnIngredient = z.infer<typeof OwnIngredient>;
