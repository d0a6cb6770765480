import { readFileSync } from 'node:fs';
import { expect } from '@playwright/test';
import { figure, open, openAll, test, type, WALK } from './kitchen.ts';

test('the book is asked by iron, fault, words and day; the address keeps it, and what is shown is a file', async ({ page }) => {
  await openAll(page, 'log');
  const rows = page.locator('[data-load]');
  await expect(rows.first()).toBeVisible();
  const ask = page.getByRole('search', { name: 'Search the log' });
  await ask.getByRole('button', { name: /^Iron asked for/ }).click();
  await page.getByRole('option', { name: 'Thin four' }).click();
  await expect(rows.first()).toContainText('Thin four');
  await expect.poll(() => figure(page, 'found')).toBeGreaterThan(0);
  const onIron = await figure(page, 'found');
  await ask.getByRole('button', { name: 'leaked' }).click();
  await expect.poll(() => figure(page, 'found')).toBeLessThan(onIron);
  for (const row of await rows.all()) await expect(row).toContainText('leaked');
  // A reload keeps the view.
  await page.reload();
  await expect(ask.getByRole('button', { name: 'leaked' })).toHaveAttribute('aria-pressed', 'true');
  await expect(page).toHaveURL(/fault=leaked/);
  await ask.getByRole('button', { name: 'leaked' }).click();
  await expect.poll(() => figure(page, 'found')).toBe(onIron);
  const [file] = await Promise.all([page.waitForEvent('download'), ask.getByRole('button', { name: 'What is shown, as CSV' }).click()]);
  const lines = readFileSync(await file.path(), 'utf8')
    .trim()
    .split('\r\n');
  expect(lines).toHaveLength(onIron + 1);
  expect(lines.slice(1).every((line) => line.includes('Thin four'))).toBe(true);
  // A view is kept by name, forgotten again, and days that are asked for often are one touch.
  await ask.getByRole('button', { name: 'Keep this view' }).click();
  await type(ask.getByLabel('Name of the view'), 'Thin ones');
  await ask.getByRole('button', { name: 'Keep', exact: true }).click();
  await ask.getByRole('button', { name: 'last December' }).click();
  await expect(page).toHaveURL(/from=\d{4}-12-01&to=\d{4}-12-31/);
  await ask.getByRole('button', { name: 'Show everything' }).click();
  await expect(page.locator('[data-figure="found"]')).toHaveCount(0);
  await page.reload();
  await ask.getByRole('button', { name: 'Thin ones', exact: true }).click();
  await expect.poll(() => figure(page, 'found')).toBe(onIron);
  await ask.getByRole('button', { name: 'Forget the view Thin ones' }).click();
  await expect(ask.getByRole('button', { name: 'Thin ones', exact: true })).toHaveCount(0);
  // Words that nobody wrote, a day to come: none, and back to everything.
  await ask.getByRole('searchbox').fill('nobody wrote this');
  await expect.poll(() => figure(page, 'found')).toBe(0);
  await ask.getByRole('button', { name: 'Show everything' }).click();
  await expect(rows.first()).toBeVisible();
  await expect(ask.getByRole('searchbox')).toHaveValue('');
});

test('a card for whoever stands at the iron: what the book knows of this batter here', WALK, async ({ page }) => {
  await open(page, 'recipe');
  const here = page.getByRole('table', { name: 'Here', includeHidden: true });
  await expect(here).toContainText(/Deep A.*(mark|°).* g.*from \d+ loads/);
  await expect(here.getByRole('row', { includeHidden: true })).toHaveCount(3);
});
