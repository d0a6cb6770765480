import { expect } from '@playwright/test';
import { backToIrons, column, figure, more, open, openAll, settled, test, toDoor, type } from './kitchen.ts';

test('the load in the iron is rescued by a look; undone, the promise stands again; a reload keeps it', async ({ page }) => {
  await page.clock.install();
  await open(page, 'cook');
  const iron = column(page, 'deep-a');
  await expect(iron.getByRole('button', { name: 'Poured', exact: true })).toBeEnabled();
  await iron.getByRole('button', { name: 'Poured', exact: true }).click();
  await iron.getByRole('button', { name: 'Closed', exact: true }).click();
  // Nobody looks before anything has browned.
  await page.clock.fastForward(190_000);
  await more(page, 'deep-a', 'looked');
  await more(page, 'deep-a', 'dark');
  await expect(page.getByRole('region', { name: 'Deep A: more' }).locator('[data-figure="rescued"]')).toContainText('what was said');
  await backToIrons(page);
  const rescued = iron.locator('[data-figure="rescued"]');
  // Sooner than was promised.
  const [, promised = ''] = /, was (\d+:\d\d)/.exec((await rescued.textContent()) ?? '') ?? [];
  const [minutes = 0, rest = 0] = promised.split(':').map(Number);
  await expect.poll(() => figure(page, 'rescued')).toBeLessThan(60 * minutes + rest - 5);
  const afterDark = await figure(page, 'rescued');
  // The strip says the same wherever the cook looks.
  const inStrip = page.getByText(/^in \d:\d\d$/).first();
  const seconds = (text: string | null): number => {
    const [, min, s] = /(\d+):(\d\d)/.exec(text ?? '') ?? [];
    return 60 * Number(min) + Number(s);
  };
  const left_s = seconds(await iron.getByRole('timer').textContent());
  const at = Date.now();
  await toDoor(page, 'Larder');
  await expect
    .poll(async () => Math.abs(seconds(await inStrip.textContent()) - (left_s - (Date.now() - at) / 1000)))
    .toBeLessThanOrEqual(3);
  await open(page, 'cook');
  await expect(rescued).toContainText(', was ');
  expect(Math.abs((await figure(page, 'rescued')) - afterDark)).toBeLessThan(5);
  await more(page, 'deep-a', /undo/);
  await backToIrons(page);
  await expect(rescued).toHaveCount(0);
});

test('before and after: more sugar in the batter, and the same iron browns sooner', async ({ page }) => {
  await openAll(page, 'iron');
  await settled(page);
  const before = await figure(page, 'cookTime_s.best');
  await toDoor(page, 'Recipe');
  const sugar = page.getByRole('textbox', { name: /sugar/i }).first();
  await type(sugar, '150');
  await sugar.press('Enter');
  await toDoor(page, 'Iron');
  await settled(page);
  await expect.poll(async () => figure(page, 'cookTime_s.best')).toBeLessThan(before);
});
