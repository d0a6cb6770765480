import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import type { ToppingId } from '../../plate/index.ts';
import { TOPPING_IDS, TOPPINGS } from '../../plate/index.ts';
import { plannedIron } from '../../testing/plannedIron.ts';
import type { RunRequest, Variant } from '../index.ts';
import { planRun } from '../index.ts';
import { campaign } from '../../testing/campaign.ts';
import type { Morning } from '../../testing/morning.ts';
import { morningOf } from '../../testing/morning.ts';

const SERVE = Date.UTC(2026, 10, 30, 7);
const nuts = (people: number): Variant => ({ toppingId: 'nuts', perPiece_g: 10, people });
const chips = (people: number): Variant => ({ toppingId: 'chips', perPiece_g: 12, people });
const asked = (variants: readonly Variant[], changes: Partial<Morning> = {}): RunRequest =>
  morningOf({
    people: 12,
    piecesPerPerson: 1,
    serveAt: SERVE,
    mode: 'together',
    irons: [plannedIron('a'), plannedIron('b', { piecesPerLoad: 3 })],
    batter_g: null,
    variants,
    ...changes,
  });
const kinds = (request: RunRequest): (ToppingId | null)[] =>
  planRun(request).loads.map(({ variant }) => variant?.onPlate?.toppingId ?? null);
const piecesOf = (request: RunRequest, toppingId: ToppingId | null): number =>
  planRun(request).loads.reduce((sum, { pieces, variant }) => sum + ((variant?.onPlate?.toppingId ?? null) === toppingId ? pieces : 0), 0);

describe('one bowl, several dishes', () => {
  test('plain comes first, nuts last, whatever order they were said in', () => {
    const order = kinds(asked([nuts(4), chips(2)]));
    expect(order.lastIndexOf(null)).toBeLessThan(order.indexOf('chips'));
    expect(order.lastIndexOf('chips')).toBeLessThan(order.indexOf('nuts'));
    expect(kinds(asked([chips(2), nuts(4)]))).toEqual(order);
  });

  test('each load has its grams, and the plates are wiped where something would be left behind', () => {
    const { loads } = planRun(asked([nuts(4), chips(2)], { irons: [plannedIron('a')] }));
    const first = (id: ToppingId) => loads.find(({ variant }) => variant?.onPlate?.toppingId === id)!;
    expect(first('nuts').variant).toEqual({ onPlate: { toppingId: 'nuts', grams: 20 }, wipeBefore: true });
    // Nothing was on the plates before the chips.
    expect(first('chips').variant).toEqual({ onPlate: { toppingId: 'chips', grams: 24 }, wipeBefore: false });
    // The second with nuts follows the first: nothing to wipe.
    expect(loads.at(-1)?.variant?.wipeBefore).toBe(false);
  });

  test('without variants a plan is as it was', () => {
    const plain = planRun(asked([], { variants: undefined }));
    expect(planRun(asked([]))).toEqual(plain);
    expect(plain.loads.every((load) => load.variant === undefined)).toBe(true);
  });

  test('everybody has what they wanted, nobody a nut on plates that come after nuts without being wiped', () => {
    const variant = fc.record({
      toppingId: fc.constantFrom(...TOPPING_IDS),
      perPiece_g: fc.constant(8),
      people: fc.integer({ min: 1, max: 8 }),
    });
    fc.assert(
      fc.property(
        fc.uniqueArray(variant, { selector: ({ toppingId }) => toppingId, maxLength: 4 }),
        fc.integer({ min: 1, max: 24 }),
        fc.constantFrom(0.5, 1, 2),
        fc.array(fc.integer({ min: 1, max: 4 }), { minLength: 1, maxLength: 3 }),
        (variants, people, piecesPerPerson, sizes) => {
          const irons = sizes.map((piecesPerLoad, i) => plannedIron(String(i), { piecesPerLoad }));
          const request = asked(variants, { people, piecesPerPerson, irons });
          const { loads, pieces } = planRun(request);
          for (const { toppingId, people: some } of variants)
            expect(piecesOf(request, toppingId)).toBeGreaterThanOrEqual(Math.ceil(some * piecesPerPerson));
          const special = variants.reduce((sum, { people: some }) => sum + Math.ceil(some * piecesPerPerson), 0);
          expect(piecesOf(request, null)).toBeGreaterThanOrEqual(Math.max(0, Math.ceil(people * piecesPerPerson) - special));
          expect(pieces).toBe(loads.reduce((sum, load) => sum + load.pieces, 0));
          const on = new Map<string, ToppingId | null>();
          for (const { ironId, variant: has } of loads) {
            const [before, now] = [on.get(ironId) ?? null, has?.onPlate?.toppingId ?? null];
            const allergens = before === null || before === now ? [] : TOPPINGS[before].allergens;
            const own = now === null ? [] : TOPPINGS[now].allergens;
            if (allergens.some((allergen) => !own.includes(allergen))) expect(has?.wipeBefore).toBe(true);
            on.set(ironId, now);
          }
        },
      ),
      // Five kinds on loads of two and four: the last is reached only when each turn adds a load.
      {
        numRuns: campaign(60, 200),
        examples: [
          [
            [
              { toppingId: 'seeds', perPiece_g: 8, people: 1 },
              { toppingId: 'nuts', perPiece_g: 8, people: 1 },
              { toppingId: 'chips', perPiece_g: 8, people: 1 },
              { toppingId: 'berries', perPiece_g: 8, people: 5 },
            ],
            15,
            0.5,
            [2, 4],
          ],
        ],
      },
    );
  });
});
