import { expect } from '@playwright/test';
import { answer, button, column, figure, open, openLid, settled, test, type } from './kitchen.ts';

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
  await page.getByRole('link', { name: 'Iron', exact: true }).click();
  await settled(page);
  await expect(page.getByRole('button', { name: 'Iron: Fell iron' })).toBeVisible();
  await expect(page.locator('[data-figure="basis"]')).toHaveAttribute('data-exact', '0');
  await page.getByRole('link', { name: 'Cook one now' }).click();
  await expect(page).toHaveURL(/iron=/);
  const id = new URL(page.url()).searchParams.get('iron') ?? '';
  const iron = column(page, id);
  const asked = async () => {
    await expect(button(page, id, 'Poured')).toBeEnabled();
    const words = iron.getByText(/then \d+:\d+ closed/);
    const [, minutes = '', seconds = ''] = /then (\d+):(\d+) closed/.exec((await words.textContent()) ?? '') ?? [];
    const grams = Number(((await iron.locator('.figure').first().textContent()) ?? '').replace(/\D/g, ''));
    return { grams, time_s: 60 * Number(minutes) + Number(seconds) };
  };
  await expect(iron).toContainText('estimate');
  const first = await asked();
  await button(page, id, 'Poured').click();
  await button(page, id, 'Closed').click();
  await expect(iron).toHaveAttribute('data-phase', 'cooking');
  await page.clock.fastForward(1000 * first.time_s);
  await openLid(page, column(page, id));
  await expect(iron).toHaveAttribute('data-phase', 'opened');
  const panel = await answer(page, iron, 'leaked, in front', 'two spoons', 'above 6', 'below 6');
  await panel.getByRole('button', { name: 'Done' }).click();
  await page.clock.fastForward(1000);
  await iron.getByRole('button', { name: 'Next load' }).click();
  await expect(iron).toContainText('from one load');
  const second = await asked();
  expect(second.grams).toBeLessThan(first.grams - 5);
  expect(second.time_s).toBeLessThan(first.time_s - 5);
  // The same figures where it is looked at.
  await page.getByRole('link', { name: 'Iron', exact: true }).click();
  await expect(page.locator('[data-figure="basis"]')).toHaveAttribute('data-exact', '1');
  await page.goBack();
  // The load that was left behind stays behind.
  await expect(iron).toHaveAttribute('data-phase', 'ready');
  // Most of the bowl goes elsewhere; what is left isn’t a load any more.
  const bowl = page.getByRole('complementary', { name: 'The bowl and the cautions' });
  await expect(bowl.locator('[data-figure="left_g"]')).toBeVisible();
  const left_g = await figure(page, 'left_g');
  for (const grams of [Math.min(2000, left_g - 100), Math.max(1, left_g - 2000 - 100)].filter((some) => some > 1)) {
    await iron.getByRole('button', { name: 'Change', exact: true }).click();
    await type(page.getByRole('dialog').getByLabel('g', { exact: true }), String(grams));
    await page.getByRole('button', { name: /It was so/ }).click();
    await iron.getByRole('button', { name: /^Poured \d/ }).click();
    await button(page, id, 'Closed').click();
    await page.clock.fastForward(5000);
    await openLid(page, column(page, id));
    await page.clock.fastForward(1000);
    await iron.getByRole('button', { name: 'Next load' }).click();
    await page.clock.fastForward(1000);
  }
  await expect(iron.locator('[data-figure="last pour"]')).toContainText('one smaller piece');
  await iron.getByRole('button', { name: /Poured the rest/ }).click();
  await expect(bowl.locator('b').first()).toHaveText(/^\d$/);
});
