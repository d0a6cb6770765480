import { describe, expect, test } from '@jest/globals';
import { demoFile } from '../../demo/file.ts';
import { advise } from '../advise/index.ts';
import { runToEnd } from '../basis/index.ts';
import { loadsOfIron, readSettingsOf } from '../kitchen/index.ts';
import type { KnowledgeMemory } from './index.ts';
import { knownQuestion, requestOf } from './index.ts';

const file = demoFile();
const kitchen = { kit: file.kit, readSettings: readSettingsOf(file.kit, file.ingredients) };
const iron = file.irons.find(({ id }) => id === 'deep-a')!;
const formula = file.formulas.find(({ id }) => id === 'oat-rye')!;
const wish = { target: { tawny: 4, crisp: 3 }, batter_C: 18, load: 1, preheat_s: null, setting_C: null };
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
    expect(known.plates.lower_C - known.setting.temperature_C).toBeGreaterThan(3);
    const width = ({ band_s }: typeof known): number => Math.log(band_s.p90 / band_s.p10);
    expect(width(known)).toBeLessThan(width(asNew) / 3);
  });

  test('still does what is wished: both wishes are met, or the nearest is', () => {
    for (const tawny of [3, 5]) expect(advised({ target: { tawny, crisp: 3 } }).cooked.tawny).toBeCloseTo(tawny, 1);
    const crisp = advised({ target: { tawny: 4, crisp: 4 } });
    expect(crisp.cooked.crisp).toBeGreaterThan(known.cooked.crisp + 0.4);
    expect(crisp.setting.temperature_C).toBeLessThan(known.setting.temperature_C - 15);
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
