import { expect, test } from '@jest/globals';
import { demoFile } from '../../demo/file.ts';
import { newLot } from '../../core/lot/index.ts';
import { askedFactor } from './askedFactor.ts';

const formula = demoFile().formulas.find(({ id }) => id === 'oat-rye')!;
const NOW = Date.UTC(2026, 10, 25, 6);
const planned = (batter_g: number, counted_g: number | null = null, formulaId = formula.id) => ({
  run: { formulaId, batter_g: counted_g },
  plan: { batter_g },
  batch_g: 2900,
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
  expect(asked({ ...planned(5722), batch_g: 0 })).toBeNull();
  const standing = { ...newLot('l', formula, { madeAt: NOW - 60_000, mass_g: 900, temperature_C: 20 }), events: [] };
  expect(asked(planned(5722), [standing])).toBeNull();
});
