import { expect } from '@playwright/test';
import { figure, guests, open, show, test, type } from './kitchen.ts';

test('when they come is drawn: by keys, by hand and typed; the plan follows, a reload keeps it', async ({ page }) => {
  await open(page, 'plan');
  await guests(page, 'as guests arrive');
  await type(page.getByLabel('Guests arrive over, min'), '60');
  await show(page, 'more');
  await page.getByRole('button', { name: 'Draw when guests arrive' }).click();
  const bars = page.getByRole('slider', { name: /^Guests at/ });
  await expect(bars).toHaveCount(4);
  await show(page, 'safe');
  await expect(page.locator('[data-figure="crisp at the plate"]')).toBeVisible();
  const even = await figure(page, 'longest wait');
  await show(page, 'more');
  // A rush at the second quarter.
  await bars.nth(1).focus();
  for (let i = 0; i < 3; i++) await page.keyboard.press('PageUp');
  await expect(bars.nth(1)).toHaveAttribute('aria-valuenow', '24');
  await expect(page.getByLabel('People', { exact: true })).toHaveValue('51');
  await show(page, 'safe');
  await expect.poll(() => figure(page, 'longest wait')).toBeGreaterThan(even);
  await show(page, 'more');
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
  await page.getByRole('textbox', { name: /^Guests at/ }).blur();
  await expect(bars.nth(3)).toHaveAttribute('aria-valuenow', '12');
  await page.reload();
  await expect(bars.nth(1)).toHaveAttribute('aria-valuenow', '24');
  await type(page.getByLabel('People', { exact: true }), '60');
  await expect(page.getByRole('status').filter({ hasText: '60 come in the same way' })).toBeVisible();
  await page.getByRole('button', { name: 'Evenly instead' }).click();
  await expect(bars).toHaveCount(0);
  await expect(page.getByLabel('Guests arrive over, min')).toHaveValue('45');
});

test('orders by name: who gets how many, when; on paper, after a reload, and at the table', async ({ page }) => {
  await page.clock.install({ time: new Date('2026-11-30T06:00:00Z') });
  await open(page, 'plan');
  await guests(page, 'as guests arrive');
  await show(page, 'more');
  await page.getByRole('button', { name: 'Write down orders' }).click();
  const orders = page.getByRole('group', { name: 'Orders' });
  // The first is of everybody who was counted.
  await expect(orders.getByLabel('people')).toHaveValue('36');
  await type(orders.getByLabel('Who'), 'Window table');
  await type(orders.getByLabel('people'), '6');
  await orders.getByLabel('people').press('Enter');
  await expect(page.getByLabel('People', { exact: true })).toHaveValue('6');
  await orders.getByRole('button', { name: 'Another order' }).click();
  await expect(orders.getByRole('listitem')).toHaveCount(2);
  await expect(page.getByLabel('People', { exact: true })).toHaveValue('8');
  const paper = page.getByRole('region', { name: 'Orders on paper', includeHidden: true });
  await expect(paper).toContainText('7:156Window table');
  await expect(paper).toContainText('7:202Order 2');
  await page.reload();
  await expect(orders.getByLabel('Who').first()).toHaveValue('Window table');
  await open(page, 'cook');
  await page.getByRole('button', { name: 'Sound, keys and light' }).click();
  await page.getByRole('button', { name: 'plates and carries' }).click();
  await page.keyboard.press('Escape');
  await expect(page.getByRole('list', { name: 'Orders' })).toContainText('Window table: 6');
});
