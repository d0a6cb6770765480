import { readFileSync } from 'node:fs';
import type { Page } from '@playwright/test';
import { expect } from '@playwright/test';
import { column, exported, importFile, open, openLid, startLoad, still, test, toOwnKitchen } from './kitchen.ts';

/** A plain brown disc on white, as a camera would hand it over. */
const takenPicture = async (page: Page): Promise<Buffer> => {
  const url = await page.evaluate(() => {
    const canvas = document.createElement('canvas');
    [canvas.width, canvas.height] = [1200, 900];
    const context = canvas.getContext('2d')!;
    context.fillStyle = '#fff';
    context.fillRect(0, 0, 1200, 900);
    context.fillStyle = '#a36a34';
    context.beginPath();
    context.arc(600, 450, 400, 0, 7);
    context.fill();
    return canvas.toDataURL('image/png');
  });
  return Buffer.from(url.split(',')[1] ?? '', 'base64');
};

test('a photo of a load in one touch, beside what was expected: at Cook, in the log, after a reload, in the file; and removed', async ({
  page,
}) => {
  await page.clock.install({ time: new Date('2026-11-30T06:55:00Z') });
  await open(page, 'cook');
  await startLoad(page, 'deep-a');
  await page.clock.fastForward(330_000);
  await openLid(page, column(page, 'deep-a'));
  await page
    .getByRole('button', { name: /^How was it\?/ })
    .first()
    .click();
  const rating = page.getByRole('region', { name: 'How was Deep A?' });
  const buffer = await takenPicture(page);
  await rating.getByLabel('Photo').setInputFiles({ name: 'piece.png', mimeType: 'image/png', buffer });
  await expect(rating.getByRole('img', { name: 'What Deep A made' })).toBeVisible();
  await expect(rating.getByText('expected', { exact: true })).toBeVisible();
  // The faces can be rated with the picture in sight, and the piece be touched again.
  await rating.getByRole('group', { name: 'Above' }).getByRole('button').nth(4).click();
  await rating.getByRole('button', { name: 'Back to the piece' }).click();
  await rating.getByRole('button', { name: 'corner missing, front left' }).click();
  await rating.getByRole('button', { name: 'Save' }).click();

  await open(page, 'log');
  await still(page);
  await expect(page.locator('[data-load-piece] image').first()).toBeVisible();
  const file = readFileSync(await exported(page));
  const { photos } = JSON.parse(file.toString()) as { photos: { jpeg: string }[] };
  expect(photos).toHaveLength(1);
  expect(photos[0]!.jpeg.length).toBeLessThan(120_000);

  await toOwnKitchen(page);
  await importFile(page, file, 'in place');
  await expect(page.getByRole('status').filter({ hasText: 'Taken over' })).toBeVisible();
  await open(page, 'log');
  await page.getByRole('button', { name: /^See the loads on Deep A/ }).click();
  await page.locator('tr[data-load]').first().getByRole('button').click();
  const sheet = page.getByRole('dialog');
  await expect(sheet.getByRole('img', { name: 'What Deep A made' })).toBeVisible();
  await sheet.getByRole('button', { name: 'Remove photo' }).click();
  await expect(sheet.getByText('Add a photo')).toBeVisible();
});

test('what stands in the panel changes under a finger: in that moment no touch is heard', async ({ page }) => {
  await page.clock.install({ time: new Date('2026-11-30T06:55:00Z') });
  await open(page, 'cook');
  await startLoad(page, 'deep-a');
  await page.evaluate(() => {
    const panel = document.querySelector('[aria-label="Do next"]')!;
    new MutationObserver(() => {
      const button = panel.querySelector('button');
      if (button !== null) document.body.dataset['heard'] = getComputedStyle(button).pointerEvents;
    }).observe(panel, { attributes: true, attributeFilter: ['data-act', 'data-for'] });
  });
  const panel = page.getByRole('region', { name: 'Do next' });
  const before = await panel.getAttribute('data-for');
  await page.clock.fastForward(330_000);
  await expect(panel).not.toHaveAttribute('data-for', before ?? '');
  expect(await page.evaluate(() => document.body.dataset['heard'])).toBe('none');
  // And a moment later it is.
  await expect(panel.getByRole('button').first()).toHaveCSS('pointer-events', 'auto');
});
