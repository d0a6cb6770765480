import { describe, expect, test } from '@jest/globals';
import { parse } from 'csv-parse/sync';
import type { Formula } from '../index.ts';
import {
  formulaCsv,
  formulaFromRecipe,
  formulaMarkdown,
  linesFromText,
  readFormula,
  DEFAULT_READ_SETTINGS,
  recipeFromFormula,
} from '../index.ts';

let n = 0;
const newId = (): string => `l${++n}`;
const FORMULA: Formula = {
  id: 'f1',
  rev: 3,
  parentRev: 2,
  name: 'Barn, "loud" *batter*',
  family: 'quick',
  lift: 'folded',
  lines: linesFromText('250 g flour\n=1+1 cups milk\n2-3 eggs\n- 4 g salt', newId).lines.map((line, i) =>
    i === 0 ? { ...line, edited_g: 260 } : line,
  ),
  steps: ['Whisk.', 'Cook 4 minutes.'],
  yieldHint: 'makes 6',
  provenance: 'pasted',
  foreignProps: { author: { '@type': 'Person', name: 'A. Nobody' }, keywords: ['breakfast'], aggregateRating: null },
};
const CARD = { portion: '120 g', setting: 'dial 3', time: '3:40', yields: null, allergens: ['wheat', 'egg'] };

describe('schema.org Recipe out and in again', () => {
  test.each([
    ['as it is', FORMULA],
    ['without a yield', { ...FORMULA, yieldHint: null }],
    ['without steps or foreign properties', { ...FORMULA, steps: [], foreignProps: {} }],
    [
      'with a swap',
      {
        ...FORMULA,
        lines: FORMULA.lines.map((line) => ({
          ...line,
          swap: { id: 's', was: { id: 'x', text: '1 cup milk', edited_g: null, chosenIngredientId: null } },
        })),
      },
    ],
  ] as const)('%s: deep-equal', (_, formula) => {
    const json: unknown = JSON.parse(JSON.stringify(recipeFromFormula(formula as Formula, { cookTime_s: 220, yieldPieces: 6 })));
    expect(formulaFromRecipe(json, newId)).toEqual({ ok: true, value: formula });
  });

  test('what another reader needs is in its own properties', () => {
    expect(recipeFromFormula({ ...FORMULA, yieldHint: null }, { cookTime_s: 219.6, yieldPieces: 6 })).toMatchObject({
      '@context': 'https://schema.org',
      '@type': 'Recipe',
      name: FORMULA.name,
      recipeIngredient: ['250 g flour', '=1+1 cups milk', '2-3 eggs', '- 4 g salt'],
      recipeInstructions: [
        { '@type': 'HowToStep', text: 'Whisk.' },
        { '@type': 'HowToStep', text: 'Cook 4 minutes.' },
      ],
      recipeYield: '6 pieces',
      cookTime: 'PT220S',
      keywords: ['breakfast'],
    });
  });

  test('a foreign hand in our own part is not trusted', () => {
    const json = recipeFromFormula(FORMULA);
    const broken = { ...json, 'tawny-lattice:formula': { id: 7, lines: 'none' } };
    const read = formulaFromRecipe(broken, newId);
    expect(read.ok && read.value.id).not.toBe('f1');
    expect(read.ok && read.value.lines).toHaveLength(4);
    expect(read.ok && read.value.foreignProps).not.toHaveProperty('tawny-lattice:formula');
  });
});

describe('CSV and Markdown', () => {
  const reading = readFormula(FORMULA, DEFAULT_READ_SETTINGS);

  test('a spreadsheet reads the table back, and takes no cell for a formula', () => {
    const rows: string[][] = parse(formulaCsv(reading));
    expect(rows).toHaveLength(5);
    expect(rows[1]).toEqual(['250 g flour', 'wheat-flour', '260', '260', '260', '100', 'read']);
    expect(rows[2]?.[0]).toBe("'=1+1 cups milk");
    expect(rows[3]?.slice(2, 5)).toEqual(['125', '100', '150']);
    expect(formulaCsv(reading)).toMatch(/\r\n$/);
  });

  test('Markdown says grams first, keeps the words, and lets no sign through', () => {
    const text = formulaMarkdown(FORMULA, reading, CARD);
    expect(text).toContain('# Barn, "loud" \\*batter\\*');
    expect(text).toContain('- **260 g** 250 g flour');
    expect(text).toContain('- Portion: 120 g');
    expect(text).toContain('2. Cook 4 minutes.');
    expect(text).toContain('- Contains: wheat, egg');
  });
});
