import type { Locator, Page } from '@playwright/test';
import { expect } from '@playwright/test';
import { figure, isProving, open, press, show, test } from './kitchen.ts';

// A morning takes what it takes, and on a busy machine its hands are slow.
test.describe.configure({ timeout: 1_500_000 });

/** Into a rehearsal of the demo's breakfast, at this pace. */
const rehearse = async (page: Page, pace: string, hands: RegExp): Promise<void> => {
  await open(page, 'plan');
  await show(page, 'share');
  await page.getByRole('button', { name: 'Rehearse it' }).click();
  const sheet = page.getByRole('dialog');
  await sheet.getByRole('button', { name: pace, exact: true }).click();
  await sheet.getByRole('button', { name: hands }).click();
  await sheet.getByLabel('guests come who weren’t announced').check();
  await sheet.getByRole('button', { name: 'Begin' }).click();
  await expect(page.getByRole('region', { name: 'Rehearsal' })).toBeVisible();
  await expect(page.getByRole('region', { name: 'Do next' })).toBeVisible();
};

const wanted = async (page: Page): Promise<number> =>
  Number(/of (\d+)/.exec((await page.getByRole('button', { name: /^How it stands/ }).textContent()) ?? '')?.[1] ?? 0);

/** One size whole; the smaller ones until pieces are out and one of them is lost, and whole in `npm run prove`. */
const SIZES = [
  { width: 1280, height: 800, pace: '×30', isWhole: true },
  { width: 1024, height: 768, pace: isProving ? '×30' : '×60', isWhole: isProving },
  { width: 390, height: 844, pace: isProving ? '×30' : '×60', isWhole: isProving },
];
for (const { width, height, pace: PACE, isWhole } of SIZES)
  test(`the demo’s breakfast conducted ${isWhole ? 'from end to end' : 'from its first piece'} at ${PACE}, ${width} × ${height}: a late start, a burnt load${isWhole ? ', more guests' : ''}`, async ({
    page,
  }) => {
    await page.setViewportSize({ width, height });
    await rehearse(page, PACE, /simulated/);
    // A late start: ten minutes by the plan.
    // A phone has it where everything else stands that isn't needed every minute.
    if (width < 768) await page.getByRole('button', { name: /^How it stands/ }).click();
    await page.getByRole('button', { name: 'Change plan' }).click();
    const sheet = page.getByRole('dialog');
    await sheet.getByRole('button', { name: '10 min', exact: true }).click();
    await sheet.getByRole('button', { name: 'Use this plan' }).click();
    await expect(sheet).toHaveCount(0);
    // The hands are at work; a piece that has just come out is said to be burnt, while time stands.
    const asked = page.getByRole('button', { name: /^(How was it\?|Change the rating)/ }).first();
    const panel = page.getByRole('region', { name: /^How was / });
    const stop = page.getByRole('radio', { name: 'stop' });
    const [eaten, burnt] = ['eaten', 'burnt'].map((name) => panel.getByRole('button', { name, exact: true })) as [Locator, Locator];
    await expect(async () => {
      // On a phone the irons aren't there while one of them is being rated.
      if (!(await panel.isVisible())) {
        await page.getByRole('radio', { name: PACE }).click();
        await expect(asked).toBeVisible({ timeout: 600_000 });
      }
      await stop.click();
      await expect(stop).toBeChecked();
      if (!(await panel.isVisible())) await asked.click({ timeout: 10_000 });
      if (!(await eaten.isVisible())) await panel.getByRole('button', { name: 'More', exact: true }).click({ timeout: 10_000 });
      for (const touch of [eaten, burnt]) {
        // What came out is counted by then.
        await expect.poll(() => figure(page, 'out'), { timeout: 10_000 }).toBeGreaterThan(0);
        const before = await figure(page, 'out');
        await touch.click({ timeout: 10_000 });
        await expect(touch).toHaveAttribute('aria-pressed', 'true', { timeout: 10_000 });
        if (touch === burnt) await expect.poll(() => figure(page, 'out'), { timeout: 20_000 }).toBeLessThan(before);
      }
    }).toPass({ timeout: 1_200_000 });
    await panel.getByRole('button', { name: 'Close', exact: true }).click();
    if (!isWhole) return;
    await page.getByRole('radio', { name: PACE }).click();
    // Whoever comes in unannounced is planned for; everybody gets theirs.
    const over = page.getByText('All out.');
    const more = page.getByRole('button', { name: 'Plan for them' });
    // On a slow machine both may stand there by then, one after the other at the same place.
    for (let planned = 0; planned < 2; planned++) {
      await expect(more).toBeVisible({ timeout: 600_000 });
      await more.click();
    }
    // The last piece may turn out to be burnt once somebody has looked at it: then one more is cooked.
    await expect(async () => {
      await expect(over).toBeVisible({ timeout: 600_000 });
      expect(await figure(page, 'out')).toBeGreaterThanOrEqual(await wanted(page));
    }).toPass({ timeout: 1_200_000 });
    expect(await wanted(page)).toBeGreaterThan(36);
    // A kitchen of its own: the demo’s breakfast is as it was.
    await page.getByRole('button', { name: 'End the rehearsal' }).click();
    await expect(page.getByRole('region', { name: 'Rehearsal' })).toHaveCount(0);
    await expect(page.getByLabel('People')).toHaveValue('36');
  });

test('a rehearsal goes on after a reload, stops when it is told to, and is one’s own hands’', async ({ page }) => {
  await rehearse(page, '×60', /^mine$/);
  const clock = (): Promise<number> => figure(page, 'rehearsal-clock');
  const began = await clock();
  await expect.poll(clock).toBeGreaterThan(began + 60_000);
  await page.reload();
  await expect(page.getByRole('region', { name: 'Rehearsal' })).toBeVisible();
  await expect.poll(clock).toBeGreaterThan(began + 60_000);
  await page.getByRole('radio', { name: 'stop' }).click();
  const stopped = await clock();
  // It stands for as long as a second of it would be a minute.
  const since = Date.now();
  await expect.poll(() => Date.now() - since).toBeGreaterThan(1000);
  expect((await clock()) - stopped).toBeLessThan(2000);
  await page.getByRole('radio', { name: '×60' }).click();
  // Nobody else does anything: the light goes out, and the iron waits for a hand.
  const next = page.getByRole('region', { name: 'Do next' });
  await expect(page.locator('[data-seen-of]', { hasText: 'its light is off' }).first()).toBeVisible();
  await expect(next).toHaveAttribute('data-act', 'pour');
  // Whoever stands there says that it isn’t hot yet: the next one’s turn comes.
  await page.getByRole('radio', { name: '×1', exact: true }).click();
  await expect(next).toHaveAttribute('data-at-hand', 'true');
  const first = (await next.getAttribute('data-for')) ?? '';
  await next.getByRole('button', { name: /^Not yet: / }).click();
  await expect(next).not.toHaveAttribute('data-for', first);
  // A second touch at once would be the first one’s echo: pressed until it counts.
  await press(next.getByRole('button', { name: /^Poured: / }));
  await press(next.getByRole('button', { name: /^Closed: / }));
  await expect(page.locator('[data-seen-of]', { hasText: 'steams' }).first()).toBeVisible();
});

if (isProving)
  test('a whole morning as an exercise: played to its end, it is in the record, beside the plan alone', async ({ page }) => {
    await open(page, 'iron/practice');
    const exercise = page.getByRole('region', { name: 'A whole morning' });
    await exercise.getByRole('button', { name: 'Begin a morning' }).click();
    const sheet = page.getByRole('dialog');
    await sheet.getByRole('button', { name: '×60', exact: true }).click();
    await sheet.getByRole('button', { name: /simulated/ }).click();
    await sheet.getByRole('button', { name: 'Begin', exact: true }).click();
    await expect(page.getByText('All out.')).toBeVisible({ timeout: 600_000 });
    const waited = await figure(page, 'waited_min');
    await page.getByRole('button', { name: 'End the rehearsal' }).click();
    await expect(exercise.getByText('last, and by the plan alone')).toBeVisible();
    await expect(exercise.getByText(`${(waited / 8).toFixed(1)} and`)).toBeVisible();
    await page.reload();
    await expect(exercise.getByText(`${(waited / 8).toFixed(1)} and`)).toBeVisible();
  });
