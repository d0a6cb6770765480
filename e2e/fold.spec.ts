import { expect } from '@playwright/test';
import { column, open, show, test, touchIrons, type } from './kitchen.ts';

test('a foam is folded in parts: the plan says when, the line calls for it, and it is done once', async ({ page }) => {
  await page.clock.install({ time: new Date('2026-11-20T18:00:00Z') });
  await open(page, 'plan');
  await page.getByRole('button', { name: /^Recipe: / }).click();
  await page.getByRole('option', { name: /^Folded tarn batter/ }).click();
  await touchIrons(page, 'Deep B', 'Thin four');
  await type(page.getByLabel('People'), '9');
  await page.getByLabel('People').press('Enter');
  await show(page, 'safe');
  await expect(page.locator('[data-figure="in words"]')).toContainText(/the second part folded at \d+:\d\d/);
  await expect(page.getByRole('region', { name: 'Minute by minute', includeHidden: true })).toContainText('Fold the second part');

  await open(page, 'cook');
  const next = page.getByRole('region', { name: 'Do next' });
  const act = (): Promise<string | null> => next.getAttribute('data-act');
  const isAtHand = async (): Promise<boolean> => (await next.getAttribute('data-at-hand')) === 'true';
  const iron = column(page, 'deep-a');
  await expect(next).toHaveAttribute('data-act', 'switch-on');
  for (let k = 0; k < 300 && (await act()) === 'switch-on'; k++) await page.clock.fastForward(300_000);
  // Whatever comes, until it calls for the fold: there is nothing to fold into before the first pour.
  const DONE = { pour: 'poured', close: 'cooking', open: 'opened' } as const;
  let acts = 0;
  for (let k = 0; k < 400; k++) {
    const what = await act();
    if (what === 'fold' && (await isAtHand())) break;
    if ((what === 'pour' || what === 'close' || what === 'open') && (await isAtHand())) {
      await next.getByRole('button', { name: /^(Poured|Closed|Opened): / }).click();
      await expect(iron).toHaveAttribute('data-phase', DONE[what]);
      await page.clock.fastForward(1000);
      acts++;
    } else await page.clock.fastForward(15_000);
  }
  await expect(next).toHaveAttribute('data-act', 'fold');
  await expect(next).toContainText('Fold the next part');
  expect(acts).toBeGreaterThanOrEqual(6);
  await next.getByRole('button', { name: 'Folded' }).click();
  await expect(next).not.toHaveAttribute('data-act', 'fold');
  await page.reload();
  await expect(next).toHaveAttribute('data-act', /pour|open/);
});
