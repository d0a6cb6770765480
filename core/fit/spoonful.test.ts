import { describe, expect, test } from '@jest/globals';
import { runToEnd, seededRandom } from '../basis/index.ts';
import { spoonfulTime_s } from '../advise/index.ts';
import type { Teaspoon } from '../plate/index.ts';
import { pairingOf } from '../testing/arena.ts';
import { afterLoad, afterSpoonful, emulated, firstBelief, fitIron, NOMINAL, predictLoad, spoonfulSteps, summary } from './index.ts';

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

  test('is looked at where it is as brown as is wished, so that paler and darker show alike; before a load would be', () => {
    const before = firstBelief(seededRandom(3));
    const open_s = spoonfulTime_s(spoonfuls, before, 180, 4);
    expect(spoonfulSteps(spoonfuls, NOMINAL, { setting_C: 180, open_s }).lower).toBeCloseTo(4, 0);
    expect(spoonfulTime_s(spoonfuls, before, 200, 4)).toBeLessThan(open_s);
    expect(spoonfulTime_s(spoonfuls, before, 180, 6)).toBeGreaterThan(open_s);
  });

  test('counts before the first load of that iron, of whichever batter', () => {
    const tried = { ...pairing, iron: { ...pairing.iron, measured: { cavity: null, plates: false, teaspoon: said(7, 7) } } };
    const fit = (of: typeof pairing) => runToEnd(fitIron(new Map([['a/1', of]]), [], seededRandom(5)));
    expect(summary(fit(tried).belief).offset_K.mean).toBeGreaterThan(summary(fit(pairing).belief).offset_K.mean + 5);
  });
});

describe('how far loads of one iron scatter', () => {
  const action = { portion_g: loads.full_g, setting_C: 175, open_s: 240 };
  const said = (step: number) => ({ fill: null, missing_share: null, leaked_g: null, core: null, lower: step, upper: step }) as const;
  const after = (steps: readonly number[]) => {
    let belief = firstBelief(seededRandom(9));
    for (const step of steps) belief = afterLoad(loads, belief, action, said(step), seededRandom(10)).belief;
    return summary(belief).scatter.mean;
  };

  test('loads that come out alike make it small, loads that don’t make it large', () => {
    expect(after([4, 4, 4, 4])).toBeLessThan(summary(firstBelief(seededRandom(9))).scatter.mean);
    expect(after([3, 5, 3, 5])).toBeGreaterThan(1.5 * after([4, 4, 4, 4]));
  });
});
