import { expect, test } from '@jest/globals';
import { readText } from '../../testing/batters.ts';
import { costOf, shoppingCsv, shoppingList } from '../index.ts';

const reading = readText('200 g flour\n100 g milk\n150 g water\nFor the foam:\n50 g flour\n2 large eggs\na pinch');
const PRICES = { 'wheat-flour': 1, egg: 5 };

test('one thing once, however many lines want it; no tap water; what has no grams is for the eye', () => {
  const { items, byEye } = shoppingList([{ reading, times: 2 }], PRICES);
  expect(items.map(({ ingredientId, grams }) => [ingredientId, grams])).toEqual([
    ['wheat-flour', 500],
    ['milk', 200],
    ['egg', 200],
  ]);
  expect(byEye).toEqual(['a pinch']);
});

test('its cost is the bowl’s cost, times as many', () => {
  const { items } = shoppingList([{ reading, times: 3 }], PRICES);
  const sum = items.reduce((total, { cost }) => total + (cost ?? 0), 0);
  expect(sum).toBeCloseTo(3 * (costOf(reading, PRICES)?.total ?? 0), 9);
  expect(items.find(({ ingredientId }) => ingredientId === 'milk')?.cost).toBeNull();
});

test('as a table, rounded up: nobody is short of a gram', () => {
  const csv = shoppingCsv(shoppingList([{ reading, times: 1.001 }], PRICES), '€');
  expect(csv).toContain('thing,grams,cost_€,there_g,to_buy_g,to_buy_cost_€');
  expect(csv).toMatch(/flour[^\r]*,251,0\.25,,251,0\.25/);
  expect(csv).toContain('a pinch,,,,,');
});

test('what is in the house isn’t bought; what is left of it isn’t owed', () => {
  const inHouse = new Map([
    ['wheat-flour', 100],
    ['egg', 900],
  ]);
  const list = shoppingList([{ reading, times: 1 }], PRICES, inHouse);
  const of = (id: string) => list.items.find(({ ingredientId }) => ingredientId === id)!;
  expect(of('wheat-flour')).toMatchObject({ grams: 250, there_g: 100, short_g: 150, shortCost: 0.15 });
  expect(of('egg')).toMatchObject({ there_g: 900, short_g: 0, shortCost: 0 });
  expect(of('milk')).toMatchObject({ there_g: null, short_g: 100, shortCost: null });
  expect(shoppingCsv(list, '€')).toMatch(/flour[^\r]*,250,0\.25,100,150,0\.15/);
});
