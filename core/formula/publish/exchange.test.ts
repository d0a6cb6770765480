import { describe, expect, test } from '@jest/globals';
import type { Formula } from '../index.ts';
import {
  DEFAULT_READ_SETTINGS,
  formulaFromRecipe,
  formulaFromText,
  formulaMarkdown,
  readFormula,
  recipeFromFormula,
  recipesInText,
} from '../index.ts';

const ids = (): (() => string) => {
  let n = 0;
  return () => `id-${++n}`;
};

const formula: Formula = {
  id: 'f',
  rev: 3,
  parentRev: 2,
  name: 'Two\nnames, 🧇 and وافل',
  family: '',
  lift: null,
  lines: ['2 cups flour', '1/2 tsp salt', '3 large eggs', '2½ dl milk', '113 g butter, melted'].map((text, i) => ({
    id: `l${i}`,
    text,
    edited_g: null,
    chosenIngredientId: null,
  })),
  steps: ['Whisk the dry things.', 'Melt the butter.\n\nLet it cool.', 'Fold.'],
  yieldHint: '8 waffles',
  provenance: 'written here',
};

describe('there and back', () => {
  test('JSON-LD, as a file and in a page: a step with a line break stays one', () => {
    const json = JSON.stringify(recipeFromFormula(formula));
    for (const text of [json, `<html><script type="application/ld+json">${json}</script><p>Print</p></html>`, `[${json}]`]) {
      const [recipe] = recipesInText(text);
      const back = formulaFromRecipe(recipe, ids());
      if (!back.ok) throw new Error(back.failure.code);
      expect(back.value.steps).toHaveLength(3);
      expect(back.value.lines.map((line) => line.text)).toEqual(formula.lines.map((line) => line.text));
    }
  });

  test('every recipe of a list is seen', () => {
    const two = [1, 2].map((n) => ({ '@type': 'Recipe', name: `R${n}`, recipeIngredient: ['1 cup flour'] }));
    expect(recipesInText(JSON.stringify(two))).toHaveLength(2);
    expect(recipesInText(JSON.stringify({ '@graph': [{ '@type': 'Thing' }, ...two] }))).toHaveLength(2);
    expect(recipesInText('[not json')).toEqual([]);
  });

  test('our own Markdown: the same lines, and neither the portion nor the setting among them', () => {
    const reading = readFormula(formula, DEFAULT_READ_SETTINGS);
    const card = { portion: '183 g', setting: 'mark 3', time: '2:50', yields: null, allergens: ['milk', 'eggs'] } as unknown as Parameters<
      typeof formulaMarkdown
    >[2];
    const back = formulaFromText(formulaMarkdown(formula, reading, card), ids());
    expect(back.lines.map((line) => line.text)).toEqual(formula.lines.map((line) => line.text));
    expect(back.steps).toHaveLength(3);
  });

  test('a table and a list copied as HTML, in one line', () => {
    const rows =
      '<table><tr><td>250 g</td><td>flour</td></tr><tr><td>&frac12; tsp</td><td>salt</td></tr><tr><td>300 g</td><td>milk</td></tr></table>';
    expect(formulaFromText(rows, ids()).lines.map((line) => line.text)).toEqual(['250 g flour', '½ tsp salt', '300 g milk']);
    const list = '<ul><li>250&nbsp;g flour</li><li>2 eggs</li></ul>';
    expect(formulaFromText(list, ids()).lines.map((line) => line.text)).toEqual(['250 g flour', '2 eggs']);
  });
});
