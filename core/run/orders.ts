import type { Arrival } from './arrivals.ts';

/** What is asked of the run's own dish, as far as orders go. */
export type OrderedDish = {
  readonly mode: 'together' | 'as-they-come';
  readonly serveAt: number;
  readonly piecesPerPerson: number;
  readonly kept?: number | undefined;
  readonly arrivals?: readonly Arrival[] | undefined;
};

/** An order of the run's own dish: for whom, when it is wanted (epoch ms), so many pieces, and how many of them are there already. */
export type Order = { readonly name: string; readonly at: number; readonly pieces: number; readonly ready: number };

/** True where guests come by name. */
export const areOrders = ({ mode, arrivals = [] }: Pick<OrderedDish, 'mode' | 'arrivals'>): boolean =>
  mode === 'as-they-come' && arrivals.some(({ name }) => name !== undefined);

/** The orders as they are wanted; pieces go to whoever wants them first. `out`: pieces that are there. Of two at one moment the first that was written down is first. */
export const ordersOf = (dish: OrderedDish, out: number): readonly Order[] => {
  if (!areOrders(dish)) return [];
  const { arrivals = [], serveAt, piecesPerPerson, kept = 0 } = dish;
  let [left, guests] = [out + kept, 0];
  return [...arrivals]
    .filter(({ people }) => people > 0)
    .sort((a, b) => a.after_s - b.after_s)
    .map(({ after_s, people, name = '' }) => {
      // Two and a half each: the half goes to whoever is next, as everywhere.
      const pieces = Math.ceil((guests + people) * piecesPerPerson) - Math.ceil(guests * piecesPerPerson);
      guests += people;
      const ready = Math.max(0, Math.min(pieces, left));
      left -= ready;
      return { name, at: serveAt + 1000 * after_s, pieces, ready };
    });
};
