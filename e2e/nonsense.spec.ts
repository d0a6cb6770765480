import type { Locator, Page } from '@playwright/test';
import { expect } from '@playwright/test';
import { seededRandom } from '../core/basis/index.ts';
import { isProving, open, still, test, unfold } from './kitchen.ts';

/** Each with what it keeps folded away. */
const PAGES = [
  'plan?show=more',
  'recipe',
  'recipe/weigh',
  'recipe/mix',
  'iron',
  'larder',
  'log?words=oat',
  'iron/practice',
  'kitchen?section=place',
  'kitchen?section=units',
  'kitchen?section=tools',
] as const;
const FOLDED = { recipe: 'Show the numbers', iron: 'Show the science', larder: 'Show every item' } as Record<string, string>;
/** What somebody with greasy hands may leave in an entry. */
const NONSENSE = [
  'NaN',
  'Infinity',
  '-5',
  '1e999',
  '9'.repeat(40),
  '1,000',
  '2.50',
  '25:61',
  '٣٫٥',
  '½½',
  '--',
  "Robert'); DROP TABLE loads;--",
  '<img src=x onerror=alert(1)>',
  '\u202e12',
  '🧇',
  'x'.repeat(3000),
] as const;
/** What no cook ever reads. */
const NEVER = /\bNaN\b|\bundefined\b|\bInfinity\b|\[object|\bnull\b/;

/** Fills this many of each page's entries. */
const FILLS = isProving ? 170 : 14;

const entries = (page: Page): Locator =>
  page.getByRole('main').locator('input:not([type]), input[type="text"], input[type="search"], textarea').locator('visible=true');

/** What the page says apart from what stands in entries, where nonsense may stand. */
const said = (page: Page): Promise<string> =>
  page.evaluate(() => {
    const copy = document.body.cloneNode(true) as HTMLElement;
    for (const entry of copy.querySelectorAll('input, textarea, script, style')) entry.remove();
    return copy.innerText;
  });

for (const [i, door] of PAGES.entries())
  test(`nonsense in the entries of ${door}: asked about or kept as it was typed, nothing blank, no figure that isn’t one`, async ({
    page,
  }) => {
    const random = seededRandom(700 + i);
    const errors: string[] = [];
    page.on('pageerror', ({ message }) => errors.push(message));
    await open(page, door);
    const folded = FOLDED[door];
    if (folded !== undefined) await unfold(page, folded);
    await still(page);
    for (let fill = 0; fill < FILLS; fill++) {
      const all = await entries(page).count();
      if (all === 0) break;
      const entry = entries(page).nth(random.below(all));
      // An entry may go while another one is left: then another is taken.
      if (!(await entry.isVisible()) || !(await entry.isEditable())) continue;
      const before = await entry.inputValue();
      // Among words it is a name like any other.
      const picked = random.pick(NONSENSE);
      const nonsense = (await entry.getAttribute('inputmode')) === null ? picked.toLowerCase() : picked;
      const where = `${door}, fill ${fill}: ${nonsense.slice(0, 30)}`;
      await entry.fill(nonsense);
      await entry.blur();
      await expect(page.getByRole('heading', { level: 1 }).first(), where).toBeVisible();
      // What is kept of it is still there; what isn't is taken back or asked about.
      if (await entry.isVisible()) {
        const most = Number((await entry.getAttribute('maxlength')) ?? Infinity);
        // The entry shows what it held until the store has taken the new value.
        await expect(async () => {
          const after = await entry.inputValue({ timeout: 5000 });
          const isAsked = (await entry.getAttribute('aria-invalid')) === 'true';
          const isKept = after === before || after === nonsense || after === '' || after.length === most || isSame(after, nonsense);
          expect(isAsked || isKept, `${where}; it held ${before}, it holds ${after.slice(0, 60)}`).toBe(true);
        }).toPass({ timeout: 30_000 });
      }
      expect(NEVER.exec(await said(page))?.[0], where).toBeUndefined();
      await page.keyboard.press('Escape');
    }
    expect(errors).toEqual([]);
    await page.reload();
    await expect(page.getByRole('heading', { level: 1 }).first()).toBeVisible();
    expect(NEVER.exec(await said(page))?.[0]).toBeUndefined();
  });

/** Written otherwise, it says the same; a height in metres is shown in whole ones. */
const isSame = (after: string, typed: string): boolean =>
  after.replaceAll(/\s/g, '') === typed.trim().replaceAll(/\s/g, '') ||
  // A time of day with a point.
  after.replace(/^0/, '').replace(':', '.') === typed ||
  // Thousands with their comma.
  (THOUSANDS.test(typed) && after === typed.replaceAll(',', '')) ||
  (NUMBER.test(typed) && Math.abs(Number(after) - Number(typed)) <= 0.5);
const THOUSANDS = /^\d{1,3}(?:,\d{3})+$/;
const NUMBER = /^-?\d{1,9}(?:\.\d+)?$/;
