import { readFileSync } from 'node:fs';
import { expect } from '@playwright/test';
import { column, open, openLid, pastEcho, show, startLoad, test, touchIrons, type, unfold, WALK } from './kitchen.ts';

test('two dishes in one morning: planned, bought, weighed and poured together, each with its own batter', async ({ page }) => {
  await open(page, 'plan');
  await unfold(page, 'Show the details');
  await show(page, 'more');
  await page.getByRole('button', { name: 'Add a dish' }).click();
  const other = page.getByRole('group', { name: /^And / });
  await other.getByRole('button', { name: /^Another recipe/ }).click();
  await page.getByRole('option', { name: /Orange-cardamom wafers/ }).click();
  const wafers = page.getByRole('group', { name: 'And Orange-cardamom wafers' });
  for (const name of ['Ball pan', 'Wafer iron']) {
    const iron = wafers.getByRole('checkbox', { name, exact: true });
    if ((await iron.isChecked()) !== (name === 'Wafer iron')) await iron.click();
  }
  await expect(wafers.getByRole('checkbox', { name: 'Wafer iron' })).toBeChecked();
  await type(wafers.getByLabel('and for'), '12');
  await wafers.getByLabel('and for').press('Enter');
  await type(wafers.getByLabel('pieces each'), '2');
  await wafers.getByLabel('pieces each').press('Enter');
  const sheet = page.getByRole('table', { name: 'Run sheet, iron by iron' });
  await expect(sheet.getByRole('row', { name: /Wafer iron/ })).toContainText('Orange-cardamom wafers');
  await expect(page.getByText(/g Orange-cardamom wafers \(/)).toBeVisible();
  await page.reload();
  await expect(wafers.getByLabel('and for')).toHaveValue('12');

  // What is bought is bought for both.
  await show(page, 'share');
  await page.getByRole('button', { name: 'Save as a file' }).click();
  const [download] = await Promise.all([page.waitForEvent('download'), page.getByRole('button', { name: /shopping list/ }).click()]);
  const shopping = readFileSync(await download.path(), 'utf8');
  expect(shopping).toMatch(/cardamom/i);
  expect(shopping).toMatch(/rye/i);

  // Weighing the second batter asks for what the run wants of it.
  await open(page, 'recipe/weigh');
  await page.getByRole('button', { name: /^Recipe: / }).click();
  await page.getByRole('option', { name: /Orange-cardamom wafers/ }).click();
  await expect(page.getByLabel('times the recipe')).not.toHaveValue('1');

  // The line pours each its own, and counts them apart.
  await open(page, 'cook');
  await expect(column(page, 'wafers')).toContainText('Orange-cardamom wafers');
  await expect(column(page, 'deep-a')).toContainText('Fellside oat and rye');
  await startLoad(page, 'wafers');
  await pastEcho(page);
  await openLid(page, column(page, 'wafers'));
  await expect(column(page, 'wafers')).toHaveAttribute('data-phase', 'opened');
  await expect(page.locator('[data-figure="out"]')).toBeVisible();
  await page.getByRole('button', { name: /^How it stands/ }).click();
  await expect(page.getByText('still to pour of Orange-cardamom wafers')).toBeVisible();
});

test('two dishes on one iron: one after the other, wiped in between', WALK, async ({ page }) => {
  await open(page, 'plan');
  await touchIrons(page, 'Deep B', 'Thin four');
  await type(page.getByLabel('People'), '2');
  await page.getByLabel('People').press('Enter');
  await show(page, 'more');
  await page.getByRole('button', { name: 'Add a dish' }).click();
  const other = page.getByRole('group', { name: /^And / });
  await type(other.getByLabel('and for'), '2');
  await other.getByLabel('and for').press('Enter');
  await other.getByRole('checkbox', { name: 'Ball pan', exact: true }).click();
  await expect(page.locator('[data-not-planned]')).toContainText('isn’t planned: no iron is chosen for it');
  await other.getByRole('checkbox', { name: 'Deep A', exact: true }).click();
  await expect(page.locator('[data-not-planned]')).toHaveCount(0);
  await expect(other.getByRole('checkbox', { name: 'Deep A', exact: true })).toBeChecked();
  const card = page.getByRole('region', { name: 'Minute by minute', includeHidden: true });
  await expect(card).toContainText(/Wipe and pour Deep A, load 3/);
  await expect(card).not.toContainText(/Wipe and pour Deep A, load [124]/);
});
