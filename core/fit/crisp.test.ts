import { describe, expect, test } from '@jest/globals';
import { seededRandom } from '../basis/index.ts';
import { columnAt, crispness, JUDGED_AFTER_S, KITCHEN, standOnRack } from '../plate/index.ts';
import type { Outcome } from './index.ts';
import { afterLoad, crispAt, emulated, firstBelief, predictLoad, NOMINAL, outcomeOf, gridPositionOf, summary } from './index.ts';
import { suggest } from '../advise/index.ts';
import { pairingOf, TARGET } from '../testing/arena.ts';
import { heldOut } from '../testing/heldOut.ts';

const pairing = pairingOf('deep-round', 'quick');
const e = emulated(pairing);
const known = { particles: [NOMINAL], weights: [1] };

describe('crispness in the estimator', () => {
  test('held-out loads: within half a step of five of the model itself', () => {
    const random = seededRandom(8);
    let worst = 0;
    for (let i = 0; i < 8; i++) {
      const T = 150 + 45 * random.next();
      const contact = 0.75 + 0.6 * random.next();
      const amount = 0.85 + 0.3 * random.next();
      const { trace, end } = heldOut(e, T, contact, amount, 420);
      for (const second of [150, 240, 400]) {
        const columns = trace.columns.map((c) => columnAt(end.medium, c, second));
        standOnRack(end.medium, columns, KITCHEN, JUDGED_AFTER_S);
        worst = Math.max(
          worst,
          Math.abs(crispAt(e, gridPositionOf(e, T, 0, contact, amount), second) - crispness(end.medium, columns, false)),
        );
      }
    }
    expect(worst).toBeLessThan(0.5);
  });

  test('longer and hotter is crisper', () => {
    const at = (T: number, s: number): number => crispAt(e, gridPositionOf(e, T, 0, 1, 1), s);
    for (const s of [150, 250, 350]) expect(at(175, s + 60)).toBeGreaterThan(at(175, s));
    expect(at(190, 240)).toBeGreaterThan(at(160, 240));
    expect(at(175, 9999)).toBe(at(175, e.seconds));
  });

  test('wished crisper: cooler plates and longer, with hardly less chance to land; not wished: as ever', () => {
    const soft = suggest(e, known, { tawny: TARGET, crisp: 2 });
    const crisp = suggest(e, known, { tawny: TARGET, crisp: 4.5 });
    expect(crisp.setting_C).toBeLessThan(soft.setting_C - 8);
    expect(crisp.open_s).toBeGreaterThan(soft.open_s + 30);
    expect(predictLoad(e, NOMINAL, crisp).crisp).toBeGreaterThan(predictLoad(e, NOMINAL, soft).crisp + 0.4);
    // Softer than these plates can bring: the nearest to it.
    expect(suggest(e, known, { tawny: TARGET, crisp: 1.5 }).setting_C).toBeGreaterThan(soft.setting_C - 8);
    const any = suggest(e, known, TARGET);
    expect(suggest(e, known, { tawny: TARGET, crisp: null })).toEqual(any);
    for (const { chance } of [soft, crisp]) expect(chance).toBeGreaterThan(any.chance - 0.1);
  });

  test('colour doesn’t tell hot plates from quick browning; crispness helps', () => {
    const action = suggest(e, firstBelief(seededRandom(3)), TARGET);
    const after = (crisp: number | null) => {
      const said: Outcome = { fill: 'full', missing_share: null, leaked_g: null, lower: 4, upper: 4, core: 'set', crisp };
      return summary(afterLoad(e, firstBelief(seededRandom(3)), action, said, seededRandom(1)).belief);
    };
    expect(after(5).offset_K.mean).toBeGreaterThan(after(1).offset_K.mean + 2);
    expect(after(5).browning.mean).toBeLessThan(after(1).browning.mean);
    expect(after(null)).toEqual(after(null));
  });

  test('what a cook touched: the mean of the moulds; nothing said stays nothing', () => {
    const touched = outcomeOf([
      { kind: 'crisp', mould: 0, value: 3 },
      { kind: 'crisp', mould: 1, value: 4 },
    ]);
    expect(touched.crisp).toBe(3.5);
    expect(outcomeOf([{ kind: 'fill', mould: 0, value: 'full' }]).crisp).toBeNull();
  });
});
