import { describe, expect, test } from '@jest/globals';
import { batterOf } from '../../cook/index.ts';
import { DEFAULT_CONDITIONS } from '../../advise/index.ts';
import { readText } from '../../testing/batters.ts';

const code = (text: string): string => {
  const bowl = batterOf(readText(text), DEFAULT_CONDITIONS);
  return bowl.ok ? 'a batter' : bowl.failure.code;
};

describe('a batter that is only half read gets no figures', () => {
  test.each([
    ['200 g milk\n2 eggs', 'bowl-without-starch'],
    ['240 g pancake mix of the house\n200 g milk\n1 egg', 'bowl-half-read'],
    ['1 cup zzz\n250 g flour\n300 g milk', 'bowl-half-read'],
    ['250 g flour\n300 g milk\n2,500 g sugar', 'bowl-half-read'],
    ['250 g flour\n1.2.3 l milk\n2 eggs', 'bowl-half-read'],
    ['flour\n300 g milk\n100 g rye flour', 'bowl-half-read'],
    ['250 g flour\n5 g salt', 'bowl-without-water'],
  ])('%j: %s', (text, expected) => expect(code(text)).toBe(expected));

  test.each([
    '250 g flour\n300 g milk\n2 eggs\n1 tsp zzz',
    '250 g flour\n300 g milk\nsalt to taste',
    'Dry:\n250 g flour\nWet:\n300 g milk\nvanilla',
    '200 g corn starch\n200 g milk\n2 eggs',
    '1 cup flour (or half whole wheat, half plain)\n1 cup milk',
  ])('%j is a batter', (text) => expect(code(text)).toBe('a batter'));

  test('which line, and how many', () => {
    const bowl = batterOf(readText('250 g flour\n300 g milk\n200 g zzz\n100 g yyy'), DEFAULT_CONDITIONS);
    expect(bowl).toMatchObject({ ok: false, failure: { code: 'bowl-half-read', fields: { line: '200 g zzz', count: 2 } } });
  });
});
