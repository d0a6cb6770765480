export type { PlannedRun } from './useRunPlan.ts';
export { useRunPlan } from './useRunPlan.ts';
export type { Session } from './useSession.ts';
export { adviceJob, airIn, inBowl, openLot, useSession } from './useSession.ts';
export type { RunningLoad } from './useRunning.ts';
export { useNewestLoads } from './useRunning.ts';
export { readingOf } from './reading.ts';
export { batterKey, historyJob, recentLoads } from './ironHistory.ts';
export { keepRescued, useRescuedTimes, withRescued } from './rescuedTimes.ts';
