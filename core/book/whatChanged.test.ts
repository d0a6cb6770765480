import { describe, expect, test } from '@jest/globals';
import { batterOf } from '../cook/index.ts';
import type { Random } from '../basis/index.ts';
import { seededRandom } from '../basis/index.ts';
import { readBatter } from '../testing/batters.ts';
import type { Action, Belief, Emulator, Outcome, IronWithBatter, IronParameters } from '../fit/index.ts';
import type { Change } from './index.ts';
import { emulated, FILL_LIMITS, NOMINAL, predictLoad } from '../fit/index.ts';
import { whatChanged } from './index.ts';
import { pairingOf } from '../testing/arena.ts';

const e = emulated(pairingOf('deep-round', 'quick'));

const said = (on: Emulator, u: IronParameters, action: Action, random: Random): Outcome => {
  const seen = predictLoad(on, u, action);
  const read = (step: number): number => Math.min(8, Math.max(1, Math.round(step + 0.4 * random.normal())));
  const fill = seen.share < FILL_LIMITS.short ? 'missing' : seen.share > FILL_LIMITS.over ? 'leaked' : 'full';
  return {
    fill,
    missing_share: fill === 'missing' ? Math.max(0.05, 1 - seen.share) : null,
    leaked_g: fill === 'leaked' ? Math.max(2, (1 - FILL_LIMITS.over / seen.share) * action.portion_g) : null,
    lower: read(seen.lower),
    upper: read(seen.upper),
    core: seen.isSet ? 'set' : 'wet',
  };
};

const close = (u: IronParameters, random: Random): IronParameters => ({
  cavity: u.cavity * Math.exp(0.04 * random.normal()),
  offset_K: u.offset_K + 5 * random.normal(),
  contact: u.contact * Math.exp(0.1 * random.normal()),
  browning: u.browning * Math.exp(0.1 * random.normal()),
  side_K: u.side_K + 2 * random.normal(),
  scatter: u.scatter,
});

/** An iron that is known as it is after some loads; then three today, on an iron that is as `now` says. */
const explained = (seed: number, now: (u: IronParameters) => IronParameters) => {
  const random = seededRandom(seed);
  const truth = close(NOMINAL, random);
  const belief: Belief = {
    particles: Array.from({ length: 200 }, () => close(truth, random)),
    weights: new Array<number>(200).fill(1 / 200),
  };
  const action = { portion_g: e.full_g * truth.cavity, setting_C: 175, open_s: 255 };
  const today = Array.from({ length: 3 }, () => ({ emulator: e, colder: null, action, outcome: said(e, now(truth), action, random) }));
  return whatChanged(belief, today);
};

const SEEDS = [1, 2, 3, 4];
const firsts = (now: (u: IronParameters) => IronParameters): Change[] => SEEDS.map((seed) => explained(seed, now)[0]!.change);
const share = (found: readonly Change[], ...right: Change[]): number =>
  found.filter((change) => right.includes(change)).length / found.length;

describe('what changed', () => {
  test('nothing, when nothing did', () => {
    expect(
      share(
        firsts((u) => u),
        'nothing',
      ),
    ).toBeGreaterThanOrEqual(0.75);
  });

  test('a worn gasket and a tighter lid are told by the fill', () => {
    expect(
      share(
        firsts((u) => ({ ...u, cavity: 1.3 * u.cavity })),
        'more-room',
      ),
    ).toBeGreaterThanOrEqual(0.75);
    expect(
      share(
        firsts((u) => ({ ...u, cavity: 0.74 * u.cavity })),
        'less-room',
      ),
    ).toBeGreaterThanOrEqual(0.75);
  });

  test('darker is hotter plates or more sugar, paler the reverse: the two can’t be told apart by colour alone', () => {
    expect(
      share(
        firsts((u) => ({ ...u, browning: 2 * u.browning })),
        'browns-more',
        'hotter',
      ),
    ).toBeGreaterThanOrEqual(0.75);
    expect(
      share(
        firsts((u) => ({ ...u, offset_K: u.offset_K - 24 })),
        'browns-less',
        'cooler',
      ),
    ).toBeGreaterThanOrEqual(0.75);
  });

  test('one side: the lid', () => {
    expect(
      share(
        firsts((u) => ({ ...u, side_K: u.side_K + 26 })),
        'one-side',
      ),
    ).toBeGreaterThanOrEqual(0.75);
  });

  test('chances add up to one; a colder batter is offered where one could be', () => {
    const found = explained(3, (u) => u);
    expect(found.reduce((sum, { chance }) => sum + chance, 0)).toBeCloseTo(1, 9);
    expect(found.map((x) => x.change)).not.toContain('colder-batter');
    const bowl = batterOf(readBatter('quick'), { batter_C: 4, altitude_m: 0 });
    if (!bowl.ok) throw new Error(bowl.failure.code);
    const cold: IronWithBatter = { ...e.pairing, batter: bowl.value };
    const colder = emulated(cold);
    const random = seededRandom(8);
    const action = { portion_g: e.full_g, setting_C: 175, open_s: 255 };
    const truth: IronParameters = NOMINAL;
    const belief: Belief = { particles: [truth], weights: [1] };
    const outcomes = Array.from({ length: 4 }, () => said(colder, truth, action, random));
    const ranked = whatChanged(
      belief,
      outcomes.map((outcome) => ({ emulator: e, colder, action, outcome })),
    );
    expect(ranked.map((x) => x.change)).toContain('colder-batter');
  });
});
