import { expect, test } from '@jest/globals';
import type { OwnWay } from './index.ts';
import { DEFAULT_KIT, Kit, ownWayOf, withOwnWay } from './index.ts';

const way = (changes: Partial<OwnWay> = {}): OwnWay => ({
  ironId: 'a',
  formulaId: 'f',
  portion_g: 200,
  setting: null,
  cookTime_s: null,
  ...changes,
});

test('one way for a pair: the newest; one that settles nothing is let go', () => {
  const both = withOwnWay([way(), way({ formulaId: 'g' })], way({ portion_g: 180 }));
  expect(both).toHaveLength(2);
  expect(ownWayOf(both, { ironId: 'a', formulaId: 'f' })?.portion_g).toBe(180);
  expect(ownWayOf(both, { ironId: 'b', formulaId: 'f' })).toBeNull();
  expect(withOwnWay(both, way({ portion_g: null }))).toEqual([way({ formulaId: 'g' })]);
  expect(withOwnWay([], way({ portion_g: null, setting: { temperature_C: 170, dial: 3 } }))).toHaveLength(1);
  expect(withOwnWay([], way({ portion_g: null, cookTime_s: 150 }))).toHaveLength(1);
});

test('a kit that was kept before there were any has none', () => {
  const { ownWays: _, ...older } = DEFAULT_KIT;
  expect(Kit.parse(older).ownWays).toEqual([]);
});
