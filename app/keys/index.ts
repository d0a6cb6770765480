export { STATION_KEYS } from './typing.ts';
export type { KeyId } from './table.ts';
export { fixedKey, keyHelp, keyOf, USUAL_LINE_KEYS } from './table.ts';
export { useKey } from './useKey.ts';
