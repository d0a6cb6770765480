import { readFileSync } from 'node:fs';
import { expect } from '@playwright/test';
import { PlanFile } from '../core/run/sheet/planFile.ts';
import { button, column, figure, open, openLid, show, test, toDoor, type, unfold, WALK } from './kitchen.ts';

test('several runs: copied, named, chosen, removed and brought back; the doors show the one that is on', async ({ page }) => {
  await open(page, 'plan');
  await expect(page.getByText('First pour').first()).toBeVisible();
  await show(page, 'plans');
  const menu = page.getByRole('button', { name: 'This plan' });
  const chosen = page.getByRole('button', { name: /^Plan: / });
  await expect(chosen).toHaveAccessibleName('Plan: Breakfast for 36');
  await menu.click();
  await page.getByRole('button', { name: 'Copy to the next day' }).click();
  await expect(chosen).toHaveAccessibleName('Plan: Breakfast for 36 (2)');
  await menu.click();
  await page.getByLabel('Name', { exact: true }).fill('Sunday');
  await page.keyboard.press('Escape');
  await expect(chosen).toHaveAccessibleName('Plan: Sunday');
  await type(page.getByLabel('People', { exact: true }), '12');
  await expect(page.getByText('all 12')).toBeVisible();
  await expect.poll(() => figure(page, 'pieces planned')).toBeLessThan(17);
  // A reload keeps which one is on.
  await page.reload();
  await expect(chosen).toHaveAccessibleName('Plan: Sunday');
  // The other is as it was, and the strip of another station follows.
  await chosen.click();
  await page.getByRole('option', { name: /Breakfast for 36/ }).click();
  await expect(page.getByText('all 36')).toBeVisible();
  await expect(page.getByLabel('People', { exact: true })).toHaveValue('36');
  await chosen.click();
  await page.getByRole('option', { name: /^Sunday/ }).click();
  await toDoor(page, 'Larder');
  await expect(page.getByRole('banner', { name: 'Next' })).toBeVisible();
  await toDoor(page, 'Plan');
  await expect(page.getByText('all 12')).toBeVisible();
  await show(page, 'plans');
  await menu.click();
  await page.getByRole('button', { name: 'Remove this plan' }).click();
  await expect(page.getByRole('status').filter({ hasText: '“Sunday” is removed' })).toBeVisible();
  await expect(chosen).toHaveAccessibleName('Plan: Breakfast for 36');
  await page.getByRole('button', { name: 'Bring it back' }).click();
  await expect(chosen).toHaveAccessibleName('Plan: Sunday');
  await expect(page.getByLabel('People', { exact: true })).toHaveValue('12');
});

test('the plan says itself: hands, scatter, slack, what would help, and a start that went by', WALK, async ({ page }) => {
  await page.clock.install();
  await open(page, 'plan');
  await unfold(page, 'Show the details');
  await show(page, 'safe');
  const words = page.locator('[data-figure="in words"]');
  await expect(words).toContainText('one lid at a time');
  const slack = page.getByRole('button', { name: /^Start .* earlier$/ });
  const lastPlate = async (): Promise<string> => /Last plate at (\d+:\d\d)/.exec((await words.textContent()) ?? '')?.[1] ?? '';
  const before = await lastPlate();
  await slack.click();
  await expect(page.getByText(/Your plan has .* of slack/)).toBeVisible();
  await expect.poll(lastPlate).not.toBe(before);
  await page.getByRole('button', { name: 'Remove it', exact: true }).click();
  await expect.poll(lastPlate).toBe(before);
  await expect(page.locator('[data-figure="help"]')).toContainText('What would help');
  const switchOn = async (): Promise<string> => /Switch on at (\d+:\d\d)/.exec((await words.textContent()) ?? '')?.[1] ?? '';
  const alone = await switchOn();
  // The serving time in the picture, by keys and by hand: the whole morning moves along.
  const serving = page.getByRole('button', { name: /^Served at .*: move with the arrow keys/ });
  const at = async (): Promise<number> => Number(await serving.getAttribute('data-serve'));
  const served = await at();
  await serving.press('Shift+ArrowRight');
  await expect.poll(at).toBe(served + 10 * 60_000);
  await expect.poll(lastPlate).not.toBe(before);
  await serving.scrollIntoViewIfNeeded();
  const box = (await serving.boundingBox())!;
  await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
  await page.mouse.down();
  await page.mouse.move(box.x + box.width / 2 - 60, box.y + box.height / 2, { steps: 6 });
  await page.mouse.up();
  await expect.poll(at).toBeLessThan(served + 10 * 60_000);
  const moved = await at();
  for (let i = 0; i < Math.round((served - moved) / 60_000); i++) {
    await serving.press('ArrowRight');
    await expect.poll(at).toBe(moved + (i + 1) * 60_000);
  }
  for (let i = 0; i < Math.round((moved - served) / 60_000); i++) {
    await serving.press('ArrowLeft');
    await expect.poll(at).toBe(moved - (i + 1) * 60_000);
  }
  await expect.poll(lastPlate).toBe(before);
  await show(page, 'more');
  await page.getByRole('button', { name: /^Cooks: / }).click();
  await page.getByRole('option', { name: '3 cooks' }).click();
  await show(page, 'safe');
  await expect.poll(switchOn).not.toBe('');
  expect((await switchOn()) >= alone).toBe(true);
  // Somebody can be spared for twenty minutes: in words, in the picture, on a card.
  await show(page, 'more');
  await page.getByRole('button', { name: 'Add a helper' }).click();
  await type(page.getByLabel('Helps for, min'), '20');
  await page.getByLabel('Helps for, min').press('Enter');
  await show(page, 'safe');
  await expect(words).toContainText('A helper from');
  await expect(page.locator('[data-lane="hands"] [data-helper]')).toBeVisible();
  await expect(page.getByRole('region', { name: 'Who helps', includeHidden: true })).toContainText('Open Deep A');
  await show(page, 'more');
  await page.getByRole('button', { name: 'No helper' }).click();
  await show(page, 'safe');
  await expect(words).not.toContainText('A helper from');
  // On paper a card for each part of the work.
  const card = (who: string) => page.getByRole('region', { name: `Who ${who}`, includeHidden: true });
  await expect(card('folds, pours and closes')).toContainText('Pour Deep A, load 1');
  await expect(card('folds, pours and closes')).not.toContainText('Open Deep A');
  await expect(card('opens and takes out')).toContainText('Open Deep A, load 1');
  // A start that went by twenty minutes ago: one touch, and the morning begins now.
  const serve = await page.evaluate(() => {
    const at = new Date(Date.now() + 12 * 60_000);
    const two = (n: number): string => String(n).padStart(2, '0');
    return {
      day: at.toLocaleDateString('en-GB', { day: 'numeric', month: 'long', year: 'numeric' }),
      time: `${two(at.getHours())}:${two(at.getMinutes())}`,
    };
  });
  await page.getByRole('button', { name: 'Served at, day' }).click();
  await page
    .getByRole('button', { name: new RegExp(serve.day) })
    .first()
    .click();
  await type(page.getByLabel('Served at, time'), serve.time);
  await page.getByLabel('Served at, time').press('Enter');
  const late = page.locator('[data-figure="gone by"]');
  await expect(late).toContainText('The start was');
  await page.getByRole('button', { name: 'Plan from now' }).click();
  await expect(late).toHaveCount(0);
});

test('a morning is taken along: a table, a file, the calendar, what to buy, and a card on paper', async ({ page }) => {
  await open(page, 'plan');
  await expect(page.getByText('First pour').first()).toBeVisible();
  const taken = async (name: RegExp): Promise<string> => {
    await show(page, 'share');
    await page.getByRole('button', { name: 'Save as a file' }).click();
    const waiting = page.waitForEvent('download');
    await page.getByRole('button', { name }).click();
    return readFileSync(await (await waiting).path(), 'utf8');
  };
  const table = await taken(/A table/);
  const loads = (table.match(/Pour /g) ?? []).length;
  expect(loads).toBeGreaterThan(9);
  expect(table).toContain('Switch on Deep A');
  const file = PlanFile.parse(JSON.parse(await taken(/other programs/)));
  expect(file.tasks.filter(({ act }) => act === 'pour')).toHaveLength(loads);
  expect(file.people).toBe(36);
  const calendar = await taken(/calendar/);
  expect(calendar).toContain('BEGIN:VALARM');
  // Folded lines are put together again (RFC 5545).
  expect(calendar.replace(/\r\n /g, '')).toContain('Switch on Deep A');
  expect(await taken(/shopping list/)).toMatch(/flour[^\r]*,\d{4}/);
  // On paper the same list stands minute by minute, with a box to tick.
  await page.emulateMedia({ media: 'print' });
  const card = page.getByRole('region', { name: 'Minute by minute' });
  await expect(card).toBeVisible();
  await expect(card.getByRole('listitem').filter({ hasText: 'Pour ' })).toHaveCount(loads);
  await expect(card.getByRole('listitem').filter({ hasText: 'Pour Thin four' }).first()).toContainText(
    /into each of 4, .*dial .*, closed \d:\d\d/,
  );
});

test('what a run makes beyond what was wanted is asked about once', async ({ page }) => {
  await page.clock.install({ time: new Date('2026-11-20T06:00:00Z') });
  await open(page, 'plan');
  await expect(page.getByText('First pour').first()).toBeVisible();
  await type(page.getByLabel('People'), '1');
  await expect(page.getByText('all 1', { exact: true })).toBeVisible();
  await open(page, 'cook');
  const four = column(page, 'thin-four');
  await button(page, 'thin-four', 'Poured').click();
  await page.clock.fastForward(1000);
  await button(page, 'thin-four', 'Closed').click();
  await expect(four).toHaveAttribute('data-phase', 'cooking');
  await page.clock.fastForward(240_000);
  await openLid(page, column(page, 'thin-four'));
  await expect(four).toHaveAttribute('data-phase', 'opened');
  await page.clock.fastForward(2 * 3_600_000);
  await toDoor(page, 'Larder');
  await unfold(page, 'Show every item');
  const asked = page.getByRole('region', { name: 'Left over' });
  await expect(asked).toContainText('3 pieces of “Breakfast for 36” are left over');
  await asked.getByRole('button', { name: 'Into the freezer' }).click();
  await expect(asked).toHaveCount(0);
  await expect(page.locator('li[id^="kept-"]').filter({ hasText: '3 pieces, cooked pieces in the freezer' })).toBeVisible();
  // How it went: planned beside done.
  await toDoor(page, 'Plan');
  await show(page, 'share');
  await page.getByRole('button', { name: 'How it went' }).click();
  const report = page.getByRole('dialog');
  await expect(report.locator('[data-row="Pieces"]')).toContainText('Pieces14');
  await expect(report).toContainText('No load was rated.');
});

test('touches faster than the store build on one another: every iron that was touched is out, and in again', async ({ page }) => {
  await open(page, 'plan');
  await page.getByRole('button', { name: /^Irons: / }).click();
  const irons = page.getByRole('group', { name: 'Irons' });
  const three = ['Deep A', 'Deep B', 'Thin four'];
  for (const name of three) await expect(irons.getByRole('checkbox', { name })).toBeChecked();
  const touchAll = (): Promise<void> =>
    irons.evaluate((group, names) => {
      for (const label of group.querySelectorAll('label')) if (names.includes(label.textContent)) label.click();
    }, three);
  await touchAll();
  for (const name of three) await expect(irons.getByRole('checkbox', { name })).not.toBeChecked();
  await touchAll();
  for (const name of three) await expect(irons.getByRole('checkbox', { name })).toBeChecked();
});
