import { expect, test } from '@playwright/test';
import { open } from './kitchen.ts';

test('several runs: copied, named, chosen, removed and brought back; the strip shows the one that is on', async ({ page }) => {
  await open(page, 'run');
  await expect(page.getByText('Last plate')).toBeVisible();
  const menu = page.getByRole('button', { name: 'This run and others' });
  const chosen = page.getByRole('button', { name: /^Run: / });
  await expect(chosen).toHaveAccessibleName('Run: Breakfast for 36');
  await menu.click();
  await page.getByRole('button', { name: 'The same on the next day' }).click();
  await expect(chosen).toHaveAccessibleName('Run: Breakfast for 36 (2)');
  await menu.click();
  await page.getByLabel('Name', { exact: true }).fill('Sunday');
  await page.keyboard.press('Escape');
  await expect(chosen).toHaveAccessibleName('Run: Sunday');
  await page.getByLabel('People', { exact: true }).fill('12');
  await expect(page.getByText('12 pieces')).toBeVisible();
  await expect(page.getByText(/serve .* · 12/)).toBeVisible();
  // A reload keeps which one is on.
  await page.reload();
  await expect(chosen).toHaveAccessibleName('Run: Sunday');
  // The other is as it was, and the strip of another station follows.
  await chosen.click();
  await page.getByRole('option', { name: /Breakfast for 36/ }).click();
  await expect(page.getByText(/serve .* · 36/)).toBeVisible();
  await chosen.click();
  await page.getByRole('option', { name: /^Sunday/ }).click();
  await page.getByRole('link', { name: 'Keep', exact: true }).click();
  await expect(page.getByText(/serve .* · 12/)).toBeVisible();
  await page.getByRole('link', { name: 'Run', exact: true }).click();
  await menu.click();
  await page.getByRole('button', { name: 'Remove this one' }).click();
  await expect(page.getByRole('status').filter({ hasText: '“Sunday” is removed' })).toBeVisible();
  await expect(chosen).toHaveAccessibleName('Run: Breakfast for 36');
  await page.getByRole('button', { name: 'Bring it back' }).click();
  await expect(chosen).toHaveAccessibleName('Run: Sunday');
  await expect(page.getByLabel('People', { exact: true })).toHaveValue('12');
});
