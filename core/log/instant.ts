import * as z from 'zod';

/** Epoch milliseconds. */
export const Instant = z.int().min(0).max(8.64e15);
