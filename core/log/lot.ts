import * as z from 'zod';
import { MOST_LINES } from '../formula/index.ts';
import { Instant } from '../basis/index.ts';

const Id = z.string().min(1).max(64);

const lotEvent = { seq: z.int().min(0), at: Instant };
/** What happens to a bowl, one touch each; append-only. */
export const LotEvent = z.discriminatedUnion('kind', [
  z.object({ ...lotEvent, kind: z.literal('used-up'), data: z.object({}) }),
  z.object({ ...lotEvent, kind: z.literal('discarded'), data: z.object({}) }),
  z.object({ ...lotEvent, kind: z.literal('kept'), data: z.object({}) }),
  z.object({
    ...lotEvent,
    kind: z.literal('added'),
    data: z.object({ ingredientId: z.string().max(64), grams: z.number().positive().max(1e6), because: z.string().max(60) }),
  }),
  /** A level cup weighed: how much air is really in it. */
  z.object({
    ...lotEvent,
    kind: z.literal('cup-weighed'),
    data: z.object({
      grams: z.number().positive().max(2000),
      cup_mL: z.number().positive().max(2000),
      airFraction: z.number().min(0).max(0.9),
    }),
  }),
  /** How long it was whipped with what, to which stage. */
  z.object({
    ...lotEvent,
    kind: z.literal('whipped'),
    data: z.object({
      tool: z.string().max(40),
      stage: z.string().max(40),
      seconds: z.number().min(0).max(7200),
      reckoned_s: z.number().min(0).max(7200),
    }),
  }),
  /** What was kept back of its foam is folded in only now: what is poured from here on is as light as the first. */
  z.object({ ...lotEvent, kind: z.literal('folded'), data: z.object({}) }),
  z.object({ ...lotEvent, kind: z.literal('moved'), data: z.object({ place: z.enum(['kitchen', 'refrigerator', 'ice-bath']) }) }),
  z.object({
    ...lotEvent,
    kind: z.literal('read'),
    /** `since_s`: by the device's own clock, where it has one; else the instant counts. */
    data: z.object({
      what: z.enum(['temperature_C', 'rise']),
      value: z.number().min(-50).max(200),
      since_s: z.number().min(0).max(1e6).nullable(),
    }),
  }),
  z.object({ ...lotEvent, kind: z.literal('beaten-down'), data: z.object({}) }),
  /** The clock was set while this bowl stood: instants before this one are `jump_ms` too early on the new clock. */
  z.object({ ...lotEvent, kind: z.literal('corrected'), data: z.object({ jump_ms: z.int() }) }),
  z.object({ ...lotEvent, kind: z.literal('renamed'), data: z.object({ name: z.string().min(1).max(120) }) }),
]);

export type LotEvent = z.infer<typeof LotEvent>;
/** What is to be written down; sequence and instant are given by the log. */
export type NewLotEvent = LotEvent extends infer E ? (E extends LotEvent ? Omit<E, 'seq' | 'at'> : never) : never;

/** One bowl of batter made from a revision of a formula. Its log of events lies beside it. */
export const LotHeader = z.object({
  id: Id,
  formulaId: Id,
  formulaRev: z.int().min(1),
  name: z.string().min(1).max(120),
  madeAt: Instant,
  mass_g: z.number().positive().max(1e6),
  temperature_C: z.number().min(0).max(50),
  /** What really went in, line by line; empty where nobody weighed. */
  weighed: z
    .array(z.object({ lineId: Id, ingredientId: z.string().max(64).nullable(), grams: z.number().min(0).max(1e6) }))
    .max(MOST_LINES),
});
export type LotHeader = z.infer<typeof LotHeader>;

/** A bowl with what happened to it, in order. */
export type Lot = LotHeader & { readonly events: readonly LotEvent[] };
