import * as z from 'zod';

/** What a piece is heated with again. */
export const REHEATER_IDS = ['toaster', 'oven', 'air-oven', 'iron', 'pan'] as const;
export type ReheaterId = (typeof REHEATER_IDS)[number];

/** The kitchen's own: what is used, and how hot its oven is. */
export const Reheats = z.object({ by: z.enum(REHEATER_IDS), oven_C: z.number().min(100).max(280) });
export type Reheats = z.infer<typeof Reheats>;
export const USUAL_REHEATS: Reheats = { by: 'oven', oven_C: 190 };
