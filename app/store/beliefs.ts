import { Dexie } from 'dexie';
import type { BelievedIron } from '../../core/advise/index.ts';

/*
 * What was found of irons, by the hash of the question: a reload in the middle of a morning finds it again without weighing the loads once more.
 * Apart from the kitchens, in no export, and lost without harm.
 */

const MOST_KEPT = 400;
const PRUNED_TO = 300;

let opened: Promise<Dexie | null> | null = null;

const database = (): Promise<Dexie | null> => {
  if (opened === null) {
    const database = new Dexie('tawny-lattice-derived');
    database.version(1).stores({ beliefs: 'key, at' });
    // Without a store it is reckoned again each time.
    opened = database.open().catch(() => null);
  }
  return opened;
};

/** A store that stalls doesn't keep an answer waiting: the loads are weighed again. */
const MOST_PATIENCE_MS = 1500;

/** Undefined: never found yet, lost, or not told in time. Null: those loads say nothing. */
export const keptBelief = async (key: string): Promise<BelievedIron | null | undefined> => {
  try {
    const read = async (): Promise<unknown> => (await database())?.table('beliefs').get(key);
    const stored = await Promise.race([read(), new Promise<undefined>((resolve) => setTimeout(resolve, MOST_PATIENCE_MS))]);
    if (stored === undefined) return undefined;
    const { BeliefRow } = await import('./beliefRow.ts');
    const row = BeliefRow.safeParse(stored);
    return row.success ? row.data.believed : undefined;
  } catch {
    return undefined;
  }
};

/** `at`: now; the oldest go when there are many. */
export const keepBelief = async (key: string, believed: BelievedIron | null, at: number): Promise<void> => {
  try {
    const beliefs = (await database())?.table('beliefs');
    if (beliefs === undefined) return;
    await beliefs.put({ key, at, believed });
    const count = await beliefs.count();
    if (count > MOST_KEPT)
      await beliefs.bulkDelete(
        await beliefs
          .orderBy('at')
          .limit(count - PRUNED_TO)
          .primaryKeys(),
      );
  } catch {
    // A full disk keeps none; nothing that was said is lost.
  }
};
