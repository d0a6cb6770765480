import { describe, expect, jest, test } from '@jest/globals';
import { entryOf, FAULTS, isFound, termsAsked } from '../../core/book/index.ts';
import { takeKitchen } from '../../core/kitchen/index.ts';
import type { KitchenRows } from '../../core/kitchen/index.ts';
import { lotFrom } from '../../core/log/index.ts';
import { campaign } from '../../core/testing/campaign.ts';
import { demoFile } from '../../demo/file.ts';
import { makeIndex } from './bookIndex.ts';
import * as commands from './commands.ts';
import { replaceAll } from './exchange.ts';
import type { Kitchen } from './kitchen.ts';
import { openedKitchen, queriesOf, quotaError } from './testing/open.ts';

const taken = takeKitchen(demoFile());
if (!taken.ok) throw new Error(taken.failure.code);
const { rows } = taken.value;
/** Over and over, further and further back: more loads than are written or looked at in one piece. */
const ROUNDS = campaign(10, 25);
const PIECE = 200;
const BACK_MS = 30 * 86_400_000;
const again = (id: string, round: number): string => `${id}~${round}`;
const many: KitchenRows = {
  ...rows,
  lots: Array.from({ length: ROUNDS }, (_, round) =>
    rows.lots.map((lot) => ({ ...lot, id: again(lot.id, round), name: round % 7 === 0 ? 'Second sitting' : lot.name })),
  ).flat(),
  loads: Array.from({ length: ROUNDS }, (_, round) =>
    rows.loads.map((load) => ({
      ...load,
      id: again(load.id, round),
      lotId: again(load.lotId, round),
      startedAt: load.startedAt - BACK_MS * round,
    })),
  ).flat(),
  loadEvents: Array.from({ length: ROUNDS }, (_, round) =>
    rows.loadEvents.map(({ loadId, ...row }) => ({ ...row, loadId: again(loadId, round) })),
  ).flat(),
  lotEvents: [],
};

let count = 0;
const filled = async (): Promise<Kitchen> => {
  const kitchen = await openedKitchen(`indexed-${++count}`);
  await replaceAll(kitchen.database, many);
  return kitchen;
};
type Asked = { readonly words: string; readonly fault: (typeof FAULTS)[number] | null; readonly ironId: string | null };
const WHENEVER = [-Infinity, Infinity] as const;

/** As the book asks. */
const found = async (kitchen: Kitchen, asked: Asked, most: number, span: readonly [number, number] = WHENEVER) => {
  const { queries } = queriesOf(kitchen);
  return queries.foundLoads(termsAsked(asked, rows.irons, await queries.indexedWords()), span, most);
};

const lotById = new Map(many.lots.map((lot) => [lot.id, lotFrom(lot, [])]));
const predictionById = new Map(rows.predictions.map((prediction) => [prediction.id, prediction]));
const logOf = new Map<string, KitchenRows['loadEvents'][number]['event'][]>();
for (const { loadId, event } of many.loadEvents) logOf.set(loadId, [...(logOf.get(loadId) ?? []), event]);
/** By looking at every load. */
const byLooking = (asked: Asked, [since, until]: readonly [number, number] = WHENEVER): string[] =>
  many.loads
    .filter(({ startedAt }) => startedAt >= since && startedAt <= until)
    .filter((load) => asked.ironId === null || load.ironId === asked.ironId)
    .filter((load) => {
      const iron = rows.irons.find(({ id }) => id === load.ironId) ?? null;
      const prediction = predictionById.get(load.predictionId) ?? null;
      return isFound(asked, entryOf(load, logOf.get(load.id) ?? [], lotById.get(load.lotId) ?? null, iron, prediction));
    })
    .sort((a, b) => b.startedAt - a.startedAt)
    .map(({ id }) => id);

describe('the book’s index', () => {
  test('finds the loads that looking at every one of them finds, the newest first, and says whether there are more', async () => {
    const kitchen = await filled();
    const { queries } = queriesOf(kitchen);
    expect(await queries.isIndexed()).toBe(false);
    await makeIndex(kitchen.database, PIECE);
    expect(await queries.isIndexed()).toBe(true);
    expect(await kitchen.database.rows('bookIndex').count()).toBe(many.loads.length);
    const [newest, oldest] = [many.loads[0]!.startedAt, many.loads.at(-1)!.startedAt];
    const asked: [Asked, readonly [number, number]][] = [
      ...FAULTS.map((fault): [Asked, typeof WHENEVER] => [{ words: '', fault, ironId: null }, WHENEVER]),
      [{ words: 'oat', fault: null, ironId: null }, WHENEVER],
      [{ words: 'SECOND sit', fault: null, ironId: null }, WHENEVER],
      [{ words: 'second', fault: 'leaked', ironId: 'thin-four' }, WHENEVER],
      [{ words: 'wafer', fault: null, ironId: null }, WHENEVER],
      [{ words: 'nobody wrote this', fault: null, ironId: null }, WHENEVER],
      [{ words: 'oat', fault: null, ironId: null }, [oldest, (oldest + newest) / 2]],
      [{ words: '', fault: 'leaked', ironId: null }, [oldest, (oldest + newest) / 2]],
    ];
    let hits = 0;
    for (const [question, span] of asked) {
      const expected = byLooking(question, span);
      hits += expected.length;
      for (const most of [1, 50, 10_000]) {
        const answer = await found(kitchen, question, most, span);
        const ids = answer?.loads.map(({ id }) => id);
        expect({ question, most, ids, isAll: answer?.isAll }).toEqual({
          question,
          most,
          ids: expected.slice(0, most),
          isAll: expected.length <= most,
        });
      }
    }
    expect(hits).toBeGreaterThan(300);
  });

  test('what is said later is found once it is made again; nothing is made twice', async () => {
    const kitchen = await filled();
    await makeIndex(kitchen.database, PIECE);
    const { queries } = queriesOf(kitchen);
    const [load] = many.loads;
    const asked = { words: 'zwieback', fault: null, ironId: null };
    expect((await found(kitchen, asked, 5))?.loads).toEqual([]);
    await kitchen.do(
      commands.noteLoad(load!.id, { kind: 'logged', data: { kind: 'note', mould: 0, value: 'Like Zwieback' } }, load!.startedAt + 1),
    );
    expect(await queries.isIndexed()).toBe(false);
    await makeIndex(kitchen.database, PIECE);
    expect((await found(kitchen, asked, 5))?.loads.map(({ id }) => id)).toEqual([load!.id]);
    // Another kitchen in its place: what was found before is gone with it.
    await replaceAll(kitchen.database, { ...many, loads: many.loads.slice(1), loadEvents: [] });
    await makeIndex(kitchen.database, PIECE);
    expect((await found(kitchen, asked, 5))?.loads).toEqual([]);
    expect(await kitchen.database.rows('bookIndex').count()).toBe(many.loads.length - 1);
  });

  test('given up half-way it goes on; two tabs at once make one', async () => {
    const kitchen = await filled();
    const { database } = kitchen;
    const table = database.rows('bookIndex');
    const prototype = Object.getPrototypeOf(table) as { bulkPut: (typeof table)['bulkPut'] };
    const { bulkPut } = prototype;
    let pieces = 0;
    jest.spyOn(prototype, 'bulkPut').mockImplementation(function (this: typeof table, ...all: Parameters<typeof bulkPut>) {
      if (this.name === 'bookIndex' && ++pieces === 2) throw quotaError();
      return bulkPut.apply(this, all);
    } as typeof bulkPut);
    await expect(makeIndex(database, PIECE)).rejects.toThrow();
    jest.restoreAllMocks();
    const made = await database.rows('bookIndex').count();
    expect(made).toBeGreaterThan(0);
    expect(made).toBeLessThan(many.loads.length);
    await Promise.all([makeIndex(database, PIECE), makeIndex(database, PIECE)]);
    expect(await database.rows('bookIndex').count()).toBe(many.loads.length);
    expect((await found(kitchen, { words: '', fault: 'leaked', ironId: null }, 10_000))?.loads).toHaveLength(
      byLooking({ words: '', fault: 'leaked', ironId: null }).length,
    );
  });

  test('what waits in memory is among what may be meant', async () => {
    const kitchen = await filled();
    await makeIndex(kitchen.database, PIECE);
    const [load] = many.loads;
    kitchen.pendingWrites.add({
      command: commands.noteLoad('x', { kind: 'opened', data: {} }, 1),
      result: null,
      removed: [],
      writes: [
        {
          table: 'loadEvents',
          row: { loadId: load!.id, seq: 99, event: { kind: 'logged', data: { kind: 'note', mould: 0, value: 'unheard' }, seq: 99, at: 1 } },
        },
      ],
    });
    expect((await found(kitchen, { words: 'unheard', fault: null, ironId: null }, 5))?.loads.map(({ id }) => id)).toEqual([load!.id]);
  });
});
