export type { Dish } from './dish.ts';
export { DISH_FIELDS, dishOf, isDishOf } from './dish.ts';
export type { PlannedIron, RunPlan, RunRequest } from './plan.ts';
export { planRun } from './plan.ts';
export { plannedIron } from './plannedIron.ts';
export { Run } from './run.ts';
export { freeName, nextMorning, runThatIsOn } from './runs.ts';
export { instantOf, wallTime, zoneOffset_ms } from './zone.ts';
