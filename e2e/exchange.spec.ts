import { readFileSync } from 'node:fs';
import type { Locator, Page } from '@playwright/test';
import { expect } from '@playwright/test';
import { exported, importFile, open, startLoad, test, toOwnKitchen } from './kitchen.ts';

/** How many irons the kitchen has, beside its sections. */
const irons = (page: Page): Locator => page.getByRole('navigation', { name: 'Kitchen' }).getByRole('link', { name: /^Irons/ });

test('what a file replaces is shown before, kept for seven days, and comes back with what was worked on', async ({ page }) => {
  await page.clock.install();
  await open(page, 'kitchen?section=data');
  const demo = readFileSync(await exported(page));
  await open(page, 'recipe');
  await toOwnKitchen(page, ['Wafers']);
  const mine = await page.getByRole('heading', { level: 1 }).first().textContent();
  await page.goto('/kitchen?section=data');
  // A file is looked at first, and left alone.
  await page.getByLabel('Kitchen file to import').setInputFiles({ name: 'k.json', mimeType: 'application/json', buffer: demo });
  const coming = page.getByRole('group', { name: 'Before it is taken' });
  await expect(coming).toContainText(/k\.json holds \d+ irons, \d+ recipes/);
  await expect(coming).toContainText('Here: 1 iron');
  await coming.getByRole('button', { name: 'Not now' }).click();
  await expect(irons(page)).toContainText('1 iron');
  await importFile(page, demo, 'in place');
  await expect(irons(page)).toContainText('5 irons');
  // The page is left, days go by.
  await page.clock.fastForward(6 * 86_400_000);
  await page.reload();
  await page.getByRole('region', { name: 'Data' }).getByRole('button', { name: 'Bring it back' }).click();
  await expect(irons(page)).toContainText('1 iron');
  await open(page, 'recipe');
  await expect(page.getByRole('heading', { level: 1 }).first()).toHaveText(mine ?? '');
  // Once more, and a week later nothing is left of it.
  await page.goto('/kitchen?section=data');
  await importFile(page, demo, 'in place');
  await page.clock.fastForward(7 * 86_400_000);
  await page.reload();
  await expect(irons(page)).toContainText('5 irons');
  await expect(page.getByText(/^What a file replaced/)).toHaveCount(0);
});

test('a file that would take a cooking load away says so; one that is none changes nothing and says why', async ({ page }) => {
  await open(page, 'kitchen?section=data');
  const demo = readFileSync(await exported(page), 'utf8');
  await open(page, 'cook');
  await startLoad(page, 'deep-a');
  await page.goto('/kitchen?section=data');
  const reader = page.getByLabel('Kitchen file to import');
  const choose = (text: string) => reader.setInputFiles({ name: 'k.json', mimeType: 'application/json', buffer: Buffer.from(text) });
  await choose(demo);
  const coming = page.getByRole('group', { name: 'Before it is taken' });
  await coming.getByRole('button', { name: /^How a file is taken/ }).click();
  await page.getByRole('option', { name: /in place/ }).click();
  await expect(coming.getByRole('alert')).toContainText('A load is cooking');
  // Merged, it stays in its iron.
  await importFile(page, demo, 'merged');
  await open(page, 'cook');
  await expect(page.locator('section[data-iron="deep-a"]')).toHaveAttribute('data-phase', 'cooking');
  await page.goto('/kitchen?section=data');
  // Rows set aside that are no rows, as a foreign hand may write them; and a line without an end.
  const head = demo.slice(0, demo.indexOf('\n'));
  await choose(`${head}\n"setAside":[\n7,\n{"table":"loads"}\n]}\n`);
  await expect(page.getByRole('alert').or(coming)).toBeVisible();
  await choose(`${head}\n"irons":[\n${'x'.repeat(5_000_000)}`);
  await expect(page.getByRole('alert').filter({ hasText: 'a line of it has over' })).toBeVisible();
  await expect(irons(page)).toContainText('5 irons');
});
