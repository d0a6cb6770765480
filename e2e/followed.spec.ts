import { expect } from '@playwright/test';
import { open, recipeTool, test, toDoor, toOwnKitchen, type, unfold } from './kitchen.ts';

const TEXT = `Tarn squares
Makes 8

250 g flour
10 g baking powder
3 eggs, separated
400 g milk
80 g butter
30 g sugar

Method
1. Whip the whites soft, rain in the sugar and go on to firm peaks.
2. Melt the butter and let it cool. Whisk the dry things together, then the wet ones, and stir the two.
3. Fold the whites in. Chill for 1 hour.
4. Pour half a cup into each square and cook for three to five minutes, not before 3.
5. Keep warm in a 100 °C oven.`;

test('a recipe is followed: what its steps ask for is shown, put right by touch, weighed in its order and planned with its chill', async ({
  page,
}) => {
  await open(page, 'recipe');
  await toOwnKitchen(page, ['Deep round']);
  await recipeTool(page, 'Paste a recipe');
  await page.getByLabel('Ingredient list').fill(TEXT);
  await page.getByRole('button', { name: 'Read it' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Tarn squares');
  await unfold(page, 'Show the numbers');
  const step = (n: number) => page.getByRole('group', { name: `What step ${n} asks for` });
  const acts = (n: number) => step(n).getByRole('button', { expanded: false }).allTextContents();
  expect((await acts(1)).map((words) => words.trim())).toEqual(['Whip until firm']);
  expect((await acts(2)).map((words) => words.trim())).toEqual(['Melt', 'Let cool', 'Mix dry', 'Mix wet', 'Mix in']);
  // An hour becomes two; a reload keeps it, and the sentence stays as it was written.
  await step(3)
    .getByRole('button', { name: /^Chill/ })
    .click();
  await type(step(3).getByLabel('to'), '120:00');
  await type(step(3).getByLabel('from'), '120:00');
  await expect(step(3).getByRole('button', { name: /^Chill 2 hours/ })).toBeVisible();
  await page.reload();
  await unfold(page, 'Show the numbers');
  await expect(step(3).getByRole('button', { name: /^Chill 2 hours/ })).toBeVisible();
  await expect(page.getByLabel('Step as written').nth(2)).toHaveValue('Fold the whites in. Chill for 1 hour.');

  // Two hours before the pour it goes into the cold, and the oven is on in time.
  await page.getByRole('link', { name: 'Mix', exact: true }).click();
  await page.getByRole('tab', { name: 'Before the pour' }).click();
  const before = page.getByRole('list', { name: 'Steps before the pour' });
  await expect(before.locator('[data-prep]')).toHaveCount(5);
  expect(await before.locator('[data-prep]').evaluateAll((steps) => steps.map((one) => one.getAttribute('data-prep')))).toEqual([
    'prep-warm-milk',
    'prep-mix',
    'prep-refrigerate',
    'prep-oven-on',
    'prep-cold-out',
  ]);

  // Weighed in its order: the whites first, their sugar in a dish of its own, each sentence once.
  await toDoor(page, 'Recipe');
  await page.getByRole('link', { name: 'Weigh', exact: true }).click();
  await page.getByRole('button', { name: /^Start weighing/ }).click();
  const now = page.getByRole('region', { name: 'Now' });
  const seen: string[] = [];
  for (let i = 0; i < 30 && (await now.getAttribute('data-kind')) !== 'finish'; i++) {
    const at = (await now.getAttribute('data-step')) ?? '';
    if ((await now.getAttribute('data-kind')) === 'work') seen.push((await now.getByRole('heading').first().textContent()) ?? '');
    else seen.push(`(${at.split('/')[1] ?? ''})`);
    await now.getByRole('button').last().click();
    await expect(now).not.toHaveAttribute('data-step', at);
  }
  const said = seen.filter((words) => !words.startsWith('('));
  expect(said.indexOf('Whip the whites soft, rain in the sugar and go on to firm peaks.')).toBeLessThan(
    said.indexOf('Whisk the dry things together'),
  );
  expect(seen.indexOf('(beside)')).toBeLessThan(seen.indexOf('Whip the whites soft, rain in the sugar and go on to firm peaks.'));
  expect(said.filter((words) => words.includes('Fold the whites in.'))).toHaveLength(1);
  expect(said.at(-1)).toBe('Chill for 1 hour.');
  expect(new Set(said).size).toBe(said.length);
});
