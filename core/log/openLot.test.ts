import { HOUR_MS } from '../basis/index.ts';
import { expect, test } from '@jest/globals';
import { lotFrom } from './index.ts';
import type { LotEvent, LotHeader } from './index.ts';

const header: LotHeader = {
  id: 'l',
  formulaId: 'f',
  formulaRev: 1,
  name: 'Batter',
  madeAt: 10 * HOUR_MS,
  mass_g: 900,
  temperature_C: 20,
  weighed: [],
};

test('a clock that was set makes a bowl neither younger nor older', () => {
  const log: readonly LotEvent[] = [
    { seq: 0, at: 11 * HOUR_MS, kind: 'moved', data: { place: 'refrigerator' } },
    // At half past eleven the clock is set back by an hour.
    { seq: 1, at: 10.5 * HOUR_MS, kind: 'corrected', data: { jump_ms: -HOUR_MS } },
    { seq: 2, at: 11 * HOUR_MS, kind: 'moved', data: { place: 'kitchen' } },
  ];
  const lot = lotFrom(header, log);
  expect(lot.madeAt).toBe(9 * HOUR_MS);
  expect(lot.events.map(({ at }) => at / HOUR_MS)).toEqual([10, 10.5, 11]);
});

test('a log without a correction is handed on as it is', () => {
  const log: readonly LotEvent[] = [{ seq: 0, at: 11 * HOUR_MS, kind: 'folded', data: {} }];
  expect(lotFrom(header, log).events).toBe(log);
});
