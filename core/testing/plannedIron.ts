import type { PlannedIron } from '../run/index.ts';
import { OWN_DISH } from './morning.ts';

/** An iron as the planner sees it: two pieces in four minutes. */
export const plannedIron = (ironId: string, changes: Partial<PlannedIron> = {}): PlannedIron => ({
  ironId,
  dishId: OWN_DISH,
  piecesPerLoad: 2,
  portion_g: 150,
  leastPortion_g: 140,
  preheat_s: 300,
  cook_s: 240,
  open_s: 20,
  recovery_s: 15,
  ...changes,
});
