import { expect } from '@playwright/test';
import { answer, backToIrons, button, column, figure, more, open, openLid, settled, test, toDoor, type } from './kitchen.ts';

test('a stranger iron: “leaked, two steps too dark”, and the next pour is less and shorter; the bowl’s last load is a part of one', async ({
  page,
}) => {
  await page.clock.install();
  await open(page, 'kitchen?section=irons');
  await page.getByRole('button', { name: 'Describe an iron' }).click();
  const sheet = page.getByRole('dialog');
  await sheet.getByRole('radio', { name: 'deep, round' }).click();
  await type(sheet.getByLabel('Name'), 'Fell iron');
  await sheet.getByRole('button', { name: 'Add this iron' }).click();
  // A new iron is the one that is worked with next.
  await toDoor(page, 'Iron');
  await settled(page);
  await expect(page.getByRole('button', { name: 'Iron: Fell iron' })).toBeVisible();
  await expect(page.locator('[data-figure="basis"]')).toHaveAttribute('data-exact', '0');
  await page.getByRole('link', { name: 'Cook one now' }).click();
  await expect(page).toHaveURL(/iron=/);
  const id = new URL(page.url()).searchParams.get('iron') ?? '';
  const iron = column(page, id);
  const asked = async () => {
    await expect(button(page, id, 'Poured')).toBeEnabled();
    const words = iron.locator('[data-next-load]');
    const [, grams = '', minutes = '', seconds = ''] = /^([\d,]+)\sg · .* · (\d+):(\d+)$/.exec((await words.textContent()) ?? '') ?? [];
    return { grams: Number(grams.replace(',', '')), time_s: 60 * Number(minutes) + Number(seconds) };
  };
  await expect(await more(page, id)).toContainText('estimate');
  await backToIrons(page);
  const first = await asked();
  await button(page, id, 'Poured').click();
  await button(page, id, 'Closed').click();
  await expect(iron).toHaveAttribute('data-phase', 'cooking');
  await page.clock.fastForward(1000 * first.time_s);
  await openLid(page, column(page, id));
  await expect(iron).toHaveAttribute('data-phase', 'opened');
  const panel = await answer(page, iron, 'leaked, in front', 'two spoons', 'above 6', 'below 6');
  await panel.getByRole('button', { name: 'Close', exact: true }).click();
  await page.clock.fastForward(1000);
  await expect(await more(page, id)).toContainText('from one load');
  await backToIrons(page);
  const second = await asked();
  expect(second.grams).toBeLessThan(first.grams - 5);
  expect(second.time_s).toBeLessThan(first.time_s - 5);
  // The same figures where it is looked at.
  await toDoor(page, 'Iron');
  await expect(page.locator('[data-figure="basis"]')).toHaveAttribute('data-exact', '1');
  await page.goBack();
  // Most of the bowl goes elsewhere; what is left isn’t a load any more.
  await expect(page.locator('[data-figure="left_g"]')).toBeVisible();
  const left_g = await figure(page, 'left_g');
  for (const grams of [Math.min(2000, left_g - 100), Math.max(1, left_g - 2000 - 100)].filter((some) => some > 1)) {
    await more(page, id, 'Change the next pour');
    await type(page.getByRole('dialog').getByLabel('g', { exact: true }), String(grams));
    await page.getByRole('button', { name: /It was so/ }).click();
    await backToIrons(page);
    await iron.getByRole('button', { name: /^Poured \d/ }).click();
    await button(page, id, 'Closed').click();
    await page.clock.fastForward(5000);
    await openLid(page, column(page, id));
    await page.clock.fastForward(1000);
    await page.clock.fastForward(1000);
  }
  await expect(iron.locator('[data-figure="last pour"]')).toContainText('one smaller piece');
  await iron.getByRole('button', { name: /Poured the rest/ }).click();
  await expect(page.locator('[data-figure="left_g"]')).toHaveText(/^\d$/);
});
