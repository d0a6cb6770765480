import type { Lift } from '../../lift.ts';
import type { Claim } from '../claims.ts';

/** What an honest reader makes of a line: ingredient and grams (within 6 %); null: it can only ask. A line may hold two things. */
export type Meant = readonly [id: string | null, grams: number | null];

/** A whole recipe as somebody would write it down, and what it says. Invented; grams from household weights (USDA; *from memory*). */
export type WholeRecipe = {
  readonly title: string;
  readonly yields: string | null;
  readonly groups: readonly { readonly heading: string | null; readonly lines: readonly (readonly [text: string, ...meant: Meant[]])[] }[];
  readonly steps: readonly string[];
  /** What goes on top or round it, under a heading of its own; not batter. */
  readonly extras?: { readonly heading: string; readonly lines: readonly string[] };
  readonly lift: Lift;
  readonly claims: readonly (readonly [kind: Claim['kind'], low: number, high: number])[];
};

/** To tune by. */
export const OPEN: readonly WholeRecipe[] = [
  {
    title: 'Sour milk squares for a wet Sunday',
    yields: 'Makes 8 squares',
    groups: [
      {
        heading: 'Dry:',
        lines: [
          ['2 cups all-purpose flour', ['wheat-flour', 250]],
          ['2 tsp baking powder', ['baking-powder', 9.2]],
          ['1/2 tsp baking soda', ['baking-soda', 2.3]],
          ['1/2 tsp salt', ['salt', 3]],
          ['2 tbsp sugar', ['sugar', 25]],
        ],
      },
      {
        heading: 'Wet:',
        lines: [
          ['1 3/4 cups buttermilk', ['cultured-milk', 429]],
          ['2 large eggs', ['egg', 100]],
          ['6 tbsp butter, melted and cooled', ['butter', 85]],
        ],
      },
    ],
    steps: [
      'Heat the waffle iron for 10 minutes.',
      'Whisk the dry things together, then the wet ones, and stir the two until just combined, about 20 strokes.',
      'Let the batter rest for 15 minutes.',
      'Pour half a cup into each square and cook for three to five minutes, until golden.',
      'Keep warm in a 200°F oven for up to 20 minutes.',
    ],
    lift: 'quick',
    claims: [
      ['pieces', 8, 8],
      ['preheat_s', 600, 600],
      ['rest_s', 900, 900],
      ['dose_mL', 118, 118],
      ['cook_s', 180, 300],
      ['oven_C', 93, 93],
      ['keep_s', 1200, 1200],
    ],
  },
  {
    title: 'Folded waffles the slow way (serves 4)',
    yields: null,
    groups: [
      {
        heading: 'Ingredients',
        lines: [
          ['250 g plain flour', ['wheat-flour', 250]],
          ['12 g baking powder', ['baking-powder', 12]],
          ['a pinch of salt', ['salt', 0.4]],
          ['3 eggs, separated', ['egg', 150]],
          ['380 ml milk', ['milk', 391]],
          ['110 g butter, melted', ['butter', 110]],
          ['2 tbsp sugar for the whites', ['sugar', 25]],
        ],
      },
    ],
    steps: [
      'Sift flour, powder and salt into a bowl. Beat the yolks with the milk and the butter and stir them in.',
      'Whip the whites until soft, rain in the sugar and go on to firm peaks, two and a half minutes in all.',
      'Fold the whites in with a big spoon; a few streaks are fine.',
      'Bake 2 1/2 minutes in a hot iron set to 3 1/2 on the dial.',
      'Serve at once on a rack, never stacked.',
    ],
    lift: 'folded',
    claims: [
      ['work_s', 150, 150],
      ['cook_s', 150, 150],
      ['dial', 3.5, 3.5],
    ],
  },
  {
    title: 'Egg bubble waffles (makes 9)',
    yields: null,
    groups: [
      {
        heading: null,
        lines: [
          ['140g cake flour', ['fine-flour', 140]],
          ['28g tapioca starch', ['tapioca-starch', 28]],
          ['7g baking powder', ['baking-powder', 7]],
          ['2 large eggs', ['egg', 100]],
          ['110g caster sugar', ['sugar', 110]],
          ['100 ml evaporated milk', ['evaporated-milk', 106]],
          ['120 ml water', ['water', 120]],
          ['2 tbsp vegetable oil', ['oil', 27]],
          ['1/2 tsp vanilla extract', ['vanilla-extract', 2.2]],
        ],
      },
    ],
    steps: [
      'Whisk the eggs and sugar until frothy, then add milk, water and vanilla.',
      'Sift in the powders and whisk smooth. Stir in the oil last.',
      'Cover and chill the batter for at least 1 hour, or overnight.',
      'Heat the pan over medium heat on both sides for 3 minutes and brush it with oil.',
      'Pour ¾ of a cup into the centre, close, turn at once and cook 2 minutes on each side.',
    ],
    lift: 'frothed',
    claims: [
      ['pieces', 9, 9],
      ['chill_s', 3600, 3600],
      ['chill_s', 28800, 50400],
      ['preheat_s', 180, 180],
      ['dose_mL', 177, 177],
      ['cook_s', 120, 120],
    ],
  },
  {
    title: 'Overnight yeast waffles',
    yields: 'Yield: about 6 deep rounds',
    groups: [
      {
        heading: 'The evening before',
        lines: [
          ['1/2 cup lukewarm water', ['water', 118]],
          ['1 packet active dry yeast', ['dry-yeast', 7]],
          ['2 cups whole milk, warmed', ['milk', 488]],
          ['1 stick butter, melted', ['butter', 113.4]],
          ['1 tsp salt', ['salt', 6]],
          ['1 tsp sugar', ['sugar', 4.2]],
          ['2 cups flour', ['wheat-flour', 250]],
        ],
      },
      {
        heading: 'In the morning',
        lines: [
          ['2 eggs', ['egg', 100]],
          ['1/4 tsp baking soda', ['baking-soda', 1.15]],
        ],
      },
    ],
    steps: [
      'Dissolve the yeast in the water and let it stand 5 minutes.',
      'Whisk in milk, butter, salt, sugar and flour. Cover and leave on the counter overnight.',
      'Beat in eggs and soda; the batter is thin.',
      'Ladle about 3/4 cup batter into the iron and bake 5 or 6 minutes at 375°F.',
      'The batter lasts 3 days in the refrigerator.',
    ],
    lift: 'yeasted',
    claims: [
      ['pieces', 6, 6],
      ['rest_s', 300, 300],
      ['rest_s', 28800, 50400],
      ['dose_mL', 177, 177],
      ['cook_s', 300, 360],
      ['setting_C', 190.6, 190.6],
      ['keep_s', 259200, 259200],
    ],
  },
  {
    title: 'Aniseed wafers',
    yields: 'makes 3 dozen',
    groups: [
      {
        heading: 'For the batter',
        lines: [
          ['3 eggs', ['egg', 150]],
          ['3/4 cup sugar', ['sugar', 150]],
          ['1/2 cup butter, melted', ['butter', 113.4]],
          ['1 tablespoon aniseed, crushed', ['anise', 6.6]],
          ['1 3/4 cups flour', ['wheat-flour', 218.75]],
          ['1 tsp baking powder', ['baking-powder', 4.6]],
        ],
      },
    ],
    extras: { heading: 'To serve', lines: ['icing sugar', '1 cup whipped cream'] },
    steps: [
      'Beat eggs and sugar for two minutes. Add butter and aniseed.',
      'Stir in flour and baking powder to a stiff batter.',
      'Drop a level tablespoon of batter onto each plate and close the lid for 25 to 30 seconds.',
      'Cool flat on a rack. They keep two weeks in a tin.',
    ],
    lift: 'quick',
    claims: [
      ['pieces', 36, 36],
      ['work_s', 120, 120],
      ['dose_mL', 14.8, 14.8],
      ['cook_s', 25, 30],
      ['keep_s', 1209600, 1209600],
    ],
  },
  {
    title: 'Ribbon waffles',
    yields: null,
    groups: [
      {
        heading: 'You need',
        lines: [
          ['4 eggs', ['egg', 200]],
          ['125 g sugar', ['sugar', 125]],
          ['125 g flour, sieved', ['wheat-flour', 125]],
          ['60 g butter, melted', ['butter', 60]],
          ['zest of 1 lemon', ['zest', 6]],
        ],
      },
    ],
    steps: [
      'Beat eggs and sugar over hot water until pale and the ribbon stands, five minutes or so.',
      'Take off the heat and beat until cool, another 3 minutes.',
      'Fold in the flour in two goes, then the butter.',
      'Chill for half an hour.',
      'Bake at 180 °C until light gold, 3-4 min.',
    ],
    lift: 'ribbon',
    claims: [
      ['work_s', 300, 300],
      ['work_s', 180, 180],
      ['chill_s', 1800, 1800],
      ['setting_C', 180, 180],
      ['cook_s', 180, 240],
    ],
  },
  {
    title: 'Half-wholemeal waffles',
    yields: 'Makes 5 or 6 waffles',
    groups: [
      {
        heading: 'Ingredients:',
        lines: [
          ['2 cups flour, half whole wheat', ['wheat-flour', 125], ['whole-wheat-flour', 120]],
          ['1 tbsp baking powder', ['baking-powder', 13.8]],
          ['3/4 tsp salt', ['salt', 4.5]],
          ['3 tbsp honey', ['honey', 63.6]],
          ['1/2 cup butter or oil', ['butter', 113.4]],
          ['1 3/4 cups milk', ['milk', 427]],
          ['3 medium eggs', ['egg', 132]],
        ],
      },
    ],
    steps: [
      'Mix everything with a whisk until no dry flour is left.',
      'Rest ten minutes while the iron heats.',
      'Cook in a deep iron 4 to 5 minutes per waffle at setting 4.',
      'Freeze leftovers flat; toast from frozen.',
    ],
    lift: 'quick',
    claims: [
      ['pieces', 5, 6],
      ['rest_s', 600, 600],
      ['cook_s', 240, 300],
      ['dial', 4, 4],
    ],
  },
  {
    title: 'Yogurt waffles from my notebook',
    yields: null,
    groups: [
      {
        heading: null,
        lines: [
          ['200 g flour', ['wheat-flour', 200]],
          ['90 g yogurt thinned with 90 g water', ['yogurt', 90], ['water', 90]],
          ['80 g egg', ['egg', 80]],
          ['50 g butter', ['butter', 50]],
          ['20 g sugar', ['sugar', 20]],
          ['8 g baking powder', ['baking-powder', 8]],
          ['3 g salt', ['salt', 3]],
        ],
      },
    ],
    steps: [
      'Weigh everything but the butter into one bowl and stir, not too long.',
      'Melt the butter in, leave it 20 min.',
      'Iron at 200C, 60 g of batter per mould, 3 min.',
    ],
    lift: 'quick',
    claims: [
      ['rest_s', 1200, 1200],
      ['setting_C', 200, 200],
      ['dose_g', 60, 60],
      ['cook_s', 180, 180],
    ],
  },
  {
    title: 'Curd and semolina squares',
    yields: 'Serves 4',
    groups: [
      {
        heading: 'Ingredients',
        lines: [
          ['1 cup half curd and half water', ['yogurt', 122], ['water', 118]],
          ['1 cup fine semolina', ['semolina', 167]],
          ['1/4 teaspoon fruit salt or baking soda', ['baking-soda', 1.15]],
          ['2 tablespoons oil', ['oil', 27.2]],
          ['1 teaspoon cumin seeds', [null, null]],
          ['Salt to taste', ['salt', null]],
        ],
      },
    ],
    steps: [
      'Stir semolina, curd, water and salt; rest 20 minutes so that the semolina drinks.',
      'Temper the cumin in hot oil and mix it in.',
      'Just before cooking stir in the soda.',
      'Cook in a greased waffle maker until crisp, 6-7 minutes.',
    ],
    lift: 'quick',
    claims: [
      ['rest_s', 1200, 1200],
      ['cook_s', 360, 420],
    ],
  },
  {
    title: 'Light waffles, the whites of three eggs',
    yields: 'Makes 4',
    groups: [
      {
        heading: 'Ingredients',
        lines: [
          ['1 1/2 cups flour', ['wheat-flour', 187.5]],
          ['2 teaspoons baking powder', ['baking-powder', 9.2]],
          ['1/4 teaspoon salt', ['salt', 1.5]],
          ['the yolks of 3 eggs', ['egg-yolk', 51]],
          ['1 1/4 cups milk', ['milk', 305]],
          ['1/3 cup oil', ['oil', 72.7]],
          ['the whites of 3 eggs', ['egg-white', 99]],
        ],
      },
    ],
    steps: [
      'Stir flour, baking powder and salt with yolks, milk and oil.',
      'Beat the whites until stiff but not dry and fold them in.',
      'Pour a scant cup of batter on the iron. Bake about 4 minutes or until the steam stops.',
    ],
    lift: 'folded',
    claims: [
      ['pieces', 4, 4],
      ['dose_mL', 220, 237],
      ['cook_s', 240, 240],
    ],
  },
  {
    title: 'Malted rye waffles',
    yields: 'For 6 waffles',
    groups: [
      {
        heading: '',
        lines: [
          ['150 g rye flour', ['rye-flour', 150]],
          ['100 g strong white flour', ['strong-flour', 100]],
          ['1 sachet baking powder (15 g)', ['baking-powder', 15]],
          ['1 dessertspoon malt extract', ['malt-syrup', 14]],
          ['half a litre of milk', ['milk', 515]],
          ['2 eggs, size M', ['egg', 100]],
          ['75 g butter', ['butter', 75]],
        ],
      },
    ],
    extras: { heading: 'For the pan:', lines: ['butter or lard'] },
    steps: [
      '1. Melt the butter and let it cool.',
      '2. Mix all the dry ingredients, make a well, and pour in milk, eggs and malt.',
      '3. Whisk smooth, add the butter.',
      '4. Stand for a quarter of an hour.',
      '5. Fry golden brown in a greased iron, about four minutes a side over medium flame.',
    ],
    lift: 'quick',
    claims: [
      ['pieces', 6, 6],
      ['rest_s', 900, 900],
      ['cook_s', 240, 240],
    ],
  },
  {
    title: 'Corn and cheese waffles',
    yields: '8 small waffles',
    groups: [
      {
        heading: 'What goes in',
        lines: [
          ['1 cup cornmeal', ['maize-meal', 138]],
          ['3/4 cup all-purpose flour', ['wheat-flour', 93.75]],
          ['2 1/2 tsp baking powder', ['baking-powder', 11.5]],
          ['1 tsp sugar', ['sugar', 4.2]],
          ['3/4 tsp salt', ['salt', 4.5]],
          ['1 1/4 cups buttermilk', ['cultured-milk', 306]],
          ['2 eggs, beaten', ['egg', 100]],
          ['1/4 cup oil', ['oil', 54.5]],
          ['1 cup grated cheddar', ['cheese', 113]],
        ],
      },
    ],
    steps: [
      'Preheat the oven to 100 °C and put a rack in it.',
      'Stir the dry ingredients, then everything else except the cheese. Let stand 10 minutes to hydrate the meal.',
      'Fold in the cheese.',
      'Use a third of a cup per small waffle; cook on medium-high for 4 min.',
      'Hold the finished ones in the oven no longer than 15 minutes.',
    ],
    lift: 'quick',
    claims: [
      ['pieces', 8, 8],
      ['oven_C', 100, 100],
      ['rest_s', 600, 600],
      ['dose_mL', 78.9, 78.9],
      ['cook_s', 240, 240],
      ['keep_s', 900, 900],
    ],
  },
  {
    title: 'Vegan oat waffles',
    yields: 'Makes 4 waffles',
    groups: [
      {
        heading: 'Ingredients',
        lines: [
          ['1 1/2 cups oat flour', ['oat-flour', 156]],
          ['2 tsp baking powder', ['baking-powder', 9.2]],
          ['1/4 tsp fine salt', ['salt', 1.5]],
          ['1 cup oat milk', ['oat-drink', 245]],
          ['1 tbsp ground flaxseed', ['flax-meal', 7]],
          ['2 tbsp maple syrup', ['maple-syrup', 39.4]],
          ['2 tbsp melted coconut oil', ['coconut-oil', 27.2]],
          ['1 tsp cider vinegar', ['cider-vinegar', 5]],
        ],
      },
    ],
    steps: [
      'Stir flaxseed into the oat milk with the vinegar and leave for 5 minutes to curdle.',
      'Whisk in everything else. The batter should be thick; wait another 10 minutes.',
      'Grease the iron well. Cook each waffle 6 to 8 minutes and do not peek before five.',
    ],
    lift: 'quick',
    claims: [
      ['pieces', 4, 4],
      ['rest_s', 300, 300],
      ['rest_s', 600, 600],
      ['cook_s', 360, 480],
    ],
  },
  {
    title: 'Chocolate dinner waffles',
    yields: 'makes about 10',
    groups: [
      {
        heading: 'INGREDIENTS',
        lines: [
          ['180 g flour', ['wheat-flour', 180]],
          ['40 g cocoa', ['cocoa', 40]],
          ['90 g brown sugar', ['brown-sugar', 90]],
          ['10 g baking powder', ['baking-powder', 10]],
          ['2 g salt', ['salt', 2]],
          ['300 g milk', ['milk', 300]],
          ['2 eggs (100 g)', ['egg', 100]],
          ['a stick of butter cut into eight pieces', ['butter', 113.4]],
          ['50 g chocolate chips', ['chocolate-chips', 50]],
        ],
      },
    ],
    extras: { heading: 'Topping', lines: ['200 g raspberries', '2 tbsp icing sugar'] },
    steps: [
      'Melt the butter piece by piece, whisk in milk and eggs.',
      'Combine with the dry ingredients; fold in the chips.',
      'Cook at 185-190°C for 2 minutes 30 seconds.',
      'Dust with icing sugar and pile the raspberries on top.',
    ],
    lift: 'quick',
    claims: [
      ['pieces', 10, 10],
      ['setting_C', 185, 190],
      ['cook_s', 150, 150],
    ],
  },
  {
    title: 'Whole egg sponge waffles',
    yields: 'Gives 6',
    groups: [
      {
        heading: 'Ingredients',
        lines: [
          ['3 large eggs', ['egg', 150]],
          ['80 g sugar', ['sugar', 80]],
          ['100 ml milk', ['milk', 103]],
          ['130 g plain flour', ['wheat-flour', 130]],
          ['5 ml baking powder', ['baking-powder', 4.67]],
          ['45 g melted butter', ['butter', 45]],
        ],
      },
    ],
    steps: [
      'Beat the eggs with the sugar until pale and thick, about four minutes on high.',
      'Fold in flour and powder, then milk and butter.',
      'Rest overnight in the refrigerator if there is time.',
      'Bake for a minute and a half on each side in a stovetop iron.',
    ],
    lift: 'whole-egg',
    claims: [
      ['pieces', 6, 6],
      ['work_s', 240, 240],
      ['chill_s', 28800, 50400],
      ['cook_s', 90, 90],
    ],
  },
  {
    title: 'Buckwheat waffles, no wheat',
    yields: 'Serves 2-3',
    groups: [
      {
        heading: 'Ingredients',
        lines: [
          ['1 cup buckwheat flour', ['buckwheat-flour', 120]],
          ['1 tsp baking powder', ['baking-powder', 4.6]],
          ['pinch of salt', ['salt', 0.4]],
          ['1 egg', ['egg', 50]],
          ['1 cup milk of any kind', ['milk', 244]],
          ['2 Tbsp. neutral oil', ['oil', 27.2]],
          ['½ ripe banana, mashed', ['banana', 59]],
        ],
      },
    ],
    steps: [
      'Put it all in a blender and blend for 30 seconds.',
      'Let the batter sit for five minutes.',
      'Fill the iron with ½ cup of batter and cook 3½ minutes until no more steam comes out.',
    ],
    lift: 'quick',
    claims: [
      ['work_s', 30, 30],
      ['rest_s', 300, 300],
      ['dose_mL', 118, 118],
      ['cook_s', 210, 210],
    ],
  },
];
