import type { Ingredient } from './row.ts';
import { row, sr } from './row.ts';

const SPICE = { water: 9, protein: 6, fat: 5, sucrose: 2, fibre: 40, ash: 6 } as const;

export const FLAVOURS: readonly Ingredient[] = [
  row(
    'cocoa',
    'flavour',
    'Cocoa powder|cocoa|unsweetened cocoa|unsweetened cocoa powder|natural cocoa',
    { water: 3, protein: 19.6, fat: 13.7, sucrose: 1.75, fibre: 37, ash: 5.8 },
    { cup: 86, tint: 26, acid_meqPer100g: 20, source: sr('19165') },
  ),
  row(
    'alkalised-cocoa',
    'flavour',
    'Alkalised cocoa|dutch-process cocoa|dutch process cocoa|dutched cocoa|alkalized cocoa|dark cocoa',
    { water: 3, protein: 18, fat: 13, sucrose: 1.5, fibre: 33, ash: 9 },
    { cup: 86, tint: 32, acid_meqPer100g: -5 },
  ),
  row(
    'vanilla-extract',
    'flavour',
    'Vanilla extract|vanilla|vanilla essence|pure vanilla extract',
    { water: 52.58, sucrose: 12.65, alcohol: 34.4, ash: 0.26, starch: 0.11 },
    { cup: 208, source: sr('02050') },
  ),
  row(
    'vanilla-sugar',
    'sugar',
    'Vanilla sugar',
    { water: 0.1, sucrose: 99.9, starch: 0 },
    { cup: 200, measures: { packet: 8, sachet: 8 } },
  ),
  row(
    'extract',
    'flavour',
    'Flavour extract|almond extract|anise extract|lemon extract|orange extract|orange flower water|rose water|rum|brandy|liqueur',
    { water: 60, alcohol: 35, sucrose: 5, starch: 0 },
    { cup: 208 },
  ),
  row(
    'flavour-oil',
    'flavour',
    'Flavouring oil|anise oil|peppermint oil|lemon oil',
    { fat: 100, starch: 0 },
    { density_gPerML: 0.9, measures: { drop: 0.03 } },
  ),
  row('cinnamon', 'flavour', 'Cinnamon, ground|cinnamon|ground cinnamon', { ...SPICE, fibre: 53 }, { cup: 125, tint: 14 }),
  row('cardamom', 'flavour', 'Cardamom, ground|cardamom|ground cardamom', SPICE, { cup: 96, tint: 4 }),
  row('nutmeg', 'flavour', 'Nutmeg, ground|nutmeg|ground nutmeg|mace', { ...SPICE, fat: 36 }, { cup: 112, tint: 8 }),
  row('ginger', 'flavour', 'Ginger, ground|ginger|ground ginger', { ...SPICE, fibre: 14 }, { cup: 86, tint: 4 }),
  row(
    'spice',
    'flavour',
    'Mixed spice|allspice|cloves|ground cloves|anise seed|anise seeds|aniseed|anise|pumpkin spice|spice|pepper|black pepper|turmeric|matcha',
    SPICE,
    { cup: 105, tint: 8 },
  ),
  row(
    'zest',
    'flavour',
    'Citrus zest|lemon zest|orange zest|lime zest|zest|grated zest|zest of lemon|zest of orange|orange peel|lemon peel',
    { water: 81.6, protein: 1.5, fat: 0.3, sucrose: 2, reducing: 2.2, fibre: 10.6, ash: 0.6, acid: 1 },
    { cup: 96, measures: { each: 6, lemon: 6, orange: 10, lime: 4 } },
  ),
  row(
    'pumpkin',
    'flavour',
    'Squash purée|pumpkin purée|pumpkin puree|pumpkin|canned pumpkin|squash puree|sweet potato puree',
    { water: 89.97, protein: 1.1, fat: 0.28, sucrose: 1.6, reducing: 1.7, fibre: 2.9, ash: 0.56 },
    { cup: 245, tint: 1.6, acid_meqPer100g: 1.5, source: sr('11424') },
  ),
  row(
    'banana',
    'flavour',
    'Banana, mashed|banana|bananas|ripe banana|mashed banana|apple sauce|applesauce|unsweetened applesauce',
    { water: 75, protein: 1.1, fat: 0.3, sucrose: 2.4, reducing: 9.9, fibre: 2.6, ash: 0.8, acid: 0.4 },
    { cup: 225, measures: { each: 118 }, tint: 0.6, acid_meqPer100g: 5 },
  ),
  row(
    'flax-meal',
    'mix-in',
    'Ground flaxseed|flax|flaxseed|flax meal|flaxseed meal|linseed|ground linseed|chia seeds',
    { water: 7, protein: 18, fat: 42, sucrose: 1.5, fibre: 27, ash: 3.7, starch: 0.8 },
    { cup: 112, tint: 1.5 },
  ),
];

export const MIX_INS: readonly Ingredient[] = [
  row(
    'blueberries',
    'mix-in',
    'Blueberries|berries|frozen blueberries|fresh blueberries|raspberries|mixed berries',
    { water: 84.21, protein: 0.74, fat: 0.33, reducing: 9.96, fibre: 2.4, ash: 0.24, acid: 0.6 },
    { cup: 148, acid_meqPer100g: 8, source: sr('09050') },
  ),
  row(
    'chocolate-chips',
    'mix-in',
    'Chocolate chips|chocolate|dark chocolate|semisweet chocolate|chopped chocolate|mini chocolate chips',
    { water: 0.7, protein: 4.2, fat: 30, sucrose: 54.5, fibre: 5.9, ash: 1.2 },
    { cup: 168, allergens: ['milk', 'soy'], source: sr('19080') },
  ),
  row(
    'walnuts',
    'mix-in',
    'Walnuts|chopped walnuts|nuts|chopped nuts',
    { water: 4.07, protein: 15.23, fat: 65.21, sucrose: 2.61, fibre: 6.7, ash: 1.78 },
    { cup: 117, allergens: ['nuts'], source: sr('12155') },
  ),
  row(
    'pecans',
    'mix-in',
    'Pecans|chopped pecans',
    { water: 3.52, protein: 9.17, fat: 71.97, sucrose: 3.97, fibre: 9.6, ash: 1.49 },
    { cup: 109, allergens: ['nuts'], source: sr('12142') },
  ),
  row(
    'hazelnuts',
    'mix-in',
    'Hazelnuts|chopped hazelnuts|ground hazelnuts',
    { water: 5.3, protein: 15, fat: 60.8, sucrose: 4.3, fibre: 9.7, ash: 2.3 },
    { cup: 115, allergens: ['nuts'] },
  ),
  row('pearl-sugar', 'mix-in', 'Pearl sugar|nib sugar|sprinkles', { water: 0.02, sucrose: 99.98, starch: 0 }, { cup: 200 }),
  row(
    'sesame',
    'mix-in',
    'Sesame seeds|sesame',
    { water: 4.7, protein: 17.7, fat: 49.7, sucrose: 0.3, fibre: 11.8, ash: 4.5 },
    { cup: 144, allergens: ['sesame'] },
  ),
  row(
    'raisins',
    'mix-in',
    'Raisins|currants|dried cranberries|dried fruit',
    { water: 15.4, protein: 3.1, fat: 0.5, reducing: 59.2, fibre: 3.7, ash: 1.9, acid: 2 },
    { cup: 145, allergens: ['sulphites'] },
  ),
  row(
    'coconut',
    'mix-in',
    'Desiccated coconut|shredded coconut|coconut flakes|coconut',
    { water: 3, protein: 6.9, fat: 64.5, sucrose: 7.4, fibre: 16.3, ash: 1.9, starch: 0 },
    { cup: 93 },
  ),
  row('bacon', 'mix-in', 'Cooked bacon|bacon|ham', { water: 12, protein: 37, fat: 42, ash: 4, salt: 4.3, starch: 0.7 }, { cup: 112 }),
];
