import type { Ingredient } from './row.ts';
import { row, sr } from './row.ts';

const STICK = 113.398;

export const FATS: readonly Ingredient[] = [
  row(
    'butter',
    'fat',
    'Butter, unsalted|unsalted butter|butter|sweet butter|melted butter',
    { water: 16.17, protein: 0.85, fat: 81.11, lactose: 0.06, ash: 1.81, starch: 0 },
    {
      density_gPerML: STICK / 118.294,
      measures: { stick: STICK, tbsp: 14.17, knob: 15, pat: 5 },
      allergens: ['milk'],
      source: sr('01145'),
      can: {
        standIns: [
          ['oil', 'water'],
          ['salted-butter'],
          ['margarine', 'water'],
          ['shortening', 'water'],
          ['ghee', 'water'],
          ['coconut-oil', 'water'],
        ],
        melts: true,
      },
    },
  ),
  row(
    'salted-butter',
    'fat',
    'Butter, salted|salted butter',
    { water: 15.87, protein: 0.85, fat: 81.11, lactose: 0.06, ash: 0.48, salt: 1.63, starch: 0 },
    {
      density_gPerML: STICK / 118.294,
      measures: { stick: STICK, tbsp: 14.17, knob: 15, pat: 5 },
      allergens: ['milk'],
      source: sr('01001'),
      can: {
        standIns: [
          ['butter', 'salt'],
          ['oil', 'water', 'salt'],
        ],
        melts: true,
      },
    },
  ),
  row(
    'oil',
    'fat',
    'Vegetable oil|oil|neutral oil|canola oil|rapeseed oil|sunflower oil|soybean oil|cooking oil|corn oil|grapeseed oil|salad oil',
    { fat: 100, starch: 0 },
    { cup: 218, source: sr('04582'), can: { standIns: [['butter'], ['ghee'], ['shortening']] } },
  ),
  row('olive-oil', 'fat', 'Olive oil|extra virgin olive oil', { fat: 100, starch: 0 }, { cup: 216, source: sr('04053') }),
  row('coconut-oil', 'fat', 'Coconut oil|coconut fat', { fat: 100, starch: 0 }, { cup: 218 }),
  row(
    'shortening',
    'fat',
    'Shortening|vegetable shortening',
    { fat: 100, starch: 0 },
    { cup: 205, source: sr('04615'), can: { standIns: [['butter'], ['oil'], ['lard']], melts: true } },
  ),
  row('lard', 'fat', 'Lard|leaf lard', { fat: 100, starch: 0 }, { cup: 205, can: { melts: true } }),
  row(
    'margarine',
    'fat',
    'Margarine|baking margarine',
    { water: 16.52, protein: 0.16, fat: 80.71, ash: 0.3, salt: 1.9, starch: 0.41 },
    {
      density_gPerML: STICK / 118.294,
      measures: { stick: STICK },
      source: sr('04610'),
      can: { standIns: [['butter'], ['oil', 'water', 'salt']], melts: true },
    },
  ),
  row(
    'ghee',
    'fat',
    'Ghee|clarified butter',
    { water: 0.3, fat: 99.7, starch: 0 },
    { cup: 218, allergens: ['milk'], can: { melts: true } },
  ),
];

export const DAIRY: readonly Ingredient[] = [
  row(
    'milk',
    'liquid',
    'Milk, whole|whole milk|milk|full-fat milk|full fat milk|warm milk|fresh milk',
    { water: 88.13, protein: 3.15, fat: 3.25, lactose: 4.8, ash: 0.67, starch: 0 },
    {
      cup: 244,
      allergens: ['milk'],
      acid_meqPer100g: 0.4,
      source: sr('01077'),
      can: {
        standIns: [
          ['evaporated-milk', 'water'],
          ['milk-powder', 'water', 'butter'],
          ['low-fat-milk', 'butter'],
          ['skim-milk', 'butter'],
          ['yogurt', 'water'],
          ['oat-drink', 'oil'],
          ['soy-drink', 'oil'],
        ],
      },
    },
  ),
  row(
    'low-fat-milk',
    'liquid',
    'Milk, 2 %|2% milk|low-fat milk|lowfat milk|reduced-fat milk|semi-skimmed milk|semi skimmed milk',
    { water: 89.21, protein: 3.3, fat: 1.98, lactose: 4.8, ash: 0.71, starch: 0 },
    { cup: 244, allergens: ['milk'], acid_meqPer100g: 0.4, source: sr('01079') },
  ),
  row(
    'skim-milk',
    'liquid',
    'Milk, skimmed|skim milk|skimmed milk|nonfat milk|fat-free milk',
    { water: 90.84, protein: 3.37, fat: 0.08, lactose: 4.96, ash: 0.75, starch: 0 },
    { cup: 245, allergens: ['milk'], acid_meqPer100g: 0.4, source: sr('01085') },
  ),
  row(
    'cultured-milk',
    'liquid',
    'Cultured milk|buttermilk|cultured buttermilk|low-fat buttermilk|soured milk|sour milk',
    { water: 90.13, protein: 3.31, fat: 0.88, lactose: 3.94, acid: 0.85, ash: 0.89, starch: 0 },
    {
      cup: 245,
      allergens: ['milk'],
      acid_meqPer100g: 8,
      source: `${sr('01088')}; 0.85 % lactic acid, less what casein holds to pH 7`,
      can: { standIns: [['milk', 'lemon-juice'], ['milk', 'vinegar'], ['yogurt', 'water'], ['sour-cream', 'milk', 'water'], ['kefir']] },
    },
  ),
  row(
    'kefir',
    'liquid',
    'Kefir',
    { water: 89.5, protein: 3.3, fat: 2, lactose: 3.7, acid: 0.8, ash: 0.7, starch: 0 },
    { cup: 243, allergens: ['milk'], acid_meqPer100g: 7.5, can: { standIns: [['cultured-milk'], ['yogurt', 'water']] } },
  ),
  row(
    'yogurt',
    'liquid',
    'Yogurt, whole|yogurt|yoghurt|plain yogurt|plain yoghurt|natural yoghurt|natural yogurt|whole milk yogurt|curd',
    { water: 87.9, protein: 3.47, fat: 3.25, lactose: 3.66, acid: 1, ash: 0.72, starch: 0 },
    {
      cup: 245,
      allergens: ['milk'],
      acid_meqPer100g: 9.5,
      source: sr('01116'),
      can: {
        standIns: [
          ['cultured-milk', 'milk-powder'],
          ['sour-cream', 'milk'],
          ['greek-yogurt', 'water'],
        ],
      },
    },
  ),
  row(
    'greek-yogurt',
    'liquid',
    'Strained yogurt|greek yogurt|greek yoghurt|strained yoghurt',
    { water: 81, protein: 9, fat: 5, lactose: 3.2, acid: 1, ash: 0.8, starch: 0 },
    { cup: 245, allergens: ['milk'], acid_meqPer100g: 9.5 },
  ),
  row(
    'sour-cream',
    'liquid',
    'Sour cream|soured cream|creme fraiche|crème fraîche',
    { water: 73.07, protein: 2.44, fat: 19.35, lactose: 3.93, acid: 0.7, ash: 0.51, starch: 0 },
    {
      cup: 230,
      allergens: ['milk'],
      acid_meqPer100g: 6.5,
      source: sr('01056'),
      can: {
        standIns: [
          ['yogurt', 'butter'],
          ['cream', 'lemon-juice'],
          ['greek-yogurt', 'butter'],
        ],
      },
    },
  ),
  row(
    'cream',
    'liquid',
    'Cream|heavy cream|whipping cream|double cream|heavy whipping cream|single cream|half-and-half|half and half|light cream',
    { water: 57.7, protein: 2.8, fat: 36.1, lactose: 2.8, ash: 0.6, starch: 0 },
    {
      cup: 238,
      allergens: ['milk'],
      can: {
        standIns: [
          ['milk', 'butter'],
          ['evaporated-milk', 'butter'],
        ],
      },
    },
  ),
  row(
    'evaporated-milk',
    'liquid',
    'Evaporated milk|unsweetened condensed milk',
    { water: 74.04, protein: 6.81, fat: 7.56, lactose: 10.04, ash: 1.55, starch: 0 },
    {
      cup: 252,
      allergens: ['milk'],
      acid_meqPer100g: 0.8,
      source: sr('01096'),
      can: {
        standIns: [
          ['milk-powder', 'water', 'butter'],
          ['milk', 'milk-powder', 'butter'],
          ['cream', 'milk', 'milk-powder'],
        ],
      },
    },
  ),
  row(
    'condensed-milk',
    'liquid',
    'Sweetened condensed milk|condensed milk',
    { water: 27.16, protein: 7.91, fat: 8.7, sucrose: 43, lactose: 11.4, ash: 1.83, starch: 0 },
    {
      cup: 306,
      allergens: ['milk'],
      source: sr('01095'),
      can: {
        standIns: [
          ['milk-powder', 'sugar', 'water'],
          ['evaporated-milk', 'sugar'],
        ],
      },
    },
  ),
  row(
    'milk-powder',
    'flavour',
    'Milk powder|dry milk|powdered milk|dried milk|nonfat dry milk|skim milk powder',
    { water: 3.16, protein: 36.16, fat: 0.77, lactose: 51.98, ash: 7.93, starch: 0 },
    { cup: 120, allergens: ['milk'], source: sr('01091') },
  ),
  row(
    'whole-milk-powder',
    'flavour',
    'Whole milk powder|full-fat milk powder|dry whole milk',
    { water: 2.47, protein: 26.32, fat: 26.71, lactose: 38.42, ash: 6.08, starch: 0 },
    { cup: 128, allergens: ['milk'], source: sr('01090'), can: { keeps_days: 60 } },
  ),
  row(
    'malted-milk-powder',
    'flavour',
    'Malted milk powder|malted milk',
    { water: 2.5, protein: 12, fat: 8, sucrose: 10, reducing: 38, lactose: 10, fibre: 1, ash: 3 },
    { cup: 112, tint: 1, allergens: ['milk', 'wheat', 'gluten'], status: 'label' },
  ),
  row(
    'lactose-free-milk',
    'liquid',
    'Milk, lactose-free|lactose-free milk|lactose free milk',
    // The lactose is split, so the sugars brown like honey's.
    { water: 88.13, protein: 3.15, fat: 3.25, reducing: 4.8, ash: 0.67, starch: 0 },
    { cup: 244, allergens: ['milk'], acid_meqPer100g: 0.4, status: 'derived', source: 'as whole milk, its lactose split' },
  ),
  row(
    'quark',
    'liquid',
    'Quark|fromage frais|skyr',
    { water: 81, protein: 12.5, fat: 0.3, lactose: 4, ash: 0.8, acid: 0.8, starch: 0.6 },
    { cup: 250, allergens: ['milk'], acid_meqPer100g: 9, status: 'label' },
  ),
  row(
    'cream-cheese',
    'fat',
    'Cream cheese|soft cheese|mascarpone',
    { water: 53, protein: 6, fat: 34.5, lactose: 4, ash: 1.3, salt: 0.8, starch: 0.4 },
    { cup: 232, allergens: ['milk'], acid_meqPer100g: 4, can: { melts: true } },
  ),
  row(
    'ricotta',
    'mix-in',
    'Fresh curd cheese|ricotta|cottage cheese|curd cheese',
    { water: 72, protein: 11, fat: 13, lactose: 3, ash: 1, starch: 0 },
    { cup: 246, allergens: ['milk'], acid_meqPer100g: 3 },
  ),
  row(
    'cheese',
    'mix-in',
    'Hard cheese, grated|cheese|grated cheese|cheddar|parmesan',
    { water: 37, protein: 25, fat: 33, lactose: 0.5, ash: 2.7, salt: 1.8, starch: 0 },
    { cup: 113, allergens: ['milk'], can: { staysInBits: true } },
  ),
];

export const LIQUIDS: readonly Ingredient[] = [
  row(
    'water',
    'liquid',
    'Water|warm water|cold water|tap water|boiling water|hot water|ice water',
    { water: 99.9, ash: 0.1, starch: 0 },
    { cup: 236.6, source: sr('14411') },
  ),
  row(
    'sparkling-water',
    'liquid',
    'Sparkling water|soda water|club soda|seltzer|carbonated water',
    { water: 99.9, ash: 0.1, starch: 0 },
    { cup: 236.6 },
  ),
  row(
    'oat-drink',
    'liquid',
    'Oat drink|oat milk',
    { water: 90.3, protein: 1, fat: 1.5, reducing: 4, fibre: 0.8, ash: 0.3 },
    { cup: 244, allergens: ['gluten'], status: 'label', can: { standIns: [['milk'], ['soy-drink'], ['almond-drink']] } },
  ),
  row(
    'soy-drink',
    'liquid',
    'Soy drink|soy milk|soya milk|soya drink',
    { water: 91, protein: 3.3, fat: 1.8, sucrose: 1.2, fibre: 0.6, ash: 0.7, starch: 1.4 },
    { cup: 243, allergens: ['soy'], status: 'label' },
  ),
  row(
    'almond-drink',
    'liquid',
    'Almond drink|almond milk|nut milk|plant milk|non-dairy milk',
    { water: 96.5, protein: 0.4, fat: 0.96, sucrose: 0.8, fibre: 0.4, ash: 0.5 },
    { density_gPerML: 1.02, allergens: ['nuts'], source: `${sr('14091')}; density 1.02 (its printed cup is implausible)` },
  ),
  row(
    'rice-drink',
    'liquid',
    'Rice drink|rice milk',
    { water: 89.3, protein: 0.3, fat: 1, reducing: 5.3, fibre: 0.3, ash: 0.3 },
    { cup: 244, status: 'label' },
  ),
  row(
    'chickpea-water',
    'liquid',
    'Chickpea water|aquafaba',
    { water: 94.5, protein: 1.1, sucrose: 0.8, fibre: 0.4, ash: 0.6 },
    { cup: 240 },
  ),
  row(
    'coconut-milk',
    'liquid',
    'Coconut milk|coconut cream',
    { water: 72.88, protein: 2.02, fat: 21.33, sucrose: 1.5, fibre: 0.3, ash: 0.95 },
    { cup: 226, source: sr('12118') },
  ),
  row(
    'orange-juice',
    'liquid',
    'Orange juice',
    { water: 88.3, protein: 0.7, fat: 0.2, sucrose: 4.4, reducing: 4.8, fibre: 0.2, ash: 0.4, acid: 1, starch: 0 },
    { cup: 248, acid_meqPer100g: 12 },
  ),
  row(
    'lemon-juice',
    'acid',
    'Lemon juice|juice of lemon',
    { water: 92.31, protein: 0.35, fat: 0.24, sucrose: 0.4, reducing: 2.1, fibre: 0.3, ash: 0.21, acid: 4.1, starch: 0 },
    {
      cup: 244,
      measures: { lemon: 48 },
      acid_meqPer100g: 75,
      source: `${sr('09152')}; 48 g citric acid per litre (Penniston 2008)`,
      can: { standIns: [['lime-juice'], ['vinegar'], ['citric-acid', 'water']] },
    },
  ),
  row(
    'vinegar',
    'acid',
    'Vinegar|white vinegar|distilled vinegar|wine vinegar|spirit vinegar',
    { water: 94.78, acid: 5.16, ash: 0.06, starch: 0 },
    { cup: 238, acid_meqPer100g: 83, source: sr('02053'), can: { standIns: [['lemon-juice'], ['cider-vinegar']] } },
  ),
  row(
    'cider-vinegar',
    'acid',
    'Cider vinegar|apple cider vinegar',
    { water: 93.81, sucrose: 0, reducing: 0.4, acid: 5.09, ash: 0.17, starch: 0.53 },
    { cup: 239, acid_meqPer100g: 82, source: sr('02048') },
  ),
  row(
    'lime-juice',
    'acid',
    'Lime juice|juice of lime',
    { water: 91.5, protein: 0.4, fat: 0.1, sucrose: 0.4, reducing: 1.3, fibre: 0.4, ash: 0.3, acid: 4.6, starch: 1 },
    { cup: 242, measures: { lime: 30 }, acid_meqPer100g: 72, source: '46 g citric acid per litre (Penniston 2008)' },
  ),
  row(
    'beer',
    'liquid',
    'Beer|lager|ale',
    { water: 92, protein: 0.5, alcohol: 4, reducing: 0.4, ash: 0.2 },
    { cup: 237, acid_meqPer100g: 2, allergens: ['gluten'], tint: 0.2 },
  ),
  row('coffee', 'liquid', 'Coffee, brewed|coffee|espresso', { water: 99, ash: 1, starch: 0 }, { cup: 237, tint: 0.8 }),
];

/**
 * Grams by the EU's classes, from the middle of each (in shell: S under 53, M 53–63, L 63–73, XL from 73 g; Regulation (EC) 589/2008,
 * Art. 4, from memory) times the share of the shell egg that is used. An egg without a size is an M there.
 */
const EU_EGG = (share: number) => {
  const of = (inShell_g: number): number => Number((inShell_g * share).toFixed(1));
  return { 'eu small': of(48), 'eu medium': of(58), 'eu large': of(68), 'eu extra large': of(76), 'eu xl': of(76), 'eu each': of(58) };
};

/** Edible mass: USDA SR 01123–01125; sizes by USDA AMS 56 classes. Shares of the shell egg: edible 88.2, white 58.2, yolk 30.0 %. */
export const EGGS: readonly Ingredient[] = [
  row(
    'egg',
    'egg',
    'Egg, whole|egg|eggs|whole egg|whole eggs|beaten egg|egg beaten',
    { water: 76.15, protein: 12.56, fat: 9.51, reducing: 0.37, ash: 1.06, starch: 0.35 },
    {
      cup: 243,
      measures: { small: 38, medium: 44, large: 50, 'extra large': 56, xl: 56, jumbo: 63, each: 50, ...EU_EGG(0.882) },
      allergens: ['egg'],
      source: sr('01123'),
      can: {
        eggPart: 'whole',
        standIns: [
          ['egg-white', 'egg-yolk'],
          ['yogurt', 'oil'],
          ['flax-meal', 'water'],
          ['apple-sauce', 'oil'],
          ['chickpea-water', 'oil'],
          ['soy-drink', 'corn-starch', 'oil'],
        ],
      },
    },
  ),
  row(
    'egg-white',
    'egg',
    'Egg white|egg whites|white of egg|whites',
    { water: 87.57, protein: 10.9, fat: 0.17, reducing: 0.71, ash: 0.63, starch: 0.02 },
    {
      cup: 243,
      measures: { small: 25, medium: 29, large: 33, 'extra large': 37, xl: 37, jumbo: 42, each: 33, ...EU_EGG(0.582) },
      allergens: ['egg'],
      acid_meqPer100g: -1,
      source: sr('01124'),
      can: { eggPart: 'white', standIns: [['chickpea-water']] },
    },
  ),
  row(
    'egg-yolk',
    'egg',
    'Egg yolk|egg yolks|yolk|yolks|yolk of egg',
    { water: 52.31, protein: 15.86, fat: 26.54, reducing: 0.56, ash: 1.71, starch: 3.02 },
    {
      cup: 243,
      measures: { small: 13, medium: 15, large: 17, 'extra large': 19, xl: 19, jumbo: 21, each: 17, ...EU_EGG(0.3) },
      allergens: ['egg'],
      source: sr('01125'),
      can: { eggPart: 'yolk', standIns: [['egg'], ['milk-powder', 'oil', 'water']] },
    },
  ),
];
