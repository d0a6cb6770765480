import { useCallback } from 'react';
import { wallNow } from '../clock/index.ts';
import { downloadBlob } from '../ui/index.ts';
import { notices, useKitchen } from '../store/index.ts';
import { noteBackup } from './backups.ts';

type Progress = (done: number, all: number) => void;
/** A month of the kitchen's calendar: its name, "2026-11", and from when until when, epoch ms. */
export type Month = { readonly name: string; readonly from: number; readonly until: number };

/** Everything in the kitchen as one file, or a month of it; compressed where it is large. */
export const useExport = (): ((progress?: Progress, month?: Month | null) => Promise<void>) => {
  const kitchen = useKitchen();
  return useCallback(
    async (progress, month = null) => {
      const now = wallNow();
      try {
        const { exportKitchen } = await import('../store/transfer.ts');
        const { blob, isCompressed } = await exportKitchen(kitchen, now, progress, month);
        downloadBlob(`${kitchen.name}-${month?.name ?? new Date(now).toISOString().slice(0, 10)}.json${isCompressed ? '.gz' : ''}`, blob);
        if (month === null) noteBackup(kitchen.name, { exportedAt: now });
      } catch (error) {
        notices.tell({ code: 'export-failed', fields: { why: error instanceof Error ? error.message : String(error) } });
      }
    },
    [kitchen],
  );
};
