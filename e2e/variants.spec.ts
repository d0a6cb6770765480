import { expect } from '@playwright/test';
import { button, column, open, openLid, pastEcho, show, startLoad, test, touchIrons, type } from './kitchen.ts';

test('some with nuts: plain comes first, the line says what to scatter, and which plates have seen nuts', async ({ page }) => {
  await open(page, 'plan');
  await touchIrons(page, 'Deep A', 'Deep B');
  await type(page.getByLabel('People'), '8');
  await page.getByLabel('People').press('Enter');
  await show(page, 'more');
  await page.getByRole('button', { name: 'Fillings and toppings' }).click();
  const nuts = page.getByRole('group', { name: 'With nuts' });
  await type(nuts.getByLabel('for', { exact: true }), '4');
  await nuts.getByLabel('for', { exact: true }).press('Enter');
  await type(nuts.getByLabel('g a piece'), '12');
  await nuts.getByLabel('g a piece').press('Enter');
  await expect(page.locator('[data-figure="variants"]')).toContainText(/Plain first, then nuts from \d+:\d\d/);
  await page.reload();
  await expect(nuts.getByLabel('for', { exact: true })).toHaveValue('4');
  // On paper, too.
  const card = page.getByRole('region', { name: 'Minute by minute', includeHidden: true });
  await expect(card).toContainText('Pour Thin four, load 2, scatter 48 g of nuts');

  await open(page, 'cook');
  const iron = column(page, 'thin-four');
  await expect(iron.getByText(/scatter .* of nuts/)).toHaveCount(0);
  await startLoad(page, 'thin-four');
  await pastEcho(page);
  await openLid(page, column(page, 'thin-four'));
  await expect(iron).toHaveAttribute('data-phase', 'opened');
  await expect(iron.locator('[data-figure="holds"]')).toHaveCount(0);
  await pastEcho(page);
  await expect(iron).toContainText('then scatter 48 g of nuts');
  await pastEcho(page);
  await button(page, 'thin-four', 'Poured').click();
  await expect(iron).toContainText(/scatter 48\sg nuts/);
  await expect(iron.locator('[data-figure="holds"]')).toHaveText('on its plates: nuts');
});
