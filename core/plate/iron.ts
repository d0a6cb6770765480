import * as z from 'zod';

/** A plausible machine: what can't exist is refused, what is odd is let through. */
const positive = (max: number) => z.number().positive().max(max);

/** A dial turns by at least so many marks, and changes the plates by at least so many kelvins: else there is nothing to set. */
export const LEAST_DIAL = 0.1;
export const LEAST_RANGE_K = 1;

const Control = z.discriminatedUnion('type', [
  /** A dial in its own marks; temperature is a straight line through them. */
  z
    .object({
      type: z.literal('dial'),
      min: z.number().min(-1000).max(1000),
      max: z.number().min(-1000).max(1000),
      atMin_C: positive(320),
      atMax_C: positive(320),
      /** Words that stand at some of the marks. */
      words: z
        .array(z.object({ word: z.string().min(1).max(20), mark: z.number().min(-1000).max(1000) }))
        .max(12)
        .optional(),
    })
    .refine(({ min, max }) => max - min >= LEAST_DIAL, { error: 'the ends of the dial are one', path: ['max'] })
    .refine(({ atMin_C, atMax_C }) => atMax_C - atMin_C >= LEAST_RANGE_K, {
      error: 'the ends of the dial are equally hot',
      path: ['atMax_C'],
    }),
  /** A thermostat marked in degrees. */
  z
    .object({ type: z.literal('thermostat'), min_C: positive(320), max_C: positive(320) })
    .refine(({ min_C, max_C }) => max_C - min_C >= LEAST_RANGE_K, { error: 'the ends of the thermostat are one', path: ['max_C'] }),
  /**
   * Held over a hob and turned by hand: the flame isn't regulated, the cook waits until the plates are as hot as wanted, and turns every so
   * often. The iron's watts are what the flame gives it.
   */
  z
    .object({ type: z.literal('hob'), min_C: positive(320), max_C: positive(320), turnEvery_s: positive(600) })
    .refine(({ min_C, max_C }) => max_C >= min_C, { error: 'hottest under coolest', path: ['max_C'] }),
  /** Nothing to set: a cut-out at one temperature. */
  z.object({ type: z.literal('fixed'), cutOut_C: positive(320) }),
]);

/** `formulaId`: what it was a spoonful of. */
export const Teaspoon = z.object({
  formulaId: z.string().nullable(),
  setting_C: z.number().min(40).max(400),
  open_s: z.number().min(5).max(600),
  lower: z.int().min(1).max(8),
  upper: z.int().min(1).max(8),
});
export type Teaspoon = z.infer<typeof Teaspoon>;

export const Iron = z.object({
  id: z.string().min(1).max(64),
  rev: z.int().min(1),
  name: z.string().min(1).max(80),
  kind: z.string().max(40),
  geometry: z.object({
    /** Footprint of one face, all moulds together. */
    footprint_cm2: positive(5000),
    /** Heated area of a face over its footprint: the grid's walls count. */
    areaFactor: z.number().min(1).max(4),
    cavity_mL: positive(5000),
    /** Thickness between the plates in a pocket. */
    web_mm: positive(60),
    /** Share of the heated area that belongs to the pockets' floors. */
    webShare: z.number().min(0).max(0.95),
    moulds: z.int().min(1).max(12),
    piecesPerLoad: z.int().min(1).max(24),
    /** The lattice of one mould, for the drawing. */
    lattice: z.object({
      rows: z.int().min(1).max(20),
      columns: z.int().min(1).max(20),
      outline: z.enum(['round', 'square']),
    }),
  }),
  plates: z.object({
    mass_kg: positive(40),
    power_W: positive(6000),
    /** Heat lost to the room per kelvin, closed. */
    loss_WPerK: positive(40),
  }),
  control: Control,
  /** Cooked through to a wafer: no moist crumb is wanted. */
  dryThrough: z.boolean(),
  /** Filled until it swells full, or poured to a share of the cavity. */
  pour: z.discriminatedUnion('rule', [
    z.object({ rule: z.literal('swells-full') }),
    z.object({ rule: z.literal('share-of-cavity'), share: z.number().positive().max(1) }),
  ]),
  /** Batter it can spread: what flows, mL, over starch, protein and fibre, g (see `looseness`). */
  looseness: z.object({ min: z.number().min(0), max: z.number().max(20) }),
  signals: z.object({ light: z.boolean(), beep: z.boolean() }),
  turned: z.boolean(),
  /** How much hotter each pocket of a face is than the plate's mean, K, row by row from the hinge; left out while nobody knows. */
  pattern: z
    .object({ lower: z.array(z.number().min(-60).max(60)).max(400), upper: z.array(z.number().min(-60).max(60)).max(400) })
    .optional(),
  /** What was measured of it rather than assumed: what it holds, by filling it cold; its plates, with a probe. Left out: neither. */
  measured: z
    .object({
      cavity: z.enum(['water', 'rice', 'batter', 'usual-pour', 'dough', 'picture']).nullable(),
      plates: z.boolean(),
      /** What it was taken to hold before somebody said what usually fills it, mL: to let go of it again. */
      taken_mL: positive(5000).optional(),
      /** A teaspoon of batter closed in the hot iron, and its faces held against the eight bands. */
      teaspoon: Teaspoon.optional(),
    })
    .optional(),
  coating: z.enum(['bare', 'coated']),
  circuitId: z.string().nullable(),
});

export type Iron = z.infer<typeof Iron>;

/** Specific heat of cast aluminium, J/(kg K) (metals handbooks; from memory). */
const ALUMINIUM_J_PER_KG_K = 900;

/** The iron in SI units, as the simulation wants it. */
export type PlateMachine = {
  readonly heatedArea_m2: number;
  readonly columns: readonly { readonly thickness_m: number; readonly share: number }[];
  /** Of one plate. */
  readonly capacity_JPerK: number;
  readonly power_W: number;
  readonly loss_WPerK: number;
  /** Poured low and turned over: what still flows falls to the other plate, and a hollow stays between. */
  readonly turns: boolean;
  /** Over a flame that heats one plate at a time; null: each plate has its own heater and thermostat. */
  readonly flame: { readonly turnEvery_s: number } | null;
  /** How much hotter than its control says each plate is held, K; nobody knows it of a new iron. */
  readonly bias_K: { readonly lower: number; readonly upper: number };
};

const UNBIASED = { lower: 0, upper: 0 } as const;

/** Web and rib as two slabs whose mean, by heated area, is the cavity over the heated area. */
export const plateMachine = (iron: Iron): PlateMachine => {
  const { footprint_cm2, areaFactor, cavity_mL, web_mm, webShare } = iron.geometry;
  const heatedArea_m2 = footprint_cm2 * areaFactor * 1e-4;
  const mean_m = (cavity_mL * 1e-6) / heatedArea_m2;
  // A web thicker than the mean would leave nothing for the rib.
  const web_m = Math.min(web_mm * 1e-3, mean_m);
  const rib_m = (mean_m - webShare * web_m) / (1 - webShare);
  const columns = [
    { thickness_m: web_m, share: webShare },
    { thickness_m: rib_m, share: 1 - webShare },
  ].filter((column) => column.share > 0);
  return {
    heatedArea_m2,
    columns,
    capacity_JPerK: (iron.plates.mass_kg * ALUMINIUM_J_PER_KG_K) / 2,
    power_W: iron.plates.power_W / 2,
    loss_WPerK: iron.plates.loss_WPerK / 2,
    flame: iron.control.type === 'hob' ? { turnEvery_s: iron.control.turnEvery_s } : null,
    turns: iron.turned && iron.pour.rule === 'share-of-cavity',
    bias_K: UNBIASED,
  };
};
