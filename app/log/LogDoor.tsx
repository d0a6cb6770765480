import { useCallback, useMemo, useState } from 'react';
import { useSearchParams } from 'react-router';
import { Download } from 'lucide-react';
import { dayAndTime, grams, temperature } from '../ui/index.ts';
import { BackupReminder } from '../backup/BackupReminder.tsx';
import { useExport } from '../backup/useExport.ts';
import { useKit } from '../store/index.ts';
import type { Asked } from './asked.ts';
import { addressOf, askedIn, isAsked } from './asked.ts';
import { Ask } from './Ask.tsx';
import { BookTable } from './BookTable.tsx';
import { Drift } from './Drift.tsx';
import { EntrySheet } from './EntrySheet.tsx';
import { useSession } from '../session/index.ts';
import { Landed } from './Landed.tsx';
import { Meaning } from './Meaning.tsx';
import type { Book } from './useBook.ts';
import { useBook, useBowls, useIndexed } from './useBook.ts';

const SHOWN = ['Loads', 'Over time', 'Bowls'] as const;

const many = (value: number): string => value.toLocaleString('en-GB');

/** What came of looking: among which loads, and whether there are more. */
const foundWords = ({ entries, count, looked, isAll }: Book): string => {
  const found = entries.length === 0 ? 'None' : many(entries.length);
  if (looked !== null) return `${found} of the newest ${many(looked)} loads`;
  return isAll ? `${found} of all ${many(count)} loads` : `The newest ${found} of all ${many(count)} loads; there are more`;
};

/** In a small kitchen nobody sees it; a large one says how far it is the first time. */
const Looking = ({ count }: { readonly count: number }) => {
  const indexed = useIndexed();
  return (
    <p role="status" data-figure="looking">
      {indexed === undefined || indexed >= count
        ? 'Looking …'
        : `Looking … The book’s index is being made: ${many(indexed)} of ${many(count)} loads`}
    </p>
  );
};

export const LogDoor = () => {
  const kit = useKit();
  const session = useSession();
  const [search, setSearch] = useSearchParams();
  const asked = useMemo(() => askedIn(search), [search]);
  const onAsk = useCallback((next: Asked) => setSearch(addressOf(next), { replace: true }), [setSearch]);
  const book = useBook(asked);
  // While the next answer comes, the last one stays.
  const [last, setLast] = useState(book);
  if (book !== undefined && book !== last) setLast(book);
  const [openId, setOpenId] = useState<string | null>(null);
  const [shownAs, setShownAs] = useState<(typeof SHOWN)[number]>('Loads');
  const bowls = shownAs === 'Bowls';
  const lots = useBowls(bowls);
  const exportNow = useExport();
  const shown = book ?? last;
  if (shown === undefined || lots === undefined) return null;
  const { entries, count, looked, isAll, more } = shown;
  const isFiltered = isAsked(asked);
  const open = entries.find((entry) => entry.load.id === openId);
  return (
    <div className="flex flex-col gap-3 px-5 py-3">
      <div className="flex flex-wrap items-baseline justify-between gap-4">
        <h1 className="text-2xl">The book</h1>
        <div className="flex flex-wrap gap-2">
          <div role="group" aria-label="Show" className="flex overflow-hidden rounded-md border-2 border-act">
            {SHOWN.map((name) => (
              <button
                key={name}
                type="button"
                aria-pressed={shownAs === name}
                className={`min-h-11 px-4 font-semibold max-sm:px-3 ${shownAs === name ? 'bg-act text-white' : 'text-act'}`}
                onClick={() => setShownAs(name)}
              >
                {name}
              </button>
            ))}
          </div>
          <button type="button" className="button-plain" onClick={() => void exportNow()}>
            <Download aria-hidden className="size-5" /> Export everything
          </button>
        </div>
      </div>
      <BackupReminder />
      {entries.length === 0 && !isFiltered ? (
        <p className="max-w-xl text-lg">
          Nothing is written down yet. Every load that is poured on the Line comes in here by itself, with what was promised and what came
          out.
        </p>
      ) : bowls ? (
        <ul className="flex flex-col">
          {lots.map((lot) => (
            <li key={lot.id} className="flex flex-wrap items-baseline gap-x-6 border-b border-line py-2.5">
              <span className="w-44 text-quiet">{dayAndTime(lot.madeAt, kit.zone)}</span>
              <b className="font-display text-lg">{lot.name}</b>
              <span>{grams(lot.mass_g)} g</span>
              <span>{temperature(lot.temperature_C, kit.temperatureUnit)}</span>
              <span>
                {lot.poured} {lot.poured === 1 ? 'load' : 'loads'} poured, {lot.opened} opened
              </span>
            </li>
          ))}
        </ul>
      ) : (
        <>
          {session !== undefined && !isFiltered && <Meaning session={session} />}
          <Ask asked={asked} irons={session?.everyIron ?? []} shown={entries} onAsk={onAsk} />
          {isFiltered && book !== undefined && (
            <p role="status" data-figure="found" data-exact={entries.length}>
              {foundWords(book)}
            </p>
          )}
          {isFiltered && book === undefined && <Looking count={count} />}
          {shownAs === 'Over time' ? (
            <Drift entries={entries} zone={kit.zone} onOpen={(entry) => setOpenId(entry.load.id)} />
          ) : (
            <>
              <Landed entries={entries} />
              <div className="overflow-x-auto">
                <BookTable entries={entries} zone={kit.zone} onOpen={(entry) => setOpenId(entry.load.id)} />
              </div>
            </>
          )}
          {!isAll && (
            <button type="button" className="button-plain self-start" onClick={more}>
              {isFiltered
                ? looked === null
                  ? 'More of them'
                  : 'Look further back'
                : `Older loads (${Math.max(0, count - (looked ?? 0)).toLocaleString('en-GB')} more)`}
            </button>
          )}
        </>
      )}
      {open !== undefined && session !== undefined && (
        <EntrySheet session={session} entry={open} entries={entries} kit={kit} onClose={() => setOpenId(null)} />
      )}
    </div>
  );
};
