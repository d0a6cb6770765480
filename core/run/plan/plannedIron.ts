import type { IronCycle } from './cycle.ts';
import type { Advice } from '../../advise/index.ts';
import { NORMAL_P90 } from '../../basis/index.ts';
import { platesAfterLoad, TURNAROUND } from '../../cook/index.ts';
import { preheatTime_s, recoveryTime_s } from '../../plate/index.ts';

/** Loads of one iron on one morning, in the logarithm of their time (*common practice*: a load is seldom off by more than a quarter). */
const MOST_SCATTER = 0.1;

/**
 * What the morning's plan needs of an advice: times of the whole cycle, rounded up to whole seconds. `open_s`: how long the lid stands open between two
 * loads; left out: as is usual.
 */
export const plannedIron = (a: Advice, open_s: number = TURNAROUND.open_s): IronCycle => {
  const { iron, room_C } = a.request;
  const { temperature_C } = a.setting;
  const opened = platesAfterLoad(a.machine, a.cooked, temperature_C, room_C, open_s);
  return {
    ironId: iron.id,
    name: iron.name,
    power_W: iron.plates.power_W,
    circuitId: iron.circuitId,
    piecesPerLoad: iron.geometry.piecesPerLoad,
    portion_g: a.portion.portion_g,
    leastPortion_g: a.portion.fills_g[0],
    preheat_s: Math.ceil(preheatTime_s(a.machine, temperature_C, room_C)),
    cook_s: Math.round(a.cooked.window.best_s),
    open_s,
    setting_C: temperature_C,
    recovery_s: Math.ceil(recoveryTime_s(a.machine, opened, temperature_C, room_C)),
    // What isn’t known of an iron shows with its first load; from then on loads scatter by less.
    timeSd: Math.min(MOST_SCATTER, Math.log(a.band_s.p90 / a.band_s.p10) / (2 * NORMAL_P90)),
  };
};
