import { Download, Upload } from 'lucide-react';
import { useRef, useState } from 'react';
import type { Failure } from '../../core/basis/index.ts';
import type { KitchenFile } from '../../core/kitchen/index.ts';
import { MOST_FILE_BYTES } from '../../core/kitchen/index.ts';
import { describeSentence } from '../../words/index.ts';
import { exportKitchen, importKitchen, replaceKitchen } from '../store/exchange.ts';
import { useKitchen, useKitchenChoice } from '../store/index.ts';
import { useExport } from '../shell/useExport.ts';

/** Everything in and out in one file; taking a file over can be undone until the page is left. */
export const DataPanel = () => {
  const kitchen = useKitchen();
  const { isDemo, choose } = useKitchenChoice();
  const exportNow = useExport();
  const picker = useRef<HTMLInputElement>(null);
  const [failure, setFailure] = useState<Failure | null>(null);
  const [before, setBefore] = useState<KitchenFile | null>(null);
  const [kept, setKept] = useState<boolean | null>(null);
  const take = async (file: File): Promise<void> => {
    setFailure(null);
    if (file.size > MOST_FILE_BYTES) return setFailure({ code: 'file-too-large', fields: { bytes: file.size, most: MOST_FILE_BYTES } });
    const was = await exportKitchen(kitchen, Date.now());
    const result = await importKitchen(kitchen, await file.text());
    if (!result.ok) return setFailure(result.failure);
    setBefore(was);
  };
  return (
    <section aria-label="Data">
      <h2 className="text-xl">Data</h2>
      <p className="mt-1 max-w-2xl text-[15px]">
        Everything lives in this browser. One JSON file holds it all, with a published schema (docs/kitchen.schema.json).
      </p>
      <div className="mt-3 flex flex-wrap gap-3">
        <button type="button" className="button-act" onClick={() => void exportNow()}>
          <Download aria-hidden className="size-5" /> Export everything
        </button>
        <button type="button" className="button-plain" onClick={() => picker.current?.click()}>
          <Upload aria-hidden className="size-5" /> Import a file
        </button>
        <input
          ref={picker}
          type="file"
          accept="application/json,.json"
          aria-label="Kitchen file to import"
          className="sr-only"
          tabIndex={-1}
          onChange={(event) => {
            const file = event.target.files?.[0];
            if (file !== undefined) void take(file);
            event.target.value = '';
          }}
        />
        <button type="button" className="button-plain" onClick={() => choose(!isDemo)}>
          {isDemo ? 'Leave the demo for my kitchen' : 'Look at the demo'}
        </button>
        {'storage' in navigator && (
          <button type="button" className="button-plain" onClick={() => void navigator.storage.persist().then(setKept)}>
            Ask the browser to keep it
          </button>
        )}
      </div>
      {kept !== null && (
        <p className="mt-2">
          {kept
            ? 'The browser will not clear it by itself.'
            : 'The browser made no promise: export now and then. Asked because it may otherwise clear this data when the device runs low.'}
        </p>
      )}
      {failure !== null && (
        <p role="alert" className="mt-2 border-l-3 border-ink bg-sheet p-2">
          {describeSentence(failure)}.
        </p>
      )}
      {before !== null && (
        <p role="status" className="mt-2 border-l-3 border-act bg-sheet p-2">
          Taken over.{' '}
          <button
            type="button"
            className="min-h-11 font-semibold text-act underline underline-offset-2"
            onClick={() => void replaceKitchen(kitchen, before).then(() => setBefore(null))}
          >
            Undo: bring back what was here
          </button>
        </p>
      )}
    </section>
  );
};
