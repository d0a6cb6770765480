import { execFileSync } from 'node:child_process';
import type { Page } from '@playwright/test';
import { expect } from '@playwright/test';
import { column, exported, figure, open, openAll, settled, test, toDoor, type, unfold } from './kitchen.ts';

/** "Deep A" as a station shows it, in grams and marks. */
const onIron = async (page: Page) => {
  await openAll(page, 'iron');
  await settled(page);
  return { grams: Math.round(await figure(page, 'dose_g')), mark: await figure(page, 'dial'), time: await figure(page, 'cookTime_s.best') };
};

test('a portion and a mark of one’s own hold on Iron, Formula, Run, Line and the command line, with what they cost', async ({ page }) => {
  await openAll(page, 'iron');
  await settled(page);
  const advised = await onIron(page);
  await page.getByRole('button', { name: 'Use my own settings' }).click();
  const sheet = page.getByRole('dialog');
  await type(sheet.getByLabel('Portion, g'), '180');
  await type(sheet.getByLabel('Set to, mark'), '1½');
  await sheet.getByRole('button', { name: 'Use these' }).click();
  const way = page.locator('[data-figure="own way"]');
  await expect(way).toContainText('180 g, mark 1½');
  await expect(way).toContainText(`we suggest ${advised.grams} g`);
  await expect.poll(async () => figure(page, 'dose_g')).toBe(180);
  await settled(page);
  // It is said that corners stay empty.
  await expect(page.getByText(/your 180 g leaves corners empty/i)).toBeVisible();
  const own = await onIron(page);
  expect(own).toMatchObject({ grams: 180, mark: 1.5 });
  expect(own.time).toBeGreaterThan(advised.time);
  await toDoor(page, 'Cook');
  await expect(column(page, 'deep-a').locator('[data-next-load]')).toContainText('180');
  await expect(column(page, 'deep-a')).toContainText('dial 1½');
  // Another iron isn't touched by it.
  await expect(column(page, 'deep-b').locator('[data-next-load]')).not.toContainText('180');
  await toDoor(page, 'Plan');
  await unfold(page, 'Show the details');
  const row = page.getByRole('row', { name: /Deep A/ });
  await expect(row).toContainText('180 g');
  await expect(row).toContainText('dial 1½');
  await toDoor(page, 'Recipe');
  await expect(page.getByRole('main', { name: 'Recipe' }).locator('[data-figure="dose_g"]').first()).toHaveAttribute(
    'data-exact',
    /^180(?:\.\d+)?$/,
  );
  const path = await exported(page);
  const printed = execFileSync(
    process.execPath,
    ['scripts/lattice.mjs', 'advise', path, '--iron', 'deep-a', '--formula', 'oat-rye', '--json'],
    { encoding: 'utf8' },
  );
  expect(JSON.parse(printed)).toMatchObject({ portion_g: 180, setting: { dial: 1.5, chosen: 'given' } });
  // Let go, everything is as advised again.
  await openAll(page, 'iron');
  await way.getByRole('button', { name: 'Use our suggestion' }).click();
  await expect.poll(async () => Math.round(await figure(page, 'dose_g'))).toBe(advised.grams);
});

test('a dial with words on it takes them wherever a mark is entered', async ({ page }) => {
  await open(page, 'kitchen?section=irons');
  await page.getByRole('button', { name: 'Measure Deep A' }).click();
  const sheet = page.getByRole('dialog');
  await type(sheet.getByLabel('Words on its dial'), 'medium');
  await sheet.getByRole('button', { name: 'Done' }).click();
  await expect(sheet.getByText('a word and its mark')).toBeVisible();
  await type(sheet.getByLabel('Words on its dial'), 'low 1, medium 3, high 5');
  await sheet.getByRole('button', { name: 'Done' }).click();
  await expect(sheet).toHaveCount(0);
  await openAll(page, 'iron');
  await settled(page);
  await page.getByRole('button', { name: 'Use my own settings' }).click();
  await type(page.getByLabel('Set to, mark'), 'medium');
  await page.getByRole('button', { name: 'Use these' }).click();
  await expect.poll(() => figure(page, 'dial')).toBe(3);
});
