import type { Page } from '@playwright/test';
import { expect } from '@playwright/test';
import { figure, open, openAll, openLid, settled, show, test, toDoor, type, WALK } from './kitchen.ts';

/** Counts what a finger touches; typing isn't counted. */
const counted = async (page: Page): Promise<() => Promise<number>> => {
  await page.addInitScript(() => {
    addEventListener('click', () => sessionStorage.setItem('touches', String(Number(sessionStorage.getItem('touches') ?? 0) + 1)), true);
  });
  return () => page.evaluate(() => Number(sessionStorage.getItem('touches') ?? 0));
};

const toEmpty = async (page: Page): Promise<void> => {
  await open(page, 'plan');
  await page.getByRole('button', { name: 'Set up my kitchen' }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Set up your kitchen' })).toBeVisible();
};

test('from an empty kitchen to a plan with a pasted batter, and to the first logged load, in a few touches', WALK, async ({ page }) => {
  const touches = await counted(page);
  await toEmpty(page);
  await page.getByRole('button', { name: 'Deep round' }).click();
  await type(page.getByLabel('Watts'), '1350');
  await page.getByRole('button', { name: 'Paste your own' }).click();
  await page
    .getByLabel('Ingredient list')
    .fill('250 g flour\n12 g baking powder\n4 g salt\n25 g sugar\n2 large eggs\n370 g milk\n85 g butter');
  await page.getByRole('button', { name: 'Read it' }).click();
  await type(page.getByLabel('Altitude, m'), '610');
  await page.getByRole('button', { name: 'Plan for a time' }).click();
  await expect(page.getByText('First pour').first()).toBeVisible();
  expect(await touches()).toBeLessThanOrEqual(12);
  await show(page, 'safe');
  // Nobody knows this iron yet.
  const stranger = page.locator('[data-stranger]');
  await expect(stranger).toContainText('Nothing cooked on Deep round yet');
  await stranger.getByRole('button', { name: 'Add a trial load' }).click();
  await expect(stranger).toContainText('comes first');
  await stranger.getByRole('button', { name: 'Skip the trial load' }).click();
  await expect(stranger).toContainText('Nothing cooked');
  await toDoor(page, 'Cook');
  await page.getByRole('button', { name: 'Poured', exact: true }).click();
  await page.getByRole('button', { name: 'Closed', exact: true }).click();
  await openLid(page, page.locator('section[data-iron]'));
  await page.getByRole('button', { name: 'How was it?' }).click();
  await page.getByRole('button', { name: /^As expected/ }).click();
  expect(await touches()).toBeLessThanOrEqual(24);
  await toDoor(page, 'Log');
  await page.getByRole('button', { name: 'Table', exact: true }).click();
  await expect(page.getByRole('row').filter({ hasText: 'Deep round' })).toHaveCount(1);
});

test('start from a usual batter; a shape touched again is gone; what was answered survives a reload', async ({ page }) => {
  await toEmpty(page);
  await expect(page.getByRole('status').filter({ hasText: 'Touch the iron you have' })).toBeVisible();
  await page.getByRole('button', { name: 'Wafers', exact: true }).click();
  await page.getByRole('button', { name: 'Small', exact: true }).click();
  await page.getByRole('button', { name: 'Wafers', exact: true }).click();
  await expect(page.getByRole('button', { name: 'Wafers', exact: true })).toHaveAttribute('aria-pressed', 'false');
  await page.getByRole('button', { name: /is set by/ }).click();
  await page.getByRole('option', { name: 'a dial with marks' }).click();
  // It shows what is stored.
  await expect(page.getByRole('button', { name: /is set by: a dial with marks/ })).toBeVisible();
  await page.reload();
  await expect(page.getByRole('button', { name: 'Small', exact: true })).toHaveAttribute('aria-pressed', 'true');
  await expect(page.getByRole('status').filter({ hasText: 'Now choose a recipe' })).toBeVisible();
  await page.getByRole('button', { name: 'Plain batter with powder' }).click();
  await expect(page.getByRole('button', { name: 'Cook one now' })).toBeVisible();
  await openAll(page, 'iron');
  await settled(page);
  expect(await figure(page, 'dose_g')).toBeGreaterThan(40);
  await expect(page.locator('[data-figure="dial"]')).toContainText(/\d/);
  // The other stations know that there is one iron and no other.
  await page.getByRole('button', { name: /^Iron: / }).click();
  await expect(page.getByRole('option')).toHaveCount(1);
});

test('removed, brought back, copied: irons, formulas and keepings; a run that named them says so', async ({ page }) => {
  await open(page, 'kitchen?section=irons');
  for (const name of ['Deep A', 'Deep B', 'Thin four']) {
    await page.getByRole('button', { name: `Remove ${name}` }).click();
    await expect(page.getByRole('heading', { name, exact: true })).toHaveCount(0);
  }
  await open(page, 'plan');
  await expect(page.getByRole('status').filter({ hasText: 'Choose an iron' })).toBeVisible();
  await openAll(page, 'log');
  await expect(page.getByRole('row').filter({ hasText: 'Deep A' }).first()).toBeVisible();
  await open(page, 'kitchen?section=irons');
  await page.getByText(/^Removed: /).click();
  for (const name of ['Deep A', 'Deep B', 'Thin four']) await page.getByRole('button', { name: `Bring back ${name}` }).click();
  await page.getByRole('button', { name: 'Copy Deep A' }).click();
  await expect(page.getByRole('heading', { name: 'Deep A (2)' })).toBeVisible();
  await open(page, 'plan');
  await expect(page.getByText('First pour').first()).toBeVisible();

  await open(page, 'recipe');
  const name = await page.getByRole('heading', { level: 1 }).textContent();
  await page.getByRole('button', { name: 'More', exact: true }).click();
  await page.getByRole('menuitem', { name: 'Remove this recipe' }).click();
  await expect(page.getByRole('heading', { level: 1 })).not.toHaveText(name ?? '');
  await page.getByRole('button', { name: 'Bring it back' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(name ?? '');

  await openAll(page, 'larder');
  await type(page.getByLabel('How much'), '6 pieces');
  await page.getByRole('button', { name: 'Put it away', exact: true }).click();
  const kept = page.locator('li[id^="kept-"]').filter({ hasText: '6 pieces' });
  await kept.getByRole('button', { name: /^More about/ }).click();
  await page.getByRole('button', { name: 'Remove it' }).click();
  await expect(kept).toHaveCount(0);
  await page.getByRole('button', { name: 'Bring it back' }).click();
  await expect(kept).toHaveCount(1);
});

test('a time of one’s own is kept at every station, and a mark is found for it', async ({ page }) => {
  await openAll(page, 'iron');
  await settled(page);
  const [time, setting] = [await figure(page, 'cookTime_s.best'), await figure(page, 'dial')];
  await page.getByRole('button', { name: 'Use my own settings' }).click();
  await type(page.getByLabel('Closed for, min:s'), `${Math.floor((time + 30) / 60)}:${String((time + 30) % 60).padStart(2, '0')}`);
  await page.getByRole('button', { name: 'Use these' }).click();
  await settled(page);
  await expect.poll(() => figure(page, 'cookTime_s.best')).toBe(time + 30);
  expect(await figure(page, 'dial')).toBeLessThan(setting);
  await page.getByRole('button', { name: 'Use our suggestion' }).click();
  await expect.poll(() => figure(page, 'cookTime_s.best')).toBe(time);
});
