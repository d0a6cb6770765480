import type { Page } from '@playwright/test';
import { expect } from '@playwright/test';
import { button, column, figure, open, openLid, test } from './kitchen.ts';
import type { IronId } from './shown.ts';
import { atIron, atLine, go, IDS, onSheet, whole } from './shown.ts';

/** What every station says of every iron, and of the bowl. */
const allAgree = async (page: Page, irons: readonly IronId[]): Promise<void> => {
  for (const id of irons) {
    const iron = await atIron(page, id);
    await go(page, 'Plan');
    await expect.poll(() => onSheet(page, id)).toEqual(iron);
    await page.emulateMedia({ media: 'print' });
    expect(await onSheet(page, id)).toEqual(iron);
    await page.emulateMedia({ media: null });
    await go(page, 'Cook');
    await expect.poll(() => atLine(page, id)).toEqual(iron);
  }
};

test('one morning, one set of figures: every iron at Iron, Run, Line and on paper; the bowl at Run and Weigh; at rest, while one cooks, and once it is answered', async ({
  page,
}) => {
  await open(page, 'plan');
  await allAgree(page, IDS);
  // The bowl: what the plan wants of it is what is weighed.
  await go(page, 'Plan');
  await expect.poll(() => figure(page, 'batter planned')).toBeGreaterThan(0);
  const planned_g = Math.round(await figure(page, 'batter planned'));
  const [, times = ''] = /([\d.]+) × your recipe/.exec((await page.getByText(/× your recipe/).textContent()) ?? '') ?? [];
  await go(page, 'Weigh');
  await expect(page.getByText('As much as Breakfast for 36 needs.')).toBeVisible();
  expect(Math.round(await figure(page, 'bowl_g'))).toBe(planned_g);
  expect(await figure(page, 'run factor')).toBe(Number(times));

  // One of them is in the iron: the others are as they were, and the bowl is the one that was planned.
  await go(page, 'Cook');
  const { grams } = await atLine(page, 'deep-a');
  await button(page, 'deep-a', 'Poured').click();
  await button(page, 'deep-a', 'Closed').click();
  const left = page.locator('[data-figure="left_g"]');
  // Each of the three is rounded by itself.
  await expect.poll(async () => Math.abs(whole(await left.textContent()) - (planned_g - grams))).toBeLessThanOrEqual(1);
  await allAgree(page, ['deep-b', 'thin-four']);

  // Out and as it was promised: the next load of that iron is the same everywhere.
  await go(page, 'Cook');
  await openLid(page, column(page, 'deep-a'));
  await column(page, 'deep-a').getByRole('button', { name: 'How was it?' }).click();
  await page.getByRole('button', { name: /^As expected/ }).click();
  const next = page.getByRole('region', { name: 'Do next' });
  await expect(next).toContainText('Pour Deep A');
  await expect(next).toContainText(`${grams} g`);
  await allAgree(page, ['deep-a']);
});
