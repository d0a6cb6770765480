import { expect, test } from '@playwright/test';
import { figure, open, settled } from './bench.ts';

test('describing a new iron: by ruler, by dragging its section, by a fill; nonsense is named; then it cooks', async ({ page }) => {
  await open(page, 'kit');
  await page.getByRole('button', { name: 'Describe an iron' }).click();
  const sheet = page.getByRole('dialog');
  await sheet.getByRole('radio', { name: 'thin, round' }).click();
  await sheet.getByLabel('Name').fill('Fell iron');
  await sheet.getByLabel('Across one, mm').fill('200');
  await sheet.getByLabel('Wall, mm').fill('6');
  await sheet.getByLabel('Floor, mm').fill('4');
  await sheet.getByLabel('Pocket deep, mm').fill('5');
  const byRuler = await figure(page, 'cavity_mL');
  expect(byRuler).toBeGreaterThan(150);
  // The section: by the arrow keys, then by a finger.
  const depth = sheet.getByRole('slider', { name: 'Depth of a pocket' });
  await depth.focus();
  await depth.press('ArrowUp');
  await expect.poll(() => figure(page, 'cavity_mL')).toBeGreaterThan(byRuler);
  const box = await depth.boundingBox();
  if (box === null) throw new Error('no handle');
  const before = Number(await depth.getAttribute('aria-valuenow'));
  await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
  await page.mouse.down();
  await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2 - 12, { steps: 6 });
  await page.mouse.up();
  expect(Number(await depth.getAttribute('aria-valuenow'))).toBeGreaterThan(before);
  // Walls wider than the pockets: said, and not to be kept.
  await sheet.getByLabel('Wall, mm').fill('50');
  await expect(sheet.getByRole('alert')).toContainText('leave no pocket');
  await expect(sheet.getByRole('button', { name: 'Put it in the kit' })).toBeDisabled();
  await sheet.getByLabel('Wall, mm').fill('6');
  await sheet.getByLabel('It holds, g').fill('3');
  await expect(sheet.getByRole('alert')).toContainText('one of the two is wrong');
  await sheet.getByLabel('It holds, g').fill('240');
  await expect.poll(() => figure(page, 'cavity_mL')).toBe(240);
  await sheet.getByRole('button', { name: 'Put it in the kit' }).click();
  await expect(page.getByRole('heading', { name: 'Fell iron' })).toBeVisible();
  await page.getByRole('link', { name: 'Iron' }).click();
  await settled(page);
  await page.getByRole('button', { name: /^Iron: / }).click();
  await page.getByRole('option', { name: /Fell iron/ }).click();
  await settled(page);
  expect(await figure(page, 'dose_g')).toBeGreaterThan(60);
});
