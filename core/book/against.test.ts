import { describe, expect, test } from '@jest/globals';
import { seededRandom } from '../basis/index.ts';
import { against } from './index.ts';

describe('two irons side by side', () => {
  // By counting: of the 20 ways to share 1…6 into threes, 2 are as far apart as 1,2,3 against 4,5,6.
  test('as often by chance as all the ways to share the values say', () => {
    const { difference, byChance } = against([1, 2, 3], [4, 5, 6])!;
    expect(difference).toBeCloseTo(-3, 10);
    expect(byChance).toBeCloseTo(2 / 20, 1);
    expect(against([1, 2, 3, 4], [5, 6, 7, 8])!.byChance).toBeCloseTo(2 / 70, 1);
    // The same both ways round, but for its sign.
    expect(against([4, 5, 6], [1, 2, 3])!.difference).toBeCloseTo(3, 10);
  });

  test('where there is no difference it is called one as seldom as it should be; a real one is seen', () => {
    const random = seededRandom(11);
    const sample = (shift: number): number[] => Array.from({ length: 12 }, () => shift + random.normal());
    let [falsely, truly] = [0, 0];
    for (let i = 0; i < 100; i++) {
      if (against(sample(0), sample(0))!.byChance < 0.05) falsely++;
      if (against(sample(0), sample(1.5))!.byChance < 0.05) truly++;
    }
    expect(falsely).toBeLessThan(12);
    expect(truly).toBeGreaterThan(80);
  });

  test('too few say nothing, all alike differ by nothing', () => {
    expect(against([1, 2], [3, 4, 5])).toBeNull();
    expect(against([2, 2, 2], [2, 2, 2])).toEqual({ difference: 0, byChance: 1 });
  });
});
