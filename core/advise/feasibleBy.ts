import { tawnyStepOf } from '../matter/index.ts';
import { recoveredPlates, settingRange } from '../plate/index.ts';
import type { Advice } from './advice.ts';
import { scalesOf } from './believed.ts';
import type { CookInput } from '../cook/index.ts';
import { cook } from '../cook/index.ts';

export type Feasibility = {
  /** At the hottest setting, fully preheated: when it is as wished; null: never. */
  readonly soonest_s: number | null;
  readonly isFeasible: boolean;
  /** What it has reached by then: the nearest that can be had. */
  readonly tawny: number;
  readonly isSet: boolean;
  /** Watts that would do it, fully preheated; null: no power does, or it is feasible already. */
  readonly power_W: number | null;
};

const MOST_W = 4000;
const FINE_W = 10;
/** A wish is met when it comes within this share of its time. */
const NEARLY = 1.02;

/** Can this iron bring the load to the wish within so many seconds, at its hottest and fully preheated? And if not, what could? */
export const feasibleBy = (a: Advice, limit_s: number): Feasibility => {
  const { iron, room_C, target } = a.request;
  const setting_C = settingRange(iron)?.max_C ?? a.setting.temperature_C;
  const setupFor = (power_W: number): CookInput => {
    const machine = { ...a.machine, power_W: power_W / 2 };
    return {
      iron,
      machine,
      batter: a.batter,
      portion_g: a.portion.portion_g,
      plates: recoveredPlates(machine, setting_C, room_C),
      setting_C,
      room_C,
      delay_s: a.request.delay_s,
      turn_s: a.request.turn_s,
      ...scalesOf(a.request.believed),
    };
  };
  const cooked = cook(setupFor(iron.plates.power_W), target, true);
  const isMet = (power_W: number): boolean => {
    const tried = cook(setupFor(power_W), target, false);
    return tried !== null && tried.window.reachesColour && tried.window.best_s <= limit_s * NEARLY;
  };
  if (cooked === null) return { soonest_s: null, isFeasible: false, tawny: 1, isSet: false, power_W: null };
  const at = Math.min(cooked.trace.seconds, Math.round(limit_s));
  const paler = Math.max(cooked.trace.lowerLightness[at] ?? 86, cooked.trace.upperLightness[at] ?? 86);
  const isFeasible = cooked.window.reachesColour && cooked.window.best_s <= limit_s * NEARLY;
  let power_W: number | null = null;
  if (!isFeasible && isMet(MOST_W)) {
    let [little, much] = [iron.plates.power_W, MOST_W];
    while (much - little > FINE_W) {
      const middle = (little + much) / 2;
      if (isMet(middle)) much = middle;
      else little = middle;
    }
    power_W = Math.round(much / FINE_W) * FINE_W;
  }
  return {
    soonest_s: cooked.window.reachesColour ? cooked.window.best_s : null,
    isFeasible,
    tawny: tawnyStepOf(paler, a.batter.rawLightness),
    isSet: (cooked.trace.core_C[at] ?? 0) >= a.batter.setTemperature_C,
    power_W,
  };
};
