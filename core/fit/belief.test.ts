import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { seededRandom } from '../basis/index.ts';
import type { Outcome, IronParameters } from './index.ts';
import {
  afterLoad,
  drawIronParameters,
  emulated,
  FILL_LIMITS,
  firstBelief,
  predictLoad,
  likelihood,
  NOMINAL,
  settingsOf,
  summary,
} from './index.ts';
import { pairingOf, wilson } from '../testing/arena.ts';

const e = emulated(pairingOf('mini', 'quick'));
const [setting_C] = settingsOf(e.pairing.iron);
const SILENT: Outcome = { fill: null, missing_share: null, leaked_g: null, lower: null, upper: null, core: null };
const action = { portion_g: e.full_g, setting_C, open_s: 110 };
const guess = fc.integer({ min: 1, max: 1e6 }).map((seed): IronParameters => drawIronParameters(seededRandom(seed)));

describe('how likely words are', () => {
  test('whatever the iron, the steps that could be read add up to one, and so do the fills', () => {
    fc.assert(
      fc.property(guess, (u) => {
        const steps = [1, 2, 3, 4, 5, 6, 7, 8].reduce((sum, lower) => sum + likelihood(e, u, action, { ...SILENT, lower }), 0);
        expect(steps).toBeGreaterThan(0.98);
        expect(steps).toBeLessThan(1.02);
        const fills = (['missing', 'full', 'leaked'] as const).reduce(
          (sum, fill) => sum + likelihood(e, u, action, { ...SILENT, fill }),
          0,
        );
        expect(fills).toBeCloseTo(1, 2);
        // How full a full load was shares out what "full" says.
        const graded = (['rounded', 'sharp', 'bead'] as const).reduce(
          (sum, edges) => sum + likelihood(e, u, action, { ...SILENT, fill: 'full', edges }),
          0,
        );
        expect(Math.abs(graded - likelihood(e, u, action, { ...SILENT, fill: 'full' }))).toBeLessThan(0.02);
        const core = (['set', 'wet'] as const).reduce((sum, word) => sum + likelihood(e, u, action, { ...SILENT, core: word }), 0);
        expect(core).toBeCloseTo(1, 2);
      }),
      { numRuns: 40, seed: 12 },
    );
  });

  test('the step that is foreseen is the likeliest', () => {
    fc.assert(
      fc.property(guess, (u) => {
        const seen = predictLoad(e, u, action);
        const nearest = Math.min(8, Math.max(1, Math.round(seen.lower)));
        const of = (lower: number): number => likelihood(e, u, action, { ...SILENT, lower });
        for (const other of [nearest - 2, nearest + 2]) if (other >= 1 && other <= 8) expect(of(nearest)).toBeGreaterThan(of(other));
      }),
      { numRuns: 40, seed: 13 },
    );
  });

  test('more batter fills more; opened later is darker; hotter is darker', () => {
    fc.assert(
      fc.property(guess, fc.double({ min: 1.02, max: 1.3, noNaN: true }), (u, more) => {
        const base = predictLoad(e, u, action);
        expect(predictLoad(e, u, { ...action, portion_g: action.portion_g * more }).share).toBeGreaterThan(base.share);
        expect(predictLoad(e, u, { ...action, open_s: action.open_s * more }).lower).toBeGreaterThanOrEqual(base.lower);
        expect(predictLoad(e, { ...u, offset_K: u.offset_K + 8 }, action).upper).toBeGreaterThanOrEqual(base.upper);
      }),
      { numRuns: 40, seed: 14 },
    );
  });

  test('as measured and filled to the brim: neither short nor leaking', () => {
    const { share } = predictLoad(e, NOMINAL, action);
    expect(share).toBeCloseTo(1, 9);
    expect(share).toBeGreaterThan(FILL_LIMITS.short);
    expect(likelihood(e, NOMINAL, action, { ...SILENT, fill: 'full' })).toBeGreaterThan(0.85);
  });
});

// Wilson's interval (1927): 7 of 10 is 0.396778–0.892209, 18 of 24 is 0.551006–0.880006 (computed independently).
test.each([
  [7, 10, 0.396778, 0.892209],
  [18, 24, 0.551006, 0.880006],
  [0, 10, 0, 0.277533],
] as const)('the interval of %d of %d', (hits, n, low, high) => {
  const [a, b] = wilson(hits, n);
  expect(a).toBeCloseTo(low, 5);
  expect(b).toBeCloseTo(high, 5);
});

describe('instruments sharpen what words leave open', () => {
  const believe = (o: Outcome) => summary(afterLoad(e, firstBelief(seededRandom(5)), action, o, seededRandom(6)).belief);
  const measured = { lowerLightness: null, upperLightness: null, plate_C: null, mass_g: null };

  test('a probe of the plate tells plates from browning', () => {
    const words = believe({ ...SILENT, lower: 5 });
    const probed = believe({ ...SILENT, lower: 5, measured: { ...measured, plate_C: setting_C - 12 } });
    expect(probed.offset_K.sd).toBeLessThan(0.7 * words.offset_K.sd);
    expect(probed.offset_K.mean).toBeCloseTo(-11, -1);
    // Cooler, and yet as dark: it must brown more.
    expect(probed.browning.mean).toBeGreaterThan(words.browning.mean + 0.1);
  });

  test('a picture is sharper than a word; a scale tells the room', () => {
    const picture = believe({ ...SILENT, measured: { ...measured, lowerLightness: 62, upperLightness: 62 } });
    const word = believe({ ...SILENT, lower: 4, upper: 4 });
    expect(picture.side_K.sd).toBeLessThan(word.side_K.sd);
    const light = believe({ ...SILENT, fill: 'leaked', measured: { ...measured, mass_g: 0.72 * e.full_g } });
    const said = believe({ ...SILENT, fill: 'leaked' });
    expect(light.cavity.sd).toBeLessThan(said.cavity.sd);
  });
});
