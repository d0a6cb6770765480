import { expect } from '@playwright/test';
import { formulaFromText } from '../core/formula/index.ts';
import { FROZEN_RECIPES } from '../core/formula/read/testing/frozenRecipes.ts';
import { STYLES, writtenBy } from '../core/formula/read/testing/styles.ts';
import { open, recipeTool, test, toOwnKitchen, WALK } from './kitchen.ts';

test('whole recipes in five hands: the screen keeps the lines and steps that the command line reads', WALK, async ({ page }) => {
  await open(page, 'recipe');
  await toOwnKitchen(page);
  for (const [i, style] of STYLES.entries()) {
    const recipe = FROZEN_RECIPES[i];
    if (recipe === undefined) continue;
    const text = writtenBy(style, recipe);
    const meant = formulaFromText(text, () => 'x');
    await recipeTool(page, 'Paste a recipe');
    await page.getByLabel('Ingredient list').fill(text);
    await page.getByRole('button', { name: 'Read it' }).click();
    await expect(page.getByRole('dialog')).toBeHidden();
    await expect(page.getByRole('textbox', { name: 'Step as written' })).toHaveCount(meant.steps.length);
    await expect(page.getByRole('textbox', { name: 'Step as written' }).first()).toHaveValue(meant.steps[0] ?? '');
    const written = await page
      .getByRole('textbox', { name: 'Line as written' })
      .evaluateAll((all) => all.map((line) => (line as HTMLTextAreaElement).value));
    expect(written).toEqual(meant.lines.map((line) => line.text));
  }
});

test('what is being pasted survives a stray tap and a reload; a stated dose is taken for what fills the iron, and let go', async ({
  page,
}) => {
  await open(page, 'recipe');
  await toOwnKitchen(page);
  await recipeTool(page, 'Paste a recipe');
  const text =
    'Fell squares\n250 g flour\n10 g baking powder\n3 eggs\n400 g milk\n100 g butter\nWhisk it together.\nPour 150 g batter into the iron and cook 5 minutes.';
  await page.getByLabel('Ingredient list').fill(text);
  await page.keyboard.press('Escape');
  await expect(page.getByRole('dialog')).toBeHidden();
  await page.reload();
  await recipeTool(page, 'Paste a recipe');
  await expect(page.getByLabel('Ingredient list')).toHaveValue(text);
  await page.getByRole('button', { name: 'Read it' }).click();
  await page.getByRole('button', { name: 'Use the recipe’s dose as its size' }).click();
  await expect(page.getByText(/counts as holding \d+ mL, from your recipe’s dose/)).toBeVisible();
  await page.getByRole('button', { name: 'Undo', exact: true }).click();
  await expect(page.getByRole('button', { name: 'Use the recipe’s dose as its size' })).toBeVisible();
});
