import { describe, expect, test } from '@jest/globals';
import { CODES, outOfCold, PUBLISHED } from '../safety/index.ts';
import { nearestScoop, circuitFindings, DEFAULT_KIT } from '../kit/index.ts';
import { presetIron } from '../testing/batters.ts';
import { KEEP_FORMS, KeepItem, keepLimits, KeepLimit, placesFor } from './index.ts';

const FROM = Date.UTC(2026, 5, 1, 8);
const HOUR = 3_600_000;
const ask = (changes: Partial<Parameters<typeof keepLimits>[0]> = {}) =>
  keepLimits({ form: 'pieces', place: 'refrigerator', from: FROM, code: 'us-food-code-2022', refrigerator_C: 4, room_C: 22, ...changes });

describe('limits', () => {
  // FDA Food Code 2022, 3-501.17: seven days at 41 °F, the day of preparation being day 1 (from memory).
  test('kept cold: six times 24 hours after the first day', () => {
    expect(ask()).toContainEqual(expect.objectContaining({ code: 'cold-storage', until: FROM + 6 * 24 * HOUR }));
  });

  // FDA Food Code 2022, 3-501.19(B): four hours; USDA FSIS home rule: two hours (from memory).
  test('out of the cold: four hours by the code, two at home', () => {
    expect(ask({ place: 'room' })).toContainEqual(expect.objectContaining({ code: 'out-of-cold', until: FROM + 4 * HOUR }));
    expect(ask({ place: 'room', code: 'us-home' })[0]).toMatchObject({ until: FROM + 2 * HOUR });
  });

  // USDA FSIS, home rule: one hour above 90 °F, 32.2 °C (from memory).
  test('above 32 °C the home rule leaves one hour; the others make no difference', () => {
    expect(ask({ place: 'room', code: 'us-home', room_C: 32 })[0]).toMatchObject({ until: FROM + 2 * HOUR });
    expect(ask({ place: 'room', code: 'us-home', room_C: 33 })[0]).toMatchObject({ until: FROM + HOUR });
    expect(ask({ place: 'room', room_C: 33 })).toContainEqual(expect.objectContaining({ code: 'out-of-cold', until: FROM + 4 * HOUR }));
  });

  test('a refrigerator at 6 °C is not cold for a code that says 5 °C, but is in England', () => {
    expect(ask({ refrigerator_C: 6 })[0]).toMatchObject({ code: 'out-of-cold', kind: 'safety' });
    expect(ask({ refrigerator_C: 6, code: 'england-2013' }).map((l) => l.code)).toEqual(['quality']);
  });

  // USDA FSIS, shelf-stable food safety: opened low-acid cans three to four days in the refrigerator (from memory).
  test('an opened can: three days in the cold, nowhere else, and no longer than its code', () => {
    expect(placesFor('opened')).toEqual(['refrigerator']);
    expect(ask({ form: 'opened' })[0]).toMatchObject({ kind: 'safety', until: FROM + 3 * 24 * HOUR });
    expect(ask({ form: 'opened', refrigerator_C: 9 })[0]).toMatchObject({ code: 'out-of-cold', until: FROM + 4 * HOUR });
  });

  test('the strictest first, each with its source', () => {
    for (const form of KEEP_FORMS)
      for (const place of placesFor(form)) {
        const limits = ask({ form, place });
        expect(limits.length).toBeGreaterThan(0);
        expect([...limits].sort((a, b) => a.until - b.until)).toEqual(limits);
        for (const limit of limits) expect(limit.source).not.toBe('');
      }
  });

  // *Common practice*: yeasted batter 24 h, egg-waffle batter three days at most, wafers about two weeks in a tin.
  test.each([
    ['yeasted-batter', 'refrigerator', 24],
    ['batter', 'refrigerator', 72],
    ['wafers', 'tin', 14 * 24],
  ] as const)('%s, %s: at its best for %d h', (form, place, hours) => {
    expect(ask({ form, place })).toContainEqual(
      expect.objectContaining({ code: 'quality', until: FROM + hours * HOUR, source: 'common practice' }),
    );
  });

  test('the freezer is cold whatever the refrigerator is; just cold enough is cold', () => {
    expect(ask({ place: 'freezer', refrigerator_C: 12 })).toEqual([
      { code: 'quality', until: FROM + 30 * 24 * HOUR, source: 'common practice', kind: 'quality' },
    ]);
    expect(ask({ refrigerator_C: 5 }).map((limit) => limit.code)).toEqual(['quality', 'cold-storage']);
    expect(ask({ refrigerator_C: 5.1 }).map((limit) => limit.code)).toEqual(['out-of-cold', 'quality']);
    expect(ask({ form: 'wafers', place: 'freezer' })).toEqual([
      { code: 'quality', until: FROM + 60 * 24 * HOUR, source: 'common practice', kind: 'quality' },
    ]);
  });

  test('each form has its places', () => {
    expect(KEEP_FORMS.map((form) => placesFor(form))).toEqual([
      ['room', 'refrigerator'],
      ['room', 'refrigerator'],
      ['room', 'refrigerator', 'freezer'],
      ['room', 'freezer', 'tin'],
      ['refrigerator'],
    ]);
    // Nobody keeps batter in a tin, so nothing is promised for it.
    expect(ask({ form: 'batter', place: 'tin' }).map((limit) => limit.code)).toEqual(['out-of-cold']);
  });

  test('an item is checked field by field', () => {
    const item = {
      id: 'k',
      lotId: null,
      name: 'Six pieces',
      form: 'pieces',
      place: 'freezer',
      from: FROM,
      amount: '6',
      allergens: ['wheat'],
      codeOfPractice: 'us-home',
      refrigerator_C: -4.5,
      usedAt: null,
    };
    expect(KeepItem.safeParse(item).success).toBe(true);
    for (const wrong of [
      { id: '' },
      { id: 'x'.repeat(65) },
      { lotId: '' },
      { lotId: 'x'.repeat(65) },
      { name: '' },
      { name: 'x'.repeat(121) },
      { form: 'soup' },
      { place: 'shed' },
      { from: -1 },
      { amount: 'x'.repeat(61) },
      { allergens: ['x'.repeat(41)] },
      { allergens: Array.from({ length: 21 }, () => 'a') },
      { codeOfPractice: 'none' },
      { refrigerator_C: -6 },
      { refrigerator_C: 21 },
      { usedAt: -1 },
    ])
      expect([wrong, KeepItem.safeParse({ ...item, ...wrong }).success]).toEqual([wrong, false]);
    const long = {
      ...item,
      id: 'x'.repeat(64),
      lotId: 'y'.repeat(64),
      name: 'n'.repeat(120),
      amount: 'a'.repeat(60),
      usedAt: FROM,
      refrigerator_C: 20,
    };
    expect(KeepItem.safeParse(long).success).toBe(true);
    expect(KeepLimit.safeParse({ code: 'c', until: 1, source: 's', kind: 'safety' }).success).toBe(true);
    for (const wrong of [{ code: 'x'.repeat(61) }, { source: 'x'.repeat(301) }, { kind: 'other' }, { until: 1.5 }])
      expect(KeepLimit.safeParse({ code: 'c', until: 1, source: 's', kind: 'safety', ...wrong }).success).toBe(false);
  });

  test('dry wafers have no safety clock', () =>
    expect(ask({ form: 'wafers', place: 'room' }).every((l) => l.kind === 'quality')).toBe(true));
  test('every code names its sources', () => {
    for (const code of Object.values(CODES))
      for (const room_C of [20, 35]) expect([code.coldSource, outOfCold(code, room_C).source]).not.toContain('');
    for (const [name, { source, edition, read }] of Object.entries(PUBLISHED)) expect([name, source, edition, read]).not.toContain('');
  });
});

describe('kit', () => {
  test('the scoop that comes nearest, and how far off it is', () => {
    expect(nearestScoop(118, DEFAULT_KIT.scoops)).toMatchObject({ scoopId: 'half-cup', count: 1 });
    expect(nearestScoop(240, DEFAULT_KIT.scoops)).toMatchObject({ count: 2, off: 0 });
    expect(nearestScoop(100, [])).toBeNull();
  });

  // NFPA 70 210.20(A): 80 % of a circuit for loads of three hours and more (from memory); watts = ampere × volt.
  test('irons on one circuit are added up against it', () => {
    const circuits = [{ id: 'c', name: 'C', current_A: 16, voltage_V: 230 }];
    const iron = (power_W: number) => ({ ...presetIron('deep-round'), circuitId: 'c', plates: { mass_kg: 1, power_W, loss_WPerK: 2 } });
    expect(circuitFindings([iron(1000), iron(1000)], circuits)).toEqual([]);
    expect(circuitFindings([iron(1500), iron(1500)], circuits)).toMatchObject([{ code: 'circuit-nearly-full', level: 'warning' }]);
    expect(circuitFindings([iron(2000), iron(2000)], circuits)).toMatchObject([{ code: 'circuit-overloaded', level: 'hazard' }]);
    expect(circuitFindings([{ ...iron(2000), circuitId: null }, iron(2000)], circuits)).toEqual([]);
  });
});
