// What a door shows before anything is touched, at 1280 × 800: controls, numbers and words, counted in the built application with the example kitchen.
// `npm run views -- [addresses …]` after a build; a row each. Wanted: 14 controls, 15 numbers and 90 words at the most.
import { spawn } from 'node:child_process';
import { chromium } from '@playwright/test';
import { CHROMIUM } from './chromium.ts';

const PORT = Number(process.env['PORT'] ?? 4187);
const DOORS = process.argv.slice(2);
const ALL = ['/run', '/formula', '/weigh', '/lift', '/iron', '/line', '/keep', '/book', '/practice', '/kit'];

/** Runs in the page: what can be seen without scrolling, outside rail and strip. */
const count = (): { controls: number; numbers: number; words: number } => {
  const main = document.querySelector('main') ?? document.body;
  const isSeen = (element: Element): boolean => {
    const { top, bottom, left, right, width, height } = element.getBoundingClientRect();
    const { visibility, opacity } = getComputedStyle(element);
    return (
      width > 1 &&
      height > 1 &&
      top < innerHeight &&
      bottom > 0 &&
      left < innerWidth &&
      right > 0 &&
      visibility !== 'hidden' &&
      opacity !== '0'
    );
  };
  const controls = [...main.querySelectorAll('button, a[href], input, select, textarea, summary, [role="slider"], [role="button"]')].filter(
    isSeen,
  );
  const texts: string[] = [];
  const walker = document.createTreeWalker(main, NodeFilter.SHOW_TEXT);
  for (let node = walker.nextNode(); node !== null; node = walker.nextNode())
    if (node.parentElement !== null && isSeen(node.parentElement)) texts.push(node.textContent ?? '');
  for (const input of controls)
    if (input instanceof HTMLInputElement && input.type !== 'checkbox' && input.type !== 'radio') texts.push(input.value);
  const text = texts.join(' ');
  return {
    controls: controls.length,
    numbers: (text.match(/\d[\d.,:⁄½¼¾]*/g) ?? []).length,
    words: (text.match(/\p{L}[\p{L}’'-]*/gu) ?? []).length,
  };
};

const server = spawn(process.execPath, ['--import', './node_modules/tsx/dist/loader.mjs', 'server/main.ts'], {
  env: { ...process.env, PORT: String(PORT) },
  stdio: 'ignore',
});
const browser = await chromium.launch({ executablePath: CHROMIUM, args: ['--no-sandbox', '--disable-gpu', '--disable-dev-shm-usage'] });
try {
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 }, timezoneId: 'Europe/London' });
  // The transpiler names functions by a helper that a page doesn't have.
  await page.addInitScript('globalThis.__name = (named) => named');
  const base = `http://127.0.0.1:${PORT}`;
  for (let tries = 0; tries < 60; tries++) {
    const up = await fetch(`${base}/api/health`).then(
      ({ ok }) => ok,
      () => false,
    );
    if (up) break;
    await new Promise((resolve) => setTimeout(resolve, 500));
  }
  console.log('| door | controls | numbers | words |\n| --- | ---: | ---: | ---: |');
  for (const door of DOORS.length > 0 ? DOORS : ALL) {
    await page.goto(`${base}${door}`);
    await page.getByRole('heading', { level: 1 }).first().waitFor();
    // Until nothing changes any more: figures come a moment after the page.
    let before = '';
    for (let same = 0; same < 4;) {
      await new Promise((resolve) => setTimeout(resolve, 500));
      const now = JSON.stringify(await page.evaluate(count));
      same = now === before ? same + 1 : 0;
      before = now;
    }
    const { controls, numbers, words } = JSON.parse(before) as ReturnType<typeof count>;
    console.log(`| ${door} | ${controls} | ${numbers} | ${words} |`);
  }
} finally {
  await browser.close();
  server.kill();
}
