import type { Page } from '@playwright/test';
import { expect } from '@playwright/test';
import { column, figure, settled, toDoor, unfold } from './kitchen.ts';

/** The demo's irons that its breakfast is cooked on. */
export const IRONS = { 'deep-a': 'Deep A', 'deep-b': 'Deep B', 'thin-four': 'Thin four' } as const;
export type IronId = keyof typeof IRONS;
export const IDS = Object.keys(IRONS) as IronId[];

/** Of one load as a door shows it: grams of each mould, what is set, and how long it is closed. */
export type Shown = { readonly grams: number; readonly set: string; readonly time: string };

export const clock = (seconds: number): string => `${Math.floor(seconds / 60)}:${String(Math.round(seconds) % 60).padStart(2, '0')}`;
export const whole = (text: string | null): number => Number((text ?? '').replace(/\D/g, ''));
/** To a door, or to a room of the recipe. */
export const go = async (page: Page, door: string): Promise<void> => {
  const isRoom = door === 'Weigh' || door === 'Mix';
  await toDoor(page, isRoom ? 'Recipe' : door);
  if (isRoom) await page.getByRole('link', { name: door, exact: true }).first().click();
  if (door === 'Plan') await unfold(page, 'Show the details');
};

export const atIron = async (page: Page, id: IronId): Promise<Shown> => {
  await go(page, 'Iron');
  await settled(page);
  const heading = page.getByRole('heading', { level: 1 });
  if ((await heading.textContent())?.includes(IRONS[id]) !== true) {
    await page.getByRole('button', { name: /^Iron: / }).click();
    await page.getByRole('option', { name: new RegExp(`^${IRONS[id]}`) }).click();
    await expect(heading).toContainText(IRONS[id]);
    await settled(page);
  }
  const set = (await page.locator('[data-figure="dial"]').textContent()) ?? '';
  return { grams: Math.round(await figure(page, 'dose_g')), set, time: clock(await figure(page, 'cookTime_s.best')) };
};

export const atLine = async (page: Page, id: IronId): Promise<Shown> => {
  const iron = column(page, id);
  const words = iron.locator('[data-next-load]');
  await expect(words).toBeVisible();
  const [, grams = '', set = '', time = ''] = /^([\d,]+)\sg · dial (\S+) · (\S+)/.exec((await words.textContent()) ?? '') ?? [];
  return { grams: whole(grams), set, time };
};

/** As the run sheet has it, on the screen and on paper. */
export const onSheet = async (page: Page, id: IronId): Promise<Shown> => {
  const cells = page.getByRole('row', { name: new RegExp(IRONS[id]) }).getByRole('cell');
  await expect(cells.nth(3)).toContainText(':');
  const [, set = ''] = /dial (\S+)/.exec((await cells.nth(1).textContent()) ?? '') ?? [];
  const [, grams = '', each] = /^([\d,]+) g(?:, ([\d,]+) g a mould)?/.exec((await cells.nth(2).textContent()) ?? '') ?? [];
  const [, time = ''] = /^(\d+:\d\d)/.exec((await cells.nth(3).textContent()) ?? '') ?? [];
  return { grams: whole(each ?? grams), set, time };
};
