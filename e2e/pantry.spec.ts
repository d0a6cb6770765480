import { readFileSync } from 'node:fs';
import { expect, test } from '@playwright/test';
import { figure, open } from './kitchen.ts';

test('what is in the house is counted once; the run says what is short, the list what to buy, a reload keeps it', async ({ page }) => {
  await open(page, 'run');
  await expect(page.locator('[data-figure="crisp at the plate"]')).toBeVisible();
  const house = page.getByRole('region', { name: 'In the house' });
  await house.getByRole('button', { name: /^In the house: / }).click();
  await expect(house).toContainText('nothing counted');
  const row = house.locator('tr[data-ingredient="milk"]');
  const needed = Number((await row.locator('td').first().textContent())?.replaceAll(',', ''));
  expect(needed).toBeGreaterThan(500);
  await row.getByRole('textbox').fill('300');
  await expect(house).toContainText('short of');
  await expect(row.locator('td').nth(2)).toHaveText((needed - 300).toLocaleString('en-GB'));
  expect(await figure(page, 'short')).toBe(1);
  // Half as many guests want half as much.
  await page.getByLabel('People', { exact: true }).fill('18');
  await expect.poll(async () => Number((await row.locator('td').first().textContent())?.replaceAll(',', ''))).toBeLessThan(0.6 * needed);
  await page.reload();
  await house.getByRole('button', { name: /^In the house: / }).click();
  await expect(row.getByRole('textbox')).toHaveValue('300');
  await page.getByRole('button', { name: 'Take along' }).click();
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'A shopping list (CSV)' }).click();
  const csv = readFileSync(await (await download).path(), 'utf8');
  expect(csv).toContain('there_g,to_buy_g');
  expect(csv).toMatch(/Milk, whole",\d+,[\d.]+,300,\d+/i);
  // Enough of it is none to buy.
  await row.getByRole('textbox').fill('9000');
  await expect(row.locator('td').nth(2)).toHaveText('');
  await expect(house).toContainText('none is short');
});
