import type { PlateMachine, PlatesState } from '../plate/index.ts';
import { preheatedPlates, recoveredPlates, restPlates } from '../plate/index.ts';
import type { Cooked } from './cook.ts';

/** Between two loads (*common practice*): lid open to unload and pour, then closed to recover. */
export const TURNAROUND = { open_s: 25, closed_s: 35 } as const;
/** Of the time that a lid is open a hand takes out for so long, and pours for the rest (*common practice*). */
export const TAKES_OUT = 0.6;
/** Plates no longer change from load to load after this many. */
const SETTLED_AFTER_LOADS = 4;

/** Plates when a load has been taken out at its best and the next is being poured: the lid has stood open for `open_s`. */
export const platesAfterLoad = (
  machine: PlateMachine,
  { trace, window }: Cooked,
  setting_C: number,
  room_C: number,
  open_s: number = TURNAROUND.open_s,
): PlatesState => {
  const second = Math.min(trace.seconds, Math.round(window.best_s));
  const lower_C = trace.lowerPlate_C[second] ?? setting_C;
  const upper_C = trace.upperPlate_C[second] ?? setting_C;
  return restPlates(machine, { lower_C, upper_C, lowerSensor_C: lower_C, upperSensor_C: upper_C }, setting_C, room_C, open_s, 'open');
};

/** What the plates at the pour depend on beside the iron and its setting. */
export type PourConditions = { readonly room_C: number; readonly preheat_s: number | null; readonly load: number };

/** Plates at the pour: after the preheat, and after the loads before this one. */
export const platesAtPour = (
  request: PourConditions,
  machine: PlateMachine,
  setting_C: number,
  cookFrom: (plates: PlatesState) => Cooked | null,
): PlatesState => {
  const { room_C } = request;
  let plates =
    request.preheat_s === null
      ? recoveredPlates(machine, setting_C, room_C)
      : preheatedPlates(machine, setting_C, room_C, request.preheat_s);
  for (let before = 1; before < Math.min(request.load, SETTLED_AFTER_LOADS); before++) {
    const cooked = cookFrom(plates);
    if (cooked === null) break;
    const opened = platesAfterLoad(machine, cooked, setting_C, room_C);
    plates = restPlates(machine, opened, setting_C, room_C, TURNAROUND.closed_s, 'closed');
  }
  return plates;
};
