import { readFileSync } from 'node:fs';
import type { Page } from '@playwright/test';
import { chromium, expect } from '@playwright/test';
import { CHROMIUM } from './chromium.ts';
import {
  button,
  column,
  DOORS,
  exported,
  importFile,
  meant,
  open,
  openAll,
  PAGES,
  pastEcho,
  recipeTool,
  settled,
  test,
  toOwnKitchen,
} from './kitchen.ts';

/** A picture as a phone writes it: painted and encoded by the browser itself. */
const picture = async (page: Page, type: string): Promise<Buffer> => {
  const url = await page.evaluate(async (type) => {
    const canvas = document.createElement('canvas');
    [canvas.width, canvas.height] = [1280, 960];
    const context = canvas.getContext('2d')!;
    const shades = context.createLinearGradient(0, 0, 1280, 960);
    shades.addColorStop(0, '#f4e6c8');
    shades.addColorStop(1, '#8a5a2b');
    context.fillStyle = shades;
    context.fillRect(0, 0, 1280, 960);
    const blob = await new Promise<Blob | null>((resolve) => canvas.toBlob(resolve, type, 0.9));
    if (blob?.type !== type) throw new Error(`no ${type} here`);
    return await new Promise<string>((resolve) => {
      const reader = new FileReader();
      reader.onload = () => resolve(reader.result as string);
      reader.readAsDataURL(blob);
    });
  }, type);
  return Buffer.from(url.slice(url.indexOf(',') + 1), 'base64');
};

test('photos of every kind that a browser writes can be chosen', async ({ page }) => {
  await openAll(page, 'iron');
  await settled(page);
  for (const type of ['image/jpeg', 'image/png', 'image/webp']) {
    await page.getByRole('button', { name: 'From a picture' }).click();
    const sheet = page.getByRole('dialog');
    await sheet
      .locator('input[type=file]')
      .setInputFiles({ name: `face.${type.slice(6)}`, mimeType: type, buffer: await picture(page, type) });
    await expect(sheet.getByRole('group', { name: 'Marks on the picture' })).toBeVisible();
    await expect(sheet.getByRole('alert')).toHaveCount(0);
    // It is drawn, not only accepted.
    const middle = await sheet
      .locator('canvas[aria-hidden]')
      .first()
      .evaluate((canvas: HTMLCanvasElement) => {
        const { data } = canvas.getContext('2d')!.getImageData(canvas.width / 2, canvas.height / 2, 1, 1);
        return [canvas.width / canvas.height, ...data];
      });
    expect(middle[0]).toBeCloseTo(4 / 3, 2);
    for (const [i, want] of [191, 160, 122].entries()) expect(Math.abs(middle[i + 1]! - want)).toBeLessThan(12);
    await page.keyboard.press('Escape');
    await expect(sheet).toHaveCount(0);
  }
});

/** What the store holds, as it would be exported. */
const stored = async (page: Page) =>
  JSON.parse(readFileSync(await exported(page), 'utf8')) as Record<'loads' | 'loadEvents' | 'lots' | 'runs', Record<string, unknown>[]>;

test('double touches and held keys: one load, one event, and nothing under the second touch', async ({ page }) => {
  await open(page, 'cook');
  const iron = column(page, 'deep-a');
  await expect(button(page, 'deep-a', 'Poured')).toBeEnabled();
  // Two within 50 ms; the second falls on whatever has come to lie there.
  const twice = async (name: string): Promise<void> => {
    const box = (await button(page, 'deep-a', name).boundingBox())!;
    const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
    await page.mouse.click(x, y);
    await page.mouse.click(x, y, { delay: 5 });
  };
  await twice('Poured');
  await expect(iron).toHaveAttribute('data-phase', 'poured');
  await pastEcho(page);
  await expect(iron).toHaveAttribute('data-phase', 'poured');
  await twice('Closed');
  await expect(iron).toHaveAttribute('data-phase', 'cooking');
  await pastEcho(page);
  await expect(iron).toHaveAttribute('data-phase', 'cooking');
  const events = Number(await iron.getAttribute('data-events'));
  expect(events).toBe(2);
  // A key that is held repeats; it counts once.
  await iron.getByRole('button', { name: 'More: Deep A' }).focus();
  await page.keyboard.down('o');
  for (let i = 0; i < 20; i++) await page.keyboard.down('o');
  await page.keyboard.up('o');
  await meant(page, iron);
  await expect(iron).toHaveAttribute('data-phase', 'opened');
  await pastEcho(page);
  await expect(iron).toHaveAttribute('data-phase', 'opened');
  const { loads, loadEvents } = await stored(page);
  const mine = loads.filter(({ ironId, startedAt }) => ironId === 'deep-a' && Number(startedAt) > Date.now() - 600_000);
  expect(mine).toHaveLength(1);
  const kinds = loadEvents.filter(({ loadId }) => loadId === mine[0]?.['id']).map(({ event }) => (event as { kind: string }).kind);
  expect(kinds.filter((kind) => kind !== 'preheated')).toEqual(['poured', 'closed', 'opened']);
});

/** Puts rows into the open kitchen's store behind the application's back. */
const spoil = (page: Page, rows: Readonly<Record<string, unknown>>): Promise<void> =>
  page.evaluate(async (rows) => {
    const [name] = (await indexedDB.databases()).map((one) => one.name ?? '').filter((one) => one.includes('demo'));
    await new Promise<void>((resolve, reject) => {
      const opening = indexedDB.open(name ?? '');
      opening.onerror = () => reject(new Error('no store'));
      opening.onsuccess = () => {
        const transaction = opening.result.transaction(Object.keys(rows), 'readwrite');
        for (const [table, row] of Object.entries(rows)) transaction.objectStore(table).put(row);
        transaction.oncomplete = () => {
          opening.result.close();
          resolve();
        };
        transaction.onerror = () => reject(new Error('not written'));
      };
    });
  }, rows);

test('unreadable rows in every table: ten stations open, the rows are named, the rest is exported and read back', async ({ page }) => {
  const errors: string[] = [];
  page.on('pageerror', (error) => errors.push(error.message));
  await open(page, 'plan');
  await expect(page.getByText('First pour').first()).toBeVisible();
  await spoil(page, {
    irons: { id: 'bad-iron', rev: 1, name: null },
    formulas: { id: 'bad-formula', rev: 1, lines: 'none' },
    ingredients: { id: 'bad-ingredient', role: 'magic' },
    lots: { id: 'bad-lot', startedAt: Date.now() },
    lotEvents: { lotId: 'bad-lot', seq: 0, event: { kind: 'vanished' } },
    predictions: { id: 'bad-prediction' },
    loads: { id: 'bad-load', ironId: 'deep-a', startedAt: Date.now(), lotId: 'nowhere', predictionId: 7 },
    loadEvents: { loadId: 'load-1', seq: 99, event: null },
    runs: { id: 'bad-run', serveAt: 9e15, zone: 'Nowhere/At all' },
    weighings: { id: 'bad-weighing', startedAt: 'soon' },
    keepItems: { id: 'bad-kept', from: {} },
    practices: { id: 'bad-practice', at: 1 },
    photos: { id: 'bad-photo', jpeg: '<' },
  });
  for (const door of PAGES) {
    await open(page, door);
    await expect(page.getByRole('main')).not.toBeEmpty();
    await expect(page.getByText('This page stopped')).toHaveCount(0);
    if (door === 'plan') await expect(page.getByText('First pour').first()).toBeVisible();
    if (door === 'iron') await settled(page);
    if (door === 'cook') await expect(button(page, 'deep-a', 'Poured')).toBeEnabled();
  }
  await expect(page.locator('[data-unreadable]')).toBeVisible();
  expect(Number(await page.locator('[data-unreadable]').getAttribute('data-unreadable'))).toBeGreaterThan(3);
  const path = await exported(page);
  const file = JSON.parse(readFileSync(path, 'utf8')) as { setAside: { table: string; raw: string }[]; irons: unknown[] };
  expect(new Set(file.setAside.map(({ table }) => table)).size).toBeGreaterThan(8);
  await toOwnKitchen(page);
  await importFile(page, readFileSync(path), 'in place');
  await expect(page.getByRole('status').filter({ hasText: 'Taken over' })).toBeVisible();
  expect(errors).toEqual([]);
});

test('on the house’s network over plain HTTP: poured, weighed and pasted all the same, and what is missing is said', async ({
  baseURL,
}) => {
  const port = new URL(baseURL ?? '').port;
  // A name that isn't this machine's own: the browser holds such a page for insecure.
  const browser = await chromium.launch({
    executablePath: CHROMIUM,
    args: ['--no-sandbox', '--disable-dev-shm-usage', '--disable-gpu', '--host-resolver-rules=MAP galley 127.0.0.1'],
  });
  try {
    const page = await browser.newPage({ baseURL: `http://galley:${port}`, viewport: { width: 1280, height: 800 } });
    await open(page, 'cook');
    expect(await page.evaluate(() => [window.isSecureContext, 'randomUUID' in crypto])).toEqual([false, false]);
    await button(page, 'deep-a', 'Poured').click();
    await expect(column(page, 'deep-a')).toHaveAttribute('data-phase', 'poured');
    await open(page, 'recipe');
    await recipeTool(page, 'Paste a recipe');
    await page.getByLabel('Ingredient list').fill('250 g flour\n300 g milk');
    await page.getByRole('button', { name: 'Read it' }).click();
    await expect(page.getByRole('list', { name: 'Ingredients' }).getByRole('listitem')).toHaveCount(2);
  } finally {
    await browser.close();
  }
});

test('a processor six times slower: every station answers', async ({ page, context }) => {
  const session = await context.newCDPSession(page);
  await session.send('Emulation.setCPUThrottlingRate', { rate: 6 });
  for (const door of [...DOORS, 'recipe/weigh', 'recipe/mix']) {
    await open(page, door);
    await expect(page.getByRole('main').getByRole('heading').first()).toBeVisible();
    if (door === 'plan') await expect(page.getByText('First pour').first()).toBeVisible();
    if (door === 'iron') await settled(page);
    if (door === 'cook') await expect(button(page, 'deep-a', 'Poured')).toBeEnabled();
  }
});
