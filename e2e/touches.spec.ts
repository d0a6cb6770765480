import { expect } from '@playwright/test';
import { backToIrons, button, column, more, open, openLid, press, startLoad, test, touchIrons, type, WALK } from './kitchen.ts';

const MORNING = new Date('2026-11-30T06:55:00Z');

test('poured, taken back, poured again; and the next morning, ten minutes earlier', WALK, async ({ page }) => {
  await page.clock.install({ time: MORNING });
  await open(page, 'cook');
  const iron = column(page, 'deep-a');
  await expect(button(page, 'deep-a', 'Poured')).toBeEnabled();
  for (let round = 0; round < 3; round++) {
    await press(button(page, 'deep-a', 'Poured'));
    await expect(iron).toHaveAttribute('data-phase', 'poured');
    await page.clock.fastForward(1000);
    await press((await more(page, 'deep-a')).getByRole('button', { name: /^undo/ }));
    await backToIrons(page);
    await expect(iron).toHaveAttribute('data-phase', 'ready');
    await page.clock.fastForward(1000);
  }
  // After a reload the button is as alive.
  await page.reload();
  await expect(button(page, 'deep-a', 'Poured')).toBeEnabled();
  await press(button(page, 'deep-a', 'Poured'));
  await expect(iron).toHaveAttribute('data-phase', 'poured');
  await page.clock.fastForward(1000);
  await press(button(page, 'deep-a', 'Closed'));
  await page.clock.fastForward(300_000);
  await openLid(page, iron);
  await page.clock.fastForward(24 * 3_600_000 - 900_000);
  await page.reload();
  await expect(button(page, 'deep-a', 'Poured')).toBeEnabled();
  await press(button(page, 'deep-a', 'Poured'));
  await expect(iron).toHaveAttribute('data-phase', 'poured');
});

test('opened three seconds after the lid: asked about in large type before it is believed', WALK, async ({ page }) => {
  await open(page, 'cook');
  await startLoad(page, 'deep-a');
  const iron = column(page, 'deep-a');
  const doubt = page.getByRole('alertdialog');
  await button(page, 'deep-a', 'Opened').click();
  await expect(doubt).toContainText(/Deep A.*Opened after \d+\sseconds?\?/);
  await doubt.getByRole('button', { name: 'Still closed' }).click();
  await expect(doubt).toHaveCount(0);
  await expect(iron).toHaveAttribute('data-phase', 'cooking');
  // Again, and this time it is so.
  await openLid(page, iron);
  await expect(iron).toHaveAttribute('data-phase', 'opened');
});

test('what cooks stays at the line with its own batter, whatever becomes of the plan', WALK, async ({ page, context }) => {
  await open(page, 'cook');
  await startLoad(page, 'deep-a');
  const iron = column(page, 'deep-a');
  const batter = async (): Promise<string | null> => {
    const said = await (await more(page, 'deep-a')).locator('header p').textContent();
    await backToIrons(page);
    return said;
  };
  const before = await batter();
  const other = await context.newPage();
  await open(other, 'plan');
  // Another batter, without this iron, and then no plan at all.
  await touchIrons(other, 'Deep A');
  await expect(iron).toHaveAttribute('data-phase', 'cooking');
  await page.reload();
  await expect(iron).toHaveAttribute('data-phase', 'cooking');
  expect(await batter()).toBe(before);
  await expect(iron.getByRole('timer')).toBeVisible();
  await openLid(page, iron);
  await expect(iron.getByRole('button', { name: 'How was it?' })).toBeVisible();
});

test('the beginning of a wrong number is never stored; Escape takes back what was typed', async ({ page }) => {
  await open(page, 'plan');
  const people = page.getByLabel('People', { exact: true });
  await expect(people).toHaveValue('36');
  for (const wrong of ['1,000', '3 6', '2000000']) {
    await type(people, wrong);
    await expect(people).toHaveAttribute('aria-invalid', 'true');
    await page.reload();
    await expect(people).toHaveValue('36');
  }
  await people.fill('4');
  await people.press('Escape');
  await expect(people).toHaveValue('36');
  await people.blur();
  await people.fill('12');
  await people.press('Enter');
  await expect(page.getByText('all 12')).toBeVisible();
  await page.reload();
  await expect(people).toHaveValue('12');
});

test('another tab’s change shows in an open field, and doesn’t replace what is being typed', async ({ page, context }) => {
  await open(page, 'plan');
  const other = await context.newPage();
  await open(other, 'plan');
  const [here, there] = [page, other].map((tab) => tab.getByLabel('People', { exact: true }));
  await type(there!, '50');
  await expect(here!).toHaveValue('50');
  await here!.fill('6');
  await type(there!, '48');
  await expect(page.getByText('Changed elsewhere to 48')).toBeVisible();
  await expect(here!).toHaveValue('6');
  await expect(here!).toBeFocused();
  await here!.press('Escape');
  await expect(here!).toHaveValue('48');
});
