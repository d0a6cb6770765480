/*
 * A kitchen with very many loads: how long stations take to show what is in the store. Run by hand, for it writes the store once:
 *   npx vite build && LOADS=100000 node --import ./node_modules/tsx/dist/loader.mjs benchmark/largeKitchen.ts
 * Times are from the touch on the rail to what the station shows; the ratio to the demo kitchen on the same machine is what counts.
 */
import { spawn } from 'node:child_process';
import { createWriteStream, mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { once } from 'node:events';
import type { Page } from '@playwright/test';
import { chromium } from '@playwright/test';
import type { KitchenTable, TablePart } from '../core/kitchen/index.ts';
import { closingText, isLogTable, KITCHEN_TABLES, openingText, partText } from '../core/kitchen/index.ts';
import { demoFile } from '../demo/file.ts';
import { CHROMIUM } from '../e2e/chromium.ts';

const LOADS = Number(process.env['LOADS'] ?? 100_000);
const PORT = 4191;
const HOUR_MS = 3_600_000;

/** The demo's loads again and again, an hour apart, into the past. */
const written = async (): Promise<string> => {
  const demo = demoFile();
  const path = join(mkdtempSync(join(tmpdir(), 'large-kitchen-')), 'kitchen.json');
  const file = createWriteStream(path);
  const put = async (text: string): Promise<void> => {
    if (!file.write(text)) await once(file, 'drain');
  };
  await put(openingText({ appVersion: 'benchmark', exportedAt: demo.exportedAt }, demo.kit));
  let before: string | null = null;
  const putRows = async (table: KitchenTable, rows: readonly unknown[]): Promise<void> => {
    await put(partText({ table, rows } as TablePart, before));
    before = table;
  };
  for (const table of KITCHEN_TABLES) {
    if (table === 'kits') continue;
    const rows = demo[table] as readonly unknown[];
    await putRows(table, rows);
    if (table !== 'loads' && table !== 'loadEvents') continue;
    for (let n = demo.loads.length; n < LOADS; n++) {
      const model = demo.loads[n % demo.loads.length]!;
      const back_ms = n * HOUR_MS;
      const id = `more-${n}`;
      const more = isLogTable(table)
        ? demo.loadEvents
            .filter(({ loadId }) => loadId === model.id)
            .slice(0, 6)
            .map((row) => ({ ...row, loadId: id, event: { ...row.event, at: row.event.at - back_ms } }))
        : [{ ...model, id, startedAt: model.startedAt - back_ms }];
      await putRows(table, more);
    }
  }
  await put(closingText(before));
  file.end();
  await once(file, 'finish');
  return path;
};

const timed = async (page: Page, station: string, shown: string): Promise<number> => {
  await page.getByRole('link', { name: 'Kit', exact: true }).click();
  await page.waitForSelector('main[aria-label="Kit"]');
  return page.evaluate(
    async ([name, selector]) => {
      const link = [...document.querySelectorAll('nav a')].find((one) => one.textContent.trim() === name) as HTMLElement;
      const began = performance.now();
      link.click();
      while (document.querySelector(selector) === null) await new Promise((resolve) => requestAnimationFrame(resolve));
      return performance.now() - began;
    },
    [station, shown] as const,
  );
};

const measured = async (page: Page, what: string): Promise<void> => {
  const stations = [
    ['Line', 'section[data-iron] button:enabled'],
    ['Iron', '[data-ready="true"]'],
    ['Book', 'tr[data-load]'],
  ] as const;
  for (const [station, shown] of stations) {
    await timed(page, station, shown);
    const times: number[] = [];
    for (let i = 0; i < 5; i++) times.push(await timed(page, station, shown));
    console.log(`${what}: ${station} ${Math.round(times.sort((a, b) => a - b)[2]!)} ms`);
  }
};

const TICKING_S = 10;

/** Script in a second of a load at the line, ms: its clock, its colour, its steam. */
const ticking = async (page: Page, what: string): Promise<void> => {
  await page.getByRole('link', { name: 'Line', exact: true }).click();
  await page.getByRole('button', { name: 'Poured', exact: true }).first().click();
  await page.getByRole('button', { name: 'Closed', exact: true }).first().click();
  await page.locator('section[data-phase="cooking"]').first().waitFor();
  // What the pour sets going (the next load's figures) is over by then.
  await page.waitForTimeout(5000);
  const session = await page.context().newCDPSession(page);
  await session.send('Performance.enable');
  const script_s = async (): Promise<number> => {
    const { metrics } = await session.send('Performance.getMetrics');
    return metrics.find(({ name }) => name === 'ScriptDuration')?.value ?? NaN;
  };
  const before_s = await script_s();
  await page.waitForTimeout(TICKING_S * 1000);
  console.log(`${what}: ${((((await script_s()) - before_s) * 1000) / TICKING_S).toFixed(1)} ms of script in a second of the Line`);
};

const server = spawn('node', ['--import', './node_modules/tsx/dist/loader.mjs', 'server/main.ts'], {
  env: { ...process.env, PORT: String(PORT) },
});
await once(server.stdout, 'data');
const browser = await chromium.launch({
  executablePath: CHROMIUM,
  args: ['--no-sandbox', '--disable-dev-shm-usage', '--disable-gpu'],
});
try {
  const path = await written();
  const page = await browser.newPage({ baseURL: `http://127.0.0.1:${PORT}`, viewport: { width: 1280, height: 800 } });
  page.setDefaultTimeout(600_000);
  await page.goto('/iron');
  await page.waitForSelector('[data-ready="true"][data-busy="false"]');
  await measured(page, 'demo');
  await page.getByRole('button', { name: /to mine/ }).click();
  await page.goto('/kit');
  const began = performance.now();
  await page.getByLabel('Kitchen file to import').setInputFiles(path);
  await page.getByText('Taken over').waitFor();
  console.log(`${LOADS} loads taken over in ${((performance.now() - began) / 1000).toFixed(0)} s`);
  await page.goto('/iron');
  await page.waitForSelector('[data-ready="true"][data-busy="false"]');
  await measured(page, `${LOADS} loads`);
  await ticking(page, `${LOADS} loads`);
} finally {
  await browser.close();
  server.kill();
}
