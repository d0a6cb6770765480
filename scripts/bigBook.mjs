// How the book does with very many loads: `node scripts/bigBook.mjs 100000`. The demo's loads are written over and over, further and further back, into the
// store of a browser; then the book is opened and asked. Not part of the tests: writing takes minutes.
// Half of it runs in the page.
/* global document, indexedDB, performance, setTimeout, window */
import { spawn } from 'node:child_process';
import { statSync } from 'node:fs';
import { ensureInstalled, ROOT } from './ensure.mjs';

await ensureInstalled();
const { chromium } = await import('@playwright/test');
const wanted = Number(process.argv[2] ?? 100_000);
const PORT = 4391;
const server = spawn(process.execPath, ['--import', './node_modules/tsx/dist/loader.mjs', 'server/main.ts'], {
  cwd: ROOT,
  env: { ...process.env, PORT: String(PORT) },
  stdio: 'ignore',
});
const browser = await chromium.launch({ executablePath: '/usr/bin/chromium', args: ['--no-sandbox', '--disable-dev-shm-usage'] });
try {
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  const base = `http://127.0.0.1:${PORT}`;
  for (let tries = 0; tries < 60; tries++) {
    if (await page.goto(`${base}/book`).catch(() => null)) break;
    await new Promise((resolve) => setTimeout(resolve, 500));
  }
  await page.locator('[data-load]').first().waitFor({ timeout: 120_000 });
  const written = await page.evaluate(async (count) => {
    const [name] = (await indexedDB.databases()).map((database) => database.name).filter((one) => /demo/i.test(one));
    const database = await new Promise((resolve, reject) => {
      const asked = indexedDB.open(name);
      asked.onsuccess = () => resolve(asked.result);
      asked.onerror = () => reject(asked.error);
    });
    const all = (table) =>
      new Promise((resolve) => {
        const asked = database.transaction(table).objectStore(table).getAll();
        asked.onsuccess = () => resolve(asked.result);
      });
    const [loads, predictions, events, lots] = await Promise.all(['loads', 'predictions', 'loadEvents', 'lots'].map(all));
    const rounds = Math.ceil(count / loads.length);
    const YEARS_MS = 10 * 365 * 86_400_000;
    for (let round = 1; round <= rounds; round++) {
      const back = Math.round((YEARS_MS * round) / rounds);
      const id = (old) => `${old}~${round}`;
      await new Promise((resolve, reject) => {
        const transaction = database.transaction(['loads', 'predictions', 'loadEvents', 'lots'], 'readwrite', { durability: 'relaxed' });
        transaction.oncomplete = resolve;
        transaction.onerror = () => reject(transaction.error);
        const put = (table, row) => transaction.objectStore(table).put(row);
        for (const row of lots) put('lots', { ...row, id: id(row.id), madeAt: row.madeAt - back });
        for (const row of predictions) put('predictions', { ...row, id: id(row.id) });
        for (const row of loads)
          put('loads', {
            ...row,
            id: id(row.id),
            lotId: id(row.lotId),
            predictionId: id(row.predictionId),
            startedAt: row.startedAt - back,
          });
        for (const { loadId, seq, event } of events)
          put('loadEvents', { loadId: id(loadId), seq, event: { ...event, at: event.at - back } });
      });
    }
    // Written past the store, which knows nothing of it: the book's index has to be made anew.
    const due = database.transaction('bookIndexDue', 'readwrite').objectStore('bookIndexDue').put({ id: '*' });
    await new Promise((resolve) => (due.onsuccess = resolve));
    database.close();
    return rounds * loads.length;
  }, wanted);
  console.log(`${written} loads more`);
  const found = page.locator('[data-figure="found"]');
  // Another station first, so that what is timed is the book; in the page, from the touch to the first rows, without the browser driver.
  await page.goto(`${base}/keep`);
  const opened = [];
  for (let round = 0; round < 4; round++) {
    await page.getByRole('link', { name: 'Keep' }).click();
    await page.getByRole('heading', { level: 1, name: /keep/i }).waitFor();
    await new Promise((resolve) => setTimeout(resolve, 2000));
    const took = await page.evaluate(
      () =>
        new Promise((resolve) => {
          const began = performance.now();
          [...document.querySelectorAll('a')].find((link) => link.textContent?.trim() === 'Book').click();
          const look = () =>
            document.querySelector('[data-load]') === null ? setTimeout(look, 2) : resolve(Math.round(performance.now() - began));
          look();
        }),
    );
    opened.push(took);
  }
  console.log(`opens: ${opened.join(', ')} ms`);
  const ask = page.getByRole('search', { name: 'Ask the book' });
  const everything = async () => {
    const again = ask.getByRole('button', { name: 'everything again' });
    if (await again.isVisible()) await again.click();
    await found.waitFor({ state: 'detached' });
    await page.locator('[data-figure="looking"]').waitFor({ state: 'detached' });
  };
  // The first question of the logs makes the index.
  const asked = performance.now();
  await ask.getByRole('button', { name: 'leaked' }).click();
  await found.waitFor({ timeout: 600_000 });
  console.log(`the index of all of them: ${((performance.now() - asked) / 1000).toFixed(1)} s`);
  for (const [what, act] of [
    [
      'an iron',
      async () => {
        await ask.getByRole('button', { name: /^Iron asked for/ }).click();
        await page.getByRole('option', { name: 'Wafer iron' }).click();
      },
    ],
    ['leaked', () => ask.getByRole('button', { name: 'leaked' }).click()],
    ['words in many', () => ask.getByRole('searchbox').fill('oat')],
    ['words in few', () => ask.getByRole('searchbox').fill('Second sitting')],
    [
      'leaked on an iron, with words',
      async () => {
        await ask.getByRole('button', { name: /^Iron asked for/ }).click();
        await page.getByRole('option', { name: 'Wafer iron' }).click();
        await ask.getByRole('searchbox').fill('second');
        await ask.getByRole('button', { name: 'leaked' }).click();
      },
    ],
    ['words in none', () => ask.getByRole('searchbox').fill('nobody wrote this')],
  ]) {
    const times = [];
    for (let round = 0; round < 3; round++) {
      await everything();
      // In the page: from the question to its answer, without hands and browser driver.
      await page.evaluate(() => {
        const seen = (window.asked = { from: null, took: null });
        const look = () => {
          const now = performance.now();
          const [looking, answered] = ['looking', 'found'].map((name) => document.querySelector(`[data-figure="${name}"]`));
          if (looking !== null && seen.from === null) seen.from = now;
          if (answered !== null && seen.from !== null) seen.took = now - seen.from;
          if (seen.took === null) setTimeout(look, 2);
        };
        look();
      });
      await act();
      await page.waitForFunction(() => window.asked.took !== null);
      times.push(Math.round(await page.evaluate(() => window.asked.took)));
    }
    console.log(`${what}: ${times.join(', ')} ms, ${await found.textContent()}`);
  }
  for (const name of ['Export everything', 'Export a month']) {
    await page.goto(`${base}/kit`);
    const began = performance.now();
    const waiting = page.waitForEvent('download', { timeout: 600_000 });
    await page.getByRole('region', { name: 'Data' }).getByRole('button', { name }).click();
    const path = await (await waiting).path();
    console.log(`${name}: ${((performance.now() - began) / 1000).toFixed(1)} s, ${(statSync(path).size / 1e6).toFixed(1)} MB`);
  }
  const heap = await page.evaluate(() => performance.memory?.usedJSHeapSize ?? 0);
  console.log(`heap ${Math.round(heap / 1e6)} MB`);
} finally {
  await browser.close();
  server.kill();
}
