import { expect } from '@playwright/test';
import { figure, open, openAll, show, test, toDoor, type, WALK } from './kitchen.ts';

test('what is in the freezer comes first: fewer are cooked, Keep knows what it is for, and asks once it was used', async ({ page }) => {
  await page.clock.install({ time: new Date('2026-11-29T18:00:00Z') });
  await open(page, 'plan');
  await show(page, 'more');
  await expect.poll(() => figure(page, 'pieces planned')).toBeGreaterThan(35);
  const left = page.getByRole('list', { name: 'Left from earlier' });
  await expect(left).toContainText('9 in the freezer');
  await left.getByRole('button', { name: 'Use them first' }).click();
  await expect(left.getByLabel('of them used')).toHaveValue('9');
  await expect.poll(() => figure(page, 'pieces planned')).toBeLessThan(31);
  await expect(page.getByRole('region', { name: 'Minute by minute', includeHidden: true })).toContainText('Heat 9 from the freezer again');
  await page.reload();
  await expect(left.getByLabel('of them used')).toHaveValue('9');
  await type(left.getByLabel('of them used'), '6');
  await left.getByLabel('of them used').press('Enter');

  await openAll(page, 'larder');
  const planned = page.locator('[data-planned="6"]');
  await expect(planned).toContainText('6 are planned for “Breakfast for 36”');
  await expect(planned.getByRole('button')).toHaveCount(0);
  // The next day.
  await page.clock.setSystemTime(new Date('2026-11-30T12:00:00Z'));
  await page.reload();
  await planned.getByRole('button', { name: 'They were used' }).click();
  await expect(planned).toHaveCount(0);
  await expect(page.getByText('3 pieces, ')).toBeVisible();
  await open(page, 'plan');
  // The morning was planned with them, and still is.
  await expect(page.getByText(/no longer there/)).toHaveCount(0);
  await expect.poll(() => figure(page, 'pieces planned')).toBeLessThan(34);
});

test('hot again from the freezer: by what it is heated with, for the oven that stands there', async ({ page }) => {
  await openAll(page, 'larder');
  const kept = page.locator('li[id^="kept-"]').filter({ hasText: 'in the freezer' }).first();
  await kept.getByText('Reheat from frozen').click();
  const oven = kept.locator('[data-reheat="oven"]');
  const seconds = async (): Promise<number> => Number(await oven.getAttribute('data-exact'));
  const usual = await seconds();
  expect(usual).toBeGreaterThan(150);
  expect(Number(await kept.locator('[data-reheat="toaster"]').getAttribute('data-exact'))).toBeLessThan(usual);
  await type(kept.getByLabel('Your oven, °C'), '230');
  await expect.poll(seconds).toBeLessThan(usual);
  await expect(kept).toContainText('74 °C');
  // A toaster browns them, an oven as it usually is doesn't; what this kitchen uses is known on the Iron.
  const adds = async (by: string): Promise<number> => Number(await kept.locator(`[data-reheat="${by}"]`).getAttribute('data-adds'));
  await expect.poll(() => adds('toaster')).toBeGreaterThan(0.1);
  await type(kept.getByLabel('Your oven, °C'), '190');
  await expect.poll(() => adds('oven')).toBeLessThan(0.1);
  const toaster = kept.locator('[data-reheat="toaster"]').getByRole('radio');
  await toaster.click();
  await expect(toaster).toBeChecked();
  await toDoor(page, 'Iron');
  await page.getByRole('button', { name: 'After the iron' }).click();
  await expect(page.locator('[data-destination="freeze"]')).toContainText('in the toaster');
});

test('thrown away, and why: it is gone from the list, counted, and can be taken back', WALK, async ({ page }) => {
  await openAll(page, 'larder');
  const kept = page.locator('li[id^="kept-"]').filter({ hasText: 'in the freezer' });
  const before = await kept.count();
  await kept
    .first()
    .getByRole('button', { name: /^More about/ })
    .click();
  await page.getByRole('button', { name: 'freezer burn' }).click();
  await expect(kept).toHaveCount(before - 1);
  await expect(page.locator('[data-figure="thrown away"]')).toContainText('freezer burn');
  await page.reload();
  await expect(page.locator('[data-figure="thrown away"]')).toContainText('freezer burn');
  await page.getByRole('button', { name: 'Undo', exact: true }).click();
  await expect(kept).toHaveCount(before);
  await expect(page.locator('[data-figure="thrown away"]')).toHaveCount(0);
});

test('how many there should be in the freezer, and what is to be made next', async ({ page }) => {
  await openAll(page, 'larder');
  const row = page.getByRole('region', { name: 'In the freezer' }).getByRole('listitem').first();
  await type(row.getByLabel('to have'), '24');
  await expect(row).toContainText(/15 to make next/);
  await page.reload();
  await expect(row).toContainText(/15 to make next/);
  await type(row.getByLabel('to have'), '6');
  await expect(row).toContainText('enough');
});

test('shelves as a picture; a bowl’s time out of the cold adds up; the months of a tin; how long to cool and freeze', async ({ page }) => {
  await page.clock.install({ time: new Date('2026-11-29T05:00:00Z') });
  await openAll(page, 'larder');
  // What is touched on its shelf is found in the list.
  const freezer = page.locator('[data-shelf="freezer"]');
  await freezer.getByRole('button', { name: /Fellside oat and rye/ }).click();
  await expect(page.locator('#kept-kept-deep')).toBeFocused();
  // On paper: what there is, where, until when.
  const dayList = page.getByRole('region', { name: 'Day list', includeHidden: true });
  await expect(dayList).toContainText('Fellside oat and rye9 piecesFreezer');
  await expect(dayList).toContainText('over: Fri 27 Nov');
  // The bowl of this morning: from the bench into the cold, and what was spent stays spent.
  const bowl = page.getByRole('region', { name: 'Bowls' }).getByRole('listitem').first();
  const out = bowl.locator('[data-figure="out of the cold"]');
  await expect(out).toContainText('of 4:00 h out of the cold');
  const spent = Number(await out.getAttribute('data-exact'));
  expect(spent).toBeGreaterThan(120);
  await bowl.getByRole('button', { name: 'Into the refrigerator' }).click();
  await expect(bowl.getByRole('button', { name: 'Onto the counter' })).toBeVisible();
  await page.clock.setSystemTime(new Date('2026-11-29T07:00:00Z'));
  await page.reload();
  // The demo's refrigerator has 6 °C: too warm for its code, so the time still runs.
  await expect(bowl).toContainText('in the refrigerator 2:0');
  await expect.poll(async () => Number(await out.getAttribute('data-exact'))).toBeGreaterThan(spent + 110);
  // Twelve months from two ends of the year.
  const wafers = page.getByRole('listitem').filter({ has: page.getByText('Month by month') });
  await wafers.getByText('Month by month').click();
  for (const [when, share] of [
    ['winter', '32'],
    ['summer', '66'],
  ] as const) {
    await type(wafers.getByLabel(`humidity in ${when}, %`), share);
    await wafers.getByLabel(`humidity in ${when}, %`).press('Enter');
  }
  const days = async (month: number): Promise<number> =>
    Number((await wafers.locator(`[data-month="${month}"]`).getAttribute('data-exact')) ?? 0);
  await expect.poll(async () => (await days(5)) > 5 && (await days(5)) < (await days(9))).toBe(true);
  // Cooled and frozen, and the other school of how long.
  await page.getByText('Cool it, bag it, freeze it: how long').click();
  await expect(page.locator('[data-figure="on a tray"]')).toContainText('Straight into the bag');
  await page.getByRole('button', { name: /^Freezer rule/ }).click();
  await page.getByRole('option', { name: 'three to five months' }).click();
  await expect(page.getByRole('region', { name: 'Put away' })).toContainText('29 Mar');
  // An opened can: out of its tin, three days.
  await page.getByRole('button', { name: /^As: / }).click();
  await page.getByRole('option', { name: 'an opened can or bottle' }).click();
  await expect(page.getByText('Never in its tin')).toBeVisible();
  await type(page.getByLabel('What was opened'), 'Coconut milk');
  await page.getByRole('button', { name: 'Put it away', exact: true }).click();
  await expect(page.locator('[data-shelf="refrigerator"]')).toContainText('Coconut milk');
});
