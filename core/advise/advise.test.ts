import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { describeCode } from '../../words/index.ts';
import { LIMITS } from '../basis/index.ts';
import { PARTS } from '../matter/index.ts';
import type { Iron } from '../plate/index.ts';
import { dialMark } from '../plate/index.ts';
import { BATTERS, presetIron, readBatter, readText } from '../testing/batters.ts';
import type { Advice, AdviceRequest } from './index.ts';
import type { CookMemory } from '../cook/index.ts';
import {
  advise,
  AdviceAnswer,
  adviseInSteps,
  answerOf,
  DEFAULT_CONDITIONS,
  pictureOf,
  predictionOf,
  recompute,
  whyChains,
} from './index.ts';
import { campaign } from '../testing/campaign.ts';

const request = (changes: Partial<AdviceRequest> = {}): AdviceRequest => ({
  ...DEFAULT_CONDITIONS,
  reading: readBatter('quick'),
  iron: presetIron('deep-round'),
  ...changes,
});
const ask = (changes: Partial<AdviceRequest> = {}): Advice => {
  const result = advise(request(changes));
  if (!result.ok) throw new Error(result.failure.code);
  return result.value;
};
const best = (changes: Partial<AdviceRequest> = {}): number => ask({ setting_C: 170, ...changes }).cooked.window.best_s;

describe('the answer', () => {
  test.each(['wafer', 'ball-pan', 'thin-round', 'thin-square-4', 'deep-round', 'mini'])('%s: keeps its published shape', (id) => {
    const a = ask({ iron: presetIron(id), reading: readBatter(id === 'wafer' ? 'wafer' : 'quick') });
    const answer = AdviceAnswer.parse(answerOf(a, describeCode));
    expect(JSON.parse(JSON.stringify(answer))).toEqual(answer);
    expect(PARTS.reduce((sum, part) => sum + answer.composition[part], 0)).toBeCloseTo(1, 3);
    const poured = answer.loads * (answer.even?.portion_g ?? answer.portion_g) + (answer.part?.portion_g ?? 0);
    expect(poured + answer.leftover_g).toBeCloseTo(answer.totalMass_g, 0);
    expect(answer.pieces).toBeGreaterThanOrEqual(answer.loads * a.request.iron.geometry.piecesPerLoad);
    const { from, best: middle, to } = answer.cookTime_s;
    expect(from <= middle && middle <= to).toBe(true);
    expect(answer.cookTimeBand_s.p10 <= middle && middle <= answer.cookTimeBand_s.p90).toBe(true);
  });

  test('an unresolved line leaves the rest standing', () => {
    const answer = answerOf(ask({ reading: readText(`${BATTERS.quick}\na pinch\nDry:\nvanilla`) }), describeCode);
    expect(answer.unresolved).toEqual(['a pinch', 'vanilla']);
    expect(answer.lines).toHaveLength(10);
    expect(answer.warnings.map((w) => w.code)).toContain('lines-unresolved');
  });

  test('the same question gives the same answer, bit by bit, in one go or in steps', () => {
    const direct = answerOf(ask(), describeCode);
    expect(answerOf(ask(), describeCode)).toEqual(direct);
    const steps = adviseInSteps(request());
    let yields = 0;
    for (;;) {
      const next = steps.next();
      if (next.done === true) {
        expect(next.value.ok && answerOf(next.value.value, describeCode)).toEqual(direct);
        break;
      }
      yields++;
    }
    expect(yields).toBeGreaterThan(5);
  });

  test('loads remembered from other wishes change nothing, bit by bit', () => {
    const memory: CookMemory = new Map();
    const withMemory = (target: { tawny: number; crisp: number }) => {
      const steps = adviseInSteps(request({ target }), memory);
      let next = steps.next();
      while (next.done !== true) next = steps.next();
      if (!next.value.ok) throw new Error(next.value.failure.code);
      return answerOf(next.value.value, describeCode);
    };
    for (const tawny of [3, 4.4, 3.7, 5, 2.1, 6.5, 4.4])
      for (const crisp of [2, 3.3]) expect(withMemory({ tawny, crisp })).toEqual(answerOf(ask({ target: { tawny, crisp } }), describeCode));
    expect(memory.size).toBeGreaterThan(5);
  });

  test('a why chain recomputes from the values it shows', () => {
    for (const id of ['deep-round', 'ball-pan', 'wafer']) {
      const a = ask({ iron: presetIron(id), reading: readBatter(id === 'wafer' ? 'wafer' : 'quick') });
      const results = Object.fromEntries(whyChains(a).map((why) => [why.figure, recompute(why.steps)]));
      expect(results['portion']).toBeCloseTo(a.portion.portion_g, 9);
      expect(results['time']).toBeCloseTo(a.cooked.window.best_s, 9);
      expect(Math.floor((results['loads'] ?? -1) + 1e-9)).toBe(a.loads);
      if (a.setting.dial !== null) expect(results['dial']).toBeCloseTo(dialMark(a.request.iron, a.setting.temperature_C) ?? NaN, 9);
    }
  });

  test('what is drawn is the trace', () => {
    const a = ask();
    const picture = pictureOf(a);
    expect(picture.seconds).toBeGreaterThanOrEqual(Math.round(a.cooked.window.to_s));
    expect(picture.core_C[100]).toBe(a.cooked.trace.core_C[100]);
    const rib = picture.columns[1];
    expect(rib?.crust_mm[Math.round(a.cooked.window.best_s)]).toBeGreaterThan(0.3);
    expect(rib?.crust_mm[0]).toBe(0);
    expect(picture.density_gPerML[0]).toBeCloseTo(a.batter.density_gPerML, 6);
  });

  test('the prediction says which inputs and which model', () => {
    const ids = { id: 'p', formulaId: 'f', formulaRev: 1 };
    const one = predictionOf(ask(), ids);
    expect(one.inputsHash).toBe(predictionOf(ask(), ids).inputsHash);
    expect(one.inputsHash).not.toBe(predictionOf(ask({ altitude_m: 10 }), ids).inputsHash);
  });
});

describe('presets are data: no constant is keyed by a name', () => {
  test.each(['wafer', 'ball-pan', 'deep-round'])('%s under another id and kind gives the same', (id) => {
    const iron = presetIron(id);
    const reading = readBatter(id === 'wafer' ? 'wafer' : 'quick');
    const { ironId: _, ...a } = answerOf(ask({ iron, reading }), describeCode);
    const { ironId: __, ...b } = answerOf(ask({ iron: { ...iron, id: 'another', name: 'Another', kind: 'thing' }, reading }), describeCode);
    expect(b).toEqual(a);
  });
});

describe('metamorphic: a little more of this does that', () => {
  const deep = presetIron('deep-round');
  const withGeometry = (changes: Partial<Iron['geometry']>): Iron => ({ ...deep, geometry: { ...deep.geometry, ...changes } });
  const withPlates = (changes: Partial<Iron['plates']>): Iron => ({ ...deep, plates: { ...deep.plates, ...changes } });

  test('hotter plates: sooner', () => expect(best({ setting_C: 180 })).toBeLessThan(best()));
  test('more power: sooner', () => expect(best({ iron: withPlates({ power_W: 1300 }) })).toBeLessThan(best()));
  test('heavier plates: sooner, they dip less', () => expect(best({ iron: withPlates({ mass_kg: 2.2 }) })).toBeLessThan(best()));
  test('warmer batter: sooner', () => expect(best({ batter_C: 30 })).toBeLessThan(best({ batter_C: 5 })));
  test('a deeper cavity: more batter, later', () => {
    const deeper = withGeometry({ cavity_mL: 480 });
    expect(ask({ iron: deeper }).portion.portion_g).toBeGreaterThan(ask().portion.portion_g);
    expect(best({ iron: deeper })).toBeGreaterThan(best());
  });
  test('higher up: less batter, a lower boiling point', () => {
    const high = ask({ altitude_m: 2000 });
    expect(high.portion.portion_g).toBeLessThan(ask().portion.portion_g);
    expect(high.batter.boiling_C).toBeCloseTo(93.3, 1);
  });
  test('more sugar: browner sooner', () => {
    expect(best({ reading: readText(`${BATTERS.quick}\n60 g sugar`) })).toBeLessThan(best());
  });
  test('a darker wish: later; a crisper wish: cooler and later', () => {
    expect(best({ target: { tawny: 5, crisp: 3 } })).toBeGreaterThan(best());
    const crisper = ask({ target: { tawny: 4, crisp: 3.6 } });
    const usual = ask();
    expect(crisper.setting.temperature_C).toBeLessThan(usual.setting.temperature_C);
    expect(crisper.cooked.window.best_s).toBeGreaterThan(usual.cooked.window.best_s);
    expect(crisper.cooked.crisp).toBeCloseTo(3.6, 0);
  });
  test('two doses in the bowl: twice the loads', () => {
    const twice = ask({
      reading: readText(
        BATTERS.quick
          .split('\n')
          .map((line) => line.replace(/^\d+/, (n) => String(2 * Number(n))))
          .join('\n'),
      ),
    });
    expect(Math.abs(twice.loads - 2 * ask().loads)).toBeLessThanOrEqual(1);
  });

  test('every measured field moved by ±10 % moves the answer smoothly', () => {
    const fields: ((f: number) => Iron)[] = [
      (f) => withGeometry({ footprint_cm2: deep.geometry.footprint_cm2 * f }),
      (f) => withGeometry({ cavity_mL: deep.geometry.cavity_mL * f }),
      (f) => withGeometry({ areaFactor: deep.geometry.areaFactor * f }),
      (f) => withGeometry({ web_mm: deep.geometry.web_mm * f }),
      (f) => withPlates({ mass_kg: deep.plates.mass_kg * f }),
      (f) => withPlates({ power_W: deep.plates.power_W * f }),
      (f) => withPlates({ loss_WPerK: deep.plates.loss_WPerK * f }),
    ];
    for (const field of fields) {
      const [low, usual, high] = [0.9, 1, 1.1].map((f) => best({ iron: field(f) })) as [number, number, number];
      expect(Math.abs(low / usual - 1)).toBeLessThan(0.35);
      expect(Math.abs(high / usual - 1)).toBeLessThan(0.35);
      // No jump: the middle lies near the mean of its neighbours.
      expect(Math.abs((low + high) / 2 / usual - 1)).toBeLessThan(0.08);
    }
  });
});

describe('wishes that can’t be met are said', () => {
  test.each([
    [{ target: { tawny: 7.5, crisp: 1 } }, ['too-dry-before-colour', 'tawny-out-of-reach', 'crisp-out-of-reach']],
    [{ iron: presetIron('mini'), setting_C: 180 }, ['setting-ignored']],
    [{ setting_C: 230 }, ['setting-beyond-dial']],
    [{ reading: readText('250 g flour\n1100 g milk\n8 g baking powder') }, ['batter-too-thin']],
    [{ reading: readText('500 g flour\n200 g milk\n8 g baking powder') }, ['batter-too-thick']],
    [{ reading: readText(`${BATTERS.quick}\n60 g cocoa`) }, ['colour-cannot-guide']],
    [{ reading: readText('25 g flour\n1 g baking powder\n42 g milk') }, ['less-than-a-load']],
    [{ preheat_s: 60, setting_C: 180 }, ['preheat-short']],
  ] as const)('%#', (changes, codes) => {
    const found = ask(changes as Partial<AdviceRequest>).findings.map((finding) => finding.code);
    expect(found.some((code) => (codes as readonly string[]).includes(code))).toBe(true);
  });

  test.each([
    [{ reading: readText('') }, 'bowl-empty'],
    [{ reading: readText('300 g flour') }, 'bowl-without-water'],
    [{ reading: readText('300 g water\n30 g sugar') }, 'bowl-without-starch'],
    [{ altitude_m: 6000 }, 'out-of-range'],
    [{ altitude_m: NaN }, 'out-of-range'],
    [{ batter_C: -5 }, 'out-of-range'],
  ] as const)('%# is refused with %s', (changes, code) => {
    expect(advise(request(changes))).toMatchObject({ ok: false, failure: { code } });
  });

  test('nothing within the limits makes it throw or answer with nonsense', () => {
    const within = ({ min, max }: { min: number; max: number }) => fc.double({ min, max, noNaN: true });
    fc.assert(
      fc.property(
        fc.constantFrom('wafer', 'ball-pan', 'thin-round', 'thin-square-4', 'deep-round', 'mini'),
        within(LIMITS.altitude_m),
        within(LIMITS.batter_C),
        within(LIMITS.tawny),
        within(LIMITS.crisp),
        fc.integer({ min: 1, max: 6 }),
        (id, altitude_m, batter_C, tawny, crisp, load) => {
          const result = advise(request({ iron: presetIron(id), altitude_m, batter_C, target: { tawny, crisp }, load }));
          if (result.ok) AdviceAnswer.parse(answerOf(result.value, describeCode));
          else expect(['never-sets', 'never-dries']).toContain(result.failure.code);
        },
      ),
      { numRuns: campaign(8, 25), seed: 11 },
    );
  });
});
