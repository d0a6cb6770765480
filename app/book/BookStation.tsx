import { useState } from 'react';
import { Download } from 'lucide-react';
import { dayAndTime, grams, temperature } from '../look/index.ts';
import { useExport } from '../shell/useExport.ts';
import { useKit } from '../store/index.ts';
import { BookTable } from './BookTable.tsx';
import { EntrySheet } from './EntrySheet.tsx';
import { useSession } from '../session/index.ts';
import { Landed } from './Landed.tsx';
import { Meaning } from './Meaning.tsx';
import { useBook, useBowls } from './useBook.ts';

export const BookStation = () => {
  const kit = useKit();
  const session = useSession();
  const book = useBook();
  const [openId, setOpenId] = useState<string | null>(null);
  const [bowls, setBowls] = useState(false);
  const lots = useBowls(bowls);
  const exportNow = useExport();
  if (book === undefined || lots === undefined) return null;
  const { entries, count, more } = book;
  const open = entries.find((entry) => entry.load.id === openId);
  return (
    <div className="flex flex-col gap-3 px-5 py-3">
      <div className="flex flex-wrap items-baseline justify-between gap-4">
        <h1 className="text-2xl">The book</h1>
        <div className="flex gap-2">
          <div role="group" aria-label="Show" className="flex overflow-hidden rounded-md border-2 border-act">
            {(['Loads', 'Bowls'] as const).map((name) => (
              <button
                key={name}
                type="button"
                aria-pressed={bowls === (name === 'Bowls')}
                className={`min-h-11 px-4 font-semibold ${bowls === (name === 'Bowls') ? 'bg-act text-white' : 'text-act'}`}
                onClick={() => setBowls(name === 'Bowls')}
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
      {entries.length === 0 ? (
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
          {session !== undefined && <Meaning session={session} />}
          <Landed entries={entries} />
          <div className="overflow-x-auto">
            <BookTable entries={entries} zone={kit.zone} onOpen={(entry) => setOpenId(entry.load.id)} />
          </div>
          {entries.length < count && (
            <button type="button" className="button-plain self-start" onClick={more}>
              Older loads ({(count - entries.length).toLocaleString('en-GB')} more)
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
