import { instantOf, wallTime } from '../../core/basis/index.ts';
import { Download, Upload } from 'lucide-react';
import { useEffect, useRef, useState } from 'react';
import { describeSentence } from '../../words/index.ts';
import { InlineSelect } from '../ui/index.ts';
import { takeOfferedFile, useOfferedFile } from '../session/index.ts';
import { wallNow } from '../clock/index.ts';
import { BackupReminder } from '../backup/BackupReminder.tsx';
import type { Month } from '../backup/useExport.ts';
import { useKit, useQueried } from '../store/index.ts';
import { BeforeThat, Coming, TakenOver } from './TakenOver.tsx';
import { useTransfer } from './useTransfer.ts';

/** Everything in and out in one file. What a file brings is shown before it is taken; what it replaces is kept for seven days. */
export const DataPanel = () => {
  const transfer = useTransfer();
  const picker = useRef<HTMLInputElement>(null);
  const [kept, setKept] = useState<boolean | null>(null);
  const { busy, failure, coming, taken } = transfer;
  const isOffered = useOfferedFile();
  const { look } = transfer;
  useEffect(() => {
    const file = isOffered ? takeOfferedFile() : null;
    if (file !== null) void look(file);
  }, [isOffered, look]);
  return (
    <section aria-label="Data">
      <h2 className="text-[26px]">Data</h2>
      <p className="mt-1 max-w-2xl text-[15px]">
        Everything lives in this browser. One file holds it all; export it now and then. Drop a file on any page to import it.
      </p>
      <BackupReminder />
      <div className="mt-3 flex flex-wrap gap-3">
        <button type="button" className="button-act" disabled={busy !== null} onClick={() => void transfer.write(null)}>
          <Download aria-hidden className="size-5" /> Export everything
        </button>
        <MonthFile disabled={busy !== null} onWrite={transfer.write} />
        <button type="button" className="button-plain" disabled={busy !== null} onClick={() => picker.current?.click()}>
          <Upload aria-hidden className="size-5" /> Import a file
        </button>
        <input
          ref={picker}
          type="file"
          accept="application/json,application/gzip,.json,.gz"
          aria-label="Kitchen file to import"
          className="sr-only"
          tabIndex={-1}
          onChange={(event) => {
            const file = event.target.files?.[0];
            if (file !== undefined) void transfer.look(file);
            event.target.value = '';
          }}
        />
        {'storage' in navigator && (
          <button type="button" className="button-plain" onClick={() => void navigator.storage.persist().then(setKept)}>
            Ask the browser to keep my data
          </button>
        )}
      </div>
      {busy !== null && (
        <div className="mt-3 flex max-w-xl items-center gap-4" role="status">
          <progress className="h-3 flex-1 accent-act" aria-label={busy.what} value={busy.share} max={1} />
          <span>
            {busy.what}, {Math.round(100 * busy.share)} %
          </span>
          {busy.cancel !== null && (
            <button type="button" className="button-plain" onClick={busy.cancel}>
              Stop
            </button>
          )}
        </div>
      )}
      {kept !== null && (
        <p className="mt-2">
          {kept
            ? 'The browser won’t clear your data by itself.'
            : 'The browser may clear your data when this device runs low. Export now and then.'}
        </p>
      )}
      {failure !== null && (
        <p role="alert" className="mt-2 border-l-3 border-ink bg-sheet p-2">
          {describeSentence(failure)}.
        </p>
      )}
      {coming !== null && <Coming coming={coming} onTake={transfer.take} onLeave={transfer.leave} />}
      {taken !== null && <TakenOver taken={taken} onUndo={transfer.undo} />}
      {taken === null && <BeforeThat busy={busy !== null} onBack={transfer.bringBack} />}
    </section>
  );
};

const MOST_MONTHS = 120;
const MONTH = new Intl.DateTimeFormat('en-GB', { month: 'long', year: 'numeric', timeZone: 'UTC' });

/** Months from the first load to this one by the kitchen's clock, the newest first. */
const monthsSince = (oldestAt: number, now: number, zone: string): Month[] => {
  const months: Month[] = [];
  const first = wallTime(oldestAt, zone).slice(0, 7);
  const [year = 0, month = 0] = wallTime(now, zone).slice(0, 7).split('-').map(Number);
  for (let back = 0; back < MOST_MONTHS; back++) {
    const [name, next] = [0, 1].map((ahead) => new Date(Date.UTC(year, month - 1 - back + ahead, 1)).toISOString().slice(0, 7)) as [
      string,
      string,
    ];
    const [from, until] = [name, next].map((one) => instantOf(`${one}-01T00:00`, zone) ?? NaN) as [number, number];
    if (name < first) break;
    months.push({ name, from, until });
  }
  return months;
};

/** What was in one month, as a file: merged into a kitchen it is that month's part of the book. */
const MonthFile = ({ disabled, onWrite }: { readonly disabled: boolean; readonly onWrite: (month: Month) => Promise<unknown> }) => {
  const { zone } = useKit();
  const [chosen, setChosen] = useState<string | null>(null);
  const oldestAt = useQueried((queries) => queries.oldestLoadAt(), 'oldest load');
  if (oldestAt == null) return null;
  const months = monthsSince(oldestAt, wallNow(), zone);
  const month = months.find(({ name }) => name === chosen) ?? months[0];
  if (month === undefined) return null;
  return (
    <span className="flex flex-wrap items-center gap-2">
      <button type="button" className="button-plain" disabled={disabled} onClick={() => void onWrite(month)}>
        <Download aria-hidden className="size-5" /> Export a month
      </button>
      <InlineSelect
        label="Month to export"
        value={month.name}
        choices={months.map(({ name }) => ({ value: name, label: MONTH.format(new Date(`${name}-15T12:00:00Z`)) }))}
        onChange={setChosen}
      />
    </span>
  );
};
