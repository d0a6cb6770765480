import { describe, expect, test } from '@jest/globals';
import { adviceFor } from '../testing/ask.ts';
import type { AdviceRequest } from './index.ts';
import { presetIron } from '../testing/batters.ts';

const ask = adviceFor;

/** *Common practice*: times of the trade, at the settings and steps that go with them; see docs/models/plate.md. */
describe('times of common practice', () => {
  test.each([
    ['wafer', 'wafer', 2, null, 18, 27, '20–25 s to a light tan'],
    ['wafer', 'wafer', 3, null, 27, 36, '30 s: darker'],
    ['ball-pan', 'rested', 4, null, 120, 180, 'about 150 s near 200 °C'],
    ['thin-round', 'quick', 3, null, 135, 240, '150–240 s at medium'],
    ['thin-round', 'quick', 4, null, 150, 240, '150–240 s at medium'],
    ['thin-square-4', 'quick', 3, null, 150, 210, 'four squares of half a cup: about 180 s at medium'],
    ['deep-round', 'quick', 4, null, 300, 480, '5–8 min at medium'],
    ['deep-round', 'yeasted', 4, null, 300, 480, '5–8 min at medium'],
    ['mini', 'quick', 4, null, 90, 150, '2 min'],
  ] as const)('%s, %s, step %d at %d °C: %d–%d s (%s)', (ironId, batter, tawny, setting_C, from, to, _practice) => {
    const { best_s } = ask(ironId, batter, tawny, { setting_C, ...(batter === 'rested' ? { batter_C: 8 } : {}) }).cooked.window;
    expect(best_s).toBeGreaterThanOrEqual(from);
    expect(best_s).toBeLessThanOrEqual(to);
  });

  test('a short preheat takes longer, up to ten minutes', () => {
    const short = ask('deep-round', 'quick', 4, { setting_C: 165, preheat_s: 120 }).cooked.window.best_s;
    expect(short).toBeGreaterThan(ask('deep-round', 'quick', 4, { setting_C: 165 }).cooked.window.best_s + 30);
    expect(short).toBeLessThan(600);
  });

  test('700 W cannot bring four half-cup squares to tawny in three minutes; 1.4 kW, fully preheated, just can', () => {
    const iron = presetIron('thin-square-4');
    const weak = { ...iron, id: 'weak', plates: { ...iron.plates, power_W: 700 } };
    const best = (which: typeof iron): number => ask('thin-square-4', 'folded', 4, { iron: which, setting_C: 195 }).cooked.window.best_s;
    expect(best(weak)).toBeGreaterThan(180);
    expect(best(iron)).toBeLessThan(195);
  });
});

describe('losses of common practice: 10–25 % of the batter', () => {
  test.each([
    ['deep-round', 'quick', 4, 165],
    ['deep-round', 'folded', 4, 165],
    ['ball-pan', 'rested', 4, 200],
    ['thin-square-4', 'quick', 4, 180],
    ['thin-round', 'quick', 3, 180],
  ] as const)('%s, %s', (ironId, batter, tawny, setting_C) => {
    const { waterLoss } = ask(ironId, batter, tawny, { setting_C });
    // Half a cup a square, three minutes and 10 % would take more watts than the iron has (docs/models/plate.md).
    expect(waterLoss).toBeGreaterThan(ironId === 'thin-square-4' ? 0.09 : 0.1);
    expect(waterLoss).toBeLessThan(0.25);
  });

  test('a wafer goes from about 26 % moisture to 3–6 %', () => {
    const a = ask('wafer', 'wafer', 3);
    const raw = 1 - a.batter.drySolids;
    const left = (raw - a.waterLoss) / (1 - a.waterLoss);
    expect(raw).toBeGreaterThan(0.22);
    expect(raw).toBeLessThan(0.32);
    expect(left).toBeLessThan(0.06);
    // As it is wished when nobody wishes: light.
    const light = ask('wafer', 'wafer', 2);
    const moist = (raw - light.waterLoss) / (1 - light.waterLoss);
    expect(moist).toBeGreaterThan(0.03);
    expect(moist).toBeLessThan(0.055);
  });
});

describe('portions of common practice', () => {
  test.each([
    ['deep-round', 'quick', 0.75, 1.1, 'three quarters to a cup'],
    ['thin-square-4', 'quick', 0.38, 0.55, 'about half a cup each'],
    ['mini', 'quick', 0.19, 0.27, '3 tbsp to a quarter cup'],
    ['wafer', 'wafer', 0.042, 0.055, '12–14 g on a five-inch plate'],
    ['ball-pan', 'rested', 0.9, 1.1, '80 % of the lower half'],
  ] as const)('%s: %d–%d US cups a mould', (ironId, batter, from, to, _practice) => {
    const a = ask(ironId, batter, 4);
    const cups = a.portion.portion_mL / 236.588 / a.request.iron.geometry.moulds;
    expect(cups).toBeGreaterThan(from);
    expect(cups).toBeLessThan(to);
  });
});

describe('where nobody wishes anything', () => {
  // *Common practice*: "medium".
  test.each(['deep-round', 'thin-round', 'thin-square-4'])('%s is set to a middling mark, whatever the ordinary batter', (ironId) => {
    for (const batter of ['quick', 'folded', 'yeasted', 'rested'] as const) {
      const { setting, cooked } = ask(ironId, batter, 4);
      expect(setting.dial).toBeGreaterThanOrEqual(2.5);
      expect(setting.dial).toBeLessThanOrEqual(3.5);
      expect(setting.temperature_C).toBeGreaterThanOrEqual(155);
      expect(setting.temperature_C).toBeLessThanOrEqual(185);
      expect(cooked.tawny).toBeCloseTo(4, 0);
    }
  });

  test('neighbouring wishes and batters give neighbouring marks', () => {
    const at = (tawny: number, changes: Partial<AdviceRequest> = {}): number =>
      ask('thin-square-4', 'quick', tawny, changes).setting.dial ?? 0;
    const marks = Array.from({ length: 13 }, (_, i) => at(2 + i * 0.25));
    marks.forEach((mark, i) => expect(Math.abs(mark - (marks[i - 1] ?? mark))).toBeLessThan(0.6));
    for (const batter_C of [5, 12, 19, 26]) expect(Math.abs(at(4, { batter_C }) - at(4))).toBeLessThan(0.5);
    for (const altitude_m of [0, 1000, 2000]) expect(Math.abs(at(4, { altitude_m }) - at(4))).toBeLessThan(0.5);
  });
});

// *Common practice*: steam dwindles about when the load is done. Irons that use nearly all of their watts to the end steam on: that is said, and no moment is given.
test('steam goes down when the load is done, or says nothing', () => {
  for (const [ironId, batter, tawny, low, high] of [
    ['deep-round', 'quick', 4, 0.9, 1.25],
    ['deep-round', 'yeasted', 4, 0.9, 1.25],
    ['deep-round', 'folded', 4, 0.9, 1.25],
    ['thin-round', 'quick', 4, 0.7, 1.3],
    ['wafer', 'wafer', 2, 0.7, 1.3],
    ['wafer', 'wafer', 3, 0.7, 1.3],
  ] as const) {
    const { moments, window } = ask(ironId, batter, tawny).cooked;
    const share = (moments.steamDown_s ?? Infinity) / window.best_s;
    expect(share).toBeGreaterThanOrEqual(low);
    expect(share).toBeLessThanOrEqual(high);
  }
  for (const ironId of ['thin-square-4', 'mini'])
    expect(ask(ironId, 'quick', 4).findings.map(({ code }) => code)).toContain('steam-says-nothing');
  expect(ask('deep-round', 'quick', 4).findings.map(({ code }) => code)).not.toContain('steam-says-nothing');
});
