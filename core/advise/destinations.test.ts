import { crustedSlab, FREEZER_C, heaterOf, hotAgain, slabOf_mm } from '../keep/index.ts';
import { describe, expect, test } from '@jest/globals';
import type { Iron } from '../plate/index.ts';
import { presetIron, readBatter } from '../testing/batters.ts';
import type { Advice, AdviceRequest } from './index.ts';
import { advise, DEFAULT_CONDITIONS, heatCourse, destinations, feasibleBy } from './index.ts';

const adviceFor = (iron: Iron, batter: Parameters<typeof readBatter>[0] = 'quick', changes: Partial<AdviceRequest> = {}): Advice => {
  const advice = advise({ ...DEFAULT_CONDITIONS, reading: readBatter(batter), iron, ...changes });
  if (!advice.ok) throw new Error(advice.failure.code);
  return advice.value;
};
const deep = adviceFor(presetIron('deep-round'), 'quick', { setting_C: 170 });

describe('after the plate', () => {
  const { courses, aims } = destinations(deep);
  const of = (kind: string) => courses.find((c) => c.place === kind)!;
  const late = (kind: string): number => of(kind).course.crisp[10]!;

  // *Common practice*: rack, never a stack or a flat plate, which is soggy underneath.
  test('a rack keeps it crisper than a dish, a dish than a pile; an oven dries it', () => {
    expect(late('rack')).toBeGreaterThan(late('dish'));
    expect(late('dish')).toBeGreaterThan(late('stack'));
    expect(late('oven')).toBeGreaterThan(late('rack'));
    expect(of('stack').lost_min).not.toBeNull();
    expect(of('stack').lost_min!).toBeLessThan(20);
  });

  test('water: none leaves a pile, most leaves in the oven; nothing grows heavier on the way', () => {
    // What still boils in the first seconds leaves even a pile.
    expect(of('stack').course.mass.at(-1)!).toBeGreaterThan(0.99);
    expect(of('oven').course.mass.at(-1)!).toBeLessThan(of('rack').course.mass.at(-1)!);
    expect(of('rack').course.mass.at(-1)!).toBeGreaterThan(0.85);
    expect(of('rack').course.mass.at(-1)!).toBeLessThan(1);
  });

  // *Common practice*: rack and sheet at 80 °C keep warm, 93 °C is the usual, above 120 °C it dries, at 180 °C it browns on.
  test('the schools of holding: the hotter the oven the lighter, and only a hot one goes on browning', () => {
    const lost = (kind: string): number => 1 - of(kind).course.mass.at(-1)!;
    expect(lost('oven')).toBeGreaterThan(lost('oven-80'));
    expect(lost('oven-120')).toBeGreaterThan(lost('oven'));
    expect(lost('oven-180')).toBeGreaterThan(lost('oven-120'));
    const darker = (kind: string): number => of(kind).course.tawny.at(-1)! - of(kind).course.tawny[0]!;
    expect(darker('oven-80')).toBeLessThan(0.05);
    expect(darker('oven-180')).toBeGreaterThan(1);
  });

  test('a few minutes in a hot oven just before the table give back what the rack took, and brown little', () => {
    const { crisp, tawny } = of('recrisped').course;
    expect(crisp[20]!).toBeGreaterThan(of('rack').course.crisp[20]! + 0.5);
    expect(tawny[20]! - of('rack').course.tawny[0]!).toBeLessThan(0.75);
    // Waiting for nothing it is a piece that lay four minutes in the oven.
    expect(crisp[0]!).toBeCloseTo(of('oven-180').course.crisp[4]!, 6);
  });

  // *Common practice*: at 80–93 °C it is held, at 180 °C it goes on browning.
  test('a holding oven doesn’t brown, a toaster does: what is frozen for it is taken out paler', () => {
    const aim = (destination: string) => aims.find((a) => a.destination === destination)!;
    expect(aim('hold').adds).toBeLessThan(0.05);
    // What it is made hot with decides: an oven that only just does it browns next to nothing, a toaster does.
    expect(aim('freeze').adds).toBeLessThan(0.1);
    const toasted = destinations(deep, { by: 'toaster', oven_C: 190 }).aims.find((a) => a.destination === 'freeze')!;
    expect(toasted.adds).toBeGreaterThan(0.2);
    expect(toasted.minutes).toBeLessThan(aim('freeze').minutes);
    expect(toasted.aim.tawny).toBeLessThan(deep.request.target.tawny);
    // As Keep says it of a piece that comes off the iron so.
    const again = hotAgain(crustedSlab(slabOf_mm(deep.request.iron.geometry)), FREEZER_C, heaterOf({ by: 'toaster', oven_C: 190 }), {
      browningFactor: deep.batter.browningFactor,
      tawny: deep.request.target.tawny - toasted.adds,
    })!;
    expect(again.tawny).toBeCloseTo(deep.request.target.tawny, 1);
    expect(again.time_s / 60).toBeCloseTo(toasted.minutes, 6);
    expect(aim('now').aim).toEqual(deep.request.target);
    expect(aim('tin').aim.crisp).toBe(5);
  });
});

describe('the heat of a morning', () => {
  const course = heatCourse(deep, { preheat_s: 600, loads: 4, pause_s: 60, mains: 1 });

  // *Common practice*: a big cold load pulls the plates down by tens of kelvins.
  test('a load takes tens of kelvins out of the plates; the next may go in after a while', () => {
    const [first, second] = course.loads;
    expect(first!.from_C - first!.lowest_C).toBeGreaterThan(10);
    expect(first!.from_C - first!.lowest_C).toBeLessThan(70);
    // The sensor lags: a plate that recovers swings a little over.
    expect(second!.from_C).toBeLessThanOrEqual(first!.from_C + 3);
    expect(first!.readyAfter_s).not.toBeNull();
  });

  // By the energy balance: 1 kW into 1.2 kg of plates for two minutes, less what is lost on the way, is about 125 °C.
  test('a short preheat is not hot', () => {
    const iron = { ...presetIron('deep-round'), plates: { mass_kg: 1.2, power_W: 1000, loss_WPerK: 2 } };
    const short = heatCourse(adviceFor(iron, 'quick', { setting_C: 190 }), { preheat_s: 120, loads: 1, pause_s: 60, mains: 1 });
    expect(short.loads[0]!.from_C).toBeGreaterThan(110);
    expect(short.loads[0]!.from_C).toBeLessThan(135);
    expect(short.loads[0]!.tawny).toBeLessThan(3.5);
    const minute = heatCourse(deep, { preheat_s: 60, loads: 1, pause_s: 60, mains: 1 });
    expect(minute.loads[0]!.tawny).toBeLessThan(course.loads[0]!.tawny - 1);
  });

  test('a lid that closes late: the plates are cooler when it does, and every load begins later by as much', () => {
    const course = (delay_s: number) =>
      heatCourse(adviceFor(presetIron('deep-round'), 'quick', { setting_C: 170, delay_s }), {
        preheat_s: 600,
        loads: 2,
        pause_s: 60,
        mains: 1,
      });
    const [at_once, slow] = [course(0), course(20)];
    expect(slow.loads[0]!.from_C).toBeLessThan(at_once.loads[0]!.from_C - 1);
    expect(slow.loads[0]!.closedAt_s).toBe(at_once.loads[0]!.closedAt_s + 20);
    expect(slow.plate_C.length * 2).toBeGreaterThanOrEqual(slow.loads[1]!.openedAt_s);
  });

  test('weaker mains heat later and recover less; a longer pause helps', () => {
    const weak = heatCourse(deep, { preheat_s: 600, loads: 4, pause_s: 60, mains: 0.85 });
    expect(weak.hotAfter_s).toBeGreaterThan(course.hotAfter_s * 1.2);
    expect(weak.loads[3]!.tawny).toBeLessThan(course.loads[3]!.tawny);
    const slow = heatCourse(deep, { preheat_s: 600, loads: 4, pause_s: 180, mains: 0.85 });
    // Where three minutes bring the plates back already, the thermostat's swing is all that is left.
    expect(slow.loads[3]!.tawny).toBeGreaterThanOrEqual(weak.loads[3]!.tawny - 0.05);
    expect(course.plate_C.length * 2).toBeGreaterThan(600);
  });
});

// A check value of the trade (*common practice*): four half-cup squares in three minutes are too much for 700 W, and just possible at 1.4 kW.
describe('wishes that can’t be had', () => {
  const squares = (power_W: number): Advice => {
    const iron = presetIron('thin-square-4');
    return adviceFor({ ...iron, plates: { ...iron.plates, power_W } });
  };
  test('700 W doesn’t bring four squares to tawny in three minutes; what could is said', () => {
    const weak = feasibleBy(squares(700), 180);
    expect(weak.isFeasible).toBe(false);
    expect(weak.tawny).toBeLessThan(3.6);
    expect(weak.power_W).not.toBeNull();
    expect(weak.power_W!).toBeGreaterThan(1000);
    expect(weak.power_W!).toBeLessThan(2600);
    const strong = feasibleBy(squares(1400), 180);
    expect(strong.soonest_s!).toBeLessThan((weak.soonest_s ?? Infinity) * 0.85);
    // Between the steps, as in the table of docs/models/plate.md.
    expect(strong.tawny).toBeGreaterThan(3.3);
  });

  test('with time enough nothing is wrong', () => {
    expect(feasibleBy(squares(1400), 400)).toMatchObject({ isFeasible: true, power_W: null });
  });
});
