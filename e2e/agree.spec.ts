import { execFileSync } from 'node:child_process';
import type { Page } from '@playwright/test';
import { expect } from '@playwright/test';
import { column, exported, figure, open, openAll, settled, show, test, toDoor, type, unfold } from './kitchen.ts';
import type { Shown } from './shown.ts';
import { atIron, atLine, clock, go, onSheet, whole } from './shown.ts';

const onIron = (page: Page): Promise<Shown> => atIron(page, 'deep-a');
const onLine = async (page: Page): Promise<Shown> => {
  await go(page, 'Cook');
  return atLine(page, 'deep-a');
};
const onRun = async (page: Page): Promise<Shown> => {
  await go(page, 'Plan');
  return onSheet(page, 'deep-a');
};

type Unset = Omit<Shown, 'set'>;

const onFormula = async (page: Page): Promise<Unset> => {
  await toDoor(page, 'Recipe');
  await expect(page.locator('[data-figure="dose_g"]')).toBeVisible();
  return { grams: Math.round(await figure(page, 'dose_g')), time: clock(await figure(page, 'cookTime_s.best')) };
};

/** The method that is in use. */
const onLift = async (page: Page): Promise<Unset> => {
  await go(page, 'Mix');
  const row = page.getByRole('listitem').filter({ has: page.getByRole('button', { name: 'In use' }) });
  await expect(row).toContainText(/a load/);
  const [, grams = '', time = ''] = /(\d+) g a load, \d+ pieces, (\d+:\d\d)/.exec(await row.innerText()) ?? [];
  return { grams: whole(grams), time };
};

/** Every station says the same; once all of them have weighed what the iron’s loads say. */
const agree = async (page: Page): Promise<Shown> => {
  const iron = await onIron(page);
  await expect.poll(() => onLine(page), { timeout: 60_000 }).toEqual(iron);
  await expect.poll(() => onRun(page), { timeout: 60_000 }).toEqual(iron);
  const { set: _, ...unset } = iron;
  await expect.poll(() => onFormula(page), { timeout: 60_000 }).toEqual(unset);
  await expect.poll(() => onLift(page), { timeout: 60_000 }).toEqual(unset);
  return iron;
};

test('one set of figures on Iron, Formula, Lift, Run and Line: known, as if new, browner, with nuts scattered in, and on the command line', async ({
  page,
}) => {
  await openAll(page, 'iron');
  await settled(page);
  const known = await agree(page);
  const path = await exported(page);
  const printed = execFileSync(
    process.execPath,
    ['scripts/lattice.mjs', 'advise', path, '--iron', 'deep-a', '--formula', 'oat-rye', '--batter', '18', '--json'],
    {
      encoding: 'utf8',
    },
  );
  const { portion_g, cookTime_s } = JSON.parse(printed) as { portion_g: number; cookTime_s: { best: number } };
  expect({ grams: Math.round(portion_g), time: clock(cookTime_s.best) }).toEqual({ grams: known.grams, time: known.time });

  // As if nobody had cooked on it.
  await openAll(page, 'iron');
  await settled(page);
  await page.getByRole('button', { name: 'Ignore history' }).click();
  await expect.poll(async () => page.locator('[data-figure="basis"]').getAttribute('data-exact')).toBe('0');
  const asNew = await agree(page);
  expect(asNew).not.toEqual(known);
  await toDoor(page, 'Iron');
  await page.getByRole('button', { name: 'Use what we learned' }).click();

  // Browner, and something scattered in: both belong to the dish, not to the screen on which they were said.
  await page.getByRole('slider', { name: 'Colour' }).focus();
  for (let i = 0; i < 2; i++) await page.keyboard.press('ArrowRight');
  await settled(page);
  await page.getByRole('button', { name: 'More', exact: true }).click();
  await page.getByLabel('Scattered in').selectOption('nuts');
  await page.keyboard.press('Escape');
  await settled(page);
  const withNuts = await agree(page);
  expect(withNuts.grams).toBeLessThan(known.grams - 5);
  await toDoor(page, 'Cook');
  await expect(column(page, 'deep-a')).toContainText('then scatter 30 g of nuts');
  await expect(column(page, 'deep-b')).toContainText('then scatter 30 g of nuts');
  await column(page, 'deep-a').getByRole('button', { name: 'Poured', exact: true }).click();
  await expect(column(page, 'deep-a')).toContainText(/scatter 30\sg nuts/);
});

test('a bowl that stands in the cold with a portion of one’s own: every station pours it as cold as it will be', async ({ page }) => {
  await open(page, 'plan');
  await page.getByRole('button', { name: /^Recipe: / }).click();
  await page.getByRole('option', { name: /Overnight yeasted/ }).click();
  await show(page, 'more');
  await page.getByRole('link', { name: 'change on the iron' }).click();
  await settled(page);
  const conditions = page.getByText(/^Worked out for /);
  await unfold(page, 'Show the science');
  await expect(conditions).toContainText('batter at 18');
  await go(page, 'Mix');
  await page.getByRole('button', { name: 'Mixed; into the cold' }).click();
  await expect(page.getByRole('button', { name: 'It is in the cold' })).toBeVisible();
  await toDoor(page, 'Iron');
  await settled(page);
  await expect(conditions).not.toContainText('batter at 18');
  await page.getByRole('button', { name: 'More', exact: true }).click();
  await expect(page.getByText('when you pour.')).toBeVisible();
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: 'Use my own settings' }).click();
  await type(page.getByLabel('Portion, g'), '190');
  await page.getByRole('button', { name: 'Use these' }).click();
  await expect.poll(async () => figure(page, 'dose_g')).toBe(190);
  await settled(page);
  const iron = await onIron(page);
  expect(iron.grams).toBe(190);
  await expect.poll(() => onLine(page), { timeout: 60_000 }).toEqual(iron);
  await expect.poll(() => onRun(page), { timeout: 60_000 }).toEqual(iron);
  const { set: _, ...unset } = iron;
  await expect.poll(() => onFormula(page), { timeout: 60_000 }).toEqual(unset);
});
