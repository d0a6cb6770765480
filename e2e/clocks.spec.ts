import type { Page } from '@playwright/test';
import { expect } from '@playwright/test';
import { column, left_s, open, startLoad, test, WALK } from './kitchen.ts';

const HOUR_MS = 3_600_000;

/** From now on, and on every page opened from now on, the wall clock shows so much more; the monotonic clock goes on. */
const setClock = async (page: Page, by_ms: number, here: boolean): Promise<void> => {
  await page.addInitScript((by) => {
    const real = Date.now.bind(Date);
    Date.now = () => real() + by;
  }, by_ms);
  if (here)
    await page.evaluate((by) => {
      const real = Date.now.bind(Date);
      Date.now = () => real() + by;
    }, by_ms);
};

/** A load that cooks, and how its countdown stood when. */
const cooking = async (page: Page) => {
  await open(page, 'cook');
  await startLoad(page, 'deep-a');
  const before = await left_s(page, 'deep-a');
  const at = Date.now();
  /** What the countdown lacks beyond what went by on the machine that runs the test, however slow that is. */
  return async (): Promise<number> => before - (await left_s(page, 'deep-a')) - (Date.now() - at) / 1000;
};

test('ten minutes more than were counted: asked about; until then, and if it slept, the load cooked on', async ({ page }) => {
  const lacks = await cooking(page);
  await setClock(page, 600_000, true);
  const asked = page.locator('[data-jump]');
  await expect(asked).toContainText('10 min');
  await expect.poll(lacks).toBeGreaterThan(597);
  await page.reload();
  await expect(asked).toBeVisible();
  await asked.getByRole('button', { name: 'It slept' }).click();
  await expect(asked).toHaveCount(0);
  await page.reload();
  await expect(column(page, 'deep-a').getByRole('timer')).toBeVisible();
  expect(await lacks()).toBeGreaterThan(597);
  await expect(asked).toHaveCount(0);
});

test('the clock was set forward by an hour: said so, the countdown goes on, also after a reload in that moment', WALK, async ({ page }) => {
  const lacks = await cooking(page);
  await setClock(page, HOUR_MS, true);
  const asked = page.locator('[data-jump]');
  await asked.getByRole('button', { name: 'The clock was set' }).click();
  await page.reload();
  await expect(column(page, 'deep-a').getByRole('timer')).toBeVisible();
  await expect.poll(async () => Math.abs(await lacks())).toBeLessThan(4);
});

for (const where of ['with the page open', 'while the page was away'] as const)
  test(`the clock was set back by an hour ${where}: told, and nothing lasts less than nothing`, WALK, async ({ page }) => {
    const lacks = await cooking(page);
    await setClock(page, -HOUR_MS, where === 'with the page open');
    if (where === 'while the page was away') await page.reload();
    await expect(page.getByRole('alert').filter({ hasText: 'set back by 1 hour' })).toBeVisible();
    await expect.poll(async () => Math.abs(await lacks())).toBeLessThan(4);
    await page.reload();
    await expect(column(page, 'deep-a').getByRole('timer')).toBeVisible();
    await expect.poll(async () => Math.abs(await lacks())).toBeLessThan(4);
    await expect(column(page, 'deep-a')).not.toContainText('now −');
  });
