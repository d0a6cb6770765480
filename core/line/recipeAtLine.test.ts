import { expect, test } from '@jest/globals';
import { readProcedure } from '../formula/index.ts';
import { NO_RECIPE, recipeAtLine } from './recipeAtLine.ts';

test('what is done at the iron: under and over, greased how often, not before, shaped and cooled', () => {
  expect(
    recipeAtLine(
      readProcedure([
        'Whisk it all.',
        'Grease the plates before the first waffle only.',
        'Lay two strips of bacon on the plate, pour 120 ml batter over them and scatter 15 g cheese on top.',
        'Close and cook 5–6 minutes, not before 5.',
        'Shape it over a ladle while it is soft and cool on a rack.',
      ]),
    ),
  ).toEqual({
    notBefore_s: 300,
    grease: 'first-load',
    under: 'Lay two strips of bacon on the plate',
    over: 'Scatter 15 g cheese on top',
    out: 'Shape it over a ladle while it is soft. Cool on a rack',
  });
  expect(recipeAtLine(readProcedure(['Whisk it all and cook for 4 minutes.']))).toEqual(NO_RECIPE);
  // Greased, and nobody says how often: the usual stands.
  expect(recipeAtLine(readProcedure(['Grease the iron.'])).grease).toBeNull();
});
