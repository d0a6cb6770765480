import * as z from 'zod';
import { Instant } from '../basis/index.ts';
import { EDGES } from './edges.ts';

export const FILLS = ['missing', 'full', 'leaked'] as const;

/** Where on the plate, the hinge at the back. */
export const PLACES_ON_PLATE = ['hinge-left', 'hinge', 'hinge-right', 'left', 'right', 'front-left', 'front', 'front-right'] as const;
export type PlaceOnPlate = (typeof PLACES_ON_PLATE)[number];

export const CRUMBS = ['airy', 'soft', 'chewy', 'dense'] as const;
/** What is noticed of a load without opening it; `steaming`: it still does. */
export const SIGNALS = ['steam-down', 'smells', 'beeped', 'light', 'steaming'] as const;
export type Signal = (typeof SIGNALS)[number];
/** What a look through the crack shows: see `Look`. */
export const SEEN = ['pale', 'half', 'nearly', 'dark'] as const;
export const LOST_HOW = ['no', 'burnt', 'torn', 'dropped'] as const;
const SIDES = ['lower', 'upper'] as const;
const Mould = z.int().min(0).max(23);

/**
 * What came out, one touch each. `mould` counts from 0; where a load has one mould it is 0. `missing_share` and
 * `leaked_g` are rough on purpose: "about a tenth", "about a spoonful".
 */
export const Observation = z.discriminatedUnion('kind', [
  /** `at`: which corner was missing, over which side it leaked. */
  z.object({ kind: z.literal('fill'), mould: Mould, value: z.enum(FILLS), at: z.enum(PLACES_ON_PLATE).optional() }),
  z.object({ kind: z.literal('edges'), mould: Mould, value: z.enum(EDGES) }),
  z.object({ kind: z.literal('missing_share'), mould: Mould, value: z.number().min(0).max(1) }),
  z.object({ kind: z.literal('leaked_g'), mould: Mould, value: z.number().min(0).max(500) }),
  z.object({ kind: z.literal('tawny'), mould: Mould, side: z.enum(SIDES), value: z.int().min(1).max(8) }),
  z.object({ kind: z.literal('crisp'), mould: Mould, value: z.int().min(1).max(5) }),
  z.object({ kind: z.literal('crumb'), mould: Mould, value: z.enum(CRUMBS) }),
  z.object({ kind: z.literal('stuck'), mould: Mould, value: z.enum(['no', 'lower', 'upper', 'both']) }),
  /** Nobody gets it: it is cooked once more. */
  z.object({ kind: z.literal('lost'), mould: Mould, value: z.enum(LOST_HOW) }),
  /** By instrument: the plate at the pour, and a face's mean L* from a picture. */
  z.object({ kind: z.literal('plate_C'), mould: Mould, value: z.number().min(0).max(400) }),
  z.object({ kind: z.literal('lightness'), mould: Mould, side: z.enum(SIDES), value: z.number().min(0).max(100) }),
  z.object({ kind: z.literal('mass_g'), mould: Mould, value: z.number().positive().max(2000) }),
  z.object({ kind: z.literal('note'), mould: Mould, value: z.string().max(500) }),
  /** What was found to be behind what went wrong (see core/diagnose). */
  z.object({ kind: z.literal('cause'), mould: Mould, value: z.string().max(40) }),
]);
export type Observation = z.infer<typeof Observation>;

/** How an amount was told: from a scale, in scoops, by eye. */
export const TOLD_BY = ['scale', 'scoops', 'eye'] as const;

/** What was really done where the plan said otherwise, or where somebody says that it was so. What is left out: as advised. */
export const Did = z.object({
  /** So many of the moulds were filled; left out: all. */
  moulds: z.int().min(1).max(24).optional(),
  /** All filled moulds together. */
  portion: z.object({ grams: z.number().positive().max(6000), by: z.enum(TOLD_BY) }).optional(),
  setting: z.object({ temperature_C: z.number().min(0).max(400), dial: z.number().min(-1000).max(1000).nullable() }).optional(),
  preheat_s: z
    .number()
    .min(0)
    .max(4 * 3600)
    .optional(),
  greased: z.boolean().optional(),
  /** Scattered in after the pour; 0: nothing was. */
  scattered_g: z.number().min(0).max(2000).optional(),
});
export type Did = z.infer<typeof Did>;

/** `by`: whose hand it was, where several are at the line. */
const base = { seq: z.int().min(0), at: Instant, by: z.string().min(1).max(40).optional() };
const touch = <K extends string>(kind: K) => z.object({ ...base, kind: z.literal(kind), data: z.object({}) });

/** One touch at the line, with its instant. Loads are append-only logs of these. */
export const LoadEvent = z.discriminatedUnion('kind', [
  touch('preheated'),
  /** With what was done otherwise than advised, where somebody said so at once. */
  z.object({ ...base, kind: z.literal('poured'), data: Did }),
  touch('closed'),
  touch('turned'),
  /** `seen`: how brown the paler side was. */
  z.object({ ...base, kind: z.literal('peeked'), data: z.object({ seen: z.enum(SEEN).optional() }) }),
  touch('opened'),
  /** Said afterwards; of each thing the last word counts. */
  z.object({ ...base, kind: z.literal('did'), data: Did }),
  z.object({ ...base, kind: z.literal('signal'), data: z.object({ signal: z.enum(SIGNALS) }) }),
  z.object({ ...base, kind: z.literal('logged'), data: Observation }),
  /** The clock was set while this load ran: instants before this one are `jump_ms` too early on the new clock. */
  z.object({ ...base, kind: z.literal('corrected'), data: z.object({ jump_ms: z.int() }) }),
  z.object({ ...base, kind: z.literal('undone'), data: z.object({ seq: z.int().min(0) }) }),
]);
export type LoadEvent = z.infer<typeof LoadEvent>;
/** What is to be written down; sequence and instant are given by the log. */
export type NewLoadEvent = LoadEvent extends infer E ? (E extends LoadEvent ? Omit<E, 'seq' | 'at'> : never) : never;
