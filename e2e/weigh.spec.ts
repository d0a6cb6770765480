import { expect } from '@playwright/test';
import { open, test, toOwnKitchen, type, WALK } from './kitchen.ts';

const SUNDAY = `Sunday folded
250 g flour
60 g sugar
10 g baking powder
3 eggs
360 g milk
90 g butter
Mix flour and powder.
Whisk yolks and milk for 2 minutes.
Whip the whites with the sugar to soft peaks.
Fold the whites in.
Bake 4 minutes.
Per waffle: 310 kcal, fat 14 g`;

test(
  'separated eggs weighed in the recipe’s own words; bowls and sugar as the cook wants them; too much by hand is asked about',
  WALK,
  async ({ page }) => {
    await open(page, 'recipe');
    await toOwnKitchen(page, ['Deep round']);
    await page.getByRole('button', { name: 'Paste a recipe' }).first().click();
    await page.getByLabel('Ingredient list').fill(SUNDAY);
    await page.getByRole('button', { name: 'Read it' }).click();
    // What was declared is kept and compared, and is no ingredient.
    await expect(page.getByRole('textbox', { name: 'Line as written' })).toHaveCount(6);
    await expect(page.getByText(/^310 kcal a piece/)).toBeVisible();
    // Doubled, the words double too.
    await page.getByRole('button', { name: 'Scale', exact: true }).click();
    await page.getByRole('button', { name: 'Take these amounts' }).click();
    await expect(page.getByRole('textbox', { name: 'Line as written' }).nth(3)).toHaveValue('6 eggs');

    await page.getByRole('link', { name: 'Weigh', exact: true }).click();
    const bowls = page.getByRole('list', { name: 'Bowls' });
    await expect(bowls.getByText('120 g')).toBeVisible();
    // Some of the sugar to the flour; the butter to the wet bowl; both stay after a reload.
    await page.getByRole('button', { name: /^Part the .*sugar/ }).click();
    await type(page.getByLabel('g of it for the dry bowl'), '50');
    await page.getByLabel('g of it for the dry bowl').press('Enter');
    await expect(bowls.getByText('50 g', { exact: true })).toBeVisible();
    await expect(bowls.getByText('70 g', { exact: true })).toBeVisible();
    await page.getByRole('button', { name: /^Bowl for butter/ }).click();
    await page.getByRole('option', { name: 'wet' }).click();
    await expect(page.getByRole('button', { name: /^Bowl for butter.*: wet/ })).toBeVisible();
    await page.reload();
    await expect(page.getByRole('button', { name: /^Bowl for butter.*: wet/ })).toBeVisible();
    await expect(bowls.getByText('50 g', { exact: true })).toBeVisible();

    await page.getByRole('button', { name: 'Start weighing' }).click();
    const now = page.getByRole('region', { name: 'Now' });
    // Flour first: by hand, and far too much of it.
    await expect(now.getByRole('heading', { name: 'Add wheat flour' })).toBeVisible();
    const flour = (await now.getAttribute('data-step')) ?? '';
    await now.getByRole('button', { name: 'Too much?' }).click();
    await type(now.getByLabel('It was, g'), '560');
    await now.getByLabel('It was, g').press('Enter');
    const over = page.getByRole('alert', { name: 'Too much' });
    await expect(over).toContainText('560 g instead of 500 g');
    await over.getByRole('button', { name: 'Take 60 g out' }).click();
    // Undo says what it would take back.
    await expect(now.getByRole('button', { name: /^Undo: wheat flour 500\sg$/ })).toBeVisible();
    // The recipe's own words stand between the weighings, the eggs are cracked before a yolk is weighed.
    const seen: string[] = [];
    // The flour is in, and what is to be done now is something else: from here on each touch is waited for.
    const steps = new Set<string>([flour]);
    // Until the store has answered a step that was done may stand there once more for a moment; it isn't a step of its own.
    const nextStep = async (): Promise<string> => {
      let step = '';
      await expect
        .poll(async () => {
          step = (await now.getAttribute('data-step')) ?? '';
          return step !== '' && !steps.has(step);
        })
        .toBe(true);
      return step;
    };
    for (let i = 0; i < 30; i++) {
      const step = await nextStep();
      if (step === 'finish') break;
      steps.add(step);
      seen.push((await now.getByRole('heading', { level: 2 }).first().textContent()) ?? '');
      await now.getByRole('button').last().click();
    }
    const at = (word: RegExp): number => seen.findIndex((text) => word.test(text));
    expect(at(/^Mix flour and powder/)).toBeGreaterThan(-1);
    expect(at(/^Crack 6 eggs/)).toBeLessThan(at(/egg yolk$/));
    expect(at(/^Whisk yolks and milk for 2 minutes/)).toBeGreaterThan(at(/egg yolk$/));
    expect(at(/^Whip the whites with the sugar/)).toBeGreaterThan(at(/egg white$/));
    expect(seen.at(-1)).toMatch(/^Fold the whites in/);
    await page.getByRole('button', { name: 'Save to the log' }).click();
    await expect(page.getByRole('heading', { name: 'Sunday folded: everything is in' })).toBeVisible();
  },
);
