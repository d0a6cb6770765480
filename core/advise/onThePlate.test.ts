import { describe, expect, test } from '@jest/globals';
import { greaseFor, orderOfLoads, TOPPING_IDS, TOPPINGS } from '../plate/index.ts';
import { presetIron, readBatter } from '../testing/batters.ts';
import type { Advice, AdviceRequest } from './index.ts';
import { advise, DEFAULT_CONDITIONS } from './index.ts';

const adviceFor = (ironId: string, changes: Partial<AdviceRequest> = {}, batter: Parameters<typeof readBatter>[0] = 'quick'): Advice => {
  const advice = advise({ ...DEFAULT_CONDITIONS, reading: readBatter(batter), iron: presetIron(ironId), ...changes });
  if (!advice.ok) throw new Error(advice.failure.code);
  return advice.value;
};
const codes = (a: Advice): string[] => a.findings.map((finding) => finding.code);

describe('what lies on the plate', () => {
  const plain = adviceFor('deep-round', { setting_C: 170 });

  test('it takes room from the batter: a smaller pour, by its own volume', () => {
    const nuts = adviceFor('deep-round', { setting_C: 170, onPlate: { toppingId: 'nuts', grams: 40 } });
    expect(nuts.portion.portion_g / plain.portion.portion_g).toBeCloseTo(1 - 40 / presetIron('deep-round').geometry.cavity_mL, 6);
    expect(codes(nuts)).toContain('allergen-carry-over');
    // However much is piled in, half a pour stays.
    const heaps = adviceFor('deep-round', { setting_C: 170, onPlate: { toppingId: 'nuts', grams: 900 } });
    expect(heaps.portion.portion_g / plain.portion.portion_g).toBeCloseTo(0.5, 6);
  });

  test('berries wet their spots, sugar burns on hot plates and not on cool ones', () => {
    expect(codes(adviceFor('deep-round', { setting_C: 170, onPlate: { toppingId: 'berries', grams: 40 } }))).toContain('spot-wet');
    const pearls = (setting_C: number) => codes(adviceFor('deep-round', { setting_C, onPlate: { toppingId: 'pearl-sugar', grams: 30 } }));
    expect(pearls(185)).toContain('spot-scorch');
    expect(pearls(150)).not.toContain('spot-scorch');
    expect(codes(plain).filter((code) => code.startsWith('spot'))).toEqual([]);
  });

  // *Common practice*: berries burst and wet the spot, chips and sugar scorch.
  test('cooked between the same plates, the spot around berries is wetter and sets later, around nuts it is drier and paler', () => {
    const spot = (toppingId: 'berries' | 'fruit' | 'nuts' | 'chips') => {
      const found = adviceFor('deep-round', { setting_C: 170, onPlate: { toppingId, grams: 40 } }).spot;
      if (found === null) throw new Error('no spot');
      return found;
    };
    const [berries, nuts, chips] = [spot('berries'), spot('nuts'), spot('chips')];
    expect(berries.water).toBeGreaterThan(berries.aroundWater + 0.1);
    expect(berries.later_s ?? 0).toBeGreaterThan(5);
    expect(nuts.water).toBeLessThan(nuts.aroundWater - 0.1);
    expect(nuts.tawny).toBeLessThan(nuts.aroundTawny);
    // Sugar and milk brown: half a step and more.
    expect(chips.tawny).toBeGreaterThan(chips.aroundTawny + 0.5);
    for (const { aroundTawny } of [berries, nuts, chips]) expect(aroundTawny).toBeCloseTo(4, 1);
    expect(plain.spot).toBeNull();
  });

  test('a batter that can’t be mixed with it has no spot, and the rest of the answer stays', () => {
    const pearls = adviceFor('deep-round', { setting_C: 170, onPlate: { toppingId: 'pearl-sugar', grams: 30 } });
    expect(pearls.spot).toBeNull();
    expect(pearls.cooked.window.best_s).toBeGreaterThan(100);
  });

  test('order of loads: plain, fruit, chocolate, nuts', () => {
    const loads = ['nuts', 'chips', null, 'berries'] as const;
    expect(orderOfLoads(loads).map((i) => loads[i])).toEqual([null, 'berries', 'chips', 'nuts']);
    for (const id of TOPPING_IDS) expect(Object.values(TOPPINGS[id].composition).reduce((a, b) => a + b, 0)).toBeCloseTo(1, 9);
  });

  test('by taste a little over or under what just fills; what leaks stays where it was', () => {
    const leaky = adviceFor('deep-round', { setting_C: 170, overfill: 0.05 });
    expect(leaky.portion.portion_g / plain.portion.portion_g).toBeCloseTo(1.05, 6);
    expect(leaky.portion.fills_g).toEqual(plain.portion.fills_g);
    expect(leaky.portion.portion_g).toBeLessThan(leaky.portion.fills_g[1]);
  });

  test('nonsense is refused', () => {
    const refused = advise({
      ...DEFAULT_CONDITIONS,
      reading: readBatter('quick'),
      iron: presetIron('deep-round'),
      onPlate: { toppingId: 'nuts', grams: NaN },
    });
    expect(refused).toMatchObject({ ok: false, failure: { code: 'out-of-range', fields: { what: 'onPlate_g' } } });
  });
});

describe('between the pour and the lid', () => {
  test('the lower face gets ahead of the upper, the longer the more', () => {
    const ahead = (delay_s: number): number => {
      const { cooked } = adviceFor('deep-round', { setting_C: 170, delay_s });
      const at = Math.round(cooked.window.best_s);
      return (cooked.trace.upperLightness[at] ?? 0) - (cooked.trace.lowerLightness[at] ?? 0);
    };
    expect(Math.abs(ahead(0))).toBeLessThan(1e-9);
    expect(ahead(6)).toBeGreaterThan(0.05);
    expect(ahead(15)).toBeGreaterThan(ahead(6));
    // However long it lies open, the plate below goes on heating it.
    expect(ahead(60)).toBeGreaterThan(ahead(20));
  });

  test('it is said once it is slow', () => {
    expect(codes(adviceFor('thin-round', { setting_C: 180, delay_s: 15 }))).toContain('slow-to-close');
    expect(codes(adviceFor('thin-round', { setting_C: 180, delay_s: 3 }))).not.toContain('slow-to-close');
  });
});

describe('pans that are turned', () => {
  const pan = adviceFor('ball-pan', { setting_C: 200, batter_C: 8 }, 'rested');
  const turn = pan.findings.find((finding) => finding.code === 'turn-by');

  // *Common practice*: turned over at once; slow hands and it sets before it has spread.
  test('the latest moment to turn is well before it is done; some of a ball stays hollow', () => {
    expect(turn).toBeDefined();
    expect(Number(turn?.fields['latest_s'])).toBeGreaterThan(3);
    expect(Number(turn?.fields['latest_s'])).toBeLessThan(0.6 * pan.cooked.window.best_s);
    expect(Number(turn?.fields['hollow_percent'])).toBeGreaterThan(0);
    expect(Number(turn?.fields['hollow_percent'])).toBeLessThan(60);
  });

  test('hotter plates leave less time; others aren’t told', () => {
    const hot = adviceFor('ball-pan', { setting_C: 225, batter_C: 8 }, 'rested').findings.find((finding) => finding.code === 'turn-by');
    expect(Number(hot?.fields['latest_s'])).toBeLessThanOrEqual(Number(turn?.fields['latest_s']));
    expect(codes(adviceFor('deep-round', { setting_C: 170 }))).not.toContain('turn-by');
  });
});

// *Common practice*: each plate, only the first when the batter holds butter, or not at all; every ball of a pan.
test('grease by plate, batter and load number', () => {
  const { batter } = adviceFor('deep-round', { setting_C: 170 });
  const lean = { ...batter, composition: { ...batter.composition, fat: 0.02 } };
  const rich = { ...batter, composition: { ...batter.composition, fat: 0.12 } };
  const bare = { ...presetIron('deep-round'), coating: 'bare' as const };
  expect(greaseFor(bare, lean, 3)).toBe('every-load');
  expect(greaseFor(bare, rich, 1)).toBe('first-load');
  expect(greaseFor(bare, rich, 2)).toBe('none');
  expect(greaseFor(presetIron('deep-round'), rich, 1)).toBe('none');
  expect(greaseFor(presetIron('deep-round'), lean, 1)).toBe('film');
  expect(greaseFor(presetIron('ball-pan'), rich, 5)).toBe('every-pocket');
});

test('browner than golden: the caution of the European regulation', () => {
  expect(codes(adviceFor('deep-round', { target: { tawny: 6.5, crisp: 4 } }))).toContain('browned-starch');
  expect(codes(adviceFor('deep-round'))).not.toContain('browned-starch');
});
