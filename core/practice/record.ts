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
