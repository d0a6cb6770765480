import { describe, expect, test } from '@jest/globals';
import type { BATTERS } from '../testing/batters.ts';
import { presetIron, readBatter } from '../testing/batters.ts';
import type { Advice, AdviceRequest } from './index.ts';
import { advise, DEFAULT_CONDITIONS } from './index.ts';

const ask = (ironId: string, batter: keyof typeof BATTERS, tawny: number, changes: Partial<AdviceRequest> = {}): Advice => {
  const result = advise({
    ...DEFAULT_CONDITIONS,
    reading: readBatter(batter),
    iron: presetIron(ironId),
    target: { tawny, crisp: 3 },
    ...changes,
  });
  if (!result.ok) throw new Error(result.failure.code);
  return result.value;
};

/** *Common practice*: times of the trade, at the settings and steps that go with them; see docs/models/plate.md. */
describe('times of common practice', () => {
  test.each([
    ['wafer', 'wafer', 2, null, 18, 27, '20–25 s to a light tan'],
    ['wafer', 'wafer', 3, null, 27, 36, '30 s: darker'],
    ['ball-pan', 'rested', 4, 200, 120, 180, 'about 150 s near 200 °C'],
    ['thin-round', 'quick', 3, 180, 135, 240, '150–240 s'],
    ['thin-round', 'quick', 4, 180, 150, 240, '150–240 s'],
    ['thin-square-4', 'quick', 3, 195, 140, 240, 'four squares of half a cup: about 180 s'],
    ['deep-round', 'quick', 4, 165, 300, 480, '5–8 min at medium'],
    ['deep-round', 'yeasted', 4, 165, 300, 480, '5–8 min at medium'],
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
    expect(waterLoss).toBeGreaterThan(0.1);
    expect(waterLoss).toBeLessThan(0.25);
  });

  test('a wafer goes from about 26 % moisture to 3–6 %', () => {
    const a = ask('wafer', 'wafer', 3);
    const raw = 1 - a.batter.drySolids;
    const left = (raw - a.waterLoss) / (1 - a.waterLoss);
    expect(raw).toBeGreaterThan(0.22);
    expect(raw).toBeLessThan(0.32);
    expect(left).toBeLessThan(0.06);
  });
});

describe('portions of common practice', () => {
  test.each([
    ['deep-round', 'quick', 0.75, 1.1, 'three quarters to a cup'],
    ['thin-square-4', 'quick', 0.38, 0.55, 'about half a cup each'],
    ['mini', 'quick', 0.19, 0.27, '3 tbsp to a quarter cup'],
    ['wafer', 'wafer', 0.025, 0.042, 'half a soup spoon'],
    ['ball-pan', 'rested', 0.9, 1.1, '80 % of the lower half'],
  ] as const)('%s: %d–%d US cups a mould', (ironId, batter, from, to, _practice) => {
    const a = ask(ironId, batter, 4);
    const cups = a.portion.portion_mL / 236.588 / a.request.iron.geometry.moulds;
    expect(cups).toBeGreaterThan(from);
    expect(cups).toBeLessThan(to);
  });
});
