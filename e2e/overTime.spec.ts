import { expect } from '@playwright/test';
import { openAll, test, WALK } from './kitchen.ts';

test('each iron over time: its own scatter, what is out of it, the pieces by day, and the load behind one', WALK, async ({ page }) => {
  await openAll(page, 'log');
  await page.getByRole('group', { name: 'Show' }).getByRole('button', { name: 'Over time' }).click();
  const deep = page.getByRole('region', { name: 'Deep A over time' });
  await expect(deep.locator('[data-alarms]')).toContainText(/\d+ loads/);
  await expect(deep.locator('figcaption')).toContainText('moving range');
  const pieces = deep.getByRole('list', { name: 'Pieces by day' }).getByRole('button');
  expect(await pieces.count()).toBeGreaterThan(8);
  await pieces.first().click();
  await expect(page.getByRole('dialog')).toContainText('Deep A');
  await page.keyboard.press('Escape');
  // Two irons side by side, with how often chance alone would do as much.
  const beside = page.locator('[data-figure="side by side"]');
  await expect(beside).toContainText(/steps (darker|paler)/);
  await expect(beside).toContainText('Chance alone');
  await beside.getByRole('button', { name: /^In what/ }).click();
  await page.getByRole('option', { name: 'weight' }).click();
  await expect(beside).toContainText(/g (heavier|lighter)|too little was said/);
  // What is asked for is what is drawn.
  await page.getByRole('button', { name: /^Iron asked for/ }).click();
  await page.getByRole('option', { name: 'Deep B' }).click();
  await expect(deep).toHaveCount(0);
  await expect(page.getByRole('region', { name: 'Deep B over time' })).toBeVisible();
});
