import { expect, test } from '@playwright/test';
import { column, open } from './kitchen.ts';

test('the line conducts: one thing to do next, never two lids for one hand, and what changed is planned anew', async ({ page }) => {
  await page.clock.install();
  await open(page, 'line');
  const next = page.getByRole('region', { name: 'Do next' });
  // From the panel alone: pour and close all three, whatever comes first.
  for (let i = 0; i < 3; i++) {
    await expect(next).toHaveAttribute('data-act', 'pour');
    // It may have to wait, so that its lid isn't due with another's.
    for (let k = 0; k < 30 && (await next.getAttribute('data-at-hand')) === 'false'; k++) await page.clock.fastForward(5000);
    const id = (await next.getAttribute('data-for')) ?? '';
    await next.getByRole('button', { name: /^Poured: / }).click();
    await expect(column(page, id)).toHaveAttribute('data-phase', 'poured');
    await expect(next).toHaveAttribute('data-act', 'close');
    await page.clock.fastForward(1000);
    await next.getByRole('button', { name: /^Closed: / }).click();
    await expect(column(page, id)).toHaveAttribute('data-phase', 'cooking');
    await page.clock.fastForward(10_000);
  }
  // Now it says wait, and which lid is first.
  await expect(next).toHaveAttribute('data-act', 'open');
  await expect(next).toHaveAttribute('data-at-hand', 'false');
  await expect(next).toContainText('wait');
  const first = (await next.getAttribute('data-for')) ?? '';
  for (let i = 0; i < 60 && (await next.getAttribute('data-at-hand')) === 'false'; i++) await page.clock.fastForward(10_000);
  await expect(next).toHaveAttribute('data-at-hand', 'true');
  await next.getByRole('button', { name: /^Opened: / }).click();
  await expect(column(page, first)).toHaveAttribute('data-phase', 'opened');
  // Six more guests: old beside new, taken, and taken back.
  await page.getByRole('button', { name: 'Something changed' }).click();
  const sheet = page.getByRole('dialog');
  const cells = (name: string) => sheet.locator(`[data-plan="${name}"]`);
  await sheet.getByRole('button', { name: '6 more' }).click();
  const [planned, then] = await Promise.all(['As planned', 'Then'].map((name) => cells(name).locator('td').nth(3).textContent()));
  // A load of four may already have had a piece or two over.
  expect(Number(then)).toBeGreaterThan(Number(planned));
  expect(Number(then)).toBeGreaterThanOrEqual(42);
  await sheet.getByRole('button', { name: 'Plan it so' }).click();
  await expect(page.getByText(/serve .* · 42/)).toBeVisible();
  await page.getByRole('button', { name: 'As it was planned' }).click();
  await expect(page.getByText(/serve .* · 36/)).toBeVisible();
});
