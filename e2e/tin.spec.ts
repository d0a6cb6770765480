import { expect } from '@playwright/test';
import { open, show, test, type } from './kitchen.ts';

test('twelve dozen for the tin: nobody waits for them, the bowls are said, and Keep asks for all of them', async ({ page }) => {
  await page.clock.install({ time: new Date('2026-11-30T05:20:00Z') });
  await open(page, 'plan');
  await show(page, 'more');
  await page.getByRole('button', { name: 'Where it goes: the table' }).click();
  await page.getByRole('option', { name: 'the tin' }).click();
  await type(page.getByLabel('Pieces wanted', { exact: true }), '144');
  await expect(page.getByRole('group', { name: 'Done by' })).toBeVisible();
  await show(page, 'safe');
  await expect(page.locator('[data-figure="put away"]')).toContainText(/All 14\d go into the tin/);
  // Twenty kilograms of batter are more than one bowl.
  await expect(page.locator('[data-bowls]')).toContainText(/goes into \d+ bowls of/);
  await page.reload();
  await expect(page.getByLabel('Pieces wanted', { exact: true })).toHaveValue('144');
});
