import { expect } from '@playwright/test';
import { open, test, type } from './kitchen.ts';

test('twelve dozen for the tin: nobody waits for them, the bowls are said, and Keep asks for all of them', async ({ page }) => {
  await page.clock.install({ time: new Date('2026-11-30T05:20:00Z') });
  await open(page, 'run');
  await expect(page.locator('[data-figure="in words"]')).toBeVisible();
  await page.getByRole('button', { name: 'Where it goes: the table' }).click();
  await page.getByRole('option', { name: 'the tin' }).click();
  await type(page.getByLabel('Pieces wanted', { exact: true }), '144');
  await expect(page.getByRole('group', { name: 'Done by' })).toBeVisible();
  await expect(page.locator('[data-figure="put away"]')).toContainText(/All 14\d go into the tin/);
  // Twenty kilograms of batter are more than one bowl.
  await expect(page.locator('[data-bowls]')).toContainText(/is mixed in \d+ bowls of/);
  // Nobody is served: the strip says when it is done.
  await expect(page.getByRole('group', { name: 'Time strip' })).toContainText('done 07:15');
  await page.reload();
  await expect(page.getByLabel('Pieces wanted', { exact: true })).toHaveValue('144');
});
