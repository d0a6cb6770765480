import { describe, expect, test } from '@jest/globals';
import type { LoadEvent, NewLoadEvent, Observation } from '../log/index.ts';
import { demoFile } from '../../demo/file.ts';
import { colourMiss, entryOf } from './entry.ts';

const file = demoFile();
const [load] = file.loads;
const [prediction] = file.predictions;
if (load === undefined || prediction === undefined) throw new Error('the demo is empty');
const T0 = 1_780_000_000_000;
const said = (data: Observation): NewLoadEvent => ({ kind: 'logged', data });
const log = (...events: NewLoadEvent[]): LoadEvent[] => events.map((event, seq) => ({ ...event, seq, at: T0 + seq * 60_000 }));
const BEGUN: NewLoadEvent[] = [
  { kind: 'poured', data: {} },
  { kind: 'closed', data: {} },
  { kind: 'opened', data: {} },
];
const entry = (...more: NewLoadEvent[]) => entryOf(load, log(...BEGUN, ...more), null, null, prediction);

describe('an entry in the book', () => {
  test('time from the closed lid to the open one; none while a touch is missing', () => {
    expect(entry().cooked_s).toBe(60);
    expect(entryOf(load, log({ kind: 'poured', data: {} }), null, null, prediction).cooked_s).toBeNull();
  });

  test('the worst fill of the moulds counts', () => {
    const fill = (mould: number, value: 'missing' | 'full' | 'leaked') => said({ kind: 'fill', mould, value });
    expect(entry(fill(0, 'full'), fill(1, 'missing')).fill).toBe('missing');
    expect(entry(fill(0, 'missing'), fill(1, 'leaked'), fill(2, 'full')).fill).toBe('leaked');
    expect(entry(fill(0, 'full')).fill).toBe('full');
    expect(entry().fill).toBeNull();
  });

  test('colour is the mean of the moulds, each side for itself, and how far off the promise', () => {
    const step = (mould: number, side: 'upper' | 'lower', value: number) => said({ kind: 'tawny', mould, side, value });
    const e = entry(step(0, 'upper', 5), step(1, 'upper', 4), step(0, 'lower', 3));
    expect(e.tawny).toEqual({ upper: 4.5, lower: 3 });
    expect(colourMiss(e)).toBeCloseTo(3.75 - prediction.tawnyStep, 9);
    expect(colourMiss(entry())).toBeNull();
    expect(colourMiss(entryOf(load, log(...BEGUN, step(0, 'upper', 5)), null, null, null))).toBeNull();
  });

  test('crispness, mass and notes', () => {
    const e = entry(
      said({ kind: 'crisp', mould: 0, value: 3 }),
      said({ kind: 'crisp', mould: 1, value: 4 }),
      said({ kind: 'mass_g', mould: 0, value: 81 }),
      said({ kind: 'note', mould: 0, value: 'good' }),
    );
    expect([e.crisp, e.mass_g, e.notes]).toEqual([3.5, 81, ['good']]);
  });

  test('every load of the demo makes one', () => {
    for (const one of file.loads) {
      const events = file.loadEvents.filter(({ loadId }) => loadId === one.id).map(({ event }) => event);
      const e = entryOf(one, events, null, null, file.predictions.find((p) => p.id === one.predictionId) ?? null);
      expect(e.cooked_s).toBeGreaterThan(10);
      expect(colourMiss(e)).not.toBeNull();
    }
  });
});
