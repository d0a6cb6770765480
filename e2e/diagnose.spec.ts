import { expect } from '@playwright/test';
import { openAll, test, type } from './kitchen.ts';

test('touch what went wrong: causes with their chances, turned by the numbers, remembered when one was it', async ({ page }) => {
  await openAll(page, 'log');
  await page.locator('[data-load] button').first().click();
  const asked = page.getByRole('region', { name: 'What went wrong?' });
  await expect(asked).toBeVisible();
  // What its log says stands there already, and can be taken back.
  for (const said of await asked.getByRole('button', { pressed: true }).all()) await said.click();
  await expect(asked.locator('[data-cause]')).toHaveCount(0);
  await asked.getByRole('button', { name: 'soggy within minutes' }).click();
  const first = asked.locator('[data-cause]').first();
  await expect(first).toBeVisible();
  const chanceOf = async (cause: string): Promise<number> =>
    Number(
      (await asked
        .locator(`[data-cause="${cause}"]`)
        .getAttribute('data-chance')
        .catch(() => null)) ?? 0,
    );
  await asked.getByRole('checkbox', { name: /it lay in a pile/ }).check();
  await expect(first).toHaveAttribute('data-cause', 'piled');
  const piled = await chanceOf('piled');
  expect(piled).toBeGreaterThan(0.6);
  // By the model: as it was done, and what if it had been opened much later.
  const whatIf = page.getByRole('region', { name: 'What if' });
  const stepOf = async (name: string): Promise<number> =>
    Number(await whatIf.locator(`[data-figure="${name}"]`).getAttribute('data-exact'));
  await expect(whatIf.locator('[data-figure="as done"]')).toBeVisible();
  const opened = whatIf.getByLabel('opened after, s');
  await type(opened, String(Math.round(1.4 * Number(await opened.inputValue()))));
  await opened.press('Enter');
  await expect(whatIf.locator('[data-figure="as tried"]')).toContainText('instead of');
  await expect.poll(async () => (await stepOf('as tried')) - (await stepOf('as done'))).toBeGreaterThan(0.3);
  await first.getByRole('button', { name: 'It was this?' }).click();
  await expect(first.getByRole('button', { name: 'It was this', exact: true })).toHaveAttribute('aria-pressed', 'true');
  // It stays with the load, and the next time it is likelier from the start.
  await page.reload();
  await page.locator('[data-load] button').first().click();
  await expect(page.getByText('behind it: piled')).toBeVisible();
  await asked.getByRole('button', { name: 'soggy within minutes' }).click();
  await expect(first).toHaveAttribute('data-cause', 'piled');
  await expect(first.getByRole('button', { name: 'It was this', exact: true })).toBeVisible();
});

test('found in the history: why the hurried ones were soggy, and why the second sitting was unlike the first', async ({ page }) => {
  await openAll(page, 'log');
  for (const [words, batter, symptom, cause] of [
    ['Soggy', 'Fellside oat and rye', 'soggy within minutes', 'opened-early'],
    ['Second sitting', 'Folded tarn batter', 'unlike the first load', 'air-lost'],
  ] as const) {
    await page.getByRole('searchbox').fill(words);
    await expect(page.locator('[data-load]')).toHaveCount(2);
    for (const row of await page.locator('[data-load]').all()) await expect(row).toContainText(batter);
    await page.locator('[data-load] button').last().click();
    const asked = page.getByRole('region', { name: 'What went wrong?' });
    await asked.getByRole('button', { name: symptom }).click();
    await expect(asked.locator('[data-cause]').first()).toHaveAttribute('data-cause', cause);
    await page.keyboard.press('Escape');
    await expect(asked).toHaveCount(0);
  }
});
