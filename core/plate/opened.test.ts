import { describe, expect, test } from '@jest/globals';
import { advise, DEFAULT_CONDITIONS, pictureOf } from '../advise/index.ts';
import { presetIron, readBatter, readText } from '../testing/batters.ts';
import type { BatterProperties } from './index.ts';
import { expansion, meanThickness_m, standing, sticking } from './index.ts';

const advised = (iron: string, batter: Parameters<typeof readBatter>[0], setting_C: number | null = null) => {
  const a = advise({ ...DEFAULT_CONDITIONS, reading: readBatter(batter), iron: presetIron(iron), setting_C });
  if (!a.ok) throw new Error(a.failure.code);
  return a.value;
};

describe('opened too soon', () => {
  const deep = advised('deep-round', 'quick', 170);
  const gap_m = meanThickness_m(deep.machine);
  const stands = standing(deep.cooked.trace, deep.batter, gap_m);

  test('at the pour all of the lift is lost; once the core has set, nothing; in between it only grows', () => {
    expect(stands[0]).toBeCloseTo(1 / expansion(deep.batter, gap_m), 9);
    const set = Math.ceil(deep.cooked.moments.coreSet_s ?? NaN);
    expect(stands[set]).toBeGreaterThan(0.93);
    expect(stands[Math.round(deep.cooked.window.best_s)]).toBe(1);
    for (let s = 1; s < stands.length; s++) expect(stands[s]! - stands[s - 1]!).toBeGreaterThan(-1e-9);
  });

  test('the picture carries it; a folded batter has more to lose than a flat one', () => {
    const picture = pictureOf(deep);
    expect(picture.standing).toHaveLength(picture.seconds + 1);
    expect([...picture.standing.slice(0, 50)]).toEqual([...stands.slice(0, 50)]);
    const first = (a: ReturnType<typeof advised>): number => pictureOf(a).standing[0] ?? NaN;
    expect(first(advised('deep-round', 'yeasted', 170))).not.toBeCloseTo(first(deep), 2);
  });
});

// *Common practice*: bare plates, lean and very sweet batters stick.
describe('what sticks', () => {
  const { batter } = advised('deep-round', 'quick', 170);
  const deep = presetIron('deep-round');
  const bare = { ...deep, coating: 'bare' as const };
  const made = (changes: Partial<BatterProperties['composition']>): BatterProperties => ({
    ...batter,
    composition: { ...batter.composition, ...changes },
  });

  test('butter on a coating lets go by itself; each fault adds, and is named', () => {
    expect(sticking(deep, batter)).toEqual({ risk: 0, because: [] });
    expect(sticking(bare, batter).because).toEqual(['bare']);
    const lean = sticking(bare, made({ fat: 0.01 }));
    expect(lean.because).toEqual(['bare', 'lean']);
    const worst = sticking(bare, made({ fat: 0.01, sucrose: 0.4 }));
    expect(worst.because).toEqual(['bare', 'lean', 'sweet']);
    expect(worst.risk).toBeGreaterThan(lean.risk);
    expect(worst.risk).toBeLessThanOrEqual(1);
  });

  test('it grows with sugar and falls with fat, step by step', () => {
    const at = (fat: number, sucrose: number): number => sticking(bare, made({ fat, sucrose })).risk;
    for (const [less, more] of [
      [0.12, 0.18],
      [0.18, 0.24],
    ] as const)
      expect(at(0.1, more)).toBeGreaterThan(at(0.1, less));
    for (const [less, more] of [
      [0.03, 0.05],
      [0.05, 0.07],
    ] as const)
      expect(at(less, 0.05)).toBeGreaterThan(at(more, 0.05));
  });

  test('a lean sweet batter on bare plates is said to stick; the usual one isn’t', () => {
    const sticky = readText('200 g flour\n8 g baking powder\n160 g sugar\n2 large egg whites\n320 g skim milk');
    const said = (reading: typeof sticky, iron: typeof deep): string[] => {
      const a = advise({ ...DEFAULT_CONDITIONS, reading, iron, setting_C: 170 });
      return a.ok ? a.value.findings.map((finding) => finding.code) : [a.failure.code];
    };
    expect(said(sticky, bare)).toContain('may-stick');
    expect(said(readBatter('quick'), deep)).not.toContain('may-stick');
  });
});
