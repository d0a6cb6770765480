import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import type { RunRequest } from '../index.ts';
import { areOrders, ordersOf, piecesOfDish } from '../index.ts';
import type { Morning } from '../../testing/morning.ts';
import { morningOf, OWN_DISH } from '../../testing/morning.ts';

const SERVE = Date.UTC(2026, 10, 30, 7);
const asked = (changes: Partial<Morning> = {}): RunRequest =>
  morningOf({
    people: 6,
    batter_g: null,
    irons: [],
    mode: 'as-they-come',
    serveAt: SERVE,
    piecesPerPerson: 2,
    arrivals: [
      { after_s: 600, people: 3, name: 'Table 4' },
      { after_s: 0, people: 2, name: 'Window' },
      { after_s: 600, people: 0, name: 'nobody' },
      { after_s: 600, people: 1, name: 'Ines' },
    ],
    ...changes,
  });
const out = (pieces: number): ReadonlyMap<string, number> => new Map([[OWN_DISH, pieces]]);

describe('orders by name', () => {
  test('in the order in which they are wanted; what is there goes to whoever wants it first', () => {
    expect(ordersOf(asked(), out(5))).toEqual([
      { name: 'Window', at: SERVE, pieces: 4, ready: 4 },
      { name: 'Table 4', at: SERVE + 600_000, pieces: 6, ready: 1 },
      { name: 'Ines', at: SERVE + 600_000, pieces: 2, ready: 0 },
    ]);
    expect(ordersOf(asked({ kept: 3 }), out(5)).map(({ ready }) => ready)).toEqual([4, 4, 0]);
  });

  test('nobody has a name, or all are served together: there are none', () => {
    expect(areOrders(asked({ arrivals: [{ after_s: 0, people: 4 }] }))).toBe(false);
    expect(ordersOf(asked({ mode: 'together' }), out(3))).toEqual([]);
    expect(ordersOf(asked({ arrivals: undefined }), out(3))).toEqual([]);
  });

  test('half pieces and all: together they are as many as are cooked, and never more are ready than there are', () => {
    fc.assert(
      fc.property(
        fc.array(
          fc.record({ after_s: fc.integer({ min: 0, max: 3600 }), people: fc.integer({ min: 1, max: 9 }), name: fc.constant('x') }),
          {
            minLength: 1,
            maxLength: 12,
          },
        ),
        fc.constantFrom(0.5, 1, 1.5, 2.5),
        fc.integer({ min: 0, max: 80 }),
        (arrivals, piecesPerPerson, ready) => {
          const orders = ordersOf(asked({ arrivals, piecesPerPerson }), out(ready));
          const people = arrivals.reduce((sum, one) => sum + one.people, 0);
          const sum = (of: 'pieces' | 'ready'): number => orders.reduce((all, order) => all + order[of], 0);
          expect(sum('pieces')).toBe(piecesOfDish({ people, piecesPerPerson }));
          expect(sum('ready')).toBe(Math.min(ready, sum('pieces')));
          for (const order of orders) expect(order.ready <= order.pieces && order.ready >= 0).toBe(true);
        },
      ),
      { seed: 4 },
    );
  });
});
