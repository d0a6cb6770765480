import { describe, expect, test } from '@jest/globals';
import {
  priorOf,
  dialMark,
  filledWith,
  Iron,
  probedAt,
  settingNow_C,
  settingRange,
  rulerOf,
  seenAcross,
  squashedTo,
  usuallyFilledBy,
} from './index.ts';
import { presetIron } from '../testing/batters.ts';

const deep = presetIron('deep-round');
const taken = (result: ReturnType<typeof filledWith> | ReturnType<typeof probedAt>): Iron => {
  if (!result?.ok) throw new Error(result?.failure.code ?? 'refused');
  return Iron.parse(result.value);
};

describe('an iron that was measured before it cooked', () => {
  test('filled with water: the cavity is what it weighs; rice by its bulk; the next revision', () => {
    const filled = taken(filledWith(deep, { of: 'water', grams: 372, density_gPerML: null }));
    expect([filled.geometry.cavity_mL, filled.rev]).toEqual([372, deep.rev + 1]);
    expect(filled.measured).toEqual({ cavity: 'water', plates: false });
    expect(taken(filledWith(deep, { of: 'rice', grams: 300, density_gPerML: null })).geometry.cavity_mL).toBeCloseTo(375, 9);
    // The cavity alone: what else is known of it stays.
    expect({ ...filled.geometry, cavity_mL: 0 }).toEqual({ ...deep.geometry, cavity_mL: 0 });
  });

  test('a spoonful, a bucket or nonsense is refused by name', () => {
    for (const grams of [20, 4000])
      expect(filledWith(deep, { of: 'water', grams, density_gPerML: null })).toMatchObject({ failure: { code: 'iron-fill-unbelievable' } });
    for (const grams of [0, -3, NaN, Infinity])
      expect(filledWith(deep, { of: 'water', grams, density_gPerML: null })).toMatchObject({ failure: { code: 'iron-measure' } });
  });

  test('usually filled by a tenth more than was taken: a tenth more room, and surer of it; a spoonful isn’t believed', () => {
    const usual = taken(usuallyFilledBy(deep, 165, 150));
    expect(usual.geometry.cavity_mL).toBeCloseTo(deep.geometry.cavity_mL * 1.1, 6);
    expect(usual.measured?.cavity).toBe('usual-pour');
    expect(priorOf(usual).cavity).toBeLessThan(priorOf(deep).cavity / 2);
    expect(usuallyFilledBy(deep, 8, 150)).toMatchObject({ failure: { code: 'iron-fill-unbelievable' } });
  });

  test('dough squashed to a floor half a millimetre thicker: the whole gap is; one from an open lid isn’t believed', () => {
    const { web_mm, footprint_cm2, cavity_mL } = deep.geometry;
    const squashed = taken(squashedTo(deep, web_mm + 0.5));
    expect(squashed.geometry.web_mm).toBe(web_mm + 0.5);
    expect(squashed.geometry.cavity_mL).toBeCloseTo(cavity_mL + footprint_cm2 * 0.05, 9);
    expect(priorOf(squashed).cavity).toBeLessThan(0.7 * priorOf(deep).cavity);
    expect(squashedTo(deep, 40)).toMatchObject({ failure: { code: 'gap-unbelievable' } });
    expect(squashedTo(deep, 0.1)).toMatchObject({ failure: { code: 'gap-unbelievable' } });
    expect(squashedTo(deep, NaN)).toMatchObject({ failure: { code: 'iron-measure' } });
  });

  test('a plate seen to be a tenth wider: a fifth more room, no thicker; a plate of half or of no size isn’t believed', () => {
    const outer_mm = rulerOf(deep).outer_mm;
    const seen = taken(seenAcross(deep, 1.1 * outer_mm));
    expect(seen.geometry.footprint_cm2 / deep.geometry.footprint_cm2).toBeCloseTo(1.21, 9);
    expect(seen.geometry.cavity_mL / deep.geometry.cavity_mL).toBeCloseTo(1.21, 9);
    expect(rulerOf(seen).outer_mm).toBeCloseTo(1.1 * outer_mm, 6);
    expect(priorOf(seen).cavity).toBeLessThan(priorOf(deep).cavity);
    expect(priorOf(seen).cavity).toBeGreaterThan(priorOf(taken(squashedTo(deep, deep.geometry.web_mm))).cavity);
    expect(seenAcross(deep, 0.5 * outer_mm)).toMatchObject({ failure: { code: 'iron-fill-unbelievable' } });
    for (const none of [0, -5, NaN]) expect(seenAcross(deep, none)).toMatchObject({ failure: { code: 'iron-measure' } });
  });

  test('probed 12 K over a mark: every mark moves by as much, the marks stay', () => {
    const probed = taken(probedAt(deep, 165, 177));
    expect(settingRange(probed)).toEqual({ min_C: 147, max_C: 207 });
    expect(dialMark(probed, 177)).toBeCloseTo(dialMark(deep, 165) ?? NaN, 9);
    expect(taken(probedAt(presetIron('mini'), 200, 188)).control).toEqual({ type: 'fixed', cutOut_C: 188 });
  });

  test('a cold plate isn’t believed, a thermostat keeps its own degrees', () => {
    expect(probedAt(deep, 165, 60)).toMatchObject({ failure: { code: 'probe-unbelievable', fields: { read_C: 60, expected_C: 165 } } });
    expect(probedAt(deep, 165, NaN)).toMatchObject({ failure: { code: 'iron-measure' } });
    expect(probedAt(presetIron('ball-pan'), 200, 210)).toBeNull();
  });

  test('what was measured is known better, and only that', () => {
    const nothing = priorOf(deep);
    const water = priorOf(taken(filledWith(deep, { of: 'water', grams: 400, density_gPerML: null })));
    const rice = priorOf(taken(filledWith(deep, { of: 'rice', grams: 320, density_gPerML: null })));
    const probe = priorOf(taken(probedAt(deep, 165, 170)));
    expect(water.cavity).toBeLessThan(nothing.cavity / 2);
    expect(rice.cavity).toBeGreaterThan(water.cavity);
    expect(water.plates_K).toBe(nothing.plates_K);
    expect(probe.plates_K).toBeLessThan(nothing.plates_K / 2);
    expect(probe.cavity).toBe(nothing.cavity);
    expect([water.contact, probe.browning]).toEqual([nothing.contact, nothing.browning]);
  });

  test('a load noted at mark 3 before the probe is a load at mark 3 after it', () => {
    const probed = taken(probedAt(deep, 165, 177));
    expect(settingNow_C(probed, { temperature_C: 165, dial: 3 })).toBeCloseTo(177, 9);
    expect(settingNow_C(deep, { temperature_C: 999, dial: 3 })).toBeCloseTo(165, 9);
    expect(settingNow_C(presetIron('mini'), { temperature_C: 190, dial: null })).toBe(200);
    expect(settingNow_C(presetIron('ball-pan'), { temperature_C: 205, dial: null })).toBe(205);
  });
});
