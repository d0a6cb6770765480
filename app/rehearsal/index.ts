export type { Pace, Rehearsal } from './kept.ts';
export { changeRehearsal, endRehearsal, keptRehearsal, onRehearsal, PACES } from './kept.ts';
export { useRehearsal } from './useRehearsal.ts';
