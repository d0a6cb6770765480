import { expect } from '@playwright/test';
import { column, figure, open, pastEcho, test, WALK } from './kitchen.ts';

test('the line conducts: one thing to do next, never two lids for one hand, and what changed is planned anew', async ({ page }) => {
  // In the evening, wherever this runs: the plan begins in the morning.
  await page.clock.install({ time: new Date('2026-11-20T18:00:00Z') });
  await open(page, 'cook');
  const next = page.getByRole('region', { name: 'Do next' });
  // Long before the plan begins it says when to switch on, not to pour.
  await expect(next).toHaveAttribute('data-act', 'switch-on');
  await expect(next).toHaveAttribute('data-at-hand', 'false');
  const stateOf = (id: string) => column(page, id).locator('[data-state]');
  await expect(stateOf('deep-a')).toHaveText(/^cold, switch on at \d+:\d\d$/);
  for (let k = 0; k < 300 && (await next.getAttribute('data-act')) === 'switch-on'; k++) await page.clock.fastForward(300_000);
  const isAtHand = async (act: string): Promise<boolean> =>
    (await next.getAttribute('data-act')) === act && (await next.getAttribute('data-at-hand')) === 'true';
  // From the panel alone: pour and close two, whatever comes first; the third begins later, as it has less to do.
  for (let i = 0; i < 2; i++) {
    await expect(next).toHaveAttribute('data-act', /pour|switch-on/);
    // It may have to wait, until it is hot, or so that its lid isn't due with another's.
    for (let k = 0; k < 200 && !(await isAtHand('pour')); k++) await page.clock.fastForward(5000);
    const id = (await next.getAttribute('data-for')) ?? '';
    await next.getByRole('button', { name: /^Poured: / }).click();
    await expect(column(page, id)).toHaveAttribute('data-phase', 'poured');
    await expect(next).toHaveAttribute('data-act', 'close');
    await page.clock.fastForward(1000);
    await next.getByRole('button', { name: /^Closed: / }).click();
    await expect(column(page, id)).toHaveAttribute('data-phase', 'cooking');
    await page.clock.fastForward(10_000);
  }
  // Now it says wait, and what is next.
  await expect(next).toHaveAttribute('data-at-hand', 'false');
  await expect(next).toContainText('Next');
  for (let k = 0; k < 200 && !(await isAtHand('open')); k++) await page.clock.fastForward(5000);
  const first = (await next.getAttribute('data-for')) ?? '';
  await next.getByRole('button', { name: /^Opened: / }).click();
  await expect(column(page, first)).toHaveAttribute('data-phase', 'opened');
  await expect(stateOf(first)).toHaveText(/^hot again at \d+:\d\d:\d\d$/);
  // It keeps count.
  const stands = page.getByRole('button', { name: /^How it stands/ });
  await expect.poll(() => figure(page, 'out')).toBeGreaterThan(0);
  await expect(stands).toContainText('of 36');
  await expect(stands).toContainText('last plate');
  // Six more guests: old beside new, taken, and taken back.
  await page.getByRole('button', { name: 'Change plan' }).click();
  const sheet = page.getByRole('dialog');
  const cells = (name: string) => sheet.locator(`[data-plan="${name}"]`);
  await sheet.getByRole('button', { name: '6 more' }).click();
  await expect(sheet.getByRole('table')).toHaveAttribute('aria-busy', 'false');
  const [planned, then] = await Promise.all(['As planned', 'Then'].map((name) => cells(name).locator('td').nth(3).textContent()));
  // A load of four may already have had a piece or two over.
  expect(Number(then)).toBeGreaterThan(Number(planned));
  expect(Number(then)).toBeGreaterThanOrEqual(42);
  // And from now on, with what is out and in the irons: six more can't be sooner than without them.
  const fromNow = sheet.locator('[data-figure="from now"]');
  await expect(fromNow).toHaveAttribute('aria-busy', 'false');
  await expect(fromNow).toContainText(/the last plate is at \d+:\d\d; as it stands \d+:\d\d/);
  const [with6 = '', without6 = ''] = ((await fromNow.textContent()) ?? '').match(/\d+:\d\d/g) ?? [];
  expect(with6 > without6).toBe(true);
  await sheet.getByRole('button', { name: 'Use this plan' }).click();
  await expect(stands).toContainText('of 42');
  await page.getByRole('button', { name: 'As it was planned' }).click();
  await expect(stands).toContainText('of 36');
});

test('a load is skipped, and the power goes: the others go on, everything is later, and it can be taken back', WALK, async ({ page }) => {
  await page.clock.install({ time: new Date('2026-11-30T06:45:30Z') });
  await open(page, 'cook');
  const next = page.getByRole('region', { name: 'Do next' });
  const skip = next.getByRole('button', { name: /^Skip this one: / });
  for (let k = 0; k < 200 && !(await skip.isVisible()); k++) await page.clock.fastForward(5000);
  const skipped = (await next.getAttribute('data-for')) ?? '';
  await skip.click();
  // Another comes first, or it waits; the one that was skipped isn't asked for again for as long as its load would have taken.
  await expect(next).not.toHaveAttribute('data-for', skipped);
  for (let k = 0; k < 6; k++) {
    await page.clock.fastForward(10_000);
    await expect(next).not.toHaveAttribute('data-for', skipped);
  }
  const serve = page.locator('[data-figure="serve at"]');
  await expect(serve).toContainText('7:15');
  await page.getByRole('button', { name: 'Change plan' }).click();
  const sheet = page.getByRole('dialog');
  await sheet.getByRole('button', { name: 'Power off for 5 min' }).click();
  // Off for five minutes, and hot again after five at most.
  await expect(sheet.locator('[data-power="wait"]')).toContainText(/Everything (6|7|8|9|10) minutes later/);
  await expect(sheet).toContainText('lid closed');
  await sheet.getByRole('button', { name: 'Use this plan' }).click();
  await expect(serve).toContainText(/7:2[1-5]/);
  await page.getByRole('button', { name: 'As it was planned' }).click();
  await expect(serve).toContainText('7:15');
});

test('a light ground, and keys of the cook’s own or none, stay chosen', async ({ page }) => {
  await open(page, 'cook');
  const first = page.locator('section[data-iron]').first();
  const phase = (is: string) => expect(first).toHaveAttribute('data-phase', is);
  await page.getByRole('button', { name: 'Sound, keys and light' }).click();
  await page.getByRole('button', { name: 'Light ground' }).click();
  const keys = page.getByLabel('Keys for poured, closed, opened, undo');
  // Twice the same, or one that opens a station.
  await keys.fill('jjny');
  await expect(page.getByText('four different letters, or none')).toBeVisible();
  await keys.fill('jnyz');
  await keys.press('Tab');
  await page.keyboard.press('Escape');
  await expect(first.getByRole('button', { name: 'Poured', exact: true })).toHaveAttribute('aria-keyshortcuts', 'j');
  await page.reload();
  await expect(page.locator('[data-cook][data-appearance="light"]')).toBeVisible();
  await expect(first.getByRole('button', { name: 'Poured', exact: true })).toBeEnabled();
  // What is announced and what the help shows is what is listened to.
  await expect(first.getByRole('button', { name: 'Poured', exact: true })).toHaveAttribute('aria-keyshortcuts', 'j');
  await page.keyboard.press('?');
  const help = page.getByRole('dialog', { name: 'Help' });
  await expect(help.locator('div').filter({ hasText: 'Cook: poured' }).first()).toContainText('j');
  await expect(help).toContainText('Weigh: zero the scale');
  await page.keyboard.press('Escape');
  await expect(help).toBeHidden();
  // The old letter does nothing, the new one pours.
  await page.keyboard.press('p');
  await pastEcho(page);
  await phase('ready');
  await page.keyboard.press('j');
  await phase('poured');
  await pastEcho(page);
  await page.keyboard.press('z');
  await phase('ready');
  // None at all.
  await page.getByRole('button', { name: 'Sound, keys and light' }).click();
  await keys.fill('');
  await keys.press('Tab');
  await page.keyboard.press('Escape');
  await pastEcho(page);
  await page.keyboard.press('j');
  await pastEcho(page);
  await phase('ready');
});
