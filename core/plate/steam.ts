import { saturationPressure_Pa } from '../matter/index.ts';
import type { PlateMachine } from './iron.ts';
import type { Room } from './rack.ts';
import type { Trace } from './simulate.ts';

/** kg of water per kg of dry air at a vapour pressure. */
const mixingRatio = (vapour_Pa: number, pressure_Pa: number): number => (0.621945 * vapour_Pa) / (pressure_Pa - vapour_Pa);

/** Air is followed from the room's temperature to this much over it, K: where the tangent lies in any kitchen. */
const WARMED_K = 45;

/**
 * How much steam air can take up for each kelvin that it is warmed without ever showing fog, kg/(kg K): the steepest straight mixing line from the
 * room's state that stays under the saturation curve (Schmidt–Appleman criterion; E. Schmidt 1941, H. Appleman, Bull. Am. Met. Soc. 34, 1953).
 */
export const fogLimit_perK = ({ temperature_C, humidity }: Room, pressure_Pa: number): number => {
  const w0 = mixingRatio(humidity * saturationPressure_Pa(temperature_C), pressure_Pa);
  let least = Infinity;
  for (let warmed = 0.5; warmed <= WARMED_K; warmed += 0.5) {
    const w = mixingRatio(saturationPressure_Pa(temperature_C + warmed), pressure_Pa);
    least = Math.min(least, (w - w0) / warmed);
  }
  return Math.max(0, least);
};

/** Dry air, J/(kg K). */
const AIR_J_PER_KG_K = 1006;
/**
 * Share of the iron's warmed air that mixes with the steam while it is looked at (*calibrated to common practice*: steam is down about when a deep
 * load is done).
 */
const MIXES = 0.2;

/**
 * Steam as it is seen, g/s: what shows as fog. The iron's own loss warms the air around it; that air hides as much steam as the mixing line allows.
 */
export const seenSteam = (
  { steam_gPerS, lowerPlate_C, upperPlate_C }: Pick<Trace, 'steam_gPerS' | 'lowerPlate_C' | 'upperPlate_C'>,
  machine: Pick<PlateMachine, 'loss_WPerK'>,
  room: Room,
  pressure_Pa: number,
): Float64Array => {
  const hidden_gPerJ = (1000 * MIXES * fogLimit_perK(room, pressure_Pa)) / AIR_J_PER_KG_K;
  return steam_gPerS.map((rate, second) => {
    const lower_C = lowerPlate_C[second] ?? room.temperature_C;
    const upper_C = upperPlate_C[second] ?? lower_C;
    const loss_W = machine.loss_WPerK * (lower_C + upper_C - 2 * room.temperature_C);
    return Math.max(0, rate - hidden_gPerJ * loss_W);
  });
};
