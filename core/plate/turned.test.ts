import { describe, expect, test } from '@jest/globals';
import { advise, DEFAULT_CONDITIONS, pictureOf } from '../advise/index.ts';
import { batterOf } from '../cook/index.ts';
import type { AdviceRequest } from '../advise/index.ts';
import { emulated, gridPositionOf, stepAt } from '../fit/index.ts';
import { tawnyStepOf } from '../matter/index.ts';
import { presetIron, readBatter } from '../testing/batters.ts';
import type { SimulationInput } from './index.ts';
import { latestTurn_s, meanThickness_m, plateMachine, portion, recoveredPlates, shiftedPlates, simulate, UNSCALED } from './index.ts';
import { column, medium } from './medium.ts';
import { flowingShare, halvesOf, mixed, staysShare, turnedColumn } from './turned.ts';

const iron = presetIron('ball-pan');
const bowl = batterOf(readBatter('rested'), { ...DEFAULT_CONDITIONS, batter_C: 8 });
if (!bowl.ok) throw new Error(bowl.failure.code);
const batter = bowl.value;
const machine = plateMachine(iron);
const input = (changes: Partial<SimulationInput> = {}): SimulationInput => ({
  machine,
  batter,
  portion_kg: portion(iron, batter).portion_g / 1000,
  plates: recoveredPlates(machine, 200, 22),
  setting_C: 200,
  room_C: 22,
  duration_s: 200,
  ...changes,
});
const m = medium(batter, input().portion_kg / machine.heatedArea_m2, 0.7 * meanThickness_m(machine), UNSCALED);
const last = (values: ArrayLike<number>): number => values[values.length - 1] ?? NaN;

describe('the two halves of a pan that is turned', () => {
  test('its cells hold all of the batter, each half its share, finer at the plates', () => {
    const c = turnedColumn(m, 0.007, 0.3, 1, 20);
    const { first, second } = halvesOf(c);
    expect(first.thickness_m).toBeCloseTo(0.0021, 9);
    expect(second.thickness_m).toBeCloseTo(0.0049, 9);
    expect(c.dry_kgPerM2.reduce((a, b) => a + b, 0)).toBeCloseTo(
      column(m, 0.007, 1, 20, false).dry_kgPerM2.reduce((a, b) => a + b, 0),
      9,
    );
    expect(c.size_m[0]).toBeLessThan(c.size_m[9]!);
    expect(c.size_m[19]).toBeLessThan(c.size_m[10]!);
    // The same memory: what one half cooks, the whole has cooked.
    first.T[0] = 77;
    expect(c.T[0]).toBe(77);
  });

  test('what falls mixes: heat and water stay', () => {
    const { second } = halvesOf(turnedColumn(m, 0.007, 0.3, 1, 20));
    second.T.forEach((_, i) => (second.T[i] = 10 + 5 * i));
    second.X.forEach((_, i) => (second.X[i] = 1.2 - 0.02 * i));
    const sum = (row: Float64Array): number => row.reduce((total, value, i) => total + value * second.dry_kgPerM2[i]!, 0);
    const [heat, water] = [sum(second.T), sum(second.X)];
    mixed(second);
    expect(sum(second.T)).toBeCloseTo(heat, 9);
    expect(sum(second.X)).toBeCloseTo(water, 9);
    expect(new Set(second.T).size).toBe(1);
  });

  test('what flows: all that is cooler than where starch swells', () => {
    expect(flowingShare([80, 70, 60, 50], [1, 1, 1, 1])).toBe(0.5);
    expect(flowingShare([80, 70, 60, 50], [1, 1, 1, 5])).toBe(0.75);
    expect(flowingShare([0, 0, 80, 70, 60], [1, 1, 2], 2)).toBe(0.5);
  });

  test('at once only the film stays on the first side; later what has set there', () => {
    const stays = (turn_s: number): number => staysShare(m, 0.0078, 200, turn_s, 4.5);
    expect(stays(3)).toBeCloseTo(1.1 / 4.5, 6);
    expect(stays(60)).toBeGreaterThan(stays(30));
    expect(stays(30)).toBeGreaterThan(stays(3));
    expect(stays(Infinity)).toBeLessThanOrEqual(0.92);
  });

  test('steam that left is water that is gone, through the turn', () => {
    for (const turn_s of [4, 30, 70]) {
      const { trace } = simulate(input({ turn_s }));
      const left_kg = trace.steam_gPerS.reduce((sum, rate, i) => sum + (i === 0 ? 0 : rate), 0) / 1000;
      expect(Math.abs(left_kg / (last(trace.loss) * input().portion_kg) - 1)).toBeLessThan(8e-3);
    }
  });

  test('grid and step refinement: until it is done, colours of both sides within 1 %, core within 1.5 K', () => {
    const coarse = simulate(input()).trace;
    const fine = simulate(input({ cells: 80, refine: 4 })).trace;
    for (const second of [60, 120, 155]) {
      expect(Math.abs(coarse.lowerLightness[second]! - fine.lowerLightness[second]!)).toBeLessThan(0.01 * fine.lowerLightness[second]!);
      expect(Math.abs(coarse.upperLightness[second]! - fine.upperLightness[second]!)).toBeLessThan(0.01 * fine.upperLightness[second]!);
      expect(Math.abs(coarse.core_C[second]! - fine.core_C[second]!)).toBeLessThan(1.5);
    }
  });

  test('irons that only have a hinge to turn on, filled until they swell full, cook as they did', () => {
    expect(plateMachine({ ...presetIron('deep-round'), turned: true }).turns).toBe(false);
    expect(machine.turns).toBe(true);
  });
});

// *Common practice*: the side that ends up below is dense and chewy, the other hollow and crisp.
describe('dense side and hollow side', () => {
  const advised = (changes: Partial<AdviceRequest> = {}) => {
    const a = advise({ ...DEFAULT_CONDITIONS, reading: readBatter('rested'), iron, batter_C: 8, setting_C: 200, ...changes });
    if (!a.ok) throw new Error(a.failure.code);
    return a.value;
  };
  const pan = advised();
  const best = Math.round(pan.cooked.window.best_s);
  const waterOf = (side: 'first' | 'second'): number => {
    const c = pan.cooked.trace.columns.at(-1)!;
    const [from, to] = side === 'first' ? [0, c.n / 2] : [c.n / 2, c.n];
    let water = 0;
    let size = 0;
    for (let i = from; i < to; i++) {
      water += c.X[best * c.n + i]! * c.size_m[i]!;
      size += c.size_m[i]!;
    }
    return water / size;
  };

  test('turned at once, the first side is thin, drier and browner, the other holds the most of it', () => {
    expect(pan.turned!.stays).toBeLessThan(0.35);
    expect(waterOf('first')).toBeLessThan(0.8 * waterOf('second'));
    const { lowerLightness, upperLightness } = pan.cooked.trace;
    expect(lowerLightness[best]).toBeLessThan(upperLightness[best]! - 2);
  });

  // *Common practice*: about two and a half minutes at 200 °C.
  test('about two and a half minutes', () => {
    expect(best).toBeGreaterThan(130);
    expect(best).toBeLessThan(170);
  });

  test('slow hands: more stays where it was, it is told, and it takes longer', () => {
    const late = advised({ turn_s: 90 });
    expect(late.turned!.stays).toBeGreaterThan(0.6);
    expect(advised({ turn_s: 60 }).cooked.window.best_s).toBeGreaterThan(pan.cooked.window.best_s + 10);
    expect(late.findings.find((f) => f.code === 'turn-by')).toMatchObject({ level: 'warning' });
    expect(pan.findings.find((f) => f.code === 'turn-by')).toMatchObject({ level: 'note' });
  });

  test('hotter plates leave less time to turn', () => {
    const at = (setting_C: number): number =>
      latestTurn_s(input({ setting_C, plates: recoveredPlates(machine, setting_C, 22) })) ?? Infinity;
    expect(at(225)).toBeLessThan(at(180));
    expect(at(200)).toBeGreaterThan(15);
  });

  test('the picture says where the hollow is; other irons have none', () => {
    const [web, rib] = pictureOf(pan).columns;
    expect(rib!.hollow_mm).toBeGreaterThan(1);
    expect(rib!.hollow_mm + rib!.thickness_mm).toBeCloseTo(machine.columns[1]!.thickness_m * 1000, 6);
    expect(web!.lowerShare).toBeCloseTo(pan.turned!.stays, 9);
    const deep = advise({ ...DEFAULT_CONDITIONS, reading: readBatter('quick'), iron: presetIron('deep-round'), lightness: 1 });
    if (!deep.ok) throw new Error(deep.failure.code);
    expect(pictureOf(deep.value).columns.map((c) => [c.hollow_mm, c.lowerShare])).toEqual([
      [0, 0.5],
      [0, 0.5],
    ]);
  });

  test('the estimator knows both sides: its emulator against the model, half a step', () => {
    const e = emulated({ iron, batter, room_C: 22 });
    const { trace } = simulate(input({ plates: shiftedPlates(recoveredPlates(machine, 200, 22), 0) }));
    const place = gridPositionOf(e, 200, 0, 1, 1);
    for (const second of [90, 120, 150]) {
      const direct = (L: number): number => tawnyStepOf(L, batter.rawLightness);
      expect(Math.abs(stepAt(e, place, 'lower', 1, second) - direct(trace.lowerLightness[second]!))).toBeLessThan(0.5);
      expect(Math.abs(stepAt(e, place, 'upper', 1, second) - direct(trace.upperLightness[second]!))).toBeLessThan(0.5);
    }
    expect(stepAt(e, place, 'lower', 1, 150)).toBeGreaterThan(stepAt(e, place, 'upper', 1, 150) + 0.4);
  });
});
