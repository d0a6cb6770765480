import { describe, expect, test } from '@jest/globals';
import { seededRandom } from '../basis/index.ts';
import { tawnyStepOf } from '../matter/index.ts';
import type { Action, Outcome } from '../fit/index.ts';
import type { Signal } from '../line/index.ts';
import {
  afterLoad,
  coreSetAt,
  effectiveCount,
  emulated,
  FILL_LIMITS,
  firstBelief,
  predictLoad,
  likelihood,
  NOMINAL,
  gridPositionOf,
  settingsOf,
  stepAt,
  summary,
} from '../fit/index.ts';
import { cueTiming, revisedOpenTime } from '../line/index.ts';
import { suggest } from '../advise/index.ts';
import { arenaEmulators, pairingOf, play, SAME, TARGET } from '../testing/arena.ts';
import { heldOut } from '../testing/heldOut.ts';

const pairing = pairingOf('deep-round', 'quick');
const e = emulated(pairing);
const SILENT: Outcome = { fill: null, missing_share: null, leaked_g: null, lower: null, upper: null, core: null };
const ACTION: Action = { portion_g: e.full_g, setting_C: 170, open_s: 240 };

describe('the emulator', () => {
  test('held-out loads: colour within a third of a step, core set within some seconds', () => {
    const random = seededRandom(5);
    let worst = 0;
    let worstSet = 0;
    for (let i = 0; i < 14; i++) {
      const T = 150 + 45 * random.next();
      const contact = 0.7 + 0.8 * random.next();
      const amount = 0.75 + 0.5 * random.next();
      const { trace } = heldOut(e, T, contact, amount, 400);
      const place = gridPositionOf(e, T, 0, contact, amount);
      for (const t of [90, 180, 300]) {
        const direct = tawnyStepOf(trace.lowerLightness[t] ?? 80, pairing.batter.rawLightness);
        if (direct < 6.5) worst = Math.max(worst, Math.abs(stepAt(e, place, 'lower', 1, t) - direct));
      }
      const set = trace.core_C.findIndex((core) => core >= pairing.batter.setTemperature_C);
      if (set > 0) worstSet = Math.max(worstSet, Math.abs(coreSetAt(e, place) - set));
    }
    expect(worst).toBeLessThan(0.34);
    expect(worstSet).toBeLessThan(14);
  });

  test('browning scales the rate exactly; a hotter upper plate browns the upper face', () => {
    const place = gridPositionOf(e, 170, 8, 1, 1);
    const L = (browning: number): number => stepAt(e, place, 'lower', browning, 200);
    expect(L(1.4)).toBeGreaterThan(L(1));
    expect(stepAt(e, place, 'upper', 1, 200)).toBeGreaterThan(stepAt(e, place, 'lower', 1, 200));
    // Beyond the grid it stays at its edge instead of running away.
    expect(stepAt(e, gridPositionOf(e, 900, 0, 9, 9), 'lower', 1, 200)).toBeLessThanOrEqual(8.5);
  });
});

describe('what is believed', () => {
  test('before anything was seen: the usual widths', () => {
    const s = summary(firstBelief(seededRandom(3)));
    expect(s.offset_K.sd).toBeGreaterThan(13.5);
    expect(s.offset_K.sd).toBeLessThan(16.5);
    expect(Math.abs(s.cavity.mean - 1)).toBeLessThan(0.03);
  });

  test('nothing said, nothing changed', () => {
    const belief = firstBelief(seededRandom(3), 300);
    const after = afterLoad(e, belief, ACTION, SILENT, seededRandom(1)).belief;
    expect(after.particles).toEqual(belief.particles);
    after.weights.forEach((weight) => expect(weight).toBeCloseTo(1 / 300, 12));
  });

  test('a leak makes the cavity smaller, a missing corner larger, by about what was said', () => {
    const after = (o: Partial<Outcome>): number =>
      summary(afterLoad(e, firstBelief(seededRandom(3)), ACTION, { ...SILENT, ...o }, seededRandom(1)).belief).cavity.mean;
    expect(after({ fill: 'missing', missing_share: 0.2 })).toBeGreaterThan(1.15);
    expect(after({ fill: 'missing', missing_share: 0.2 })).toBeLessThan(1.33);
    expect(after({ fill: 'leaked', leaked_g: 20 })).toBeLessThan(0.92);
    expect(Math.abs(after({ fill: 'full' }) - 1)).toBeLessThan(0.04);
  });

  test('darker than foreseen: hotter or browning faster, and the next load is shorter or cooler', () => {
    const belief = firstBelief(seededRandom(3));
    const plan = suggest(e, belief, TARGET);
    const dark = afterLoad(e, belief, plan, { ...SILENT, fill: 'full', lower: 7, upper: 7, core: 'set' }, seededRandom(1)).belief;
    const s = summary(dark);
    expect(s.offset_K.mean + 20 * Math.log(s.browning.mean)).toBeGreaterThan(5);
    const next = suggest(e, dark, TARGET);
    expect(next.open_s * Math.exp(0.04 * (next.setting_C - plan.setting_C))).toBeLessThan(0.9 * plan.open_s);
  });

  test('one side darker: the plates lean', () => {
    const leaning = afterLoad(e, firstBelief(seededRandom(3)), ACTION, { ...SILENT, lower: 3, upper: 5 }, seededRandom(1)).belief;
    expect(summary(leaning).side_K.mean).toBeGreaterThan(2);
  });

  test('no word rules anything out, and a contradiction is named', () => {
    for (const u of firstBelief(seededRandom(4), 50).particles)
      expect(
        likelihood(e, u, ACTION, { fill: 'leaked', missing_share: null, leaked_g: 400, lower: 8, upper: 1, core: 'wet' }),
      ).toBeGreaterThan(0);
    let belief = firstBelief(seededRandom(3));
    const found: string[] = [];
    const say = (outcome: Outcome): void => {
      const updated = afterLoad(e, belief, ACTION, outcome, seededRandom(2));
      belief = updated.belief;
      found.push(...updated.findings.map((f) => f.code));
    };
    for (let i = 0; i < 3; i++) say({ ...SILENT, fill: 'missing', missing_share: 0.25, lower: 3, upper: 3, core: 'set' });
    expect(found).toEqual([]);
    say({ ...SILENT, fill: 'leaked', leaked_g: 40, lower: 8, upper: 8, core: 'wet' });
    expect(found).toEqual(['observation-conflict']);
    expect(effectiveCount(belief)).toBeGreaterThan(100);
  });

  test('the same seed, the same belief, bit by bit', () => {
    const run = () =>
      afterLoad(
        e,
        firstBelief(seededRandom(3)),
        ACTION,
        { ...SILENT, fill: 'missing', missing_share: 0.3, lower: 6, upper: 6, core: 'set' },
        seededRandom(9),
      ).belief;
    expect(run()).toEqual(run());
  });
});

describe('what is suggested', () => {
  test('for an iron that is known to be as measured: fills, sets, and is on the step', () => {
    const known = { particles: [NOMINAL], weights: [1] };
    const s = suggest(e, known, TARGET);
    const seen = predictLoad(e, NOMINAL, s);
    expect(seen.share).toBeGreaterThan(FILL_LIMITS.short);
    expect(seen.share).toBeLessThan(FILL_LIMITS.over);
    expect(Math.abs(seen.lower - TARGET)).toBeLessThan(0.35);
    expect(seen.isSet).toBe(true);
    const [low, high] = settingsOf(pairing.iron);
    expect(s.setting_C).toBeGreaterThanOrEqual(low);
    expect(s.setting_C).toBeLessThanOrEqual(high);
  });

  test('a look on the way: dark already, open sooner; still pale, later; never before the look', () => {
    const belief = firstBelief(seededRandom(3));
    const plan = suggest(e, belief, TARGET);
    const at_s = 0.6 * plan.open_s;
    const usual = (signal: Exclude<Signal, 'steaming'>) => cueTiming(signal, [], TARGET);
    const timings = { smells: usual('smells'), beeped: usual('beeped'), 'steam-down': usual('steam-down') };
    const after = (seen: 'pale' | 'dark'): number =>
      revisedOpenTime(e, belief, plan, [{ at_s, seen }], timings, TARGET, seededRandom(1)).open_s;
    expect(after('dark')).toBeLessThan(after('pale'));
    expect(after('dark')).toBeGreaterThanOrEqual(at_s);
  });
});

// At a smaller size than the bench, which runs them with intervals (docs/models/dial-in.md).
describe('a dozen unknown irons', () => {
  test('the second and third load land on most, ahead of a cook’s rule; the same seeds, the same score', () => {
    const emulators = arenaEmulators();
    const ours = play('estimator', SAME, 12, 3, 77, emulators);
    const rule = play("a cook's rule", SAME, 12, 3, 77, emulators);
    expect(ours.hit[1]).toBeGreaterThanOrEqual(8);
    expect(ours.hit[2]).toBeGreaterThanOrEqual(9);
    expect((ours.hit[1] ?? 0) + (ours.hit[2] ?? 0)).toBeGreaterThan((rule.hit[1] ?? 0) + (rule.hit[2] ?? 0));
    expect(play('estimator', SAME, 2, 2, 77, emulators)).toEqual(play('estimator', SAME, 2, 2, 77, emulators));
  });
});
