import { useCallback } from 'react';
import { wallNow } from '../clock/index.ts';
import { downloadBlob } from '../look/index.ts';
import { notices, useKitchen } from '../store/index.ts';

/** Everything in the kitchen as one file; compressed where it is large. */
export const useExport = (): ((progress?: (done: number, all: number) => void) => Promise<void>) => {
  const kitchen = useKitchen();
  return useCallback(
    async (progress) => {
      const now = wallNow();
      try {
        const { exportKitchen } = await import('../store/transfer.ts');
        const { blob, isCompressed } = await exportKitchen(kitchen, now, progress);
        downloadBlob(`${kitchen.name}-${new Date(now).toISOString().slice(0, 10)}.json${isCompressed ? '.gz' : ''}`, blob);
      } catch (error) {
        notices.tell({ code: 'export-failed', fields: { why: error instanceof Error ? error.message : String(error) } });
      }
    },
    [kitchen],
  );
};
