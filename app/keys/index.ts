export { PAGE_KEYS } from './typing.ts';
export type { KeyId, DoorPath } from './table.ts';
export { fixedKey, keyHelp, keyOf, DOOR_KEYS, SEARCH_KEY, USUAL_LINE_KEYS } from './table.ts';
export { useKey } from './useKey.ts';
