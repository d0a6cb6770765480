import { readFileSync } from 'node:fs';
import { expect } from '@playwright/test';
import { DAY_MS, instantOf, wallTime } from '../core/basis/index.ts';
import { backToIrons, button, column, importFile, left_s, more, open, openAll, startLoad, test } from './kitchen.ts';

const ZONE = 'Europe/London';

/** Ten minutes across each: what the clock on the wall shows before and after. */
const NIGHTS = [
  { name: 'the night the clocks go back', from: '2027-10-31T00:55:00Z', wall: ['01:55', '01:05'] },
  { name: 'the night the clocks go forward', from: '2027-03-28T00:55:00Z', wall: ['00:55', '02:05'] },
  { name: 'midnight', from: '2026-12-05T23:55:00Z', wall: ['23:55', '00:05'] },
] as const;

const demo = JSON.parse(readFileSync(new URL('../demo/kitchen.json', import.meta.url), 'utf8')) as {
  kit: { zone: string };
  runs: { zone: string; serveAt: number }[];
};

/** The demo kitchen in this zone, with its breakfast at 07:15 of the morning that comes. */
const kitchenFor = (now: number): string => {
  const day = wallTime(now + DAY_MS / 4, ZONE).slice(0, 10);
  const serveAt = instantOf(`${day}T07:15`, ZONE)!;
  return JSON.stringify({ ...demo, kit: { ...demo.kit, zone: ZONE }, runs: demo.runs.map((run) => ({ ...run, zone: ZONE, serveAt })) });
};

for (const { name, from, wall } of NIGHTS)
  test(`${name}, with a load cooking, a bowl standing and a morning planned: nothing is an hour out`, async ({ page, context }) => {
    const start = Date.parse(from);
    await context.clock.install({ time: start });
    await open(page, 'kitchen?section=data');
    await importFile(page, kitchenFor(start), 'in place');
    await open(page, 'plan');
    const served = page.getByLabel('Served at, time');
    const pour = page.locator('dl').getByText('First pour').locator('..');
    await expect(pour).toContainText(/\d+:\d\d/);
    const planned = await pour.locator('dd').first().textContent();
    await open(page, 'cook');
    await startLoad(page, 'deep-a');
    const pageNow = (): Promise<number> => page.evaluate(() => Date.now());
    const [before, at] = [await left_s(page, 'deep-a'), await pageNow()];
    /** How far the countdown is from what went by on the page's clock, s. */
    const apart_s = async (): Promise<number> => Math.abs(before - (await left_s(page, 'deep-a')) - ((await pageNow()) - at) / 1000);
    expect(wallTime(at, ZONE).slice(11, 13)).toBe(wall[0].slice(0, 2));
    await context.clock.fastForward('10:00');
    // Ten minutes are ten minutes, whatever the wall shows, and nobody is asked about a clock.
    await expect.poll(apart_s).toBeLessThan(4);
    expect(wallTime(await pageNow(), ZONE).slice(11, 13)).toBe(wall[1].slice(0, 2));
    await expect(page.locator('[data-jump]')).toHaveCount(0);
    await page.reload();
    await expect(column(page, 'deep-a').getByRole('timer')).toBeVisible();
    await expect.poll(apart_s).toBeLessThan(4);
    await button(page, 'deep-a', 'Opened').click();
    await expect(column(page, 'deep-a')).toHaveAttribute('data-phase', 'opened');
    await expect(column(page, 'deep-a')).not.toContainText('−');
    // The bowl has stood for ten minutes, not for seventy, and not for minus fifty.
    await openAll(page, 'larder');
    await expect(page.getByText(/0:1\d h of/).first()).toBeVisible();
    // The morning is where it was planned.
    await open(page, 'plan');
    await expect(served).toHaveValue(/^7:15/);
    await expect(pour.locator('dd').first()).toHaveText(planned ?? '');
    // A day later it is another morning: the iron begins with its first load, and the touch counts.
    await context.clock.fastForward('24:00:00');
    await open(page, 'cook');
    await button(page, 'deep-a', 'Poured').click();
    await expect(column(page, 'deep-a')).toHaveAttribute('data-phase', 'poured');
    await expect(await more(page, 'deep-a')).toContainText('load 1');
    await backToIrons(page);
  });
