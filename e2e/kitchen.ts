import type { BrowserContext, Locator, Page } from '@playwright/test';
import { expect, test as base } from '@playwright/test';

/** What was found of irons and may be found again (app/store/derived.ts). */
const DERIVED = 'tawny-lattice-derived';

/** Everything that a kitchen of the test before has left in this browser, but for answers that come out the same. */
const emptied = async (page: Page, baseURL: string): Promise<void> => {
  await page.goto(`${baseURL}/api/health`);
  await page.evaluate(async (derived) => {
    localStorage.clear();
    const names = (await indexedDB.databases()).map(({ name }) => name ?? '').filter((name) => name !== derived);
    await Promise.all(
      names.map(
        (name) =>
          new Promise<void>((resolve, reject) => {
            const gone = indexedDB.deleteDatabase(name);
            gone.onsuccess = () => resolve();
            gone.onerror = () => reject(new Error(name));
            gone.onblocked = () => reject(new Error(`${name} is open`));
          }),
      ),
    );
  }, DERIVED);
};

/** A walk that `npm test` goes; the others are gone by `npm run prove`. */
export const WALK = { tag: '@walk' };

/** A context whose clock is set is set for good: the next test takes another. */
const CLOCKS = ['install', 'setFixedTime', 'setSystemTime', 'pauseAt'] as const;

/** Options without those that nobody gave. */
const given = <T extends object>(options: T): { [K in keyof T]: NonNullable<T[K]> } =>
  Object.fromEntries(Object.entries(options).filter(([, value]) => value !== undefined)) as { [K in keyof T]: NonNullable<T[K]> };

type Shared = { context: BrowserContext | null };

/**
 * Tests of one worker share a browser profile, emptied between them: what a start costs most is reading the application's code and finding answers
 * that were found before. A test that fails or sets the clock leaves none behind.
 */
export const test = base.extend<object, { readonly shared: Shared }>({
  shared: [
    async ({ browser: _ }, use) => {
      const shared: Shared = { context: null };
      await use(shared);
      await shared.context?.close();
    },
    { scope: 'worker' },
  ],
  context: async ({ shared, browser, baseURL, viewport, timezoneId, locale, serviceWorkers }, use, info) => {
    const options = { viewport, serviceWorkers, ...given({ baseURL, timezoneId, locale }) };
    if (serviceWorkers !== 'block') {
      const own = await browser.newContext(options);
      await use(own);
      return own.close();
    }
    shared.context ??= await browser.newContext(options);
    const { context } = shared;
    await emptied(await context.newPage(), baseURL ?? '');
    const used = { isClockSet: false };
    const { clock } = context;
    for (const name of CLOCKS) {
      const set = clock[name].bind(clock) as (...given: unknown[]) => Promise<void>;
      Object.assign(clock, {
        [name]: (...given: unknown[]) => {
          used.isClockSet = true;
          return set(...given);
        },
      });
    }
    await use(context);
    if (used.isClockSet || info.status !== info.expectedStatus) {
      shared.context = null;
      await context.close();
    } else for (const page of context.pages()) await page.close();
  },
  // The page that was emptied is the test's own: each costs its time.
  page: async ({ context }, use) => use(context.pages()[0] ?? (await context.newPage())),
});

export const DOORS = ['plan', 'recipe', 'iron', 'cook', 'larder', 'log', 'kitchen'] as const;
/** Every page there is: doors, their rooms and the sections of the kitchen. */
export const PAGES = [
  ...DOORS,
  'welcome',
  'setup',
  'recipe/weigh',
  'recipe/mix',
  'recipe/card',
  'iron/practice',
  'kitchen?section=irons',
  'kitchen?section=tools',
  'kitchen?section=data',
] as const;

/** Opens a door and waits until it is ready for touches. */
export const open = async (page: Page, door: string): Promise<void> => {
  await page.goto(`/${door}`);
  await expect(page.getByRole('navigation', { name: 'Doors' })).toBeVisible();
  await expect(page.getByRole('heading', { level: 1 }).first()).toBeVisible();
};

/** The last one is what is worked with. */
const SHAPES = ['Thin round', 'Thin, four squares', 'Small', 'Ball pan', 'Wafers', 'Deep round'];

/** Opens what is folded away under this name, if it isn't open already. */
export const unfold = async (page: Page, name: string): Promise<void> => {
  const button = page.getByRole('button', { name, exact: true });
  await expect(button.or(page.getByRole('button', { name: name.replace(/^Show/, 'Hide'), exact: true })).first()).toBeVisible();
  if ((await button.count()) > 0 && (await button.first().getAttribute('aria-expanded')) !== 'true') await button.first().click();
};

/** To another door: by the rail, or at Cook by its menu. */
export const toDoor = async (page: Page, name: string): Promise<void> => {
  const rail = page.getByRole('navigation', { name: 'Doors' }).getByRole('link', { name, exact: true });
  const menu = page.getByRole('button', { name: 'Doors', exact: true });
  await expect(rail.or(menu).first()).toBeVisible();
  if (await rail.isVisible()) return rail.click();
  // Where the menu stands is Cook.
  if (name === 'Cook') return;
  await menu.click();
  await page.getByRole('menuitem', { name, exact: true }).click();
};

/** What each door keeps folded away until somebody wants it. */
export const FOLDED = {
  plan: 'Show the details',
  recipe: 'Show the numbers',
  iron: 'Show the science',
  larder: 'Show every item',
} as const;

/** Opens a door with what it keeps folded away. */
export const openAll = async (page: Page, door: keyof typeof FOLDED | 'log'): Promise<void> => {
  await open(page, door);
  if (door === 'log') await page.getByRole('button', { name: 'Table', exact: true }).click();
  else await unfold(page, FOLDED[door]);
};

/** Something that is done with a recipe as a whole: a button where there is no recipe yet, else behind *More*. */
export const recipeTool = async (page: Page, name: string): Promise<void> => {
  const button = page.getByRole('button', { name, exact: true });
  const more = page.getByRole('button', { name: 'More', exact: true });
  await expect(button.or(more).first()).toBeVisible();
  if (await button.isVisible()) return button.click();
  await more.click();
  await page.getByRole('menuitem', { name, exact: true }).click();
};

const PANES = { more: 'More choices', safe: 'How safe is this plan?', share: 'Share', plans: 'Plans' } as const;

/** Opens something over the clock of the plan, if it isn't open already. */
export const show = async (page: Page, pane: keyof typeof PANES): Promise<void> => {
  await expect(page.getByText('First pour').first()).toBeVisible();
  if (new URL(page.url()).searchParams.get('show') === pane) return;
  if (pane === 'safe' && new URL(page.url()).searchParams.has('show'))
    await page.getByRole('button', { name: 'Close', exact: true }).click();
  await page.getByRole('button', { name: PANES[pane] }).click();
  await expect(page).toHaveURL(new RegExp(`show=${pane}`));
};

/** Puts irons of the plan's first dish in or out. */
export const touchIrons = async (page: Page, ...names: readonly string[]): Promise<void> => {
  await page.getByRole('button', { name: /^Irons: / }).click();
  for (const name of names) {
    const iron = page.getByRole('group', { name: 'Irons', exact: true }).getByRole('checkbox', { name, exact: true });
    const was = await iron.isChecked();
    await iron.click();
    await expect(iron).toBeChecked({ checked: !was });
  }
  await page.keyboard.press('Escape');
};

/** How guests are served. */
export const guests = async (page: Page, how: 'everyone at once' | 'as guests arrive'): Promise<void> => {
  await page.getByRole('button', { name: /^Guests: / }).click();
  await page.getByRole('option', { name: how }).click();
};

/** From the example to the cook's own, empty kitchen; asked which irons there are, says these, and is at the same door again. */
export const toOwnKitchen = async (page: Page, shapes: readonly string[] = SHAPES): Promise<void> => {
  const { pathname, search } = new URL(page.url());
  await page.getByRole('button', { name: 'Set up my kitchen' }).click();
  await expect(page.getByRole('button', { name: /Back to the example/ })).toBeVisible();
  await expect(page.getByRole('heading', { level: 1, name: 'Set up your kitchen' })).toBeVisible();
  for (const name of shapes) {
    await page.getByRole('button', { name, exact: true }).click();
    await expect(page.getByRole('button', { name, exact: true })).toHaveAttribute('aria-pressed', 'true');
  }
  await open(page, `${pathname.slice(1)}${search}`);
};

/** Waits for the iron's answer to settle. */
export const settled = async (page: Page): Promise<void> => {
  await expect(page.locator('[data-ready="true"][data-busy="false"]')).toBeVisible();
};

export const figure = async (page: Page, name: string): Promise<number> =>
  Number(await page.locator(`[data-figure="${name}"]`).first().getAttribute('data-exact'));

export const column = (page: Page, iron: string) => page.locator(`section[data-iron="${iron}"]`);

/** What the countdown of this iron shows, s; negative: it is over. */
export const left_s = async (page: Page, iron: string): Promise<number> => {
  const text = (await column(page, iron).getByRole('timer').textContent()) ?? '';
  const [, sign, hours = '', minutes, seconds] = /^(−?)(?:(\d+):)?(\d+):(\d+)$/.exec(text) ?? [];
  return (sign === '−' ? -1 : 1) * (3600 * Number(hours) + 60 * Number(minutes) + Number(seconds));
};

/** The exported file of the kitchen that is open, through the real button. */
export const exported = async (page: Page): Promise<string> => {
  await page.goto('/kitchen?section=data');
  const waiting = page.waitForEvent('download');
  await page.getByRole('region', { name: 'Data' }).getByRole('button', { name: 'Export everything' }).click();
  return await (await waiting).path();
};

const TAKES = { 'in place': 'Replace what is here', merged: 'Merge it', beside: 'Add it' } as const;

/** Chooses a kitchen file in the kit, and takes it as it is asked for. */
export const importFile = async (page: Page, text: string | Buffer, how: keyof typeof TAKES): Promise<void> => {
  const buffer = typeof text === 'string' ? Buffer.from(text) : text;
  await page.getByLabel('Kitchen file to import').setInputFiles({ name: 'k.json', mimeType: 'application/json', buffer });
  const coming = page.getByRole('group', { name: 'Before it is taken' });
  await expect(coming).toContainText('k.json holds');
  if (how !== 'merged') {
    await coming.getByRole('button', { name: /^How a file is taken/ }).click();
    await page.getByRole('option', { name: new RegExp(how) }).click();
  }
  await coming.getByRole('button', { name: TAKES[how] }).click();
  await expect(coming).toHaveCount(0);
};

export const button = (page: Page, iron: string, name: string) => column(page, iron).getByRole('button', { name, exact: true });

/** The answer after a load: opens it for an iron and touches these, in this order; "above 4" and "below 5" are the faces. */
export const answer = async (page: Page, iron: Locator, ...touched: readonly string[]): Promise<Locator> => {
  await iron.getByRole('button', { name: /^(How was it\?|Change the rating)$/ }).click();
  const panel = page.getByRole('region', { name: /^How was / });
  const others = panel.getByRole('button', { name: /^(More|Colour and shape)$/ });
  for (const words of touched) {
    const face = /^(above|below) (\d)$/.exec(words);
    const where = face === null ? panel : panel.getByRole('group', { name: face[1] === 'above' ? 'Above' : 'Below' });
    const touch = where.getByRole('button', { name: face === null ? words : `step ${face[2]}`, exact: true });
    await expect(others).toBeVisible();
    if (!(await touch.isVisible())) await others.click();
    await touch.click();
    await expect(touch).toHaveAttribute('aria-pressed', 'true');
  }
  return panel;
};

/** Everything else that can be said of an iron, opened over the irons; a name touched in it. Closed again unless it stays. */
export const more = async (page: Page, iron: string, touch?: string | RegExp): Promise<Locator> => {
  const panel = page.getByRole('region', { name: /: more$/ });
  if (!(await panel.isVisible()))
    await column(page, iron)
      .getByRole('button', { name: /^More: / })
      .click();
  await expect(panel).toBeVisible();
  if (touch !== undefined)
    await panel.getByRole('button', typeof touch === 'string' ? { name: touch, exact: true } : { name: touch }).click();
  return panel;
};

/** Closes what is open over the irons, once what was touched there has been taken. */
export const backToIrons = async (page: Page): Promise<void> => {
  const panel = page.getByRole('region', { name: /: more$|^How was / });
  await expect(panel.locator('button:disabled')).toHaveCount(0);
  await panel.getByRole('button', { name: 'Close', exact: true }).click();
  await expect(panel).toHaveCount(0);
};

/** Pours and closes on one iron at the line. */
export const startLoad = async (page: Page, iron: string): Promise<void> => {
  await expect(button(page, iron, 'Poured')).toBeEnabled();
  await button(page, iron, 'Poured').click();
  await button(page, iron, 'Closed').click();
  await expect(column(page, iron)).toHaveAttribute('data-phase', 'cooking');
};

/** Types into an entry and leaves it: nothing is taken over before that. */
export const type = async (entry: Locator, text: string): Promise<void> => {
  await entry.fill(text);
  await entry.blur();
};

/** Opens the lid of this iron's column. A test is quicker than a waffle: where the touch is doubted, it is meant. */
export const openLid = async (page: Page, iron: Locator): Promise<void> => {
  await iron.getByRole('button', { name: 'Opened', exact: true }).click();
  await meant(page, iron);
};

/** Answers the doubt about an opening, if there is one. */
export const meant = async (page: Page, iron: Locator): Promise<void> => {
  const now = page.getByRole('alertdialog').getByRole('button', { name: 'Opened now' });
  const isOpened = iron.and(page.locator('[data-phase="opened"]'));
  await expect(now.or(isOpened)).toBeVisible();
  if (await now.isVisible()) await now.click();
};

/** A second touch within half a second is taken for the first one's echo: until that is over, by the page's own clock. */
export const pastEcho = (page: Page): Promise<void> => elapsed(page, 600);

/** So long goes by on the page's own clock, in which something must not happen. */
export const elapsed = async (page: Page, ms: number): Promise<void> => {
  const from = await page.evaluate(() => performance.now());
  await page.waitForFunction((until) => performance.now() > until, from + ms);
};

/** Nothing in the page changes any more, for a fifth of a second; what ticks by itself is given a few seconds. */
export const still = (page: Page): Promise<void> =>
  page.evaluate(
    () =>
      new Promise<void>((resolve) => {
        const over = (): void => {
          observer.disconnect();
          resolve();
        };
        let quiet = setTimeout(over, 200);
        const observer = new MutationObserver(() => {
          clearTimeout(quiet);
          quiet = setTimeout(over, 200);
        });
        observer.observe(document, { subtree: true, childList: true, characterData: true, attributes: true });
        setTimeout(over, 5000);
      }),
  );

/** `npm run prove` plays campaigns whole; `npm test` their first cases. */
export const isProving = process.env['TAWNY_PROVE'] === '1';

/** Presses until it counts: a second touch within half a second is taken for the first one's echo. The button goes when its touch is taken. */
export const press = async (touch: Locator): Promise<void> => {
  await expect(touch).toBeVisible();
  await expect(async () => {
    if (await touch.isVisible()) await touch.click({ timeout: 2000 });
    await expect(touch).toBeHidden({ timeout: 300 });
  }).toPass({ timeout: 60_000 });
};
