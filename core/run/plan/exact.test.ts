import type { PlannedIron } from './cycle.ts';
import { describe, expect, test } from '@jest/globals';
import { exactMornings } from '../../testing/exactRun.ts';
import { scheduled, spanOf } from './schedule.ts';
import { campaign } from '../../testing/campaign.ts';
import { OWN_DISH } from '../../testing/morning.ts';

/** So many pieces of one dish, wanted at once. */
const plain = (pieces: number) => [{ dishId: OWN_DISH, pieces, due_s: () => 0 }];

const planned_s = (irons: readonly PlannedIron[], loads: number, hands: number): number =>
  spanOf(scheduled(plain(loads), irons, hands, 1e6).slots);

/** Checked against HiGHS (Huangfu & Hall 2018; registry package `highs`): the shortest span there is, up to twelve loads, two or three irons, one or two hands. */
const COUNT = campaign(15, 60);
describe(`${COUNT} small mornings against the exact answer`, () => {
  test('never shorter than can be, within 2 % on the mean and 5 % at worst', async () => {
    const mornings = await exactMornings(COUNT, 5, planned_s);
    expect(Math.max(...mornings.map(({ loads }) => loads))).toBe(12);
    const ratios = mornings.map(({ irons, loads, hands, span_s }) => planned_s(irons, loads, hands) / span_s);
    // The solver stops within a ten-thousandth.
    for (const ratio of ratios) expect(ratio).toBeGreaterThan(1 - 2e-4);
    expect(Math.max(...ratios)).toBeLessThan(1.05);
    expect(ratios.reduce((sum, ratio) => sum + ratio, 0) / ratios.length).toBeLessThan(1.02);
  }, 240_000);
});
