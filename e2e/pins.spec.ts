import { expect } from '@playwright/test';
import { openAll, show, test } from './kitchen.ts';

test('a load is dragged and stays, keys do the same, an iron is taken out, everything is twenty minutes late', async ({ page }) => {
  await openAll(page, 'plan');
  const load = page.getByRole('button', { name: /^Load 2 on Deep A/ });
  await expect(load).toBeVisible();
  await show(page, 'safe');
  // What the plan says comes a moment after it and moves it down.
  await expect(page.locator('[data-figure="help"]')).toBeVisible();
  await expect(page.locator('[data-figure="crisp at the plate"]')).toBeVisible();
  await load.scrollIntoViewIfNeeded();
  const pourAt = async (): Promise<number> => Number(await load.getAttribute('data-pour'));
  const first = page.getByRole('button', { name: /^Load 1 on Deep A/ });
  const [second, one] = [await pourAt(), Number(await first.getAttribute('data-pour'))];

  // Dragged to the left: it is poured earlier, and the load before it makes room.
  const box = (await load.boundingBox())!;
  await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
  await page.mouse.down();
  await page.mouse.move(box.x + box.width / 2 - 25, box.y + box.height / 2, { steps: 4 });
  // The picture follows before it is let go.
  await expect.poll(pourAt).toBeLessThan(second);
  await page.mouse.up();
  await expect(load).toHaveAccessibleName(/kept there/);
  const dragged = await pourAt();
  expect(dragged).toBeLessThan(second);
  expect(Number(await first.getAttribute('data-pour'))).toBeLessThan(one);
  const loads = page.getByRole('group', { name: 'Loads' });
  await expect(loads).toContainText('Load 2 on Deep A, poured at');

  // By a key and by a button; a reload keeps it, and the run sheet says the same.
  await load.focus();
  await page.keyboard.press('ArrowLeft');
  await expect.poll(pourAt).toBe(dragged - 15_000);
  await loads.getByRole('button', { name: 'A minute later' }).click();
  await expect.poll(pourAt).toBe(dragged + 45_000);
  await page.reload();
  await expect(load).toHaveAccessibleName(/kept there/);
  expect(await pourAt()).toBe(dragged + 45_000);

  // Twenty minutes late: everything moves, the load that was put somewhere too.
  await load.click();
  await loads.getByRole('button', { name: '20 minutes late' }).click();
  await expect.poll(pourAt).toBe(dragged + 45_000 + 20 * 60_000);

  // Put far too late: the last plate is late, and it is said.
  await load.focus();
  for (let i = 0; i < 8; i++) await page.keyboard.press('Shift+ArrowRight');
  await expect.poll(pourAt).toBe(dragged + 45_000 + 60 * 60_000);
  await expect(page.locator('[data-figure="in words"]')).toContainText(/minutes? late/);
  await loads.getByRole('button', { name: 'Let it go' }).click();
  await expect(load).not.toHaveAccessibleName(/kept there/);
  await expect(page.locator('[data-figure="in words"]')).not.toContainText(/minutes? late/);

  // An iron is taken out in the picture; the others cook for it.
  await load.click();
  await loads.getByRole('button', { name: 'Without Deep A' }).click();
  await expect(load).toHaveCount(0);
  await expect(page.getByRole('button', { name: /^Irons: / })).not.toHaveAccessibleName(/Deep A/);
  await expect(page.getByRole('button', { name: /^Load 1 on / }).first()).toBeVisible();
});
