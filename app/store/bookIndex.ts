import { Dexie } from 'dexie';
import { entryOf, termsOf } from '../../core/book/index.ts';
import type { Load, LoadEvent, Prediction } from '../../core/log/index.ts';
import { lotFrom } from '../../core/log/index.ts';
import type { IndexRow, KitchenDatabase, Rows } from './database.ts';
import { WHOLE_INDEX } from './database.ts';

/** Loads in one piece: large enough to be quick, small enough that nothing else has to wait. */
const CHUNK = 1000;

type Told = { readonly loads: readonly Load[]; readonly logs: ReadonlyMap<string, readonly LoadEvent[]> };

/** A load that can't be read is found by nothing; the book names it elsewhere. */
const rowsOf = async (database: KitchenDatabase, { loads, logs }: Told): Promise<IndexRow[]> => {
  const lotIds = [...new Set(loads.map(({ lotId }) => lotId))];
  const [lots, predictions] = await Promise.all([
    database.rows('lots').bulkGet(lotIds),
    database.rows('predictions').bulkGet(loads.map(({ predictionId }) => predictionId)),
  ]);
  const lotById = new Map(lots.flatMap((lot) => (lot === undefined ? [] : [[lot.id, lotFrom(lot, [])] as const])));
  return loads.flatMap((load, i) => {
    try {
      const prediction: Prediction | null = predictions[i] ?? null;
      const entry = entryOf(load, logs.get(load.id) ?? [], lotById.get(load.lotId) ?? null, null, prediction);
      return [{ at: -load.startedAt, id: load.id, terms: termsOf(entry) }];
    } catch {
      return [];
    }
  });
};

const byLoad = (rows: readonly Rows['loadEvents'][]): ReadonlyMap<string, LoadEvent[]> => {
  const logs = new Map<string, LoadEvent[]>();
  for (const { loadId, event } of rows) {
    const log = logs.get(loadId);
    if (log === undefined) logs.set(loadId, [event]);
    else log.push(event);
  }
  return logs;
};

/** The next piece of the whole: loads and logs lie in the same order, so a piece of one and what belongs to it of the other are read at once. */
const makePiece = async (database: KitchenDatabase, after: string | undefined, most: number): Promise<void> => {
  if (after === undefined) await database.rows('bookIndex').clear();
  const from = after === undefined ? database.rows('loads').orderBy(':id') : database.rows('loads').where(':id').above(after);
  const loads: Load[] = await from.limit(most).toArray();
  const [first, last] = [loads[0], loads.at(-1)];
  if (first !== undefined && last !== undefined) {
    const range = [
      [first.id, Dexie.minKey],
      [last.id, Dexie.maxKey],
    ] as const;
    const events = await database
      .rows('loadEvents')
      .where('[loadId+seq]')
      .between(...range)
      .toArray();
    await database.rows('bookIndex').bulkPut(await rowsOf(database, { loads, logs: byLoad(events) }));
  }
  await (last === undefined || loads.length < most
    ? database.rows('bookIndexDue').delete(WHOLE_INDEX)
    : database.rows('bookIndexDue').put({ id: WHOLE_INDEX, after: last.id }));
};

const makeSome = async (database: KitchenDatabase, ids: readonly string[]): Promise<void> => {
  const loads = (await database.rows('loads').bulkGet([...ids])).filter((load) => load !== undefined);
  const events = await Promise.all(loads.map(({ id }) => database.under('loadEvents', '[loadId+seq]', id).toArray()));
  await database.rows('bookIndex').bulkPut(await rowsOf(database, { loads, logs: byLoad(events.flat()) }));
  await database.rows('bookIndexDue').bulkDelete([...ids]);
};

const TABLES = ['bookIndex', 'bookIndexDue', 'loads', 'loadEvents', 'lots', 'predictions'] as const;

/**
 * Brings the book's index up to what the logs say, a piece at a time: in between a touch at the line is written. Given up half-way, or done by two tabs at
 * once, it goes on where it was.
 *
 * @param most Loads in a piece.
 */
export const makeIndex = async (database: KitchenDatabase, most = CHUNK): Promise<void> => {
  for (;;) {
    const isDone = await database.transaction('rw', [...TABLES], async () => {
      const due = await database.rows('bookIndexDue').limit(most).toArray();
      if (due.length === 0) return true;
      const whole = due.find(({ id }) => id === WHOLE_INDEX);
      if (whole === undefined)
        await makeSome(
          database,
          due.map(({ id }) => id),
        );
      else await makePiece(database, whole.after, most);
      return false;
    });
    if (isDone) return;
  }
};
