import { HardDrive } from 'lucide-react';
import { describeSentence } from '../../words/index.ts';
import { useStorageTrouble } from '../store/index.ts';
import { useExport } from './useExport.ts';

/** What concerns every station: trouble with storage. */
export const Banners = () => {
  const trouble = useStorageTrouble();
  const exportNow = useExport();
  return (
    <>
      {trouble !== null && (
        <div role="alert" className="no-print flex flex-wrap items-center gap-3 bg-ink px-4 py-2 text-white">
          <HardDrive aria-hidden className="size-5" />
          <span>{describeSentence({ code: trouble, fields: {} })}.</span>
          <button type="button" className="min-h-11 rounded bg-white px-3 font-semibold text-ink" onClick={() => void exportNow()}>
            Export now
          </button>
        </div>
      )}
    </>
  );
};
