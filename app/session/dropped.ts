import { Listeners } from '../listeners.ts';
import { useSyncExternalStore } from 'react';

/** A kitchen file that was dropped on a page, until the import takes it. */
let waiting: File | null = null;
const changed = new Listeners();

export const offerFile = (file: File): void => {
  waiting = file;
  changed.tell();
};

/** The file that was dropped, once; null: none. */
export const takeOfferedFile = (): File | null => {
  const file = waiting;
  waiting = null;
  return file;
};

/** Whether a file waits to be looked at. */
export const useOfferedFile = (): boolean => useSyncExternalStore(changed.subscribe, () => waiting !== null);
