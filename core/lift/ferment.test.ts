import type { CodeId } from '../safety/index.ts';
import { createRequire } from 'node:module';
import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import type { Ferment, Stay } from './index.ts';
import {
  cardinalRate,
  codeLimits,
  cooled_C,
  corrected,
  desiredTemperatureRule,
  ferment,
  fermentRates,
  FINGER_WARM_C,
  GAS_CARDINALS,
  JUST_MELTED_C,
  liquidTemperature_C,
  nearestWays,
  osmoticFactor,
  panCools_s,
  refusedBy,
  ripeness,
  SCALDED_C,
  timeConstant_s,
  timeToCool_s,
  yeastAs,
  yeastedBowl,
  yeastForClock,
} from './index.ts';
import { readText } from '../testing/batters.ts';

const KITCHEN = (air_C: number, at_s = 0): Stay => ({ at_s, place: { kind: 'kitchen', air_C } });
const COLD = (air_C: number, at_s: number): Stay => ({ at_s, place: { kind: 'refrigerator', air_C, swing_K: 1.2, period_s: 1500 } });
const NIGHT: Ferment = {
  yeast_g: 4,
  batter_g: 1560,
  density_gPerML: 1.05,
  food_g: 45,
  sugarPerWater: 0.033,
  saltPerWater: 0.011,
  start_C: 28,
  vessel: 'bowl',
  stays: [KITCHEN(19), COLD(4, 1800)],
  duration_s: 14 * 3600,
  pressure_Pa: 101_325,
  tauFactor: 1,
  rateFactor: 1,
};
const last = (row: Float64Array): number => row[row.length - 1] ?? 0;

describe('the cardinal temperature model (Rosso, Lobry & Flandrois 1993)', () => {
  const growth = { min_C: 2.8, best_C: 32.3, max_C: 45.4 };
  test('is 1 at the best, 0 at and beyond its ends', () => {
    for (const c of [growth, GAS_CARDINALS]) {
      expect(cardinalRate(c.best_C, c)).toBeCloseTo(1, 12);
      for (const t of [c.min_C, c.max_C, c.min_C - 5, c.max_C + 5]) expect(cardinalRate(t, c)).toBe(0);
    }
  });

  // Values of the equation itself, evaluated independently for cardinals 2.8/32.3/45.4 and 4/36/46 °C.
  test.each([
    [growth, 5, 0.01391],
    [growth, 10, 0.13522],
    [growth, 25, 0.83015],
    [growth, 40, 0.70162],
    [{ min_C: 4, best_C: 36, max_C: 46 }, 20, 0.40625],
    [{ min_C: 4, best_C: 36, max_C: 46 }, 43, 0.60421],
  ] as const)('%j at %d °C: %d', (c, t, expected) => expect(cardinalRate(t, c)).toBeCloseTo(expected, 5));

  // Cereal texts (from memory, medium): gas at 4 °C is a tenth of 25 °C or less, about halved by ten kelvins near room temperature.
  test('in the cold a tenth of the warm rate or less, and still something', () => {
    const ratio = cardinalRate(4, GAS_CARDINALS) / cardinalRate(25, GAS_CARDINALS);
    expect(ratio).toBeLessThan(0.1);
    expect(ratio).toBeGreaterThan(0.03);
    const q10 = cardinalRate(28, GAS_CARDINALS) / cardinalRate(18, GAS_CARDINALS);
    expect(q10).toBeGreaterThan(1.5);
    expect(q10).toBeLessThan(2.6);
  });
});

describe('yeast', () => {
  // Common rule of baking texts: fresh 1, active dry 0.4, instant 0.33; a 17 g cake is a 7 g packet (from memory).
  test('forms by strength', () => {
    expect(yeastAs(17, 'fresh-yeast', 'dry-yeast')).toBeCloseTo(6.8, 9);
    expect(yeastAs(7, 'dry-yeast', 'instant-yeast')).toBeCloseTo(5.775, 9);
    expect(yeastAs(yeastAs(3, 'instant-yeast', 'fresh-yeast'), 'fresh-yeast', 'instant-yeast')).toBeCloseTo(3, 12);
  });

  test('salt and sugar hold it back', () => {
    expect(osmoticFactor(0, 0)).toBe(1);
    expect(osmoticFactor(0.4, 0)).toBeLessThan(0.6);
    expect(osmoticFactor(0, 0.12)).toBe(0);
  });

  test('what matters to it in a formula; lactose doesn’t', () => {
    const bowl = yeastedBowl(readText('500 g strong flour\n10 g fresh yeast\n10 g salt\n30 g sugar\n720 g milk\n150 g butter'));
    expect(bowl).toMatchObject({ form: 'fresh-yeast', formYeast_g: 10, yeast_g: 4 });
    // 30 g of sugar, what the flour has of its own and what its enzymes free; of 35 g lactose nothing.
    expect(bowl?.food_g).toBeGreaterThan(44);
    expect(bowl?.food_g).toBeLessThan(50);
    expect(yeastedBowl(readText('500 g flour\n400 g milk'))).toBeNull();
  });
});

describe('cold', () => {
  test('Newton’s closed form, and its inverse', () => {
    const tau = timeConstant_s(2.5, 'bowl', 'refrigerator');
    expect(cooled_C(28, 4, tau, 0)).toBe(28);
    expect(cooled_C(28, 4, tau, tau)).toBeCloseTo(4 + 24 / Math.E, 9);
    const t = timeToCool_s(28, 5, 4, tau);
    expect(cooled_C(28, 4, tau, t ?? 0)).toBeCloseTo(5, 9);
    expect(timeToCool_s(28, 5, 6, tau)).toBeNull();
    expect(timeToCool_s(3, 5, 6, tau)).toBe(0);
  });

  // *Common practice*: 2.5 kg at 28 °C need about six hours to 5 °C in a refrigerator of 4 °C, and never get there at 6 °C.
  test('2.5 kg of batter: about six hours at 4 °C, never at 6 °C', () => {
    const tau = timeConstant_s(2.5, 'bowl', 'refrigerator');
    const hours = (timeToCool_s(28, 5, 4, tau) ?? 0) / 3600;
    expect(hours).toBeGreaterThan(5);
    expect(hours).toBeLessThan(7);
    expect(timeToCool_s(28, 5, 6, tau)).toBeNull();
  });

  test('the path without yeast is Newton’s, in steady air', () => {
    const path = ferment({ ...NIGHT, yeast_g: 0, stays: [KITCHEN(18)], duration_s: 4 * 3600 });
    const tau = timeConstant_s(1.56, 'bowl', 'kitchen');
    for (const minute of [1, 60, 240]) expect(path.T_C[minute]).toBeCloseTo(cooled_C(28, 18, tau, minute * 60), 6);
    expect(last(path.rise)).toBe(1);
  });

  test('flat cools faster than deep, ice water faster than air', () => {
    for (const kind of ['kitchen', 'refrigerator', 'ice-bath'] as const)
      expect(timeConstant_s(2, 'shallow-pan', kind)).toBeLessThan(timeConstant_s(2, 'bowl', kind));
    expect(timeConstant_s(2, 'bowl', 'ice-bath')).toBeLessThan(0.15 * timeConstant_s(2, 'bowl', 'refrigerator'));
  });

  // *Common practice*: five to six minutes until milk and butter that have just melted are warm to a clean finger.
  test('milk and butter from where the butter has just melted: some five to eight minutes; scalded, longer', () => {
    const minutes = (panCools_s(0.87, JUST_MELTED_C, FINGER_WARM_C, 20) ?? 0) / 60;
    expect(minutes).toBeGreaterThan(4.5);
    expect(minutes).toBeLessThan(8);
    expect(panCools_s(0.87, SCALDED_C, FINGER_WARM_C, 20)).toBeGreaterThan(1.8 * 60 * minutes);
    expect(panCools_s(0.87, JUST_MELTED_C, FINGER_WARM_C, 45)).toBeNull();
  });
});

describe('the liquid’s temperature for a wanted batter temperature', () => {
  // Professional baking texts (from memory): 78 °F wanted, flour 70, room 72, friction 24: 3 × 78 − 166 = 68 °F; 25 °C: 75 − (21 + 22 + 13) = 19 °C.
  test('the baker’s rule', () => {
    expect(desiredTemperatureRule(78, [70, 72], 24)).toBe(68);
    expect(desiredTemperatureRule(25, [21, 22], 13)).toBe(19);
    // With a preferment at 65 °F: 4 × 78 − 231 = 81 °F.
    expect(desiredTemperatureRule(78, [70, 72, 65], 24)).toBe(81);
  });

  test('an energy balance: equal heat capacities give the plain mean, and nothing is lost', () => {
    const other = { mass_g: 500, temperature_C: 20, heat_JPerKgK: 4000 };
    expect(liquidTemperature_C({ mass_g: 500, heat_JPerKgK: 4000 }, [other], 30, 0)).toBeCloseTo(40, 9);
    const flour = { mass_g: 500, temperature_C: 19, heat_JPerKgK: 1800 };
    const eggs = { mass_g: 150, temperature_C: 5, heat_JPerKgK: 3400 };
    const t = liquidTemperature_C({ mass_g: 720, heat_JPerKgK: 3900 }, [flour, eggs], 28, 1);
    const heat = (m: number, c: number, x: number): number => m * c * x;
    const mixed = (heat(720, 3900, t) + heat(500, 1800, 19) + heat(150, 3400, 5)) / (720 * 3900 + 500 * 1800 + 150 * 3400);
    expect(mixed + 1).toBeCloseTo(28, 9);
  });
});

describe('the path of a yeasted bowl', () => {
  // *Common practice*: 12–24 h cold; an hour or two warm.
  test('cold: ready between twelve and twenty hours; warm: between one and two', () => {
    const night = ripeness(ferment({ ...NIGHT, duration_s: 36 * 3600 }));
    expect((night.from_min ?? 0) / 60).toBeGreaterThan(10);
    expect((night.from_min ?? 0) / 60).toBeLessThan(20);
    const warm = ripeness(ferment({ ...NIGHT, yeast_g: 7, stays: [KITCHEN(27)], duration_s: 8 * 3600 }));
    expect((warm.from_min ?? 0) / 60).toBeGreaterThan(1);
    expect((warm.from_min ?? 0) / 60).toBeLessThan(2.2);
    expect(warm.until_min).not.toBeNull();
    expect(warm.peak).toBeGreaterThan(1.8);
  });

  // A gram of hexose gives 0.489 g of CO₂: stoichiometry from atomic weights; 24.465 L/mol at 25 °C.
  test('gas and food balance: what is made is what was eaten', () => {
    const path = ferment({ ...NIGHT, yeast_g: 12, stays: [KITCHEN(27)], duration_s: 6 * 3600 });
    const made_L = (last(path.made) * NIGHT.batter_g) / NIGHT.density_gPerML / 1000;
    const eaten_g = last(path.eaten) * NIGHT.food_g;
    expect(made_L).toBeCloseTo(eaten_g * 0.489 * (24.465 / 44.009), 1);
  });

  // Gas law: the same gas takes p₀/p as much room.
  test('in thin air the same gas lifts it higher, by the gas law', () => {
    const low = ferment(NIGHT);
    const high = ferment({ ...NIGHT, pressure_Pa: 0.8 * 101_325 });
    expect((last(high.rise) - 1) / (last(low.rise) - 1)).toBeCloseTo(1 / 0.8, 9);
  });

  test('killed yeast stays dead; more yeast, warmer, longer: more gas; never eaten more than there is', () => {
    expect(last(ferment({ ...NIGHT, start_C: 58, stays: [KITCHEN(56)], duration_s: 3600 }).made)).toBe(0);
    fc.assert(
      fc.property(fc.double({ min: 0.5, max: 15, noNaN: true }), fc.double({ min: 6, max: 30, noNaN: true }), (yeast_g, air_C) => {
        const f = { ...NIGHT, stays: [KITCHEN(air_C)], duration_s: 10 * 3600 };
        const path = ferment({ ...f, yeast_g });
        expect(last(ferment({ ...f, yeast_g: yeast_g * 1.1 }).made)).toBeGreaterThan(last(path.made));
        expect(last(ferment({ ...f, yeast_g, stays: [KITCHEN(air_C + 1)] }).made)).toBeGreaterThanOrEqual(last(path.made) * 0.999);
        expect(last(path.eaten)).toBeLessThanOrEqual(1);
        for (const rise of path.rise) expect(rise).toBeGreaterThanOrEqual(1);
      }),
      { numRuns: 25, seed: 8 },
    );
  });

  test('against odex on the same equations: 0.1 % of volume, refrigerator cycling and all', () => {
    type Solver = {
      absoluteTolerance: number;
      relativeTolerance: number;
      maxSteps: number;
      maxStepSize: number;
      solve: (f: (x: number, y: number[]) => number[], x0: number, y0: number[], x1: number) => { y: number[] };
    };
    const { Solver } = createRequire(import.meta.url)('odex') as { Solver: new (n: number) => Solver };
    const f = { ...NIGHT, duration_s: 12 * 3600 };
    const rates = fermentRates(f);
    let y = [f.start_C, 0, 0, 0, 0];
    // Piece by piece: the move into the cold is a jump.
    const cuts = [0, 1800, f.duration_s];
    for (let i = 0; i + 1 < cuts.length; i++) {
      const solver = new Solver(5);
      solver.absoluteTolerance = 1e-9;
      solver.relativeTolerance = 1e-9;
      solver.maxStepSize = 120;
      solver.maxSteps = 1e6;
      const end = (cuts[i + 1] ?? 0) - 1e-6;
      y = solver.solve((t, state) => rates(Math.min(t, end), state), cuts[i] ?? 0, y, end).y;
    }
    const ours = ferment(f);
    const theirRise = 1 + (y[3] ?? 0) * (((y[0] ?? 0) + 273.15) / 298.15);
    expect(Math.abs(last(ours.rise) / theirRise - 1)).toBeLessThan(0.001);
    expect(Math.abs(last(ours.T_C) - (y[0] ?? 0))).toBeLessThan(0.01);
    expect(Math.abs(last(ours.made) / (y[2] ?? 1) - 1)).toBeLessThan(0.001);
  });

  test('backwards: the yeast that fits a clock, in the order that is baked with', () => {
    const night = yeastForClock({ ...NIGHT, duration_s: 12 * 3600 });
    const warm = yeastForClock({ ...NIGHT, stays: [KITCHEN(27)], duration_s: 2 * 3600 });
    if (!night.ok || !warm.ok) throw new Error('no yeast');
    expect(last(ferment({ ...NIGHT, yeast_g: night.value, duration_s: 12 * 3600 }).made)).toBeCloseTo(1.1, 1);
    // *Common practice*: 3–8 g of dry yeast to 500 g of flour overnight, a packet for the warm path.
    expect(night.value).toBeGreaterThan(3);
    expect(night.value).toBeLessThan(9);
    expect(warm.value).toBeGreaterThan(5);
    expect(warm.value).toBeLessThan(12);
  });

  test('an impossible clock says so', () => {
    const short = yeastForClock({ ...NIGHT, duration_s: 600 });
    expect(short).toMatchObject({ ok: false, failure: { code: 'ferment-too-short' } });
    // The nearest clock that is offered can be met.
    const nearest = !short.ok && short.failure.code === 'ferment-too-short' ? short.failure.fields.nearest_h : 0;
    expect(nearest).toBeGreaterThan(1);
    expect(yeastForClock({ ...NIGHT, duration_s: nearest * 3600 }).ok).toBe(true);
    expect(yeastForClock({ ...NIGHT, stays: [KITCHEN(34)], duration_s: 400 * 3600, food_g: 4000 })).toMatchObject({
      ok: false,
      failure: { code: 'ferment-too-long' },
    });
  });
});

describe('readings bend the path', () => {
  const truth: Ferment = { ...NIGHT, tauFactor: 1.35, rateFactor: 0.75 };
  const real = ferment(truth);
  const at = (hours: number, what: 'temperature_C' | 'rise') => ({
    at_s: hours * 3600,
    what,
    value: (what === 'rise' ? real.rise : real.T_C)[hours * 60] ?? 0,
  });

  test('a slower bowl and lazier yeast are found', () => {
    const bent = corrected(NIGHT, [at(1, 'temperature_C'), at(3, 'temperature_C'), at(5, 'temperature_C'), at(6, 'rise'), at(10, 'rise')]);
    expect(bent.ferment.tauFactor).toBeGreaterThan(1.2);
    expect(bent.ferment.tauFactor).toBeLessThan(1.5);
    expect(Math.abs(last(bent.path.rise) - last(real.rise))).toBeLessThan(Math.abs(last(ferment(NIGHT).rise) - last(real.rise)));
    expect(bent.findings).toEqual([]);
  });

  test('a probe that fell out is named and doesn’t bend anything far', () => {
    const bent = corrected(NIGHT, [
      at(1, 'temperature_C'),
      at(3, 'temperature_C'),
      { at_s: 4 * 3600, what: 'temperature_C', value: 19 },
      { at_s: 5 * 3600, what: 'temperature_C', value: 250 },
    ]);
    expect(bent.findings.map((f) => f.code).sort()).toEqual(['reading-odd', 'reading-senseless']);
    expect(bent.ferment.tauFactor).toBeLessThan(1.6);
    expect(corrected(NIGHT, [{ at_s: 60, what: 'rise', value: Number.NaN }])).toMatchObject({ used: 0 });
    expect(corrected(NIGHT, []).findings).toEqual([]);
  });
});

describe('the clock of the food codes', () => {
  const warm = ferment({ ...NIGHT, batter_g: 2500, duration_s: 14 * 3600 }).T_C;

  // FDA Food Code 2022, 3-501.14(B): four hours to 5 °C from ambient ingredients; SI 2013/2996, Sched. 4: four hours above 8 °C (from memory).
  test('what is exceeded, by which code, by how much; the strictest first', () => {
    const limits = codeLimits(warm, 22);
    expect(limits[0]?.over_h).toBeGreaterThan(0);
    expect(limits.find((l) => l.what === 'cooling')?.source).toContain('3-501.14');
    const england = limits.find((l) => l.code === 'england-2013');
    expect(england?.has_h).toBeLessThan(limits.find((l) => l.code === 'us-food-code-2022')?.has_h ?? 0);
    for (let i = 1; i < limits.length; i++) expect(limits[i - 1]?.over_h).toBeGreaterThanOrEqual(limits[i]?.over_h ?? 0);
  });

  test('the nearest way that passes; at 6 °C no way but a colder place, or eggs in the morning', () => {
    const q = { mass_kg: 2.5, start_C: 28, vessel: 'bowl', refrigerator_C: 4, cold_C: 5, limit_h: 4 } as const;
    const ways = nearestWays(q);
    expect(ways.find((way) => way.code === 'as-it-is')?.passes).toBe(false);
    expect(ways.find((way) => way.passes)?.code).toBe('cooler-liquid');
    const demo = nearestWays({ ...q, refrigerator_C: 6 });
    for (const code of ['as-it-is', 'cooler-liquid', 'shallow-pan'] as const)
      expect(demo.find((way) => way.code === code)?.cold_after_h).toBeNull();
    expect(demo.filter((way) => way.passes).map((way) => way.code)).toEqual(
      expect.arrayContaining(['colder-refrigerator', 'eggs-in-the-morning']),
    );
  });

  const stood = (air_C: number, hours: number, code: CodeId = 'us-food-code-2022') => {
    const stays = [KITCHEN(air_C)];
    return refusedBy(ferment({ ...NIGHT, stays, duration_s: hours * 3600 }).T_C, stays, code);
  };
  // The clocks of FDA Food Code 2022, 3-501.19(B): 4 h; USDA FSIS: 2 h, 1 h above 90 °F; SI 2013/2996: 4 h above 8 °C (from memory).
  test('refused outright: egg or dairy out of the cold for longer than the code allows, whatever the room', () => {
    expect(stood(23, 10)).toMatchObject({ limit_h: 4, cold_C: 5 });
    expect(stood(18, 12)).toMatchObject({ limit_h: 4 });
    expect(stood(9, 12, 'england-2013')).toMatchObject({ cold_C: 8 });
    expect(stood(23, 3)).toBeNull();
    expect(stood(23, 3, 'us-home')).toMatchObject({ limit_h: 2 });
    expect(stood(33, 1.5, 'us-home')).toMatchObject({ limit_h: 1 });
    expect(stood(31, 1.5, 'us-home')).toBeNull();
  });

  test('what cools in a refrigerator is the cooling’s own limit; in one that is too warm it stands out of the cold', () => {
    expect(refusedBy(warm, NIGHT.stays, 'us-food-code-2022')).toBeNull();
    const stays = [{ at_s: 0, place: { kind: 'refrigerator', air_C: 9, swing_K: 1, period_s: 1500 } }] as const;
    expect(refusedBy(ferment({ ...NIGHT, stays, duration_s: 9 * 3600 }).T_C, stays, 'us-food-code-2022')).not.toBeNull();
  });
});
