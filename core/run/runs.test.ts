import { instantOf, wallTime } from '../basis/index.ts';
import { describe, expect, test } from '@jest/globals';
import { demoFile } from '../../demo/file.ts';
import type { Dish, Run } from './index.ts';
import { dishFor, freeName, nextMorning, runThatIsOn, wishOf, Run as RunSchema } from './index.ts';

const base = demoFile().runs[0]!;
const run = (changes: Partial<Run>): Run => ({ ...base, zone: 'Europe/London', ...changes });
const at = (wall: string): number => instantOf(wall, 'Europe/London')!;

describe('the run that is on', () => {
  const runs = [run({ id: 'a', serveAt: 1000 }), run({ id: 'b', serveAt: 3000 }), run({ id: 'c', serveAt: 2000 })];
  test('is the one that was chosen, else the last to be served; one that was removed isn’t', () => {
    expect(runThatIsOn(runs, 'a')?.id).toBe('a');
    expect(runThatIsOn(runs, null)?.id).toBe('b');
    expect(runThatIsOn(runs, 'gone')?.id).toBe('b');
    expect(runThatIsOn([], 'a')).toBeNull();
  });
});

test('a name that no other run has', () => {
  const runs = [run({ name: 'Breakfast' }), run({ name: 'Breakfast (2)' })];
  expect(freeName('Breakfast', [])).toBe('Breakfast');
  expect(freeName('Breakfast', runs)).toBe('Breakfast (3)');
  expect(freeName('Breakfast (2)', runs)).toBe('Breakfast (3)');
  expect(freeName('Breakfast for 36', [run({ name: 'Breakfast for 36' })])).toBe('Breakfast for 36 (2)');
  expect(freeName('x'.repeat(200), runs).length).toBeLessThanOrEqual(120);
});

describe('the same morning once more', () => {
  const next = (serveAt: string, now: string): string => {
    const made = nextMorning(run({ id: 'a', name: 'Sunday', serveAt: at(serveAt) }), 'new', [], at(now));
    return wallTime(made.serveAt, made.zone);
  };
  test('the day after, at the same time', () => {
    expect(next('2026-05-10T07:15', '2026-05-09T20:00')).toBe('2026-05-11T07:15');
  });
  test('of one that is long over: today if that is still to come, else tomorrow', () => {
    expect(next('2026-05-10T07:15', '2026-06-01T05:00')).toBe('2026-06-01T07:15');
    expect(next('2026-05-10T07:15', '2026-06-01T08:00')).toBe('2026-06-02T07:15');
  });
  test('on the nights when the clock is put on or back it stays a quarter past seven', () => {
    expect(next('2026-03-28T07:15', '2026-03-27T12:00')).toBe('2026-03-29T07:15');
    expect(next('2026-10-24T07:15', '2026-10-23T12:00')).toBe('2026-10-25T07:15');
  });
  test('everything else is as it was, under an id and a name of its own', () => {
    const first = run({ id: 'a', name: 'Sunday', serveAt: at('2026-05-10T07:15') });
    const made = nextMorning(first, 'new', [first], at('2026-05-09T07:00'));
    expect(made).toEqual({ ...first, id: 'new', name: 'Sunday (2)', serveAt: made.serveAt });
  });
});

describe('the dish of a run', () => {
  const dish: Dish = { ...base.dishes[0]!, id: 'd', formulaId: 'f', ironIds: ['a', 'b'] };
  const of = run({ dishes: [dish] });
  test('is its formula on one of its irons, and nothing else', () => {
    expect(dishFor(of, { formulaId: 'f', ironId: 'b' })?.id).toBe('d');
    expect(dishFor(of, { formulaId: 'f', ironId: 'c' })).toBeNull();
    expect(dishFor(of, { formulaId: 'g', ironId: 'a' })).toBeNull();
    expect(dishFor(null, { formulaId: 'f', ironId: 'a' })).toBeNull();
  });
  test('a dish that was kept before there was any of it: nothing scattered, closed and turned at once', () => {
    expect(wishOf(dish)).toEqual({
      target: dish.target,
      batter_C: dish.batter_C,
      onPlate: null,
      delay_s: 0,
      turn_s: null,
      lightness: null,
    });
  });
  test('what can’t be scattered is refused, and so is a run without a dish', () => {
    const scattered = (onPlate: unknown): boolean => RunSchema.safeParse({ ...of, dishes: [{ ...dish, onPlate }] }).success;
    expect(scattered({ toppingId: 'nuts', grams: 30 })).toBe(true);
    expect(scattered({ toppingId: 'gravel', grams: 30 })).toBe(false);
    expect(scattered({ toppingId: 'nuts', grams: 0 })).toBe(false);
    expect(RunSchema.safeParse({ ...of, dishes: [] }).success).toBe(false);
  });
});
