import * as z from 'zod';
import { CUP_STANDARD_IDS, LIMITS } from '../basis/index.ts';
import { ALTITUDE_RANGE_M, CLIMATES } from '../matter/index.ts';
import { Zone } from '../basis/index.ts';
import { Reheats } from './reheater.ts';
import { Season } from './season.ts';
import { CODE_IDS } from '../safety/index.ts';

const Id = z.string().min(1).max(64);
const Name = z.string().min(1).max(60);
const Measure = z.object({ id: z.string().max(40), name: Name, volume_mL: z.number().positive().max(2000) });
export const MATERIALS = ['metal', 'glass', 'ceramic', 'plastic'] as const;

/** Rather miss a corner, the middle, or rather leak a little. */
const FILL_TASTES = ['miss', 'even', 'leak'] as const;

/** What a cook has settled on for one iron with one formula, whatever is advised; null: as advised. */
export const OwnWay = z.object({
  ironId: Id,
  formulaId: Id,
  /** All moulds together. */
  portion_g: z.number().min(1).max(6000).nullable(),
  setting: z.object({ temperature_C: z.number().min(100).max(300), dial: z.number().min(-1000).max(1000).nullable() }).nullable(),
  /** From the closed lid to opening, however the load is then. */
  cookTime_s: z.number().min(LIMITS.cookTime_s.min).max(LIMITS.cookTime_s.max).nullable().default(null),
});
export type OwnWay = z.infer<typeof OwnWay>;

/** What the kitchen owns and how it measures. Quantities carry their unit in the name. */
export const Kit = z.object({
  id: z.literal('kit'),
  name: z.string().min(1).max(80),
  altitude_m: z.number().min(ALTITUDE_RANGE_M.min).max(ALTITUDE_RANGE_M.max),
  room_C: z.number().min(-10).max(50),
  /** IANA zone, of the kitchen's clock. */
  zone: Zone,
  cupStandard: z.enum(CUP_STANDARD_IDS),
  /** Grams of wheat flour in this cook's US cup. */
  flourPerUsCup_g: z.number().min(80).max(180),
  /** Whose size classes the eggs are sold by. */
  eggMarket: z.enum(['us', 'eu']),
  /** The air that flour lies in. */
  climate: z.enum(CLIMATES),
  temperatureUnit: z.enum(['C', 'F']),
  /** Lengths, and with them heights in feet; nothing said: metric. */
  lengthUnit: z.enum(['mm', 'in']).optional(),
  /** What one would rather have when a pour is not quite right. */
  fillTaste: z.enum(FILL_TASTES).default('even'),
  /** Seconds of warning before a load should be opened. */
  cueBefore_s: z.int().min(0).max(120),
  /** Cues are said aloud by the device's own voice; left out: they aren't. */
  isSpoken: z.boolean().optional(),
  /** The line on a light ground, for a bright kitchen. */
  isLineLight: z.boolean().optional(),
  /** Letters for poured, closed, opened and undo at the line; empty: none. Left out: p, c, o and u. */
  lineKeys: z
    .string()
    .regex(/^(?:[a-z]{4})?$/)
    .optional(),
  scoops: z.array(Measure).max(20),
  /** Cups and spoons to measure with, level. */
  spoons: z.array(Measure).max(20),
  /** What a scale reads at the finest, and the most it bears. */
  scales: z
    .array(
      z.object({
        id: z.string().max(40),
        name: Name,
        resolution_g: z.number().min(0.01).max(50),
        most_g: z.number().positive().max(60_000),
      }),
    )
    .max(6),
  bowls: z
    .array(
      z.object({
        id: z.string().max(40),
        name: Name,
        volume_mL: z.number().positive().max(60_000),
        material: z.enum(MATERIALS),
        /** Nothing said: by its name. */
        form: z.enum(['bowl', 'jug']).optional(),
      }),
    )
    .max(20),
  /** What a kilogram costs, by ingredient id, in the kitchen's own money. */
  pricesPerKg: z.record(z.string().max(64), z.number().min(0).max(100_000)),
  currency: z.string().max(6),
  /** What is in the house, by ingredient id, as it was counted at an instant (epoch ms); left out: nobody has counted. */
  stock: z
    .array(
      z.object({
        id: z.string().max(64),
        grams: z.number().min(0).max(1e7),
        at: z.int(),
        /** The last day on its packet, "YYYY-MM-DD"; left out: nobody looked. */
        goodUntil: z.iso.date().optional(),
      }),
    )
    .max(400)
    .optional(),
  /** Pieces wanted of a formula on each day, Monday first; and what one bowl of it takes, g (null: whatever is wanted). */
  pars: z
    .array(
      z.object({
        id: z.string().max(64),
        pieces: z.array(z.int().min(0).max(5000)).length(7),
        most_g: z.number().positive().max(1e6).nullable(),
        /** And how many there should be in the freezer; left out: none. */
        freezer: z.int().min(0).max(5000).optional(),
      }),
    )
    .max(60)
    .optional(),
  circuits: z
    .array(
      z.object({
        id: z.string().max(40),
        name: Name,
        current_A: z.number().positive().max(125),
        voltage_V: z.number().positive().max(480),
      }),
    )
    .max(20),
  refrigerator_C: z.number().min(-5).max(20),
  /** Its air through the year, for what is kept in tins; left out: by its climate, the same all the year. */
  season: Season.optional(),
  /** How long cooked pieces are good in the freezer here, days; left out: a month. */
  frozen_days: z.int().min(1).max(400).optional(),
  /** What frozen pieces are made hot with; left out: an oven at 190 °C. */
  reheats: Reheats.optional(),
  codeOfPractice: z.enum(CODE_IDS),
  /** Portions, settings and times that are kept, whatever is advised. */
  ownWays: z.array(OwnWay).max(400).default([]),
  /** Questions to the book that are kept by name, as they stand in its address. */
  views: z
    .array(z.object({ name: z.string().min(1).max(60), address: z.string().max(400) }))
    .max(20)
    .optional(),
  /** Irons and formulas that were removed: no station offers them, and the loads that point at them keep them in the book. */
  removedIds: z.array(Id).max(4000).default([]),
});
export type Kit = z.infer<typeof Kit>;
