import type { WholeRecipe } from './wholeRecipes.ts';

/** Written before the reader was changed for them, and looked at only at the end. */
export const FROZEN_RECIPES: readonly WholeRecipe[] = [
  {
    title: 'Camp waffles over coals',
    yields: 'Makes 6 to 8',
    groups: [
      {
        heading: 'Pack at home',
        lines: [
          ['2 cups plain flour', ['wheat-flour', 250]],
          ['3 tsp baking powder', ['baking-powder', 13.8]],
          ['2 tbsp milk powder', ['milk-powder', 15]],
          ['1/2 tsp salt', ['salt', 3]],
        ],
      },
      {
        heading: 'At the fire',
        lines: [
          ['2 eggs', ['egg', 100]],
          ['1 1/2 cups water', ['water', 355]],
          ['4 tbsp oil', ['oil', 54.5]],
        ],
      },
    ],
    steps: [
      'Shake the dry mix in its bag, tip into a pot and beat in eggs, water and oil.',
      'Heat the iron on both sides over the coals for five minutes.',
      'Pour a generous half cup into the iron, cook two minutes, turn and cook two more minutes.',
    ],
    lift: 'quick',
    claims: [
      ['pieces', 6, 8],
      ['preheat_s', 300, 300],
      ['dose_mL', 118, 130],
      ['cook_s', 120, 120],
      ['cook_s', 120, 120],
    ],
  },
  {
    title: 'Almond pizzelle',
    yields: 'Makes about 30 thin wafers',
    groups: [
      {
        heading: 'Ingredients',
        lines: [
          ['1 3/4 cups flour', ['wheat-flour', 218.75]],
          ['2 tsp baking powder', ['baking-powder', 9.2]],
          ['3 large eggs', ['egg', 150]],
          ['3/4 cup granulated sugar', ['sugar', 150]],
          ['1/2 cup unsalted butter, melted and cooled', ['butter', 113.4]],
          ['1/2 tsp almond extract', ['extract', 2.1]],
        ],
      },
    ],
    steps: [
      'Whisk eggs and sugar for a minute, then the butter and the almond extract.',
      'Stir in flour and baking powder. The dough should be sticky.',
      'Let it rest 10 minutes while the iron heats up.',
      'Place a heaped teaspoon in the middle of each plate and press the lid for 30 seconds.',
      'Let cool on a rack; they crisp as they cool. Store airtight for up to 10 days.',
    ],
    lift: 'quick',
    claims: [
      ['pieces', 30, 30],
      ['work_s', 60, 60],
      ['rest_s', 600, 600],
      ['dose_mL', 4.93, 6.16],
      ['cook_s', 30, 30],
      ['keep_s', 864000, 864000],
    ],
  },
  {
    title: 'Pumpkin waffles',
    yields: 'Serves 6',
    groups: [
      {
        heading: 'Dry ingredients',
        lines: [
          ['2 1/2 cups all-purpose flour', ['wheat-flour', 312.5]],
          ['1/3 cup packed light brown sugar', ['brown-sugar', 73.3]],
          ['2 1/4 teaspoons baking powder', ['baking-powder', 10.35]],
          ['1 teaspoon baking soda', ['baking-soda', 4.6]],
          ['1/2 teaspoon salt', ['salt', 3]],
          ['2 teaspoons cinnamon', ['cinnamon', 5.2]],
        ],
      },
      {
        heading: 'Wet ingredients',
        lines: [
          ['4 large eggs', ['egg', 200]],
          ['2 cups buttermilk', ['cultured-milk', 490]],
          ['1 cup canned pumpkin', ['pumpkin', 245]],
          ['6 tablespoons butter, melted', ['butter', 85]],
        ],
      },
    ],
    extras: { heading: 'For serving', lines: ['maple syrup', '1/2 cup toasted pecans'] },
    steps: [
      'Preheat oven to 250°F and waffle iron.',
      'Sift together the dry ingredients. Whisk the eggs, buttermilk and pumpkin until smooth and pour in the butter.',
      'Combine just until moistened.',
      'Brush the iron with oil. Spoon 2 cups of batter into the iron, spreading it to the corners.',
      'Cook until golden, about 4 minutes. Keep warm in the oven.',
    ],
    lift: 'quick',
    claims: [
      ['oven_C', 121, 121],
      ['dose_mL', 473, 473],
      ['cook_s', 240, 240],
    ],
  },
  {
    title: 'Rice flour waffles',
    yields: null,
    groups: [
      {
        heading: 'Ingredients:',
        lines: [
          ['200g rice flour', ['rice-flour', 200]],
          ['40g potato starch', ['potato-starch', 40]],
          ['8g baking powder', ['baking-powder', 8]],
          ['1/4 tsp xanthan gum', ['xanthan-gum', 0.7]],
          ['350ml milk', ['milk', 361]],
          ['2 eggs', ['egg', 100]],
          ['60g melted butter', ['butter', 60]],
          ['1 tbsp sugar', ['sugar', 12.5]],
        ],
      },
    ],
    steps: [
      'Separate the eggs. Mix yolks, milk and butter into the flours.',
      'Whip the egg whites with the sugar to soft peaks and fold in gently.',
      'Leave for 15 minutes.',
      'Bake in a hot iron for 4-5 minutes at level 5.',
    ],
    lift: 'folded',
    claims: [
      ['rest_s', 900, 900],
      ['cook_s', 240, 300],
      ['dial', 5, 5],
    ],
  },
  {
    title: 'Sourdough discard waffles',
    yields: '4 large waffles',
    groups: [
      {
        heading: 'Night before',
        lines: [
          ['1 cup flour', ['wheat-flour', 125]],
          ['1 cup buttermilk', ['cultured-milk', 245]],
          ['1 tbsp sugar', ['sugar', 12.5]],
        ],
      },
      {
        heading: 'Next day',
        lines: [
          ['1 egg', ['egg', 50]],
          ['1/4 cup butter, melted', ['butter', 56.7]],
          ['1/2 tsp salt', ['salt', 3]],
          ['1/2 tsp baking soda', ['baking-soda', 2.3]],
        ],
      },
    ],
    steps: [
      'Stir together the sponge, cover, and leave out overnight.',
      'Next day whisk in the rest.',
      'Heat the waffle maker to 400 degrees.',
      'Scoop 1/2 cup of batter per waffle, close and cook five minutes.',
    ],
    lift: 'quick',
    claims: [
      ['pieces', 4, 4],
      ['rest_s', 28800, 50400],
      ['setting_C', 204.4, 204.4],
      ['dose_mL', 118, 118],
      ['cook_s', 300, 300],
    ],
  },
  {
    title: 'Herb and potato waffles',
    yields: 'Makes 4 savoury waffles',
    groups: [
      {
        heading: 'Ingredients',
        lines: [
          ['300 g cold mashed potato', ['potato', 300]],
          ['100 g self-raising flour', ['self-raising-flour', 100]],
          ['2 eggs', ['egg', 100]],
          ['100 ml whole milk', ['milk', 103]],
          ['30 g butter, melted', ['butter', 30]],
          ['Salt and pepper', ['salt', null], ['spice', null]],
        ],
      },
    ],
    extras: { heading: 'Garnish', lines: ['chopped chives', 'sour cream'] },
    steps: [
      'Beat the mash with eggs and milk until smooth.',
      'Stir in the flour and the butter.',
      'Grease the iron. Spread about 120 g of the batter per waffle, and cook for 5–6 min.',
    ],
    lift: 'quick',
    claims: [
      ['pieces', 4, 4],
      ['dose_g', 120, 120],
      ['cook_s', 300, 360],
    ],
  },
  {
    title: 'Coconut egg waffles',
    yields: 'Makes 4 sheets',
    groups: [
      {
        heading: 'For the batter',
        lines: [
          ['120 g low-protein flour', ['fine-flour', 120]],
          ['25 g corn starch', ['corn-starch', 25]],
          ['6 g baking powder', ['baking-powder', 6]],
          ['100 g sugar', ['sugar', 100]],
          ['2 eggs', ['egg', 100]],
          ['150 ml coconut milk', ['coconut-milk', 148]],
          ['30 ml oil', ['oil', 27.6]],
        ],
      },
    ],
    steps: [
      'Froth the eggs with the sugar for 1 minute.',
      'Add coconut milk, sift in the powders, then the oil.',
      'Refrigerate for two hours.',
      'Preheat the pan for 4 minutes. Pour in batter to 80%, flip right away and cook 1½ to 2 minutes per side.',
    ],
    lift: 'frothed',
    claims: [
      ['pieces', 4, 4],
      ['work_s', 60, 60],
      ['chill_s', 7200, 7200],
      ['preheat_s', 240, 240],
      ['cook_s', 90, 120],
    ],
  },
  {
    title: 'Brown butter hazelnut waffles',
    yields: 'Makes 5',
    groups: [
      {
        heading: 'Ingredients',
        lines: [
          ['220 g plain flour', ['wheat-flour', 220]],
          ['60 g ground hazelnuts', ['hazelnuts', 60]],
          ['14 g baking powder', ['baking-powder', 14]],
          ['50 g caster sugar', ['sugar', 50]],
          ['a good pinch of salt', ['salt', 0.4]],
          ['3 large eggs, separated', ['egg', 150]],
          ['400 ml milk', ['milk', 412]],
          ['120 g butter', ['butter', 120]],
        ],
      },
    ],
    steps: [
      'Brown the butter, about six minutes, and let it cool for 10 minutes.',
      'Mix the dry things; beat in yolks, milk and butter.',
      'Beat the whites stiff and fold them under.',
      'Bake 130 g a waffle at mark 3 until golden, four and a half minutes.',
      'Eat at once, or hold in an oven at 90 °C.',
    ],
    lift: 'folded',
    claims: [
      ['pieces', 5, 5],
      ['work_s', 360, 360],
      ['rest_s', 600, 600],
      ['dose_g', 130, 130],
      ['dial', 3, 3],
      ['cook_s', 270, 270],
      ['oven_C', 90, 90],
    ],
  },
];
