export { Lot, Prediction } from './entities.ts';
export { isOpenLot } from './openLot.ts';
export { checkKitchenFile, FILE_SCHEMA, FILE_VERSION, KitchenFile, MOST_FILE_BYTES, readKitchenFile } from './file.ts';
export { KIT_ADDED_IN_2 } from './upgrade.ts';
export { readSettingsOf } from './settings.ts';
