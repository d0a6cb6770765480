import { DAY_MS } from '../../core/basis/index.ts';
import { useSyncExternalStore } from 'react';
import { Listeners } from '../listeners.ts';
import { keepJson, keptText } from '../webStorage.ts';

/** When everything in a kitchen was last written to a file from this browser, and until when nobody wants to be reminded; epoch ms. */
export type Backup = { readonly exportedAt: number | null; readonly remindAt: number };

const NEVER: Backup = { exportedAt: null, remindAt: 0 };
const keyOf = (kitchen: string): string => `tawny-lattice-backup-${kitchen}`;
const listeners = new Listeners();

/** Not in the kitchen's own store: a file that is taken over must not bring along when another browser was exported. */
const stored = (kitchen: string): string | null => keptText('browser', keyOf(kitchen));

const numberOr = <T>(value: unknown, other: T): number | T => (typeof value === 'number' && Number.isFinite(value) ? value : other);

/** What is remembered; nonsense is nothing. */
export const backupIn = (text: string | null): Backup => {
  if (text === null) return NEVER;
  try {
    const { exportedAt, remindAt } = JSON.parse(text) as { exportedAt?: unknown; remindAt?: unknown };
    return { exportedAt: numberOr(exportedAt, null), remindAt: numberOr(remindAt, 0) };
  } catch {
    return NEVER;
  }
};

export const noteBackup = (kitchen: string, changes: Partial<Backup>): void => {
  keepJson('browser', keyOf(kitchen), { ...backupIn(stored(kitchen)), ...changes });
  listeners.tell();
};

export const useBackup = (kitchen: string): Backup => backupIn(useSyncExternalStore(listeners.subscribe, () => stored(kitchen)));

/** So many loads or so many days with a load in them are worth a file (*common practice*). */
const MANY_LOADS = 60;
const LONG_MS = 30 * DAY_MS;

/** Whether to remind of it. `since`: loads since the last file, or in all. */
export const isBackupDue = ({ exportedAt, remindAt }: Backup, since: number, oldestAt: number | null, now: number): boolean => {
  if (since === 0 || now < remindAt) return false;
  const from = exportedAt ?? oldestAt ?? now;
  return since >= MANY_LOADS || now - from >= LONG_MS;
};
