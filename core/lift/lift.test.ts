import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import type { FoldSetup, Whip } from './index.ts';
import {
  airAfter,
  airAfterStanding,
  airKept,
  bestStop,
  cupCheck,
  foamDensity,
  foamPlan,
  foamVolume_mL,
  foldedDensity,
  gasLeft,
  hydrationOf,
  learnedTimeFactor,
  loosenessAfter,
  lumpsAfterRest,
  lumpsLeft,
  mixingOf,
  mixStops,
  movedStep,
  bestRest_h,
  netOfRest,
  overrunAt,
  peakStand,
  POWDER_KINDS,
  powderKindOf,
  powderToAdd_g,
  preparation,
  liftMethods,
  secondHalfAdvised,
  stageAt,
  STAGES,
  staysOnSieve,
  stepStanding,
  streaksLeft,
  strokesOf,
  SUGAR_TIMES,
  toughness,
  toughnessAfterRest,
  whipFindings,
  WHITE_DENSITY,
} from './index.ts';
import type { Lift } from '../formula/index.ts';
import { LIFTS, readProcedure } from '../formula/index.ts';
import { BATTERS, readBatter, readText } from '../testing/batters.ts';

const WHITES: Whip = {
  kind: 'whites',
  egg_g: 99,
  sugar_g: 0,
  sugarTime: 'never',
  tool: 'hand-mixer',
  temperature_C: 20,
  warm: false,
  timeFactor: 1,
};

describe('whip', () => {
  // Definition: overrun = 100·(ρ_liquid/ρ_foam − 1); at 1.035 g/mL an overrun of 590 % is 0.15 g/mL, 314 % 0.25 (arithmetic).
  test('density and overrun are two ways to say one thing', () => {
    expect(WHITE_DENSITY).toBe(1.035);
    expect(foamDensity(WHITES, 590)).toBeCloseTo(0.15, 3);
    expect(foamDensity(WHITES, 314)).toBeCloseTo(0.25, 3);
    expect(foamVolume_mL(WHITES, 590)).toBeCloseTo(99 / 0.15, 0);
  });

  // Foam literature (from memory, medium): 500–800 % from soft to stiff. *Common practice*: 2–3 min by machine for two to four whites, 5 and more by hand.
  test.each([66, 99, 132])('%d g of white by machine: soft to stiff in two to three and a half minutes', (egg_g) => {
    const plan = foamPlan({ ...WHITES, egg_g });
    expect(plan.reached_s.soft / 60).toBeGreaterThan(1.5);
    expect(plan.reached_s.stiff / 60).toBeLessThan(4.2);
    expect(overrunAt(plan, plan.reached_s.soft)).toBeGreaterThan(450);
    expect(overrunAt(plan, plan.reached_s.stiff)).toBeLessThan(800);
    expect(foamPlan({ ...WHITES, egg_g, tool: 'balloon-whisk' }).reached_s.firm / 60).toBeGreaterThan(4.5);
  });

  test('stages come in their order, and a foam beaten on breaks', () => {
    for (const sugarTime of SUGAR_TIMES) {
      const plan = foamPlan({ ...WHITES, sugar_g: 40, sugarTime });
      const times = STAGES.map((stage) => plan.reached_s[stage]);
      expect([...times].sort((a, b) => a - b)).toEqual(times);
      expect(stageAt(plan, plan.reached_s.firm + 1)).toBe('firm');
      expect(overrunAt(plan, plan.reached_s.broken * 2.2)).toBeLessThan(overrunAt(plan, plan.reached_s.stiff));
    }
    expect(stageAt(foamPlan(WHITES), 1)).toBeNull();
  });

  // Baking texts (from memory, high in direction): early sugar takes longer and gives less and steadier foam; whites over whole egg in volume.
  test('sugar: the earlier, the longer, the less, the steadier', () => {
    const of = (sugarTime: Whip['sugarTime']) => foamPlan({ ...WHITES, sugar_g: 50, sugarTime });
    expect(of('start').reached_s.soft).toBeGreaterThan(of('foam').reached_s.soft);
    expect(of('foam').reached_s.soft).toBeGreaterThan(of('soft').reached_s.soft);
    expect(of('start').mostOverrun_percent).toBeLessThan(of('soft').mostOverrun_percent);
    expect(airAfterStanding(of('start'), 20)).toBeGreaterThan(airAfterStanding(foamPlan(WHITES), 20));
    const whole = foamPlan({ ...WHITES, kind: 'whole-egg', egg_g: 150, sugar_g: 60, sugarTime: 'start' });
    expect(whole.mostOverrun_percent).toBeLessThan(of('start').mostOverrun_percent);
  });

  // *Common practice*: whole egg and sugar about three minutes on high, five over hot water. Texts: specific gravity 0.20–0.30.
  test('whole egg and sugar: three to five minutes, 0.2–0.35 g/mL', () => {
    const whip: Whip = { ...WHITES, kind: 'whole-egg', egg_g: 150, sugar_g: 60, sugarTime: 'start' };
    const cold = foamPlan(whip);
    expect(cold.reached_s.firm / 60).toBeGreaterThan(2.4);
    expect(cold.reached_s.firm / 60).toBeLessThan(5.5);
    expect(foamPlan({ ...whip, warm: true }).reached_s.firm).toBeGreaterThan(cold.reached_s.firm);
    expect(foamDensity(whip, overrunAt(foamPlan({ ...whip, warm: true }), cold.reached_s.stiff * 1.6))).toBeLessThan(0.36);
  });

  test('the peak stands up as it is whipped', () => {
    const plan = foamPlan(WHITES);
    const at = [0.3, 1, 1.3, 1.8].map((x) => peakStand(plan, x * plan.reached_s.soft));
    expect([...at].sort((a, b) => a - b)).toEqual(at);
    expect(peakStand(plan, plan.reached_s.stiff)).toBeCloseTo(0.95, 9);
  });

  test('what to mind: no eggs, a bowl too small or of plastic, cold whites, a bath too hot', () => {
    const codes = (changes: Partial<Whip>, bowl: { volume_mL: number; material: string; form?: 'bowl' | 'jug' } | null = null): string[] =>
      whipFindings({ ...WHITES, ...changes }, bowl === null ? null : { form: 'bowl', ...bowl }).map((f) => f.code);
    expect(codes({ egg_g: 0 })).toEqual(['whip-no-eggs']);
    expect(codes({}, { volume_mL: 500, material: 'metal' })).toEqual(['whip-bowl-small']);
    expect(codes({}, { volume_mL: 5000, material: 'plastic' })).toEqual(['whip-plastic']);
    expect(codes({}, { volume_mL: 5000, material: 'metal', form: 'jug' })).toEqual(['whip-jug']);
    expect(codes({ temperature_C: 5 })).toEqual(['whip-cold']);
    expect(codes({ kind: 'whole-egg', temperature_C: 58 })).toEqual(['whip-too-warm']);
    expect(codes({})).toEqual([]);
  });

  test('learned from the book, drawn towards the usual, blind to slips', () => {
    expect(learnedTimeFactor([])).toBe(1);
    expect(learnedTimeFactor([1.5])).toBeGreaterThan(1.1);
    expect(learnedTimeFactor([1.5])).toBeLessThan(1.2);
    expect(learnedTimeFactor([1.4, 1.5, 1.45, 1.5, 1.4, 1.5])).toBeGreaterThan(1.3);
    expect(learnedTimeFactor([40, 0.01, Number.NaN])).toBe(1);
  });
});

describe('fold', () => {
  const SETUP: FoldSetup = { batter_g: 900, batterDensity_gPerML: 1.02, looseness: 2, foam_g: 125, foamDensity_gPerML: 0.16, additions: 2 };

  // *Common practice*: some ten to fifteen strokes.
  test.each([1.4, 2, 2.8])('looseness %d: the best stop lies at eight to seventeen strokes', (looseness) => {
    for (const additions of [1, 2, 3] as const) {
      const stop = bestStop({ ...SETUP, looseness, additions });
      expect(stop).toBeGreaterThanOrEqual(8);
      expect(stop).toBeLessThanOrEqual(17);
    }
  });

  test('every stroke takes air and streaks; more of both in a thick batter', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 60 }), (n) => {
        expect(airKept(SETUP, n + 1)).toBeLessThan(airKept(SETUP, n));
        expect(streaksLeft(SETUP, n + 1)).toBeLessThan(streaksLeft(SETUP, n));
        expect(foldedDensity(SETUP, n + 1)).toBeGreaterThan(foldedDensity(SETUP, n));
      }),
      { numRuns: 40, seed: 6 },
    );
    expect(airKept({ ...SETUP, looseness: 1.2 }, 12)).toBeLessThan(airKept(SETUP, 12));
  });

  test('the cup check gives back the air that was kept', () => {
    for (const strokes of [5, 12, 30]) {
      const density = foldedDensity(SETUP, strokes);
      const check = cupCheck(density * 236.6, 236.6, 1.05, SETUP);
      expect(check.density_gPerML).toBeCloseTo(density, 9);
      expect(check.kept).toBeCloseTo(airKept(SETUP, strokes), 9);
      expect(check.airFraction).toBeCloseTo(1 - density / 1.05, 9);
    }
    expect(cupCheck(300, 236.6, 1.05, null)).toMatchObject({ airFraction: 0, kept: null });
    expect(cupCheck(20, 236.6, 1.05, SETUP)).toMatchObject({ airFraction: 0.85, kept: 1 });
  });

  test('air goes with time: after half an hour it shows, and the second half is better folded later', () => {
    expect(airAfter(0.3, 0)).toBeCloseTo(0.3, 12);
    expect(airAfter(0.3, 26)).toBeCloseTo(0.3 * (0.45 + 0.275), 9);
    expect(secondHalfAdvised(10)).toBe(false);
    expect(secondHalfAdvised(45)).toBe(true);
  });
});

describe('mix', () => {
  const mixing = mixingOf(readBatter('quick'), 2.2);

  test('the usual stops lie on the curve in their order: a handful, no dry flour, half a minute …', () => {
    const stops = mixStops(mixing);
    expect(stops.map((stop) => stop.code)).toEqual(['handful', 'no-dry-flour', 'half-minute', 'smooth', 'machine']);
    // A handful of strokes leaves lumps and costs nothing; two and a half minutes by machine cost a lot.
    expect(lumpsLeft(mixing, 7)).toBeGreaterThan(0.7);
    expect(toughness(mixing, 7) / mixing.mostTough).toBeLessThan(0.1);
    expect(toughness(mixing, strokesOf('stand-mixer', 150)) / mixing.mostTough).toBeGreaterThan(0.8);
  });

  test('strong flour toughens, fine flour less, rice not at all; sugar and fat shield', () => {
    const most = (text: string): number => mixingOf(readText(text), 2.2).mostTough;
    const with_ = (flour: string): string => `250 g ${flour}\n400 g milk\n100 g egg`;
    expect(most(with_('strong flour'))).toBeGreaterThan(most(with_('flour')));
    expect(most(with_('flour'))).toBeGreaterThan(most(with_('cake flour')));
    expect(most(with_('rice flour'))).toBe(0);
    expect(most(`${with_('flour')}\n150 g sugar\n100 g butter`)).toBeLessThan(most(with_('flour')));
  });

  test('a rest repairs some of both', () => {
    expect(toughnessAfterRest(0.5, 1800)).toBeLessThan(0.35);
    expect(toughnessAfterRest(0.5, 1e6)).toBeCloseTo(0.2, 9);
    expect(lumpsAfterRest(0.4, 3600)).toBeLessThan(0.4);
  });

  // *Common practice*: one to two in a hundred stays on a sieve.
  test('a smooth batter leaves little on the sieve', () => {
    const smooth = mixStops(mixing).find((stop) => stop.code === 'smooth')?.strokes ?? 0;
    expect(staysOnSieve(mixing, smooth)).toBeLessThan(0.02);
    expect(staysOnSieve(mixing, 10)).toBeGreaterThan(0.04);
  });
});

describe('rest', () => {
  test('gas: single-acting and soda lose most in the bowl, double-acting keeps; the cold keeps', () => {
    for (const kind of POWDER_KINDS) {
      expect(gasLeft(kind, 0, 20)).toBeCloseTo(1, 1);
      expect(gasLeft(kind, 12, 4)).toBeGreaterThan(gasLeft(kind, 12, 20));
      expect(gasLeft(kind, 2, 20)).toBeLessThan(gasLeft(kind, 1, 20));
    }
    expect(gasLeft('double', 12, 4)).toBeGreaterThan(0.65);
    expect(gasLeft('single', 2, 20)).toBeLessThan(0.5);
  });

  // A powder of 13 % CO₂ (US minimum 12 %): 12.9 mmol of gas lost are 4.4 g of powder (44.009 g/mol).
  test('what to add back in the morning', () => {
    expect(powderToAdd_g(43, 0.7)).toBeCloseTo((0.3 * 43 * 44.009) / 1000 / 0.13, 9);
    expect(powderToAdd_g(43, 0.7)).toBeCloseTo(4.37, 1);
  });

  test('which powder a bowl has', () => {
    const kind = (text: string) => powderKindOf(readText(text));
    expect(kind(BATTERS.quick)).toBe('double');
    expect(kind('250 g flour\n5 g baking soda\n400 g buttermilk')).toBe('soda');
    expect(kind('250 g flour\n10 g single-acting baking powder\n400 g milk')).toBe('single');
    expect(kind('250 g flour\n400 g milk')).toBeNull();
  });

  // *Common practice*: the night makes an egg-rich powder batter better although gas is lost; a thin fresh batter gives poor balls; an hour is worth it.
  test('the net of a night: better for a thin egg-waffle batter, worse for a thick soda batter at room temperature', () => {
    expect(netOfRest('double', 12, 4, 3.1, 2.2).net).toBeGreaterThan(1.05);
    expect(netOfRest('double', 1, 4, 3.1, 2.2).net).toBeGreaterThan(1);
    expect(netOfRest('soda', 12, 20, 1.7, 1.9).net).toBeLessThan(0.85);
  });

  // *Common practice*: egg-waffle batter an hour at least, overnight best, three days at most.
  test('one verdict by family: egg batter is best after a night in the cold, powder that works in the bowl after minutes or at once', () => {
    const best = (kind: 'double' | 'single' | 'soda' | null, t_C: number, family: 'egg' | 'powder', looseness = 2.6) =>
      bestRest_h(72, (hours) => netOfRest(kind, hours, t_C, looseness, 2.3, family).net);
    for (const kind of ['double', null] as const) {
      expect(best(kind, 4, 'egg')).toBeGreaterThanOrEqual(4);
      expect(best(kind, 4, 'egg')).toBeLessThanOrEqual(14);
    }
    expect(best('soda', 20, 'powder', 1.7)).toBe(0);
    const net = (hours: number): number => netOfRest('double', hours, 4, 2.6, 2.3, 'egg').net;
    expect(net(1)).toBeGreaterThan(net(0));
    expect(net(12)).toBeGreaterThan(net(1));
    expect(net(72)).toBeLessThan(net(12));
    expect(net(72)).toBeGreaterThan(net(0) * 0.9);
  });

  test('it thickens, quickly at first, and no more after the night', () => {
    const at = [0, 0.5, 1, 12, 24].map((hours) => loosenessAfter(3, hours, 4));
    for (let i = 1; i < at.length; i++) expect(at[i]).toBeLessThan(at[i - 1] ?? 0);
    expect((at[3] ?? 0) - (at[4] ?? 0)).toBeLessThan(0.02);
    expect(hydrationOf(12, 4)).toBeGreaterThan(0.95);
  });
});

describe('the methods of lifting, and the way back from the pour', () => {
  test('each school says what it costs, and what it needs that isn’t there', () => {
    const all = liftMethods(readBatter('quick'));
    expect(all.map((school) => school.lift)).toEqual([...LIFTS]);
    const of = (lift: string) => all.find((school) => school.lift === lift);
    expect(of('folded')?.work_min).toBeGreaterThan(of('quick')?.work_min ?? 0);
    expect(of('folded')?.wash).toBeGreaterThan(of('quick')?.wash ?? 0);
    expect(of('yeasted')).toMatchObject({ possible: false, needs: 'yeast' });
    expect(liftMethods(readText('250 g flour\n400 g milk')).find((s) => s.lift === 'folded')).toMatchObject({
      possible: false,
      needs: 'whites',
    });
    expect(liftMethods(readBatter('yeasted')).find((s) => s.lift === 'yeasted')?.possible).toBe(true);
  });

  const POUR = Date.UTC(2026, 10, 25, 6, 45);
  test.each(LIFTS)('%s: every step lies before the pour, where it should, and stays within its hard limits', (lift) => {
    const steps = preparation(lift, POUR);
    expect(steps.length).toBeGreaterThan(0);
    for (const step of steps) {
      expect(step.at + step.duration_s * 1000).toBeLessThanOrEqual(POUR);
      expect(stepStanding(step)).toBe('good');
      expect(stepStanding({ ...step, at: step.hard[0] - 1 })).toBe('impossible');
      expect(movedStep(step, 0).at).toBe(step.hard[0]);
      expect(movedStep(step, POUR * 2).at).toBe(step.hard[1]);
      expect(step.soft[0]).toBeGreaterThanOrEqual(step.hard[0]);
      expect(step.soft[1]).toBeLessThanOrEqual(step.hard[1]);
    }
  });

  test('a recipe’s own rest is planned whatever its lift: an hour in the cold, four minutes, the evening before; the oven is on in time', () => {
    const minutes = (lift: Lift, ...steps: string[]) =>
      preparation(lift, POUR, readProcedure(steps, lift === 'yeasted')).map(
        ({ code, at }) => `${code} ${Math.round((POUR - at) / 60_000)}`,
      );
    expect(minutes('quick', 'Whisk flour, milk and eggs.', 'Chill for an hour.', 'Cook 4 minutes.')).toEqual([
      'prep-mix 72',
      'prep-refrigerate 62',
      'prep-cold-out 2',
    ]);
    expect(minutes('quick', 'Whisk it all.', 'Let the batter rest for 15 minutes.', 'Keep warm in a 100 °C oven.')).toEqual([
      'prep-mix 26',
      'prep-rest 16',
      'prep-oven-on 15',
    ]);
    // A ribbon and a night in the cold.
    expect(
      minutes('ribbon', 'Beat eggs and sugar over hot water to the ribbon.', 'Fold in the flour.', 'Refrigerate overnight.').slice(0, 3),
    ).toEqual(['prep-water-bath 676', 'prep-mix 672', 'prep-refrigerate 662']);
    const [first] = preparation(
      'yeasted',
      POUR,
      readProcedure(['Whisk in the flour.', 'Leave on the counter overnight.', 'In the morning beat in the eggs.'], true),
    );
    expect(first?.at).toBeLessThan(POUR - 8 * 3_600_000);
    // Shorter than ten minutes isn't planned: the usual work of the lift stands.
    expect(minutes('quick', 'Whisk it all.', 'Leave for 4 minutes.')).toEqual(
      preparation('quick', POUR).map(({ code, at }) => `${code} ${Math.round((POUR - at) / 60_000)}`),
    );
  });

  test('yeast and egg-waffle batters begin the evening before, whatever the clock does at night', () => {
    // The night of 25 October 2026 has 25 hours in Berlin: elapsed time is what counts.
    const spring = Date.UTC(2026, 9, 25, 6, 45);
    const [first] = preparation('yeasted', spring);
    expect((spring - (first?.at ?? 0)) / 3_600_000).toBeGreaterThan(12);
    expect(preparation('rested', spring)[0]?.at).toBe(spring - (12 * 60 + 12) * 60_000);
  });
});
