import { expect } from '@playwright/test';
import { figure, FOLDED, open, openAll, PAGES, settled, still, test, toDoor, type } from './kitchen.ts';

/** Published limits are quoted in the degrees of their source. */
const QUOTED = /ISO 13732|Food Code|common practice|FDA/;

test('a kitchen that thinks in °F, inches and feet: no page shows or asks for anything else', async ({ page }) => {
  await open(page, 'kitchen?section=units');
  await page.getByLabel('Temperatures').selectOption('F');
  await page.getByLabel('Lengths').selectOption('in');
  await page.getByRole('link', { name: /^Place/ }).click();
  await expect(page.getByLabel('Altitude, ft')).toHaveValue('4068');
  await expect(page.getByLabel('Room, °F')).toBeVisible();
  await type(page.getByLabel('Refrigerator, °F'), '39');
  // Stored, as another look at the station shows: only then may the page be loaded anew.
  await toDoor(page, 'Plan');
  await expect(page.getByRole('heading', { level: 1 }).first()).toBeVisible();
  await toDoor(page, 'Kitchen');
  await expect(page.getByLabel('Refrigerator, °F')).toHaveValue('39');
  for (const door of PAGES) {
    await open(page, door);
    if (door in FOLDED) await openAll(page, door as keyof typeof FOLDED);
    if (door === 'iron') {
      await settled(page);
      await expect(page.getByText(/± \d+ °F/)).toBeVisible();
      await expect(page.getByText(/crust 0\.\d+ in/).first()).toBeVisible();
    }
    await still(page);
    const lines = (await page.getByRole('main').innerText())
      .split('\n')
      .filter((line) => /°C|\d K\b|\d (?:mm|cm|m)\b|, (?:mm|cm|cm²|m)$/.test(line) && !QUOTED.test(line));
    // The select that offers both stands in the kitchen.
    expect([door, lines.filter((line) => line.trim() !== '°C')]).toEqual([door, []]);
  }
  // Asked for in °F, kept in °C: the same kitchen, the same figures.
  await openAll(page, 'iron');
  await settled(page);
  const time = await figure(page, 'cookTime_s.best');
  await page.getByRole('button', { name: 'More', exact: true }).click();
  await type(page.getByLabel('Batter temperature, °F'), '40');
  await page.keyboard.press('Escape');
  await settled(page);
  await expect.poll(() => figure(page, 'cookTime_s.best')).toBeGreaterThan(time);
  await open(page, 'kitchen');
  await expect(page.getByLabel('Refrigerator, °F')).toHaveValue('39');
});
