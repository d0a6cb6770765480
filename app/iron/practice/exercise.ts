import { seededRandom } from '../../../core/basis/index.ts';
import type { Hidden, Level } from '../../../core/practice/index.ts';
import { drawHidden, LEVELS } from '../../../core/practice/index.ts';
import { keepJson, keptText } from '../../webStorage.ts';

/** A load that is over; everything else of it follows from the seed. */
type Done = { readonly portion_g: number; readonly setting_C: number; readonly open_s: number };

/** One hidden iron being found out. Plain data, so that a reload brings it back. */
export type Exercise = { readonly levelId: string; readonly seed: number; readonly done: readonly Done[]; readonly isOver: boolean };

const KEY = 'tawny-lattice-practice';
const MOST_SEED = 1_000_000;

export const levelOf = (id: string): Level => LEVELS.find((level) => level.id === id) ?? LEVELS[0]!;

export const newExercise = (levelId: string, chance: number): Exercise => ({
  levelId,
  seed: Math.floor(chance * MOST_SEED),
  done: [],
  isOver: false,
});

export const hiddenOf = ({ levelId, seed }: Exercise): Hidden => drawHidden(levelOf(levelId), seededRandom(seed));

const isNumber = (value: unknown): value is number => typeof value === 'number' && Number.isFinite(value);

/** What was kept, where it still makes sense. */
export const exerciseFrom = (text: string | null): Exercise | null => {
  try {
    const kept = JSON.parse(text ?? 'null') as Partial<Exercise> | null;
    if (kept === null || typeof kept !== 'object' || !isNumber(kept.seed) || !Array.isArray(kept.done)) return null;
    if (!LEVELS.some((level) => level.id === kept.levelId)) return null;
    const done = (kept.done as Partial<Done>[]).filter(
      (d): d is Done => isNumber(d.portion_g) && isNumber(d.setting_C) && isNumber(d.open_s),
    );
    return { levelId: String(kept.levelId), seed: kept.seed, done, isOver: kept.isOver === true };
  } catch {
    return null;
  }
};

export const keptExercise = (): Exercise | null => exerciseFrom(keptText('tab', KEY));

export const keepExercise = (exercise: Exercise): void => keepJson('tab', KEY, exercise);
