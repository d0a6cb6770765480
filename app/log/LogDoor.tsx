import { useCallback, useMemo, useState } from 'react';
import { useSearchParams } from 'react-router';
import { Download } from 'lucide-react';
import type { Entry } from '../../core/book/index.ts';
import type { Kit } from '../../core/kit/index.ts';
import { dayAndTime, grams, LinkButton, temperature } from '../ui/index.ts';
import { BackupReminder } from '../backup/BackupReminder.tsx';
import { useExport } from '../backup/useExport.ts';
import { useKit } from '../store/index.ts';
import type { Asked } from './asked.ts';
import { addressOf, askedIn, isAsked, NOTHING_ASKED } from './asked.ts';
import { Ask } from './Ask.tsx';
import { BookTable } from './BookTable.tsx';
import { Drift } from './Drift.tsx';
import { EntrySheet } from './EntrySheet.tsx';
import type { Session } from '../session/index.ts';
import { useSession } from '../session/index.ts';
import { Landed } from './Landed.tsx';
import { LastLoadsByIron } from './LastLoads.tsx';
import type { Book, BowlEntry } from './useBook.ts';
import { useBook, useBowls, useIndexed } from './useBook.ts';

const VIEWS = ['Last loads', 'Table', 'Over time', 'Bowls'] as const;
type View = (typeof VIEWS)[number];

/** So many loads of each iron are drawn. */
const LAST = 5;

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
      {indexed === undefined || indexed >= count ? 'Looking …' : `Looking … indexing ${many(indexed)} of ${many(count)} loads`}
    </p>
  );
};

/** The bowls that were poured from. */
const Bowls = ({ lots, kit }: { readonly lots: readonly BowlEntry[]; readonly kit: Kit }) => (
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
);

const Head = ({ view, onView }: { readonly view: View; readonly onView: (view: View) => void }) => {
  const exportNow = useExport();
  return (
    <div className="flex flex-wrap items-baseline justify-between gap-x-8">
      <h1 className="text-[28px]">{view === 'Table' ? 'All loads' : view}</h1>
      <div role="group" aria-label="Show" className="flex flex-wrap items-center gap-x-7">
        {VIEWS.filter((name) => name !== view).map((name) => (
          <LinkButton key={name} onClick={() => onView(name)}>
            {name}
          </LinkButton>
        ))}
        <LinkButton icon={<Download aria-hidden className="size-5" />} onClick={() => void exportNow()}>
          Export
        </LinkButton>
      </div>
    </div>
  );
};

/** A view as it stands in an address. */
const slug = (view: View): string => view.toLowerCase().replace(' ', '-');

/** What is asked for and how it is shown, in the address; what was found, the last answer staying while the next one comes. */
const useAskedBook = () => {
  const [search, setSearch] = useSearchParams();
  const asked = useMemo(() => askedIn(search), [search]);
  const shownAs = VIEWS.find((name) => slug(name) === search.get('view')) ?? null;
  const write = useCallback(
    (next: Asked, view: View | null) =>
      setSearch({ ...addressOf(next), ...(view === null ? {} : { view: slug(view) }) }, { replace: true }),
    [setSearch],
  );
  const onAsk = useCallback((next: Asked) => write(next, shownAs), [write, shownAs]);
  const onView = useCallback((view: View) => write(asked, view), [write, asked]);
  const book = useBook(asked);
  const [last, setLast] = useState(book);
  if (book !== undefined && book !== last) setLast(book);
  return { asked, onAsk, write, shownAs, onView, book, shown: book ?? last };
};

export const LogDoor = () => {
  const kit = useKit();
  const session = useSession();
  const { asked, onAsk, write, shownAs, onView, book, shown } = useAskedBook();
  const isFiltered = isAsked(asked);
  const view = shownAs ?? (isFiltered ? 'Table' : 'Last loads');
  const [openId, setOpenId] = useState<string | null>(null);
  const lots = useBowls(view === 'Bowls');
  if (shown === undefined || lots === undefined || session === undefined) return null;
  const { entries } = shown;
  const onOpen = (entry: Entry): void => setOpenId(entry.load.id);
  const open = entries.find((entry) => entry.load.id === openId);
  return (
    <div className="flex flex-col gap-3 px-8 py-4 max-sm:px-5">
      <Head view={view} onView={onView} />
      <BackupReminder />
      {entries.length === 0 && !isFiltered ? (
        <p className="max-w-xl text-lg">
          Nothing cooked yet. Every load you pour at Cook appears here, with what was expected and how it came out.
        </p>
      ) : view === 'Bowls' ? (
        <Bowls lots={lots} kit={kit} />
      ) : view === 'Last loads' ? (
        <LastLoadsByIron session={session} entries={entries} most={LAST} onAll={(ironId) => write({ ...NOTHING_ASKED, ironId }, 'Table')} />
      ) : (
        <Asked
          view={view}
          asked={asked}
          onAsk={onAsk}
          book={book}
          shown={shown}
          irons={session.everyIron}
          zone={kit.zone}
          onOpen={onOpen}
        />
      )}
      {open !== undefined && <EntrySheet session={session} entry={open} entries={entries} kit={kit} onClose={() => setOpenId(null)} />}
    </div>
  );
};

type AskedProps = {
  readonly view: View;
  readonly asked: Asked;
  readonly onAsk: (asked: Asked) => void;
  readonly book: Book | undefined;
  readonly shown: Book;
  readonly irons: Session['everyIron'];
  readonly zone: string;
  readonly onOpen: (entry: Entry) => void;
};

/** Loads that are asked for: as a table, or over time. */
const Asked = ({ view, asked, onAsk, book, shown, irons, zone, onOpen }: AskedProps) => {
  const { entries, count, looked, isAll, more } = shown;
  const isFiltered = isAsked(asked);
  return (
    <>
      <Ask asked={asked} irons={irons} shown={entries} onAsk={onAsk} />
      {isFiltered && book !== undefined && (
        <p role="status" data-figure="found" data-exact={entries.length}>
          {foundWords(book)}
        </p>
      )}
      {isFiltered && book === undefined && <Looking count={count} />}
      {view === 'Over time' ? (
        <Drift entries={entries} zone={zone} onOpen={onOpen} />
      ) : (
        <>
          <Landed entries={entries} />
          <div className="overflow-x-auto">
            <BookTable entries={entries} zone={zone} onOpen={onOpen} />
          </div>
        </>
      )}
      {!isAll && (
        <button type="button" className="button-plain self-start" onClick={more}>
          {isFiltered
            ? looked === null
              ? 'Show more'
              : 'Look further back'
            : `Older loads (${Math.max(0, count - (looked ?? 0)).toLocaleString('en-GB')} more)`}
        </button>
      )}
    </>
  );
};
