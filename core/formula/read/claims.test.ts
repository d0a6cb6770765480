import { describe, expect, test } from '@jest/globals';
import type { Claim } from '../index.ts';
import { batterKeeps_h, claimsOf, compareClaims, splitRecipe } from '../index.ts';

const only = (step: string): Pick<Claim, 'kind' | 'low' | 'high'>[] =>
  claimsOf([step], null).map(({ kind, low, high }) => ({ kind, low, high }));

test.each([
  ['The batter keeps 2 days in the refrigerator.', 48],
  ['Cover and keep the batter in the fridge for up to 24 hours.', 24],
  ['The batter may be refrigerated up to 3 days; stir before use.', 72],
  ['Leftover batter keeps for 2 to 3 days in the cold.', 48],
  // Of what came out, of the freezer, or work to be done: none of it says how long batter keeps.
  ['Leftover waffles keep 3 days in the refrigerator.', null],
  ['Freeze the batter for up to 3 months.', null],
  ['Chill the batter for 2 hours.', null],
  ['Let the batter stand for 5 minutes.', null],
  ['Keep the cooked waffles warm at 90 °C for up to 20 minutes.', null],
])('how long batter keeps by “%s”: %s h', (step, hours) => expect(batterKeeps_h([step])).toBe(hours));

describe('what the steps claim', () => {
  test.each([
    ['Pour ½ cup batter into the hot iron.', 'dose_mL', 118.3, 118.3],
    ['Use 3/4 cup of batter per waffle', 'dose_mL', 177.4, 177.4],
    ['Ladle about 3 to 4 tablespoons batter onto each plate', 'dose_mL', 44.4, 59.1],
    ['Spoon 60 g batter into each mould', 'dose_g', 60, 60],
    ['Cook 3-4 minutes until golden', 'cook_s', 180, 240],
    ['Close the lid; bake for 90 seconds', 'cook_s', 90, 90],
    ['cook until crisp, about 5 to 6 minutes', 'cook_s', 300, 360],
    ['Rest for 30 minutes', 'rest_s', 1800, 1800],
    ['Chill at least 1 hour', 'chill_s', 3600, 3600],
    ['Cover and refrigerate overnight', 'chill_s', 28_800, 50_400],
    ['Leave on the counter overnight', 'rest_s', 28_800, 50_400],
    ['Preheat the iron for 5 minutes', 'preheat_s', 300, 300],
    ['The batter lasts 3 days in the refrigerator', 'keep_s', 259_200, 259_200],
    ['Cook two and a half minutes', 'cook_s', 150, 150],
    ['Bake for a minute and a half', 'cook_s', 90, 90],
    ['Bake for 2 minutes 30 seconds', 'cook_s', 150, 150],
    ['Let it stand for a quarter of an hour', 'rest_s', 900, 900],
    ['Pour ¾ of a cup into the centre', 'dose_mL', 177.4, 177.4],
    ['Whip the whites 2½ min', 'work_s', 150, 150],
    ['Beat for 3 minutes', 'work_s', 180, 180],
  ] as const)('%s', (step, kind, low, high) => {
    const found = only(step);
    expect(found).toHaveLength(1);
    expect(found[0]?.kind).toBe(kind);
    expect(found[0]?.low).toBeCloseTo(low, 0);
    expect(found[0]?.high).toBeCloseTo(high, 0);
  });

  test.each([
    ['Heat the iron to 200 °C', 200],
    ['Preheat to 400°F', 204.4],
    ['Preheat to 375 degrees', 190.6],
  ] as const)('%s: %d °C', (step, celsius) => {
    expect(only(step)).toEqual([{ kind: 'setting_C', low: expect.closeTo(celsius, 0), high: expect.closeTo(celsius, 0) }]);
  });

  test('a dial mark; two times in one step each for its own work', () => {
    expect(only('Set the dial at 3')).toEqual([{ kind: 'dial', low: 3, high: 3 }]);
    expect(only('Whisk 2 minutes, rest 10 minutes, then cook 4 minutes')).toEqual([
      { kind: 'work_s', low: 120, high: 120 },
      { kind: 'rest_s', low: 600, high: 600 },
      { kind: 'cook_s', low: 240, high: 240 },
    ]);
  });

  test.each([
    ['makes 8 waffles', 8, 8],
    ['Yield: 10-12', 10, 12],
    ['Makes about 3 dozen pizzelle', 36, 36],
    ['12 small squares', 12, 12],
  ] as const)('yield "%s"', (hint, low, high) => {
    expect(claimsOf([], hint)).toMatchObject([{ kind: 'pieces', low, high }]);
  });

  test('people are not pieces, and nothing is claimed by a step without numbers', () => {
    expect(claimsOf(['Stir gently.', 'Serve at once.'], 'serves 4')).toEqual([]);
  });

  test('a hostile step costs nothing', () => {
    // Only its beginning is read, however long it is.
    for (const step of ['1 to '.repeat(50_000), '9'.repeat(100_000), 'a'.repeat(200_000)])
      expect(claimsOf([step], '1'.repeat(10_000))).toEqual(claimsOf([step.slice(0, 600)], '1'.repeat(200)));
  });
});

describe('compared with the computation', () => {
  const reckoned = {
    dose_mL: 120,
    dose_g: 115,
    cook_s: [200, 240],
    setting_C: 190,
    dial: 3,
    pieces: 9,
    bowl: null,
    pieceShare: 1 / 9,
  } as const;
  const verdict = (step: string): string => compareClaims(claimsOf([step], null), reckoned)[0]?.verdict ?? 'none';

  test.each([
    ['Pour ½ cup batter into the iron', 'agrees'],
    ['Pour 1/3 cup batter into the iron', 'differs'],
    ['Pour 160 mL batter into the iron', 'near'],
    ['Cook 3-4 minutes until golden', 'agrees'],
    ['Cook 90 seconds until golden', 'differs'],
    // Ten seconds before its good window it isn’t good: near, however it is meant.
    ['Cook 190 seconds', 'near'],
    ['Cook about 190 seconds', 'near'],
    ['Cook 4 to 5 minutes', 'agrees'],
    ['Heat to 200 °C', 'agrees'],
    ['Heat to 245 °C', 'near'],
    ['Set the dial at 3', 'agrees'],
    ['Rest 20 minutes', 'kept'],
  ])('%s: %s', (step, expected) => expect(verdict(step)).toBe(expected));
});

describe('a pasted text with its steps', () => {
  test('headings decide', () => {
    const text = 'Sunday batter\n\nIngredients\n2 cups flour\n1 cup milk\nDirections\nStir.\nPour 1/2 cup in.\nMakes 6 waffles';
    expect(splitRecipe(text.split('\n').filter((line) => line !== ''))).toEqual({
      name: 'Sunday batter',
      ingredients: ['2 cups flour', '1 cup milk'],
      steps: ['Stir.', 'Pour 1/2 cup in.'],
      yieldHint: 'Makes 6 waffles',
      extras: [],
      notes: [],
      declared: [],
    });
  });

  test('without headings, lines that open with a verb are steps, numbered or not', () => {
    const { ingredients, steps, name } = splitRecipe([
      'Barn waffles',
      '250 g flour',
      '3 eggs, beaten',
      'salt to taste',
      '1. Whisk everything together.',
      'Let the batter rest for 20 minutes',
      'Cook 4 minutes.',
    ]);
    expect(name).toBe('Barn waffles');
    expect(ingredients).toEqual(['250 g flour', '3 eggs, beaten', 'salt to taste']);
    expect(steps).toEqual(['Whisk everything together.', 'Let the batter rest for 20 minutes', 'Cook 4 minutes.']);
  });

  test('a bare ingredient list stays one, its first line too', () => {
    expect(splitRecipe(['flour', '2 eggs', 'milk to thin'])).toEqual({
      name: null,
      ingredients: ['flour', '2 eggs', 'milk to thin'],
      steps: [],
      yieldHint: null,
      extras: [],
      notes: [],
      declared: [],
    });
  });
});

describe('a label', () => {
  const declared = (text: string) => claimsOf([`As declared: ${text}`], null).map(({ kind, low }) => [kind, low]);

  test.each([
    [
      '310 kcal, 14 g fat, 8 g protein, 38 g carbohydrate',
      [
        ['energy_kcal', 310],
        ['fat_g', 14],
        ['protein_g', 8],
        ['carbohydrate_g', 38],
      ],
    ],
    [
      'Calories: 291; Total Fat 11.5g; Saturated Fat 6g; Total Carbohydrate 37g; Sugars 9g; Protein 7g',
      [
        ['energy_kcal', 291],
        ['fat_g', 11.5],
        ['protein_g', 7],
        ['carbohydrate_g', 37],
      ],
    ],
    ['Energy 1255 kJ', [['energy_kcal', 1255 / 4.184]]],
    ['310 kcal per 100 g', []],
    ['620 calories per serving', []],
  ])('%s', (text, said) => expect(declared(text)).toEqual(said));

  test('is neither batter nor step, wherever it stands; a word with a number is no label', () => {
    const parts = splitRecipe(
      [
        'Waffles',
        '200 g flour',
        '2 eggs',
        '300 g milk',
        'Per waffle: 310 kcal, fat 14 g',
        'Nutrition',
        'Protein: 8 g',
        'Mix and bake.',
      ].map(String),
    );
    expect(parts.ingredients).toEqual(['200 g flour', '2 eggs', '300 g milk']);
    expect(parts.declared).toEqual(['Per waffle: 310 kcal, fat 14 g', 'Protein: 8 g']);
    expect(splitRecipe(['Salt 5 g', 'Fat 30 g', 'flour 200 g', 'Mix it all well.']).declared).toEqual([]);
    expect(splitRecipe(['30 g protein powder', '10 g fat', '200 g flour', 'Mix it all well.']).ingredients).toHaveLength(3);
  });

  test('is compared with the bowl over the pieces that the recipe makes', () => {
    const bowl = { energy_kcal: 2400, fat_g: 96, protein_g: 60, carbohydrate_g: 320 };
    const reckoned = { dose_mL: 120, dose_g: 115, cook_s: [200, 240], setting_C: 190, dial: 3, pieces: 5, bowl, pieceShare: 0.2 } as const;
    const of = (hint: string | null) =>
      compareClaims(claimsOf(['As declared: 310 kcal, fat 19 g'], hint), reckoned).filter(({ claim }) => claim.kind !== 'pieces');
    expect(of('Makes 8').map(({ verdict, ratio }) => [verdict, Number(ratio?.toFixed(2))])).toEqual([
      ['agrees', 0.97],
      ['differs', 0.63],
    ]);
    // Nobody says how many: this iron's own pieces.
    expect(of(null).map(({ verdict }) => verdict)).toEqual(['differs', 'agrees']);
  });
});
