import { CircleAlert, Clock, HardDrive } from 'lucide-react';
import { lazy, Suspense } from 'react';
import { describeSentence } from '../../words/index.ts';
import type { Jump } from '../clock/index.ts';
import { duration } from '../ui/index.ts';
import { jumpSlept, jumpTold, jumpWasSet, useAskedJumps, useNoticedJumps } from '../session/index.ts';
import { notices, useNotices, useProblems, useStorageTrouble } from '../store/index.ts';
import { loadUpdate } from './update.ts';
import { useExport } from '../backup/useExport.ts';

const Unreadable = lazy(async () => ({ default: (await import('./Unreadable.tsx')).Unreadable }));

/** A span as people say it, from ten seconds to days. */
const spanText = (seconds: number): string => {
  const minutes = Math.round(seconds / 60);
  return seconds < 90 ? `${Math.round(seconds)} s` : minutes < 60 ? `${minutes} min` : duration(60 * minutes);
};

const action = 'min-h-11 rounded bg-sheet px-3 font-semibold text-ink';

/** What concerns every station: trouble with storage, rows that can't be read, a clock that was set, things to be told once. */
export const Banners = () => {
  const trouble = useStorageTrouble();
  const told = useNotices();
  const { untold } = useNoticedJumps();
  const asked = useAskedJumps();
  const problems = useProblems();
  const exportNow = useExport();
  return (
    <>
      {trouble !== null && (
        <div role="alert" className="no-print flex flex-wrap items-center gap-3 bg-ink px-4 py-2 text-page">
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
      {asked.map((jump) => (
        <AskedJump key={jump.id} jump={jump} />
      ))}
      {untold !== null && (
        <div role="alert" className="no-print flex flex-wrap items-center gap-3 bg-sheet px-4 py-2 text-ink">
          <Clock aria-hidden className="size-5" />
          <span>
            The device’s clock was set {untold.jump_ms < 0 ? 'back' : 'forward'} by {spanText(Math.abs(untold.jump_ms) / 1000)}. Countdowns,
            bowls and boxes went on as if it hadn’t been; times of day are on the new clock.
          </span>
          <button type="button" className="button-plain" onClick={jumpTold}>
            OK
          </button>
        </div>
      )}
      {told.map(({ id, what }) => (
        <div key={id} role="alert" data-code={what.code} className="no-print flex flex-wrap items-center gap-3 bg-ink px-4 py-2 text-page">
          <CircleAlert aria-hidden className="size-5" />
          <span>{describeSentence(what)}.</span>
          {what.code === 'update-ready' && (
            <button type="button" className={action} onClick={() => void loadUpdate()}>
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

/** More time than was counted: a device that slept, or a clock that was set. Only the cook knows. */
const AskedJump = ({ jump }: { readonly jump: Jump }) => (
  <div
    role="alert"
    data-jump={jump.jump_ms}
    className="no-print flex items-center gap-3 bg-sheet px-4 py-2 text-lg text-ink max-md:flex-wrap"
  >
    <Clock aria-hidden className="size-6 shrink-0" />
    <span className="min-w-0 flex-1">
      The clock shows <b>{spanText(jump.jump_ms / 1000)}</b> more than this screen counted. Did the device sleep, or was its clock set?
    </span>
    <button type="button" className="button-act min-h-16 shrink-0" onClick={() => jumpSlept(jump)}>
      It slept
    </button>
    <button type="button" className="button-plain min-h-16 shrink-0" onClick={() => jumpWasSet(jump)}>
      The clock was set
    </button>
  </div>
);
