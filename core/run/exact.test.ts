import { describe, expect, test } from '@jest/globals';
import { exactMornings } from '../testing/exactRun.ts';
import { OWN_DISH } from './ownDish.ts';
import { scheduled, spanOf } from './schedule.ts';

/** So many pieces of one dish, wanted at once. */
const plain = (pieces: number) => [{ dishId: OWN_DISH, pieces, due_s: () => 0 }];

/** Checked against HiGHS (Huangfu & Hall 2018; registry package `highs`): the shortest span there is, with one hand. */
describe('a small morning against the exact answer', () => {
  test('never shorter than can be, within 2 % on the mean and 5 % at worst', async () => {
    const mornings = await exactMornings(8, 5);
    const ratios = mornings.map(({ irons, loads, span_s }) => spanOf(scheduled(plain(loads), irons, 1, 1e6).slots) / span_s);
    // The solver stops within a ten-thousandth.
    for (const ratio of ratios) expect(ratio).toBeGreaterThan(1 - 2e-4);
    expect(Math.max(...ratios)).toBeLessThan(1.05);
    expect(ratios.reduce((sum, ratio) => sum + ratio, 0) / ratios.length).toBeLessThan(1.02);
  }, 240_000);
});
