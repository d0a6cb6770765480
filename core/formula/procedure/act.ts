import * as z from 'zod';

/** What is done with a batter and what it makes, in the words of the trade. */
export const ACT_KINDS = [
  'sift',
  'whisk-dry',
  'whisk-wet',
  'melt',
  'warm',
  'cool',
  'separate',
  'whip',
  'combine',
  'fold',
  'stir',
  'sieve',
  'jugs',
  'rest',
  'chill',
  'ferment',
  'deflate',
  'preheat',
  'grease',
  'pour',
  'scatter',
  'close',
  'turn',
  'cook',
  'shape',
  'cool-piece',
  'stack',
  'hold',
  'keep',
  'freeze',
  'reheat',
  'serve',
  'other',
] as const;
export type ActKind = (typeof ACT_KINDS)[number];

/** How far something is whipped. */
export const PEAKS = ['frothy', 'soft', 'firm', 'stiff', 'ribbon', 'pale'] as const;
export type Peak = (typeof PEAKS)[number];
/** What an act goes on until, whichever act it is. */
export const UNTIL = [
  ...PEAKS,
  'smooth',
  'lumpy',
  'no-streaks',
  'melted',
  'brown',
  'steam',
  'colour',
  'smell',
  'beep',
  'light',
  'risen',
] as const;
export const WHIPPED = ['whites', 'whole-eggs', 'yolks', 'cream'] as const;
export const ACT_PLACES = ['room', 'warm', 'cold', 'freezer', 'oven', 'rack', 'tin', 'bag', 'toaster', 'iron', 'hot-water'] as const;

const MOST_S = 400 * 86_400;
const seconds = z.number().min(0).max(MOST_S);
const range = z.tuple([z.number(), z.number()]);

/** One thing that is done. Of a time or an amount: from–to. What is left out isn't said. */
export const Act = z.object({
  kind: z.enum(ACT_KINDS),
  /** In which of the formula's steps it stands, from 0. */
  step: z.int().min(0).max(99),
  /** The cook's own words: the sentence, or where it says several things the part that is about this. */
  words: z.string().max(600),
  /** What it takes, by the ids of the formula's lines. */
  lineIds: z.array(z.string().min(1).max(64)).max(60).optional(),
  time_s: z.tuple([seconds, seconds]).optional(),
  /** "Not before 6 minutes". */
  notBefore_s: seconds.optional(),
  what: z.enum(WHIPPED).optional(),
  until: z.enum(UNTIL).optional(),
  by: z.enum(['hand', 'machine']).optional(),
  /** In so many parts. */
  additions: z.int().min(1).max(9).optional(),
  /** So many times. */
  times: z.int().min(1).max(9).optional(),
  place: z.enum(ACT_PLACES).optional(),
  /** When it is done, where the batter stands over night. */
  day: z.enum(['evening', 'morning']).optional(),
  temperature_C: range.optional(),
  mark: range.optional(),
  /** Of one mould. */
  dose_mL: range.optional(),
  dose_g: range.optional(),
  side: z.enum(['under', 'over']).optional(),
  /** Grease: every load, the first only, never. */
  every: z.enum(['load', 'first', 'never']).optional(),
  /** So many together: pieces in a bag. */
  count: z.int().min(1).max(200).optional(),
});
export type Act = z.infer<typeof Act>;

/** Most acts of a recipe that are kept. */
export const MOST_ACTS = 200;
