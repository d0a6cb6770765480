export { STATION_KEYS } from './typing.ts';
export type { KeyId, StationPath } from './table.ts';
export { fixedKey, keyHelp, keyOf, STATION_LETTERS, USUAL_LINE_KEYS } from './table.ts';
export { useKey } from './useKey.ts';
