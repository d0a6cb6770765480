export type { PlannedIron, PlannedLoad, RunMode, RunPlan, RunRequest } from './plan.ts';
export { plannedIron } from './plannedIron.ts';
export { planRun, RUN_MODES } from './plan.ts';
export { Run } from './run.ts';
export { instantOf, wallTime, zoneOffset_ms } from './zone.ts';
