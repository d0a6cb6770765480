import { expect, test } from '@jest/globals';
import { PRESET_IRONS } from '../../core/plate/index.ts';
import { describedFrom, figuresOf, ironFrom } from './described.ts';

test('every preset, described and made again, is nearly itself', () => {
  for (const iron of PRESET_IRONS) {
    const made = ironFrom(iron, describedFrom(iron));
    if (!made.ok) throw new Error(`${iron.id}: ${JSON.stringify(made.failure)}`);
    expect(made.value.geometry.footprint_cm2 / iron.geometry.footprint_cm2).toBeCloseTo(1, 1);
    expect(made.value.geometry.areaFactor / iron.geometry.areaFactor).toBeCloseTo(1, 1);
    expect(made.value.control).toEqual(iron.control);
    expect(made.value.plates.mass_kg).toBe(iron.plates.mass_kg);
  }
});

test('over a hob: how hot it is used, how often it is turned; described and made again it is itself', () => {
  const thin = PRESET_IRONS.find((iron) => iron.id === 'thin-round')!;
  const made = ironFrom(thin, { ...describedFrom(thin), control: 'hob', low_C: 160, high_C: 210, turnEvery_s: 20 });
  if (!made.ok) throw new Error(made.failure.code);
  expect(made.value.control).toEqual({ type: 'hob', min_C: 160, max_C: 210, turnEvery_s: 20 });
  const again = ironFrom(made.value, describedFrom(made.value));
  expect(again.ok && again.value.control).toEqual(made.value.control);
});

test('a fill counts for more than the ruler; plates are reckoned where nobody weighed them; nonsense is named', () => {
  const deep = PRESET_IRONS.find((iron) => iron.id === 'deep-round')!;
  const d = describedFrom(deep);
  const filled = ironFrom(deep, { ...d, fill_g: 420, mass_kg: null });
  if (!filled.ok) throw new Error(filled.failure.code);
  expect(filled.value.geometry.cavity_mL).toBe(420);
  expect(filled.value.plates.mass_kg).toBeCloseTo(1.5, 0);
  expect(ironFrom(deep, { ...d, name: '  ' })).toMatchObject({ ok: false, failure: { code: 'iron-broken', fields: { where: 'name' } } });
  expect(ironFrom(deep, { ...d, power_W: 1e9 })).toMatchObject({ ok: false, failure: { fields: { where: 'power_W' } } });
  expect(ironFrom(deep, { ...d, fill_g: 4 })).toMatchObject({ ok: false, failure: { code: 'iron-fill-unbelievable' } });
  // A dial that is hottest where it should be coolest leaves nothing to set: it is refused, for it would divide by nought at every station.
  expect(ironFrom(deep, { ...d, low_C: 200, high_C: 120, marks: [5, 1] })).toMatchObject({ ok: false, failure: { code: 'iron-broken' } });
});

test('the figures beside the drawing follow what is described', () => {
  const deep = PRESET_IRONS.find((iron) => iron.id === 'deep-round')!;
  const figures = (changes: object, room_C = 20) => {
    const made = ironFrom(deep, { ...describedFrom(deep), ...changes });
    if (!made.ok) throw new Error(made.failure.code);
    return figuresOf(made.value, room_C);
  };
  const as = figures({});
  const heavy = figures({ mass_kg: 2 * deep.plates.mass_kg });
  expect(heavy.stores_kJPerK / as.stores_kJPerK).toBeCloseTo(2, 6);
  // What is stored twice takes twice as long and a little more: it loses heat meanwhile too.
  expect(heavy.preheat_s / as.preheat_s).toBeGreaterThan(1.9);
  expect(figures({}, 5).preheat_s).toBeGreaterThan(as.preheat_s);
  expect(figures({ power_W: 2 * deep.plates.power_W }).preheat_s).toBeLessThan(0.6 * as.preheat_s);
  const wide = describedFrom(deep).ruler.outer_mm * Math.SQRT2;
  expect(figures({ ruler: { ...describedFrom(deep).ruler, outer_mm: wide } }).heated_cm2 / as.heated_cm2).toBeCloseTo(2, 0);
  // Without a range it is hot when the light goes out.
  expect(figures({ control: 'fixed', low_C: 150 }).preheat_s).toBeLessThan(figures({ control: 'fixed', low_C: 190 }).preheat_s);
});
