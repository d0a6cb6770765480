import AxeBuilder from '@axe-core/playwright';
import { expect } from '@playwright/test';
import { backToIrons, column, meant, more, open, openAll, openLid, PAGES, settled, still, test, unfold, WALK } from './kitchen.ts';

/** Paths to every node that passes take half of the time. */
const ONLY_VIOLATIONS = { resultTypes: ['violations'] as ('violations' | 'passes')[] };

test('no accessibility violations on any page (axe, WCAG 2.2 AA), no policy or script errors', async ({ page }) => {
  test.setTimeout(600_000);
  const errors: string[] = [];
  page.on('pageerror', (error) => errors.push(error.message));
  page.on('console', (message) => {
    if (message.type() === 'error') errors.push(message.text());
  });
  for (const door of PAGES) {
    await open(page, door);
    if (door === 'iron') await settled(page);
    if (door === 'plan') await expect(page.getByText('First pour').first()).toBeVisible();
    if (door === 'cook') await expect(column(page, 'deep-a').getByRole('button', { name: 'Poured', exact: true })).toBeEnabled();
    await still(page);
    const { violations } = await new AxeBuilder({ page })
      .options(ONLY_VIOLATIONS)
      .withTags(['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice'])
      .analyze();
    expect(violations.map(({ id, nodes }) => `${door}: ${id} ${nodes[0]?.target.join(' ')}`)).toEqual([]);
  }
  expect(errors).toEqual([]);
});

test('in the dark every text has contrast, and the page follows the device and the choice', async ({ page }) => {
  test.setTimeout(600_000);
  await page.emulateMedia({ colorScheme: 'dark' });
  for (const door of PAGES) {
    await open(page, door);
    if (door === 'iron') await settled(page);
    await expect(page.locator('html')).toHaveAttribute('data-appearance', 'dark');
    await still(page);
    const { violations } = await new AxeBuilder({ page }).options({ ...ONLY_VIOLATIONS, runOnly: ['color-contrast'] }).analyze();
    expect(violations.map(({ id, nodes }) => `${door}: ${id} ${nodes[0]?.target.join(' ')}`)).toEqual([]);
  }
  await open(page, 'kitchen?section=appearance');
  await page.getByRole('radio', { name: 'Light' }).check();
  await expect(page.locator('html')).toHaveAttribute('data-appearance', 'light');
  await page.reload();
  await expect(page.locator('html')).toHaveAttribute('data-appearance', 'light');
});

test('sheets and the line at work have no violations either', async ({ page }) => {
  const check = async (where: string): Promise<void> => {
    const { violations } = await new AxeBuilder({ page })
      .options(ONLY_VIOLATIONS)
      .withTags(['wcag2a', 'wcag2aa', 'wcag21aa', 'wcag22aa'])
      .analyze();
    expect(violations.map(({ id, nodes }) => `${where}: ${id} ${nodes[0]?.target.join(' ')}`)).toEqual([]);
  };
  await openAll(page, 'iron');
  await settled(page);
  await page.getByRole('button', { name: /^Why pour/ }).click();
  await expect(page.getByRole('heading', { name: 'Why this much' })).toBeVisible();
  await still(page);
  await check('why');
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: 'as table' }).click();
  await expect(page.getByRole('columnheader', { name: 'steam' })).toBeVisible();
  await check('table');
  await page.keyboard.press('Escape');
  await open(page, 'cook');
  const iron = column(page, 'deep-a');
  await expect(iron.getByRole('button', { name: 'Poured', exact: true })).toBeEnabled();
  await iron.getByRole('button', { name: 'Poured', exact: true }).click();
  await iron.getByRole('button', { name: 'Closed', exact: true }).click();
  await still(page);
  await check('cooking');
  await openLid(page, iron);
  await still(page);
  await check('logging');
});

test('by keyboard alone: from the plan to an opened load', WALK, async ({ page }) => {
  await open(page, 'plan');
  await page.keyboard.press('?');
  await expect(page.getByRole('heading', { name: 'Help' })).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(page.getByRole('heading', { name: 'Help' })).toBeHidden();
  for (const [key, path] of [
    ['2', '/recipe'],
    ['6', '/log'],
    ['5', '/larder'],
    ['7', '/kitchen'],
    ['3', '/iron'],
  ] as const) {
    await page.keyboard.press(key);
    await expect(page).toHaveURL(new RegExp(`${path}$`));
  }
  await settled(page);
  await unfold(page, 'Show the science');
  const scrub = page.getByRole('slider', { name: 'Time in the iron' });
  await scrub.focus();
  const before = Number(await scrub.inputValue());
  await page.keyboard.press('ArrowLeft');
  expect(Number(await scrub.inputValue())).toBe(before - 1);
  await page.keyboard.press('4');
  const iron = column(page, 'deep-a');
  await expect(iron.getByRole('button', { name: 'Poured', exact: true })).toBeEnabled();
  await page.keyboard.press('p');
  await expect(iron).toHaveAttribute('data-phase', 'poured');
  await page.keyboard.press('c');
  await expect(iron).toHaveAttribute('data-phase', 'cooking');
  await page.keyboard.press('o');
  await meant(page, iron);
  await expect(iron).toHaveAttribute('data-phase', 'opened');
  await page.keyboard.press('u');
  await expect(iron).toHaveAttribute('data-phase', 'cooking');
});

test('at 320 px nothing runs out of the page sideways; bench targets are large', async ({ page }) => {
  await page.setViewportSize({ width: 320, height: 700 });
  for (const door of PAGES) {
    await open(page, door);
    // The plan brings buttons of its own.
    if (door === 'plan') await expect(page.getByRole('button', { name: 'Share' })).toBeVisible();
    await still(page);
    const [wide, all] = await page.evaluate(() => [document.documentElement.scrollWidth, document.querySelector('main')!.scrollWidth]);
    expect([door, wide <= 320, all <= 320]).toEqual([door, true, true]);
  }
  await page.setViewportSize({ width: 1280, height: 800 });
  await open(page, 'cook');
  const iron = column(page, 'deep-a');
  await expect(iron.getByRole('button', { name: 'Poured', exact: true })).toBeEnabled();
  await iron.getByRole('button', { name: 'Poured', exact: true }).click();
  await iron.getByRole('button', { name: 'Closed', exact: true }).click();
  const panel = await more(page, 'deep-a');
  for (const name of ['Opened', 'it smells', 'looked'])
    expect((await panel.getByRole('button', { name, exact: true }).boundingBox())!.height).toBeGreaterThanOrEqual(64);
  await backToIrons(page);
  const size = await iron.getByRole('timer').evaluate((element) => parseFloat(getComputedStyle(element).fontSize));
  expect(size).toBeGreaterThanOrEqual(60);
  // What is to be done next is larger still.
  const next = await page
    .getByRole('region', { name: 'Do next' })
    .locator('.figure')
    .evaluate((element) => parseFloat(getComputedStyle(element).fontSize));
  expect(next).toBeGreaterThanOrEqual(96);
});
