import { CircleAlert, Clock, HardDrive } from 'lucide-react';
import { lazy, Suspense } from 'react';
import { describeSentence } from '../../words/index.ts';
import { jumpTold, useNoticedJumps } from '../session/index.ts';
import { notices, useNotices, useProblems, useStorageTrouble } from '../store/index.ts';
import { loadUpdate } from './update.ts';
import { useExport } from './useExport.ts';

const Unreadable = lazy(async () => ({ default: (await import('./Unreadable.tsx')).Unreadable }));

const action = 'min-h-11 rounded bg-white px-3 font-semibold text-ink';

/** What concerns every station: trouble with storage, rows that can't be read, a clock that was set, things to be told once. */
export const Banners = () => {
  const trouble = useStorageTrouble();
  const told = useNotices();
  const { untold } = useNoticedJumps();
  const problems = useProblems();
  const exportNow = useExport();
  return (
    <>
      {trouble !== null && (
        <div role="alert" className="no-print flex flex-wrap items-center gap-3 bg-ink px-4 py-2 text-white">
          <HardDrive aria-hidden className="size-5" />
          <span>{describeSentence({ code: trouble, fields: {} })}.</span>
          <button type="button" className={action} onClick={() => void exportNow()}>
            Export now
          </button>
        </div>
      )}
      {problems.size > 0 && (
        <Suspense>
          <Unreadable onExport={() => void exportNow()} />
        </Suspense>
      )}
      {untold !== null && (
        <div role="alert" className="no-print flex flex-wrap items-center gap-3 bg-white px-4 py-2 text-ink">
          <Clock aria-hidden className="size-5" />
          <span>
            The device’s clock jumped by {Math.round(untold.jump_ms / 1000)} s. The countdowns went on as if it hadn’t; opening times are on
            the new clock.
          </span>
          <button type="button" className="button-plain" onClick={jumpTold}>
            Good
          </button>
        </div>
      )}
      {told.map(({ id, what }) => (
        <div key={id} role="alert" data-code={what.code} className="no-print flex flex-wrap items-center gap-3 bg-ink px-4 py-2 text-white">
          <CircleAlert aria-hidden className="size-5" />
          <span>{describeSentence(what)}.</span>
          {what.code === 'update-ready' && (
            <button type="button" className={action} onClick={loadUpdate}>
              Load it
            </button>
          )}
          {what.code === 'store-moved-on' && (
            <button type="button" className={action} onClick={() => window.location.reload()}>
              Load again
            </button>
          )}
          <button type="button" className={action} onClick={() => notices.drop(id)}>
            {what.code === 'update-ready' ? 'Later' : 'Good'}
          </button>
        </div>
      ))}
    </>
  );
};
