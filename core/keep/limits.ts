import * as z from 'zod';
import type { CodeId } from '../safety/index.ts';
import { CODE_IDS, CODES, outOfCold, PUBLISHED } from '../safety/index.ts';
import { DAY_MS, HOUR_MS, Instant } from '../basis/index.ts';

export const KEEP_FORMS = ['batter', 'yeasted-batter', 'pieces', 'wafers', 'opened'] as const;
export const KEEP_PLACES = ['room', 'refrigerator', 'freezer', 'tin'] as const;
/** Why something that was put away was thrown away. */
export const WASTE_REASONS = ['past-its-best', 'over-its-limit', 'stale', 'freezer-burn', 'too-many', 'dropped'] as const;
export type WasteReason = (typeof WASTE_REASONS)[number];
export type KeepForm = (typeof KEEP_FORMS)[number];
export type KeepPlace = (typeof KEEP_PLACES)[number];

/** One reason to have used something by then. `source` names the published limit, or says *common practice*. */
export const KeepLimit = z.object({
  code: z.string().max(60),
  until: z.int(),
  source: z.string().max(300),
  kind: z.enum(['safety', 'quality']),
});
export type KeepLimit = z.infer<typeof KeepLimit>;

const COMMON = 'common practice';
const RECIPE = 'the recipe';

/** Both schools of how long cooked pieces are good in the freezer, days: a month, or three to five (*common practice*). */
export const FROZEN_SCHOOLS = [30, 120] as const;

/** Batter in the refrigerator, h: three days, then it is past its quality, whatever it smells like (*common practice*). */
export const BATTER_H = 72;

/** Hours of quality by form and place (*common practice*); absent: nobody keeps it there. */
const QUALITY_H: Readonly<Record<KeepForm, Partial<Record<KeepPlace, number>>>> = {
  batter: { room: 1, refrigerator: BATTER_H },
  'yeasted-batter': { room: 2, refrigerator: 24 },
  pieces: { room: 2, refrigerator: 48, freezer: 30 * 24 },
  wafers: { room: 24, tin: 14 * 24, freezer: 60 * 24 },
  opened: { refrigerator: 72 },
};

/** Baked and dry enough that time at room temperature is a question of quality only. */
const isShelfStable = (form: KeepForm): boolean => form === 'wafers';

export type KeepQuestion = {
  readonly form: KeepForm;
  readonly place: KeepPlace;
  /** When it was put there, epoch ms. */
  readonly from: number;
  readonly code: CodeId;
  /** What the refrigerator really holds, and how warm the room is, °C. */
  readonly refrigerator_C: number;
  readonly room_C: number;
  /** How long batter keeps by its recipe's own word, h; null or left out: it says nothing. */
  readonly recipe_h?: number | null | undefined;
  /** How long cooked pieces are good in the freezer, by the kitchen's own school, days; left out: the stricter one. */
  readonly frozen_days?: number | undefined;
};

/**
 * Limits with their source, the strictest first: of the code, of the family's practice and of the recipe's own word. In the refrigerator the last day of
 * a code that counts days ends 24 h × days after the start, a little stricter than by calendar day. A refrigerator warmer than the code allows counts as
 * out of the cold.
 */
export const keepLimits = (question: KeepQuestion): KeepLimit[] => {
  const { form, place, from, code, refrigerator_C, room_C, frozen_days, recipe_h } = question;
  const limits: KeepLimit[] = [];
  const rule = CODES[code];
  const cold = place === 'freezer' || (place === 'refrigerator' && refrigerator_C <= rule.cold_C);
  if (!isShelfStable(form)) {
    const { most_h, source } = outOfCold(rule, place === 'room' ? room_C : refrigerator_C);
    if (!cold) limits.push({ code: 'out-of-cold', until: from + most_h * HOUR_MS, source, kind: 'safety' });
    else if (place === 'refrigerator' && rule.storage !== null)
      limits.push({
        code: 'cold-storage',
        until: from + (rule.storage.most_days - 1) * DAY_MS,
        source: rule.storage.source,
        kind: 'safety',
      });
  }
  if (form === 'opened' && cold)
    limits.push({ code: 'opened', until: from + PUBLISHED.opened.most_days * DAY_MS, source: PUBLISHED.opened.source, kind: 'safety' });
  if (recipe_h != null && place === 'refrigerator' && (form === 'batter' || form === 'yeasted-batter'))
    limits.push({ code: 'recipe-keeps', until: from + recipe_h * HOUR_MS, source: RECIPE, kind: 'quality' });
  const quality_h = form === 'pieces' && place === 'freezer' && frozen_days !== undefined ? 24 * frozen_days : QUALITY_H[form][place];
  if (quality_h !== undefined) limits.push({ code: 'quality', until: from + quality_h * HOUR_MS, source: COMMON, kind: 'quality' });
  return limits.sort((a, b) => a.until - b.until);
};

/** Where each form may be put. */
export const placesFor = (form: KeepForm): KeepPlace[] => KEEP_PLACES.filter((place) => QUALITY_H[form][place] !== undefined);

/** Something put away: leftover batter, pieces, a tin. */
export const KeepItem = z.object({
  id: z.string().min(1).max(64),
  lotId: z.string().min(1).max(64).nullable(),
  name: z.string().min(1).max(120),
  form: z.enum(KEEP_FORMS),
  place: z.enum(KEEP_PLACES),
  from: Instant,
  amount: z.string().max(60),
  allergens: z.array(z.string().max(40)).max(20),
  /** The code it was judged by when it was put away. */
  codeOfPractice: z.enum(CODE_IDS),
  refrigerator_C: z.number().min(-5).max(20),
  /** The school of freezing it was judged by; left out: a month. */
  frozen_days: z.int().min(1).max(400).optional(),
  usedAt: Instant.nullable(),
  /** Why it was thrown away then; left out: it was eaten. */
  thrown: z.enum(WASTE_REASONS).optional(),
});
export type KeepItem = z.infer<typeof KeepItem>;
