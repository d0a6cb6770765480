import { useMemo, useState } from 'react';
import { Download } from 'lucide-react';
import { loadProgress } from '../../core/log/index.ts';
import { grams, dayAndTime } from '../look/index.ts';
import { useExport } from '../shell/useExport.ts';
import { logOf, newestByName, useKit, useLogs, useRows } from '../store/index.ts';
import { BookTable } from './BookTable.tsx';
import { EntrySheet } from './EntrySheet.tsx';
import { Landed } from './Landed.tsx';
import { entryOf } from './entries.ts';

/** Older loads stay in the file and the store; the screen shows this many. */
const MOST_SHOWN = 300;

export const BookStation = () => {
  const kit = useKit();
  const loads = useRows('loads');
  const lots = useRows('lots');
  const predictions = useRows('predictions');
  const ironRows = useRows('irons');
  const shown = useMemo(() => [...(loads ?? [])].sort((a, b) => b.startedAt - a.startedAt).slice(0, MOST_SHOWN), [loads]);
  const logs = useLogs(shown.map((load) => load.id));
  const exportNow = useExport();
  const [openId, setOpenId] = useState<string | null>(null);
  const [bowls, setBowls] = useState(false);
  const entries = useMemo(() => {
    if (logs === undefined || lots === undefined || predictions === undefined || ironRows === undefined) return [];
    const irons = newestByName(ironRows);
    return shown.map((load) =>
      entryOf(
        load,
        logOf(logs, load.id),
        lots.find((lot) => lot.id === load.lotId) ?? null,
        irons.find((iron) => iron.id === load.ironId) ?? null,
        predictions.find((p) => p.id === load.predictionId) ?? null,
      ),
    );
  }, [shown, logs, lots, predictions, ironRows]);
  if (loads === undefined || logs === undefined || lots === undefined) return null;
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
          {[...lots]
            .sort((a, b) => b.madeAt - a.madeAt)
            .map((lot) => {
              const mine = entries.filter((entry) => entry.load.lotId === lot.id);
              const done = mine.filter((entry) => loadProgress(entry.log).phase === 'opened').length;
              return (
                <li key={lot.id} className="flex flex-wrap items-baseline gap-x-6 border-b border-line py-2.5">
                  <span className="w-44 text-quiet">{dayAndTime(lot.madeAt, kit.zone)}</span>
                  <b className="font-display text-lg">{lot.name}</b>
                  <span>{grams(lot.mass_g)} g</span>
                  <span>{lot.temperature_C} °C</span>
                  <span>
                    {mine.length} loads poured, {done} opened
                  </span>
                </li>
              );
            })}
        </ul>
      ) : (
        <>
          <Landed entries={entries} />
          <div className="overflow-x-auto">
            <BookTable entries={entries} zone={kit.zone} onOpen={(entry) => setOpenId(entry.load.id)} />
          </div>
        </>
      )}
      {open !== undefined && <EntrySheet entry={open} kit={kit} onClose={() => setOpenId(null)} />}
    </div>
  );
};
