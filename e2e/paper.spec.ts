import { expect } from '@playwright/test';
import { open, test, WALK } from './kitchen.ts';

/** What A4 leaves between its margins of 12 mm, at 96 px an inch. */
const PAGE = { width: 703, height: 1031 };

test(
  'on paper the wall comes first and fits its page; recipes, shopping and figures have their own; nothing to type in',
  WALK,
  async ({ page }) => {
    await page.setViewportSize(PAGE);
    await open(page, 'plan');
    await expect(page.getByText('First pour').first()).toBeVisible();
    await page.emulateMedia({ media: 'print' });
    const pages = page.locator('.paper-page');
    await expect(pages.first()).toBeVisible();
    await expect(pages.first()).toHaveAttribute('aria-label', 'Wall sheet');
    await expect
      .poll(() => pages.evaluateAll((all) => all.map((one) => one.getAttribute('aria-label'))))
      .toEqual(['Wall sheet', 'Recipe: Fellside oat and rye', 'Shopping', 'Every figure']);
    const wall = page.getByRole('region', { name: 'Wall sheet' });
    expect((await wall.boundingBox())!.height).toBeLessThanOrEqual(PAGE.height);
    for (const name of ['Deep A', 'Deep B', 'Thin four']) {
      const iron = wall.getByRole('article', { name });
      await expect(iron).toContainText('dial');
      await expect(iron).toContainText(/\d+:\d\d →/);
      // The last line of an iron says that it is switched off.
      await expect(iron.getByRole('row').last()).toContainText('off');
    }
    await expect(wall).toContainText('ISO 13732-1');
    // No entry, no button, and the shopping isn't on the wall.
    await expect(page.locator('input:visible, textarea:visible, button:visible')).toHaveCount(0);
    await expect(wall).not.toContainText('to buy');
    await expect(page.getByRole('region', { name: 'Shopping' })).toContainText('to buy');
    // Rendered: each of the four begins a page, and the morning minute by minute comes after them.
    const pdf = (await page.pdf({ format: 'A4', preferCSSPageSize: true })).toString('latin1');
    const printed = pdf.match(/\/Type\s*\/Page\b/g)?.length ?? 0;
    expect(printed).toBeGreaterThanOrEqual(5);
    expect(printed).toBeLessThanOrEqual(7);
    await page.emulateMedia({ media: null });
  },
);
