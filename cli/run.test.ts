import { describe, expect, test } from '@jest/globals';
import { AdviceAnswer } from '../core/advise/index.ts';
import { RecipeFile } from '../core/formula/index.ts';
import { demoFile } from '../demo/file.ts';
import { runCommand } from './run.ts';

const FILES: Record<string, string> = {
  'batter.txt': '1 3/4 cups flour\n2 tsp baking powder\n1/2 tsp salt\n3 large eggs\n1 3/4 cups milk\n113 g butter, melted\n',
  'odd.txt': '250 g flour\n\n300 g milk\na pinch\n8 g baking powder\n<script>alert(1)</script>\n',
  'empty.txt': '\n\n',
  'long.txt': '250 g flour\n300 g milk\n' + '1 g salt\n'.repeat(201),
  'dry.txt': '300 g flour\n',
  'kitchen.json': JSON.stringify(demoFile()),
  'recipe.json': JSON.stringify({
    '@context': 'https://schema.org',
    '@type': 'Recipe',
    name: 'Plain',
    recipeIngredient: ['250 g flour', '300 g milk', '2 eggs', '8 g baking powder'],
  }),
  'recipe.txt':
    'Squares\nMakes 8\n\n2 cups flour\n2 eggs\n1 1/2 cups milk\n\nMethod\n1. Crack 2 eggs into the milk and whisk.\n2. Stir in the flour until a few lumps remain. Chill 1 hour.\n3. Pour 1/2 cup into each square and cook 5-6 minutes, not before 5.\n',
  'foreign.json': '{"hello": 1}',
  'cut.json': '{"schema": "tawny-lattice/kit',
  'newer.json': JSON.stringify({ ...demoFile(), version: 99 }),
};
const run = (...argv: string[]) => runCommand(argv, (file) => FILES[file] ?? null);
const json = (...argv: string[]): AdviceAnswer => {
  const { code, stdout, stderr } = run('advise', ...argv, '--json');
  if (code !== 0) throw new Error(stderr);
  return AdviceAnswer.parse(JSON.parse(stdout));
};

describe('lattice advise', () => {
  test('the loads of a kitchen file count, unless they are left out', () => {
    const known = json('kitchen.json', '--iron', 'deep-a', '--formula', 'oat-rye', '--batter', '18');
    const asNew = json('kitchen.json', '--iron', 'deep-a', '--formula', 'oat-rye', '--batter', '18', '--as-new');
    expect(known.basis?.loads).toBeGreaterThan(1);
    expect(asNew.basis).toBeNull();
    // Every load narrows when to open.
    const width = ({ cookTimeBand_s: band }: AdviceAnswer): number => band.p90 / band.p10;
    expect(width(known)).toBeLessThan(width(asNew));
    expect(run('advise', 'kitchen.json', '--iron', 'deep-a', '--formula', 'oat-rye').stdout).toContain(
      `${known.basis?.loads} loads on this iron`,
    );
  });

  test('more lines than a bowl has are left out, and it is said', () => {
    const { code, stderr } = run('advise', 'long.txt', '--iron', 'mini', '--json');
    expect(code).toBe(0);
    expect(stderr).toContain('3 are left out');
  });

  test('an ingredient list, with the stated defaults', () => {
    const a = json('batter.txt', '--iron', 'deep-round');
    expect(a.schema).toBe('tawny-lattice/advice@2');
    expect(a.lines).toHaveLength(6);
    expect(a.lines[0]).toMatchObject({ ingredientId: 'wheat-flour', grams: 218.75, status: 'read' });
    expect(a.boiling_C).toBeCloseTo(100, 0);
    expect(a.tawnyStep).toBeCloseTo(4, 1);
  });

  test('every non-empty line comes back in order; what has no grams is named on standard error', () => {
    const { code, stdout, stderr } = run('advise', 'odd.txt', '--iron', 'thin-round', '--json');
    expect(code).toBe(0);
    const a = AdviceAnswer.parse(JSON.parse(stdout));
    expect(a.lines.map((line) => line.text)).toEqual([
      '250 g flour',
      '300 g milk',
      'a pinch',
      '8 g baking powder',
      '<script>alert(1)</script>',
    ]);
    expect(a.unresolved).toEqual(['a pinch', '<script>alert(1)</script>']);
    expect(stderr).toContain('a pinch');
    expect(a.warnings.map((w) => w.code)).toContain('lines-unresolved');
  });

  test('a recipe, and a kitchen file with its own irons, altitude and formulas', () => {
    expect(json('recipe.json', '--iron', 'mini').lines).toHaveLength(4);
    const a = json('kitchen.json', '--iron', 'deep-a', '--formula', 'oat-rye', '--batter', '18');
    expect(a.boiling_C).toBeCloseTo(95.8, 0);
    expect(json('kitchen.json', '--iron', 'deep-a', '--formula', 'oat-rye', '--altitude', '0').boiling_C).toBeCloseTo(100, 0);
  });

  test('options move the answer', () => {
    const usual = json('batter.txt', '--iron', 'deep-round');
    expect(json('batter.txt', '--iron', 'deep-round', '--cup', 'metric').totalMass_g).toBeGreaterThan(usual.totalMass_g);
    expect(json('batter.txt', '--iron', 'deep-round', '--tawny', '5').setting.temperature_C).toBeGreaterThan(usual.setting.temperature_C);
    expect(json('batter.txt', '--iron', 'deep-round', '--altitude=-200').boiling_C).toBeGreaterThan(100);
    expect(json('batter.txt', '--iron', 'deep-round', '--setting', '150').setting).toMatchObject({ temperature_C: 150, chosen: 'given' });
    expect(json('batter.txt', '--iron', 'deep-round', '--lightness', '1').portion_g).toBeLessThan(usual.portion_g);
    const pan = (...more: string[]) => json('batter.txt', '--iron', 'ball-pan', '--setting', '200', ...more);
    expect(pan('--turn', '60').cookTime_s.best).not.toBe(pan().cookTime_s.best);
    expect(json('batter.txt', '--iron', 'wafer', '--setting', '150').warnings.map((w) => w.code)).toContain('setting-ignored');
  });

  test('in words for a person', () => {
    const { stdout, code } = run('advise', 'batter.txt', '--iron', 'deep-round');
    expect(code).toBe(0);
    expect(stdout).toMatch(/Pour .* g .*\nHeat .* °C, dial/);
  });

  test('--help says all of it', () => {
    const { stdout, code } = run('--help');
    expect(code).toBe(0);
    for (const word of [
      '--iron',
      '--formula',
      '--altitude',
      '--setting',
      '--batter',
      '--cup',
      '--tawny',
      '--crisp',
      '--lightness',
      '--turn',
      '--load',
      '--json',
      'Exit codes',
    ])
      expect(stdout).toContain(word);
  });

  test.each([
    [2, [], 'command'],
    [2, ['advise'], 'file'],
    [2, ['advise', 'batter.txt'], '--iron'],
    [2, ['advise', 'batter.txt', '--iron', 'none-such'], 'deep-round'],
    [2, ['advise', 'nowhere.txt', '--iron', 'mini'], 'read'],
    [2, ['advise', 'batter.txt', '--iron', 'mini', '--wat'], '--wat'],
    // A name that every object has isn't an option.
    [2, ['advise', 'batter.txt', '--iron', 'mini', '--toString=1'], '--toString'],
    [2, ['advise', 'batter.txt', '--iron='], 'value'],
    [2, ['advise', 'batter.txt', '--iron', 'mini', '--altitude', 'high'], 'number'],
    [2, ['advise', 'batter.txt', '--iron', 'mini', '--altitude', '9000'], 'between'],
    [2, ['advise', 'batter.txt', '--iron', 'mini', '--cup', 'big'], 'one of'],
    [2, ['advise', 'batter.txt', '--iron', 'mini', '--load', '1.5'], 'number'],
    [2, ['advise', 'foreign.json', '--iron', 'mini'], 'kitchen file'],
    [2, ['advise', 'cut.json', '--iron', 'mini'], 'JSON'],
    [2, ['advise', 'newer.json', '--iron', 'mini'], 'version'],
    [2, ['advise', 'kitchen.json', '--iron', 'deep-a'], '--formula'],
    [2, ['advise', 'kitchen.json', '--iron', 'deep-a', '--formula', 'nope'], 'oat-rye'],
    [1, ['advise', 'empty.txt', '--iron', 'mini'], 'bowl'],
    [1, ['advise', 'dry.txt', '--iron', 'mini'], 'water'],
  ] as const)('exit %d for %j', (code, argv, word) => {
    const outcome = run(...argv, ...(argv.length > 0 ? ['--json'] : []));
    expect(outcome.code).toBe(code);
    expect(outcome.stdout).toBe('');
    expect(outcome.stderr.trim().split('\n')).toHaveLength(1);
    expect(outcome.stderr).toContain(word);
  });
});

describe('lattice read and scale', () => {
  const recipe = (...argv: string[]): RecipeFile => {
    const { code, stdout, stderr } = run(...argv, '--json');
    if (code !== 0) throw new Error(stderr);
    return RecipeFile.parse(JSON.parse(stdout));
  };

  test('what a recipe asks for, in order, with its times', () => {
    const { procedure, lines, claims, unresolved } = recipe('read', 'recipe.txt');
    expect(procedure.map(({ kind }) => kind)).toEqual(['combine', 'combine', 'chill', 'pour', 'cook']);
    expect(procedure.at(-1)).toMatchObject({ time_s: [300, 360], notBefore_s: 300 });
    expect(lines.map(({ grams }) => grams)).toEqual([250, 100, 366]);
    expect(claims.map(({ kind }) => kind)).toContain('pieces');
    expect(unresolved).toEqual([]);
    expect(run('read', 'recipe.txt').stdout).toMatch(/^Chill\s+60 min, cold: Chill 1 hour\.$/m);
  });

  test('doubled: lines, eggs in the steps and the yield; not the dose of a square, nor the minutes', () => {
    const { lines, steps, yields, mass_g } = recipe('scale', 'recipe.txt', '--by', '2');
    expect(lines.map(({ text }) => text)).toEqual(['4 cups flour', '4 eggs', '3 cups milk']);
    expect(steps[0]).toBe('Crack 4 eggs into the milk and whisk.');
    expect(steps[2]).toBe('Pour 1/2 cup into each square and cook 5-6 minutes, not before 5.');
    expect(yields).toBe('Makes 16');
    expect(mass_g).toBeCloseTo(2 * recipe('read', 'recipe.txt').mass_g, 0);
  });

  test('of a kitchen file too; without a factor, or with nonsense, it is said', () => {
    expect(recipe('read', 'kitchen.json', '--formula', 'lantern').procedure.map(({ kind }) => kind)).toEqual(['combine', 'sieve', 'chill']);
    expect(run('scale', 'recipe.txt')).toMatchObject({ code: 2, stdout: '' });
    expect(run('scale', 'recipe.txt', '--by', 'lots')).toMatchObject({ code: 2, stdout: '' });
    expect(run('cook', 'recipe.txt')).toMatchObject({ code: 2, stdout: '' });
  });
});
