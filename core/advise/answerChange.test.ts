import { describe, expect, test } from '@jest/globals';
import { runToEnd } from '../basis/index.ts';
import { presetIron, readBatter } from '../testing/batters.ts';
import { describeStored } from '../../words/index.ts';
import type { AdviceRequest, AnswerChange, ChangedFigure } from './index.ts';
import { advise, DEFAULT_CONDITIONS, densityOfLightness, lightnessOfDensity, answerChanges } from './index.ts';

const asked = (iron: string, batter: Parameters<typeof readBatter>[0], changes: Partial<AdviceRequest> = {}): AdviceRequest => ({
  ...DEFAULT_CONDITIONS,
  reading: readBatter(batter),
  iron: presetIron(iron),
  ...changes,
});
const moved = (before: AdviceRequest, after: AdviceRequest): readonly AnswerChange[] => {
  const found = runToEnd(answerChanges(before, after, new Map()));
  if (!found.ok) throw new Error(found.failure.code);
  return found.value;
};
const figure = (move: AnswerChange | undefined, quantity: ChangedFigure['quantity']): ChangedFigure | undefined =>
  move?.figures.find((f) => f.quantity === quantity);
const advised = (request: AdviceRequest) => {
  const a = advise(request);
  if (!a.ok) throw new Error(a.failure.code);
  return a.value;
};

describe('which of setting, portion and time a change moves', () => {
  const deep = asked('deep-round', 'quick');

  test('crisper: cooler plates and longer, the portion stays', () => {
    const [move, ...others] = moved(deep, { ...deep, target: { tawny: 4, crisp: 4 } });
    expect(others).toEqual([]);
    expect(figure(move, 'setting')).toMatchObject({ because: 'moved-cooler-more-drying' });
    expect(figure(move, 'time')).toMatchObject({ because: 'moved-cooler-slower' });
    expect(figure(move, 'setting')!.to).toBeLessThan(figure(move, 'setting')!.from - 5);
    expect(figure(move, 'time')!.to).toBeGreaterThan(figure(move, 'time')!.from + 30);
    expect(figure(move, 'portion')).toBeUndefined();
  });

  test('an iron with nothing to set browns on when it is wished darker, and can’t be made crisper', () => {
    const mini = asked('mini', 'quick');
    const [darker] = moved(mini, { ...mini, target: { tawny: 5, crisp: 3 } });
    expect(darker?.figures.map((f) => [f.quantity, f.because])).toEqual([['time', 'moved-browns-longer']]);
    expect(moved(mini, { ...mini, target: { tawny: 4, crisp: 5 } })[0]?.figures).toEqual([]);
  });

  test('several changes: their parts add up to the whole difference', () => {
    const after = { ...deep, target: { tawny: 5, crisp: 3.5 }, batter_C: 6, load: 3, lightness: 1.5 };
    const moves = moved(deep, after);
    expect(moves.map((move) => move.mover)).toEqual(['tawny', 'crisp', 'lightness', 'batter_C', 'load']);
    const [a, b] = [advised(deep), advised(after)];
    // What is too little to be told may be left out of each.
    const sum = (quantity: ChangedFigure['quantity']): number =>
      moves.reduce((total, move) => total + (figure(move, quantity)?.to ?? 0) - (figure(move, quantity)?.from ?? 0), 0);
    expect(Math.abs(sum('time') - (b.cooked.window.best_s - a.cooked.window.best_s))).toBeLessThan(2 * moves.length);
    expect(Math.abs(sum('portion') - (b.portion.portion_g - a.portion.portion_g))).toBeLessThan(moves.length);
    expect(figure(moves[3], 'time')).toMatchObject({ because: 'moved-colder-batter' });
    expect(figure(moves[2], 'portion')).toMatchObject({ because: 'moved-less-weighs-less' });
  });

  test('a short preheat takes longer because the plates are cooler; nothing changed moves nothing', () => {
    const [short] = moved(deep, { ...deep, preheat_s: 120 });
    expect(figure(short, 'time')).toMatchObject({ because: 'moved-plates-cooler' });
    expect(moved(deep, { ...deep })).toEqual([]);
  });

  test('every reason has words; an end without an answer is refused', () => {
    const reasons = new Set<string>();
    const changes: Partial<AdviceRequest>[] = [
      { target: { tawny: 3, crisp: 2 } },
      { lightness: 4.5 },
      { setting_C: 150 },
      { overfill: 0.06 },
      { batter_C: 38 },
      { load: 4, delay_s: 20 },
      { onPlate: { toppingId: 'nuts', grams: 40 } },
      { airFraction: 0.3 },
      { altitude_m: 2500 },
      { room_C: 12 },
      { reading: readBatter('folded') },
      { iron: presetIron('thin-round') },
    ];
    for (const change of changes)
      for (const move of moved(deep, { ...deep, ...change })) for (const f of move.figures) reasons.add(f.because);
    expect(reasons.size).toBeGreaterThan(9);
    for (const because of reasons) expect(describeStored(because)).not.toBe(because);
    expect(runToEnd(answerChanges(deep, { ...deep, batter_C: 99 }))).toMatchObject({ ok: false, failure: { code: 'out-of-range' } });
  });
});

describe('lightness as a wish', () => {
  const deep = asked('deep-round', 'quick', { setting_C: 170 });
  const usual = advised(deep);
  const at = (lightness: number, changes: Partial<AdviceRequest> = {}) => advised({ ...deep, ...changes, lightness });

  test('from airy to dense and back', () => {
    expect([1, 3, 5].map(densityOfLightness)).toEqual([0.3, 0.5, 0.7].map((v) => expect.closeTo(v, 9)));
    for (const step of [1, 2.5, 5]) expect(lightnessOfDensity(densityOfLightness(step))).toBeCloseTo(step, 9);
    expect([lightnessOfDensity(0.05), lightnessOfDensity(2)]).toEqual([1, 5]);
  });

  test('what fill can bring is met, by pouring a little less or more', () => {
    const wished = lightnessOfDensity(usual.pieceDensity_gPerML * 1.04);
    const denser = at(wished);
    expect(denser.pieceDensity_gPerML).toBeCloseTo(densityOfLightness(wished), 2);
    expect(denser.lighter).toBeNull();
    expect(denser.portion.portion_g).toBeGreaterThan(usual.portion.portion_g);
  });

  test('never so little that a corner stays empty, nor so much that it leaks', () => {
    for (const lightness of [1, 2, 3, 4, 5]) {
      const { portion } = at(lightness);
      expect(portion.portion_g).toBeGreaterThanOrEqual(portion.fills_g[0] - 1e-9);
      expect(portion.portion_g).toBeLessThanOrEqual(portion.fills_g[1] + 1e-9);
    }
  });

  test('out of reach: the batter that would do is named, and does', () => {
    const airy = at(2);
    expect(airy.findings.map((f) => f.code)).toContain('lightness-out-of-reach');
    const wanted = airy.lighter?.batter_gPerML ?? NaN;
    expect(wanted).toBeLessThan(usual.batter.density_gPerML);
    // The same bowl with as much air as that asks for comes to the wished lightness.
    const gasFree = advised({ ...deep, airFraction: 0 }).batter.density_gPerML;
    const whipped = advised({ ...deep, airFraction: 1 - wanted / gasFree, lightness: 2 });
    expect(Math.abs(whipped.pieceDensity_gPerML - densityOfLightness(2))).toBeLessThan(0.03);
    // Denser than this batter is without any air: no batter of it.
    expect(at(5).lighter).toMatchObject({ batter_gPerML: null });
  });

  test('nothing wished, nothing changed; nonsense is refused', () => {
    expect(advised({ ...deep, lightness: null })).toEqual(usual);
    for (const lightness of [0, 6, NaN])
      expect(advise({ ...deep, lightness })).toMatchObject({ ok: false, failure: { code: 'out-of-range', fields: { what: 'lightness' } } });
  });
});
