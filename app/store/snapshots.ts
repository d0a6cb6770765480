import { DAY_MS } from '../../core/basis/index.ts';
import { Dexie } from 'dexie';
import type { Workspace } from './database.ts';

/** A kitchen as it was before a file took its place. */
export type Snapshot = {
  /** Of which kitchen; each keeps the last. */
  readonly kitchen: string;
  /** Epoch ms. */
  readonly at: number;
  readonly file: Blob;
  /** What was worked on. */
  readonly workspace: Workspace | null;
};

const DAYS_KEPT = 7;

const open = async (): Promise<Dexie> => {
  const database = new Dexie('tawny-lattice-snapshots');
  database.version(1).stores({ snapshots: 'kitchen' });
  return database.open();
};

const within = async <T>(work: (database: Dexie) => Promise<T>): Promise<T> => {
  const database = await open();
  try {
    return await work(database);
  } finally {
    database.close();
  }
};

/** Rejects where there is no room: then nothing may be replaced. */
export const keepSnapshot = (snapshot: Snapshot): Promise<void> =>
  within(async (database) => {
    await database.table('snapshots').put(snapshot);
  });

/** The kitchen before the last file that took its place, for seven days; null: none. `now`: epoch ms. */
export const snapshotOf = (kitchen: string, now: number): Promise<Snapshot | null> =>
  within(async (database) => {
    const kept = (await database.table('snapshots').get(kitchen)) as Snapshot | undefined;
    if (kept === undefined) return null;
    if (now < untilOf(kept)) return kept;
    await database.table('snapshots').delete(kitchen);
    return null;
  }).catch(() => null);

export const dropSnapshot = (kitchen: string): Promise<void> =>
  within((database) => database.table('snapshots').delete(kitchen)).catch(() => undefined);

/** So long it is kept, epoch ms. */
export const untilOf = ({ at }: Pick<Snapshot, 'at'>): number => at + DAYS_KEPT * DAY_MS;
