import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import type { Stay } from './index.ts';
import { CODES } from '../safety/index.ts';
import { batterLimits, keepLimits, lotLimits, overLimit, staysOf } from './index.ts';

const MADE = Date.UTC(2026, 10, 29, 6);
const H = 3_600_000;
const ask = (stays: readonly Stay[], refrigerator_C = 4) =>
  batterLimits({ form: 'batter', stays, code: 'us-food-code-2022', refrigerator_C, room_C: 22 });
const safety = (stays: readonly Stay[], refrigerator_C = 4) => ask(stays, refrigerator_C).limits.filter(({ kind }) => kind === 'safety');

describe('where a bowl stood', () => {
  test('bench, cold, bench again; a move to where it stands already is none', () => {
    const moves = [
      { at: MADE + H, place: 'refrigerator' as const },
      { at: MADE + 2 * H, place: 'refrigerator' as const },
      { at: MADE + 10 * H, place: 'ice-bath' as const },
    ];
    expect(staysOf(MADE, moves, MADE + 11 * H)).toEqual([
      { place: 'room', from: MADE, until: MADE + H },
      { place: 'refrigerator', from: MADE + H, until: MADE + 10 * H },
      { place: 'room', from: MADE + 10 * H, until: MADE + 11 * H },
    ]);
    // A clock set back, and a move to come.
    expect(staysOf(MADE, [{ at: MADE - H, place: 'refrigerator' }], MADE + H)).toEqual([
      { place: 'refrigerator', from: MADE, until: MADE + H },
    ]);
    expect(staysOf(MADE, [], MADE - H)).toEqual([{ place: 'room', from: MADE, until: MADE }]);
  });

  // FDA Food Code 2022, 3-501.19(B): four hours out of the cold, then it is thrown away (from memory).
  test('time out of the cold adds up and stands still in the cold', () => {
    const stays = staysOf(
      MADE,
      [
        { at: MADE + H, place: 'refrigerator' },
        { at: MADE + 10 * H, place: 'kitchen' },
      ],
      MADE + 11 * H,
    );
    expect(ask(stays).outOfCold).toEqual({ used_ms: 2 * H, allowed_ms: 4 * H });
    expect(safety(stays)[0]).toMatchObject({ code: 'out-of-cold', until: MADE + 13 * H });
    // In the cold it doesn't run: the days of the code do.
    const cold = stays.slice(0, 2);
    expect(safety(cold).map(({ code }) => code)).toEqual(['cold-storage']);
    expect(ask(cold).outOfCold.used_ms).toBe(H);
  });

  test('used up it is over, also back in the cold; a warm refrigerator counts as none', () => {
    const late = staysOf(MADE, [{ at: MADE + 5 * H, place: 'refrigerator' }], MADE + 8 * H);
    expect(safety(late)[0]).toMatchObject({ code: 'out-of-cold', until: MADE + 4 * H });
    const warm = staysOf(MADE, [{ at: MADE + H, place: 'refrigerator' }], MADE + 3 * H);
    expect(safety(warm, 9)[0]).toMatchObject({ code: 'out-of-cold', until: MADE + 4 * H });
  });

  test('counted minute by minute it is the same, however often it was moved', () => {
    fc.assert(
      fc.property(
        fc.array(fc.record({ after_min: fc.integer({ min: 0, max: 1800 }), cold: fc.boolean() }), { maxLength: 8 }),
        fc.integer({ min: 0, max: 2400 }),
        (moved, now_min) => {
          const moves = [...moved].sort((a, b) => a.after_min - b.after_min);
          const stays = staysOf(
            MADE,
            moves.map(({ after_min, cold }) => ({
              at: MADE + after_min * 60_000,
              place: cold ? ('refrigerator' as const) : ('kitchen' as const),
            })),
            MADE + now_min * 60_000,
          );
          let out_min = 0;
          for (let minute = 0; minute < now_min; minute++)
            if (moves.findLast(({ after_min }) => after_min <= minute)?.cold !== true) out_min++;
          expect(ask(stays).outOfCold.used_ms).toBe(out_min * 60_000);
          // Over is over: whatever else holds, the day it was used up stands first.
          if (out_min > 240) expect(safety(stays)[0]?.code).toBe('out-of-cold');
        },
      ),
      { seed: 16 },
    );
  });

  test('in one place all the time it is what it always was', () => {
    const bench = [{ place: 'room' as const, from: MADE, until: MADE + H }];
    expect(ask(bench).limits).toEqual(
      keepLimits({ form: 'batter', place: 'room', from: MADE, code: 'us-food-code-2022', refrigerator_C: 4, room_C: 22 }),
    );
  });
});

describe('a bowl by its own log', () => {
  const HOUR = 3_600_000;
  const lot = (...moves: readonly (readonly [h: number, place: 'kitchen' | 'refrigerator'])[]) => ({
    madeAt: 0,
    events: moves.map(([h, place], seq) => ({ seq, at: h * HOUR, kind: 'moved' as const, data: { place } })),
  });
  const judged = { form: 'batter', code: 'us-food-code-2022', refrigerator_C: 4, room_C: 22 } as const;

  test('is over a published limit once it has stood out of the cold for too long, and not before; in the cold again time stands', () => {
    const allowed_h = CODES['us-food-code-2022'].outOfCold.most_h;
    expect(overLimit(lot(), judged, (allowed_h - 0.1) * HOUR)).toBeNull();
    expect(overLimit(lot(), judged, (allowed_h + 0.1) * HOUR)).toMatchObject({ kind: 'safety', until: allowed_h * HOUR });
    const cooled = lot([1, 'refrigerator']);
    expect(overLimit(cooled, judged, 30 * HOUR)).toBeNull();
    // One that never gets cold counts as the bench.
    expect(overLimit(cooled, { ...judged, refrigerator_C: 9 }, 30 * HOUR)).toMatchObject({ until: allowed_h * HOUR });
    expect(overLimit(lot([1, 'refrigerator'], [20, 'kitchen']), judged, (20 + allowed_h - 0.9) * HOUR)).not.toBeNull();
    expect(overLimit(lot([1, 'refrigerator'], [20, 'kitchen']), judged, (20 + allowed_h - 1.1) * HOUR)).toBeNull();
  });

  // USDA FSIS, home rule: two hours, one above 90 °F (from memory).
  test('in a hot kitchen the home rule leaves it an hour', () => {
    const home = { ...judged, code: 'us-home' } as const;
    expect(overLimit(lot(), home, 1.5 * HOUR)).toBeNull();
    expect(overLimit(lot(), { ...home, room_C: 33 }, 1.5 * HOUR)).toMatchObject({ until: HOUR, source: expect.stringContaining('90 °F') });
  });

  test('in the cold its strictest limit is the one on its label, whoever set it: practice, or the recipe’s own word', () => {
    const cooled = lot([1, 'refrigerator']);
    const label = keepLimits({ ...judged, place: 'refrigerator', from: 0 });
    expect(lotLimits(cooled, judged, 5 * HOUR).limits[0]).toEqual(label[0]);
    expect(label[0]).toMatchObject({ kind: 'quality', until: 72 * HOUR });
    const told = { ...judged, recipe_h: 24 };
    expect(lotLimits(cooled, told, 5 * HOUR).limits[0]).toMatchObject({ code: 'recipe-keeps', until: 24 * HOUR, source: 'the recipe' });
    expect(keepLimits({ ...told, place: 'refrigerator', from: 0 })[0]).toMatchObject({ until: 24 * HOUR });
    // A recipe that promises more takes nothing away.
    expect(lotLimits(cooled, { ...judged, recipe_h: 300 }, 5 * HOUR).limits[0]).toEqual(label[0]);
  });

  test('says where it stood, as its stays do', () => {
    const bowl = lot([2, 'refrigerator'], [10, 'kitchen']);
    expect(lotLimits(bowl, judged, 11 * HOUR).stays.map(({ place, from }) => [place, from / HOUR])).toEqual([
      ['room', 0],
      ['refrigerator', 2],
      ['room', 10],
    ]);
    expect(lotLimits(bowl, judged, 11 * HOUR).outOfCold.used_ms).toBe(3 * HOUR);
  });
});
