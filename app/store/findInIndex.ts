import type { IndexRow, KitchenDatabase } from './database.ts';

/** So many rows are looked at first; where that isn't enough, more. */
const WINDOW = 100;
const COUNTED = 2000;
const WIDER = 4;
/** A list of so many terms tells nothing apart. */
const MOST_TERMS = 60;

/** The list that the fewest loads stand under. Of how many there are beyond a window nobody counts: that would take longer than it spares. */
const rarestOf = async (database: KitchenDatabase, lists: readonly (readonly string[])[]): Promise<readonly string[] | undefined> => {
  const counted = await Promise.all(
    lists.map(async (terms) => {
      const keys = await Promise.all(
        terms.map((term) => database.rows('bookIndex').where('terms').equals(term).limit(COUNTED).primaryKeys()),
      );
      return { terms, count: keys.reduce((sum, { length }) => sum + length, 0) };
    }),
  );
  return counted.sort((a, b) => a.count - b.count)[0]?.terms;
};

/** Ids of loads that stand under one of each of these lists, the newest first; `isAll`: there are no more. Null: nothing in it tells loads apart. */
export const findInIndex = async (
  database: KitchenDatabase,
  lists: readonly (readonly string[])[],
  [since, until]: readonly [number, number],
  most: number,
): Promise<{ readonly ids: readonly string[]; readonly isAll: boolean } | null> => {
  const index = database.rows('bookIndex');
  const telling = lists.filter(({ length }) => length <= MOST_TERMS);
  const rarest = telling.length < 2 ? telling[0] : await rarestOf(database, telling);
  if (rarest === undefined) return null;
  const wanted = lists.map((terms) => new Set(terms));
  const isWanted = ({ at, terms }: IndexRow): boolean =>
    -at >= since && -at <= until && wanted.every((list) => terms.some((term) => list.has(term)));
  for (let window = WINDOW; ; window *= WIDER) {
    const pages = await Promise.all(rarest.map((term) => index.where('terms').equals(term).limit(window).toArray()));
    const full = pages.filter(({ length }) => length === window);
    // Beyond the end of a page that is full there may be others in between.
    const known = full.reduce((end, page) => Math.min(end, page.at(-1)!.at), Infinity);
    const rows = new Map(pages.flat().flatMap((row) => (row.at <= known ? [[row.id, row] as const] : [])));
    const found = [...rows.values()].filter(isWanted).sort((a, b) => a.at - b.at);
    const isAll = full.length === 0 || -known < since;
    if (found.length >= most || isAll) return { ids: found.slice(0, most).map(({ id }) => id), isAll: isAll && found.length <= most };
  }
};
