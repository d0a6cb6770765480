import { DEFAULT_KIT } from '../../core/kit/index.ts';
import type { KitchenRows } from '../../core/kitchen/index.ts';
import { KITCHEN_TABLES, takeKitchen } from '../../core/kitchen/index.ts';
import type { DemoBelief } from '../../demo/beliefs.ts';
import beliefsUrl from '../../demo/beliefs.json?url&no-inline';
import demoUrl from '../../demo/kitchen.json?url';
import { keepBelief } from './beliefs.ts';
import { replaceAll } from './exchange.ts';
import type { Kitchen } from './kitchen.ts';
import { DEMO } from './names.ts';
import { shiftDemoDates } from './shiftDemoDates.ts';

/** Fills a kitchen that was never opened: the demo with its history, the cook's own with nothing but a kit: which irons there are is the first question. */
export const seed = async (kitchen: Kitchen, now: number): Promise<void> => {
  const rows = kitchen.name === DEMO ? await demoRows(now) : emptyRows();
  const { database } = kitchen;
  // Looked at again within the transaction: another tab may have filled it, and a load may run there already.
  await database.transaction('rw', database.tables, async () => {
    if ((await database.rows('kits').count()) === 0) await replaceAll(database, rows);
  });
};

/** What the demo's loads say was found when the demo was written; without it the first start would weigh them for ten seconds. */
const keepDemoBeliefs = async (now: number): Promise<void> => {
  const beliefs = (await (await fetch(beliefsUrl)).json()) as readonly DemoBelief[];
  await Promise.all(beliefs.map(({ key, believed }) => keepBelief(key, believed, now)));
};

const demoRows = async (now: number): Promise<KitchenRows> => {
  const [response] = await Promise.all([fetch(demoUrl), keepDemoBeliefs(now).catch(() => undefined)]);
  const taken = takeKitchen(await response.json());
  if (!taken.ok) throw new Error(taken.failure.code);
  const zone = Intl.DateTimeFormat().resolvedOptions().timeZone;
  return shiftDemoDates(taken.value.rows, now, zone);
};

const emptyRows = (): KitchenRows => ({
  ...(Object.fromEntries(KITCHEN_TABLES.map((table) => [table, []])) as unknown as KitchenRows),
  kits: [{ ...DEFAULT_KIT, zone: Intl.DateTimeFormat().resolvedOptions().timeZone }],
});
