import type { Run } from '../../core/run/index.ts';

/** Changes the run that is kept; by a function where one touch builds on the one before, which may not be on the screen yet. */
export type ChangeRun = (changes: Partial<Run> | ((now: Run) => Partial<Run>)) => void;
