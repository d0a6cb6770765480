import { readFileSync } from 'node:fs';
import { expect } from '@playwright/test';
import { canonicalJson, seededRandom } from '../core/basis/index.ts';
import { mangle, mutate } from '../core/kitchen/testing/mutations.ts';
import { demoFile } from '../demo/file.ts';
import { exported, importFile, isProving, open, PAGES, test, toOwnKitchen } from './kitchen.ts';

test('kitchen files that something has happened to: shown or refused with a reason, and what is taken of them breaks no station', async ({
  page,
}) => {
  test.setTimeout(1_500_000);
  const random = seededRandom(43);
  const errors: string[] = [];
  page.on('pageerror', ({ message }) => errors.push(message));
  await open(page, 'kitchen?section=data');
  await toOwnKitchen(page, []);
  const coming = page.getByRole('group', { name: 'Before it is taken' });
  const data = page.getByRole('region', { name: 'Data' });
  const refused = data.locator('[role="alert"]:not([data-before])');
  const ended = { shown: 0, refused: 0 };
  for (let n = 0; n < (isProving ? 300 : 8); n++) {
    const odd = structuredClone(demoFile());
    for (let i = 0; i < 3; i++) mutate(odd, random);
    const text = random.next() < 0.4 ? mangle(JSON.stringify(odd), random) : JSON.stringify(odd);
    const name = `k${n}.json`;
    // What was said of the file before goes while the next is read.
    for (const said of await data.getByRole('alert').all()) await said.evaluate((element) => element.setAttribute('data-before', ''));
    await page.getByLabel('Kitchen file to import').setInputFiles({ name, mimeType: 'application/json', buffer: Buffer.from(text) });
    const shown = coming.filter({ hasText: `${name} holds` });
    await expect(shown.or(refused).first()).toBeVisible();
    if (await shown.isVisible()) {
      ended.shown++;
      await coming.getByRole('button', { name: n % 5 === 0 ? 'Merge it' : 'Not now' }).click();
      await expect(coming).toHaveCount(0);
    } else ended.refused++;
  }
  expect(ended.shown).toBeGreaterThan(0);
  for (const door of PAGES) await open(page, door);
  expect(errors).toEqual([]);
});

test('odd contents go out and come in again as they were: emoji, right to left, long names, nothing cooked yet', async ({ page }) => {
  const demo = demoFile();
  const names = [
    '🧇👩🏽‍🍳 mañana',
    'וופל עברי',
    '\u0041\u030a'.repeat(30),
    'x'.repeat(120),
    '"quotes", <b>tags</b>; commas',
    "O'Neil\u2028next",
  ];
  const odd = {
    ...demo,
    formulas: demo.formulas.map((formula, i) => ({ ...formula, name: names[i % names.length]! })),
    irons: demo.irons.map((iron, i) => ({ ...iron, name: names[(i + 1) % names.length]!.slice(0, 80) })),
    keepItems: demo.keepItems.map((item, i) => ({ ...item, name: names[(i + 2) % names.length]! })),
    loads: [],
    loadEvents: [],
    predictions: [],
    lots: [],
    lotEvents: [],
    weighings: [],
    weighEvents: [],
  };
  await open(page, 'kitchen?section=data');
  await toOwnKitchen(page, []);
  await importFile(page, JSON.stringify(odd), 'in place');
  const out = JSON.parse(readFileSync(await exported(page), 'utf8')) as Record<string, readonly object[] | undefined>;
  const sorted = (rows: readonly object[] | undefined): string[] => (rows ?? []).map((row) => canonicalJson(row)).sort();
  for (const table of ['formulas', 'irons', 'keepItems', 'runs', 'loads', 'lots'] as const)
    expect([table, sorted(out[table])]).toEqual([table, sorted((odd as unknown as Record<string, readonly object[]>)[table])]);
  for (const door of PAGES) await open(page, door);
});
