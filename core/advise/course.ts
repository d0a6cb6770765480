import { tawnyStepOf } from '../matter/index.ts';
import type { PlateMachine } from '../plate/index.ts';
import { coldPlates, preheatTime_s, recoveredPlates, restPlates, simulate } from '../plate/index.ts';
import type { Advice } from './advice.ts';
import { scalesOf } from './believed.ts';
import { TURNAROUND } from '../cook/index.ts';

export type CourseRequest = {
  /** On before the first pour, s. */
  readonly preheat_s: number;
  readonly loads: number;
  /** From one opening to the next closed lid, s. */
  readonly pause_s: number;
  /** Voltage over what the rating plate says. */
  readonly mains: number;
};

export type CourseLoad = {
  readonly closedAt_s: number;
  readonly openedAt_s: number;
  /** Plates when the lid closes, and at their coolest. */
  readonly from_C: number;
  readonly lowest_C: number;
  /** What comes out if every load gets the time of the advice. */
  readonly tawny: number;
  readonly isSet: boolean;
  /** When the plates are back to within 5 K of where they started, s after opening; null: not within five minutes. */
  readonly readyAfter_s: number | null;
};

export type Course = {
  /** Every two seconds from switching on. */
  readonly plate_C: readonly number[];
  readonly loads: readonly CourseLoad[];
  /** When the plates are within 3 K of all that they will reach. */
  readonly hotAfter_s: number;
  readonly reaches_C: number;
};

export const COURSE_STEP_S = 2;
const LONGEST_RECOVERY_S = 300;
const BACK_WITHIN_K = 5;

/** Power goes with the square of the voltage. */
const weaker = (machine: PlateMachine, mains: number): PlateMachine => ({ ...machine, power_W: machine.power_W * mains * mains });

/** The heat of a whole morning on one iron: preheat, then loads with pauses, each opened after the time of the advice. */
export const heatCourse = (a: Advice, { preheat_s, loads, pause_s, mains }: CourseRequest): Course => {
  const machine = weaker(a.machine, mains);
  const { temperature_C } = a.setting;
  const { room_C, delay_s, turn_s } = a.request;
  const best_s = Math.round(a.cooked.window.best_s);
  const plate_C: number[] = [];
  let plates = coldPlates(room_C);
  const rest = (seconds: number, lid: 'open' | 'closed'): void => {
    for (let t = 0; t < seconds; t += COURSE_STEP_S) {
      plates = restPlates(machine, plates, temperature_C, room_C, COURSE_STEP_S, lid);
      plate_C.push(plates.lower_C);
    }
  };
  rest(preheat_s, 'closed');
  const goal = recoveredPlates(machine, temperature_C, room_C).lower_C;
  const cooked: CourseLoad[] = [];
  for (let n = 0; n < loads; n++) {
    const pouredAt_C = plates.lower_C;
    const { trace, end } = simulate({
      machine,
      batter: a.batter,
      portion_kg: a.portion.portion_g / 1000,
      plates,
      setting_C: temperature_C,
      room_C,
      duration_s: best_s,
      delay_s,
      turn_s,
      ...scalesOf(a.request.believed),
    });
    // What it loses while the batter lies open.
    const from_C = trace.lowerPlate_C[0] ?? pouredAt_C;
    for (let t = COURSE_STEP_S; t <= delay_s; t += COURSE_STEP_S) plate_C.push(pouredAt_C + (from_C - pouredAt_C) * (t / delay_s));
    const closedAt_s = plate_C.length * COURSE_STEP_S;
    let lowest_C = from_C;
    for (let t = COURSE_STEP_S; t <= trace.seconds; t += COURSE_STEP_S) {
      const here = trace.lowerPlate_C[t] ?? from_C;
      lowest_C = Math.min(lowest_C, here);
      plate_C.push(here);
    }
    plates = end.plates;
    const paler = Math.max(trace.lowerLightness[trace.seconds] ?? 86, trace.upperLightness[trace.seconds] ?? 86);
    let readyAfter_s: number | null = null;
    let recovering = plates;
    for (let t = 0; t <= LONGEST_RECOVERY_S && readyAfter_s === null; t += COURSE_STEP_S) {
      if (recovering.lower_C >= Math.min(goal, Math.max(from_C, a.plates.lower_C)) - BACK_WITHIN_K) readyAfter_s = t;
      recovering = restPlates(machine, recovering, temperature_C, room_C, COURSE_STEP_S, t < TURNAROUND.open_s ? 'open' : 'closed');
    }
    cooked.push({
      closedAt_s,
      openedAt_s: plate_C.length * COURSE_STEP_S,
      from_C,
      lowest_C,
      tawny: tawnyStepOf(paler, a.batter.rawLightness),
      isSet: (trace.core_C[trace.seconds] ?? 0) >= a.batter.setTemperature_C,
      readyAfter_s,
    });
    rest(Math.min(pause_s, TURNAROUND.open_s), 'open');
    rest(Math.max(0, pause_s - TURNAROUND.open_s), 'closed');
  }
  return { plate_C, loads: cooked, hotAfter_s: preheatTime_s(machine, temperature_C, room_C), reaches_C: goal };
};
