import { execFileSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { expect } from '@playwright/test';
import type { AdviceAnswer } from '../core/advise/index.ts';
import {
  answer,
  backToIrons,
  column,
  exported,
  figure,
  guests,
  importFile,
  more,
  open,
  openAll,
  openLid,
  recipeTool,
  settled,
  test,
  toDoor,
  toOwnKitchen,
  touchIrons,
  type,
  unfold,
  WALK,
} from './kitchen.ts';

const LIST =
  '1 3/4 cups flour\n2 tsp baking powder\n1/2 tsp salt\n3 large eggs, separated\n2½ dl milk\n1 cup plus 2 tbsp milk\n113 g butter, melted\nvanilla to taste\n1 cup gloop';

test('from a batter on paper to a logged load, in an empty kitchen', WALK, async ({ page }) => {
  await open(page, 'recipe');
  await toOwnKitchen(page);
  await recipeTool(page, 'Paste a recipe');
  await page.getByLabel('Ingredient list').fill(LIST);
  await page.getByRole('button', { name: 'Read it' }).click();
  await expect(page.getByRole('list', { name: 'Ingredients' }).getByRole('listitem')).toHaveCount(9);
  // What isn't understood stays, marked, and asks.
  await expect(page.locator('li[data-status="unresolved"]')).toHaveCount(2);
  await page.getByRole('combobox', { name: /gloop/ }).fill('yogurt');
  await page.getByRole('option').first().click();
  await expect(page.locator('li[data-status="unresolved"]')).toHaveCount(1);
  // Amounts are changed in place, and everything downstream follows.
  const before = await figure(page, 'totalMass_g');
  await type(page.getByLabel('Grams of 113 g butter, melted'), '150');
  await page.getByLabel('Grams of 113 g butter, melted').press('Enter');
  await expect.poll(() => figure(page, 'totalMass_g')).toBeCloseTo(before + 37, 3);

  await toDoor(page, 'Iron');
  await settled(page);
  const portion = await figure(page, 'dose_g');
  expect(portion).toBeGreaterThan(10);
  await page.getByRole('link', { name: 'Cook one now' }).click();

  const iron = page.locator('section[data-iron]').first();
  await iron.getByRole('button', { name: 'Poured', exact: true }).click();
  await expect(iron).toHaveAttribute('data-phase', 'poured');
  await iron.getByRole('button', { name: 'Closed', exact: true }).click();
  await expect(iron).toHaveAttribute('data-phase', 'cooking');
  await more(page, (await iron.getAttribute('data-iron')) ?? '', 'it smells');
  await backToIrons(page);
  await openLid(page, iron);
  const panel = await answer(page, iron, 'corner missing, front right', 'a tenth', 'above 4', 'below 5', 'crisp', 'airy', 'no');
  // A second in the iron is doubted, and stays if nobody takes it back.
  await expect(panel.getByRole('button', { name: 'No, it is still closed' })).toBeVisible();
  await type(panel.getByLabel('Piece weighs, g'), '42');
  await type(panel.getByLabel('Note'), 'good');
  await panel.getByLabel('Note').blur();
  await panel.getByRole('button', { name: 'Close', exact: true }).click();
  await expect(iron.getByRole('button', { name: 'Change the rating' })).toBeVisible();

  await toDoor(page, 'Log');
  await page.getByRole('button', { name: 'Table', exact: true }).click();
  await expect(page.locator('tr[data-load]')).toHaveCount(1);
  await expect(page.locator('tr[data-load]')).toContainText('corner missing');
  await page.locator('tr[data-load] button').first().click();
  const sheet = page.getByRole('dialog');
  for (const word of [
    'it smells',
    'fill: missing',
    'missing: 10 %',
    'colour above: step 4',
    'colour below: step 5',
    'piece weighed: 42 g',
    'note: good',
  ])
    await expect(sheet).toContainText(word);
});

test('screen against command line: every figure on the Iron station', async ({ page }, info) => {
  await openAll(page, 'iron');
  await settled(page);
  await expect(page.locator('[data-figure="leftover_g"]')).toBeVisible();
  const shown: Record<string, number> = {};
  for (const element of await page.locator('[data-figure][data-exact]').all())
    shown[(await element.getAttribute('data-figure')) ?? ''] = Number(await element.getAttribute('data-exact'));
  const file = info.outputPath('kitchen.json');
  const { writeFileSync } = await import('node:fs');
  writeFileSync(file, readFileSync(await exported(page)));
  const printed = execFileSync(
    'npm',
    ['run', '-s', 'lattice', '--', 'advise', file, '--iron', 'deep-a', '--formula', 'oat-rye', '--batter', '18', '--json'],
    { encoding: 'utf8' },
  );
  const answer = JSON.parse(printed) as AdviceAnswer;
  expect(shown).toEqual({
    dial: answer.setting.dial,
    dose_g: answer.dose_g,
    'cookTime_s.best': answer.cookTime_s.best,
    tawnyStep: answer.tawnyStep,
    crisp: answer.crisp,
    pieceMass_g: answer.pieceMass_g,
    pieceDensity_gPerMl: answer.pieceDensity_gPerMl,
    loads: answer.loads,
    pieces: answer.pieces,
    leftover_g: answer.leftover_g,
    basis: answer.basis?.loads ?? 0,
  });
  // The demo's loads count on both sides.
  expect(shown['basis']).toBeGreaterThan(1);
});

test('what is drawn is the simulation at that second', WALK, async ({ page }) => {
  await openAll(page, 'iron');
  await settled(page);
  const slider = page.getByRole('slider', { name: 'Time in the iron' });
  for (const second of [40, 60, 150]) {
    await slider.fill(String(second));
    const canvas = page.locator('canvas[data-second]');
    await expect(canvas).toHaveAttribute('data-second', String(second));
    await page.evaluate(() => new Promise((painted) => requestAnimationFrame(() => requestAnimationFrame(painted))));
    // Read the middle of a rib, pixel by pixel: plate, crust, crumb, wet core.
    const seen = await canvas.evaluate((element: HTMLCanvasElement) => {
      const x = Number(element.dataset['ribCentre']);
      const mm = Number(element.dataset['mmPerPixel']);
      const { data } = element.getContext('2d')!.getImageData(x, 0, 1, element.height);
      const at = (y: number): [number, number, number] => [data[4 * y]!, data[4 * y + 1]!, data[4 * y + 2]!];
      const plate = at(0).join();
      const rows = Array.from({ length: element.height }, (_, y) => at(y));
      const batter = rows.filter((rgb) => rgb.join() !== plate);
      // Wet batter is cool: its blue is not below its red.
      const wet = batter.filter(([r, , b]) => b >= r - 6).length * mm;
      const middle = batter[Math.floor(batter.length / 2)]!;
      const crust = batter.filter((rgb) => rgb.join() !== middle.join() && !(rgb[2] >= rgb[0] - 6)).length * mm;
      return { total_mm: batter.length * mm, wet_mm: wet, crust_mm: crust / 2 };
    });
    const crust_mm = Number(await page.locator('[data-figure="crust_mm"]').getAttribute('data-mm'));
    const core_C = Number(await page.locator('[data-figure="core_C"]').getAttribute('data-celsius'));
    if (core_C < 85) expect(seen.wet_mm).toBeGreaterThan(0.5);
    else if (core_C > 92) expect(seen.wet_mm).toBe(0);
    if (seen.wet_mm === 0) expect(Math.abs(seen.crust_mm - crust_mm)).toBeLessThan(0.2);
  }
  const lattice = page.getByRole('region', { name: 'The lattice' });
  await slider.fill('0');
  expect(Number(await lattice.getAttribute('data-floor-step'))).toBe(1);
  await slider.press('End');
  expect(Number(await lattice.getAttribute('data-floor-step'))).toBeGreaterThan(3);
});

test('swapped, scaled by whole eggs, corrected by the spoon, undone', WALK, async ({ page }) => {
  await open(page, 'recipe');
  await unfold(page, 'Show the numbers');
  await expect(page.getByText(/per piece on Deep A/)).toContainText('kcal');
  await expect(page.getByText(/^contains/)).toContainText('gluten');
  const before = await figure(page, 'totalMass_g');
  await page.getByRole('button', { name: 'Swap 280 g butter, melted' }).click();
  await page.getByRole('button', { name: 'Take vegetable oil and water' }).click();
  await expect(page.getByLabel('Grams of 227 g vegetable oil')).toBeVisible();
  await page.getByRole('button', { name: 'Undo', exact: true }).click();
  await expect(page.getByLabel('Grams of 280 g butter, melted')).toBeVisible();
  await page.getByRole('button', { name: 'Scale', exact: true }).click();
  await type(page.getByLabel('times', { exact: true }), '0.25');
  // 10 eggs × 0.25: two or three whole ones.
  await page.getByRole('button', { name: /^3 eggs/ }).click();
  await page.getByRole('button', { name: 'Take these amounts' }).click();
  await expect.poll(() => figure(page, 'totalMass_g')).toBeCloseTo(0.3 * before, -1);
  await expect(page.getByLabel('Grams of 3 large eggs')).toHaveValue('150');
  await recipeTool(page, 'Too thick?');
  await page
    .getByRole('group', { name: 'The spoon shows' })
    .getByRole('radio', { name: /dollop/ })
    .check();
  await page
    .getByRole('group', { name: 'It should be' })
    .getByRole('radio', { name: /pourable/ })
    .check();
  await expect(page.getByRole('dialog')).toContainText('g milk');
  await page.getByRole('button', { name: 'Change the recipe' }).click();
  await expect(page.getByRole('list', { name: 'Ingredients' }).getByRole('listitem')).toHaveCount(10);
  await page.getByRole('button', { name: 'Undo', exact: true }).click();
  await expect(page.getByRole('list', { name: 'Ingredients' }).getByRole('listitem')).toHaveCount(9);
  await page.getByRole('button', { name: 'Undo', exact: true }).click();
  await expect.poll(() => figure(page, 'totalMass_g')).toBe(before);
});

test('export, empty browser, import, export: deep-equal', async ({ page, browser }) => {
  await open(page, 'kitchen?section=data');
  const first = JSON.parse(readFileSync(await exported(page), 'utf8')) as Record<string, unknown>;
  const other = await browser.newContext();
  const fresh = await other.newPage();
  await open(fresh, 'kitchen?section=data');
  await toOwnKitchen(fresh);
  await importFile(fresh, JSON.stringify(first), 'in place');
  await expect(fresh.getByRole('status').filter({ hasText: 'Taken over' })).toBeVisible();
  const second = JSON.parse(readFileSync(await exported(fresh), 'utf8')) as Record<string, unknown>;
  expect({ ...second, exportedAt: 0 }).toEqual({ ...first, exportedAt: 0 });
  // Files that aren't sound are refused with a word, and nothing is touched.
  for (const [text, word] of [
    ['{"schema":', 'not readable'],
    ['{"a":1}', 'not a Tawny Lattice'],
    [JSON.stringify({ ...first, version: 99 }), 'version 99'],
  ] as const) {
    await fresh
      .getByLabel('Kitchen file to import')
      .setInputFiles({ name: 'k.json', mimeType: 'application/json', buffer: Buffer.from(text) });
    await expect(fresh.getByRole('alert')).toContainText(word);
  }
  const third = JSON.parse(readFileSync(await exported(fresh), 'utf8')) as Record<string, unknown>;
  expect({ ...third, exportedAt: 0 }).toEqual({ ...first, exportedAt: 0 });
  await other.close();
});

test('a file of the same kitchen is put together with it, another one stands beside it, and both can be taken back', async ({ page }) => {
  await open(page, 'kitchen?section=data');
  const file = JSON.parse(readFileSync(await exported(page), 'utf8')) as { loads: object[]; kit: object };
  const take = (how: 'merged' | 'beside', json: unknown): Promise<void> => importFile(page, JSON.stringify(json), how);
  await page.goto('/kitchen?section=data');
  const said = page.getByRole('status').filter({ hasText: 'Put together' });
  await take('merged', {
    ...file,
    loads: [...file.loads, { ...file.loads[0], id: 'from-the-other-tablet' }],
    kit: { ...file.kit, altitude_m: 0 },
  });
  await expect(said).toContainText('new: 1 load.');
  const section = (name: RegExp) => page.getByRole('navigation', { name: 'Kitchen' }).getByRole('link', { name });
  await expect(section(/^Place/)).toContainText('1,240 m');
  await take('beside', { ...file, kit: { ...file.kit, name: 'Loft' } });
  await expect(said).toContainText('new: 5 irons');
  await expect(section(/^Irons/)).toContainText('10 irons');
  await said.getByRole('button', { name: /^Undo/ }).click();
  await expect(section(/^Irons/)).toContainText('5 irons');
});

test('four answers make a plan; the next act stands above every door', WALK, async ({ page }) => {
  await open(page, 'plan');
  await expect(page.getByText('First pour').first()).toBeVisible();
  await type(page.getByLabel('People'), '12');
  await expect.poll(() => figure(page, 'pieces planned')).toBeLessThan(17);
  await touchIrons(page, 'Deep B');
  await unfold(page, 'Show the details');
  await expect(page.getByRole('row', { name: /Deep A/ })).toHaveCount(1);
  await expect(page.getByRole('row', { name: /Deep B/ })).toHaveCount(0);
  await guests(page, 'as guests arrive');
  await expect(page.getByRole('group', { name: 'First plate at' })).toBeVisible();
  await type(page.getByLabel('People'), 'nonsense');
  await expect(page.getByRole('alert')).toContainText('whole number');
  await toDoor(page, 'Log');
  await expect(page.getByRole('banner', { name: 'Next' })).toContainText(/at \d+:\d\d/);
  await page.getByRole('link', { name: 'Open the plan' }).click();
  await expect(page.getByLabel('People')).toHaveValue('12');
});

test('leftovers get a use-by with its source, and a label', WALK, async ({ page }) => {
  await openAll(page, 'larder');
  await type(page.getByLabel('How much'), '6 pieces');
  await page.getByRole('button', { name: /^Where/ }).click();
  await page.getByRole('option', { name: 'in the refrigerator' }).click();
  await expect(page.getByText('too warm to count as cold')).toBeVisible();
  await page.getByRole('button', { name: 'Put it away', exact: true }).click();
  await expect(page.locator('li[id^="kept-"]').filter({ hasText: '6 pieces' })).toContainText('3-501.19');
  await page.evaluate(() => {
    window.print = () => document.body.setAttribute('data-printed', document.querySelector('.print-only-this')?.textContent ?? '');
  });
  const bag = page.locator('li[id^="kept-"]').filter({ hasText: '6 pieces' });
  await bag.getByRole('button', { name: 'Label' }).click();
  const sheet = page.getByRole('dialog', { name: 'Label' });
  await type(sheet.getByLabel('Who made it'), 'Ada');
  await type(sheet.getByLabel('how many'), '3');
  await sheet.getByRole('button', { name: 'a sheet, three across' }).click();
  await expect(sheet.locator('[data-labels] img')).toHaveCount(3);
  await sheet.getByRole('button', { name: 'Print' }).click();
  await expect(page.locator('body')).toHaveAttribute('data-printed', /6 pieces.*by Ada.*Use by.*Contains: /);
  const square = (await sheet.locator('img').first().getAttribute('src')) ?? '';
  await page.keyboard.press('Escape');
  // Some of it is used; its label, read back from a picture, says what is left; a picture of nothing is named.
  await type(bag.getByLabel(/^some of .* used/), '2');
  await bag.getByLabel(/^some of .* used/).press('Enter');
  const rest = page.locator('li[id^="kept-"]').filter({ hasText: '4 pieces' });
  await expect(rest).toBeVisible();
  const picture = (data: string) => ({ name: 'label.png', mimeType: 'image/png', buffer: Buffer.from(data.split(',')[1] ?? '', 'base64') });
  const reader = page.locator('input[type=file][capture]');
  await reader.setInputFiles({ name: 'no.txt', mimeType: 'text/plain', buffer: Buffer.from('no picture') });
  await expect(page.getByText('no picture that can be read')).toBeVisible();
  const blank = await page.evaluate(() => {
    const canvas = Object.assign(document.createElement('canvas'), { width: 300, height: 300 });
    canvas.getContext('2d')?.fillRect(20, 20, 100, 100);
    return canvas.toDataURL('image/png');
  });
  await reader.setInputFiles(picture(blank));
  await expect(page.getByText('no square is seen in the picture')).toBeVisible();
  await reader.setInputFiles(picture(square));
  await expect(rest).toHaveAttribute('data-found', 'true');
  await expect(rest).toBeFocused();
});

test('the iron in the kit is measured anew; nonsense is refused at its place', async ({ page }) => {
  await open(page, 'kitchen?section=irons');
  await page.getByRole('button', { name: 'Measure Deep A' }).click();
  const sheet = page.getByRole('dialog');
  await type(sheet.getByLabel('Plate (one face), cm²'), '0');
  await sheet.getByRole('button', { name: 'Done' }).click();
  await expect(sheet.getByRole('alert')).toBeVisible();
  await type(sheet.getByLabel('Plate (one face), cm²'), '260');
  await type(sheet.getByLabel('Room between plates, mL'), '380');
  await sheet.getByRole('button', { name: 'Done' }).click();
  const deepA = page.getByRole('listitem').filter({ hasText: 'Deep A' });
  await expect(deepA).toContainText('380 mL');
  await page.getByRole('button', { name: 'Back to what it was' }).click();
  await expect(deepA).toContainText('360 mL');
  // Everything else of it, too. Left by a tap beside the sheet, what makes sense is kept, and what doesn’t waits.
  await page.getByRole('button', { name: 'Measure Deep A' }).click();
  await sheet.getByLabel('Set by').selectOption('thermostat');
  await type(sheet.getByLabel('Moulds'), '2');
  await sheet.getByLabel('turned over while it cooks').uncheck();
  await sheet.getByLabel('beeps').check();
  await type(sheet.getByLabel('Both plates weigh, kg'), '-1');
  await page.keyboard.press('Escape');
  await expect(sheet).toHaveCount(0);
  await page.reload();
  await page.getByRole('button', { name: 'Measure Deep A' }).click();
  await expect(sheet.getByLabel('Moulds')).toHaveValue('2');
  await expect(sheet.getByLabel('Set by')).toHaveValue('thermostat');
  await type(sheet.getByLabel('Both plates weigh, kg'), '1.6');
  await page.keyboard.press('Escape');
  await expect(deepA).toContainText('2 moulds');
  await page.getByRole('button', { name: 'Measure Deep A' }).click();
  await expect(sheet.getByLabel('Lowest mark')).toHaveCount(0);
  await expect(sheet.getByLabel('beeps')).toBeChecked();
  await page.keyboard.press('Escape');
  await page.getByRole('link', { name: /^Place/ }).click();
  const altitude = page.getByLabel('Altitude, m');
  await type(altitude, '9000');
  await altitude.blur();
  await expect(page.getByText('A number from −430 to 5,500')).toBeVisible();
  await expect(altitude).toHaveValue('9000');
  // What makes sense is kept as it is left, and taken back by a touch.
  await page.getByRole('link', { name: /^Units/ }).click();
  const place = page.getByRole('region', { name: 'Units and habits' });
  const cue = page.getByLabel('Warn before opening, s');
  await type(cue, '900');
  await cue.press('Enter');
  await expect(place.getByRole('alert')).toHaveCount(1);
  await type(cue, '35');
  await cue.press('Enter');
  await place.getByRole('button', { name: 'Back to what it was' }).click();
  await expect(cue).toHaveValue('20');
  await expect(place.getByText('Saved as you leave each field.')).toBeVisible();
  await type(cue, '25');
  await cue.blur();
  await expect(page.getByText('Warn before opening, s saved.')).toBeVisible();
  await page.reload();
  await expect(cue).toHaveValue('25');
});

test('the line is right after a load on the second tab takes over', WALK, async ({ page, context }) => {
  await open(page, 'cook');
  await expect(column(page, 'deep-a').getByRole('button', { name: 'Poured', exact: true })).toBeEnabled();
  const second = await context.newPage();
  await open(second, 'cook');
  await expect(second.getByText('Another tab is cooking')).toBeVisible();
  await column(page, 'deep-a').getByRole('button', { name: 'Poured', exact: true }).click();
  await expect(column(second, 'deep-a')).toHaveAttribute('data-phase', 'poured');
  await expect(column(second, 'deep-a').getByRole('button', { name: 'Closed', exact: true })).toBeDisabled();
  await second.getByRole('button', { name: 'Take over here' }).click();
  await expect(page.getByText('Another tab is cooking')).toBeVisible();
  await column(second, 'deep-a').getByRole('button', { name: 'Closed', exact: true }).click();
  await expect(column(page, 'deep-a')).toHaveAttribute('data-phase', 'cooking');
});
