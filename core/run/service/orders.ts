import type { AskedMorning } from './service.ts';

/** What is asked of a morning, as far as orders go: they are of its first dish. */
type OrderedMorning = Pick<AskedMorning, 'mode' | 'serveAt' | 'arrivals'> & {
  readonly dishes: readonly Pick<AskedMorning['dishes'][number], 'dishId' | 'piecesPerPerson' | 'kept'>[];
};

/** An order: for whom, when it is wanted (epoch ms), so many pieces, and how many of them are there already. */
export type Order = { readonly name: string; readonly at: number; readonly pieces: number; readonly ready: number };

/** True where guests come by name. */
export const areOrders = ({ mode, arrivals = [] }: Pick<OrderedMorning, 'mode' | 'arrivals'>): boolean =>
  mode === 'as-they-come' && arrivals.some(({ name }) => name !== undefined);

/** The orders as they are wanted; pieces go to whoever wants them first. `outOf`: pieces that are there, by dish. Of two at one moment the first that was written down is first. */
export const ordersOf = (morning: OrderedMorning, outOf: ReadonlyMap<string, number>): readonly Order[] => {
  const [dish] = morning.dishes;
  if (dish === undefined || !areOrders(morning)) return [];
  const { arrivals = [], serveAt } = morning;
  const { dishId, piecesPerPerson, kept = 0 } = dish;
  let [left, guests] = [(outOf.get(dishId) ?? 0) + kept, 0];
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
