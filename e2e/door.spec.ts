import { expect, test } from '@playwright/test';
import { figure, open } from './kitchen.ts';

test('when they come is drawn: by keys, by hand and typed; the plan follows, a reload keeps it', async ({ page }) => {
  await open(page, 'run');
  await page.getByRole('radio', { name: 'as they come' }).click();
  await page.getByLabel('They come over, min').fill('60');
  await page.getByRole('button', { name: 'Draw when they come' }).click();
  const bars = page.getByRole('slider', { name: /^Guests at/ });
  await expect(bars).toHaveCount(4);
  await expect(page.locator('[data-figure="crisp at the plate"]')).toBeVisible();
  const even = await figure(page, 'longest wait');
  // A rush at the second quarter.
  await bars.nth(1).focus();
  for (let i = 0; i < 3; i++) await page.keyboard.press('PageUp');
  await expect(bars.nth(1)).toHaveAttribute('aria-valuenow', '24');
  await expect(page.getByLabel('People', { exact: true })).toHaveValue('51');
  await expect.poll(() => figure(page, 'longest wait')).toBeGreaterThan(even);
  // By hand, to the foot of the bar.
  const box = (await bars.nth(3).boundingBox())!;
  await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
  await page.mouse.down();
  await page.mouse.move(box.x + box.width / 2, box.y + box.height + 20, { steps: 3 });
  await page.mouse.up();
  await expect(bars.nth(3)).toHaveAttribute('aria-valuenow', '0');
  // Typed, digit by digit.
  await page.getByRole('textbox', { name: /^Guests at/ }).fill('');
  await page.getByRole('textbox', { name: /^Guests at/ }).pressSequentially('12');
  await expect(bars.nth(3)).toHaveAttribute('aria-valuenow', '12');
  await page.reload();
  await expect(bars.nth(1)).toHaveAttribute('aria-valuenow', '24');
  await page.getByLabel('People', { exact: true }).fill('60');
  await expect(page.getByRole('status').filter({ hasText: '60 come in the same way' })).toBeVisible();
  await page.getByRole('button', { name: 'Evenly instead' }).click();
  await expect(bars).toHaveCount(0);
  await expect(page.getByLabel('They come over, min')).toHaveValue('45');
});
