import AxeBuilder from '@axe-core/playwright';
import { expect } from '@playwright/test';
import { column, meant, open, openLid, settled, STATIONS, still, test, WALK } from './kitchen.ts';

/** Paths to every node that passes take half of the time. */
const ONLY_VIOLATIONS = { resultTypes: ['violations'] as ('violations' | 'passes')[] };

test('no accessibility violations on any station (axe, WCAG 2.2 AA), no policy or script errors', async ({ page }) => {
  test.setTimeout(300_000);
  const errors: string[] = [];
  page.on('pageerror', (error) => errors.push(error.message));
  page.on('console', (message) => {
    if (message.type() === 'error') errors.push(message.text());
  });
  for (const station of STATIONS) {
    await open(page, station);
    if (station === 'iron') await settled(page);
    if (station === 'run') await expect(page.getByText('Last plate')).toBeVisible();
    if (station === 'line') await expect(column(page, 'deep-a').getByRole('button', { name: 'Poured', exact: true })).toBeEnabled();
    await still(page);
    const { violations } = await new AxeBuilder({ page })
      .options(ONLY_VIOLATIONS)
      .withTags(['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice'])
      .analyze();
    expect(violations.map(({ id, nodes }) => `${station}: ${id} ${nodes[0]?.target.join(' ')}`)).toEqual([]);
  }
  expect(errors).toEqual([]);
});

test('sheets and the line at work have no violations either', async ({ page }) => {
  const check = async (where: string): Promise<void> => {
    const { violations } = await new AxeBuilder({ page })
      .options(ONLY_VIOLATIONS)
      .withTags(['wcag2a', 'wcag2aa', 'wcag21aa', 'wcag22aa'])
      .analyze();
    expect(violations.map(({ id, nodes }) => `${where}: ${id} ${nodes[0]?.target.join(' ')}`)).toEqual([]);
  };
  await open(page, 'iron');
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
  await open(page, 'line');
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

test('by keyboard alone: from the run to an opened load', WALK, async ({ page }) => {
  await open(page, 'run');
  await page.keyboard.press('?');
  await expect(page.getByRole('heading', { name: 'Keys' })).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(page.getByRole('heading', { name: 'Keys' })).toBeHidden();
  for (const [key, path] of [
    ['f', '/formula'],
    ['b', '/book'],
    ['k', '/keep'],
    ['t', '/kit'],
    ['i', '/iron'],
  ] as const) {
    await page.keyboard.press(key);
    await expect(page).toHaveURL(new RegExp(`${path}$`));
  }
  await settled(page);
  const scrub = page.getByRole('slider', { name: 'Time in the iron' });
  await scrub.focus();
  const before = Number(await scrub.inputValue());
  await page.keyboard.press('ArrowLeft');
  expect(Number(await scrub.inputValue())).toBe(before - 1);
  await page.keyboard.press('l');
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
  for (const station of STATIONS) {
    await open(page, station);
    // The plan brings buttons of its own.
    if (station === 'run') await expect(page.getByRole('button', { name: 'Take along' })).toBeVisible();
    await still(page);
    const [wide, all] = await page.evaluate(() => [document.documentElement.scrollWidth, document.querySelector('main')!.scrollWidth]);
    expect([station, wide <= 320, all <= 320]).toEqual([station, true, true]);
  }
  await page.setViewportSize({ width: 1280, height: 800 });
  await open(page, 'line');
  const iron = column(page, 'deep-a');
  await expect(iron.getByRole('button', { name: 'Poured', exact: true })).toBeEnabled();
  await iron.getByRole('button', { name: 'Poured', exact: true }).click();
  await iron.getByRole('button', { name: 'Closed', exact: true }).click();
  for (const name of ['Opened', 'it smells', 'looked'])
    expect((await iron.getByRole('button', { name, exact: true }).boundingBox())!.height).toBeGreaterThanOrEqual(64);
  const size = await iron.getByRole('timer').evaluate((element) => parseFloat(getComputedStyle(element).fontSize));
  expect(size).toBeGreaterThanOrEqual(72);
  // What is to be done next is larger still.
  const next = await page
    .getByRole('region', { name: 'Do next' })
    .locator('.figure')
    .evaluate((element) => parseFloat(getComputedStyle(element).fontSize));
  expect(next).toBeGreaterThanOrEqual(96);
});
