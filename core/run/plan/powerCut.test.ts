import { describe, expect, test } from '@jest/globals';
import { plannedIron } from '../../testing/plannedIron.ts';
import type { RunRequest } from '../index.ts';
import { afterPowerCut } from './powerCut.ts';
import type { Morning } from '../../testing/morning.ts';
import { morningOf } from '../../testing/morning.ts';

const asked = (changes: Partial<Morning> = {}): RunRequest =>
  morningOf({
    people: 12,
    piecesPerPerson: 1,
    serveAt: Date.UTC(2026, 10, 30, 7),
    mode: 'together',
    irons: [plannedIron('a', { preheat_s: 300 }), plannedIron('b', { preheat_s: 480, piecesPerLoad: 1 })],
    batter_g: null,
    ...changes,
  });

describe('the power goes', () => {
  test('everything: as late as it was off and heats again, never longer than from cold', () => {
    expect(afterPowerCut(asked(), ['a', 'b'], 120)).toEqual({ late_s: 240, without: [] });
    expect(afterPowerCut(asked(), ['a', 'b'], 1800)).toEqual({ late_s: 1800 + 480, without: [] });
  });

  test('one fuse: for long the others go on alone, for a moment all wait', () => {
    const long = afterPowerCut(asked(), ['b'], 3600);
    expect(long.without).toEqual(['b']);
    expect(long.late_s).toBeLessThan(3600);
    expect(afterPowerCut(asked({ people: 40 }), ['a'], 60)).toEqual({ late_s: 120, without: [] });
    expect(afterPowerCut(asked(), [], 600)).toEqual({ late_s: 0, without: [] });
  });

  test('a dish that only those irons cook is waited for', () => {
    const request = asked({
      irons: [plannedIron('a'), plannedIron('b', { dishId: 'wafers' })],
      others: [{ dishId: 'wafers', people: 4, piecesPerPerson: 1, batter_g: null }],
    });
    expect(afterPowerCut(request, ['b'], 3600).without).toEqual([]);
  });
});
