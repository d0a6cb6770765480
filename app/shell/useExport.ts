import { useCallback } from 'react';
import { download } from '../look/index.ts';
import { useKitchen } from '../store/index.ts';

/** Everything in the kitchen as one JSON file. */
export const useExport = (): (() => Promise<void>) => {
  const kitchen = useKitchen();
  return useCallback(async () => {
    const now = Date.now();
    const { exportKitchen } = await import('../store/exchange.ts');
    const file = await exportKitchen(kitchen, now);
    download(`${kitchen.name}-${new Date(now).toISOString().slice(0, 10)}.json`, 'application/json', `${JSON.stringify(file, null, 1)}\n`);
  }, [kitchen]);
};
