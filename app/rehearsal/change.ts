import { clock } from '../clock/index.ts';
import type { Pace, PlayedExercise, Rehearsal } from './kept.ts';
import { keep, keptRehearsal, PLAYED_KEY } from './kept.ts';
import { keepText, keptJson } from '../webStorage.ts';

export const PACES: readonly Pace[] = [0, 1, 4, 15, 30, 60];

/** Kept for the page that is loaded next. */
export const keepRehearsal = (rehearsal: Omit<Rehearsal, 'at' | 'met'>, own: number): void =>
  keep({ ...rehearsal, met: [], at: { wall: Date.now(), own } });

/** Another pace, or other hands: the clock goes on from where it stands. */
export const changeRehearsal = (changes: Partial<Pick<Rehearsal, 'pace' | 'hands' | 'met'>>): void => {
  const before = keptRehearsal();
  if (before === null) return;
  const own = clock.now();
  const next = { ...before, ...changes, at: { wall: Date.now(), own } };
  keep(next);
  clock.rehearse(own, next.pace);
};

/** Taken once: null where none was played. */
export const takePlayed = (): PlayedExercise | null => {
  const played = keptJson('tab', PLAYED_KEY) as PlayedExercise | null;
  keepText('tab', PLAYED_KEY, null);
  return played;
};
