import * as z from 'zod';
import { Instant } from '../basis/index.ts';

/** Most of a picture, letters of base64: about 120 kB, which holds a piece at 800 px across. */
const MOST_PHOTO_LETTERS = 160_000;

/** A picture of what a load brought, small enough to lie in the kitchen's file. */
export const LoadPhoto = z.object({
  /** Of the load that it shows. */
  id: z.string().min(1).max(64),
  takenAt: Instant,
  /** A JPEG, as base64. */
  jpeg: z.base64().min(1).max(MOST_PHOTO_LETTERS),
});
export type LoadPhoto = z.infer<typeof LoadPhoto>;
