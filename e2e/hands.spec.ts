import { expect } from '@playwright/test';
import { column, open, openAll, openLid, startLoad, test, type, WALK } from './kitchen.ts';

test(
  'two tabs, two hands: one pours, one takes out; each has its own next thing, and the log says who it was',
  WALK,
  async ({ page, context }) => {
    await open(page, 'cook');
    const settings = async (of: typeof page, part: string, name: string): Promise<void> => {
      await of.getByRole('button', { name: 'Sound, keys and light' }).click();
      await of.getByRole('button', { name: part }).click();
      await type(of.getByLabel('Name for the log'), name);
      await of.getByLabel('Name for the log').press('Tab');
      await of.keyboard.press('Escape');
    };
    await settings(page, 'pours and closes', 'Brann');
    const second = await context.newPage();
    await open(second, 'cook');
    await settings(second, 'opens and takes out', 'Ysolde');
    // Both act: neither is held off by the other.
    await expect(page.getByText('Another tab is cooking')).toHaveCount(0);
    await expect(second.getByText('Another tab is cooking')).toHaveCount(0);
    await startLoad(page, 'deep-a');
    const theirs = second.getByRole('region', { name: 'Do next' });
    await expect(column(second, 'deep-a')).toHaveAttribute('data-phase', 'cooking');
    await expect(theirs).not.toHaveAttribute('data-act', /pour|close/);
    await expect(page.getByRole('region', { name: 'Do next' })).not.toHaveAttribute('data-act', /open|turn|switch-on/);
    // A third, at the table: nothing to do at the irons; it sees what comes out and what lies there.
    const third = await context.newPage();
    await open(third, 'cook');
    await settings(third, 'plates and carries', 'Orrin');
    const table = third.getByRole('region', { name: 'To the table' });
    await expect(table).toContainText(/more from Deep A in \d+:\d\d/);
    await expect(table).toHaveAttribute('data-on-rack', '0');
    await expect(third.getByRole('region', { name: 'Do next' })).toHaveCount(0);
    await openLid(second, column(second, 'deep-a'));
    await expect(table).not.toHaveAttribute('data-on-rack', '0');
    await expect(table).toContainText('Plate');
    await third.close();
    await expect(column(page, 'deep-a')).toHaveAttribute('data-phase', 'opened');
    // In the book.
    await openAll(page, 'log');
    await page.locator('tbody tr').first().getByRole('button').first().click();
    const sheet = page.getByRole('dialog');
    await expect(sheet.getByText('by Brann').first()).toBeVisible();
    await expect(sheet.getByText('by Ysolde').first()).toBeVisible();
  },
);

test('the battery was dead for twenty minutes: the line says what it must have missed, and asks once', async ({ page }) => {
  await page.clock.install();
  await open(page, 'cook');
  await startLoad(page, 'deep-a');
  await expect(page.locator('[data-missed]')).toHaveCount(0);
  await page.goto('about:blank');
  await page.clock.fastForward(20 * 60_000);
  await open(page, 'cook');
  const missed = page.locator('[data-missed="deep-a"]');
  await expect(missed).toContainText(/Deep A was due at \d+:\d\d/);
  await missed.getByRole('button', { name: 'Opened then' }).click();
  await expect(missed).toHaveCount(0);
  const iron = column(page, 'deep-a');
  await expect(iron).toHaveAttribute('data-phase', 'opened');
  // At the moment it was due, not now: what was meant is how long it was in.
  const [, was, meant] = /opened after (\d+:\d\d), plan (\d+:\d\d)/.exec((await iron.textContent()) ?? '') ?? [];
  expect(was).toBe(meant);
  await page.reload();
  await expect(iron).toHaveAttribute('data-phase', 'opened');
  await expect(missed).toHaveCount(0);
});
