import * as z from 'zod';
import { Instant } from '../basis/index.ts';

/** One exercise that is over. */
export const PracticeRecord = z.object({
  id: z.string().min(1).max(64),
  levelId: z.string().min(1).max(64),
  seed: z.int().min(0),
  at: Instant,
  loads: z.int().min(1).max(99),
  isLanded: z.boolean(),
  /** What the estimator needed on the same iron; null: not within its five loads. */
  estimatorLoads: z.int().min(1).max(99).nullable(),
  /** A whole morning instead of a hidden iron: minutes that its guests waited, all together, and how many they would have by the plan alone. */
  morning: z
    .object({
      guests: z.int().min(1).max(2000),
      waited_min: z.number().min(0).max(1e6),
      planned_min: z.number().min(0).max(1e6),
    })
    .optional(),
});
export type PracticeRecord = z.infer<typeof PracticeRecord>;

export type LevelProgress = {
  readonly levelId: string;
  readonly played: number;
  readonly landed: number;
  /** Fewest loads in which it was landed; null: not yet. */
  readonly best: number | null;
  /** Mean over the newest five that were landed; null: none. */
  readonly lately: number | null;
};

/** The exercise of a whole morning, beside the levels. */
export const MORNING_LEVEL = 'whole-morning';

export type MorningProgress = {
  readonly played: number;
  /** Fewest minutes that a guest waited in the mean; null: none was played to its end. */
  readonly best_min: number | null;
  /** The newest five, a guest: waited, and by the plan alone. */
  readonly lately: readonly { readonly waited_min: number; readonly planned_min: number }[];
};

/** How a learner stands with whole mornings; minutes are those of one guest. */
export const morningProgress = (records: readonly PracticeRecord[]): MorningProgress => {
  const mine = records
    .filter((record) => record.levelId === MORNING_LEVEL)
    .sort((a, b) => a.at - b.at)
    .flatMap(({ morning }) => morning ?? []);
  const each = mine.map(({ guests, waited_min, planned_min }) => ({ waited_min: waited_min / guests, planned_min: planned_min / guests }));
  return {
    played: each.length,
    best_min: each.length === 0 ? null : Math.min(...each.map((one) => one.waited_min)),
    lately: each.slice(-LATELY),
  };
};

const LATELY = 5;

/** How a learner stands at one level. */
export const levelProgress = (levelId: string, records: readonly PracticeRecord[]): LevelProgress => {
  const mine = records.filter((record) => record.levelId === levelId).sort((a, b) => a.at - b.at);
  const landed = mine.filter((record) => record.isLanded);
  const last = landed.slice(-LATELY);
  return {
    levelId,
    played: mine.length,
    landed: landed.length,
    best: landed.length === 0 ? null : Math.min(...landed.map((record) => record.loads)),
    lately: last.length === 0 ? null : last.reduce((sum, record) => sum + record.loads, 0) / last.length,
  };
};
