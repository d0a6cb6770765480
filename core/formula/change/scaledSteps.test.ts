import { expect, test } from '@jest/globals';
import { scaledSteps, scaledYield } from './scaledSteps.ts';

test.each([
  ['Crack 4 eggs; add the ¼ cup oil and 2 egg yolks.', 2, 'Crack 8 eggs; add the ½ cup oil and 4 egg yolks.'],
  ['Melt 1 stick (½ cup) butter with 2-3 tbsp honey.', 2, 'Melt 2 sticks (1 cup) butter with 4-6 tbsp honey.'],
  ['Whisk in 300 g flour for 2 minutes, then chill 1 hour.', 0.5, 'Whisk in 150 g flour for 2 minutes, then chill 1 hour.'],
  ['Fold in the whites in 3 additions, about 15 strokes.', 2, 'Fold in the whites in 3 additions, about 15 strokes.'],
  ['Pour ½ cup into each square and cook 4 minutes at 190 °C.', 2, 'Pour ½ cup into each square and cook 4 minutes at 190 °C.'],
  ['Stir 3 eggs into 1½ cups milk.', 2 / 3, 'Stir 2 eggs into 1 cup milk.'],
  ['Freeze in bags of four.', 2, 'Freeze in bags of four.'],
  ['Scatter 15 g cheese over each.', 2, 'Scatter 15 g cheese over each.'],
])('%s × %d', (step, factor, scaled) => {
  expect(scaledSteps([step], factor)).toEqual([scaled]);
});

test('times one nothing changes, and a yield follows', () => {
  expect(scaledSteps(['Crack 4 eggs.  Beat 2 minutes.'], 1)).toEqual(['Crack 4 eggs. Beat 2 minutes.']);
  expect(scaledYield('Makes 8 squares', 2)).toBe('Makes 16 squares');
  expect(scaledYield('about 6 to 7 rounds', 2)).toBe('about 12 to 14 rounds');
  expect(scaledYield(null, 2)).toBeNull();
});
