import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { CUP_STANDARDS } from '../../basis/index.ts';
import { ingredientFromLabel } from '../../matter/index.ts';
import { DEFAULT_READ_SETTINGS, LONGEST_LINE, readLine } from '../index.ts';
import { campaign } from '../../testing/campaign.ts';

const codes = (text: string): string[] => readLine(text).how.map((how) => how.code);

describe('amounts as people write them', () => {
  // Household weights: USDA SR Legacy and Agriculture Handbook 456 (from memory); units: NIST.
  test.each([
    ['1 3/4 cups flour', 'wheat-flour', 218.75],
    ['2½ dl milk', 'milk', 257.8],
    ['113 g butter, melted', 'butter', 113],
    ['2 cups sifted flour', 'wheat-flour', 230],
    ['3 large eggs, separated', 'egg', 150],
    ['1 stick butter', 'butter', 113.4],
    ['1 cup plus 2 tbsp milk', 'milk', 274.5],
    ['1 1/2 cups + 1 tablespoon whole milk', 'milk', 381.25],
    ['1 cup minus 1 tbsp flour', 'wheat-flour', 117.2],
    ['1 (12 oz) can evaporated milk', 'evaporated-milk', 340.2],
    ['12-oz can evaporated milk', 'evaporated-milk', 340.2],
    ['2 x 400 g tins coconut milk', 'coconut-milk', 800],
    ['½ cup (100 g) sugar', 'sugar', 100],
    ['6 tbsp (85 g) unsalted butter, melted and cooled', 'butter', 85],
    ['flour 250 g', 'wheat-flour', 250],
    ['Butter - 113 g', 'butter', 113],
    ['250g flour', 'wheat-flour', 250],
    ['1,000.0 g flour', 'wheat-flour', 1000],
    ['1-1/2 tsp baking powder', 'baking-powder', 6.9],
    ['1 tbsp. vanilla', 'vanilla-extract', 13],
    ['1 T sugar', 'sugar', 12.5],
    ['half a cup of sugar', 'sugar', 100],
    ['1 packet active dry yeast', 'dry-yeast', 7],
    ['4 egg whites, beaten to stiff peaks', 'egg-white', 132],
    ['juice of 1 lemon', 'lemon-juice', 48],
    ['1 extra large egg', 'egg', 56],
    ['1 lb butter', 'butter', 453.6],
    ['¾ cup buttermilk', 'cultured-milk', 183.75],
  ])('%s', (text, id, grams) => {
    const read = readLine(text);
    expect(read.ingredientId).toBe(id);
    expect(Math.abs((read.grams ?? NaN) / grams - 1)).toBeLessThan(0.005);
  });

  test('a range stays a range until somebody decides', () => {
    const read = readLine('2 to 2 1/2 cups sifted flour');
    expect(read.status).toBe('assumed');
    expect(read.grams).toBeCloseTo(2.25 * 115, 1);
    expect(read.gramsRange?.[0]).toBeCloseTo(230, 1);
    expect(codes('2 to 2 1/2 cups sifted flour')).toContain('range-undecided');
  });

  test('a flour cup is a band from sifted to packed', () => {
    expect(readLine('1 cup flour').gramsRange).toEqual([115, 150]);
    expect(readLine('1 cup flour').grams).toBe(125);
  });

  test.each(Object.entries(CUP_STANDARDS))('the %s cup is used when it is set', (cupStandard, { cup }) => {
    const { grams } = readLine('1 cup water', { ...DEFAULT_READ_SETTINGS, cupStandard: cupStandard as keyof typeof CUP_STANDARDS });
    expect(Math.abs((grams ?? 0) / cup - 1)).toBeLessThan(0.01);
  });

  test("the cook's own flour cup moves the other flours with it", () => {
    const settings = { ...DEFAULT_READ_SETTINGS, flourPerUsCup_g: 140 };
    expect(readLine('1 cup flour', settings).grams).toBeCloseTo(140, 6);
    expect(readLine('1 cup rye flour', settings).grams).toBeCloseTo((102 * 140) / 125, 6);
  });
});

describe('what is not understood stays and asks', () => {
  test.each([
    ['a pinch', 'ingredient-unknown'],
    ['1,5 dl mjölk', 'ingredient-unknown'],
    ['salt to taste', 'amount-to-taste'],
    ['flour', 'amount-missing'],
    ['-3 g salt', 'amount-negative'],
    ['3 furlongs of flour', 'unit-unknown'],
    ['9999999 kg flour', 'amount-absurd'],
    ['For the batter:', 'heading'],
    ['x'.repeat(LONGEST_LINE + 1), 'line-too-long'],
    ['<script>alert(1)</script>', 'ingredient-unknown'],
  ])('%s', (text, code) => {
    const read = readLine(text);
    expect(read.status).toBe('unresolved');
    expect(read.grams).toBeNull();
    expect(read.text).toBe(text);
    expect(read.how[0]?.code).toBe(code);
  });

  test('a weight of something unknown counts as weight', () => {
    expect(readLine('100 g gloop')).toMatchObject({ status: 'unresolved', grams: 100, ingredientId: null });
    expect(readLine('1 (12 oz) can').grams).toBeCloseTo(340.19, 1);
  });

  test('two amounts that disagree are both kept', () => {
    const read = readLine('½ cup / ½ stick butter');
    expect(read.status).toBe('assumed');
    expect(read.how.some((how) => how.code === 'amounts-clash')).toBe(true);
    expect(read.gramsRange?.[0]).toBeCloseTo(56.7, 1);
    expect(read.gramsRange?.[1]).toBeCloseTo(113.4, 1);
  });

  test('a word that differs by market is asked about', () => {
    expect(readLine('1 cup cornflour')).toMatchObject({ status: 'assumed', ingredientId: 'corn-starch' });
    expect(codes('1 cup cornflour')).toContain('word-by-market');
  });

  test('words that may change what it is are named', () => {
    expect(readLine('1 cup almond butter').status).toBe('assumed');
    expect(codes('1 cup almond butter')).toContain('words-ignored');
  });
});

describe('hostile lines', () => {
  test('any text gives an answer that is whole', () => {
    fc.assert(
      fc.property(fc.string({ maxLength: 400, unit: 'binary' }), (text) => {
        const read = readLine(text);
        expect(read.how.length).toBeGreaterThan(0);
        if (read.grams !== null) {
          const [low, high] = read.gramsRange ?? [NaN, NaN];
          expect(Number.isFinite(read.grams) && low <= read.grams + 1e-9 && read.grams <= high + 1e-9).toBe(true);
        }
      }),
      { numRuns: campaign(150, 500), seed: 4 },
    );
  });

  // A reader that tried every way to part them would not be back before this test is given up.
  test('a line of nothing but numbers is read like any other', () => {
    for (const text of ['1 '.repeat(140), '1/2 '.repeat(70), '('.repeat(290), '1-'.repeat(145), '½'.repeat(299)])
      expect(readLine(text).status).not.toBe('read');
  });
});

describe('eggs of two markets', () => {
  // USDA SR Legacy 01123: a US large holds 50 g. EU (Regulation 589/2008, Art. 4): M 53–63 g, L 63–73 g in shell, of which 88.2 % is eaten (from memory).
  const eu = { ...DEFAULT_READ_SETTINGS, eggMarket: 'eu' } as const;
  test.each([
    ['2 eggs', 100, 2 * 58 * 0.882],
    ['1 large egg', 50, 68 * 0.882],
    ['1 medium egg', 44, 58 * 0.882],
    ['3 egg yolks', 51, 3 * 58 * 0.3],
  ] as const)('%s', (line, us_g, eu_g) => {
    expect(readLine(line).grams).toBeCloseTo(us_g, 6);
    expect(readLine(line, eu).grams).toBeCloseTo(eu_g, 0);
  });

  test('a US large is nearly an EU M', () => {
    expect(Math.abs((readLine('1 medium egg', eu).grams ?? 0) / (readLine('1 large egg').grams ?? 1) - 1)).toBeLessThan(0.03);
  });
});

describe('a cook’s own ingredients', () => {
  const read = ingredientFromLabel({
    id: 'own-1',
    name: 'Fell meal',
    role: 'flour',
    standard: 'eu',
    per_g: 100,
    energy_kcal: null,
    fat_g: 2,
    carbohydrate_g: 66,
    sugars_g: 1,
    fibre_g: 8,
    protein_g: 12,
    salt_g: 0,
    gramsPerUsCup: 118,
    allergens: ['wheat'],
  });
  const own = read.ok ? [read.value.ingredient] : [];
  test('their names come first, their cup counts, other lines are read as before', () => {
    const settings = { ...DEFAULT_READ_SETTINGS, own };
    expect(readLine('2 cups fell meal', settings)).toMatchObject({ ingredientId: 'own-1', status: 'read', grams: expect.closeTo(236, 0) });
    expect(readLine('2 cups flour', settings).ingredientId).toBe('wheat-flour');
    expect(readLine('2 cups fell meal').status).not.toBe('read');
  });
});
