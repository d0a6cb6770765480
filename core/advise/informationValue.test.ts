import { describe, expect, test } from '@jest/globals';
import { priorOf } from '../plate/index.ts';
import { seededRandom, runToEnd } from '../basis/index.ts';
import type { Belief, EmulatorMemory } from '../fit/index.ts';
import { afterLoad, emulated, firstBelief, summary } from '../fit/index.ts';
import { ironHistory } from '../book/index.ts';
import { suggest, informationValue, informationValueNow } from './index.ts';
import { pairingOf, TARGET } from '../testing/arena.ts';

const pairing = pairingOf('deep-round', 'quick');
const e = emulated(pairing);
const worthOf = (belief: Belief) => runToEnd(informationValue(e, belief, { tawny: TARGET }, suggest(e, belief, TARGET), seededRandom(2)));

describe('what it is worth to know more', () => {
  const stranger = worthOf(firstBelief(seededRandom(1)));

  test('of a stranger: a trial most, water next, a probe least', () => {
    expect(stranger.now).toBeGreaterThan(0.12);
    expect(stranger.now).toBeLessThan(0.4);
    expect(stranger.trial).toBeGreaterThan(stranger.now + 0.25);
    expect(stranger.water ?? 0).toBeGreaterThan(stranger.now + 0.06);
    expect(stranger.trial).toBeGreaterThan(stranger.water ?? 1);
    expect(stranger.water ?? 0).toBeGreaterThan(stranger.probe ?? stranger.now);
  });

  test('dough in the gap tells less than water, a picture less than dough; half a portion nearly as much as a whole one', () => {
    const { now, water, dough, picture, half, trial } = stranger;
    expect(dough ?? now).toBeLessThan(water ?? 0);
    expect(picture ?? now).toBeLessThan(dough ?? 0);
    expect(half?.chance ?? 0).toBeGreaterThan(now + 0.6 * (trial - now));
    expect(half?.portion_g).toBeCloseTo(suggest(e, firstBelief(seededRandom(1)), TARGET).portion_g / 2, 6);
  });

  test('of an iron that is known, hardly anything', () => {
    let belief = firstBelief(seededRandom(1));
    for (let n = 0; n < 4; n++) {
      const action = suggest(e, belief, TARGET);
      const said = { fill: 'full', missing_share: null, leaked_g: null, lower: 4, upper: 4, core: 'set' } as const;
      belief = afterLoad(e, belief, action, said, seededRandom(n)).belief;
    }
    const known = worthOf(belief);
    expect(known.now).toBeGreaterThan(0.7);
    expect(known.trial - known.now).toBeLessThan(0.15);
    expect((known.water ?? known.now) - known.now).toBeLessThan((stranger.water ?? 0) - stranger.now);
  });

  test('the same question, the same answer; a batter that isn’t there has none', () => {
    const pairings = new Map([['a/1', pairing]]);
    const memory: EmulatorMemory = new Map();
    const asked = (batterKey: string) => runToEnd(informationValueNow({ batterKey, tawny: TARGET }, pairings, [], memory));
    expect(asked('a/1')).toEqual(asked('a/1'));
    expect(asked('gone')).toBeNull();
  });
});

describe('an iron that was measured', () => {
  const measured = { ...pairing, iron: { ...pairing.iron, measured: { cavity: 'water', plates: true } as const } };

  test('is believed so before its first load, and that load promises more', () => {
    const ask = (p: typeof pairing) => runToEnd(ironHistory({ batterKey: 'a/1', tawny: TARGET }, new Map([['a/1', p]]), []));
    const [plain, known] = [ask(pairing), ask(measured)];
    const prior = priorOf(measured.iron);
    expect(known?.believed.cavity.sd).toBeGreaterThan(0.9 * prior.cavity);
    expect(known?.believed.cavity.sd).toBeLessThan(1.1 * prior.cavity);
    expect(known?.believed.offset_K.sd).toBeLessThan(1.1 * prior.plates_K);
    expect(known?.suggestion.fills).toBeGreaterThan(1.5 * (plain?.suggestion.fills ?? 1));
    expect(known?.suggestion.chance).toBeGreaterThan(1.8 * (plain?.suggestion.chance ?? 1));
  });

  test('its loads still have the last word', () => {
    const belief = firstBelief(seededRandom(1), 1500, priorOf(measured.iron));
    const action = suggest(e, belief, TARGET);
    const missing = { fill: 'missing', missing_share: 0.2, leaked_g: null, lower: 4, upper: 4, core: 'set' } as const;
    const once = afterLoad(e, belief, action, missing, seededRandom(1)).belief;
    const twice = afterLoad(e, once, action, missing, seededRandom(2)).belief;
    expect(summary(once).cavity.mean).toBeGreaterThan(summary(belief).cavity.mean + 0.05);
    expect(summary(twice).cavity.mean).toBeGreaterThan(summary(once).cavity.mean);
  });
});
