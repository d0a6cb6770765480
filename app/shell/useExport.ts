import { useCallback } from 'react';
import { useKitchen } from '../store/index.ts';

/** Hands a text to the browser as a download. */
export const download = (name: string, type: string, text: string): void => {
  const url = URL.createObjectURL(new Blob([text], { type }));
  const link = document.createElement('a');
  link.href = url;
  link.download = name;
  link.click();
  setTimeout(() => URL.revokeObjectURL(url), 10_000);
};

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
