import { DEFAULT_KIT } from '../../core/kit/index.ts';
import type { KitchenRows } from '../../core/kitchen/index.ts';
import { KITCHEN_TABLES, takeKitchen } from '../../core/kitchen/index.ts';
import demoUrl from '../../demo/kitchen.json?url';
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

const demoRows = async (now: number): Promise<KitchenRows> => {
  const response = await fetch(demoUrl);
  const taken = takeKitchen(await response.json());
  if (!taken.ok) throw new Error(taken.failure.code);
  const zone = Intl.DateTimeFormat().resolvedOptions().timeZone;
  return shiftDemoDates(taken.value.rows, now, zone);
};

const emptyRows = (): KitchenRows => ({
  ...(Object.fromEntries(KITCHEN_TABLES.map((table) => [table, []])) as unknown as KitchenRows),
  kits: [{ ...DEFAULT_KIT, zone: Intl.DateTimeFormat().resolvedOptions().timeZone }],
});
