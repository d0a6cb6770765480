import { readFileSync } from 'node:fs';
import { expect } from '@playwright/test';
import type { Page } from '@playwright/test';
import { exported, figure, open, openAll, test, toDoor, type } from './kitchen.ts';

const pick = async (page: Page, name: string): Promise<void> => {
  await page.getByRole('button', { name: /^Recipe: / }).click();
  await page.getByRole('option', { name: new RegExp(name) }).click();
};

test('whipped by the stopwatch, folded, a cup weighed: the portions follow, and the next whipping knows', async ({ page }) => {
  await open(page, 'recipe/mix');
  await pick(page, 'Folded tarn batter');
  const whip = page.getByRole('region', { name: 'Whip' });
  await expect(whip).toContainText('99 g');
  await whip.getByRole('button', { name: 'Start whipping' }).click();
  await expect(page.getByRole('timer')).not.toHaveText('0:00');
  const stages = page.getByRole('list', { name: 'Stages' });
  await stages.getByRole('button', { name: /^soft/ }).click();
  await expect(whip).toContainText('1 in your log');
  // A stage is marked without stopping; the stopwatch runs on while the station is left.
  await toDoor(page, 'Recipe');
  await page.getByRole('link', { name: 'Mix', exact: true }).click();
  await whip.getByRole('button', { name: 'Stop' }).click();
  await expect(whip.getByRole('button', { name: 'Again from nought' })).toBeVisible();
  // A level cup on the scale.
  await type(page.getByLabel(/grams in a US cup/), '178');
  expect(await figure(page, 'density')).toBeCloseTo(178 / 236.6, 3);
  const portions = page.getByRole('list', { name: 'Portions with this air' });
  await expect(portions.getByRole('listitem')).toHaveCount(3);
  const light = await portions.getByRole('listitem').first().textContent();
  await page.getByRole('button', { name: 'Note it for this bowl' }).click();
  await type(page.getByLabel(/grams in a US cup/), '225');
  await expect(portions.getByRole('listitem').first()).not.toHaveText(light ?? '');
  // The Iron station reckons with the cup that was noted.
  const file = JSON.parse(readFileSync(await exported(page), 'utf8')) as {
    lotEvents: { event: { kind: string; data: { airFraction?: number } } }[];
  };
  const events = file.lotEvents.map(({ event }) => event);
  expect(events.filter((event) => event.kind === 'whipped')).toHaveLength(1);
  expect(events.find((event) => event.kind === 'cup-weighed')?.data.airFraction).toBeGreaterThan(0.2);
});

test('a night planned backwards, followed by the simulated refrigerator, bent to it, beaten down', async ({ page }) => {
  await open(page, 'recipe/mix');
  await pick(page, 'Overnight yeasted');
  const ferment = page.getByRole('region', { name: 'Ferment' });
  await expect(ferment).toContainText('ready from');
  const night = await figure(page, 'yeast_g');
  expect(night).toBeGreaterThan(1);
  // Half the time wants more yeast; an impossible clock says so and nothing is lost.
  const mixed = page.getByRole('group', { name: 'Mixed at' }).getByRole('textbox');
  const cooked = await page.getByRole('group', { name: 'Cook on' }).getByRole('textbox').inputValue();
  const mixedBefore = async (minutes: number): Promise<void> => {
    const [hour = 0, minute = 0] = cooked.split(':').map(Number);
    const at = (hour * 60 + minute - minutes + 2880) % 1440;
    await type(mixed, `${String(Math.floor(at / 60)).padStart(2, '0')}:${String(at % 60).padStart(2, '0')}`);
    await mixed.press('Enter');
  };
  await mixedBefore(7 * 60);
  await expect(ferment).toContainText('a night of 12 hours or more');
  await expect.poll(() => figure(page, 'yeast_g')).toBeGreaterThan(night * 1.15);
  await mixedBefore(30);
  await expect(ferment).toContainText('too short for yeast');
  await page.getByRole('button', { name: /^take .* h$/ }).click();
  await expect.poll(() => figure(page, 'yeast_g')).toBeGreaterThan(5);
  await mixedBefore(14 * 60);
  // The demo’s refrigerator holds 6 °C: the codes say what that means, and which ways pass.
  const clock = page.getByRole('region', { name: 'Safety clock' });
  await expect(clock.locator('[data-over="true"]').first()).toBeVisible();
  await expect(clock).toContainText('never under');
  await expect(clock).toContainText('3-501.14');
  // Into the cold, with a probe in it.
  const readings = page.getByRole('region', { name: 'Readings' });
  await readings.getByLabel('a refrigerator probe is connected').click();
  await readings.getByRole('button', { name: 'Mixed; into the cold' }).click();
  await expect(page.locator('[data-figure="probe_C"]')).toBeVisible();
  // A night in a minute; the reading carries the refrigerator’s own clock.
  await readings.getByRole('button', { name: 'A night in a minute' }).click();
  const probe = page.locator('[data-figure="probe_C"]');
  const warm_C = Number(await probe.getAttribute('data-exact'));
  await expect.poll(async () => Math.abs(Number(await probe.getAttribute('data-exact')) - warm_C)).toBeGreaterThan(1);
  await readings.getByRole('button', { name: 'Take the reading' }).click();
  await expect(readings).toContainText('2 readings');
  await expect(ferment).toContainText('Bent to 2 readings');
  // Nonsense is named and left aside.
  await type(readings.getByLabel('probe says, °C'), '110');
  await readings.getByLabel('probe says, °C').press('Enter');
  await expect(ferment).toContainText('can’t be');
  await page.reload();
  await expect(page.getByRole('region', { name: 'Readings' })).toContainText('3 readings');
  await page.getByRole('button', { name: 'Beat it down' }).click();
  await expect(page.getByRole('button', { name: 'Beaten down' })).toBeVisible();
});

test('a rest, its clock running out, and the method changed', async ({ page }) => {
  await open(page, 'recipe/mix');
  await pick(page, 'Lantern egg waffle');
  await expect(page.getByRole('region', { name: 'Rest' })).toContainText('against at once');
  const slider = page.getByRole('slider', { name: 'Hours it stands' });
  await slider.fill('1');
  const clock = page.getByRole('region', { name: 'Safety clock' });
  await expect(clock.locator('[data-over="true"]')).toHaveCount(0);
  await page.getByRole('button', { name: /^Where it stands/ }).click();
  await page.getByRole('option', { name: /the kitchen/ }).click();
  await slider.fill('10');
  await expect(clock.locator('[data-over="true"]').first()).toBeVisible();
  await page.getByRole('tab', { name: 'Mix' }).click();
  await expect(page.getByRole('region', { name: 'Mix' }).locator('canvas')).toBeVisible();
  await page.getByRole('tab', { name: 'Methods' }).click();
  const folded = page.locator('li[data-lift="folded"]');
  await expect(folded).toContainText('g/mL');
  await folded.getByRole('button', { name: 'Use this method' }).click();
  await expect(page.getByRole('button', { name: 'Lift: folded whites' })).toBeVisible();
});

test('before the pour: on the plan’s line by arrow keys, into the calendar', async ({ page }) => {
  await openAll(page, 'plan');
  const block = page.getByRole('region', { name: 'Before the pour' }).locator('button[data-prep="prep-mix"]');
  await expect(block).toBeVisible();
  const before = await block.getAttribute('aria-label');
  await block.focus();
  await page.keyboard.press('ArrowLeft');
  await expect(block).not.toHaveAttribute('aria-label', before ?? '');
  await open(page, 'recipe/mix');
  await page.getByRole('tab', { name: 'Before the pour' }).click();
  const saving = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Into the calendar' }).click();
  const text = readFileSync(await (await saving).path(), 'utf8');
  expect(text.match(/BEGIN:VEVENT/g)).toHaveLength(2);
  expect(text.match(/BEGIN:VALARM/g)).toHaveLength(2);
  await page.getByRole('button', { name: 'As usual' }).click();
  await toDoor(page, 'Plan');
  await expect(block).toHaveAttribute('aria-label', before ?? '');
});
