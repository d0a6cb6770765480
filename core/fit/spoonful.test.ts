import { describe, expect, test } from '@jest/globals';
import { runToEnd, seededRandom } from '../basis/index.ts';
import type { Teaspoon } from '../plate/index.ts';
import { pairingOf } from '../testing/arena.ts';
import { afterSpoonful, emulated, firstBelief, fitIron, NOMINAL, predictLoad, spoonfulSteps, summary } from './index.ts';

const pairing = pairingOf('deep-round', 'quick');
const spoonfuls = emulated(pairing, 'spoonful');
const loads = emulated(pairing);
const at = { setting_C: 180, open_s: 100 };
const said = (lower: number, upper: number): Teaspoon => ({ formulaId: null, ...at, lower, upper });

describe('a teaspoon in the hot iron', () => {
  test('browns sooner than a load, whose batter cools the plates', () => {
    const spoonful = spoonfulSteps(spoonfuls, NOMINAL, at);
    const load = predictLoad(loads, NOMINAL, { ...at, portion_g: loads.full_g });
    expect(spoonful.lower).toBeGreaterThan(load.lower + 0.3);
    expect(spoonful.lower).toBeCloseTo(spoonful.upper, 6);
  });

  test('darker than expected: hotter or browner is believed; the room between the plates as before', () => {
    const before = firstBelief(seededRandom(3));
    const [pale, dark] = [2, 6].map((step) => summary(afterSpoonful(spoonfuls, before, said(step, step), seededRandom(4)))) as [
      ReturnType<typeof summary>,
      ReturnType<typeof summary>,
    ];
    expect(dark.offset_K.mean).toBeGreaterThan(pale.offset_K.mean + 8);
    expect(dark.browning.mean).toBeGreaterThan(pale.browning.mean * 1.1);
    expect(dark.cavity.mean).toBeCloseTo(pale.cavity.mean, 1);
    expect(dark.offset_K.sd).toBeLessThan(summary(before).offset_K.sd);
  });

  test('one side ahead of the other: that plate is hotter', () => {
    const before = firstBelief(seededRandom(3));
    expect(summary(afterSpoonful(spoonfuls, before, said(3, 4), seededRandom(4))).side_K.mean).toBeGreaterThan(1);
  });

  test('counts before the first load of that iron, of whichever batter', () => {
    const tried = { ...pairing, iron: { ...pairing.iron, measured: { cavity: null, plates: false, teaspoon: said(7, 7) } } };
    const fit = (of: typeof pairing) => runToEnd(fitIron(new Map([['a/1', of]]), [], seededRandom(5)));
    expect(summary(fit(tried).belief).offset_K.mean).toBeGreaterThan(summary(fit(pairing).belief).offset_K.mean + 5);
  });
});
