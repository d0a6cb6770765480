import { expect, test } from '@jest/globals';
import { demoFile } from '../../../demo/file.ts';
import type { RunPlan } from '../../../core/run/index.ts';
import { newLot } from '../../../core/lot/index.ts';
import { askedFactor } from './askedFactor.ts';

const formula = demoFile().formulas.find(({ id }) => id === 'oat-rye')!;
const NOW = Date.UTC(2026, 10, 25, 6);
const PLAN = {} as RunPlan;
const planned = (times: number | null, formulaId = formula.id) => ({
  plan: PLAN,
  dishes: [
    { formula: { id: 'before it' }, times: 1 },
    { formula: { id: formulaId }, times },
  ],
});
const asked = (run: Parameters<typeof askedFactor>[0], lots: Parameters<typeof askedFactor>[2] = []) =>
  askedFactor(run, formula, lots, NOW);

test('as many times the formula as the run needs', () => expect(asked(planned(2.05))).toBe(2.05));

test('nothing where the run says nothing of this bowl', () => {
  expect(asked(null)).toBeNull();
  expect(asked({ ...planned(2), plan: null })).toBeNull();
  expect(asked(planned(2, 'other'))).toBeNull();
  expect(asked(planned(null))).toBeNull();
  expect(asked(planned(1000))).toBeNull();
  const standing = { ...newLot('l', formula, { madeAt: NOW - 60_000, mass_g: 900, temperature_C: 20 }), events: [] };
  expect(asked(planned(2), [standing])).toBeNull();
});
