import type { KitchenFile } from '../../core/kitchen/index.ts';
import { checkKitchenFile, FILE_SCHEMA, FILE_VERSION } from '../../core/kitchen/index.ts';
import { DEFAULT_KIT } from '../../core/kit/index.ts';
import { PRESET_IRONS } from '../../core/plate/index.ts';
import demoUrl from '../../demo/kitchen.json?url';
import { APP_VERSION, replaceKitchen } from './exchange.ts';
import type { Kitchen } from './kitchen.ts';
import { DEMO } from './names.ts';
import { shiftDemoDates } from './shiftDemoDates.ts';

/** Fills a kitchen that was never opened: the demo with its history, the cook's own with six irons to start from. */
export const seed = async (kitchen: Kitchen, now: number): Promise<void> => {
  await replaceKitchen(kitchen, kitchen.name === DEMO ? await demoFile(now) : emptyFile(now));
};

const demoFile = async (now: number): Promise<KitchenFile> => {
  const response = await fetch(demoUrl);
  const file = checkKitchenFile(await response.json());
  if (!file.ok) throw new Error(file.failure.code);
  const zone = Intl.DateTimeFormat().resolvedOptions().timeZone;
  return shiftDemoDates(file.value, now, zone);
};

const emptyFile = (now: number): KitchenFile => ({
  schema: FILE_SCHEMA,
  version: FILE_VERSION,
  appVersion: APP_VERSION,
  exportedAt: now,
  kit: { ...DEFAULT_KIT, zone: Intl.DateTimeFormat().resolvedOptions().timeZone },
  irons: [...PRESET_IRONS],
  ingredients: [],
  formulas: [],
  weighings: [],
  weighEvents: [],
  lots: [],
  predictions: [],
  loads: [],
  loadEvents: [],
  runs: [],
  keepItems: [],
  practices: [],
});
