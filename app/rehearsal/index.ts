export type { Rehearsal } from './kept.ts';
export { keptRehearsal, takePlayed } from './kept.ts';
export { useRehearsal } from './useRehearsal.ts';
