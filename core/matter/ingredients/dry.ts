import type { Ingredient } from './row.ts';
import { row, sr } from './row.ts';

/** Flours and meals: the 100 of baker's percentages. Cup bands: USDA Agriculture Handbook 456 (1975) and common practice. */
const WHITE_CUP = { low: 115, usual: 125, high: 150, sifted: 115 } as const;

export const FLOURS: readonly Ingredient[] = [
  row(
    'wheat-flour',
    'flour',
    'Wheat flour|all-purpose flour|all purpose flour|ap flour|plain flour|white flour|flour|wheat flour|unbleached flour|regular flour|sifted flour',
    { water: 11.92, protein: 10.33, fat: 0.98, sucrose: 0.2, reducing: 0.07, fibre: 2.7, ash: 0.47 },
    { cup: 125, cup_g: WHITE_CUP, allergens: ['wheat', 'gluten'], source: sr('20081') },
  ),
  row(
    'fine-flour',
    'flour',
    'Fine wheat flour|cake flour|pastry flour|soft flour|00 flour|type 00 flour|fine flour',
    { water: 12.51, protein: 8.2, fat: 0.86, sucrose: 0.25, reducing: 0.06, fibre: 1.7, ash: 0.36 },
    { cup: 115, cup_g: { low: 100, usual: 115, high: 137, sifted: 100 }, allergens: ['wheat', 'gluten'], source: sr('20084') },
  ),
  row(
    'strong-flour',
    'flour',
    'Strong wheat flour|bread flour|strong flour|strong white flour|high-gluten flour',
    { water: 13.36, protein: 11.98, fat: 1.66, sucrose: 0.25, reducing: 0.06, fibre: 2.4, ash: 0.47 },
    { cup: 127, cup_g: { low: 117, usual: 127, high: 150, sifted: 117 }, allergens: ['wheat', 'gluten'], source: sr('20083') },
  ),
  row(
    'whole-wheat-flour',
    'flour',
    'Whole wheat flour|whole-wheat flour|wholemeal flour|whole meal flour|wholewheat flour|whole grain wheat flour|graham flour|white whole wheat flour',
    { water: 10.74, protein: 13.21, fat: 2.5, sucrose: 0.35, reducing: 0.06, fibre: 10.7, ash: 1.58 },
    { cup: 120, cup_g: { low: 110, usual: 120, high: 145, sifted: 110 }, tint: 0.8, allergens: ['wheat', 'gluten'], source: sr('20080') },
  ),
  row(
    'self-raising-flour',
    'flour',
    'Self-raising flour|self-rising flour|self rising flour|self raising flour',
    { water: 11, protein: 9.9, fat: 0.97, sucrose: 0.2, reducing: 0.07, fibre: 2.7, ash: 3, salt: 1.2 },
    {
      cup: 125,
      cup_g: WHITE_CUP,
      co2_gPer100g: 0.6,
      allergens: ['wheat', 'gluten'],
      source: '21 CFR 137.180: at least 0.5 % CO₂',
      status: 'derived',
    },
  ),
  row(
    'rye-flour',
    'flour',
    'Rye flour|medium rye flour|light rye flour|dark rye flour|whole rye flour|rye',
    { water: 11, protein: 9.8, fat: 1.5, sucrose: 0.9, reducing: 0.1, fibre: 13, ash: 1.2 },
    { cup: 102, cup_g: { low: 92, usual: 102, high: 125 }, tint: 1.3, allergens: ['gluten'] },
  ),
  row(
    'spelt-flour',
    'flour',
    'Spelt flour|spelt',
    { water: 11, protein: 13.5, fat: 2.2, sucrose: 0.6, reducing: 0.1, fibre: 8, ash: 1.4 },
    { cup: 116, cup_g: { low: 105, usual: 116, high: 140 }, tint: 0.5, allergens: ['wheat', 'gluten'] },
  ),
  row(
    'oat-flour',
    'flour',
    'Oat flour|ground oats',
    { water: 8.55, protein: 14.66, fat: 9.12, sucrose: 0.75, reducing: 0.05, fibre: 6.5, ash: 2 },
    { cup: 104, cup_g: { low: 92, usual: 104, high: 125 }, tint: 0.4, allergens: ['gluten'] },
  ),
  row(
    'rolled-oats',
    'flour',
    'Rolled oats|oats|quick oats|oatmeal|porridge oats|old-fashioned oats',
    { water: 10.8, protein: 13.2, fat: 6.5, sucrose: 0.9, reducing: 0.1, fibre: 10.1, ash: 1.8 },
    { cup: 85, tint: 0.4, allergens: ['gluten'] },
  ),
  row(
    'rice-flour',
    'flour',
    'Rice flour|white rice flour|glutinous rice flour|sweet rice flour|mochi flour',
    { water: 11.89, protein: 5.95, fat: 1.42, sucrose: 0.12, fibre: 2.4, ash: 0.61 },
    { cup: 158, cup_g: { low: 135, usual: 158, high: 170 }, source: sr('20061') },
  ),
  row(
    'buckwheat-flour',
    'flour',
    'Buckwheat flour|buckwheat',
    { water: 11.15, protein: 12.62, fat: 3.1, sucrose: 2.4, reducing: 0.2, fibre: 10, ash: 2.54 },
    { cup: 120, cup_g: { low: 108, usual: 120, high: 140 }, tint: 1.5 },
  ),
  row(
    'barley-flour',
    'flour',
    'Barley flour|barley malt flour|malt flour',
    { water: 8.21, protein: 10.28, fat: 1.84, reducing: 0.8, fibre: 7.1, ash: 1.37 },
    { cup: 162, tint: 0.8, allergens: ['gluten'], source: sr('20131') },
  ),
  row(
    'maize-meal',
    'flour',
    'Maize meal|cornmeal|corn meal|polenta|yellow cornmeal|masa',
    { water: 10.3, protein: 8.1, fat: 3.6, sucrose: 0.6, reducing: 0.05, fibre: 7.3, ash: 1.1 },
    { cup: 138, cup_g: { low: 122, usual: 138, high: 155 } },
  ),
  row(
    'gluten-free-blend',
    'flour',
    'Gluten-free flour blend|gluten-free flour|gluten free flour|gluten-free blend|gluten free blend',
    { water: 11, protein: 4.5, fat: 1.2, sucrose: 0.3, fibre: 3, ash: 0.8 },
    { cup: 140, cup_g: { low: 125, usual: 140, high: 160 }, status: 'label' },
  ),
  row(
    'almond-flour',
    'flour',
    'Almond flour|ground almonds|almond meal',
    { water: 4.4, protein: 21, fat: 50, sucrose: 4, reducing: 0.3, fibre: 12, ash: 3, starch: 5.3 },
    { cup: 96, allergens: ['nuts'] },
  ),
];

export const STARCHES: readonly Ingredient[] = [
  row(
    'corn-starch',
    'starch',
    'Maize starch|corn starch|cornstarch|cornflour|maize starch',
    { water: 8.32, protein: 0.26, fat: 0.05, fibre: 0.9, ash: 0.09 },
    { cup: 128, measures: { tbsp: 8 }, source: sr('20027') },
  ),
  row(
    'tapioca-starch',
    'starch',
    'Tapioca starch|tapioca flour|tapioca',
    { water: 10.99, protein: 0.19, fat: 0.02, fibre: 0.9, ash: 0.11 },
    { cup: 120, source: `${sr('20068')} (pearl) as a stand-in` },
  ),
  row('potato-starch', 'starch', 'Potato starch|potato flour', { water: 14, protein: 0.2, fat: 0.1, fibre: 0.3, ash: 0.3 }, { cup: 160 }),
  row(
    'custard-powder',
    'starch',
    'Custard powder|vanilla custard powder',
    { water: 7, protein: 0.6, fat: 0.7, fibre: 0.5, ash: 0.3, salt: 0.8 },
    { cup: 128, measures: { tbsp: 8 } },
  ),
];

export const SUGARS: readonly Ingredient[] = [
  row(
    'sugar',
    'sugar',
    'Sugar|granulated sugar|white sugar|caster sugar|castor sugar|superfine sugar|cane sugar|fine sugar',
    { water: 0.02, sucrose: 99.98, starch: 0 },
    { cup: 200, measures: { tsp: 4.2 }, source: sr('19335') },
  ),
  row(
    'icing-sugar',
    'sugar',
    "Icing sugar|powdered sugar|confectioners sugar|confectioner's sugar|confectioners' sugar",
    { water: 0.23, sucrose: 97.81, starch: 1.96 },
    { cup: 120, cup_g: { low: 100, usual: 120, high: 125, sifted: 100 }, source: sr('19336') },
  ),
  row(
    'brown-sugar',
    'sugar',
    'Brown sugar|light brown sugar|dark brown sugar|muscovado|packed brown sugar',
    { water: 1.34, protein: 0.12, sucrose: 94.6, reducing: 3.4, ash: 0.45, starch: 0 },
    { cup: 220, cup_g: { low: 145, usual: 220, high: 220 }, tint: 1, acid_meqPer100g: 2, source: sr('19334') },
  ),
  row(
    'honey',
    'sugar',
    'Honey|runny honey',
    { water: 17.1, protein: 0.3, sucrose: 1, reducing: 81.1, fibre: 0.2, ash: 0.2, starch: 0 },
    { cup: 339, acid_meqPer100g: 3, tint: 0.5, source: sr('19296') },
  ),
  row(
    'maple-syrup',
    'sugar',
    'Maple syrup',
    { water: 32.39, sucrose: 65, reducing: 2, ash: 0.47, starch: 0 },
    { cup: 315, tint: 0.8, source: sr('19353') },
  ),
  row(
    'malt-syrup',
    'sugar',
    'Malt syrup|malt extract|barley malt',
    { water: 21.4, protein: 6.2, reducing: 71.3, ash: 1.1, starch: 0 },
    { density_gPerML: 1.4, tint: 2, allergens: ['gluten'], source: `${sr('19352')}; density 1.4 (its printed cup is implausible)` },
  ),
  row(
    'golden-syrup',
    'sugar',
    'Golden syrup|light treacle|corn syrup|glucose syrup',
    { water: 19, sucrose: 33, reducing: 47, ash: 1, starch: 0 },
    { density_gPerML: 1.43, tint: 0.4 },
  ),
  row(
    'molasses',
    'sugar',
    'Molasses|treacle|black treacle',
    { water: 22, sucrose: 40, reducing: 25, ash: 9, acid: 4, starch: 0 },
    { cup: 337, acid_meqPer100g: 15, tint: 6 },
  ),
];

export const LEAVENINGS: readonly Ingredient[] = [
  // 12–14 % available CO2 in trade; 13 % here
  row(
    'baking-powder',
    'leavening',
    'Baking powder|double-acting baking powder|double acting baking powder|single-acting baking powder|aluminum-free baking powder',
    { water: 5, ash: 67.3, starch: 27.7 },
    {
      density_gPerML: 4.6 / 4.92892,
      measures: { tsp: 4.6 },
      co2_gPer100g: 13,
      source: `${sr('18369')}; CO₂ by trade practice (US minimum 12 %)`,
    },
  ),
  row(
    'baking-soda',
    'leavening',
    'Baking soda|soda|bicarbonate of soda|sodium bicarbonate|bicarb|bicarbonate|bread soda',
    { water: 0.2, ash: 99.8, starch: 0 },
    {
      density_gPerML: 4.6 / 4.92892,
      measures: { tsp: 4.6 },
      acid_meqPer100g: -1190,
      source: `${sr('18372')}; 11.90 meq/g from atomic weights`,
    },
  ),
  row(
    'cream-of-tartar',
    'acid',
    'Cream of tartar|tartar',
    { water: 1.7, ash: 36.8, acid: 61.5, starch: 0 },
    { density_gPerML: 3 / 4.92892, measures: { tsp: 3 }, acid_meqPer100g: 531, source: `${sr('18373')}; 1 eq per 188.2 g` },
  ),
  row(
    'dry-yeast',
    'yeast',
    'Dry yeast|active dry yeast|active dried yeast|dried yeast|yeast',
    { water: 5.08, protein: 40.44, fat: 7.61, fibre: 26.9, ash: 5.65 },
    { density_gPerML: 3 / 4.92892, measures: { packet: 7, sachet: 7, envelope: 7, tsp: 3 }, source: sr('18375') },
  ),
  row(
    'instant-yeast',
    'yeast',
    'Instant yeast|fast-action yeast|quick yeast|rapid-rise yeast|easy-bake yeast',
    { water: 5.08, protein: 40.44, fat: 7.61, fibre: 26.9, ash: 5.65 },
    { density_gPerML: 3.1 / 4.92892, measures: { packet: 7, sachet: 7, envelope: 7, tsp: 3.1 }, source: sr('18375') },
  ),
  row(
    'fresh-yeast',
    'yeast',
    'Fresh yeast|compressed yeast|cake yeast',
    { water: 69, protein: 8.4, fat: 1.9, fibre: 8.1, ash: 2.6 },
    { density_gPerML: 1, measures: { cake: 17, cube: 42 }, source: sr('18374') },
  ),
];

export const SALTS: readonly Ingredient[] = [
  row(
    'salt',
    'salt',
    'Salt, fine|salt|table salt|fine salt|sea salt|fine sea salt|iodized salt',
    { water: 0.2, salt: 99.8, starch: 0 },
    { density_gPerML: 6 / 4.92892, measures: { tsp: 6 }, source: sr('02047') },
  ),
  row(
    'flake-salt',
    'salt',
    'Salt, flake|kosher salt|flaky salt|flake salt|coarse salt',
    { water: 0.2, salt: 99.8, starch: 0 },
    { density_gPerML: 3 / 4.92892, measures: { tsp: 3 }, source: '2.8–5.2 g per teaspoon by crystal', status: 'common practice' },
  ),
];
