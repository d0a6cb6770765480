import { describe, expect, test } from '@jest/globals';
import { readLine } from './index.ts';

/**
 * Lines as people write them, in five hands, and what each weighs. Grams are worked out from the measures' definitions (NIST) and
 * household weights (USDA; *from memory*), not by the reader. [line, ingredient, grams, tolerance as a share]
 */
type Expected = readonly [line: string, id: string, grams: number, tolerance?: number];

const CUPS: readonly Expected[] = [
  ['2 cups all-purpose flour', 'wheat-flour', 250],
  ['1 cup unbleached flour', 'wheat-flour', 125],
  ['1 1/2 cups cake flour', 'fine-flour', 172.5, 0.05],
  ['3/4 cup whole wheat flour', 'whole-wheat-flour', 90],
  ['1/3 cup rye flour', 'rye-flour', 34],
  ['1/4 cup cornstarch', 'corn-starch', 32],
  ['2 tablespoons cornstarch', 'corn-starch', 16],
  ['1 cup granulated sugar', 'sugar', 200],
  ['1/2 cup packed brown sugar', 'brown-sugar', 110],
  ['1 cup powdered sugar', 'icing-sugar', 120],
  ['1 tablespoon honey', 'honey', 21.2, 0.03],
  ['1/4 cup maple syrup', 'maple-syrup', 78.75],
  ['2 cups buttermilk', 'cultured-milk', 490],
  ['1 3/4 cups whole milk', 'milk', 427],
  ['1 cup plain yogurt', 'yogurt', 245],
  ['1/2 cup sour cream', 'sour-cream', 115],
  ['1/2 cup vegetable oil', 'oil', 109],
  ['1/3 cup melted butter', 'butter', 75.6],
  ['8 tablespoons butter', 'butter', 113.4],
  ['2 sticks unsalted butter', 'butter', 226.8],
  ['1 tbsp baking powder', 'baking-powder', 13.8],
  ['2 tsp baking powder', 'baking-powder', 9.2],
  ['1/2 tsp baking soda', 'baking-soda', 2.3],
  ['1 tsp salt', 'salt', 6],
  ['3/4 tsp table salt', 'salt', 4.5],
  ['1 tsp kosher salt', 'flake-salt', 3],
  ['2 tsp vanilla extract', 'vanilla-extract', 8.67],
  ['1 cup water', 'water', 236.6, 0.01],
  ['1/2 cup unsweetened cocoa powder', 'cocoa', 43],
  ['1 cup blueberries', 'blueberries', 148],
  ['1/2 cup chopped walnuts', 'walnuts', 58.5],
  ['1 cup chocolate chips', 'chocolate-chips', 168],
  ['1 pint buttermilk', 'cultured-milk', 490],
  ['1 quart milk', 'milk', 976],
  ['4 fl oz milk', 'milk', 122],
];

const GRAMS: readonly Expected[] = [
  ['300 g flour', 'wheat-flour', 300],
  ['300g plain flour', 'wheat-flour', 300],
  ['0.5 kg strong flour', 'strong-flour', 500],
  ['1,5 kg flour', 'wheat-flour', 1500],
  ['250 grams rice flour', 'rice-flour', 250],
  ['2.5 g salt', 'salt', 2.5],
  ['2,5 g fine sea salt', 'salt', 2.5],
  ['Sugar: 40 g', 'sugar', 40],
  ['sugar 40g', 'sugar', 40],
  ['Butter – 120 g', 'butter', 120],
  ['• 120 g butter', 'butter', 120],
  ['- 120 g butter, softened', 'butter', 120],
  ['* 15 g baking powder', 'baking-powder', 15],
  ['7 g dry yeast', 'dry-yeast', 7],
  ['20 g fresh yeast', 'fresh-yeast', 20],
  ['360 ml milk', 'milk', 371],
  ['3,6 dl milk', 'milk', 371],
  ['2 dl water', 'water', 200, 0.01],
  ['½ l milk', 'milk', 515.6],
  ['0.25 l oil', 'oil', 230.4],
  ['100 g potato starch', 'potato-starch', 100],
  ['60 g tapioca starch', 'tapioca-starch', 60],
  ['150 g caster sugar', 'sugar', 150],
  ['30 g cocoa', 'cocoa', 30],
  ['200 g gluten-free flour blend', 'gluten-free-blend', 200],
  ['1 lb flour', 'wheat-flour', 453.6],
  ['8 oz butter', 'butter', 226.8],
  ['4 ounces sugar', 'sugar', 113.4],
  ['0.1 kg oats', 'rolled-oats', 100],
  ['500 mg salt', 'salt', 0.5],
];

const EGGS: readonly Expected[] = [
  ['2 large eggs', 'egg', 100],
  ['3 eggs', 'egg', 150],
  ['1 medium egg', 'egg', 44],
  ['two eggs, beaten', 'egg', 100],
  ['half a dozen eggs', 'egg', 300],
  ['a dozen eggs', 'egg', 600],
  ['4 large egg whites', 'egg-white', 132],
  ['3 egg yolks', 'egg-yolk', 51],
  ['2 extra-large eggs', 'egg', 112, 0.13],
  ['120 g egg', 'egg', 120],
  ['1 large egg, separated', 'egg', 50],
  ['3 eggs (150 g)', 'egg', 150],
];

const HARD: readonly Expected[] = [
  ['1 cup plus 1 tablespoon flour', 'wheat-flour', 132.8],
  ['1 cup + 2 tablespoons sugar', 'sugar', 225],
  ['2 cups minus 2 tablespoons flour', 'wheat-flour', 234.4],
  ['1½ cups milk', 'milk', 366],
  ['1½cups milk', 'milk', 366],
  ['1 ½ cups milk', 'milk', 366],
  ['1-½ cups milk', 'milk', 366],
  ['1 and 1/2 cups milk', 'milk', 366],
  ['one and a half cups milk', 'milk', 366],
  ['2 to 3 tablespoons sugar', 'sugar', 31.25],
  ['2-3 tbsp sugar', 'sugar', 31.25],
  ['1 (14 oz) can sweetened condensed milk', 'condensed-milk', 396.9],
  ['2 (5-ounce) cans evaporated milk', 'evaporated-milk', 283.5],
  ['1 packet (7 g) instant yeast', 'instant-yeast', 7],
  ['2 1/4 teaspoons active dry yeast', 'dry-yeast', 6.75],
  ['6 tablespoons (3/4 stick) butter', 'butter', 85],
  ['½ cup (1 stick) butter', 'butter', 113.4],
  ['2 cups (250 g) flour', 'wheat-flour', 250],
  ['1 cup (8 oz) milk', 'milk', 226.8, 0.09],
  ['about 2 cups flour', 'wheat-flour', 250],
  ['2 heaped tbsp sugar', 'sugar', 31.25, 0.02],
  ['1 scant cup milk', 'milk', 226.9, 0.02],
  ['1 level tsp salt', 'salt', 6],
  ['1 c. milk', 'milk', 244],
  ['2 T butter', 'butter', 28.35],
  ['1 t salt', 'salt', 6],
  ['1 tblsp sugar', 'sugar', 12.5],
  ['3 Tbs. oil', 'oil', 40.9],
  ['zest of 2 oranges', 'zest', 12],
  ['juice of half a lemon', 'lemon-juice', 24],
];

const tolerance = 0.012;

describe.each([
  ['cups and spoons', CUPS],
  ['by weight, several hands', GRAMS],
  ['eggs', EGGS],
  ['hard ones', HARD],
] as const)('%s', (_, lines) => {
  test.each(lines)('%s', (line, id, grams, within = tolerance) => {
    const read = readLine(line);
    expect([read.ingredientId, read.grams === null ? null : Math.abs(read.grams / grams - 1) <= within || read.grams]).toEqual([id, true]);
  });
});

describe('never misread silently', () => {
  // Odd lines: whatever is said about them, it is not a clean "read".
  test.each([
    'flour, as needed',
    'a splash of milk',
    'a knob of butter',
    'milk to thin',
    'salt',
    '1 glug oil',
    '2 cups of love',
    '1 cup almond butter',
    '1 cup milk or water',
    '2 eggs or 3 yolks',
    '1 cup cornflour',
    '100 g curd',
    '3 to 4 eggs',
    '1/2 cup / 100 ml oil',
    'vanilla',
    'sprinkles, optional',
    '1 bag frozen berries',
    '2 handfuls oats',
    '1 cup (60 g) sugar',
    'one big spoon sugar',
  ])('%s', (line) => expect(readLine(line).status).not.toBe('read'));
});
