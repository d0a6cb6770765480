import type { Finding } from '../basis/index.ts';
import { sum } from '../basis/index.ts';
import type { Iron } from '../plate/index.ts';
import { PUBLISHED } from '../safety/index.ts';
import type { Kit } from './kit.ts';

/** Irons that run together on one circuit: `circuit-overloaded` (hazard) or `circuit-nearly-full`, with watts. */
export const circuitFindings = (irons: readonly Iron[], circuits: Kit['circuits']): Finding[] =>
  circuits.flatMap((circuit): Finding[] => {
    const power_W = sum(irons.filter((iron) => iron.circuitId === circuit.id).map((iron) => iron.plates.power_W));
    const limit_W = circuit.current_A * circuit.voltage_V;
    const fields = { circuit: circuit.name, power_W, limit_W, share: Math.round((100 * power_W) / limit_W) };
    if (power_W > limit_W) return [{ code: 'circuit-overloaded', level: 'hazard', fields }];
    if (power_W > PUBLISHED.circuitShare.most * limit_W) return [{ code: 'circuit-nearly-full', level: 'warning', fields }];
    return [];
  });
