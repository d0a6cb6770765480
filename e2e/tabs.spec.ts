import type { Page } from '@playwright/test';
import { expect } from '@playwright/test';
import { column, open, startLoad, test, type } from './kitchen.ts';

const grams = (page: Page, line: string) => page.getByLabel(`Grams of ${line}`);

test('two tabs at one formula: each changes another line, both stand, and what is being typed isn’t replaced', async ({
  page,
  context,
}) => {
  await open(page, 'recipe');
  const other = await context.newPage();
  await open(other, 'recipe');
  const [first, second] = ['200 g oat flour', '120 g rye flour'];
  await type(grams(page, first), '411');
  await expect(grams(other, first)).toHaveValue('411');
  await grams(page, first).fill('5');
  await type(grams(other, second), '333');
  await expect(grams(page, second)).toHaveValue('333');
  // What is being typed here isn't replaced by what came from there.
  await expect(grams(page, first)).toHaveValue('5');
  await expect(grams(page, first)).toBeFocused();
  await grams(page, first).fill('522');
  await grams(page, first).press('Enter');
  await expect(grams(other, first)).toHaveValue('522');
  for (const tab of [page, other]) {
    await tab.reload();
    await expect(grams(tab, first)).toHaveValue('522');
    await expect(grams(tab, second)).toHaveValue('333');
  }
});

test('the browser’s storage is cleared under the open line: the load goes on, and it is said', async ({ page, context, baseURL }) => {
  await open(page, 'cook');
  await startLoad(page, 'deep-a');
  const session = await context.newCDPSession(page);
  await session.send('Storage.clearDataForOrigin', { origin: baseURL!, storageTypes: 'all' });
  // The next touch finds an empty store: it is filled again before anything is written.
  const other = column(page, 'deep-b');
  await other.getByRole('button', { name: 'Poured', exact: true }).click();
  await expect(page.getByText('storage was cleared while the page was open')).toBeVisible();
  await expect(other).toHaveAttribute('data-phase', 'poured');
  await expect(column(page, 'deep-a').getByRole('timer')).toBeVisible();
  await page.reload();
  await expect(column(page, 'deep-a').getByRole('timer')).toBeVisible();
  await expect(other).toHaveAttribute('data-phase', 'poured');
});
