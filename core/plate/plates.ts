import { clamp } from '../basis/index.ts';
import type { PlateMachine } from './iron.ts';

/** Two lumped plates, and what their sensors feel, °C. */
export type PlatesState = {
  readonly lower_C: number;
  readonly upper_C: number;
  readonly lowerSensor_C: number;
  readonly upperSensor_C: number;
};

/** Lag of the sensor behind its plate, s (calibrated: 10–20 s of overshoot are seen in practice). */
const SENSOR_LAG_S = 10;
/**
 * The thermostat's swing, K. Its phase at the pour can't be known, so the mean over the swing is followed:
 * power falls from full to none across this band.
 */
const SWING_K = 8;
/**
 * An open lid loses heat this many times faster: both faces lie bare, some 18 W/m²K each by free convection and radiation of dark plates near 170 °C
 * (handbook formulas, from memory), which is about as much again as the shell gives off.
 */
export const OPEN_LID_FACTOR = 2;

export const coldPlates = (room_C: number): PlatesState => ({
  lower_C: room_C,
  upper_C: room_C,
  lowerSensor_C: room_C,
  upperSensor_C: room_C,
});

/** The same plates, hotter by so much; sensors with them. */
export const shiftedPlates = (p: PlatesState, lower_K: number, upper_K = lower_K): PlatesState => ({
  lower_C: p.lower_C + lower_K,
  upper_C: p.upper_C + upper_K,
  lowerSensor_C: p.lowerSensor_C + lower_K,
  upperSensor_C: p.upperSensor_C + upper_K,
});

const heating_W = (machine: PlateMachine, sensor_C: number, setting_C: number, holding_W: number): number => {
  // Centred so that the power that holds the setting is met at the setting.
  const holdingShare = clamp(holding_W / machine.power_W, 0, 1);
  return machine.power_W * clamp(holdingShare + (setting_C - sensor_C) / SWING_K, 0, 1);
};

/** Heat of an unregulated flame into each plate, W. */
export type Flame = { readonly lower_W: number; readonly upper_W: number };

/** What a flame gives the plates at a second of the load: all of it to the one that is below. Null: no flame. */
export const flameAt = (machine: PlateMachine, second: number): Flame | null => {
  if (machine.flame === null) return null;
  const isTurned = Math.floor(second / machine.flame.turnEvery_s) % 2 === 1;
  const whole_W = 2 * machine.power_W;
  return isTurned ? { lower_W: 0, upper_W: whole_W } : { lower_W: whole_W, upper_W: 0 };
};

/** One step of both plates; `heatLower_W` and `heatUpper_W` go into the batter. */
export const advancePlates = (
  machine: PlateMachine,
  plates: PlatesState,
  setting_C: number,
  room_C: number,
  heatLower_W: number,
  heatUpper_W: number,
  dt_s: number,
  lossFactor = 1,
  flame: Flame | null = null,
): PlatesState => {
  const advance = (plate: number, sensor: number, bias_K: number, heat_W: number, flame_W: number | undefined): number => {
    const held_C = setting_C + bias_K;
    const holding = machine.loss_WPerK * (held_C - room_C);
    const loss = lossFactor * machine.loss_WPerK;
    const net = (flame_W ?? heating_W(machine, sensor, held_C, holding)) - heat_W - loss * (plate - room_C);
    return plate + (net * dt_s) / machine.capacity_JPerK;
  };
  const follow = 1 - Math.exp(-dt_s / SENSOR_LAG_S);
  return {
    lower_C: advance(plates.lower_C, plates.lowerSensor_C, machine.bias_K.lower, heatLower_W, flame?.lower_W),
    upper_C: advance(plates.upper_C, plates.upperSensor_C, machine.bias_K.upper, heatUpper_W, flame?.upper_W),
    lowerSensor_C: plates.lowerSensor_C + follow * (plates.lower_C - plates.lowerSensor_C),
    upperSensor_C: plates.upperSensor_C + follow * (plates.upper_C - plates.upperSensor_C),
  };
};

/** Plates that have been left on for long. */
export const recoveredPlates = (machine: PlateMachine, setting_C: number, room_C: number): PlatesState => {
  // A weak iron may not reach its setting at all.
  const most_C = room_C + machine.power_W / machine.loss_WPerK;
  const lower_C = Math.min(setting_C + machine.bias_K.lower, most_C);
  const upper_C = Math.min(setting_C + machine.bias_K.upper, most_C);
  return { lower_C, upper_C, lowerSensor_C: lower_C, upperSensor_C: upper_C };
};

/** Empty plates, closed or with the lid open, for `duration_s`. */
export const restPlates = (
  machine: PlateMachine,
  start: PlatesState,
  setting_C: number,
  room_C: number,
  duration_s: number,
  lid: 'open' | 'closed',
): PlatesState => {
  let plates = start;
  const count = Math.max(1, Math.ceil(duration_s));
  for (let i = 0; i < count; i++)
    plates = advancePlates(machine, plates, setting_C, room_C, 0, 0, duration_s / count, lid === 'open' ? OPEN_LID_FACTOR : 1);
  return plates;
};

/** Plates after switching on cold and waiting. */
export const preheatedPlates = (machine: PlateMachine, setting_C: number, room_C: number, preheat_s: number): PlatesState =>
  restPlates(machine, coldPlates(room_C), setting_C, room_C, preheat_s, 'closed');

/** Both plates are as hot as wanted, but for so much. */
const isWithin = (plates: PlatesState, goal: PlatesState, within_K: number): boolean =>
  plates.lower_C >= goal.lower_C - within_K && plates.upper_C >= goal.upper_C - within_K;

/** Seconds from cold until both plates are within `within_K` of what they will reach. */
export const preheatTime_s = (machine: PlateMachine, setting_C: number, room_C: number, within_K = 3): number => {
  const goal = recoveredPlates(machine, setting_C, room_C);
  let plates: PlatesState = coldPlates(room_C);
  let seconds = 0;
  while (!isWithin(plates, goal, within_K) && seconds < 3600) {
    plates = advancePlates(machine, plates, setting_C, room_C, 0, 0, 2);
    seconds += 2;
  }
  return seconds;
};

/** Seconds with the lid closed until plates are back within `within_K`, after a load left them as they are. */
export const recoveryTime_s = (machine: PlateMachine, start: PlatesState, setting_C: number, room_C: number, within_K = 5): number => {
  const goal = recoveredPlates(machine, setting_C, room_C);
  let plates = start;
  let seconds = 0;
  while (!isWithin(plates, goal, within_K) && seconds < 600) {
    plates = advancePlates(machine, plates, setting_C, room_C, 0, 0, 1);
    seconds += 1;
  }
  return seconds;
};
