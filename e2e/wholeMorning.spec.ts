import type { Page } from '@playwright/test';
import { expect } from '@playwright/test';
import { column, figure, isProving, more, open, pastEcho, test } from './kitchen.ts';

/** One size; all three in `npm run prove`. */
const SIZES = [
  { width: 1024, height: 768 },
  ...(isProving
    ? [
        { width: 1280, height: 800 },
        { width: 390, height: 844 },
      ]
    : []),
];
/** No morning asks for more touches. */
const MOST_STEPS = 2000;

const panelOf = (page: Page) => page.getByRole('region', { name: 'Do next' });

/** What the panel asks for now; null: nothing yet. */
const asked = async (page: Page): Promise<{ readonly act: string; readonly ironId: string } | null> => {
  const next = panelOf(page);
  if ((await next.getAttribute('data-at-hand')) !== 'true') return null;
  return { act: (await next.getAttribute('data-act')) ?? '', ironId: (await next.getAttribute('data-for')) ?? '' };
};

const PHASES = { pour: 'poured', close: 'cooking', open: 'opened' } as const;
const BUTTONS = { pour: /^Poured: /, close: /^Closed: /, open: /^Opened: / } as const;
type Touch = keyof typeof PHASES;

/** Does what the panel asks for, and sees that it is done. */
const done = async (page: Page, act: Touch, ironId: string): Promise<void> => {
  await panelOf(page).getByRole('button', { name: BUTTONS[act] }).click();
  await expect(column(page, ironId)).toHaveAttribute('data-phase', PHASES[act]);
  await page.clock.fastForward(1000);
};

/** What goes wrong, each once, at the touch before which it happens. */
const MISHAPS: Readonly<Record<Touch, Readonly<Record<number, (page: Page, ironId: string) => Promise<void>>>>> = {
  pour: {
    // Poured into another iron by mistake, so it is taken back; asked again.
    1: async (page, ironId) => {
      await done(page, 'pour', ironId);
      await (await more(page, ironId)).getByRole('button', { name: /^undo/ }).click();
      await page
        .getByRole('region', { name: /: more$/ })
        .getByRole('button', { name: 'Close', exact: true })
        .click();
      await expect(column(page, ironId)).toHaveAttribute('data-phase', 'ready');
      await page.clock.fastForward(1000);
    },
    // A reload between two loads.
    4: (page) => page.reload().then(() => undefined),
  },
  close: {},
  open: {
    // The cook isn't there: a lid is a minute late.
    1: (page) => page.clock.fastForward(60_000),
    // Just closed, and touched again: it is asked about, and is still closed.
    3: async (page) => {
      await page.reload();
      await expect(panelOf(page)).toHaveAttribute('data-act', 'open');
    },
    // The tablet sleeps for forty seconds.
    5: async (page) => {
      const session = await page.context().newCDPSession(page);
      await session.send('Page.setWebLifecycleState', { state: 'frozen' });
      await page.clock.fastForward(40_000);
      await session.send('Page.setWebLifecycleState', { state: 'active' });
    },
  },
};

for (const size of SIZES)
  test(`a whole breakfast at ${size.width} × ${size.height}: a pour undone, a lid late, a wrong touch, reloads and a sleep; everybody is served`, async ({
    page,
  }) => {
    test.setTimeout(600_000);
    await page.setViewportSize(size);
    await page.clock.install({ time: new Date('2026-11-30T06:45:30Z') });
    await open(page, 'cook');
    const counts = { pour: 0, close: 0, open: 0 };
    const wanted = 36;
    let isDoubted = false;
    for (let step = 0; step < MOST_STEPS; step++) {
      const now = await asked(page);
      if (now === null || !(now.act in PHASES)) {
        if ((await panelOf(page).getByText('Nothing to do').count()) > 0) break;
        await page.clock.fastForward(3000);
        continue;
      }
      const act = now.act as Touch;
      counts[act]++;
      const mishap = MISHAPS[act][counts[act]];
      if (mishap !== undefined) {
        await mishap(page, now.ironId);
        // Whatever is asked for after it is done, not what was asked before.
        continue;
      }
      await done(page, act, now.ironId);
      if (act === 'close' && !isDoubted && counts.close === 3) {
        isDoubted = true;
        await (size.width < 768 ? await more(page, now.ironId) : column(page, now.ironId))
          .getByRole('button', { name: 'Opened', exact: true })
          .click();
        const doubt = page.getByRole('alertdialog');
        await doubt.getByRole('button', { name: 'Still closed' }).click();
        await expect(doubt).toHaveCount(0);
        await expect(column(page, now.ironId)).toHaveAttribute('data-phase', 'cooking');
        if (size.width < 768)
          await page
            .getByRole('region', { name: /: more$/ })
            .getByRole('button', { name: 'Close', exact: true })
            .click();
        await pastEcho(page);
      }
    }
    await expect(panelOf(page)).toContainText('Nothing to do');
    expect(await figure(page, 'out')).toBeGreaterThanOrEqual(wanted);
    // Every load is in the log, none twice, and what was taken back isn't one.
    await open(page, 'log');
    await page.getByRole('button', { name: 'Table', exact: true }).click();
    const today = page.locator('tr[data-load]').filter({ hasText: /30 Nov|Monday|Mon /i });
    await expect.poll(() => today.count()).toBe(counts.open - Object.keys(MISHAPS.open).length);
  });
