export type { Rehearsal } from './kept.ts';
export { takePlayed } from './change.ts';
export { useRehearsal } from './useRehearsal.ts';
