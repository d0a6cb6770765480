import { readFileSync } from 'node:fs';
import { expect } from '@playwright/test';
import { exported, importFile, open, openAll, test, toOwnKitchen } from './kitchen.ts';

type KitchenFile = { readonly loads: readonly { readonly startedAt: number }[] };
const DAY_MS = 86_400_000;

test('what is in this browser alone is said once it is much, until it is in a file; a month goes into a file of its own', async ({
  page,
}) => {
  await open(page, 'kitchen?section=data');
  const demo = JSON.parse(readFileSync(await exported(page), 'utf8')) as KitchenFile;
  // The demo is never reminded of: it is invented.
  const reminder = page.getByRole('note', { name: 'Not in a file yet' });
  await openAll(page, 'log');
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
  await expect(reminder).toHaveCount(0);
  await page.goto('/kitchen?section=data');
  await toOwnKitchen(page);
  const before = { ...demo, loads: demo.loads.map((load) => ({ ...load, startedAt: load.startedAt - 40 * DAY_MS })) };
  await importFile(page, JSON.stringify(before), 'in place');
  await expect(page.getByRole('status').filter({ hasText: 'Taken over' })).toBeVisible();
  await openAll(page, 'log');
  await expect(reminder).toContainText(`${demo.loads.length} loads are in this browser alone; nothing was exported yet`);
  // Not now: in a week; in another week it is said again.
  await reminder.getByRole('button', { name: 'In a week' }).click();
  await expect(reminder).toHaveCount(0);
  await page.evaluate(() => {
    for (const key of Object.keys(localStorage).filter((name) => name.startsWith('tawny-lattice-backup-')))
      localStorage.setItem(key, JSON.stringify({ exportedAt: null, remindAt: 1 }));
  });
  await page.reload();
  const download = page.waitForEvent('download');
  await reminder.getByRole('button', { name: 'Export everything' }).click();
  await download;
  await expect(reminder).toHaveCount(0);
  await page.reload();
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
  await expect(reminder).toHaveCount(0);
  // The month of the newest load.
  await page.goto('/kitchen?section=data');
  const newest = new Date(Math.max(...before.loads.map(({ startedAt }) => startedAt)));
  const name = newest.toLocaleDateString('en-GB', { month: 'long', year: 'numeric', timeZone: 'UTC' });
  await page.getByRole('button', { name: /^Month to export/ }).click();
  await page.getByRole('option', { name }).click();
  const month = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Export a month' }).click();
  const file = await month;
  expect(file.suggestedFilename()).toContain(newest.toISOString().slice(0, 7));
  const part = JSON.parse(readFileSync(await file.path(), 'utf8')) as KitchenFile;
  const isThen = ({ startedAt }: { readonly startedAt: number }): boolean =>
    new Date(startedAt).toISOString().slice(0, 7) === newest.toISOString().slice(0, 7);
  expect(part.loads.length).toBe(before.loads.filter(isThen).length);
  expect(part.loads.every(isThen)).toBe(true);
});
