import { expect } from '@playwright/test';
import {
  backToIrons,
  column,
  left_s,
  more,
  open,
  openAll,
  openLid,
  recipeTool,
  startLoad,
  test,
  toDoor,
  toOwnKitchen,
  type,
  WALK,
} from './kitchen.ts';

test('the countdown is right after a reload', WALK, async ({ page }) => {
  await open(page, 'cook');
  await startLoad(page, 'deep-a');
  const before = await left_s(page, 'deep-a');
  const at = Date.now();
  await page.reload();
  await expect(column(page, 'deep-a').getByRole('timer')).toBeVisible();
  const expected = before - (Date.now() - at) / 1000;
  expect(Math.abs((await left_s(page, 'deep-a')) - expected)).toBeLessThanOrEqual(2);
});

test('cues are seen, and said once', async ({ page }) => {
  await page.clock.install();
  await open(page, 'cook');
  await page.clock.runFor(3000);
  await startLoad(page, 'deep-a');
  const left = await left_s(page, 'deep-a');
  await page.clock.runFor((left - 15) * 1000);
  await expect(column(page, 'deep-a')).toHaveAttribute('data-stage', 'cue');
  await expect(page.locator('[aria-live="assertive"]')).toContainText('Deep A: open in 20 seconds');
  await page.clock.runFor(18_000);
  await expect(column(page, 'deep-a')).toHaveAttribute('data-stage', 'open');
  await expect(page.locator('[aria-live="assertive"]')).toContainText('Open Deep A now');
  await page.clock.runFor(60_000);
  await expect(column(page, 'deep-a')).toHaveAttribute('data-stage', 'late');
});

test.describe('with its service worker', () => {
  test.use({ serviceWorkers: 'allow' });

  test('offline after the first load: page, stations, worker, fonts', async ({ page, context }) => {
    await open(page, 'plan');
    await page.evaluate(async () => {
      await navigator.serviceWorker.ready;
    });
    await page.reload();
    await expect.poll(() => page.evaluate(() => navigator.serviceWorker.controller !== null)).toBe(true);
    await context.setOffline(true);
    await page.goto('/iron');
    await expect(page.locator('[data-figure="dose_g"]')).toBeVisible();
    await toDoor(page, 'Log');
    await page.getByRole('button', { name: 'Table', exact: true }).click();
    await expect(page.locator('tr[data-load]').first()).toBeVisible();
    expect(await page.evaluate(() => document.fonts.check('16px "Bricolage Grotesque Variable"'))).toBe(true);
    await context.setOffline(false);
  });
});

test('storage full: the load goes on, export is offered, writing is tried again', async ({ page }) => {
  await open(page, 'cook');
  await startLoad(page, 'deep-a');
  await page.evaluate(() => {
    const real = IDBObjectStore.prototype.add;
    Object.assign(window, { realAdd: real });
    IDBObjectStore.prototype.add = function () {
      throw new DOMException('full', 'QuotaExceededError');
    };
  });
  await more(page, 'deep-a', 'it smells');
  await expect(page.getByRole('alert')).toContainText('storage is full');
  await expect(column(page, 'deep-a')).toHaveAttribute('data-events', '3');
  await backToIrons(page);
  await openLid(page, column(page, 'deep-a'));
  await expect(column(page, 'deep-a')).toHaveAttribute('data-phase', 'opened');
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Export now' }).click();
  await download;
  await page.evaluate(() => {
    IDBObjectStore.prototype.add = (window as unknown as { realAdd: typeof IDBObjectStore.prototype.add }).realAdd;
  });
  await expect(page.getByRole('alert')).toBeHidden();
  await page.reload();
  await expect(column(page, 'deep-a')).toHaveAttribute('data-phase', 'opened');
});

test('storage forbidden: everything lives in memory, and that is said', async ({ page }) => {
  await page.addInitScript(() => {
    Object.defineProperty(window, 'indexedDB', { get: () => undefined });
  });
  await openAll(page, 'iron');
  await expect(page.getByRole('alert')).toContainText('lives in memory');
  await expect(page.locator('[data-figure="dose_g"]')).toBeVisible();
});

test('hostile pastes: markup stays text, megabytes and number lines don’t hold up the page', async ({ page }) => {
  await open(page, 'recipe');
  await toOwnKitchen(page);
  await recipeTool(page, 'Paste a recipe');
  const box = page.getByLabel('Ingredient list');
  await box.evaluate((element, text) => {
    const data = new DataTransfer();
    data.setData('text/plain', text);
    element.dispatchEvent(new ClipboardEvent('paste', { clipboardData: data, bubbles: true, cancelable: true }));
  }, '1 cup flour\n'.repeat(180_000));
  await page.getByRole('button', { name: 'Read it' }).click();
  await expect(page.getByRole('alert')).toContainText('Only the first 200 lines');
  await page.getByRole('button', { name: 'Clear' }).click();
  await box.fill(
    `<img src=x onerror="document.title='hacked'">\n<script>alert(1)</script>\n250 g flour\n300 g milk\n${'1 '.repeat(140)}flour\n-5 g salt\n9999999 kg sugar`,
  );
  await page.getByRole('button', { name: 'Read it' }).click();
  await expect(page.getByRole('list', { name: 'Ingredients' }).getByRole('listitem')).toHaveCount(7);
  expect(await page.title()).toBe('Recipe · Tawny Lattice');
  await expect(page.locator('img[src="x"]')).toHaveCount(0);
  await expect(page.getByText('An amount below zero', { exact: false }).or(page.getByText('an amount below zero'))).toBeVisible();
  // Nonsense in an amount is refused at its place and the line is as it was.
  await type(page.getByLabel('Grams of 300 g milk'), '-7');
  await page.getByLabel('Grams of 300 g milk').press('Enter');
  await expect(page.getByRole('alert')).toContainText('grams from 0');
});
