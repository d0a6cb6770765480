import { describe, expect, test } from '@jest/globals';
import { seededRandom } from '../basis/index.ts';
import type { Cue, PastCue } from './index.ts';
import { coreSetAt, emulated, firstBelief, NOMINAL, gridPositionOf } from '../fit/index.ts';
import { cueTiming, revisedOpenTime } from './index.ts';
import { movedFromPromise } from './revisedOpenTime.ts';
import { pairingOf } from '../testing/arena.ts';

const e = emulated(pairingOf('mini', 'quick'));
const pour = { portion_g: e.full_g, setting_C: 200 };
const TAWNY = 4;
const first = (signal: 'smells' | 'beeped' | 'steam-down') => cueTiming(signal, [], TAWNY);
const TIMINGS = { smells: first('smells'), beeped: first('beeped'), 'steam-down': first('steam-down') };
const after = (cues: readonly Cue[], timings = TIMINGS) =>
  revisedOpenTime(e, firstBelief(seededRandom(3)), pour, cues, timings, TAWNY, seededRandom(4));

describe('when a signal comes, by iron', () => {
  const beep = (at_s: number, open_s: number, tawny: number | null): PastCue => ({ signal: 'beeped', at_s, open_s, tawny });

  test('an iron that beeps early is known after some loads; without any, by the usual', () => {
    const early = cueTiming('beeped', [beep(100, 200, 4), beep(104, 200, 4), beep(97, 190, 4)], TAWNY);
    expect(early.share).toBeCloseTo(0.52, 1);
    expect(early.sd).toBeLessThan(first('beeped').sd / 1.8);
  });

  test('a load that came out too dark was opened late: the time to the colour is shorter than it was in', () => {
    const dark = cueTiming('beeped', [beep(100, 200, 6)], TAWNY);
    expect(dark.share).toBeGreaterThan(cueTiming('beeped', [beep(100, 200, 4)], TAWNY).share);
  });

  test('other signals, and loads of which nothing was said, teach nothing', () => {
    expect(cueTiming('beeped', [{ ...beep(10, 200, 4), signal: 'smells' }, beep(10, 200, null)], TAWNY)).toEqual(first('beeped'));
  });
});

describe('the load that is in the iron', () => {
  test('pale leaves it in longer, dark takes it out; never before what was noticed', () => {
    const pale = after([{ seen: 'pale', at_s: 90 }]);
    const dark = after([{ seen: 'dark', at_s: 90 }]);
    expect(pale.open_s).toBeGreaterThan(dark.open_s + 25);
    expect(dark.open_s).toBeGreaterThanOrEqual(90);
    expect(pale.chance).toBeGreaterThan(0);
  });

  test('an early smell means a quick iron, a late one a slow one; several cues together', () => {
    const early = after([{ signal: 'smells', at_s: 45 }]);
    const late = after([{ signal: 'smells', at_s: 140 }]);
    expect(late.open_s).toBeGreaterThan(early.open_s + 15);
    const both = after([
      { signal: 'smells', at_s: 45 },
      { seen: 'nearly', at_s: 80 },
    ]);
    expect(both.open_s).toBeLessThan(130);
    expect(both.open_s).toBeGreaterThanOrEqual(80);
  });

  test('still steaming holds the call: later than without, and never within a quarter of a minute; the light counts like a beep', () => {
    const plain = after([]).open_s;
    const steaming = after([{ signal: 'steaming', at_s: 1.1 * plain }]);
    expect(steaming.open_s).toBeGreaterThanOrEqual(1.1 * plain + 15);
    // Early on it says nothing: everything steams then.
    expect(Math.abs(after([{ signal: 'steaming', at_s: 20 }]).open_s - plain)).toBeLessThan(8);
    expect(movedFromPromise({ open_s: 100, chance: 1, earliestLook_s: 90 }, 200, 200, [{ signal: 'steaming', at_s: 190 }]).open_s).toBe(
      205,
    );
    const [early, late] = [after([{ signal: 'light', at_s: 60 }]), after([{ signal: 'light', at_s: 200 }])];
    expect(late.open_s).toBeGreaterThan(early.open_s + 10);
  });

  test('the earliest safe look is about when the core has set', () => {
    const { earliestLook_s } = after([{ signal: 'smells', at_s: 20 }]);
    const set_s = coreSetAt(e, gridPositionOf(e, 200, 0, NOMINAL.contact, 1));
    expect(earliestLook_s).toBeGreaterThan(0.6 * set_s);
    expect(earliestLook_s).toBeLessThan(2.5 * set_s);
  });

  test('the promise moves by what was noticed, not by what two computations differ in', () => {
    const asPromised = after([]);
    const dark = after([{ seen: 'dark', at_s: 90 }]);
    // The coarser computation would have opened a fifth later by itself: dark is still sooner than promised.
    const promised_s = asPromised.open_s / 1.2;
    expect(dark.open_s).toBeLessThan(asPromised.open_s);
    expect(movedFromPromise(dark, asPromised.open_s, promised_s, []).open_s).toBeLessThan(promised_s);
    expect(movedFromPromise(asPromised, asPromised.open_s, promised_s, []).open_s).toBeCloseTo(promised_s, 9);
    // Never before the last that was noticed.
    expect(movedFromPromise(dark, asPromised.open_s, 20, [{ seen: 'dark', at_s: 90 }]).open_s).toBe(90);
  });

  test('an iron that is well known may have an odd load: what is seen counts', () => {
    // Guesses that agree to a hundredth: none of them would be dark so early.
    const known = firstBelief(seededRandom(3));
    const [one] = known.particles;
    const sure = { particles: known.particles.map(() => one!), weights: known.weights };
    const asked = (cues: readonly Cue[]) => revisedOpenTime(e, sure, pour, cues, TIMINGS, TAWNY, seededRandom(4)).open_s;
    const usual_s = asked([]);
    const at_s = 0.7 * usual_s;
    expect(asked([{ seen: 'dark', at_s }])).toBeLessThan(0.9 * usual_s);
    expect(asked([{ seen: 'dark', at_s }])).toBeGreaterThanOrEqual(at_s);
    expect(asked([{ seen: 'pale', at_s: 0.9 * usual_s }])).toBeGreaterThan(1.04 * usual_s);
  });

  test('a sharper timing counts for more', () => {
    const sharp = { ...TIMINGS, beeped: { share: 0.5, sd: 0.1 } };
    expect(after([{ signal: 'beeped', at_s: 100 }], sharp).open_s).toBeGreaterThan(after([{ signal: 'beeped', at_s: 100 }]).open_s + 10);
  });
});
