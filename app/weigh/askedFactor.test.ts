import { expect, test } from '@jest/globals';
import { demoFile } from '../../demo/file.ts';
import type { RunPlan } from '../../core/run/index.ts';
import { newLot } from '../../core/lot/index.ts';
import { askedFactor } from './askedFactor.ts';

const formula = demoFile().formulas.find(({ id }) => id === 'oat-rye')!;
const NOW = Date.UTC(2026, 10, 25, 6);
const PLAN = {} as RunPlan;
const planned = (batter_g: number, counted_g: number | null = null, formulaId = formula.id, batch_g = 2900) => ({
  plan: PLAN,
  dishes: [
    { formula: { id: 'before it' }, dish: { batter_g: null }, batter_g: 1, batch_g: 1 },
    { formula: { id: formulaId }, dish: { batter_g: counted_g }, batter_g, batch_g },
  ],
});
const asked = (run: Parameters<typeof askedFactor>[0], lots: Parameters<typeof askedFactor>[2] = []) =>
  askedFactor(run, formula, lots, NOW);

test('as many times the formula as the run needs, rounded up to a twentieth', () => {
  expect(asked(planned(5722))).toBe(2);
  expect(asked(planned(5801))).toBe(2.05);
  expect(asked(planned(2900))).toBe(1);
  expect(asked(planned(100))).toBe(0.05);
});

test('nothing where the run says nothing of this bowl', () => {
  expect(asked(null)).toBeNull();
  expect(asked({ ...planned(5722), plan: null })).toBeNull();
  expect(asked(planned(5722, null, 'other'))).toBeNull();
  expect(asked(planned(5722, 3000))).toBeNull();
  expect(asked(planned(1e9))).toBeNull();
  expect(asked(planned(5722, null, formula.id, 0))).toBeNull();
  const standing = { ...newLot('l', formula, { madeAt: NOW - 60_000, mass_g: 900, temperature_C: 20 }), events: [] };
  expect(asked(planned(5722), [standing])).toBeNull();
});
