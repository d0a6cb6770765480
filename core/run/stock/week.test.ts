import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { batterDays, weekOfMixes } from '../index.ts';
import { campaign } from '../../testing/campaign.ts';

const plain = { days: 3, most_g: null, standing: [] };

describe('a shop’s week of batter', () => {
  test('three days from one bowl, then the next; a closed day in between costs none', () => {
    const { mixes } = weekOfMixes([1000, 1200, 900, 0, 2000, 2500, 1500], plain);
    expect(mixes).toEqual([
      {
        day: 0,
        grams: 3100,
        uses: [
          { day: 0, grams: 1000 },
          { day: 1, grams: 1200 },
          { day: 2, grams: 900 },
        ],
      },
      {
        day: 4,
        grams: 6000,
        uses: [
          { day: 4, grams: 2000 },
          { day: 5, grams: 2500 },
          { day: 6, grams: 1500 },
        ],
      },
    ]);
  });

  test('what is left from yesterday goes first, and what is too old is thrown away', () => {
    const week = weekOfMixes([1000, 1000], {
      ...plain,
      standing: [
        { age_days: 1, grams: 700 },
        { age_days: 3, grams: 400 },
        { age_days: 2, grams: 200 },
      ],
    });
    expect(week.fromStanding).toEqual([900, 0]);
    expect(week.thrown_g).toBe(400);
    expect(week.mixes.map(({ day, grams }) => [day, grams])).toEqual([[0, 1100]]);
  });

  test('a small bowl is mixed more often; a batter that keeps a day is mixed every day', () => {
    expect(weekOfMixes([1000, 1000, 1000], { ...plain, most_g: 1500 }).mixes.map(({ day, grams }) => [day, grams])).toEqual([
      [0, 1500],
      [1, 1500],
    ]);
    expect(weekOfMixes([500, 500], { ...plain, days: 1 }).mixes).toHaveLength(2);
    expect(weekOfMixes([0, 0], plain).mixes).toEqual([]);
  });

  test('every day has its batter, none is too old, no bowl runs over, and no week has fewer bowls', () => {
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: 0, max: 6 }), { minLength: 1, maxLength: 7 }),
        fc.integer({ min: 1, max: 3 }),
        fc.constantFrom(null, 4, 9),
        fc.array(fc.record({ age_days: fc.integer({ min: 0, max: 4 }), grams: fc.integer({ min: 1, max: 6 }) }), { maxLength: 2 }),
        (kg, days, bowl, standing) => {
          const wanted = kg.map((one) => 1000 * one);
          const most_g = bowl === null ? null : 1000 * bowl;
          const week = weekOfMixes(wanted, { days, most_g, standing: standing.map((one) => ({ ...one, grams: 1000 * one.grams })) });
          const given = wanted.map(
            (_, day) =>
              week.fromStanding[day]! +
              week.mixes.reduce((sum, { uses }) => sum + uses.reduce((all, use) => (use.day === day ? all + use.grams : all), 0), 0),
          );
          given.forEach((grams, day) => expect(grams).toBeCloseTo(wanted[day]!, 6));
          for (const { day, grams, uses } of week.mixes) {
            if (most_g !== null) expect(grams).toBeLessThanOrEqual(most_g);
            for (const use of uses) {
              expect(use.day).toBeGreaterThanOrEqual(day);
              expect(use.day).toBeLessThan(day + days);
            }
          }
          // By trying everything in kilograms: the fewest bowls that can give every day its batter.
          const need = wanted.map((grams, day) => (grams - week.fromStanding[day]!) / 1000);
          expect(week.mixes.length).toBe(fewestBowls(need, days, bowl ?? 1000));
        },
      ),
      { numRuns: campaign(100, 300), seed: 17 },
    );
  });
});

test('three days in the cold, one with yeast, with a foam, or where the refrigerator is too warm', () => {
  const cold = { code: 'us-food-code-2022', refrigerator_C: 4, room_C: 22 } as const;
  expect(batterDays('rested', cold)).toBe(3);
  expect(batterDays('quick', cold)).toBe(3);
  expect(batterDays('yeasted', cold)).toBe(1);
  expect(batterDays('folded', cold)).toBe(1);
  expect(batterDays('rested', { ...cold, refrigerator_C: 12 })).toBe(1);
  // Its recipe gives it two days.
  expect(batterDays('rested', { ...cold, recipe_h: 48 })).toBe(2);
});

/** So many bowls at the least, by trying every number on every day; in its own words. */
const fewestBowls = (need: readonly number[], days: number, most: number): number => {
  const found = new Map<string, number>();
  /** `old[k]`: kilograms that may be poured on k more days after this one. */
  const least = (day: number, old: readonly number[]): number => {
    if (day === need.length) return 0;
    const key = `${day}/${old.join()}`;
    const known = found.get(key);
    if (known !== undefined) return known;
    let best = Infinity;
    const atMost = Math.ceil(need.slice(day, day + days).reduce((sum, one) => sum + one, 0) / most);
    for (let bowls = 0; bowls <= atMost; bowls++) {
      const fresh = Math.min(bowls * most, 50);
      const have = [...old.slice(0, days - 1), fresh];
      let wanted = need[day]!;
      const after = have.map((grams) => {
        const used = Math.min(grams, wanted);
        wanted -= used;
        return grams - used;
      });
      // What can be poured today only is gone tomorrow.
      if (wanted <= 0) best = Math.min(best, bowls + least(day + 1, after.slice(1)));
    }
    found.set(key, best);
    return best;
  };
  return least(
    0,
    Array.from({ length: days - 1 }, () => 0),
  );
};
