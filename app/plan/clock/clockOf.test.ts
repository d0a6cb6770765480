import { describe, expect, test } from '@jest/globals';
import { HOUR_MS, MINUTE_MS } from '../../../core/basis/index.ts';
import type { PlannedLoad } from '../../../core/run/index.ts';
import { hourShown, hoursOf, spokesOf } from './clockOf.ts';

const SERVE = Date.UTC(2026, 11, 1, 7, 15);
const load = (ironId: string, n: number, openAt: number): PlannedLoad => ({ ironId, n, openAt }) as PlannedLoad;

describe('the morning as a clock', () => {
  test('loads of about a minute share a spoke, those of one iron never', () => {
    const loads = [load('a', 1, 0), load('b', 1, 50_000), load('a', 2, 70_000), load('b', 2, 200_000), load('c', 1, 260_000)];
    const spokes = spokesOf({ loads });
    expect(spokes.map(({ loads: of }) => of.map(({ ironId, n }) => `${ironId}${n}`))).toEqual([['a1', 'b1'], ['a2'], ['b2', 'c1']]);
    expect(spokes[0]?.at).toBe(25_000);
  });

  test('every load stands on one spoke', () => {
    const loads = Array.from({ length: 40 }, (_, i) => load(`iron ${i % 4}`, Math.floor(i / 4), i * 37_000));
    expect(spokesOf({ loads }).flatMap((spoke) => spoke.loads)).toHaveLength(40);
  });

  test('an hour or less is one clock; longer mornings have one for each hour, the last ends with the last plate', () => {
    expect(hoursOf({ startAt: SERVE - 40 * MINUTE_MS, lastPlateAt: SERVE - MINUTE_MS }, SERVE)).toEqual([SERVE]);
    const late = SERVE + 8 * MINUTE_MS;
    expect(hoursOf({ startAt: SERVE - 130 * MINUTE_MS, lastPlateAt: late }, SERVE)).toEqual([late - 2 * HOUR_MS, late - HOUR_MS, late]);
  });

  test('shown is the hour in which it is, before that the hour of the first plate', () => {
    const hours = [SERVE - HOUR_MS, SERVE];
    expect(hourShown(hours, SERVE - 80 * MINUTE_MS, SERVE - 20 * MINUTE_MS)).toBe(SERVE - HOUR_MS);
    expect(hourShown(hours, SERVE - 9 * HOUR_MS, SERVE - 20 * MINUTE_MS)).toBe(SERVE);
    expect(hourShown(hours, SERVE + HOUR_MS, SERVE - 70 * MINUTE_MS)).toBe(SERVE - HOUR_MS);
  });
});
