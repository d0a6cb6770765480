import { readFileSync } from 'node:fs';
import { expect } from '@playwright/test';
import { exported, figure, importFile, open, openAll, show, test, type } from './kitchen.ts';

test('what is in the house is counted once; the run says what is short, the list what to buy, a reload keeps it', async ({ page }) => {
  await openAll(page, 'plan');
  const house = page.getByRole('region', { name: 'Pantry' });
  await house.getByRole('button', { name: /^Pantry: / }).click();
  await expect(house).toContainText('no stock entered');
  const row = house.locator('tr[data-ingredient="milk"]');
  const needed = Number((await row.locator('td').first().textContent())?.replaceAll(',', ''));
  expect(needed).toBeGreaterThan(500);
  await type(row.getByRole('textbox'), '300');
  await expect(house).toContainText('short of');
  await expect(row.locator('td').nth(3)).toHaveText((needed - 300).toLocaleString('en-GB'));
  expect(await figure(page, 'short')).toBe(1);
  // Half as many guests want half as much.
  await type(page.getByLabel('People', { exact: true }), '18');
  await expect.poll(async () => Number((await row.locator('td').first().textContent())?.replaceAll(',', ''))).toBeLessThan(0.6 * needed);
  await page.reload();
  await house.getByRole('button', { name: /^Pantry: / }).click();
  await expect(row.getByRole('textbox')).toHaveValue('300');
  await show(page, 'share');
  await page.getByRole('button', { name: 'Save as a file' }).click();
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'A shopping list (CSV)' }).click();
  const csv = readFileSync(await (await download).path(), 'utf8');
  expect(csv).toContain('there_g,to_buy_g');
  expect(csv).toMatch(/Milk, whole",\d+,[\d.]+,300,\d+/i);
  // Enough of it is none to buy.
  await type(row.getByRole('textbox'), '9000');
  await expect(row.locator('td').nth(3)).toHaveText('');
  await expect(house).toContainText('none is short');
});

test('counted long ago: every bowl since took of it; past its day it isn’t there for the run, and Keep says so; a bowl goes into jugs', async ({
  page,
}) => {
  const DAY_MS = 86_400_000;
  await open(page, 'kitchen?section=data');
  const file = JSON.parse(readFileSync(await exported(page), 'utf8')) as { kit: object; lots: { madeAt: number; mass_g: number }[] };
  const now = Date.now();
  const dayAfter = (days: number): string => new Date(now + days * DAY_MS).toISOString().slice(0, 10);
  const last = { ...file.lots.at(-1)!, formulaId: 'oat-rye', formulaRev: 1 };
  const lots = [
    ...file.lots.map((lot) => ({ ...lot, madeAt: lot.madeAt - 90 * DAY_MS })),
    { ...last, id: 'long-ago', madeAt: now - 6 * DAY_MS, mass_g: 2000 },
    { ...last, id: 'now', name: 'For the jugs', madeAt: now - 600_000, mass_g: 4000 },
  ];
  const stock = [
    { id: 'milk', grams: 9000, at: now - 8 * DAY_MS, goodUntil: dayAfter(20) },
    { id: 'butter', grams: 5000, at: now - 8 * DAY_MS, goodUntil: dayAfter(-1) },
  ];
  await page.goto('/kitchen?section=data');
  await importFile(page, JSON.stringify({ ...file, lots, kit: { ...file.kit, stock } }), 'in place');
  await expect(page.getByRole('status').filter({ hasText: 'Taken over' })).toBeVisible();
  await openAll(page, 'plan');
  const house = page.getByRole('region', { name: 'Pantry' });
  await house.getByRole('button', { name: /^Pantry: / }).click();
  const there = house.locator('tr[data-ingredient="milk"]').getByRole('textbox');
  // Two bowls of it, six days old and new: 6,000 g of batter.
  await expect.poll(async () => Number(await there.inputValue())).toBeLessThan(9000 - 1500);
  const butter = house.locator('tr[data-ingredient="butter"]');
  await expect(butter.getByRole('textbox')).toHaveValue('0');
  await expect(butter).toContainText('past its day by then');
  await openAll(page, 'larder');
  const dated = page.getByRole('region', { name: 'Ingredients by their day' });
  await expect(dated.getByRole('listitem').first()).toContainText('past its day');
  await expect(dated.locator('[data-dated="milk"]')).toContainText('20 days left');
  await dated.getByRole('button', { name: /^Butter.*none is left$/ }).click();
  await expect(dated.locator('[data-dated="butter"]')).toHaveCount(0);
  const bowl = page.getByRole('region', { name: 'Bowls' }).getByRole('listitem').filter({ hasText: 'on the counter 0:10 h' });
  await expect(bowl).toContainText('three quarters full');
  const jugs = Number(await bowl.locator('[data-figure="jugs"]').getAttribute('data-exact'));
  expect(jugs).toBeGreaterThan(1);
  await bowl.getByRole('button', { name: 'their labels' }).click();
  await expect(page.locator('[data-labels]')).toHaveAttribute('data-labels', String(jugs));
  await expect(page.locator('[data-labels]')).toContainText(`one of ${jugs}`);
});
