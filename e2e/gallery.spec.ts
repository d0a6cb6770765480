import { fileURLToPath } from 'node:url';
import AxeBuilder from '@axe-core/playwright';
import { expect, test } from '@playwright/test';
import type { PreviewServer } from 'vite';
import { build, preview } from 'vite';
import { WALK } from './kitchen.ts';

const root = fileURLToPath(new URL('../app/gallery', import.meta.url));
const outDir = fileURLToPath(new URL('../.cache/gallery', import.meta.url));
const configFile = fileURLToPath(new URL('../vite.gallery.config.ts', import.meta.url));
let server: PreviewServer;
let address = '';

test.describe.configure({ mode: 'serial' });

test.beforeAll(async () => {
  await build({ root, configFile, logLevel: 'warn', build: { outDir, emptyOutDir: true } });
  server = await preview({ root, configFile, logLevel: 'warn', build: { outDir }, preview: { port: 0, strictPort: false } });
  address = server.resolvedUrls?.local[0] ?? '';
});
test.afterAll(() => server.close());

const CASES = [
  { name: 'light', query: '', forced: null, width: 1280 },
  { name: 'dark', query: '?appearance=dark', forced: null, width: 1280 },
  { name: 'in forced colours', query: '', forced: 'active', width: 1280 },
  // 200 % at 1280 is a page of 640.
  { name: 'at 200 %', query: '', forced: null, width: 640 },
  { name: 'on a phone', query: '?appearance=dark', forced: null, width: 390 },
] as const;

for (const { name, query, forced, width } of CASES)
  test(`every part ${name}: no violation (axe, WCAG 2.2 AA), nothing wider than the page`, WALK, async ({ page }) => {
    await page.setViewportSize({ width, height: 800 });
    await page.emulateMedia({ forcedColors: forced });
    await page.goto(`${address}${query}`);
    await expect(page.getByRole('heading', { name: 'Gallery of parts' })).toBeVisible();
    const { violations } = await new AxeBuilder({ page }).withTags(['wcag2a', 'wcag2aa', 'wcag21aa', 'wcag22aa']).analyze();
    expect(
      violations.map(({ id, nodes }) => [id, nodes.map(({ html, any }) => [html.slice(0, 120), any.map(({ message }) => message)])]),
    ).toEqual([]);
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(width);
  });

test('the scale moves by keys, a chip goes in and out, a fold opens', WALK, async ({ page }) => {
  await page.goto(address);
  const scale = page.getByRole('slider', { name: 'Colour' });
  await scale.focus();
  await page.keyboard.press('ArrowRight');
  await expect(scale).toHaveAttribute('aria-valuetext', '4.5, Amber');
  // Classes are there: what is acted on is as large as a wet hand needs.
  const box = await page.getByRole('button', { name: 'Poured' }).boundingBox();
  expect(box?.height).toBeGreaterThanOrEqual(108);
  const chip = page.getByRole('button', { name: 'Wafer iron' });
  await chip.click();
  await expect(chip).toHaveAttribute('aria-pressed', 'true');
  await page.getByRole('button', { name: 'How safe is this plan?' }).click();
  await expect(page.getByText('One load more')).toBeVisible();
  await page.getByRole('tab', { name: 'Ingredients' }).focus();
  await page.keyboard.press('ArrowRight');
  await expect(page.getByText('One after another.')).toBeVisible();
});
