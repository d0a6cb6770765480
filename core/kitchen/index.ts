export { FILE_SCHEMA, FILE_VERSION, KitchenFile, MOST_FILE_BYTES, checkKitchenFile, readKitchenFile } from './file.ts';
export { readSettingsOf } from './readSettings.ts';
export { KIT_ADDED_IN_2 } from './upgrade.ts';
