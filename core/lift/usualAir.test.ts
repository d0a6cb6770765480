import { describe, expect, test } from '@jest/globals';
import { batterOf } from '../cook/index.ts';
import { LIFT_FACTS } from '../formula/index.ts';
import { readBatter } from '../testing/batters.ts';
import type { Whip } from './foam.ts';
import { airAfter, bestStop, foamDensity, foamPlan, foldedDensity, overrunAt } from './index.ts';

const reading = readBatter('folded');
const bowl = batterOf(reading, { batter_C: 20, altitude_m: 0, airFraction: 0 });
if (!bowl.ok) throw new Error(bowl.failure.code);
const airless = bowl.value;

const machine = { tool: 'hand-mixer', timeFactor: 1 } as const;
const FOAMS: Readonly<Record<'folded' | 'whole-egg' | 'ribbon', Whip>> = {
  folded: { ...machine, kind: 'whites', egg_g: 99, sugar_g: 0, sugarTime: 'never', temperature_C: 22, warm: false },
  'whole-egg': { ...machine, kind: 'whole-egg', egg_g: 150, sugar_g: 25, sugarTime: 'start', temperature_C: 22, warm: false },
  ribbon: { ...machine, kind: 'whole-egg', egg_g: 150, sugar_g: 25, sugarTime: 'start', temperature_C: 42, warm: true },
};

// The iron's adviser takes the usual air of a lift; the bench reckons it from foam and strokes, the cup weighs it: one batter, one density.
describe.each(Object.entries(FOAMS))('three eggs in 940 g, %s', (lift, whip) => {
  test('what whipping and folding come to is what the adviser takes for usual (0.03 g/mL)', () => {
    const plan = foamPlan(whip);
    const fold = {
      batter_g: reading.totalMass_g - plan.mass_g,
      batterDensity_gPerML: airless.density_gPerML * (1 - LIFT_FACTS.quick.airFraction),
      looseness: airless.looseness,
      foam_g: plan.mass_g,
      foamDensity_gPerML: foamDensity(whip, overrunAt(plan, plan.reached_s.firm)),
      additions: 2 as const,
    };
    const air = 1 - foldedDensity(fold, bestStop(fold)) / airless.density_gPerML;
    const poured = airless.density_gPerML * (1 - airAfter(air, 10));
    const taken = airless.density_gPerML * (1 - LIFT_FACTS[lift as keyof typeof FOAMS].airFraction);
    expect(Math.abs(poured - taken)).toBeLessThan(0.03);
  });
});
