import { useSyncExternalStore } from 'react';
import type { Rehearsal } from './kept.ts';
import { keptRehearsal, onRehearsal } from './kept.ts';

/** The rehearsal that is on in this tab; null: none is. */
export const useRehearsal = (): Rehearsal | null => useSyncExternalStore(onRehearsal, keptRehearsal);
