import { expect } from '@playwright/test';
import { open, show, test, toDoor, type } from './kitchen.ts';

test('a shop’s week: pieces by weekday, what to mix when, a day of it planned, kept over a reload', async ({ page }) => {
  await page.clock.setFixedTime(new Date('2026-11-30T03:00:00Z'));
  await open(page, 'plan');
  await show(page, 'plans');
  const menu = page.getByRole('button', { name: 'This plan' });
  await menu.click();
  await page.getByRole('button', { name: 'Plan a week' }).click();
  const sheet = page.getByRole('dialog');
  await expect(sheet).toContainText('the refrigerator holds 6 °C');
  await page.keyboard.press('Escape');
  await toDoor(page, 'Kitchen');
  await type(page.getByLabel('Refrigerator'), '4');
  await toDoor(page, 'Plan');
  await show(page, 'plans');
  await menu.click();
  await page.getByRole('button', { name: 'Plan a week' }).click();
  await expect(sheet).toContainText('for 3 days at most');
  for (const [weekday, pieces] of [
    ['Monday', '40'],
    ['Tuesday', '30'],
    ['Wednesday', '30'],
    ['Saturday', '80'],
  ] as const)
    await type(sheet.getByLabel(weekday), pieces);
  const days = sheet.getByRole('list', { name: 'The week' }).getByRole('listitem');
  await expect(days).toHaveCount(7);
  await expect(days.nth(0)).toContainText('for Monday and Tuesday and Wednesday');
  await expect(days.nth(1)).toContainText('From what was mixed before.');
  await expect(days.nth(3)).toContainText('closed');
  await expect(days.nth(5)).toContainText('80 pieces');
  const mixed = async (day: number): Promise<number> => Number(await days.nth(day).locator('[data-mix]').first().getAttribute('data-mix'));
  // A hundred pieces against eighty, of the same batter.
  const [first, second] = [await mixed(0), await mixed(5)];
  expect(first / second).toBeCloseTo(100 / 80, 1);
  // A small bowl: more of them.
  await type(sheet.getByLabel('one bowl takes, g'), String(Math.round(first / 2)));
  await expect(days.nth(0).locator('[data-mix]')).toHaveCount(1);
  await expect(days.nth(1).locator('[data-mix]')).not.toHaveCount(0);
  await days.nth(5).getByRole('button', { name: 'Plan it' }).click();
  await expect(page.getByRole('button', { name: /^Plan: / })).toHaveAccessibleName('Plan: Saturday');
  await expect(page.getByLabel('People', { exact: true })).toHaveValue('80');
  await page.reload();
  await expect(page.getByRole('button', { name: /^Plan: / })).toHaveAccessibleName('Plan: Saturday');
  await menu.click();
  await page.getByRole('button', { name: 'Plan a week' }).click();
  await expect(sheet.getByLabel('Saturday')).toHaveValue('80');
});
