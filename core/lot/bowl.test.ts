import { describe, expect, test } from '@jest/globals';
import { demoFile } from '../../demo/file.ts';
import type { Lot } from '../log/index.ts';
import { lotFrom } from '../log/index.ts';
import { POURABLE_SHARE } from '../formula/index.ts';
import { readSettingsOf } from '../kitchen/index.ts';
import { airIn, batterQuestion, inBowl, isScrapedOut, lastPour, leftIn, lotToPourFrom, mixed_g, openLot, temperatureIn } from './index.ts';
import type { ToldLoad } from './index.ts';

const file = demoFile();
const formula = file.formulas.find((f) => f.id === 'folded-tarn')!;
const NOW = Date.UTC(2026, 10, 25, 6, 50);
const MIN = 60_000;
const lot = (changes: Partial<Lot>): Lot => ({
  id: 'lot',
  formulaId: formula.id,
  formulaRev: formula.rev,
  name: formula.name,
  madeAt: NOW - 20 * MIN,
  mass_g: 900,
  temperature_C: 20,
  weighed: [{ lineId: formula.lines[0]?.id ?? '', ingredientId: 'wheat-flour', grams: 271 }],
  events: [],
  ...changes,
});
const cup = (seq: number, at: number, airFraction: number): Lot['events'][number] => ({
  seq,
  at,
  kind: 'cup-weighed',
  data: { grams: 180, cup_mL: 236.6, airFraction },
});

describe('the bowl that stands mixed', () => {
  test('the newest open one of this revision, of this morning, of which something is known', () => {
    const older = lot({ id: 'older', madeAt: NOW - 200 * MIN });
    expect(openLot([older, lot({})], formula, NOW)?.id).toBe('lot');
    expect(openLot([lot({ formulaRev: 9 })], formula, NOW)).toBeNull();
    expect(openLot([lot({ weighed: [] })], formula, NOW)).toBeNull();
    expect(openLot([lot({ madeAt: NOW - 13 * 60 * MIN })], formula, NOW)).toBeNull();
    expect(openLot([lot({ events: [{ seq: 0, at: NOW, kind: 'discarded', data: {} }] })], formula, NOW)).toBeNull();
    // Something stirred in doesn't end it.
    expect(
      openLot(
        [lot({ events: [{ seq: 0, at: NOW, kind: 'added', data: { ingredientId: 'milk', grams: 30, because: 'thickness' } }] })],
        formula,
        NOW,
      )?.id,
    ).toBe('lot');
  });

  test('what rests or ferments stands through the night', () => {
    const night = lot({
      weighed: [],
      madeAt: NOW - 15 * 60 * MIN,
      events: [{ seq: 0, at: NOW - 15 * 60 * MIN, kind: 'moved', data: { place: 'refrigerator' } }],
    });
    expect(openLot([night], formula, NOW)?.id).toBe('lot');
    expect(openLot([{ ...night, madeAt: NOW - 50 * 60 * MIN }], formula, NOW)).toBeNull();
  });

  test('its air is the newest cup’s, and goes with time, in steps of five minutes', () => {
    expect(airIn(lot({}), NOW)).toBeNull();
    const fresh = lot({ events: [cup(0, NOW - 40 * MIN, 0.4), cup(1, NOW, 0.3)] });
    expect(airIn(fresh, NOW)).toBeCloseTo(0.3, 3);
    expect(airIn(fresh, NOW + 4 * MIN)).toBe(airIn(fresh, NOW));
    expect(airIn(fresh, NOW + 30 * MIN)).toBeLessThan(0.26);
  });

  test('a chilled bowl is as warm as where it stood has made it; of one that never moved nobody knows better', () => {
    const kit = { room_C: 21, refrigerator_C: 4 };
    expect(temperatureIn(lot({}), kit, NOW)).toBeNull();
    const HOUR = 60 * MIN;
    const night = lot({
      madeAt: NOW - 14 * HOUR,
      mass_g: 2500,
      temperature_C: 28,
      events: [{ seq: 0, at: NOW - 14 * HOUR, kind: 'moved', data: { place: 'refrigerator' } }],
    });
    // Common practice: 2.5 kg at 28 °C take about six hours to 5 °C in a refrigerator at 4 °C.
    expect(temperatureIn(night, kit, NOW - 8 * HOUR)).toBeGreaterThan(4.4);
    expect(temperatureIn(night, kit, NOW - 8 * HOUR)).toBeLessThan(6.5);
    expect(temperatureIn(night, kit, NOW)).toBe(4);
    const out = {
      ...night,
      events: [...night.events, { seq: 1, at: NOW - HOUR, kind: 'moved' as const, data: { place: 'kitchen' as const } }],
    };
    const warmer = temperatureIn(out, kit, NOW) ?? 0;
    expect(warmer).toBeGreaterThan(6);
    expect(warmer).toBeLessThan(14);
    // What was read counts from then on.
    const read = { seq: 2, at: NOW, kind: 'read' as const, data: { what: 'temperature_C' as const, value: 9, since_s: null } };
    expect(temperatureIn({ ...out, events: [...out.events, read] }, kit, NOW)).toBe(9);
    expect(temperatureIn(out, kit, NOW + 2 * MIN)).toBe(warmer);
  });

  test('it goes by its last name, and a name alone says nothing of what is in it', () => {
    const { events: _, ...header } = lot({ weighed: [] });
    const renamed = lotFrom(header, [{ seq: 0, at: NOW, kind: 'renamed', data: { name: 'The blue bowl' } }]);
    expect(renamed.name).toBe('The blue bowl');
    expect(openLot([renamed], formula, NOW)).toBeNull();
    expect(lotFrom(header, []).name).toBe(formula.name);
  });

  test('an advice is reckoned from what really went in, and what came after', () => {
    const added: Lot['events'][number] = {
      seq: 1,
      at: NOW,
      kind: 'added',
      data: { ingredientId: 'milk', grams: 45, because: 'thickness' },
    };
    const bowl = inBowl([lot({ events: [cup(0, NOW, 0.31), added] })], formula, NOW);
    expect(bowl.formula.lines[0]?.edited_g).toBe(271);
    expect(bowl.formula.lines.at(-1)).toMatchObject({ chosenIngredientId: 'milk', edited_g: 45 });
    expect(bowl.airFraction).toBeCloseTo(0.31, 3);
    expect(inBowl([], formula, NOW)).toEqual({ formula, airFraction: null, lot: null });
    expect(mixed_g(lot({ events: [added] }))).toBe(945);
  });
});

describe('what is left in a bowl', () => {
  const prediction = file.predictions[0]!;
  const told = (id: string, log: ToldLoad['log'], changes: Partial<ToldLoad['load']> = {}): ToldLoad => ({
    load: { ...file.loads[0]!, id, lotId: 'lot', ...changes },
    log,
    prediction: { ...prediction, portion_g: 215 },
  });
  const pour = (data = {}) => ({ seq: 0, at: NOW, kind: 'poured' as const, data });

  test('what was really poured is gone; a pour that was taken back, or one from another bowl, is not', () => {
    const loads = [
      told('as-advised', [pour()]),
      told('less', [pour({ portion: { grams: 190, by: 'scale' } })]),
      told('taken-back', [pour(), { seq: 1, at: NOW, kind: 'undone', data: { seq: 0 } }]),
      told('elsewhere', [pour()], { lotId: 'other' }),
    ];
    expect(leftIn(lot({}), loads)).toEqual({ left_g: 900 - 215 - 190, loads: 2 });
    expect(leftIn(lot({ mass_g: 300 }), loads)).toEqual({ left_g: 0, loads: 2 });
  });
});

describe('the last of a bowl', () => {
  const share = POURABLE_SHARE;
  test('enough for a load, or so nearly that it fills: a load', () => {
    expect(lastPour(215 / share, 215, 1)).toBeNull();
    expect(lastPour((0.95 * 215) / share, 215, 1)).toBeNull();
  });
  test('less: as many moulds as it fills, none stunted', () => {
    expect(lastPour(200 / share, 360, 4)).toEqual({ moulds: 2, grams: 180 });
    expect(lastPour(350 / share, 360, 4)).toBeNull();
    expect(lastPour(265 / share, 360, 4)).toEqual({ moulds: 3, grams: expect.closeTo(265, 6) });
  });
  test('not even one: a smaller piece of what there is', () => {
    expect(lastPour(60 / share, 360, 4)).toEqual({ moulds: 1, grams: expect.closeTo(60, 6) });
    expect(lastPour(100 / share, 215, 1)).toEqual({ moulds: 1, grams: expect.closeTo(100, 6) });
    expect(lastPour(0, 215, 1)).toEqual({ moulds: 1, grams: 0 });
  });
  test('what is scraped together for a spoonful isn’t poured', () => {
    expect(isScrapedOut(0, 215, 1)).toBe(true);
    expect(isScrapedOut(2.3 / share, 215, 1)).toBe(true);
    expect(isScrapedOut(60 / share, 360, 4)).toBe(false);
    expect(isScrapedOut(25 / share, 360, 4)).toBe(true);
  });
});

describe('the bowl that is poured from', () => {
  test('one of which something is known, else the newest that stands; none of another morning', () => {
    const plain = lot({ id: 'plain', weighed: [], madeAt: NOW - 5 * MIN });
    expect(lotToPourFrom([lot({}), plain], formula, NOW)?.id).toBe('lot');
    expect(lotToPourFrom([plain], formula, NOW)?.id).toBe('plain');
    expect(lotToPourFrom([{ ...plain, madeAt: NOW - 13 * 60 * MIN }], formula, NOW)).toBeNull();
    // The clock was set back since.
    expect(lotToPourFrom([{ ...plain, madeAt: NOW + MIN }], formula, NOW)).toBeNull();
  });

  test('an overnight batter is poured from its own bowl', () => {
    const night = lot({
      weighed: [],
      madeAt: NOW - 15 * 60 * MIN,
      events: [{ seq: 0, at: NOW - 15 * 60 * MIN, kind: 'moved', data: { place: 'refrigerator' } }],
    });
    expect(lotToPourFrom([night], formula, NOW)?.id).toBe('lot');
  });
});

describe('the question for the worker', () => {
  const readSettings = readSettingsOf(file.kit, file.ingredients);
  const iron = file.irons[0];
  test('holds the kitchen, the wish, and no air unless it was measured', () => {
    if (iron === undefined) throw new Error('no iron');
    const job = batterQuestion(file.kit, readSettings, formula, iron, {
      target: { tawny: 4, crisp: 3 },
      batter_C: 18,
      load: 2,
      preheat_s: null,
      setting_C: null,
    });
    expect(job).toMatchObject({ altitude_m: 1240, room_C: 19, batter_C: 18, load: 2, airFraction: null });
    expect(job.readSettings).toMatchObject({ climate: 'dry', eggMarket: 'us' });
    expect(job.readSettings.own?.map((own) => own.name)).toEqual(['Quillfell hazel meal']);
  });
});
