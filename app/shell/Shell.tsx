import { lazy, Suspense, useEffect, useRef, useState } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { Outlet, useLocation, useNavigate } from 'react-router';
import type { RunningLoad } from '../../core/line/index.ts';
import { Banners } from './Banners.tsx';
import { keptRehearsal } from '../rehearsal/kept.ts';
import { useNow } from '../clock/index.ts';
import { SessionContext, useClockJumps, useKnownRows, useLoadsInIrons, useSession, useSessionOfStore } from '../session/index.ts';
import { loadIsRunning } from './update.ts';
import { Contained } from './Contained.tsx';
import { PAGE_KEYS, SEARCH_KEY } from '../keys/index.ts';
import { Rail } from './Rail.tsx';
import type { OpenSheet, OpenSheets } from '../doors.ts';
import { DOORS, doorOf } from '../doors.ts';
import { Hint } from './Hint.tsx';
import { useHints } from './hints.ts';
import { Strip } from './strip/Strip.tsx';
import { useDrops } from './useDrops.ts';

const RehearsalBar = lazy(async () => ({ default: (await import('../rehearsal/RehearsalBar.tsx')).RehearsalBar }));
const SearchSheet = lazy(async () => ({ default: (await import('./search/SearchSheet.tsx')).SearchSheet }));
const HelpSheet = lazy(async () => ({ default: (await import('./HelpSheet.tsx')).HelpSheet }));

const NO_LOADS: readonly RunningLoad[] = [];
const RUNNING_TICK_MS = 30_000;
/** A load that nobody opened by then was forgotten: it holds nothing up. */
const FORGOTTEN_MS = 12 * 3_600_000;

/** What every door works on is asked of the store once, here. */
export const Shell = () => {
  useClockJumps();
  const now = useNow(RUNNING_TICK_MS);
  const inIrons = useLoadsInIrons(now) ?? NO_LOADS;
  const isRunning = inIrons.some(({ load, progress }) => progress.phase !== 'opened' && now - load.startedAt < FORGOTTEN_MS);
  useEffect(() => loadIsRunning(isRunning), [isRunning]);
  const session = useSessionOfStore();
  useKnownRows(session, inIrons);
  return (
    <SessionContext value={session}>
      <Frame />
    </SessionContext>
  );
};

/** Cook says itself what is next; who is new has nothing that is. */
const WITHOUT_STRIP: readonly string[] = ['/cook', '/welcome', '/setup'];

/** Pages that need neither iron nor batter. */
const WITHOUT_QUESTIONS: readonly string[] = ['/setup', '/kitchen', '/iron/practice', '/welcome'];

/** A kitchen with nothing in it opens where its first questions are; once, so that they can be left. */
const useFirstQuestions = (): void => {
  const navigate = useNavigate();
  const { pathname } = useLocation();
  const session = useSession();
  const wasAsked = useRef(false);
  const isNew = session !== undefined && session.everyIron.length === 0 && session.everyFormula.length === 0;
  useEffect(() => {
    if (!isNew || wasAsked.current) return;
    wasAsked.current = true;
    if (!WITHOUT_QUESTIONS.includes(pathname)) void navigate('/setup', { replace: true });
  }, [isNew, pathname, navigate]);
};

const OTHER_NAMES: Readonly<Record<string, string>> = { '/setup': 'Set up', '/welcome': 'Welcome' };

/** The keys that work on every page. */
const usePageKeys = (open: (sheet: OpenSheet) => void): void => {
  const navigate = useNavigate();
  useHotkeys(
    DOORS.map(({ key }) => key),
    (event) => {
      const door = DOORS.find(({ key }) => key === event.key);
      if (door !== undefined) void navigate(door.path);
    },
    { ...PAGE_KEYS, useKey: true },
  );
  useHotkeys('?', () => open('help'), { ...PAGE_KEYS, useKey: true });
  useHotkeys(
    SEARCH_KEY,
    (event) => {
      event.preventDefault();
      open('search');
    },
    { ...PAGE_KEYS, useKey: true },
  );
};

/** The rail at the side, the next act on top, the door in the middle. */
const Frame = () => {
  const { pathname } = useLocation();
  const [sheet, setSheet] = useState<OpenSheet>(null);
  useFirstQuestions();
  usePageKeys(setSheet);
  const drops = useDrops();
  const hints = useHints();
  const door = doorOf(pathname);
  const hint = hints.hintFor(door?.path === pathname ? door.path : undefined);
  const isCook = pathname === '/cook';
  const name = door?.name ?? OTHER_NAMES[pathname] ?? '';
  useEffect(() => {
    document.title = name === '' ? 'Tawny Lattice' : `${name} · Tawny Lattice`;
  }, [name]);
  const close = (): void => setSheet(null);
  return (
    <div className="flex h-full flex-col bg-page text-ink" {...drops.handlers}>
      <a href="#door" className="sr-only focus:not-sr-only focus:absolute focus:z-50 focus:bg-sheet focus:p-3">
        Skip to the page
      </a>
      {keptRehearsal() !== null && (
        <Suspense>
          <RehearsalBar />
        </Suspense>
      )}
      <Banners />
      <div className="flex min-h-0 flex-1 max-sm:flex-col">
        <Rail isCook={isCook} onSearch={() => setSheet('search')} onHelp={() => setSheet('help')} />
        <div className="flex min-h-0 min-w-0 flex-1 flex-col">
          {!WITHOUT_STRIP.includes(pathname) && (
            <Contained>
              <Strip />
            </Contained>
          )}
          {hint !== null && door !== undefined && <Hint text={hint} onRead={() => hints.gotIt(door.path)} />}
          <main
            id="door"
            tabIndex={-1}
            aria-label={name}
            className={`min-h-0 min-w-0 flex-1 outline-none ${isCook ? 'overflow-hidden' : 'overflow-y-auto'}`}
          >
            <Outlet context={setSheet satisfies OpenSheets} />
          </main>
        </div>
      </div>
      {drops.isOver && (
        <p className="pointer-events-none fixed inset-4 z-50 grid place-items-center rounded-3xl border-4 border-dashed border-act bg-act-soft/90 text-3xl font-bold">
          Drop a recipe or a kitchen file
        </p>
      )}
      <Suspense>
        {sheet === 'help' && (
          <HelpSheet
            open
            onClose={close}
            onHints={() => {
              hints.again();
              close();
            }}
          />
        )}
        {sheet === 'search' && <SearchSheet onClose={close} />}
      </Suspense>
    </div>
  );
};
