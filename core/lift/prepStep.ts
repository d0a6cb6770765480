import * as z from 'zod';

/** One thing that has to be done before the first pour. Instants are epoch ms. */
export const PrepStep = z.object({
  id: z.string().min(1).max(40),
  code: z.string().min(1).max(40),
  at: z.int().min(0).max(8.64e15),
  duration_s: z.int().min(0).max(400_000),
  /** From when to when it may begin: beyond the first pair it gets worse, beyond the second it doesn't work. */
  soft: z.tuple([z.int(), z.int()]),
  hard: z.tuple([z.int(), z.int()]),
});
export type PrepStep = z.infer<typeof PrepStep>;
