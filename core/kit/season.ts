import * as z from 'zod';

const RoomAir = z.object({ temperature_C: z.number().min(-10).max(50), humidity: z.number().min(0.02).max(0.98) });

/** The air of the kitchen in the middle of winter and of summer. `southern`: January is summer. */
export const Season = z.object({ winter: RoomAir, summer: RoomAir, southern: z.boolean().optional() });
export type Season = z.infer<typeof Season>;
