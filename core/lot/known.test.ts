import { describe, expect, test } from '@jest/globals';
import { demoFile } from '../../demo/file.ts';
import { advise, answerOf } from '../advise/index.ts';
import { runToEnd } from '../basis/index.ts';
import type { OwnWay } from '../kit/index.ts';
import { settingNow_C } from '../plate/index.ts';
import { loadsOfIron, readSettingsOf } from '../kitchen/index.ts';
import type { KnowledgeMemory, LoadWish } from './index.ts';
import { knownQuestion, requestOf } from './index.ts';

const file = demoFile();
const kitchen = { kit: file.kit, readSettings: readSettingsOf(file.kit, file.ingredients) };
const iron = file.irons.find(({ id }) => id === 'deep-a')!;
const formula = file.formulas.find(({ id }) => id === 'oat-rye')!;
const wish: Pick<LoadWish, 'target' | 'batter_C' | 'load' | 'preheat_s'> = {
  target: { tawny: 4, crisp: null },
  batter_C: 18,
  load: 1,
  preheat_s: null,
};
const loads = loadsOfIron(file, iron.id);
const memory: KnowledgeMemory = { emulators: new Map(), fits: new Map() };

const advised = (changes: Partial<typeof wish> = {}, told = loads) => {
  const request = runToEnd(requestOf(knownQuestion(kitchen, formula, iron, { ...wish, ...changes }, told, file.formulas), memory));
  if (!request.ok) throw new Error(request.failure.code);
  const advice = advise(request.value);
  if (!advice.ok) throw new Error(advice.failure.code);
  return advice.value;
};

describe('the adviser, told what the iron’s loads say', () => {
  const known = advised();
  const asNew = advised({}, []);

  test('knows the iron as hotter than its dial says (the demo is cooked at +8 K), fills it by what filled it, and is surer', () => {
    expect(asNew.request.believed).toBeNull();
    expect(known.request.believed?.offset_K).toBeGreaterThan(3);
    expect(known.plates.lower_C - known.setting.temperature_C).toBeGreaterThan(2);
    const width = ({ band_s }: typeof known): number => Math.log(band_s.p90 / band_s.p10);
    expect(width(known)).toBeLessThan(width(asNew) / 3);
  });

  test('still does what is wished: both wishes are met, or the nearest is', () => {
    for (const tawny of [3, 5]) expect(advised({ target: { tawny, crisp: 3 } }).cooked.tawny).toBeCloseTo(tawny, 1);
    const crisp = advised({ target: { tawny: 4, crisp: 4 } });
    expect(crisp.cooked.crisp).toBeGreaterThan(known.cooked.crisp + 0.3);
    expect(crisp.setting.temperature_C).toBeLessThan(known.setting.temperature_C - 10);
  });

  test('is the same with and without what was reckoned before', () => {
    const question = knownQuestion(kitchen, formula, iron, wish, loads, file.formulas);
    const [fresh, again] = [runToEnd(requestOf(question)), runToEnd(requestOf(question, memory))];
    expect(fresh).toEqual(again);
  });

  test('a load of which nothing was said, or of another iron, says nothing', () => {
    expect(
      knownQuestion(
        kitchen,
        formula,
        iron,
        wish,
        loads.map((told) => ({ ...told, log: [] })),
        file.formulas,
      ).known,
    ).toBeUndefined();
    expect(loadsOfIron(file, 'nowhere')).toEqual([]);
  });
});

describe('a way of the kitchen’s own', () => {
  const way = (changes: Partial<OwnWay>): typeof kitchen => ({
    ...kitchen,
    kit: {
      ...file.kit,
      ownWays: [{ ironId: iron.id, formulaId: formula.id, portion_g: null, setting: null, cookTime_s: null, ...changes }],
    },
  });
  const question = (its: typeof kitchen, other = formula, changes: Partial<LoadWish> = {}) =>
    knownQuestion(its, other, iron, { ...wish, ...changes }, loads, file.formulas);
  const answered = (its: typeof kitchen) => {
    const request = runToEnd(requestOf(question(its), memory));
    const advice = request.ok ? advise(request.value) : request;
    if (!advice.ok) throw new Error(advice.failure.code);
    return { ...advice.value, codes: advice.value.findings.map(({ code }) => code) };
  };
  const usual = advised();

  test('is kept by the question that every station puts; for this pair alone, and unless somebody asks without', () => {
    const own = way({ portion_g: 190, setting: { temperature_C: 0, dial: 3.5 } });
    expect(question(own)).toMatchObject({ portion_g: 190, setting_C: settingNow_C(iron, { temperature_C: 0, dial: 3.5 }) });
    expect(
      question(
        own,
        file.formulas.find(({ id }) => id !== formula.id)!,
      ),
    ).toMatchObject({ setting_C: null });
    expect(question(own, formula, { setting_C: null, portion_g: null })).toEqual(question(kitchen, formula, { setting_C: null }));
    // What the loads say doesn't hang on it: they aren't weighed again.
    expect(question(own).known).toEqual(question(kitchen).known);
  });

  test('its portion is poured and the rest worked out around it: less is done sooner, and what it costs is said', () => {
    const short = answered(way({ portion_g: 0.85 * usual.portion.portion_g }));
    expect(short.portion.portion_g).toBeCloseTo(0.85 * usual.portion.portion_g, 9);
    expect(short.cooked.window.best_s).toBeLessThan(usual.cooked.window.best_s);
    expect(short.cooked.tawny).toBeCloseTo(4, 1);
    expect(short.codes).toContain('own-portion-short');
    expect(answered(way({ portion_g: 1.3 * usual.portion.portion_g })).codes).toContain('own-portion-leaks');
    const near = answered(way({ portion_g: usual.portion.portion_g }));
    expect(near.codes.filter((code) => code.startsWith('own-portion'))).toEqual([]);
  });

  test('its time is kept: the setting is found at which the colour comes then', () => {
    const best_s = usual.cooked.window.best_s;
    for (const share of [0.9, 1.15]) {
      const timed = answered(way({ cookTime_s: share * best_s }));
      expect(timed.cooked.window.best_s).toBeCloseTo(share * best_s, 6);
      expect(timed.cooked.tawny).toBeCloseTo(4, 0);
      expect(Math.sign(timed.setting.temperature_C - usual.setting.temperature_C)).toBe(share < 1 ? 1 : -1);
      expect(timed.codes).not.toContain('own-time-colour');
    }
    // With a mark of its own there is nothing left to find: what comes of it is said.
    const both = answered(way({ cookTime_s: 0.6 * best_s, setting: { temperature_C: 0, dial: 2 } }));
    expect(both.codes).toContain('own-time-colour');
    expect(both.cooked.tawny).toBeLessThan(3.5);
    expect(answered(way({ cookTime_s: 20 })).codes).toContain('own-time-raw');
  });

  test('its mark is set, and the time follows', () => {
    const cool = answered(way({ setting: { temperature_C: 0, dial: 1 } }));
    expect(cool.setting).toMatchObject({ dial: expect.closeTo(1, 6), chosen: 'given' });
    expect(cool.cooked.window.best_s).toBeGreaterThan(usual.cooked.window.best_s + 10);
    expect(cool.portion.portion_g).toBeCloseTo(usual.portion.portion_g, 9);
  });

  test('with a portion of its own no chance is claimed that was reckoned for another', () => {
    const say = (a: Parameters<typeof answerOf>[0]) => answerOf(a, ({ code }) => code).basis?.chance;
    expect(say(usual)).toBeGreaterThan(0);
    expect(say(answered(way({ portion_g: 200 })))).toBeNull();
  });
});
