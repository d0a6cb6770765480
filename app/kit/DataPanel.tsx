import { Download, Upload } from 'lucide-react';
import { useRef, useState } from 'react';
import type { Failure } from '../../core/basis/index.ts';
import { describeSentence } from '../../words/index.ts';
import { InlineSelect } from '../look/index.ts';
import { wallNow } from '../clock/index.ts';
import { instantOf, wallTime } from '../../core/run/index.ts';
import { BackupReminder } from '../shell/BackupReminder.tsx';
import type { Month } from '../shell/useExport.ts';
import { useExport } from '../shell/useExport.ts';
import { useKit, useKitchen, useKitchenChoice, useQueried } from '../store/index.ts';
import type { HowTaken, ImportResult } from '../store/transfer.ts';

/** Everything in and out in one file; taking a file over can be undone until the page is left. */
export const DataPanel = () => {
  const { isDemo, choose } = useKitchenChoice();
  const transfer = useTransfer();
  const picker = useRef<HTMLInputElement>(null);
  const [how, setHow] = useState<HowTaken>('in place');
  const [kept, setKept] = useState<boolean | null>(null);
  const { busy, failure, taken } = transfer;
  return (
    <section aria-label="Data">
      <h2 className="text-xl">Data</h2>
      <p className="mt-1 max-w-2xl text-[15px]">
        Everything lives in this browser. One JSON file holds it all (compressed once it is large), with a published schema
        (docs/kitchen.schema.json). Our own files may have any size; others up to 50 MB.
      </p>
      <BackupReminder />
      <p className="mt-2 text-lg">
        A file is taken{' '}
        <InlineSelect
          label="How a file is taken"
          value={how}
          choices={[
            { value: 'in place', label: 'in place of all that is here' },
            { value: 'merged', label: 'as more of this kitchen, merged' },
            { value: 'beside', label: 'as another kitchen, beside this one' },
          ]}
          onChange={setHow}
        />
        .{' '}
        <span className="text-[15px] text-quiet">
          {
            {
              'in place': 'What is here makes way for it; it can be brought back until the page is left.',
              merged: 'Two devices of one kitchen: nothing of either is lost, in whatever order and however often.',
              beside: 'Its irons, formulas and loads come under names of their own; your settings stay.',
            }[how]
          }
        </span>
      </p>
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
            if (file !== undefined) void transfer.take(file, how);
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
            ? 'The browser will not clear it by itself.'
            : 'The browser made no promise: export now and then. Asked because it may otherwise clear this data when the device runs low.'}
        </p>
      )}
      {failure !== null && (
        <p role="alert" className="mt-2 border-l-3 border-ink bg-sheet p-2">
          {describeSentence(failure)}.
        </p>
      )}
      {taken !== null && <TakenOver taken={taken} onUndo={transfer.undo} />}
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

type Taken = {
  readonly result: Extract<ImportResult, { ok: true }>['taken'];
  /** What was here before, to be brought back. */
  readonly before: Blob;
  readonly at: number;
};

type Busy = { readonly what: string; readonly share: number; readonly cancel: (() => void) | null };

/** Import and export with their progress; one at a time. */
const useTransfer = () => {
  const kitchen = useKitchen();
  const exportNow = useExport();
  const [busy, setBusy] = useState<Busy | null>(null);
  const [failure, setFailure] = useState<Failure | null>(null);
  const [taken, setTaken] = useState<Taken | null>(null);
  const during = async <T,>(
    what: string,
    cancel: (() => void) | null,
    work: (progress: (done: number, all: number) => void) => Promise<T>,
  ) => {
    setFailure(null);
    setBusy({ what, share: 0, cancel });
    try {
      return await work((done, all) => setBusy({ what, share: all > 0 ? Math.min(1, done / all) : 0, cancel }));
    } catch (error) {
      setFailure({ code: 'write-failed', fields: { why: error instanceof Error ? error.message : String(error) } });
      return null;
    } finally {
      setBusy(null);
    }
  };
  const read = async (what: string, file: Blob, how: HowTaken): Promise<ImportResult | null> => {
    const { importKitchen } = await import('../store/transfer.ts');
    const abort = new AbortController();
    return during(
      what,
      () => abort.abort(),
      (progress) => importKitchen(kitchen, file, how, progress, abort.signal),
    );
  };
  return {
    busy,
    failure,
    taken,
    write: (month: Month | null) => during('writing', null, (progress) => exportNow(progress, month)),
    take: async (file: Blob, how: HowTaken): Promise<void> => {
      const { exportKitchen } = await import('../store/transfer.ts');
      const before = await during('keeping what is here', null, (progress) => exportKitchen(kitchen, wallNow(), progress));
      if (before === null) return;
      const result = await read(how === 'in place' ? 'taking over' : 'putting together', file, how);
      if (result === null) return;
      if (result.ok) setTaken({ result: result.taken, before: before.blob, at: wallNow() });
      else setFailure(result.failure);
    },
    undo: async (): Promise<void> => {
      if (taken === null) return;
      const result = await read('bringing back', taken.before, 'in place');
      if (result?.ok === true) setTaken(null);
      else if (result?.ok === false) setFailure(result.failure);
    },
  };
};

const THINGS: readonly (readonly [table: string, one: string, many: string])[] = [
  ['irons', 'iron', 'irons'],
  ['formulas', 'formula', 'formulas'],
  ['lots', 'bowl', 'bowls'],
  ['loads', 'load', 'loads'],
  ['runs', 'run', 'runs'],
  ['keepItems', 'thing put away', 'things put away'],
];

const TABLE_WORDS: ReadonlyMap<string, string> = new Map(THINGS.map(([table, one]) => [table, one]));

/** "Put together: 2 irons and 14 loads are new." */
const broughtWords = ({ added, doubled }: NonNullable<Taken['result']['brought']>): string => {
  const counts: Readonly<Record<string, number | undefined>> = added;
  const news = THINGS.flatMap(([table, one, many]) => {
    const count = counts[table];
    return count === undefined ? [] : [`${count.toLocaleString('en-GB')} ${count === 1 ? one : many}`];
  });
  const said = news.length === 0 ? 'nothing is new' : `new: ${news.join(', ')}`;
  const both =
    doubled <= 0
      ? ''
      : ` ${doubled === 1 ? 'One row stood' : `${doubled} rows stood`} in both otherwise: the other is kept aside and goes with every export.`;
  return `Put together; ${said}.${both}`;
};

const MOST_NAMED = 12;

/** What came of it: what was set aside or put right is named, and so is what an undo would cost. */
const TakenOver = ({ taken, onUndo }: { readonly taken: Taken; readonly onUndo: () => Promise<void> }) => {
  const { result, at } = taken;
  const since =
    useQueried(async (queries) => (await queries.newestLoads(0, 50)).filter((load) => load.startedAt > at).length, `since ${at}`) ?? 0;
  return (
    <div role="status" className="mt-2 border-l-3 border-act bg-sheet p-2">
      <p>
        {result.brought === null ? 'Taken over.' : broughtWords(result.brought)}{' '}
        <button type="button" className="min-h-11 font-semibold text-act underline underline-offset-2" onClick={() => void onUndo()}>
          Undo: bring back what was here
        </button>
        {since > 0 && ` (${since === 1 ? 'one load' : `${since} loads`} poured since would go with it: export first)`}
      </p>
      {result.brought !== null && result.brought.conflicts.length > 0 && (
        <ul aria-label="In both, otherwise" className="text-[15px]">
          {result.brought.conflicts.map(({ table, key, name, fields }) => (
            <li key={`${table}/${key}`} className="border-t border-line py-1">
              <b>{name === '' ? `${TABLE_WORDS.get(table) ?? table} ${key}` : name}</b>:{' '}
              {fields.map(({ field, stands, aside }) => `${field} is “${stands}”, kept aside “${aside}”`).join('; ')}
            </li>
          ))}
        </ul>
      )}
      {result.repaired.length > 0 && (
        <p>Put right: {result.repaired.map(({ key }) => `iron ${key}, whose dial had one end only`).join('; ')}.</p>
      )}
      {result.setAside.length > 0 && (
        <>
          <p>
            {result.setAside.length === 1 ? 'One row' : `${result.setAside.length.toLocaleString('en-GB')} rows`} can’t be read here and{' '}
            {result.setAside.length === 1 ? 'was' : 'were'} set aside; an export hands them on as they are:
          </p>
          <ul className="text-[15px]">
            {result.setAside.slice(0, MOST_NAMED).map(({ table, key, where, why }) => (
              <li key={`${table}/${key}/${where}`}>
                {table} {key}, {where}: {why}
              </li>
            ))}
            {result.setAside.length > MOST_NAMED && <li>and {result.setAside.length - MOST_NAMED} more</li>}
          </ul>
        </>
      )}
    </div>
  );
};
