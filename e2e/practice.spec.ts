import type { Page } from '@playwright/test';
import { expect } from '@playwright/test';
import { open, test } from './kitchen.ts';

/** Opens once the iron's own clock has come so far. */
const openAfter = async (page: Page, seconds: number): Promise<void> => {
  await page.getByRole('button', { name: 'Pour and close' }).click();
  await page.waitForFunction((s) => Number(document.querySelector('[data-elapsed]')?.getAttribute('data-elapsed')) >= s, seconds, {
    polling: 50,
    timeout: 90_000,
  });
  await page.getByRole('button', { name: 'Open', exact: true }).click();
};

test('Practice: a hidden iron is landed by a cook’s rule, then shown and played over; a reload loses nothing', async ({ page }) => {
  await page.addInitScript(() => {
    if (sessionStorage.getItem('tawny-lattice-practice') === null)
      sessionStorage.setItem('tawny-lattice-practice', JSON.stringify({ levelId: 'hot-or-cool', seed: 7, done: [], isOver: false }));
  });
  await open(page, 'iron/practice');
  await page.getByRole('radio', { name: '×60' }).click();
  const loads = page.getByRole('list', { name: 'Your loads' }).getByRole('listitem');
  let after_s = 120;
  for (let n = 1; n <= 6; n++) {
    await openAfter(page, after_s);
    const load = loads.nth(n - 1);
    await expect(load).toHaveAttribute('data-landed', /true|false/);
    if ((await load.getAttribute('data-landed')) === 'true') break;
    const lower = Number(await load.getAttribute('data-lower'));
    after_s = Math.min(600, after_s * 0.84 ** (lower - 4));
    if (n > 1) continue;
    // Half-way: what was done is still there after a reload.
    await page.reload();
    await expect(loads.first()).toHaveAttribute('data-lower', lower.toFixed(2));
    await page.getByRole('radio', { name: '×60' }).click();
  }
  await expect(loads.last()).toHaveAttribute('data-landed', 'true');
  const hidden = page.getByRole('region', { name: 'What was hidden' });
  await expect(hidden.getByText('plates over the control')).toBeVisible();
  await expect(hidden.getByRole('list', { name: 'The estimator’s loads' }).getByRole('listitem').last()).toHaveAttribute(
    'data-landed',
    'true',
    {},
  );
  await expect(page.locator('[data-figure="progress"]')).toContainText('4 of 4 right');
  // By keyboard: another one, poured and opened with its keys; too soon, it tears.
  await page.getByRole('button', { name: 'Another like it' }).press('Enter');
  await page.keyboard.press('c');
  await expect(page.getByRole('timer')).toBeVisible();
  await page.keyboard.press('e');
  await page.keyboard.press('o');
  await expect(loads.first()).toContainText('torn in two');
});
