import { expect, test } from '@jest/globals';
import { DEFAULT_KIT } from '../kit/index.ts';
import { inJugs, JUG_FILL } from './index.ts';

const bowl = (name: string, volume_mL: number) => ({ ...DEFAULT_KIT.bowls[0]!, id: name, name, volume_mL, form: undefined });
const BOWLS = [bowl('Mixing bowl', 9000), bowl('Small jug', 1000), bowl('Jug, two litres', 2000)];

test('batter goes into as few jugs as may be, the smallest that do; one that rises fills only half of them', () => {
  const said = (volume_mL: number, isRising: boolean) => {
    const found = inJugs(BOWLS, volume_mL, isRising);
    return [found?.count, found?.jug.name];
  };
  expect(said(700, false)).toEqual([1, 'Small jug']);
  expect(said(700, true)).toEqual([1, 'Jug, two litres']);
  expect(said(4500, false)).toEqual([3, 'Jug, two litres']);
  expect(said(4500, true)).toEqual([5, 'Jug, two litres']);
});

test('none is fuller than it may be, and none could be left out', () => {
  for (let volume_mL = 50; volume_mL < 20_000; volume_mL += 333)
    for (const isRising of [true, false]) {
      const { count, jug, fill } = inJugs(BOWLS, volume_mL, isRising)!;
      expect(fill).toBe(isRising ? JUG_FILL.rising : JUG_FILL.still);
      expect(volume_mL / count / jug.volume_mL).toBeLessThanOrEqual(fill + 1e-9);
      if (count > 1) expect(volume_mL / (count - 1) / jug.volume_mL).toBeGreaterThan(fill);
    }
});

test('without a jug, or without batter, there is nothing to say', () => {
  expect(inJugs([BOWLS[0]!], 1000, false)).toBeNull();
  for (const volume_mL of [0, -1, NaN]) expect(inJugs(BOWLS, volume_mL, false)).toBeNull();
});
