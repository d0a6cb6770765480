import type { Page } from '@playwright/test';
import { expect } from '@playwright/test';
import { backToIrons, column, more, open, pastEcho, test, touchIrons, WALK } from './kitchen.ts';

const SIZES = [
  { width: 1280, height: 800 },
  { width: 1024, height: 768 },
  { width: 390, height: 844 },
] as const;

/** What is cut, hidden under something, or has to be scrolled to at Cook: nothing may be. */
const cut = (page: Page): Promise<string[]> =>
  page.evaluate(() => {
    const root = document.querySelector('[data-cook]')!;
    const isShown = (element: Element): boolean => element.getClientRects().length > 0;
    const name = (element: Element): string => element.getAttribute('aria-label') ?? element.textContent.trim().slice(0, 40);
    const buttons = [...root.querySelectorAll('button')].filter(isShown).flatMap((button) => {
      const { left, right, top, bottom, width, height } = button.getBoundingClientRect();
      const isInside = left >= -1 && top >= -1 && right <= innerWidth + 1 && bottom <= innerHeight + 1;
      const hit = document.elementFromPoint(left + width / 2, top + height / 2);
      if (isInside && hit !== null && (button.contains(hit) || hit.contains(button))) return [];
      return [`button ${name(button)} at ${Math.round(top)}–${Math.round(bottom)}`];
    });
    const scrolled = [...root.querySelectorAll('section, h2')]
      .filter(isShown)
      .flatMap((element) =>
        element.scrollHeight > element.clientHeight + 2 || element.scrollWidth > element.clientWidth + 2
          ? [
              `${element.tagName} ${name(element)}: ${element.scrollHeight} in ${element.clientHeight}, ${element.scrollWidth} in ${element.clientWidth}`,
            ]
          : [],
      );
    // Nothing of an iron lies over what stands above it.
    const over = [...root.querySelectorAll('section[data-iron]')].flatMap((iron) => {
      const parts = [...iron.children].filter(isShown).map((part) => ({ part, box: part.getBoundingClientRect() }));
      return parts.flatMap(({ part, box }, i) => {
        const last = [...part.querySelectorAll('*'), part].filter(isShown).map((inner) => inner.getBoundingClientRect().bottom);
        const next = parts[i + 1]?.box;
        return next !== undefined && Math.max(...last, box.bottom) > next.top + 3 ? [`${name(iron)}: ${part.tagName} over the next`] : [];
      });
    });
    const foot = root.querySelector('footer')!.getBoundingClientRect();
    return [...buttons, ...scrolled, ...over, ...(foot.bottom > innerHeight + 1 || foot.height > 57 ? [`foot ${foot.height}`] : [])];
  });

const until = async (page: Page, act: string, step_ms = 3000): Promise<void> => {
  const next = page.getByRole('region', { name: 'Do next' });
  for (let k = 0; k < 300; k++) {
    if ((await next.getAttribute('data-act')) === act && (await next.getAttribute('data-at-hand')) === 'true') return;
    await page.clock.fastForward(step_ms);
  }
  throw new Error(`never asked to ${act}`);
};

for (const size of SIZES)
  test(
    `Cook fits ${size.width} × ${size.height} whatever happens: three irons poured, late, doubted, rated; then five`,
    WALK,
    async ({ page }) => {
      await page.setViewportSize(size);
      await page.clock.install({ time: new Date('2026-11-30T06:45:30Z') });
      await open(page, 'cook');
      const next = page.getByRole('region', { name: 'Do next' });
      const fits = async (what: string): Promise<void> => {
        await pastEcho(page);
        expect([what, await cut(page)]).toEqual([what, []]);
      };
      await until(page, 'pour');
      await expect(page.locator('[data-caution]')).toBeVisible();
      await fits('the first pour, with its caution');
      for (let i = 0; i < 3; i++) {
        await until(page, 'pour');
        await next.getByRole('button', { name: /^Poured: / }).click();
        await expect(next).toHaveAttribute('data-act', 'close');
        if (i === 0) await fits('close');
        await page.clock.fastForward(1000);
        await next.getByRole('button', { name: /^Closed: / }).click();
        await expect(next).not.toHaveAttribute('data-act', 'close');
        await page.clock.fastForward(1000);
      }
      // Said once: not again at the second pour.
      await expect(page.locator('[data-caution]')).toHaveCount(0);
      await fits('three cook');
      await more(page, 'deep-b');
      await fits('more of one');
      await backToIrons(page);
      await until(page, 'open', 2000);
      await page.clock.fastForward(100_000);
      await expect(next).toHaveAttribute('data-late', 'true');
      await expect(next).toContainText('Late');
      await expect(next.locator('[data-panel-figure]')).toHaveText(/^−\d/);
      await fits('late');
      const late = (await next.getAttribute('data-for')) ?? '';
      // The column, or the row of the phone, says the same; as time goes by another lid may come first.
      await expect(column(page, late)).toHaveAttribute('data-late', 'true');
      await next.getByRole('button', { name: /^Opened: / }).click();
      await expect(page.locator('section[data-phase="opened"]')).toHaveCount(1);
      await fits('one is out');
      await page
        .getByRole('button', { name: /^How was it\?/ })
        .first()
        .click();
      await fits('how was it');
      await page.getByRole('button', { name: 'corner missing, front left' }).click();
      await expect(page.getByRole('button', { name: 'Save' })).toBeVisible();
      await fits('a corner is missing');
      await page.getByRole('button', { name: 'Save' }).click();
      await expect(page.getByRole('region', { name: /^How was / })).toHaveCount(0);
      await open(page, 'plan');
      await touchIrons(page, 'Wafer iron', 'Ball pan');
      await open(page, 'cook');
      await expect(page.locator('section[data-iron]')).toHaveCount(5);

      await fits('five irons');
    },
  );
