import { expect } from '@playwright/test';
import { backToIrons, button, column, exported, more, open, openLid, test, toDoor, type } from './kitchen.ts';
import { readFileSync } from 'node:fs';

test('poured and set otherwise: said before the pour, told in scoops afterwards; bowl, time and book follow', async ({ page }) => {
  await open(page, 'cook');
  await expect(button(page, 'deep-a', 'Poured')).toBeEnabled();
  const iron = column(page, 'deep-a');
  await more(page, 'deep-a', 'Change the next pour');
  const sheet = page.getByRole('dialog');
  await type(sheet.getByLabel('g', { exact: true }), '180');
  // Marks are entered as marks.
  await type(sheet.getByLabel('Set to, mark'), '3½');
  await sheet.getByRole('button', { name: 'It was so: 180 g' }).click();
  await backToIrons(page);
  await button(page, 'deep-a', 'Poured 180 g').click();
  await button(page, 'deep-a', 'Closed').click();
  // A cooler iron takes longer than was promised.
  const moved = iron.locator('[data-figure="rescued"]');
  await expect(moved).toContainText(', was ');
  const cooler_s = Number(await moved.getAttribute('data-exact'));
  expect(cooler_s).toBeGreaterThan(165);
  const left_g = async (): Promise<number> => Number((await page.locator('[data-figure="left_g"]').textContent())?.replace(/\D/g, ''));
  const before_g = await left_g();
  // By scoops, typed as cooks write it; the entry keeps what is typed in it.
  await more(page, 'deep-a', '180 g: change');
  await sheet.getByLabel('or scoops').pressSequentially('2');
  await sheet.getByLabel('or scoops').blur();
  await expect(sheet.getByLabel('or scoops')).toHaveValue('2');
  const so = sheet.getByRole('button', { name: /It was so/ });
  const told_g = async (): Promise<number> => Number((await so.textContent())?.replace(/\D/g, ''));
  // The button says what was entered a moment after the entry is left.
  await expect.poll(told_g).toBeGreaterThan(181);
  const scoops_g = await told_g();
  await so.click();
  await backToIrons(page);
  // Both are shown in whole grams.
  await expect.poll(async () => Math.abs((await left_g()) - (before_g - (scoops_g - 180)))).toBeLessThanOrEqual(1);
  // Taken back, the word before counts again.
  await more(page, 'deep-a', /undo .what was done/);
  await backToIrons(page);
  await expect.poll(left_g).toBe(before_g);
  await openLid(page, column(page, 'deep-a'));
  await expect(column(page, 'deep-a')).toHaveAttribute('data-phase', 'opened');
  await toDoor(page, 'Log');
  await page.getByRole('button', { name: 'Table', exact: true }).click();
  await page.locator('tr[data-load] button').first().click();
  const done = page.getByRole('region', { name: 'Done' });
  await expect(done).toContainText('180 g, weighed');
  await expect(done).toContainText('mark 3½');
  const file = JSON.parse(readFileSync(await exported(page), 'utf8')) as { loadEvents: { event: { kind: string; data: object } }[] };
  expect(file.loadEvents.some(({ event }) => event.kind === 'poured' && 'portion' in event.data)).toBe(true);
});
