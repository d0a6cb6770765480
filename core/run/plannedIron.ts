import type { Advice } from '../advise/index.ts';
import { TURNAROUND } from '../advise/index.ts';
import { preheatTime_s, recoveryTime_s, restPlates } from '../plate/index.ts';
import type { PlannedIron } from './plan.ts';

/** What the morning's plan needs of an advice: times of the whole cycle, rounded up to whole seconds. */
export const plannedIron = (a: Advice): PlannedIron => {
  const { iron, room_C } = a.request;
  const { temperature_C } = a.setting;
  const { trace, window } = a.cooked;
  const second = Math.min(trace.seconds, Math.round(window.best_s));
  const lower_C = trace.lowerPlate_C[second] ?? temperature_C;
  const upper_C = trace.upperPlate_C[second] ?? temperature_C;
  const closed = { lower_C, upper_C, lowerSensor_C: lower_C, upperSensor_C: upper_C };
  const opened = restPlates(a.machine, closed, temperature_C, room_C, TURNAROUND.open_s, 'open');
  return {
    ironId: iron.id,
    piecesPerLoad: iron.geometry.piecesPerLoad,
    portion_g: a.portion.portion_g,
    leastPortion_g: a.portion.fills_g[0],
    preheat_s: Math.ceil(preheatTime_s(a.machine, temperature_C, room_C)),
    cook_s: Math.round(window.best_s),
    open_s: TURNAROUND.open_s,
    recovery_s: Math.ceil(recoveryTime_s(a.machine, opened, temperature_C, room_C)),
  };
};
