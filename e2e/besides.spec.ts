import { readFileSync } from 'node:fs';
import { expect } from '@playwright/test';
import { open, show, test, toDoor, type } from './kitchen.ts';

test('butter out, ice cream last: planned with their own lead, on the table, called for at the line', async ({ page }) => {
  await page.clock.install({ time: new Date('2026-11-30T05:20:00Z') });
  await open(page, 'plan');
  await show(page, 'more');
  await page.getByRole('button', { name: 'Add a side task' }).click();
  const butter = page.getByRole('group', { name: 'Butter out of the cold' });
  await expect(butter).toContainText('at 6:15');
  await type(butter.getByLabel('minutes before'), '40');
  await expect(butter).toContainText('at 6:35');
  await page.getByRole('button', { name: 'Add another side task' }).click();
  const second = page.getByRole('group', { name: 'Compote on' });
  await second.getByRole('button', { name: /^What goes with it/ }).click();
  await page.getByRole('option', { name: 'Scoop the ice cream' }).click();
  await expect(page.getByRole('group', { name: 'Scoop the ice cream' })).toContainText('at 7:14');
  // Every station's strip, and the table that is taken along.
  await show(page, 'share');
  await page.getByRole('button', { name: 'Save as a file' }).click();
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'A table (CSV)' }).click();
  const table = readFileSync(await (await download).path(), 'utf8');
  expect(table).toMatch(/6:35",Butter out of the cold/);
  expect(table.indexOf('Scoop the ice cream')).toBeGreaterThan(table.indexOf('Butter out of the cold'));
  // At the line it is called for when it is due, until it is done; a reload doesn't ask again.
  await page.clock.setFixedTime(new Date('2026-11-30T06:36:00Z'));
  await toDoor(page, 'Cook');
  const due = page.getByRole('list', { name: 'Goes with it' });
  await expect(due).toContainText('Butter out of the cold, 6:35');
  await expect(due).not.toContainText('ice cream');
  await due.getByRole('button', { name: 'Done' }).click();
  await expect(due).toHaveCount(0);
  await page.reload();
  await expect(page.getByRole('region', { name: 'Do next' })).toBeVisible();
  await expect(due).toHaveCount(0);
});
