import type { Result } from '../../core/basis/index.ts';
import type { KitchenFile } from '../../core/kitchen/index.ts';
import { FILE_SCHEMA, FILE_VERSION, readKitchenFile } from '../../core/kitchen/index.ts';
import { DEFAULT_KIT } from '../../core/kit/index.ts';
import type { Rows, TableName } from './database.ts';
import type { Kitchen } from './kitchen.ts';

export const APP_VERSION = '0.1.0';

/** Tables that a kitchen file holds. The bench is not part of it: it is only where things were left. */
const IN_FILE = [
  'kits',
  'irons',
  'ingredients',
  'formulas',
  'weighings',
  'weighEvents',
  'lots',
  'predictions',
  'loads',
  'loadEvents',
  'runs',
  'keepItems',
  'practices',
] as const satisfies readonly TableName[];

const byKey = <T>(rows: T[], key: (row: T) => string): T[] => rows.sort((a, b) => (key(a) < key(b) ? -1 : key(a) > key(b) ? 1 : 0));
const byId = <T extends { id: string }>(rows: T[]): T[] => byKey(rows, (row) => row.id);
const byRevision = <T extends { id: string; rev: number }>(rows: T[]): T[] =>
  byKey(rows, (row) => `${row.id}/${String(row.rev).padStart(9, '0')}`);

/** Everything in the kitchen, what still waits in memory included, in a settled order. */
export const exportKitchen = async (kitchen: Kitchen, exportedAt: number): Promise<KitchenFile> => {
  const { database, pendingWrites } = kitchen;
  const all = async <N extends TableName>(name: N): Promise<Rows[N][]> => pendingWrites.overlay(name, await database.rows(name).toArray());
  const events = await all('loadEvents');
  const weighEvents = await all('weighEvents');
  const sequence = (id: string, seq: number): string => `${id}/${String(seq).padStart(9, '0')}`;
  return {
    schema: FILE_SCHEMA,
    version: FILE_VERSION,
    appVersion: APP_VERSION,
    exportedAt,
    kit: (await all('kits'))[0] ?? DEFAULT_KIT,
    irons: byRevision(await all('irons')),
    ingredients: byId(await all('ingredients')),
    formulas: byRevision(await all('formulas')),
    weighings: byId(await all('weighings')),
    weighEvents: byKey(weighEvents, ({ weighingId, seq }) => sequence(weighingId, seq)).map(({ weighingId, event }) => ({
      weighingId,
      event,
    })),
    lots: byId(await all('lots')),
    predictions: byId(await all('predictions')),
    loads: byId(await all('loads')),
    loadEvents: byKey(events, ({ loadId, seq }) => sequence(loadId, seq)).map(({ loadId, event }) => ({
      loadId,
      event,
    })),
    runs: byId(await all('runs')),
    keepItems: byId(await all('keepItems')),
    practices: byId(await all('practices')),
  };
};

/** Replaces what the kitchen holds by the file's, in one transaction: all of it or nothing. */
export const replaceKitchen = async (kitchen: Kitchen, file: KitchenFile): Promise<void> => {
  const { database } = kitchen;
  const rows: { [N in (typeof IN_FILE)[number]]: readonly Rows[N][] } = {
    kits: [file.kit],
    irons: file.irons,
    ingredients: file.ingredients,
    formulas: file.formulas,
    weighings: file.weighings,
    weighEvents: file.weighEvents.map(({ weighingId, event }) => ({ weighingId, seq: event.seq, event })),
    lots: file.lots,
    predictions: file.predictions,
    loads: file.loads,
    loadEvents: file.loadEvents.map(({ loadId, event }) => ({ loadId, seq: event.seq, event })),
    runs: file.runs,
    keepItems: file.keepItems,
    practices: file.practices,
  };
  await database.transaction('rw', [...IN_FILE, 'benches'], async () => {
    await database.table('benches').clear();
    for (const name of IN_FILE) {
      await database.table(name).clear();
      await database.table(name).bulkPut([...rows[name]]);
    }
  });
};

/** Reads and takes over a file; existing data stays untouched unless the file is sound. Errors: see `readKitchenFile`. */
export const importKitchen = async (kitchen: Kitchen, text: string): Promise<Result<KitchenFile>> => {
  const file = readKitchenFile(text);
  if (file.ok) await replaceKitchen(kitchen, file.value);
  return file;
};
