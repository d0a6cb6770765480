import { describe, expect, test } from '@jest/globals';
import { readLine, scaledWords } from '../index.ts';

describe('a line in its own words, scaled', () => {
  test.each([
    ['2 cups flour', 2, '4 cups flour'],
    ['1 cup milk', 3, '3 cups milk'],
    ['2 eggs', 0.5, '1 egg'],
    ['1 large egg', 3, '3 large eggs'],
    ['2 1/2 cups flour', 2, '5 cups flour'],
    ['¾ cup sugar', 2, '1½ cups sugar'],
    ['1½ tsp salt', 1 / 3, '½ tsp salt'],
    ['1 cup plus 2 tbsp milk', 2, '2 cups plus 4 tbsp milk'],
    ['1 cup (120 g) flour', 2, '2 cups (240 g) flour'],
    ['1 (12 oz) can evaporated milk', 2, '2 (12 oz) cans evaporated milk'],
    ['250 g flour', 1.5, '375 g flour'],
    ['250 ml milk 3.5 % fat', 2, '500 ml milk 3.5 % fat'],
    ['2 to 3 tbsp sugar', 2, '4 to 6 tbsp sugar'],
    ['half a cup butter', 4, '2 cups butter'],
    ['a pinch of salt', 3, '3 pinches of salt'],
    ['three eggs', 2, '6 eggs'],
    ['1 stick butter', 2, '2 sticks butter'],
    ['1,5 dl milk', 2, '3 dl milk'],
  ])('"%s" × %d: "%s"', (text, factor, words) => expect(scaledWords(text, factor)).toBe(words));

  test('whatever it says reads as so much more; what can’t be said stays as it was', () => {
    expect(scaledWords('salt to taste', 2)).toBe('salt to taste');
    expect(scaledWords('2 cups flour', 1)).toBe('2 cups flour');
    for (const text of ['2 cups flour', '3 large eggs', '1 tsp baking powder', '1 cup plus 2 tbsp milk', '½ cup / 1 stick butter'])
      for (const factor of [0.37, 0.5, 1.37, 2, 7, 12.5]) {
        const words = scaledWords(text, factor);
        const ratio = (readLine(words).grams ?? 0) / ((readLine(text).grams ?? 1) * (words === text ? 1 : factor));
        expect(Math.abs(ratio - 1)).toBeLessThanOrEqual(0.03);
      }
  });
});
