import { HOUR_MS } from '../../core/basis/index.ts';
import { describe, expect, test } from '@jest/globals';
import { demoFile } from '../../demo/file.ts';
import type { Lot } from '../../core/log/index.ts';
import { bowlsOf } from './bowls.ts';

const NOW = Date.UTC(2026, 10, 25, 20);
const lot = (changes: Partial<Lot> = {}): Lot => ({ ...demoFile().lots[0]!, id: 'lot', madeAt: NOW - HOUR_MS, events: [], ...changes });
const moved = (seq: number, place: 'kitchen' | 'refrigerator' | 'ice-bath'): Lot['events'][number] => ({
  seq,
  at: NOW,
  kind: 'moved',
  data: { place },
});
const item = { ...demoFile().keepItems[0]!, lotId: 'lot', form: 'batter' as const, usedAt: null };

describe('bowls with batter in them', () => {
  test('each once: not beside what was put away from it as batter, until that is used', () => {
    expect(bowlsOf([lot()], [], NOW)).toHaveLength(1);
    expect(bowlsOf([lot()], [item], NOW)).toEqual([]);
    expect(bowlsOf([lot()], [{ ...item, form: 'pieces' }], NOW)).toHaveLength(1);
    expect(bowlsOf([lot()], [{ ...item, usedAt: NOW }], NOW)).toHaveLength(1);
  });
  test('for a day where nobody cared for it, longer where somebody did, on the bench again too; not those that are over', () => {
    const old = { madeAt: NOW - 30 * HOUR_MS };
    expect(bowlsOf([lot(old)], [], NOW)).toEqual([]);
    expect(bowlsOf([lot({ ...old, events: [moved(0, 'refrigerator')] })], [], NOW)).toHaveLength(1);
    const onBench = [moved(0, 'refrigerator'), moved(1, 'kitchen')];
    expect(bowlsOf([lot({ ...old, events: onBench })], [], NOW)).toHaveLength(1);
    expect(bowlsOf([lot({ madeAt: NOW - 97 * HOUR_MS, events: onBench })], [], NOW)).toEqual([]);
    expect(bowlsOf([lot({ events: [{ seq: 0, at: NOW, kind: 'used-up', data: {} }] })], [], NOW)).toEqual([]);
    expect(bowlsOf([lot({ madeAt: NOW + HOUR_MS })], [], NOW)).toEqual([]);
  });
});
