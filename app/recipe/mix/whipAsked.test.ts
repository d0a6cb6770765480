import { expect, test } from '@jest/globals';
import { DEFAULT_READ_SETTINGS, linesFromText, readFormula, readProcedure } from '../../../core/formula/index.ts';
import type { Lift } from '../../../core/formula/index.ts';
import { whipAsked } from './whipAsked.ts';

const asked = (text: string, lift: Lift, ...steps: string[]) => {
  const { lines } = linesFromText(text, () => String(Math.random()));
  return whipAsked(readFormula({ lines, lift }, DEFAULT_READ_SETTINGS), readProcedure(steps));
};
const TEXT = '250 g flour\n3 eggs, separated\n400 g milk\n40 g sugar';

test('soft stays soft, by hand means by hand, in three means three; sugar only where the recipe puts it', () => {
  expect(asked(TEXT, 'folded', 'Whip the whites to soft peaks by hand and fold them in in three additions.')).toMatchObject({
    kind: 'whites',
    aim: 'soft',
    tool: 'balloon-whisk',
    additions: 3,
  });
  expect(asked(TEXT, 'folded', 'Mix flour and sugar.', 'Whip the whites stiff.', 'Fold in all at once.')).toMatchObject({
    aim: 'stiff',
    sugarTime: 'never',
    sugar_g: 0,
    additions: 1,
  });
  expect(asked(TEXT, 'folded', 'Whip the whites with the sugar until firm.')).toMatchObject({ sugarTime: 'start', sugar_g: 40 });
  // Sugar of another bowl isn't whipped with what is meant for the whites.
  expect(asked(`${TEXT}\n20 g sugar for the whites`, 'folded')).toMatchObject({ sugarTime: 'soft', sugar_g: 20, words: [] });
});

test('whole eggs are whole eggs', () => {
  expect(asked('200 g flour\n3 eggs\n90 g sugar', 'ribbon', 'Beat eggs and sugar over hot water to the ribbon.')).toMatchObject({
    kind: 'whole-egg',
    sugarTime: 'start',
    sugar_g: 90,
  });
});
