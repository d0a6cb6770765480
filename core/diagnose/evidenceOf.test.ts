import { describe, expect, test } from '@jest/globals';
import type { LoadEvent, Observation } from '../log/index.ts';
import { loadProgress } from '../log/index.ts';
import { presetIron, readBatter } from '../testing/batters.ts';
import { diagnose, evidenceOf, NOTHING_KNOWN, symptomsIn } from './index.ts';

const iron = presetIron('deep-round');
const T = Date.UTC(2026, 10, 20, 6);
const log = (poured_s: number, cooked_s: number, did: object = {}): LoadEvent[] => [
  { seq: 0, at: T + 1000 * poured_s, kind: 'poured', data: did },
  { seq: 1, at: T + 1000 * (poured_s + 9), kind: 'closed', data: {} },
  { seq: 2, at: T + 1000 * (poured_s + 9 + cooked_s), kind: 'opened', data: {} },
];
const prediction = { portion_g: 200, setting: { temperature_C: 190, dial: null }, cookTime_s: { from: 200, best: 240, to: 280 } };
const told = {
  load: { n: 3 },
  progress: loadProgress(log(0, 240)),
  prediction,
  iron,
  lot: { madeAt: T - 30 * 60_000 },
  reading: readBatter('quick'),
  batter: null,
};

describe('what the book knows of a load', () => {
  test('nothing told, nothing known', () => {
    const nothing = { load: { n: 1 }, progress: loadProgress([]), prediction: null, iron: null, lot: null, reading: null, batter: null };
    expect(evidenceOf(nothing)).toEqual({ ...NOTHING_KNOWN, loadN: 1 });
  });

  test('its clock: opened as promised, closed nine seconds after the pour, a bowl of half an hour', () => {
    expect(evidenceOf(told)).toMatchObject({
      openedShare: 1,
      closedAfter_s: 9,
      bowlAge_min: 30,
      loadN: 3,
      isCoated: iron.coating === 'coated',
    });
    expect(evidenceOf({ ...told, progress: loadProgress(log(0, 168)) }).openedShare).toBeCloseTo(0.7, 6);
    // A bowl that was mixed afterwards is another bowl.
    expect(evidenceOf({ ...told, lot: { madeAt: T + 60_000 } }).bowlAge_min).toBeNull();
  });

  test('poured again at once the plates weren’t back; after a minute they were', () => {
    const after = (pause_s: number) => evidenceOf({ ...told, before: { openedAt: T - 1000 * pause_s } }).recoveredShare;
    expect(after(20)).toBe(0);
    expect(after(60)).toBeCloseTo(1, 6);
    expect(after(-5)).toBeNull();
    expect(evidenceOf(told).recoveredShare).toBeNull();
    expect(diagnose(['unlike-the-first', 'pale'], evidenceOf({ ...told, before: { openedAt: T - 22_000 } })).ranked[0]?.cause).toBe(
      'no-recovery',
    );
  });

  test('portions of the whole morning, those that were told', () => {
    const poured = (grams: number) => ({
      iron,
      prediction,
      progress: loadProgress(log(0, 240, { portion: { grams, by: 'scale' } })),
    });
    const { morningPouredShare } = evidenceOf({ ...told, morning: [poured(220), poured(210), told] });
    expect(morningPouredShare).toBeCloseTo(1.075, 6);
    expect(evidenceOf({ ...told, morning: [told] }).morningPouredShare).toBeNull();
  });

  test('the ledger: salt, sugar and fat in per cent of the flour', () => {
    const { salt_percent, sugar_percent, fat_percent, gas_mmol } = evidenceOf(told);
    for (const share of [salt_percent, sugar_percent, fat_percent, gas_mmol]) expect(share).toBeGreaterThan(0);
    expect(salt_percent).toBeLessThan(5);
  });
});

describe('what its log already says was wrong', () => {
  const promised = { tawnyStep: 4.5, crisp: 4 };
  const said = (...observations: Observation[]) => symptomsIn({ observations }, promised);
  test('off its promise by what a cook sees; nothing where it came out as promised', () => {
    const faces = (lower: number, upper: number): Observation[] => [
      { kind: 'tawny', mould: 0, side: 'lower', value: lower },
      { kind: 'tawny', mould: 0, side: 'upper', value: upper },
    ];
    expect(said(...faces(4, 5))).toEqual([]);
    expect(said(...faces(3, 3))).toEqual(['pale']);
    expect(said(...faces(6, 7))).toEqual(['too-dark']);
    expect(said(...faces(3, 6))).toEqual(['sides-differ']);
    expect(symptomsIn({ observations: faces(3, 3) }, null)).toEqual([]);
    expect(said({ kind: 'crisp', mould: 0, value: 2 })).toEqual(['soft-at-once']);
  });
  test('in the words of the log: fill, crumb, stuck, lost', () => {
    expect(
      said(
        { kind: 'fill', mould: 0, value: 'missing' },
        { kind: 'fill', mould: 1, value: 'leaked' },
        { kind: 'crumb', mould: 0, value: 'dense' },
        { kind: 'stuck', mould: 0, value: 'upper' },
        { kind: 'lost', mould: 0, value: 'torn' },
      ),
    ).toEqual(['dense', 'corners-missing', 'leaked', 'stuck', 'torn']);
    expect(
      said({ kind: 'fill', mould: 0, value: 'full' }, { kind: 'stuck', mould: 0, value: 'no' }, { kind: 'lost', mould: 0, value: 'burnt' }),
    ).toEqual([]);
  });
});
